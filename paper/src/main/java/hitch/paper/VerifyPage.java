package hitch.paper;

import java.util.Map;

/** Writes {@code verify.html}: a page on which whoever has no Hitch holds a parcel against its manifest, with no network. */
public final class VerifyPage {
    /** What it is called within a parcel. */
    public static final String FILE = "verify.html";

    private VerifyPage() {}

    public static String write() {
        Map<String, Object> values = Templates.look();
        values.put("script", Templates.text("verify.js"));
        return Templates.fill("verify", values);
    }
}

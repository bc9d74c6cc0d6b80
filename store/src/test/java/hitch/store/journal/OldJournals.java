package hitch.store.journal;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;

/** Journals as earlier versions wrote them, with what they delivered from them. */
final class OldJournals {
    private OldJournals() {}

    /** A journal of an older format, with what was delivered from it then. */
    static byte[] of(int format) throws IOException {
        return file("format-" + format + ".jsonl");
    }

    static String findings(int format) throws IOException {
        return new String(file("format-" + format + ".findings.csv"), StandardCharsets.UTF_8);
    }

    static String line(int format) throws IOException {
        return new String(file("format-" + format + ".line.json"), StandardCharsets.UTF_8);
    }

    static byte[] first() throws IOException {
        return of(1);
    }

    private static byte[] file(String name) throws IOException {
        try (InputStream in = OldJournals.class.getResourceAsStream("/hitch/store/journals/" + name)) {
            return in.readAllBytes();
        }
    }
}

package hitch.store;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Locale;

/** File names made from what people typed. */
public final class FileNames {
    /** What this machine writes names of files in. */
    private static final Charset SYSTEM =
            Charset.forName(System.getProperty("sun.jnu.encoding", "UTF-8"), StandardCharsets.UTF_8);

    private FileNames() {}

    private static final int LONGEST = 60;
    /** Digits of the mark by which long names that begin alike are told apart. */
    private static final int MARK = 8;

    /**
     * {@code text} with every character a file system could stumble over as a hyphen; never empty. A long text is cut and
     * gets a mark of all of it, so that two long texts have two names.
     */
    public static String safe(String text) {
        return safe(text, SYSTEM);
    }

    /**
     * @param system the letters that names of files can have on this machine; other ones become hyphens, and a mark tells
     *     such names apart
     */
    static String safe(String text, Charset system) {
        String name = text.strip()
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}]+", "-")
                .replaceAll("^-+|-+$", "");
        if (!system.newEncoder().canEncode(name)) {
            String plain = name.replaceAll("[^a-z0-9]+", "-").replaceAll("^-+|-+$", "");
            name = (plain.isEmpty() ? "job" : plain) + "-" + mark(name);
        }
        String shortened = name.length() > LONGEST ? cut(name, LONGEST - MARK - 1) + "-" + mark(name) : name;
        // Windows keeps a few names for devices.
        boolean kept = shortened.matches("con|prn|aux|nul|com\\d|lpt\\d");
        return shortened.isEmpty() || kept ? "job" + (kept ? "-" + shortened : "") : shortened;
    }

    private static String mark(String name) {
        return String.format("%08x", name.hashCode());
    }

    /** At most so much of it, and never half of a letter. */
    private static String cut(String name, int most) {
        return name.substring(0, Character.isHighSurrogate(name.charAt(most - 1)) ? most - 1 : most);
    }
}

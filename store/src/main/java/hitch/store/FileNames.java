package hitch.store;

import java.util.Locale;

/** File names made from what people typed. */
public final class FileNames {
    private FileNames() {}

    private static final int LONGEST = 60;
    /** Digits of the mark by which long names that begin alike are told apart. */
    private static final int MARK = 8;

    /**
     * {@code text} with every character a file system could stumble over as a hyphen; never empty. A long text is cut and
     * gets a mark of all of it, so that two long texts have two names.
     */
    public static String safe(String text) {
        String name = text.strip()
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}]+", "-")
                .replaceAll("^-+|-+$", "");
        String shortened = name.length() > LONGEST
                ? name.substring(0, LONGEST - MARK - 1) + "-" + String.format("%08x", name.hashCode())
                : name;
        // Windows keeps a few names for devices.
        boolean kept = shortened.matches("con|prn|aux|nul|com\\d|lpt\\d");
        return shortened.isEmpty() || kept ? "job" + (kept ? "-" + shortened : "") : shortened;
    }
}

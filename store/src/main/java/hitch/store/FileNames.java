package hitch.store;

import java.util.Locale;

/** File names made from what people typed. */
public final class FileNames {
    private FileNames() {}

    /** {@code text} with every character a file system could stumble over as a hyphen; never empty. */
    public static String safe(String text) {
        String name = text.strip()
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}]+", "-")
                .replaceAll("^-+|-+$", "");
        String shortened = name.length() > 60 ? name.substring(0, 60) : name;
        // Windows keeps a few names for devices.
        boolean kept = shortened.matches("con|prn|aux|nul|com\\d|lpt\\d");
        return shortened.isEmpty() || kept ? "job" + (kept ? "-" + shortened : "") : shortened;
    }
}

package hitch.store;

import java.nio.file.Path;
import java.util.Locale;

/** Where Hitch keeps what belongs to the user rather than to a job: the log, the recent jobs, fresh demo copies. */
public final class DataFolder {
    private DataFolder() {}

    /** The folder; {@code HITCH_DATA} overrides the platform's usual place. */
    public static Path path() {
        String chosen = System.getProperty("hitch.data", System.getenv().getOrDefault("HITCH_DATA", ""));
        if (!chosen.isBlank()) {
            return Path.of(chosen);
        }
        String home = System.getProperty("user.home");
        String os = System.getProperty("os.name").toLowerCase(Locale.ROOT);
        if (os.contains("win")) {
            return Path.of(System.getenv().getOrDefault("APPDATA", home), "Hitch");
        }
        if (os.contains("mac")) {
            return Path.of(home, "Library", "Application Support", "Hitch");
        }
        String share = System.getenv().getOrDefault("XDG_DATA_HOME", "");
        return share.isBlank() ? Path.of(home, ".local", "share", "hitch") : Path.of(share, "hitch");
    }
}

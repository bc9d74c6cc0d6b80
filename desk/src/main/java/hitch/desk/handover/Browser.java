package hitch.desk.handover;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;

/** Has the machine open a page or a folder in whatever shows such things on it. */
final class Browser {
    private Browser() {}

    /** What is to be told where nothing could be started; blank where it was. */
    static String open(Path what) {
        try {
            new ProcessBuilder(command(
                            System.getProperty("os.name", ""), what.toUri().toString()))
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start();
            return "";
        } catch (IOException e) {
            return "No browser could be started here. Open " + what + " yourself.";
        }
    }

    static List<String> command(String system, String address) {
        String name = system.toLowerCase(Locale.ROOT);
        if (name.contains("win")) {
            return List.of("rundll32", "url.dll,FileProtocolHandler", address);
        }
        return List.of(name.contains("mac") ? "open" : "xdg-open", address);
    }
}

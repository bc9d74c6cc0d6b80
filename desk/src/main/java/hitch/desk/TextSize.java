package hitch.desk;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** The desk's stylesheet with its text larger; everything else keeps its size, so that more fits than by zooming. */
final class TextSize {
    /** Sizes of text, and heights that hold a line of it; what is measured in em grows by itself. */
    private static final Pattern SIZES =
            Pattern.compile("(-fx-font-size|-fx-min-height|-fx-max-height|-fx-pref-height): ([0-9.]+)(px)?(?=[;\\s}])");

    private TextSize() {}

    /**
     * Where the stylesheet is for text {@code times} as large.
     *
     * @param times 1 to 2
     */
    static String stylesheet(double times) {
        if (times == 1) {
            return TextSize.class.getResource("desk.css").toExternalForm();
        }
        try (InputStream file = TextSize.class.getResourceAsStream("desk.css")) {
            String css = new String(file.readAllBytes(), StandardCharsets.UTF_8);
            String larger = SIZES.matcher(css).replaceAll(m -> scaled(m, times));
            return "data:text/css;base64,"
                    + Base64.getEncoder().encodeToString(larger.getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new IllegalStateException("the desk's stylesheet is missing from the program", e);
        }
    }

    private static String scaled(MatchResult size, double times) {
        return String.format(
                Locale.ROOT,
                "%s: %.2f%s",
                size.group(1),
                times * Double.parseDouble(size.group(2)),
                size.group(3) == null ? "" : size.group(3));
    }
}

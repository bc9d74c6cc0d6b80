package hitch.core.caption;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Puts words of the trade for ordinary ones that sound alike, where a machine wrote speech down: {@code routes} for roots, {@code cost
 * iron} for cast iron. The list is {@code sounds.txt}.
 */
public final class SoundAlikes {
    private record Alike(Pattern heard, String said) {}

    private static final List<Alike> LIST = read();

    private SoundAlikes() {}

    /** Mends a text. */
    public static String mended(String text) {
        return mended(text, new int[0]);
    }

    /**
     * Mends a text.
     *
     * @param starts where its captions begin; moved with it
     */
    public static String mended(String text, int[] starts) {
        String mended = text;
        for (Alike alike : LIST) {
            Matcher heard = alike.heard().matcher(mended);
            StringBuilder out = null;
            int from = 0;
            int moved = 0;
            while (heard.find()) {
                if (out == null) {
                    out = new StringBuilder();
                }
                out.append(mended, from, heard.start()).append(alike.said());
                int more = alike.said().length() - (heard.end() - heard.start());
                for (int i = 0; i < starts.length; i++) {
                    if (starts[i] >= heard.end() + moved) {
                        starts[i] += more;
                    } else if (starts[i] > heard.start() + moved) {
                        // A caption that began within what was mended begins with it.
                        starts[i] = heard.start() + moved;
                    }
                }
                moved += more;
                from = heard.end();
            }
            if (out != null) {
                mended = out.append(mended.substring(from)).toString();
            }
        }
        return mended;
    }

    private static List<Alike> read() {
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                Objects.requireNonNull(SoundAlikes.class.getResourceAsStream("sounds.txt")), StandardCharsets.UTF_8))) {
            return lines.lines()
                    .filter(l -> !l.isBlank() && !l.startsWith("#"))
                    .map(SoundAlikes::alike)
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Alike alike(String line) {
        int arrow = line.indexOf(" => ");
        return new Alike(
                Pattern.compile(line.substring(0, arrow), Pattern.CASE_INSENSITIVE), line.substring(arrow + 4));
    }
}

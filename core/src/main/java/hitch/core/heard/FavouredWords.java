package hitch.core.heard;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;

/** What ears may expect to hear beside a pipe: the phrases of {@code favoured.txt}, in small letters. */
public final class FavouredWords {
    private FavouredWords() {}

    public static List<String> all() {
        try (InputStream in = FavouredWords.class.getResourceAsStream("favoured.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .map(l -> l.strip().toLowerCase(Locale.ROOT))
                    .filter(l -> !l.isEmpty() && !l.startsWith("#"))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

package hitch.core.detail;

import java.time.Duration;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Short times as people write them: {@code 40 s}, {@code 2 min}, {@code 1 min 30 s}. */
final class Times {
    private static final Pattern TEXT =
            Pattern.compile("(?:(\\d{1,5}) ?(?:min|m|minutes?))?(?: ?(\\d{1,6}) ?(?:s|sec|secs|seconds?))?");

    private Times() {}

    static String write(Duration time) {
        long minutes = time.toMinutes();
        long seconds = time.toSecondsPart();
        return minutes == 0 ? seconds + " s" : seconds == 0 ? minutes + " min" : minutes + " min " + seconds + " s";
    }

    static Optional<Duration> read(String text) {
        Matcher m = TEXT.matcher(text.strip().toLowerCase(Locale.ROOT));
        if (text.isBlank() || !m.matches()) {
            return Optional.empty();
        }
        long minutes = m.group(1) == null ? 0 : Long.parseLong(m.group(1));
        long seconds = m.group(2) == null ? 0 : Long.parseLong(m.group(2));
        return Optional.of(Duration.ofSeconds(minutes * 60 + seconds));
    }
}

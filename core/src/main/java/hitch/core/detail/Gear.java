package hitch.core.detail;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A part of the camera's gear that was put on or taken off within a run.
 *
 * @param part which
 * @param size how it was told apart from another of its sort, such as {@code big}; blank where there is one
 * @param on whether it was on from then; empty where only the part is spoken of
 */
public record Gear(Part part, String size, Optional<Boolean> on) {
    private static final Pattern TEXT = Pattern.compile("(?:(big|small) )?(head|skid|guide)(?: (on|off))?");

    /** What there is to put on. */
    public enum Part implements Worded {
        HEAD("head"),
        SKID("skid"),
        GUIDE("guide");

        private final String word;

        Part(String word) {
            this.word = word;
        }

        @Override
        public String word() {
            return word;
        }
    }

    public String words() {
        return (size.isBlank() ? "" : size + " ")
                + part.word()
                + on.map(o -> o ? " on" : " off").orElse("");
    }

    /** Reads {@code skid off}, {@code big skid on} and {@code head}. */
    public static Optional<Gear> read(String text) {
        Matcher m = TEXT.matcher(text.strip());
        return m.matches()
                ? Optional.of(new Gear(
                        Part.valueOf(m.group(2).toUpperCase(java.util.Locale.ROOT)),
                        m.group(1) == null ? "" : m.group(1),
                        Optional.ofNullable(m.group(3)).map("on"::equals)))
                : Optional.empty();
    }
}

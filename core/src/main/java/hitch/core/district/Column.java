package hitch.core.district;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/**
 * A column of a district's table.
 *
 * @param name what stands over it
 * @param field what stands in it
 */
public record Column(String name, Field field) {
    /** What can stand in a column. */
    public enum Field {
        CODE,
        WORDS,
        KIND,
        /** From the district's datum, the end nearer to it. */
        STATION,
        /** The other end of a stretch; empty for a point. */
        STATION_END,
        LENGTH,
        CLOCK,
        SIZE,
        SHARE,
        /** How size or share is known: measured on the picture, with its error, or judged by eye. */
        SIZE_HOW,
        HOW_SURE,
        REMARK,
        FINDING,
        STILL,
        CLIP,
        TIME,
        UPPER,
        LOWER,
        RECORDED,
        PROPERTY;

        /** As it is written in a form. */
        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }

        /** The one that is written so. */
        public static Optional<Field> of(String word) {
            return Arrays.stream(values())
                    .filter(f -> f.word().equalsIgnoreCase(word.strip()))
                    .findFirst();
        }
    }

    public Column {
        name = name.strip();
        if (name.isEmpty()) {
            throw new IllegalArgumentException("a column is called something");
        }
    }
}

package hitch.core.note;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A note while its rules take parts of it. A part once taken is blanked, so that no two rules read the same figure;
 * what no rule takes is the remark.
 */
final class Taking {
    private final String note;
    private final StringBuilder open;
    private final BitSet taken = new BitSet();
    private final List<Chip> chips = new ArrayList<>();

    Taking(String note) {
        this.note = note;
        this.open = new StringBuilder(note.toLowerCase(Locale.ROOT));
        // Lower-casing can lengthen rare letters; then the note is read as it was typed, so places stay true.
        if (open.length() != note.length()) {
            open.setLength(0);
            open.append(note);
        }
    }

    /** A value understood and the label of its chip. */
    record Taken<T>(T value, String label) {}

    /** Where {@code pattern} first matches what is not taken yet; -1 for nowhere. */
    int find(Pattern pattern) {
        Matcher matcher = pattern.matcher(open);
        return matcher.find() ? matcher.start() : -1;
    }

    /** Takes the first match of {@code pattern} that {@code read} makes sense of. */
    <T> Optional<T> take(Pattern pattern, Chip.Sort sort, BiFunction<Matcher, String, Optional<Taken<T>>> read) {
        Matcher matcher = pattern.matcher(open);
        while (matcher.find()) {
            Optional<Taken<T>> taken = read.apply(matcher, matcher.group());
            if (taken.isPresent()) {
                chips.add(new Chip(sort, taken.get().label(), matcher.start(), matcher.end()));
                this.taken.set(matcher.start(), matcher.end());
                for (int i = matcher.start(); i < matcher.end(); i++) {
                    open.setCharAt(i, '\u0000');
                }
                return Optional.of(taken.get().value());
            }
        }
        return Optional.empty();
    }

    List<Chip> chips() {
        return chips.stream().sorted(Comparator.comparingInt(Chip::start)).toList();
    }

    /** The untaken text, its gaps and loose commas closed. */
    String remark() {
        StringBuilder rest = new StringBuilder();
        for (int i = 0; i < note.length(); i++) {
            rest.append(taken.get(i) ? ' ' : note.charAt(i));
        }
        return rest.toString()
                .replaceAll("\\s+", " ")
                .replaceAll("(?:\\s*[,;]\\s*)+", ", ")
                .replaceAll("^[\\s,;.:]+|[\\s,;:]+$", "")
                .strip();
    }
}

package hitch.core.talk.place;

import hitch.core.note.SaidNumber;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/** The words, numbers and signs of a text, in order; asked beyond its ends it has nothing. */
final class Row {
    /**
     * One of them.
     *
     * @param text lower case, without apostrophes; a number as it was said, with the apostrophe of a year that is cut short
     * @param value of a number; not a number for all else
     */
    record Item(String text, double value, int start, int end) {
        boolean isNumber() {
            return !Double.isNaN(value);
        }

        /** Whether it is written in figures with a tenth: {@code 22.1}. */
        boolean isDecimal() {
            return text.matches("\\d+\\.\\d");
        }

        /** Whether it is written in two figures and more. */
        boolean isFigures() {
            return text.matches("[1-9]\\d+");
        }

        boolean isSign() {
            return !isNumber() && !Character.isLetterOrDigit(text.charAt(0));
        }
    }

    private static final Item NONE = new Item(".", Double.NaN, -1, -1);
    private static final Pattern PIECE = Pattern.compile("[\\p{L}\\d][\\p{L}\\d'\u2019]*|[.,!?;:#$%&/\"-]");
    private static final Pattern OF_ONE = Pattern.compile("(joint|pipe|line|spot|piece|fitting|connection)['\u2019]s");
    private static final Set<String> SOUNDS = Set.of("uh", "um", "er", "erm", "ah", "uhh", "umm");

    private final List<Item> items = new ArrayList<>();

    Row(String text, List<SaidNumber> numbers) {
        Matcher piece = PIECE.matcher(text);
        int next = 0;
        int at = 0;
        while (piece.find(at)) {
            while (next < numbers.size() && numbers.get(next).end() <= piece.start()) {
                next++;
            }
            boolean number = next < numbers.size() && numbers.get(next).start() <= piece.start();
            if (number) {
                SaidNumber said = numbers.get(next++);
                items.add(new Item(
                        (isCutShort(text, said.start()) ? "'" : "")
                                + text.substring(said.start(), said.end()).toLowerCase(Locale.ROOT),
                        said.value(),
                        said.start(),
                        said.end()));
                at = Math.max(said.end(), piece.end());
                joinFigures();
            } else {
                items.add(new Item(plain(piece.group()), Double.NaN, piece.start(), piece.end()));
                at = piece.end();
            }
        }
    }

    /** "'06". */
    private static boolean isCutShort(String text, int at) {
        return at > 0
                && (text.charAt(at - 1) == '\'' || text.charAt(at - 1) == '\u2019')
                && (at == 1 || text.charAt(at - 2) == ' ');
    }

    /** Whether a sign of a sentence stands among so many items before one and behind it, or the text ends there. */
    boolean hasSignsAbout(int i, int many) {
        return IntStream.range(i - many, i + many)
                .mapToObj(this::at)
                .anyMatch(item -> item.isSign() && item.text().matches("[.,!?;:]"));
    }

    /** "Joint's offset" is one joint, and not so many of them. */
    private static String plain(String word) {
        String lower = word.toLowerCase(Locale.ROOT);
        Matcher one = OF_ONE.matcher(lower);
        return one.matches() ? one.group(1) : lower.replaceAll("['\u2019]", "");
    }

    /** "80 4" as a machine writes down what was said as eighty-four. */
    private void joinFigures() {
        int last = items.size() - 1;
        Item ones = items.get(last);
        Item tens = last > 0 ? items.get(last - 1) : NONE;
        boolean figures =
                ones.text().matches("[1-9]") && tens.text().matches("[2-9]0") && tens.end() + 1 == ones.start();
        if (figures) {
            items.remove(last);
            items.set(
                    last - 1,
                    new Item(tens.text() + " " + ones.text(), tens.value() + ones.value(), tens.start(), ones.end()));
        }
    }

    /** Words, as they stand in a row. */
    static Set<String> words(String spaced) {
        return new HashSet<>(List.of(spaced.split(" +")));
    }

    int size() {
        return items.size();
    }

    Item at(int i) {
        return i >= 0 && i < items.size() ? items.get(i) : NONE;
    }

    boolean is(int i, Set<String> words) {
        return words.contains(at(i).text());
    }

    /** A sound that a speaker makes while thinking. */
    boolean isSound(int i) {
        return SOUNDS.contains(at(i).text());
    }

    boolean endsSentence(int i) {
        return at(i).text().matches("[.!?;]");
    }
}

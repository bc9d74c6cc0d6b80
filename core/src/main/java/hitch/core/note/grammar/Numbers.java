package hitch.core.note.grammar;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Joins tokens that speak one number: {@code nineteen point four}, {@code a hundred and three}, {@code one and a half},
 * {@code 3/4}, {@code two thirds}.
 */
final class Numbers {
    /** Words after which a lone "one" counts something. */
    private static final Set<String> COUNTED =
            Set.of("foot", "feet", "inch", "oclock", "o", "percent", "point", "to", "metre", "meter", "mark", "degree");

    private final TokenRow in;
    private final Fractions fractions;
    private final List<Token> out = new ArrayList<>();
    private int at;
    private int next;

    private Numbers(List<Token> tokens) {
        this.in = new TokenRow(tokens);
        this.fractions = new Fractions(in);
    }

    static List<Token> join(List<Token> tokens) {
        Numbers numbers = new Numbers(tokens);
        while (numbers.at < tokens.size()) {
            numbers.step();
        }
        return numbers.out;
    }

    private void step() {
        double value = fractions.alone(at);
        if (Double.isNaN(value)) {
            next = at;
            value = whole();
            if (!Double.isNaN(value)) {
                value = fractions.after(withPoint(value), next);
            }
        }
        if (Double.isNaN(value)) {
            out.add(in.at(at++));
            return;
        }
        next = fractions.next();
        Token last = in.at(next - 1);
        StringBuilder text = new StringBuilder();
        in.between(at, next).forEach(t -> text.append(text.isEmpty() ? "" : " ").append(t.text()));
        out.add(new Token(text.toString(), value, in.at(at).start(), last.end()));
        at = next;
    }

    private double whole() {
        Token t = in.at(next);
        if (t == null) {
            return Double.NaN;
        }
        if (t.isNumber()) {
            next++;
            return t.value();
        }
        if (t.is("point") && NumberWords.UNITS.containsKey(in.word(next + 1))) {
            return 0;
        }
        if (t.is("a") && "hundred".equals(in.word(next + 1))) {
            next += 2;
            return 100 + tail();
        }
        if (t.is("hundred") && !in.word(next - 1).matches("couple|few|several|many|some|hundred")) {
            next++;
            return 100 + tail();
        }
        if (NumberWords.TENS.containsKey(in.word(next)) || NumberWords.TEENS.containsKey(in.word(next))) {
            return upToNinetyNine();
        }
        Integer unit = NumberWords.UNITS.get(in.word(next));
        if (unit == null || t.is("oh")) {
            return Double.NaN;
        }
        return fromUnit(unit);
    }

    private double fromUnit(int unit) {
        String after = in.word(next + 1);
        if ("hundred".equals(after)) {
            next += 2;
            return unit * 100 + tail();
        }
        boolean hundreds = unit == 1 || unit == 2;
        boolean several = in.word(next + 2).endsWith("s")
                && NumberWords.UNITS.containsKey(in.word(next + 2).replaceAll("s$", ""));
        if (hundreds && !several && (NumberWords.TENS.containsKey(after) || NumberWords.TEENS.containsKey(after))) {
            next++;
            return unit * 100 + upToNinetyNine();
        }
        if (unit > 0 && "oh".equals(after) && NumberWords.UNITS.containsKey(in.word(next + 2))) {
            next += 3;
            return unit * 100 + NumberWords.UNITS.get(in.word(next - 1));
        }
        if (unit == 1 && !countsOne(after)) {
            return Double.NaN;
        }
        next++;
        return unit;
    }

    /** "One" is a number before a unit, a fraction or after a place word; else it stands for a thing. */
    private boolean countsOne(String after) {
        if (in.at(next + 1) == null) {
            return placed();
        }
        boolean half = after.equals("and")
                && "a".equals(in.word(next + 2))
                && NumberWords.PARTS.containsKey(in.word(next + 3));
        boolean point =
                after.equals("point") && !NumberWords.UNITS.containsKey(in.word(next + 2)) && !in.isNumber(next + 2);
        boolean inches = "foot".equals(in.word(next - 1)) || "feet".equals(in.word(next - 1));
        return !point && COUNTED.contains(after)
                || half
                || inches && !"of".equals(after) && !"more".equals(after)
                || placed() && !in.at(next + 1).isWord();
    }

    private boolean placed() {
        String before = in.word(next - 1);
        return "at".equals(before)
                || "to".equals(before)
                || "from".equals(before)
                || "foot".equals(before)
                || "feet".equals(before);
    }

    private int tail() {
        int start = next;
        if ("and".equals(in.word(next))) {
            next++;
        }
        String word = in.word(next);
        if (NumberWords.TENS.containsKey(word) || NumberWords.TEENS.containsKey(word)) {
            return (int) upToNinetyNine();
        }
        if (NumberWords.UNITS.containsKey(word) && !"oh".equals(word)) {
            next++;
            return NumberWords.UNITS.get(word);
        }
        next = start;
        return 0;
    }

    private double upToNinetyNine() {
        String word = in.word(next++);
        if (NumberWords.TEENS.containsKey(word)) {
            return NumberWords.TEENS.get(word);
        }
        int value = NumberWords.TENS.get(word);
        Integer unit = NumberWords.UNITS.get(in.word(next));
        if (unit != null && unit > 0) {
            next++;
            return value + unit;
        }
        return value;
    }

    private double withPoint(double value) {
        if (value > 10 && value < 100 && value % 10 != 0 && !in.at(next - 1).isNumber() && digitAlone()) {
            return value + NumberWords.UNITS.get(in.word(next++)) / 10.0;
        }
        if (!"point".equals(in.word(next)) || value != Math.rint(value)) {
            return value;
        }
        int from = next + 1;
        double place = 0.1;
        double sum = value;
        Token digits = in.at(from);
        if (digits != null && digits.isNumber() && digits.value() == Math.rint(digits.value())) {
            next = from + 1;
            return value + digits.value() / Math.pow(10, digits.text().length());
        }
        while (from < in.size() && NumberWords.UNITS.containsKey(in.word(from)) && place > 0.001) {
            sum += NumberWords.UNITS.get(in.word(from)) * place;
            place /= 10;
            from++;
        }
        if (from > next + 1) {
            next = from;
            return Math.round(sum * 1000) / 1000.0;
        }
        return value;
    }

    /** "Fifty five five": a counter read out digit by digit. */
    private boolean digitAlone() {
        Integer digit = NumberWords.UNITS.get(in.word(next));
        boolean measured =
                Set.of("inch", "inches", "foot", "feet", "percent", "oclock", "o", "point", "hundred", "way", "ways")
                                .contains(in.word(next + 1))
                        // "Fifty five five and a half" is none of a counter.
                        || "and".equals(in.word(next + 1)) && "a".equals(in.word(next + 2))
                        || NumberWords.PARTS.containsKey(in.word(next + 1));
        return digit != null && !measured;
    }
}

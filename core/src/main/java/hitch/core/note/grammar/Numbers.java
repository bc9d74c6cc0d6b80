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
    private final List<Token> out = new ArrayList<>();
    private int at;
    private int next;

    private Numbers(List<Token> tokens) {
        this.in = new TokenRow(tokens);
    }

    static List<Token> join(List<Token> tokens) {
        Numbers numbers = new Numbers(tokens);
        while (numbers.at < tokens.size()) {
            numbers.step();
        }
        return numbers.out;
    }

    private void step() {
        next = at;
        double value = fractionOnly();
        if (Double.isNaN(value)) {
            next = at;
            value = whole();
            if (!Double.isNaN(value)) {
                value = withPart(withPoint(value));
            }
        }
        if (Double.isNaN(value)) {
            out.add(in.at(at++));
            return;
        }
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
        if (NumberWords.TENS.containsKey(t.text()) || NumberWords.TEENS.containsKey(t.text())) {
            return upToNinetyNine();
        }
        Integer unit = NumberWords.UNITS.get(t.text());
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
        if (hundreds && (NumberWords.TENS.containsKey(after) || NumberWords.TEENS.containsKey(after))) {
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
        boolean measured = Set.of("inch", "inches", "foot", "feet", "percent", "oclock", "o", "point", "hundred", "and")
                        .contains(in.word(next + 1))
                || NumberWords.PARTS.containsKey(in.word(next + 1));
        return digit != null && !measured;
    }

    /** "And a half", "1/2", "half" after a whole number, or the bottom of a fraction after its top. */
    private double withPart(double value) {
        if (value != Math.rint(value)) {
            return value;
        }
        if (in.isSign(next, "/") && in.isNumber(next + 1)) {
            return slash(value);
        }
        if (in.isSign(next, "-")
                && in.isNumber(next + 1)
                && in.isSign(next + 2, "/")
                && in.isNumber(next + 3)
                && in.at(next).touches(in.at(next + 1))) {
            double part = in.fraction(next + 1);
            if (part < 1) {
                next += 4;
                return value + part;
            }
        }
        if (in.isNumber(next) && in.isSign(next + 1, "/") && in.isNumber(next + 2)) {
            double part = in.fraction(next);
            boolean share = Set.of("full", "of", "the", "blocked", "bore").contains(in.word(next + 3));
            if (part > 0 && part < 1 && !share) {
                next += 3;
                return value + part;
            }
        }
        return withSpokenPart(value);
    }

    private double withSpokenPart(double value) {
        int from = next;
        if ("and".equals(in.word(from))) {
            from++;
            int top = "a".equals(in.word(from)) || "one".equals(in.word(from))
                    ? 1
                    : NumberWords.UNITS.getOrDefault(in.word(from), 0);
            if (top > 0 && NumberWords.PARTS.containsKey(in.word(from + 1)) && !ordinal(from + 1)) {
                next = from + 2;
                return value + (double) top / NumberWords.PARTS.get(in.word(from + 1));
            }
            return in.isNumber(from) && in.isSign(from + 1, "/") && in.isNumber(from + 2)
                    ? andSlash(value, from)
                    : value;
        }
        if (value >= 1 && value < 16 && NumberWords.PARTS.containsKey(in.word(from)) && !ordinal(from)) {
            next = from + 1;
            return value / NumberWords.PARTS.get(in.word(from));
        }
        return value;
    }

    private double andSlash(double value, int from) {
        double part = in.fraction(from);
        if (part > 0 && part < 1) {
            next = from + 3;
            return value + part;
        }
        return value;
    }

    private double slash(double top) {
        double bottom = in.at(next + 1).value();
        boolean usual = bottom == 2 || bottom == 3 || bottom == 4 || bottom == 8 || bottom == 16 || bottom == 32;
        if (!usual || top >= 4 * bottom || top < 1) {
            return top;
        }
        next += 2;
        return top / bottom;
    }

    private double fractionOnly() {
        Token t = in.at(next);
        if (t == null) {
            return Double.NaN;
        }
        if ("\u00bd\u00bc\u00be\u2153\u2154".contains(t.text()) && t.text().length() == 1) {
            next++;
            return switch (t.text()) {
                case "\u00bd" -> 0.5;
                case "\u00bc" -> 0.25;
                case "\u00be" -> 0.75;
                case "\u2153" -> 1 / 3.0;
                default -> 2 / 3.0;
            };
        }
        boolean article = t.is("a") || t.is("one");
        int from = article ? next + 1 : next;
        String part = in.word(from);
        boolean lone = "half".equals(part) || "quarter".equals(part);
        if (!NumberWords.PARTS.containsKey(part) || !article && !lone || "way".equals(in.word(from + 1))) {
            return Double.NaN;
        }
        if (article && ordinal(from)) {
            return Double.NaN;
        }
        next = from + 1;
        return 1.0 / NumberWords.PARTS.get(part);
    }

    /** "A third joint" counts joints, "a third of the pipe" and "a third full" do not. */
    private boolean ordinal(int part) {
        String word = in.word(part);
        if (word.equals("half") || word.startsWith("quarter") || word.endsWith("s")) {
            return false;
        }
        String after = in.word(part + 1);
        return Set.of("joint", "bend", "clip", "one", "time", "run", "opening", "cleanout", "tie", "wye", "root")
                .contains(after);
    }
}

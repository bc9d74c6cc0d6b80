package hitch.core.note.grammar;

import java.util.Set;

/** Reads fractions, alone or behind a whole number: {@code a third}, {@code two thirds}, {@code and a half}, {@code 1/2}. */
final class Fractions {
    private final TokenRow in;
    private int next;

    Fractions(TokenRow in) {
        this.in = in;
    }

    /** Where to read on after what was read last. */
    int next() {
        return next;
    }

    /** "And a half", "1/2", "half" after a whole number, or the bottom of a fraction after its top. */
    double after(double value, int at) {
        next = at;
        if (value != Math.rint(value)) {
            return value;
        }
        double sign = sign(next);
        if (sign > 0) {
            next++;
            return value + sign;
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

    /** What a sign such as \u00bd stands for; 0 for no such sign. */
    private double sign(int at) {
        Token t = in.at(at);
        return t == null
                ? 0
                : switch (t.text()) {
                    case "\u00bd" -> 0.5;
                    case "\u00bc" -> 0.25;
                    case "\u00be" -> 0.75;
                    case "\u2153" -> 1 / 3.0;
                    case "\u2154" -> 2 / 3.0;
                    default -> 0;
                };
    }

    double alone(int at) {
        next = at;
        Token t = in.at(next);
        if (t == null) {
            return Double.NaN;
        }
        double sign = sign(next);
        if (sign > 0) {
            next++;
            return sign;
        }
        boolean likened = Set.of("of", "as").contains(in.word(at - 1))
                && Set.of("size", "big", "large", "small").contains(in.word(at - 2));
        if (likened || "dollar".equals(in.word(at + 1))) {
            // "The size of a quarter", "as big as a half dollar".
            return Double.NaN;
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

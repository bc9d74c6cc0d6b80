package hitch.core.note.grammar;

import hitch.core.measure.Distance;
import hitch.core.note.grammar.Meaning.Amount;

/**
 * Takes out what the speaker takes back: after "sorry", "I mean" or "make that" the next figure or word stands in place
 * of the last one of its sort; "61, not 71" and "6 inch, no, 4 inch" likewise.
 */
final class Corrections {
    private static final int REACH = 8;

    private Corrections() {}

    /** Whether the sentence corrects one before it: it begins with the taking back. */
    static boolean make(Phrases parts) {
        boolean earlier = false;
        for (int i = 0; i < parts.size(); i++) {
            boolean opens = i == 1 && parts.says(0, "no") && parts.is(1, Glue.SORRY);
            if (opens) {
                earlier = true;
            }
            if (parts.is(i, Glue.DENIED) && isFigure(parts, i + 1) && isFigureBefore(parts, i)) {
                parts.remove(i, i + 1);
            } else if (i == 0 && parts.says(0, "no") && parts.at(1).isSign() && figureSoon(parts)) {
                earlier = true;
            } else if (parts.is(i, Glue.SORRY) || isPlainNo(parts, i)) {
                earlier |= takeBack(parts, i);
            }
        }
        return earlier;
    }

    private static boolean figureSoon(Phrases parts) {
        for (int i = 1; i <= 5; i++) {
            if (isFigure(parts, i)) {
                return true;
            }
        }
        return false;
    }

    private static boolean isPlainNo(Phrases parts, int i) {
        if (!parts.says(i, "no") || !parts.at(i - 1).isSign()) {
            return false;
        }
        int next = parts.says(i + 1, ",") ? i + 2 : i + 1;
        return isFigure(parts, parts.isAny(next, Glue.AT, Glue.TO) ? next + 1 : next);
    }

    private static boolean isFigureBefore(Phrases parts, int i) {
        return find(parts, i, -1, isNumberish(parts, i + 1)) >= 0;
    }

    private static boolean takeBack(Phrases parts, int sorry) {
        int next = sorry + 1;
        while (next < parts.size() && next <= sorry + REACH && !isFigure(parts, next) && !isWord(parts, next)) {
            next++;
        }
        if (next >= parts.size() || next > sorry + REACH) {
            return sorry <= 1;
        }
        boolean size = parts.says(sorry, "call it")
                && parts.as(next, Amount.class).map(Amount::small).orElse(false);
        if (size || isPart(parts, next) && !anyPart(parts, sorry)) {
            // "At sixty, call it a third of the pipe": a share stands in place of no distance.
            return sorry <= 1;
        }
        int old = find(parts, sorry, next, isNumberish(parts, next));
        if (old < 0) {
            return sorry <= 1;
        }
        if (parts.has(next, Meaning.Number.class) && parts.has(old, Amount.class)) {
            Amount was = parts.as(old, Amount.class).orElseThrow();
            double value = Amounts.number(parts, next);
            double scale = was.value() == 0 ? 1 : value / was.value();
            parts.set(
                    old,
                    new Amount(
                            new Distance(Math.round(was.length().mm() * scale)), value, was.small(), was.singular()));
            parts.remove(sorry, next);
        } else {
            Meaning said = parts.at(next).meaning();
            // A side that stands in place of another is one.
            parts.set(old, said instanceof Meaning.Round r ? new Meaning.Round(r.clock(), false) : said);
            parts.remove(sorry, next);
        }
        return false;
    }

    /** A third, a fifth: a share that is not joined with what it is of yet. */
    private static boolean isPart(Phrases parts, int i) {
        return parts.has(i, Meaning.Number.class)
                && Amounts.number(parts, i) < 1
                && parts.isAny(i + 1, Glue.OF, Glue.BORE);
    }

    private static boolean anyPart(Phrases parts, int end) {
        for (int i = 0; i < end; i++) {
            if (isPart(parts, i) || parts.has(i, Meaning.Share.class)) {
                return true;
            }
        }
        return false;
    }

    private static boolean isNumberish(Phrases parts, int i) {
        return parts.has(i, Meaning.Number.class) || parts.has(i, Amount.class);
    }

    private static boolean isFigure(Phrases parts, int i) {
        return isNumberish(parts, i) || parts.has(i, Meaning.Share.class);
    }

    private static boolean isWord(Phrases parts, int i) {
        return parts.has(i, Meaning.Round.class)
                || parts.has(i, Meaning.MadeOf.class)
                || parts.has(i, Meaning.Much.class)
                || parts.as(i, Meaning.Thing.class).filter(t -> !t.weak()).isPresent();
    }

    /** The last part before {@code end} of the sort of the part at {@code like}. */
    private static int find(Phrases parts, int end, int like, boolean numberish) {
        boolean small =
                like >= 0 && parts.as(like, Amount.class).map(Amount::small).orElse(false);
        boolean large =
                like >= 0 && parts.as(like, Amount.class).map(a -> !a.small()).orElse(false);
        for (int i = end - 1; i >= 0; i--) {
            if (numberish) {
                boolean otherUnit = parts.as(i, Amount.class)
                        .map(a -> a.small() ? large : small)
                        .orElse(false);
                if (isNumberish(parts, i) && !otherUnit) {
                    return i;
                }
            } else if (like >= 0
                    && parts.at(i).meaning().getClass()
                            == parts.at(like).meaning().getClass()) {
                return i;
            }
        }
        return -1;
    }
}

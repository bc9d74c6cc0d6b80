package hitch.core.note.grammar;

import hitch.core.measure.Distance;
import hitch.core.note.grammar.Meaning.Amount;
import java.util.List;

/** A change of size that is told by nothing but two bores. */
final class UsualBores {
    /** In inches, as pipe of buildings and of small mains is sold. */
    private static final List<Double> USUAL = List.of(2.0, 3.0, 4.0, 6.0, 8.0, 10.0, 12.0);

    private UsualBores() {}

    /** "4 to 6 @ 81.5": usual bores, one after the other, where nothing else is named and the place comes behind. */
    static boolean are(Phrases parts, int i, int j) {
        boolean behind = parts.says(j + 1, "@") || parts.is(j + 1, Glue.AT);
        for (int k = 0; k < parts.size(); k++) {
            behind &= !parts.isThing(k);
        }
        return behind && i == 0 && parts.is(1, Glue.TO) && isUsual(parts, i) && isUsual(parts, j);
    }

    private static boolean isUsual(Phrases parts, int i) {
        return parts.has(i, Meaning.Number.class) && USUAL.contains(Amounts.number(parts, i));
    }

    static Amount inches(Phrases parts, int i) {
        double value = Amounts.number(parts, i);
        return new Amount(Distance.inches(value), value, true, true);
    }
}

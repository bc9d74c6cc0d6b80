package hitch.core.note.grammar;

import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.note.grammar.Meaning.Amount;

/** A stretch that is told from the opening on. */
final class OpeningStart {
    private final Phrases parts;
    private final LengthUnit unit;

    OpeningStart(Phrases parts, LengthUnit unit) {
        this.parts = parts;
        this.unit = unit;
    }

    /** "From the opening out to thirty" begins at nought. */
    void join(int i) {
        int the = parts.says(i + 1, "the", "our", "my") ? i + 2 : i + 1;
        while (parts.says(the, "front", "back", "side", "rear", "house", "upper", "lower")
                && parts.isThing(the + 1, FindingKind.OPENING)) {
            the++;
        }
        boolean start =
                parts.isThing(the, FindingKind.OPENING) || parts.says(the, "start", "beginning", "lip", "house");
        if (!parts.is(i, Glue.FROM) || !start) {
            return;
        }
        int to = parts.says(the + 1, "out", "on", "here") ? the + 2 : the + 1;
        if (!parts.is(to, Glue.TO)) {
            return;
        }
        int end = to + 1;
        while (parts.isRough(end) || parts.is(end, Glue.AT)) {
            end++;
        }
        boolean number = parts.has(end, Meaning.Number.class);
        if (number
                || parts.has(end, Amount.class)
                        && !parts.as(end, Amount.class).map(Amount::small).orElse(false)) {
            Distance far = number
                    ? Amounts.bare(Amounts.number(parts, end), unit)
                    : parts.as(end, Amount.class).orElseThrow().length();
            parts.join(i, end, new Meaning.Place(Distance.ZERO, far));
        }
    }
}

package hitch.core.note.grammar;

import hitch.core.note.grammar.Meaning.Amount;

/** Tells whether the two ends of a range are hours of a clock face rather than places. */
final class Hours {
    private final Phrases parts;

    Hours(Phrases parts) {
        this.parts = parts;
    }

    /** "From ten to two", over the top, or beside other words for where round the pipe. */
    boolean are(int i, int j, boolean from) {
        if (!parts.has(i, Meaning.Number.class)) {
            return false;
        }
        double first = Amounts.number(parts, i);
        double to = Amounts.number(parts, j);
        boolean whole =
                first == Math.rint(first) && to == Math.rint(to) && first >= 1 && to >= 1 && first <= 12 && to <= 12;
        boolean round = false;
        for (int k = 0; k < parts.size(); k++) {
            // "On the bottom from five to twelve": a side beside feet, and no hour.
            round |= parts.has(k, Meaning.Round.class)
                    && (!from
                            || parts.says(k, "left", "right")
                            || parts.at(k).text().matches(".*(?:left|right|\\d|clock).*"));
        }
        return whole && (otherPlace(i, j) || round && parts.at(i).text().matches("\\D+") || first >= 9 && to <= 3);
    }

    /** "Roots 2-4, 55.0": with another figure that is a place, small ones joined by a stroke are hours. */
    private boolean otherPlace(int i, int j) {
        if (!parts.says(i + 1, "-") || !new Hints(parts).anyCondition()) {
            return false;
        }
        for (int k = j + 1; k < parts.size(); k++) {
            boolean metres = parts.as(k, Amount.class).map(a -> !a.small()).orElse(false);
            boolean far = parts.as(k, Meaning.Number.class)
                    .map(n -> n.value() != Math.rint(n.value()) && n.value() > 1 || n.value() >= 13)
                    .orElse(false);
            if (metres || far && !parts.is(k + 1, Glue.OTHER)) {
                return true;
            }
        }
        return false;
    }
}

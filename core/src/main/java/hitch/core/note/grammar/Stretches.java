package hitch.core.note.grammar;

import hitch.core.finding.FindingKind;
import hitch.core.note.grammar.Meaning.Place;
import java.util.Set;

/**
 * Joins two places of one sentence that are the ends of something drawn out: "at 62 we pick up standing water and it goes
 * all the way to 71", "under water at 44, out of it at 51".
 */
final class Stretches {
    private static final Set<FindingKind> DRAWN_OUT = Set.of(
            FindingKind.STANDING_WATER,
            FindingKind.UNDER_WATER,
            FindingKind.SCALE,
            FindingKind.GREASE,
            FindingKind.DEBRIS,
            FindingKind.ROOTS,
            FindingKind.CRACK,
            FindingKind.FLAT_GRADE,
            FindingKind.REVERSE_GRADE,
            FindingKind.DEFORMATION,
            FindingKind.HOLE,
            FindingKind.LIMIT,
            FindingKind.REPAIR);

    private Stretches() {}

    static void join(Phrases parts) {
        int first = -1;
        boolean drawnOut = false;
        for (int i = 0; i < parts.size(); i++) {
            drawnOut |= parts.as(i, Meaning.Thing.class)
                    .map(t -> DRAWN_OUT.contains(t.kind()))
                    .orElse(false);
            if (!isPoint(parts, i)) {
                continue;
            }
            if (first >= 0 && drawnOut && ends(parts, first, i)) {
                Place from = parts.as(first, Place.class).orElseThrow();
                Place to = parts.as(i, Place.class).orElseThrow();
                boolean rising = from.from().compareTo(to.from()) <= 0;
                parts.set(first, rising ? new Place(from.from(), to.from()) : new Place(to.from(), from.from()));
                parts.set(i, new Meaning.Plain(parts.at(i).text()));
                first = -1;
            } else {
                first = i;
            }
        }
    }

    private static boolean isPoint(Phrases parts, int i) {
        return parts.as(i, Place.class).map(p -> p.from().equals(p.to())).orElse(false);
    }

    private static boolean ends(Phrases parts, int first, int i) {
        for (int j = i - 1; j > first && j >= i - 4; j--) {
            boolean strong =
                    parts.says(j, "ends", "stops", "ending", "out", "clears", "end", "ends at", "comes out", "gone");
            if (strong || parts.is(j, Glue.TO) || parts.says(j, "goes to")) {
                return true;
            }
            if (parts.has(j, Meaning.Thing.class)) {
                return false;
            }
        }
        return false;
    }
}

package hitch.core.note.grammar;

import hitch.core.finding.Degree;
import java.util.List;
import java.util.Optional;

/** Gives clock positions, sizes, shares and the like to the candidates they are said of. */
final class TraitsGiven {
    private static final int REACH = 9;

    private final Phrases parts;
    private final List<Candidate> candidates;

    private TraitsGiven(Phrases parts, List<Candidate> candidates) {
        this.parts = parts;
        this.candidates = candidates;
    }

    static void give(Phrases parts, List<Candidate> candidates) {
        TraitsGiven given = new TraitsGiven(parts, candidates);
        for (int i = 0; i < parts.size(); i++) {
            given.at(i);
        }
    }

    private void at(int i) {
        Meaning meaning = parts.at(i).meaning();
        switch (meaning) {
            case Meaning.Round m -> {
                if (!m.weak() || isSide(i)) {
                    owner(i, m, false).ifPresent(c -> c.take(parts.at(i)));
                }
            }
            case Meaning.Much m -> degree(i, m);
            case Meaning.Size m -> owner(i, m, true).ifPresent(c -> c.take(parts.at(i)));
            case Meaning.Share m -> owner(i, m, true).ifPresent(c -> c.take(parts.at(i)));
            case Meaning.Deep m -> owner(i, m, true).ifPresent(c -> c.take(parts.at(i)));
            case Meaning.Angle m -> owner(i, m, true).ifPresent(c -> c.take(parts.at(i)));
            case Meaning.Length m -> owner(i, m, true).ifPresent(c -> c.take(parts.at(i)));
            case Meaning.Pipe m ->
                candidates.stream()
                        .filter(c -> c.at() == i + 1 && c.isFinding() && !c.isCondition())
                        .findFirst()
                        .ifPresent(c -> c.take(parts.at(i)));
            default -> {
                // Says nothing of a finding by itself.
            }
        }
    }

    /** "Light", "heavy": only where it stands right by the thing, since such words are common. */
    private void degree(int i, Meaning.Much much) {
        if (parts.says(i, "fine", "little", "small", "big", "bad")
                && parts.says(i - 1, "is", "are", "be", "fairly", "looks")) {
            return;
        }
        for (int j = i + 1; j <= i + 4; j++) {
            Optional<Candidate> c = candidateAt(j);
            if (c.isPresent()) {
                c.get().take(parts.at(i));
                return;
            }
            if (parts.at(j).isSign() || parts.is(j, Glue.AND) && much.degree() != Degree.HEAVY) {
                break;
            }
        }
        for (int j = i - 1; j >= 0 && j >= i - 4; j--) {
            Optional<Candidate> c = candidateAt(j);
            if (c.isPresent()) {
                c.get().take(parts.at(i));
                return;
            }
        }
    }

    private Optional<Candidate> candidateAt(int i) {
        return candidates.stream().filter(c -> c.at() == i).findFirst();
    }

    /**
     * Whose it is: of the thing right behind it ("half inch offset"), else of the nearest before it, else of the nearest
     * behind.
     */
    private Optional<Candidate> owner(int i, Meaning meaning, boolean leads) {
        for (int j = i + 1; leads && j <= i + 4; j++) {
            Optional<Candidate> next = candidateAt(j).filter(c -> c.fits(meaning));
            if (next.isPresent()) {
                return next;
            }
            boolean skipped =
                    parts.has(j, Meaning.Much.class) || parts.is(j, Glue.OF) || parts.says(j, "of", "wide", "high");
            if (!skipped) {
                break;
            }
        }
        for (int j = i - 1; j >= 0; j--) {
            Optional<Candidate> c = candidateAt(j).filter(k -> k.fits(meaning));
            if (c.isPresent()) {
                return c;
            }
        }
        for (int j = i; j <= i + REACH; j++) {
            Optional<Candidate> c = candidateAt(j).filter(k -> k.fits(meaning));
            if (c.isPresent()) {
                return c;
            }
        }
        return Optional.empty();
    }

    /** "Right" as a side, not as in "right about here". */
    private boolean isSide(int i) {
        boolean before = parts.isEdge(i - 1)
                || parts.has(i - 1, Meaning.Angle.class)
                || parts.says(i - 1, ",", "the", "upper", "lower", "and", "left")
                || parts.has(i - 1, Meaning.Thing.class)
                || parts.has(i - 1, Meaning.Much.class)
                || parts.has(i - 1, Meaning.Place.class)
                || parts.has(i - 1, Meaning.Size.class)
                || parts.has(i - 1, Meaning.Share.class);
        boolean filler = parts.is(i + 1, Glue.AT)
                || parts.has(i + 1, Meaning.Place.class) && parts.isEdge(i - 1)
                || parts.says(
                        i + 1,
                        "now",
                        "where",
                        "up",
                        "down",
                        "out",
                        "so",
                        "over",
                        "away",
                        "in",
                        "through",
                        "there",
                        "back",
                        "after",
                        "as",
                        "thing",
                        "direction",
                        "off",
                        "by");
        return before && !filler;
    }
}

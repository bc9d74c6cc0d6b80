package hitch.core.note.grammar;

import hitch.core.detail.Detail;
import hitch.core.detail.State;
import hitch.core.finding.FindingKind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Makes one of what a sentence names twice. */
final class Doubles {
    private final Phrases parts;

    Doubles(Phrases parts) {
        this.parts = parts;
    }

    /** Named twice without a place of its own, a thing is still one: "standing water, a belly". */
    List<Candidate> alone(List<Candidate> found) {
        List<Candidate> single = new ArrayList<>();
        for (Candidate c : found) {
            Optional<Candidate> same = single.stream()
                    .filter(s -> s.matter() == c.matter()
                            && s.certainty() == c.certainty()
                            && !c.is(FindingKind.REMARK)
                            && !c.is(FindingKind.SURFACE)
                            && !differ(s, c, Detail.GEAR)
                            && !differ(s, c, Detail.ROOM)
                            && !placeBetween(s.at(), c.at()))
                    .findFirst();
            boolean turns = parts.has(c.at(), Meaning.Angle.class)
                    && same.map(s -> parts.has(s.at(), Meaning.Angle.class)).orElse(false);
            boolean change = turns || c.is(FindingKind.MATERIAL_CHANGE) || c.is(FindingKind.SIZE_CHANGE);
            if (same.isEmpty() || change) {
                single.add(c);
            } else {
                c.used().forEach(same.get()::take);
                same.get().join(c);
            }
        }
        single.sort(Comparator.comparingInt(Candidate::at));
        return single;
    }

    private static <T> boolean differ(Candidate a, Candidate b, Detail<T> detail) {
        return a.details().get(detail).isPresent()
                && b.details().get(detail).isPresent()
                && !a.details().get(detail).equals(b.details().get(detail));
    }

    private static boolean isMoved(Candidate c) {
        return c.details().get(Detail.STATE).filter(s -> s == State.MOVED).isPresent();
    }

    /** Named at one place twice, it is one: "out of it at 52, so 45 to 52 is a sag". */
    List<Candidate> once(List<Candidate> placed) {
        List<Candidate> single = new ArrayList<>();
        for (Candidate c : placed) {
            boolean plain = !parts.has(c.at(), Meaning.Angle.class)
                    && !c.is(FindingKind.BEND)
                    && !c.is(FindingKind.REMARK)
                    && !c.is(FindingKind.MATERIAL_CHANGE)
                    && !c.is(FindingKind.SIZE_CHANGE);
            Optional<Candidate> same = single.stream()
                    .filter(s -> plain
                            && s.matter() == c.matter()
                            && s.certainty() == c.certainty()
                            && s.isPlaced()
                            && s.place().equals(c.place()))
                    .findFirst();
            Optional<Candidate> was = single.stream()
                    .filter(s -> s.matter() == c.matter()
                            && isMoved(s)
                            && isMoved(c)
                            && s.place().isPresent()
                            && c.place().isPresent())
                    .findFirst();
            if (was.isPresent()) {
                was.get().spreadTo(c);
            } else if (same.isPresent()) {
                same.get().join(c);
            } else {
                single.add(c);
            }
        }
        return single;
    }

    private boolean placeBetween(int from, int to) {
        boolean place = false;
        for (int i = from; i < to; i++) {
            place |= parts.has(i, Meaning.Place.class) || parts.is(i, Glue.AGAIN);
        }
        return place;
    }
}

package hitch.core.survey.spoken;

import hitch.core.finding.LocatedFinding;
import hitch.core.footage.Clip;
import hitch.core.measure.Distance;
import hitch.core.note.Draft;
import hitch.core.talk.Commentary;
import hitch.core.talk.Contradiction;
import hitch.core.talk.Spoken;
import java.util.List;
import java.util.Optional;

/**
 * One draft of a commentary as the queue shows it.
 *
 * @param counter cable from the opening by the counter, when it was said
 * @param against what it contradicts
 * @param twin the finding it is most likely another sighting of
 */
public record SpokenLine(
        Commentary commentary,
        Clip clip,
        Spoken spoken,
        Optional<Distance> counter,
        List<Contradiction> against,
        Optional<LocatedFinding> twin) {
    /** What became of it; empty while it is open. */
    public Optional<Commentary.Settled> settled() {
        return Optional.ofNullable(commentary.settled().get(spoken.key()));
    }

    public boolean isOpen() {
        return settled().isEmpty();
    }

    /** Seconds into the clip. */
    public double seconds() {
        return spoken.seconds() + commentary.offset();
    }

    public Draft draft() {
        return spoken.draft();
    }

    /** The contradiction about its place, if any: one has to choose. */
    public Optional<Contradiction> placeInDoubt() {
        return against.stream()
                .filter(c -> c.sort() == Contradiction.Sort.COUNTER
                        || c.sort() == Contradiction.Sort.ORDER
                        || c.sort() == Contradiction.Sort.BEYOND)
                .findFirst();
    }
}

package hitch.core.survey.spoken;

import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
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
 * @param likely false where it only sounds like something, and nobody need look at it
 */
public record SpokenLine(
        Commentary commentary,
        Clip clip,
        Spoken spoken,
        Optional<Distance> counter,
        List<Contradiction> against,
        Optional<LocatedFinding> twin,
        boolean likely) {
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

    /** What was said. Where the camera only stood by its words, the counter's place is the better one. */
    public Draft draft() {
        return isByCounter() ? spoken.draft().at(Optional.empty()) : spoken.draft();
    }

    private boolean isByCounter() {
        return spoken.isStood() && counter.isPresent();
    }

    /** How its place is known, in a few words; empty where it is not. */
    public String placeHow() {
        if (spoken.source() == Spoken.Source.SAID) {
            return spoken.source().word();
        }
        return counter.isPresent() && draft().place().isEmpty()
                ? "counter"
                : spoken.source().word();
    }

    /**
     * Whether it may be taken without a look at it: it is claimed for sure, in words that hardly anybody says of something else, its place
     * was said or is the counter's, nothing speaks against it, and it was not found before.
     */
    public boolean isSure() {
        boolean placed = spoken.source() == Spoken.Source.SAID || counter.isPresent();
        return isOpen()
                && likely
                && placed
                && spoken.isByItsWords()
                && against.isEmpty()
                && twin.isEmpty()
                && draft().certainty() == Certainty.SEEN
                && draft().matter() instanceof FindingKind kind
                && kind.family() != FindingKind.Family.TOLD
                && kind != FindingKind.REMARK;
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

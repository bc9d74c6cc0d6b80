package hitch.core.propose;

import hitch.core.counter.CounterTrace;
import hitch.core.finding.Certainty;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingKind;
import hitch.core.footage.Clip;
import hitch.core.measure.Distance;
import hitch.core.note.Draft;
import hitch.core.talk.Commentary;
import hitch.core.talk.OnClip;
import hitch.core.talk.Spoken;
import hitch.core.talk.TalkReader;
import java.util.List;
import java.util.Optional;

/**
 * A tie-in that the camera passed, by which another run through the same pipe is known again.
 *
 * @param feet cable out when it was passed, feet
 * @param right whether it came in on the right as the camera looked at it; else on the left
 */
public record Passed(double feet, boolean right) {
    /** Those that were told on a clip. */
    public static List<Passed> told(Clip clip, CounterTrace trace, Commentary talk, TalkReader reader) {
        OnClip where = new OnClip(clip, trace, Optional.empty(), talk.offset());
        return reader.read(talk.cues()).drafts().stream()
                .filter(s ->
                        s.draft().matter() == FindingKind.TIE_IN && s.draft().certainty() != Certainty.RULED_OUT)
                .flatMap(s -> told(s, where).stream())
                .toList();
    }

    private static Optional<Passed> told(Spoken said, OnClip where) {
        return said.place(where.cableAt(said.seconds()))
                .map(Draft.Place::from)
                .flatMap(at -> passed(at, said.draft().traits().clock()));
    }

    /** Those that were marked on a clip. */
    public static List<Passed> marked(Clip clip, CounterTrace trace, List<Finding> findings) {
        return findings.stream()
                .filter(f -> f.kind() == FindingKind.TIE_IN && f.frame().clip().equals(clip.id()))
                .flatMap(f -> trace.cableAt(f.frame().pts()).stream()
                        .mapToObj(mm ->
                                passed(new Distance(Math.round(mm)), f.traits().clock()))
                        .flatMap(Optional::stream))
                .toList();
    }

    /** What comes in at the top or the bottom tells no side. */
    private static Optional<Passed> passed(Distance at, Optional<ClockPosition> clock) {
        return clock.filter(c -> !c.all() && !c.both() && c.middle() % 6 != 0)
                .map(c -> new Passed(at.inFeet(), c.middle() < 6));
    }
}

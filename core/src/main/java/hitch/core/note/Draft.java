package hitch.core.note;

import hitch.core.counter.Distance;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Traits;
import hitch.core.footage.FrameRef;
import hitch.core.line.Extent;
import hitch.core.line.Run;
import java.util.List;
import java.util.Optional;

/**
 * What a note was understood to say.
 *
 * @param kind what is there; a remark where no kind was named
 * @param place typed distance from the opening, or stretch, as cable along the run; nearer end first
 * @param traits clock position, size, share, degree and pipe
 * @param wording the note as typed
 * @param remark the part that stays free text
 * @param chips the understood parts in order of the text
 */
public record Draft(
        FindingKind kind, Optional<Place> place, Traits traits, String wording, String remark, List<Chip> chips) {
    /** A typed place as distances from the run's opening; both ends equal for a point. */
    public record Place(Distance from, Distance to) {}

    /**
     * The finding this draft makes at a frame.
     *
     * @param run the run of the frame's clip; without one a typed place cannot stand and stays in the wording only
     */
    public Finding at(FindingId id, FrameRef frame, Optional<Run> run) {
        Optional<Extent> typed = place.flatMap(p -> run.map(r -> Extent.between(
                r.stationOf(p.from().mm() + r.datum().mm()),
                r.stationOf(p.to().mm() + r.datum().mm()))));
        return new Finding(id, kind, frame, typed, traits, wording.strip(), remark, Optional.empty(), List.of());
    }
}

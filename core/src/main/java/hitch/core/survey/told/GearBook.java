package hitch.core.survey.told;

import hitch.core.detail.Detail;
import hitch.core.detail.Gear;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.run.Equipment;
import hitch.core.run.Equipment.Guide;
import hitch.core.run.Run;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What was on the camera at a moment of a run: as the run began, changed by what was put on or taken off since. */
public final class GearBook {
    private final List<LocatedFinding> changes;

    private GearBook(List<LocatedFinding> changes) {
        this.changes = changes;
    }

    public static GearBook of(List<LocatedFinding> findings) {
        return new GearBook(findings.stream()
                .filter(f -> f.finding().kind() == FindingKind.EQUIPMENT)
                .toList());
    }

    public boolean isEmpty() {
        return changes.isEmpty();
    }

    /** The moments of a clip at which gear was put on or taken off, in its ticks. */
    public List<Long> changesOn(ClipId clip) {
        return changes.stream()
                .map(c -> c.finding().frame())
                .filter(f -> f.clip().equals(clip))
                .map(FrameRef::pts)
                .toList();
    }

    /** The equipment of {@code run} at a frame of its footage. */
    public Equipment at(Run run, FrameRef frame) {
        return changes.stream()
                .filter(c -> c.run().filter(r -> r.id().equals(run.id())).isPresent())
                .filter(c -> order(run, c.finding().frame(), frame) <= 0)
                .sorted(Comparator.comparing(c -> c.finding().frame(), (a, b) -> order(run, a, b)))
                .reduce(run.equipment(), GearBook::changed, (a, b) -> b);
    }

    private static int order(Run run, FrameRef a, FrameRef b) {
        int clip = Integer.compare(run.clips().indexOf(a.clip()), run.clips().indexOf(b.clip()));
        return clip != 0 ? clip : Long.compare(a.pts(), b.pts());
    }

    /** A guide and a skid both hold the head up; a head is told with its width. */
    private static Equipment changed(Equipment was, LocatedFinding change) {
        Optional<Gear> gear = change.finding().traits().details().get(Detail.GEAR);
        if (gear.isEmpty()) {
            return was;
        }
        if (gear.get().part() == Gear.Part.HEAD) {
            return was.withHead(change.finding().traits().size().or(was::head));
        }
        return gear.get()
                .on()
                .map(on -> was.with(on ? Guide.ON : Guide.OFF)
                        .withAcross(change.finding().traits().size().or(was::across)))
                .orElse(was);
    }
}

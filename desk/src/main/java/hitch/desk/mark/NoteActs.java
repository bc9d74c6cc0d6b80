package hitch.desk.mark;

import hitch.core.counter.MarkSource;
import hitch.core.counter.Zeroing;
import hitch.core.finding.Finding;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.note.Act;
import hitch.core.note.Draft;
import hitch.desk.Context;
import java.util.Optional;

/** What a note does besides making a finding, and what it says against the counter. */
final class NoteActs {
    /** A typed distance and the counter's may differ by this much without a word, since people look ahead. */
    private static final Distance TOLERATED = Distance.feet(2);

    private final Context desk;

    NoteActs(Context desk) {
        this.desk = desk;
    }

    /** The edit of a draft that is no finding: the counter zeroed. Promises and wishes become remarks. */
    Optional<Edit> edit(Draft draft, FrameRef at) {
        if (draft.matter() != Act.ZERO) {
            return Optional.empty();
        }
        return Optional.of(new Edit.SetMark(at.clip(), zeroing(draft, at)));
    }

    /** The zeroing a draft tells of. */
    Zeroing zeroing(Draft draft, FrameRef at) {
        var trace = desk.work().now().survey().traces().get(at.clip());
        long cable = trace == null ? 0 : Math.round(trace.cableAt(at.pts()).orElse(0));
        Distance shown = draft.place().map(Draft.Place::from).orElse(Distance.ZERO);
        return new Zeroing(at.pts(), new Distance(cable), shown, MarkSource.BY_HAND);
    }

    /** Says so where a typed distance and the counter differ. */
    void compare(Finding made, FrameRef at) {
        Optional<Station> counter = desk.work().now().survey().stationAt(at);
        long moved = desk.work().now().survey().line().tied().movedMm(at.clip());
        boolean apart = made.typed().isPresent()
                && counter.isPresent()
                && made.typed().get().movedBy(moved).from().to(counter.get()).compareTo(TOLERATED) > 0;
        if (apart) {
            LengthUnit unit = desk.work().now().survey().facts().unit();
            desk.work()
                    .notices()
                    .say("You typed "
                            + unit.show(made.typed().get().movedBy(moved).from().fromDatum()) + "; the counter gives "
                            + unit.show(counter.get().fromDatum()) + ", and " + made.id()
                            + " stands there. To keep what was typed, amend it (E) and press Shift+Enter.");
        }
    }
}

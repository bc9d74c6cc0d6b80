package hitch.desk.mark;

import hitch.core.counter.Zeroing;
import hitch.core.detail.Detail;
import hitch.core.finding.Finding;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.note.Act;
import hitch.core.note.Draft;
import hitch.core.survey.CounterSaid;
import hitch.desk.Context;
import java.util.Optional;

/** What a note does besides making a finding, and what it says against the counter. */
final class NoteActs {
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

    /** A note that nothing may leave the firm turns the job's own switch. */
    void keepInternal(Draft draft) {
        boolean asked = draft.traits()
                .details()
                .get(Detail.ASKS)
                .filter(Draft.DO_NOT_SHARE::equals)
                .isPresent();
        if (asked) {
            desk.work()
                    .edit(job -> Optional.of(job.facts().withInternalOnly(true))
                            .filter(f -> !f.equals(job.facts()))
                            .map(Edit.DescribeProperty::new));
            desk.work()
                    .notices()
                    .say("The job is for internal use only now: nothing is handed over. Load has the switch.");
        }
    }

    Zeroing zeroing(Draft draft, FrameRef at) {
        return CounterSaid.zeroing(desk.work().now().survey(), draft, at);
    }

    /** Says so where a typed distance and the counter differ. */
    void compare(Finding made, FrameRef at) {
        CounterSaid.differs(desk.work().now().survey(), made, at)
                .ifPresent(desk.work().notices()::say);
    }
}

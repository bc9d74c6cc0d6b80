package hitch.desk.judge;

import hitch.core.decide.Choice;
import hitch.core.decide.Decision;
import hitch.core.decide.OwnAsk;
import hitch.core.decide.When;
import hitch.core.decide.Who;
import hitch.core.finding.Weight;
import hitch.core.job.Edit;
import hitch.core.judge.ask.Ask;
import hitch.core.judge.matter.Matter;
import hitch.core.pipe.Branch;
import hitch.desk.Workspace;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Turns what is done on the bench into decisions on asks. */
final class Decider {
    private final Workspace work;
    private final Runnable touched;

    /**
     * @param touched hears of every decision on an ask
     */
    Decider(Workspace work, Runnable touched) {
        this.work = work;
        this.touched = touched;
    }

    void accept(Ask ask) {
        change(ask, Choice.Standing.ACCEPTED, c -> c);
    }

    void decline(Ask ask, String why) {
        change(ask, Choice.Standing.DECLINED, c -> c.withWhy(why));
    }

    /** Changes a part of an ask; what was not changed stands as proposed. */
    void change(Ask ask, UnaryOperator<Choice> how) {
        change(ask, Choice.Standing.CHANGED, how);
    }

    private void change(Ask ask, Choice.Standing standing, UnaryOperator<Choice> how) {
        touched.run();
        for (int i = 0; i < ask.matters().size(); i++) {
            Matter matter = ask.matters().get(i);
            String on = ask.fingerprints().get(i);
            work.edit(job -> {
                Choice now = job.decisions()
                        .on(matter.theme().word(), matter.ids())
                        .orElseGet(() -> Choice.of(matter.theme().word(), matter.ids(), standing, on));
                return Optional.of(new Edit.Decide(new Decision.OnAsk(how.apply(
                        now.withFindings(matter.ids()).withStanding(standing).withWrittenOn(on)))));
            });
        }
    }

    void asProposed(Ask ask) {
        touched.run();
        for (Matter matter : ask.matters()) {
            work.edit(job -> job.decisions()
                    .on(matter.theme().word(), matter.ids())
                    .map(c -> new Edit.Decide(new Decision.AsProposed(c.theme(), c.findings()))));
        }
    }

    /** Begins an ask of one's own. */
    void write(String text) {
        work.edit(job -> Optional.of(new Edit.Decide(new Decision.Own(new OwnAsk(
                "A" + (job.decisions().own().size() + 1) + "-" + Integer.toHexString(text.hashCode()),
                text,
                "",
                Weight.TEND,
                When.WITHIN_MONTHS,
                Who.NOBODY,
                Optional.empty(),
                Branch.LINE,
                Optional.empty(),
                List.of())))));
    }

    /** Changes an ask that was written by hand. */
    void rewrite(Ask ask, UnaryOperator<OwnAsk> how) {
        String id = ask.id().substring(ask.id().indexOf('/') + 1);
        work.edit(job -> job.decisions().own().stream()
                .filter(o -> o.id().equals(id))
                .findFirst()
                .map(o -> new Edit.Decide(new Decision.Own(how.apply(o)))));
    }

    void drop(Ask ask) {
        work.changes().decide(new Decision.DropOwn(ask.id().substring(ask.id().indexOf('/') + 1)));
    }
}

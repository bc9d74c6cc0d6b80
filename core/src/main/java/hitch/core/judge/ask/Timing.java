package hitch.core.judge.ask;

import hitch.core.decide.When;
import hitch.core.finding.Weight;
import hitch.core.judge.matter.Case;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.matter.Theme;
import hitch.core.judge.remedy.Remedy;
import hitch.core.judge.work.Work;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/** How soon an ask is: by how much its matters weigh, sooner where a rule says so, before closing where the property is sold. */
final class Timing {
    private Timing() {}

    static When when(List<Matter> matters, Remedy remedy, Case c) {
        When when = matters.stream().map(m -> byWeight(m, remedy.work(), c)).reduce(When.WATCH, When::sooner);
        return remedy.soonest().map(s -> when.sooner(sale(s, c))).orElse(when);
    }

    private static When byWeight(Matter m, Work work, Case c) {
        if (!m.owners()) {
            return When.WATCH;
        }
        if (work instanceof Work.Prove && c.visit().isSale()) {
            return When.BEFORE_CLOSING;
        }
        return switch (m.weight()) {
            case STOP -> When.NOW;
            case MEND -> sale(When.WITHIN_MONTHS, c);
            case TEND -> When.WITHIN_MONTHS;
            case WATCH, NOTED -> When.WATCH;
        };
    }

    private static When sale(When when, Case c) {
        return when == When.WITHIN_MONTHS && c.visit().isSale() ? When.BEFORE_CLOSING : when;
    }

    /** Within how many months; for what is only watched, when to look again. */
    static int months(List<Matter> matters, Remedy remedy, When when, Case c) {
        return switch (when) {
            case NOW, BEFORE_CLOSING -> 0;
            case WITHIN_MONTHS ->
                remedy.work().isRepair() || matters.stream().anyMatch(m -> m.theme() == Theme.OPENINGS)
                        ? c.rules().judging().repairWithin()
                        : c.rules().judging().careWithin();
            case WATCH -> c.rules().judging().lookEvery();
        };
    }

    static Optional<LocalDate> due(When when, int months, Case c) {
        return when == When.BEFORE_CLOSING ? Optional.empty() : c.visit().day().map(d -> d.plusMonths(months));
    }

    /** Knots of what nobody weighed. */
    static Weight heaviest(List<Matter> matters) {
        return matters.stream().map(Matter::weight).max(Weight::compareTo).orElse(Weight.NOTED);
    }
}

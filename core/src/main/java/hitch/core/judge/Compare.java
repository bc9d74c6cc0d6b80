package hitch.core.judge;

import hitch.core.judge.remedy.Reason;
import hitch.core.judge.remedy.Remedy;
import hitch.core.judge.work.Work;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Holds the ways to meet a matter against each other. */
final class Compare {
    private Compare() {}

    /** Says so where mending single places costs near what the stretch does. */
    static List<Remedy> nearTheStretch(List<Remedy> ways, int percent) {
        Optional<Remedy> stretch =
                ways.stream().filter(r -> r.work() instanceof Work.Replace).findFirst();
        return ways.stream()
                .map(r -> r.work() instanceof Work.SpotRepair
                                && stretch.filter(s -> isNear(r, s, percent)).isPresent()
                        ? r.withBecause(with(r, stretch.get(), percent))
                        : r)
                .toList();
    }

    private static boolean isNear(Remedy spot, Remedy stretch, int percent) {
        boolean priced =
                spot.cost().money().isPresent() && stretch.cost().money().isPresent();
        double spotCost =
                priced ? spot.cost().money().get().middle() : spot.cost().effort();
        double stretchCost =
                priced ? stretch.cost().money().get().middle() : stretch.cost().effort();
        return 100 * spotCost >= percent * stretchCost;
    }

    private static List<Reason> with(Remedy spot, Remedy stretch, int percent) {
        List<Reason> because = new ArrayList<>(spot.because());
        because.add(Reason.number(
                "It costs near what new pipe over the whole stretch does (" + percent + " % or more of it)"
                        + stretch.cost().words().map(w -> ", which is " + w).orElse("") + ": ask for both prices.",
                "judging.near-stretch"));
        return because;
    }
}

package hitch.bench;

import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.measure.Distance;
import hitch.core.survey.Line;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.sim.line.LinePlan;
import hitch.sim.line.PlanMaker;
import hitch.sim.line.PlannedJob;
import hitch.sim.line.TrueSeeing;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;

/** Made-up lines, reckoned from what a camera and a reviewer give, held against the truth. */
public final class LineTable {
    /** As many made-up lines as the table shows. */
    public static final int LINES = 30;

    /**
     * How one line came out.
     *
     * @param number which line
     * @param runs trips of the camera
     * @param branches pipes that join it
     * @param slips counters that truly slipped
     * @param slipsFound those taken out
     * @param marks findings marked by the reviewer
     * @param things things that were marked at least once
     * @param doubled things that came out more than once
     * @param lost things that came out as part of another, or not at all
     * @param stationFt the worst error of a thing's station, feet
     * @param lengthShare the worst error of a length of one sort of pipe, as a share of all pipe
     * @param unseenFt error of the length not seen well, feet
     * @param misclosureFt root mean square of the ties' gaps, feet
     */
    public record Outcome(
            int number,
            int runs,
            int branches,
            int slips,
            int slipsFound,
            int marks,
            int things,
            int doubled,
            int lost,
            double stationFt,
            double lengthShare,
            double unseenFt,
            double misclosureFt) {
        /** Whether all of it is as near as it should be. */
        public boolean good() {
            return doubled == 0 && lost == 0 && stationFt <= 0.5 && lengthShare <= 0.01 && unseenFt <= 1;
        }
    }

    private LineTable() {}

    /** All lines, a row each. */
    public static List<Outcome> run(Consumer<String> say) {
        say.accept(
                "line runs branches slips found marks things doubled lost  station ft  length %  unseen ft  misclosure ft");
        List<Outcome> outcomes = new ArrayList<>();
        for (int number = 1; number <= LINES; number++) {
            Outcome o = line(number);
            outcomes.add(o);
            say.accept(String.format(
                    Locale.ROOT,
                    "%4d %4d %8d %5d %5d %5d %6d %7d %4d %11.2f %9.2f %10.2f %14.2f%s",
                    o.number(),
                    o.runs(),
                    o.branches(),
                    o.slips(),
                    o.slipsFound(),
                    o.marks(),
                    o.things(),
                    o.doubled(),
                    o.lost(),
                    o.stationFt(),
                    100 * o.lengthShare(),
                    o.unseenFt(),
                    o.misclosureFt(),
                    o.good() ? "" : "  *"));
        }
        say.accept(String.format(
                Locale.ROOT,
                "%d of %d lines with every station within 0.5 ft, every length within 1 %% of the pipe, the unseen "
                        + "length within 1 ft, nothing doubled, nothing lost",
                outcomes.stream().filter(Outcome::good).count(),
                outcomes.size()));
        return outcomes;
    }

    /** One made-up line; the same number is always the same line. */
    public static Outcome line(int number) {
        LinePlan plan = PlanMaker.make(number);
        PlannedJob planned = new PlannedJob(plan);
        Survey survey = Reckoner.survey(planned.job(), planned.watched());
        return compare(plan, planned, survey);
    }

    private static Outcome compare(LinePlan plan, PlannedJob planned, Survey survey) {
        Map<LinePlan.Thing, Integer> found = new HashMap<>();
        double worst = 0;
        int mixed = 0;
        for (LocatedFinding thing : survey.findings()) {
            Set<LinePlan.Thing> truly = new LinkedHashSet<>();
            for (FindingId id : thing.ids()) {
                truly.add(planned.truth().get(id));
            }
            mixed += truly.size() - 1;
            LinePlan.Thing first = truly.iterator().next();
            found.merge(first, 1, Integer::sum);
            double at = thing.extent().orElseThrow().middle().mm() / Distance.MM_PER_FOOT;
            boolean here = thing.branch().equals(first.branch());
            worst = Math.max(worst, here ? Math.abs(at - first.at()) : 99);
        }
        Set<LinePlan.Thing> marked = new HashSet<>(planned.truth().values());
        int doubled = found.values().stream().mapToInt(n -> n - 1).sum();
        long missing = marked.stream().filter(t -> !found.containsKey(t)).count();
        Line line = survey.line();
        TrueSeeing truth = new TrueSeeing(plan);
        boolean main = marked.stream().anyMatch(LinePlan.Thing::isMain);
        return new Outcome(
                plan.number(),
                plan.trips().size(),
                plan.pipes().size() - 1,
                (int) plan.trips().stream().filter(t -> t.slipAt() > 0).count(),
                line.tied().slips().size(),
                planned.truth().size(),
                marked.size(),
                doubled,
                (int) Math.max(missing, mixed),
                worst,
                lengths(plan, line, truth, main),
                Math.abs(line.seeing().unseenMm() / Distance.MM_PER_FOOT - unseen(plan, truth, main)),
                line.tied().misclosure() / Distance.MM_PER_FOOT);
    }

    /** The worst error of a length by sort of pipe, unknown pipe among them, as a share of all. */
    private static double lengths(LinePlan plan, Line line, TrueSeeing truth, boolean main) {
        Map<String, Double> truly = new HashMap<>();
        for (LinePlan.Pipe pipe : plan.pipes()) {
            for (LinePlan.Span span : pipe.spans()) {
                truly.merge(span.words(), truth.reached(pipe.name(), span.from(), span.to()), Double::sum);
            }
            double unknown = whole(pipe, truth, main) - truth.reached(pipe.name(), pipe.from(), pipe.to());
            if (unknown > 0.01) {
                truly.merge("unknown pipe", unknown, Double::sum);
            }
        }
        Map<String, Double> reckoned = new HashMap<>();
        line.lengths().forEach(r -> reckoned.put(r.pipe(), r.all().inFeet()));
        double all = truly.values().stream().mapToDouble(d -> d).sum();
        Set<String> sorts = new HashSet<>(truly.keySet());
        sorts.addAll(reckoned.keySet());
        return sorts.stream()
                        .mapToDouble(s -> Math.abs(truly.getOrDefault(s, 0.0) - reckoned.getOrDefault(s, 0.0)))
                        .max()
                        .orElse(0)
                / all;
    }

    private static double unseen(LinePlan plan, TrueSeeing truth, boolean main) {
        return plan.pipes().stream()
                .mapToDouble(p -> whole(p, truth, main) - truth.seen(p.name(), p.from(), p.to()))
                .sum();
    }

    /** Feet of a pipe that can be known of: from the first place reached to its join, or to the main once it was seen. */
    private static double whole(LinePlan.Pipe pipe, TrueSeeing truth, boolean main) {
        if (!truth.knows(pipe.name())) {
            return 0;
        }
        boolean end = main || !pipe.name().isEmpty();
        return (end ? pipe.to() : truth.highest(pipe.name())) - truth.lowest(pipe.name());
    }
}

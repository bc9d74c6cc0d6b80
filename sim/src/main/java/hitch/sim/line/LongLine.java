package hitch.sim.line;

import hitch.core.footage.ClipId;
import hitch.core.footage.Watched;
import hitch.core.job.Job;
import hitch.core.pipe.Material;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.LongSupplier;

/** A line of fifty overlapping runs with thousands of findings, to see how long reckoning takes. */
public final class LongLine {
    private static final int RUNS = 50;
    private static final double EVERY_FT = 80;
    private static final double REACH_FT = 108;
    private static final double THING_EVERY_FT = 1.66;
    private static final int TURNS = 21;
    private static final double BUDGET_MS = 200;

    private final Job job;
    private final Map<ClipId, Watched> watched;

    public LongLine() {
        PlannedJob planned = new PlannedJob(plan());
        this.job = planned.job();
        this.watched = planned.watched();
    }

    public Survey survey() {
        return Reckoner.survey(job, watched);
    }

    /** Times the reckoning; the middle of some turns, after as many to warm up. */
    public void time(LongSupplier nanos, Consumer<String> say) {
        double[] times = new double[TURNS];
        for (int i = 0; i < 2 * TURNS; i++) {
            long start = nanos.getAsLong();
            survey();
            times[i % TURNS] = (nanos.getAsLong() - start) / 1e6;
        }
        Arrays.sort(times);
        Survey survey = survey();
        say.accept(String.format(
                Locale.ROOT,
                "%d runs, %,d findings, %,d things, %,d ties: reckoned in %.0f ms, %.2f of %.0f ms",
                survey.runs().size(),
                job.findings().size(),
                survey.findings().size(),
                survey.line().tied().ties().size(),
                times[TURNS / 2],
                times[TURNS / 2] / BUDGET_MS,
                BUDGET_MS));
    }

    private static LinePlan plan() {
        double end = (RUNS - 1) * EVERY_FT + REACH_FT;
        String[] sorts = {
            "roots top heavy", "offset 1/2 in top", "crack top", "coupling", "bend 45 degrees", "break bottom"
        };
        List<LinePlan.Thing> things = new ArrayList<>();
        double at = 1;
        for (int i = 0; at < end; i++) {
            things.add(new LinePlan.Thing("", at, sorts[i % sorts.length], sorts[i % sorts.length]));
            at += THING_EVERY_FT;
        }
        LinePlan.Span span = new LinePlan.Span(0, end, Material.CLAY, 6);
        List<LinePlan.Trip> trips = new ArrayList<>();
        for (int i = 0; i < RUNS; i++) {
            boolean tied = i % 2 == 1;
            trips.add(new LinePlan.Trip(
                    "run " + (i + 1),
                    "",
                    i * EVERY_FT,
                    i * EVERY_FT + (tied ? 1.5 : 0),
                    tied,
                    1,
                    REACH_FT,
                    0,
                    0,
                    0,
                    0,
                    i % 3 == 0,
                    List.of(new double[] {20, 30})));
        }
        return new LinePlan(
                0, List.of(new LinePlan.Pipe("", 0, end, List.of(span))), List.copyOf(things), List.copyOf(trips));
    }
}

package hitch.core.survey.align;

import hitch.core.counter.CounterTrace;
import hitch.core.counter.Heading;
import hitch.core.counter.Pass;
import hitch.core.finding.Finding;
import hitch.core.finding.Sighting;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.pipe.BranchNames;
import hitch.core.run.Phase;
import hitch.core.run.Run;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Writes down every sight of every finding, on its run and pass. */
final class SightBook {
    /** A person marks a thing within this much of where it is, given a trusted counter. */
    private static final double EYE_MM = 0.15 * Distance.MM_PER_FOOT;
    /** A place that was typed is meant. */
    private static final double TYPED_MM = 0.1 * Distance.MM_PER_FOOT;
    /** How far a counter may be off that nothing is known of. */
    private static final double UNTRUSTED_MM = 1.5 * Distance.MM_PER_FOOT;

    private final List<Run> runs;
    private final Map<ClipId, CounterTrace> traces;
    private final List<String> names;
    private final Map<ClipId, Integer> runOf = new HashMap<>();
    private final Map<ClipId, List<Numbered>> passes = new HashMap<>();

    /** A pass with its number in the job. */
    private record Numbered(long fromPts, int number) {}

    /**
     * @param names of all branches
     */
    SightBook(List<Run> runs, Map<ClipId, CounterTrace> traces, List<String> names) {
        this.runs = runs;
        this.names = names;
        this.traces = traces;
        int number = 0;
        for (int i = 0; i < runs.size(); i++) {
            number++;
            Heading heading = Heading.STILL;
            for (ClipId clip : runs.get(i).clips()) {
                runOf.put(clip, i);
                List<Numbered> own = new ArrayList<>();
                own.add(new Numbered(Long.MIN_VALUE, number));
                CounterTrace trace = traces.get(clip);
                for (Pass pass : trace == null ? List.<Pass>of() : trace.passes()) {
                    boolean turned = pass.heading() != Heading.STILL && pass.heading() != heading;
                    if (turned) {
                        // The first pass of a run, and one that goes on in the next clip, is no turn.
                        number += heading == Heading.STILL ? 0 : 1;
                        heading = pass.heading();
                        own.add(new Numbered(pass.fromPts(), number));
                    }
                }
                passes.put(clip, own);
            }
        }
    }

    /** All sights of {@code findings} on clips that have a run and a counter. */
    List<Sight> of(List<Finding> findings) {
        List<Sight> all = new ArrayList<>();
        for (Finding finding : findings) {
            sight(finding, finding.frame(), finding.typed(), finding.wording()).ifPresent(all::add);
            for (Sighting again : finding.sightings()) {
                sight(finding, again.frame(), Optional.empty(), again.wording()).ifPresent(all::add);
            }
        }
        return all;
    }

    private Optional<Sight> sight(Finding finding, FrameRef frame, Optional<Extent> typed, String words) {
        Integer number = runOf.get(frame.clip());
        if (number == null) {
            return Optional.empty();
        }
        Run run = runs.get(number);
        int pass = passOf(frame);
        Phase said = Phase.saidIn(words);
        Phase phase = said == Phase.NOT_SAID ? run.phase() : said;
        if (typed.isPresent()) {
            double from = typed.get().from().mm() - run.start().mm();
            double to = typed.get().to().mm() - run.start().mm();
            return Optional.of(new Sight(
                    finding, frame, number, pass, from, to, TYPED_MM, Sight.isWith(run), named(finding), phase, words));
        }
        CounterTrace trace = traces.get(frame.clip());
        if (trace == null) {
            return Optional.empty();
        }
        double at = run.direction().sign()
                * (trace.cableAt(frame.pts()).orElseThrow() - run.atThePipe().mm());
        double error = EYE_MM + UNTRUSTED_MM * (1 - trace.confidenceAt(frame.pts()));
        return Optional.of(new Sight(
                finding, frame, number, pass, at, at, error, Sight.isWith(run), named(finding), phase, words));
    }

    private String named(Finding finding) {
        return BranchNames.in(finding.wording() + " " + finding.remark(), names).orElse("");
    }

    int passOf(FrameRef frame) {
        int number = 0;
        for (Numbered pass : passes.getOrDefault(frame.clip(), List.of())) {
            if (pass.fromPts() <= frame.pts()) {
                number = pass.number();
            }
        }
        return number;
    }
}

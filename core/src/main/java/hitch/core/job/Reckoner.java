package hitch.core.job;

import hitch.core.counter.CounterTrace;
import hitch.core.counter.Heading;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.PipePart;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.Stretch;
import hitch.core.judge.Adviser;
import hitch.core.judge.Survey;
import hitch.core.judge.Weighed;
import hitch.core.judge.Weigher;
import hitch.core.line.Direction;
import hitch.core.line.Extent;
import hitch.core.line.PipeChange;
import hitch.core.line.PipeSpan;
import hitch.core.line.PipeSpans;
import hitch.core.line.Run;
import hitch.core.line.Station;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Reckons the survey of a job: traces, stations, spans, weights, advice. Pure: the same job gives the same survey. */
public final class Reckoner {
    private Reckoner() {}

    /** The survey of a job whose footage has not been looked through. */
    public static Survey survey(Job job) {
        return survey(job, Map.of());
    }

    /**
     * @param stretches what a look through each clip found
     */
    public static Survey survey(Job whole, Map<ClipId, List<Stretch>> stretches) {
        Job job = inUse(whole);
        Map<ClipId, CounterTrace> traces = new LinkedHashMap<>();
        for (Clip clip : job.clips()) {
            CounterTrace trace = CounterTrace.fit(clip.base(), job.counterOf(clip.id()));
            if (!trace.isEmpty()) {
                traces.put(clip.id(), trace);
            }
        }
        Weigher weigher = new Weigher(job.rules());
        List<LocatedFinding> findings = job.findings().stream()
                .map(f -> locate(f, job, traces, weigher))
                .sorted(Comparator.comparing(
                                (LocatedFinding f) -> f.extent().orElse(null),
                                Comparator.nullsLast(Comparator.naturalOrder()))
                        .thenComparing(f -> f.finding().frame().pts())
                        .thenComparing(f -> f.finding().id().value()))
                .toList();
        Optional<Extent> seen = seen(job, traces);
        List<PipeSpan> spans = seen.map(s -> PipeSpans.reckon(s, openings(job), changes(findings)))
                .orElse(List.of());
        return new Survey(
                job.facts(),
                job.rules(),
                job.clips(),
                job.runs(),
                traces,
                seen,
                spans,
                findings,
                new Adviser(job.rules()).advise(findings, spans),
                stretches,
                seen.map(s -> SeenWell.reckon(job, traces, stretches, s)).orElse(List.of()),
                job.adjustments());
    }

    /** The job without the clips that were put aside and what was found on them. */
    private static Job inUse(Job job) {
        if (job.aside().isEmpty()) {
            return job;
        }
        List<Run> runs = job.runs().stream()
                .map(r -> r.withClips(
                        r.clips().stream().filter(c -> !job.aside().contains(c)).toList()))
                .toList();
        List<Finding> findings = job.findings().stream()
                .filter(f -> !job.aside().contains(f.frame().clip()))
                .toList();
        return new Job(
                job.facts(),
                job.rules(),
                job.clipsInUse(),
                runs,
                job.marks(),
                job.aside(),
                job.adjustments(),
                findings,
                job.talk(),
                job.nextFinding());
    }

    private static LocatedFinding locate(Finding finding, Job job, Map<ClipId, CounterTrace> traces, Weigher weigher) {
        Optional<Run> run = job.runOf(finding.frame().clip());
        Optional<CounterTrace> trace =
                Optional.ofNullable(traces.get(finding.frame().clip()));
        long pts = finding.frame().pts();
        Optional<Extent> fromTrace = run.flatMap(
                r -> trace.map(t -> Extent.at(r.stationOf(t.cableAt(pts).orElseThrow()))));
        Optional<Extent> extent = finding.typed().or(() -> fromTrace);
        double confidence = finding.typed().isPresent()
                ? 1
                : trace.map(t -> t.confidenceAt(pts)).orElse(0.0);
        Weighed weighed = weigher.weigh(finding, extent);
        return new LocatedFinding(
                finding,
                extent,
                run,
                trace.map(t -> t.headingAt(pts)).orElse(Heading.STILL),
                extent.isPresent() ? confidence : 0,
                weighed.weight(),
                weighed.because());
    }

    private static Optional<Extent> seen(Job job, Map<ClipId, CounterTrace> traces) {
        List<Station> reached = new ArrayList<>();
        for (Run run : job.runs()) {
            for (ClipId clip : run.clips()) {
                CounterTrace trace = traces.get(clip);
                if (trace != null) {
                    trace.knots()
                            .forEach(k -> reached.add(run.stationOf(
                                    Math.max(k.cable(), run.datum().mm()))));
                    reached.add(run.start());
                }
            }
        }
        return reached.stream()
                .min(Comparator.naturalOrder())
                .map(low -> new Extent(
                        low, reached.stream().max(Comparator.naturalOrder()).orElseThrow()));
    }

    private static List<PipeSpans.OpeningAt> openings(Job job) {
        return job.runs().stream()
                .map(r -> new PipeSpans.OpeningAt(r.start(), r.opening()))
                .toList();
    }

    private static List<PipeChange> changes(List<LocatedFinding> findings) {
        List<PipeChange> changes = new ArrayList<>();
        for (LocatedFinding found : findings) {
            FindingKind kind = found.finding().kind();
            boolean change = kind == FindingKind.MATERIAL_CHANGE || kind == FindingKind.SIZE_CHANGE;
            if (!change || found.extent().isEmpty()) {
                continue;
            }
            // A note names the pipe as the camera goes out; against the flow its far side lies up the line.
            boolean with =
                    found.run().map(r -> r.direction() == Direction.WITH_FLOW).orElse(true);
            PipePart near = found.finding().traits().before();
            PipePart far = found.finding().traits().after();
            PipePart up = with ? near : far;
            PipePart down = with ? far : near;
            changes.add(new PipeChange(
                    found.extent().get().from(), up.material(), down.material(), up.size(), down.size()));
        }
        return changes;
    }
}

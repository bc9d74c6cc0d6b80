package hitch.core.survey;

import hitch.core.counter.CounterTrace;
import hitch.core.finding.Finding;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.BurnedIn;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.Watched;
import hitch.core.job.Job;
import hitch.core.job.JobBuilder;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.run.Run;
import hitch.core.survey.align.LineTies;
import hitch.core.survey.align.Tied;
import hitch.core.survey.told.Photos;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Reckons the survey of a job: traces, the line, weights. Pure: the same job gives the same survey. */
public final class Reckoner {
    private Reckoner() {}

    /** The survey of a job whose footage has not been looked through. */
    public static Survey survey(Job job) {
        return survey(job, Map.of());
    }

    /**
     * @param watched what a look through each clip found
     */
    public static Survey survey(Job whole, Map<ClipId, Watched> watched) {
        Job job = inUse(whole);
        Map<ClipId, CounterTrace> traces = new LinkedHashMap<>();
        for (Clip clip : job.clips()) {
            CounterTrace trace = CounterTrace.fit(clip.base(), job.counterOf(clip.id()));
            if (!trace.isEmpty()) {
                traces.put(clip.id(), trace);
            }
        }
        Tied tied = LineTies.tie(job.runs(), traces, job.line().branches(), job.findings());
        Locating locating = new Locating(job, tied, watched);
        List<LocatedFinding> marked = locating.noted();
        List<LocatedFinding> things = locating.once(marked);
        Optional<Station> main = PublicMain.at(job.line(), things);
        List<LocatedFinding> noted = PublicMain.parted(marked, main);
        List<LocatedFinding> findings = PublicMain.parted(things, main);
        Line line = LineReckoner.reckon(new Evidence(
                tied, findings, job.clips(), watched, job.line(), job.rules().line()));
        return new Survey(
                job.facts(),
                job.rules(),
                job.clips(),
                tied.runs(),
                tied.traces(),
                line.main().map(Reckoner::seen),
                line.main().map(Way::spans).orElse(List.of()),
                findings,
                noted,
                watched,
                line,
                job.adjustments(),
                job.story(),
                job.decisions(),
                writing(job, watched),
                job.hiding(),
                Photos.of(job.clips(), job.photos(), findings),
                List.of());
    }

    private static List<BurnedIn> writing(Job job, Map<ClipId, Watched> watched) {
        return job.clips().stream()
                .flatMap(c ->
                        BurnedIn.settled(
                                c.id(),
                                watched.getOrDefault(c.id(), Watched.NOTHING).writing(),
                                job.writing())
                                .stream())
                .toList();
    }

    /** From the first place on the line that the camera reached to the last. */
    private static Extent seen(Way line) {
        List<Extent> parts = line.reached().parts();
        return parts.isEmpty() ? line.whole() : parts.getFirst().joined(parts.getLast());
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
        return JobBuilder.builder(job)
                .clips(job.clipsInUse())
                .runs(runs)
                .findings(findings)
                .build();
    }
}

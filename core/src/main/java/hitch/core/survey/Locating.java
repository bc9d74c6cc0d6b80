package hitch.core.survey;

import hitch.core.counter.CounterTrace;
import hitch.core.counter.Heading;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Lasting;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Sighting;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.footage.Watched;
import hitch.core.job.Job;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.pipe.Branch;
import hitch.core.rules.Weighed;
import hitch.core.rules.Weigher;
import hitch.core.run.Phase;
import hitch.core.run.Run;
import hitch.core.survey.align.Tied;
import hitch.core.survey.told.CleanedStretches;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Puts findings on the line: each as it was marked, and each thing once. */
final class Locating {
    private static final Comparator<LocatedFinding> BY_STATION = Comparator.comparing(
                    (LocatedFinding f) -> f.extent().orElse(null), Comparator.nullsLast(Comparator.naturalOrder()))
            .thenComparing(f -> f.finding().frame().pts())
            .thenComparing(f -> f.finding().id().value());

    private final Map<FindingId, Finding> findings = new HashMap<>();
    private final Map<FindingId, Tied.Thing> things = new HashMap<>();
    private final Map<ClipId, Run> runOf = new HashMap<>();
    private final Job job;
    private final Tied tied;
    private final Weigher weigher;
    private final BestPicture best;
    private final WhatLasts lasts;
    private final CleanedStretches cleaned;

    Locating(Job job, Tied tied, Map<ClipId, Watched> watched) {
        this.job = job;
        this.tied = tied;
        this.weigher = new Weigher(job.rules());
        this.lasts = new WhatLasts(tied);
        this.cleaned = CleanedStretches.of(job.findings());
        this.best = new BestPicture(tied, watched, job.rules().line());
        job.findings().forEach(f -> findings.put(f.id(), f));
        tied.things().forEach(t -> t.ids().forEach(id -> things.put(id, t)));
        tied.runs().forEach(r -> r.clips().forEach(c -> runOf.put(c, r)));
    }

    /** Every finding where it was marked, in order of station; those without one last. */
    List<LocatedFinding> noted() {
        return job.findings().stream().map(this::alone).sorted(BY_STATION).toList();
    }

    /** Every thing once, whatever number of findings were marked of it. */
    List<LocatedFinding> once(List<LocatedFinding> noted) {
        Map<FindingId, LocatedFinding> byId = new HashMap<>();
        noted.forEach(f -> byId.put(f.finding().id(), f));
        List<LocatedFinding> once = new ArrayList<>();
        for (LocatedFinding found : noted) {
            Tied.Thing thing = things.get(found.finding().id());
            if (thing == null || thing.ids().size() == 1) {
                once.add(found);
            } else if (thing.ids().getFirst().equals(found.finding().id())) {
                once.add(together(thing, thing.ids().stream().map(byId::get).toList()));
            }
        }
        return once.stream().sorted(BY_STATION).toList();
    }

    private LocatedFinding alone(Finding finding) {
        Tied.Thing thing = things.get(finding.id());
        boolean own = thing != null && thing.ids().size() == 1;
        ClipId clip = finding.frame().clip();
        Optional<Run> run = Optional.ofNullable(runOf.get(clip));
        Optional<CounterTrace> trace = Optional.ofNullable(tied.traces().get(clip));
        // What was noticed in the house has no place in the pipe.
        boolean nowhere = finding.kind() == FindingKind.SYMPTOM;
        Optional<Extent> extent = nowhere
                ? Optional.empty()
                : own ? Optional.of(thing.extent()) : typed(finding).or(() -> at(finding.frame(), run, trace));
        double confidence = finding.typed().isPresent()
                ? 1
                : trace.map(t -> t.confidenceAt(finding.frame().pts())).orElse(0.0);
        String branch = thing == null ? Branch.LINE : thing.branch();
        Phase phase = cleaned.phase(WhatLasts.phase(finding, tied.runs()), extent);
        Lasting lasting = lasts.of(finding, phase, branch, extent);
        Weighed weighed = weigher.weigh(finding, extent, lasting);
        return new LocatedFinding(
                finding,
                extent,
                run,
                trace.map(t -> t.headingAt(finding.frame().pts())).orElse(Heading.STILL),
                extent.isPresent() ? confidence : 0,
                weighed.weight(),
                weighed.because(),
                branch,
                own ? thing.doubt() : Distance.ZERO,
                List.of(),
                own ? best.of(thing.frames(), thing.extent().middle()) : finding.frame(),
                lasting,
                phase);
    }

    /** A typed place goes where its run went. */
    private Optional<Extent> typed(Finding finding) {
        return finding.typed().map(e -> e.movedBy(tied.movedMm(finding.frame().clip())));
    }

    private static Optional<Extent> at(FrameRef frame, Optional<Run> run, Optional<CounterTrace> trace) {
        return run.flatMap(r ->
                trace.map(t -> Extent.at(r.stationOf(t.cableAt(frame.pts()).orElseThrow()))));
    }

    /** The words and the weight of the one that asks for most; a thing is not made lighter by a lighter word for it. */
    private LocatedFinding together(Tied.Thing thing, List<LocatedFinding> members) {
        LocatedFinding lead = members.stream()
                .max(Comparator.comparing(
                                (LocatedFinding f) -> f.finding().weightSet().isPresent())
                        .thenComparing(LocatedFinding::weight)
                        .thenComparing(f -> -members.indexOf(f)))
                .orElseThrow();
        List<Sighting> more = new ArrayList<>();
        for (LocatedFinding member : members) {
            if (member != lead) {
                more.add(new Sighting(member.finding().frame(), member.finding().wording()));
                more.addAll(member.finding().sightings());
            }
        }
        Finding whole = lead.finding().seenAgain(more);
        Lasting lasting = lasts.of(whole, lead.phase(), thing.branch(), Optional.of(thing.extent()));
        Weighed weighed = weigher.weigh(lead.finding(), Optional.of(thing.extent()), lasting);
        return new LocatedFinding(
                whole,
                Optional.of(thing.extent()),
                lead.run(),
                lead.heading(),
                members.stream().mapToDouble(LocatedFinding::confidence).max().orElse(0),
                weighed.weight(),
                weighed.because(),
                thing.branch(),
                thing.doubt(),
                thing.ids().stream()
                        .filter(id -> !id.equals(lead.finding().id()))
                        .toList(),
                best.of(thing.frames(), thing.extent().middle()),
                lasting,
                lead.phase());
    }
}

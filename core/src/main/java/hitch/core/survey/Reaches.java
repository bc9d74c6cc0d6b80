package hitch.core.survey;

import hitch.core.detail.Detail;
import hitch.core.detail.Step;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Traits;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.pipe.Opening.Ways;
import hitch.core.pipe.PipeSize;
import hitch.core.pipe.PipeSpan;
import hitch.core.rules.LineRules;
import hitch.core.run.Run;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Reckons what can be cleaned from where. An opening narrower than the pipe lets only a narrow tool in, which leaves
 * roots hanging in the wider pipe.
 */
public final class Reaches {
    private final Line line;
    private final LineRules rules;
    private final List<LocatedFinding> bends;
    private final List<LocatedFinding> steps;

    Reaches(Line line, LineRules rules, List<LocatedFinding> findings) {
        this.line = line;
        this.rules = rules;
        this.bends = placed(findings, FindingKind.BEND);
        this.steps = placed(findings, FindingKind.OFFSET);
    }

    private static List<LocatedFinding> placed(List<LocatedFinding> findings, FindingKind kind) {
        return findings.stream()
                .filter(f -> f.finding().kind() == kind && f.extent().isPresent())
                .toList();
    }

    /** From every opening that need not be dug for to a finding, the best first. Empty while the finding has no station. */
    public List<Reach> to(LocatedFinding found) {
        List<Reach> reaches = new ArrayList<>();
        if (found.extent().isPresent()) {
            line.openings().stream()
                    .filter(o -> !o.buried())
                    .flatMap(o -> from(o, found).stream())
                    .forEach(reaches::add);
        }
        reaches.sort(Comparator.comparing(Reach::passage).thenComparing(Reach::distance));
        return List.copyOf(reaches);
    }

    private Optional<Reach> from(LineOpening opening, LocatedFinding found) {
        Extent extent = found.extent().orElseThrow();
        // The far end of a stretch must be reached too.
        boolean beyond = extent.middle().compareTo(opening.at()) >= 0;
        var target = beyond ? extent.to() : extent.from();
        return Route.between(line.ways(), opening.branch(), opening.at(), found.branch(), target)
                .map(r -> judge(opening, found, r));
    }

    private Reach judge(LineOpening opening, LocatedFinding found, Route route) {
        List<LocatedFinding> passed = bends.stream()
                .filter(b -> route.passes(b.branch(), b.extent().orElseThrow().middle()))
                .toList();
        int degrees = passed.stream().mapToInt(b -> Bends.degrees(b).orElse(0)).sum();
        Optional<PipeSize> narrowest = narrowest(opening, route);
        Optional<PipeSize> there = line.way(found.branch())
                .flatMap(w -> w.spanAt(found.extent().orElseThrow().middle()))
                .flatMap(PipeSpan::size);
        Judged passage = passage(opening, route, degrees, narrowest, there);
        return new Reach(
                opening,
                found.finding().id(),
                route.length(),
                passed.size(),
                degrees,
                narrowest,
                there,
                passage.passage(),
                passage.because());
    }

    private record Judged(Reach.Passage passage, String because) {}

    private Judged passage(
            LineOpening opening, Route route, int degrees, Optional<PipeSize> narrowest, Optional<PipeSize> there) {
        if (wrongWay(opening, route)) {
            return not("the opening leads the other way");
        }
        if (route.doublesBack()) {
            return not("the branch joins with the flow: a tool from it does not turn up the pipe");
        }
        Distance length = route.length();
        if (length.compareTo(rules.tools().reach()) > 0) {
            return not("further than a tool is pushed by the house rules");
        }
        if (degrees > rules.tools().bend()) {
            return not(degrees + " degrees of bend on the way, where the rules allow "
                    + rules.tools().bend());
        }
        Optional<LocatedFinding> step =
                steps.stream().filter(s -> stops(s, route)).findFirst();
        if (step.isPresent()) {
            return not("the " + step.get().finding().phrase() + " stands against its way");
        }
        if (narrowest.isEmpty() || there.isEmpty()) {
            return new Judged(Reach.Passage.NARROW, "the size of the pipe is not known all the way");
        }
        if (narrowest.get().inInches() < there.get().inInches()) {
            return new Judged(
                    Reach.Passage.NARROW,
                    "only a tool for " + narrowest.get().show() + " passes; the pipe there is "
                            + there.get().show());
        }
        return new Judged(Reach.Passage.WELL, "a tool as wide as the pipe passes");
    }

    /** Whether a tool on its way is pushed against an edge that is too high for it: up the pipe where it steps down, or the other way round. */
    private boolean stops(LocatedFinding step, Route route) {
        Traits traits = step.finding().traits();
        Optional<Step> as = traits.details().get(Detail.STEP);
        return as.isPresent()
                && traits.size()
                        .filter(h -> h.compareTo(rules.tools().step()) >= 0)
                        .isPresent()
                && route.legs().stream()
                        .anyMatch(l -> l.branch().equals(step.branch())
                                && l.extent().covers(step.extent().orElseThrow().middle())
                                && l.down() == (as.get() == Step.UP));
    }

    private static Judged not(String because) {
        return new Judged(Reach.Passage.NOT, because);
    }

    /** A one-way opening leads the way that runs went from it. */
    private boolean wrongWay(LineOpening opening, Route route) {
        if (route.legs().isEmpty() || opening.ways().orElse(Ways.TWO) == Ways.TWO) {
            return false;
        }
        boolean down = route.legs().getFirst().down();
        return line.tied().runs().stream()
                .filter(r -> line.tied().openedInto(r).equals(opening.branch())
                        && r.start().equals(opening.at()))
                .map(Run::direction)
                .noneMatch(d -> (d.sign() > 0) == down);
    }

    private Optional<PipeSize> narrowest(LineOpening opening, Route route) {
        List<Optional<PipeSize>> sizes = new ArrayList<>();
        sizes.add(opening.size());
        for (Route.Leg leg : route.legs()) {
            for (PipeSpan span : line.way(leg.branch()).map(Way::spans).orElse(List.of())) {
                boolean crossed = span.extent().from().compareTo(leg.extent().to()) < 0
                        && leg.extent().from().compareTo(span.extent().to()) < 0;
                if (crossed) {
                    sizes.add(span.size());
                }
            }
        }
        // One stretch of unknown size leaves the whole way unknown.
        return sizes.stream().anyMatch(Optional::isEmpty)
                ? Optional.empty()
                : sizes.stream().map(Optional::orElseThrow).min(Comparator.comparing(PipeSize::bore));
    }
}

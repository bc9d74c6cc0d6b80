package hitch.core.survey;

import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.measure.Distance;
import hitch.core.pipe.Opening;
import hitch.core.pipe.OpeningKind;
import hitch.core.pipe.PipeSpan;
import hitch.core.run.Direction;
import hitch.core.run.Run;
import hitch.core.survey.align.Tied;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Collects the ways into the line: those the camera went in by, and those it saw. */
final class Openings {
    /** An opening seen this near to one that was used is that one. */
    private static final long SAME_MM = Math.round(2 * Distance.MM_PER_FOOT);

    private Openings() {}

    static List<LineOpening> of(Evidence evidence, List<Way> ways) {
        List<LineOpening> all = new ArrayList<>();
        for (Run run : evidence.tied().runs()) {
            String pipe = evidence.tied().openedInto(run);
            boolean known = all.stream()
                    .anyMatch(o ->
                            o.branch().equals(pipe) && o.at().to(run.start()).mm() <= SAME_MM);
            if (!known && ways.stream().anyMatch(w -> w.name().equals(pipe))) {
                all.add(used(run, pipe, evidence.tied()));
            }
        }
        for (Way way : ways) {
            evidence.on(way.name(), FindingKind.OPENING)
                    .filter(f -> all.stream()
                            .noneMatch(o -> o.branch().equals(way.name())
                                    && o.at().to(f.extent().orElseThrow().middle())
                                                    .mm()
                                            <= SAME_MM))
                    .map(f -> seen(f, way))
                    .forEach(all::add);
        }
        all.sort(Comparator.comparing(LineOpening::branch).thenComparing(LineOpening::at));
        return List.copyOf(all);
    }

    private static LineOpening used(Run run, String pipe, Tied tied) {
        Opening opening = run.opening();
        List<Direction> gone = tied.runs().stream()
                .filter(r -> tied.openedInto(r).equals(pipe)
                        && r.start().to(run.start()).mm() <= SAME_MM)
                .map(Run::direction)
                .distinct()
                .toList();
        // Whatever it is called: what was gone both ways leads both ways.
        Opening.Ways ways = gone.size() > 1 ? Opening.Ways.TWO : opening.ways();
        return new LineOpening(
                opening.words(),
                opening.place(),
                opening.sort(),
                pipe,
                run.start(),
                opening.size(),
                Optional.of(ways).filter(w -> w != Opening.Ways.NOT_SAID),
                false,
                true,
                Optional.empty());
    }

    private static LineOpening seen(LocatedFinding found, Way way) {
        String words = found.finding().wording();
        OpeningKind sort = OpeningKind.of(words);
        return new LineOpening(
                sort == OpeningKind.BURIED_FITTING ? sort.word() : "opening seen from below",
                found.finding().remark(),
                sort,
                way.name(),
                found.extent().orElseThrow().middle(),
                way.spanAt(found.extent().orElseThrow().middle()).flatMap(PipeSpan::size),
                Optional.empty(),
                sort == OpeningKind.BURIED_FITTING,
                false,
                Optional.of(found.finding().id()));
    }
}

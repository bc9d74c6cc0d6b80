package hitch.core.survey;

import hitch.core.finding.FindingKind;
import hitch.core.finding.Lasting;
import hitch.core.finding.LocatedFinding;
import hitch.core.measure.Distance;
import hitch.core.pipe.Branch;
import hitch.core.pipe.PipeSpan;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Reckons the line from the evidence. Pure: the same evidence gives the same line. */
public final class LineReckoner {
    private static final Set<FindingKind> LENGTHWISE = EnumSet.of(
            FindingKind.STANDING_WATER,
            FindingKind.UNDER_WATER,
            FindingKind.FLAT_GRADE,
            FindingKind.REVERSE_GRADE,
            FindingKind.GREASE,
            FindingKind.DEBRIS,
            FindingKind.SCALE,
            FindingKind.ROOTS);

    private LineReckoner() {}

    public static Line reckon(Evidence evidence) {
        List<Track> tracks = TrackBook.of(evidence);
        WayReckoner reckoned = new WayReckoner(evidence, tracks);
        List<Way> ways = reckoned.all();
        Seeing seeing = new SeeingReckoner(evidence, tracks).of(ways);
        List<OpeningLeft> openingsLeft = new OpeningsLeft(evidence, tracks).of(ways);
        Depths depths = Depths.of(evidence, ways);
        List<LineOpening> openings = Openings.of(evidence, ways);
        OpeningChecks checks = new OpeningChecks(evidence, ways, openings);
        Whose whose = Whose.of(evidence, reckoned);
        return new Line(
                evidence.tied(),
                ways,
                events(evidence.findings()),
                seeing,
                new Limits(evidence, openingsLeft).of(ways, seeing),
                openingsLeft,
                depths,
                depths.falls(ways, evidence.rules()),
                openings,
                checks.sums(),
                checks.faults(),
                whose,
                lengths(ways, whose),
                Stationing.of(evidence.facts().readFrom(), reckoned.wall(), reckoned.main(), whose.boundary()),
                reckoned.wall(),
                reckoned.beyond());
    }

    private static List<LineEvent> events(List<LocatedFinding> findings) {
        return findings.stream()
                .filter(f -> LENGTHWISE.contains(f.finding().kind())
                        && f.extent().filter(e -> !e.isPoint()).isPresent())
                .filter(f -> !f.branch().equals(Branch.MAIN))
                .filter(f -> !f.lasting().isOver() && f.lasting() != Lasting.MOVED)
                .map(f -> new LineEvent(
                        f.finding().kind(),
                        f.finding().id(),
                        f.branch(),
                        f.extent().orElseThrow()))
                .toList();
    }

    private static List<LengthRow> lengths(List<Way> ways, Whose whose) {
        Map<String, long[]> sums = new LinkedHashMap<>();
        for (boolean unknown : new boolean[] {false, true}) {
            for (Way way : ways) {
                for (PipeSpan span : way.spans()) {
                    if (span.isUnknown() == unknown) {
                        long owners = whose.ownersMm(ways, way.name(), span.extent());
                        long[] sum = sums.computeIfAbsent(span.words(), w -> new long[2]);
                        sum[0] += owners;
                        sum[1] += span.length().mm() - owners;
                    }
                }
            }
        }
        return sums.entrySet().stream()
                .map(e -> new LengthRow(e.getKey(), new Distance(e.getValue()[0]), new Distance(e.getValue()[1])))
                .toList();
    }
}

package hitch.core.judge.matter;

import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.judge.age.Age;
import hitch.core.judge.age.Ages;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.survey.Limit;
import hitch.core.survey.Look;
import hitch.core.survey.SeenPart;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What no single finding asks for: water that never arrived, pipe that nobody has seen, pipe past its years, a line that nobody uses. */
public final class PipeMatters {
    /** A note made this near to where the camera stopped tells of that stop. */
    private static final Distance NEAR = Distance.feet(4);
    /** Shorter stretches are not worth going back for. */
    private static final Distance WORTH_IT = Distance.feet(1);

    private PipeMatters() {}

    /**
     * @param found the matters that findings stand for
     */
    public static List<Matter> of(Case in, List<Matter> found) {
        List<Matter> matters = new ArrayList<>();
        arrival(in).ifPresent(matters::add);
        hidden(in, found, matters);
        if (in.visit().isIdle()
                && !in.fixtures().anyArrived()
                && in.neverArrived().isEmpty()) {
            matters.add(Matter.ofTheLine(Theme.USE, Weight.NOTED, "nobody uses it and nothing was run"));
        }
        return List.copyOf(matters);
    }

    /** Stretches of the owner's pipe that are past all the years of their material. */
    public static Map<Matter, Age> ages(Case in) {
        Map<Matter, Age> old = new LinkedHashMap<>();
        for (Age age : Ages.of(in.survey())) {
            boolean owners = in.line()
                    .whose()
                    .isOwners(
                            in.line().ways(), age.branch(), age.span().extent().middle())
                    .orElse(true);
            if (age.isOver() && owners) {
                old.put(
                        Matter.ofThePipe(
                                Theme.AGE,
                                age.branch(),
                                Optional.of(age.span().extent()),
                                Weight.WATCH,
                                "it is past its years"),
                        age);
            }
        }
        return old;
    }

    private static Optional<Matter> arrival(Case in) {
        List<LocatedFinding> tests = in.neverArrived().stream()
                .flatMap(f -> f.findings().stream())
                .flatMap(id ->
                        in.survey().findings().stream().filter(f -> f.ids().contains(id)))
                .distinct()
                .toList();
        return tests.isEmpty()
                ? Optional.empty()
                : Optional.of(new Matter(
                        Theme.ARRIVAL,
                        "",
                        Branch.LINE,
                        Optional.empty(),
                        true,
                        tests,
                        List.of(),
                        Weight.WATCH,
                        "its water was watched for and never came"));
    }

    private static void hidden(Case in, List<Matter> found, List<Matter> matters) {
        for (Limit limit : in.line().limits()) {
            boolean end = limit.isUnknownBeyond() && limit.branch().equals(Branch.LINE) && isEnd(in, limit.from());
            if (end && isUntold(limit.from(), found)) {
                matters.add(Matter.ofThePipe(
                        Theme.HIDDEN, limit.branch(), Optional.of(limit.from()), Weight.WATCH, limit.why()));
            }
        }
        for (SeenPart part : in.line().seeing().parts()) {
            boolean owners = in.line()
                    .whose()
                    .isOwners(in.line().ways(), part.branch(), part.extent().middle())
                    .orElse(true);
            if (part.best() == Look.NOT_REACHED
                    && owners
                    && part.extent().length().compareTo(WORTH_IT) >= 0
                    && isUntold(part.extent(), found)) {
                matters.add(Matter.ofThePipe(
                        Theme.HIDDEN,
                        part.branch(),
                        Optional.of(part.extent()),
                        Weight.WATCH,
                        "the camera did not get there"));
            }
        }
    }

    /** The lower end of what is known of the line; not the opening that a run set out from, which nobody meant to pass. */
    private static boolean isEnd(Case in, Extent at) {
        boolean lower =
                in.line().main().filter(w -> w.whole().to().equals(at.to())).isPresent();
        return lower
                && in.line().tied().runs().stream().noneMatch(r -> r.start().equals(at.from()));
    }

    private static boolean isUntold(Extent extent, List<Matter> found) {
        return found.stream()
                .flatMap(m -> m.all().stream())
                .filter(f -> f.finding().kind() == FindingKind.LIMIT || f.weight() == Weight.STOP)
                .flatMap(f -> f.extent().stream())
                .noneMatch(e -> near(e.middle(), extent.from()) || near(e.middle(), extent.to()));
    }

    private static boolean near(Station a, Station b) {
        return a.to(b).compareTo(NEAR) <= 0;
    }
}

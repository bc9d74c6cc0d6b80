package hitch.core.survey;

import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.rules.LineRules;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Holds the openings against the house rules, from the upper end of each pipe down to the main. */
final class OpeningChecks {
    private static final long AT_THE_END_MM = Math.round(5 * Distance.MM_PER_FOOT);

    private final LineRules rules;
    private final List<Way> ways;
    private final List<LineOpening> openings;
    private final List<LocatedFinding> bends;

    OpeningChecks(Evidence evidence, List<Way> ways, List<LineOpening> openings) {
        this.rules = evidence.rules();
        this.ways = ways;
        this.openings = openings;
        this.bends = evidence.findings().stream()
                .filter(f ->
                        f.finding().kind() == FindingKind.BEND && f.extent().isPresent())
                .sorted(Comparator.comparing(f -> f.extent().orElseThrow()))
                .toList();
    }

    /** A stretch from one opening, or the upper end, to the next opening, or the main. */
    private record Gap(Way way, Extent extent) {}

    List<OpeningFault> faults() {
        List<OpeningFault> faults = new ArrayList<>();
        for (Way way : ways) {
            upperEnd(way).ifPresent(faults::add);
            for (Gap gap : gaps(way)) {
                spacing(gap).ifPresent(faults::add);
                bend(gap).ifPresent(faults::add);
            }
        }
        return List.copyOf(faults);
    }

    List<BendSum> sums() {
        return ways.stream().flatMap(w -> gaps(w).stream()).map(this::sum).toList();
    }

    private BendSum sum(Gap gap) {
        List<LocatedFinding> bends = bends(gap);
        int degrees = bends.stream().mapToInt(OpeningChecks::degrees).sum();
        int unsaid =
                (int) bends.stream().filter(f -> Bends.degrees(f).isEmpty()).count();
        return new BendSum(gap.way().name(), gap.extent(), bends.size(), degrees, unsaid);
    }

    private static int degrees(LocatedFinding bend) {
        return Bends.degrees(bend).orElse(0);
    }

    /** The stretches of a pipe between openings; a branch's last goes on to the next opening past its join. */
    private List<Gap> gaps(Way way) {
        List<Station> ends = new ArrayList<>();
        ends.add(way.whole().from());
        open(way.name()).map(LineOpening::at).sorted().forEach(ends::add);
        ends.add(end(way));
        List<Gap> gaps = new ArrayList<>();
        for (int i = 1; i < ends.size(); i++) {
            if (ends.get(i - 1).compareTo(ends.get(i)) < 0) {
                gaps.add(new Gap(way, new Extent(ends.get(i - 1), ends.get(i))));
            }
        }
        return gaps;
    }

    /** Where the last stretch of a pipe ends: the line's own end, or the next opening past a join. */
    private Station end(Way way) {
        Way at = way;
        while (at.isBranch() && at.join().isPresent()) {
            Station join = at.join().get();
            Optional<Way> next = way(at.into().orElse(Branch.LINE));
            Optional<Station> opening = next.stream()
                    .flatMap(w -> open(w.name()))
                    .map(LineOpening::at)
                    .filter(s -> s.compareTo(join) >= 0)
                    .min(Comparator.naturalOrder());
            if (opening.isPresent() || next.isEmpty()) {
                return opening.orElse(join);
            }
            at = next.get();
        }
        return at.whole().to();
    }

    private Optional<Way> way(String name) {
        return ways.stream().filter(w -> w.name().equals(name)).findFirst();
    }

    private Stream<LineOpening> open(String branch) {
        return openings.stream().filter(o -> o.branch().equals(branch) && !o.buried());
    }

    private Optional<OpeningFault> upperEnd(Way way) {
        Station upper = way.whole().from();
        boolean open = open(way.name()).anyMatch(o -> o.at().to(upper).mm() <= AT_THE_END_MM);
        if (open || !way.upperKnown()) {
            return Optional.empty();
        }
        Optional<LineOpening> fitting = buried(way.name())
                .filter(o -> o.at().to(upper).mm() <= AT_THE_END_MM)
                .findFirst();
        return Optional.of(new OpeningFault(
                OpeningFault.Rule.UPPER_END,
                way.name(),
                Extent.at(upper),
                way.words() + " has no opening at its upper end",
                fitting,
                fitting.isPresent() ? List.of() : List.of(upper)));
    }

    private Optional<OpeningFault> spacing(Gap gap) {
        long length = gap.extent().length().mm();
        long every = rules.openings().every().mm();
        if (length <= every) {
            return Optional.empty();
        }
        Optional<LineOpening> fitting = buried(gap)
                .filter(o -> o.at().to(gap.extent().from()).mm() <= every
                        && o.at().to(gap.extent().to()).mm() <= every)
                .min(Comparator.comparingLong(
                        o -> Math.abs(o.at().mm() - gap.extent().middle().mm())));
        return Optional.of(new OpeningFault(
                OpeningFault.Rule.SPACING,
                gap.way().name(),
                gap.extent(),
                "further than the rule from one opening to the next",
                fitting,
                fitting.isPresent() ? List.of() : evenly(gap.extent(), every)));
    }

    /** As few openings as will do, as evenly as may be. */
    private static List<Station> evenly(Extent extent, long every) {
        long length = extent.length().mm();
        int stretches = (int) ((length + every - 1) / every);
        List<Station> where = new ArrayList<>();
        for (int i = 1; i < stretches; i++) {
            where.add(new Station(extent.from().mm() + length * i / stretches));
        }
        return List.copyOf(where);
    }

    private Optional<OpeningFault> bend(Gap gap) {
        List<LocatedFinding> bends = bends(gap);
        int all = bends.stream().mapToInt(OpeningChecks::degrees).sum();
        if (all <= rules.openings().bend()) {
            return Optional.empty();
        }
        // An opening just before the bend that would be too much starts the count anew.
        List<Station> where = new ArrayList<>();
        List<Extent> within = new ArrayList<>();
        int turned = 0;
        Station last = gap.extent().from();
        for (LocatedFinding bend : bends) {
            if (turned > 0 && turned + degrees(bend) > rules.openings().bend()) {
                Station at = bend.extent().orElseThrow().from();
                where.add(at);
                within.add(new Extent(last, at));
                turned = 0;
            }
            turned += degrees(bend);
            last = bend.extent().orElseThrow().to();
        }
        // A fitting serves if it lies between the bend before and the bend that is too much.
        Optional<LineOpening> fitting = where.size() != 1
                ? Optional.empty()
                : buried(gap).filter(o -> within.getFirst().covers(o.at())).findFirst();
        return Optional.of(new OpeningFault(
                OpeningFault.Rule.BEND,
                gap.way().name(),
                gap.extent(),
                all + " degrees of bend without an opening, where the rule allows "
                        + rules.openings().bend(),
                fitting,
                fitting.isPresent() ? List.of() : where));
    }

    private Stream<LineOpening> buried(String branch) {
        return openings.stream().filter(o -> o.buried() && o.branch().equals(branch));
    }

    private Stream<LineOpening> buried(Gap gap) {
        return openings.stream().filter(o -> o.buried() && lies(gap, o.branch(), o.at()));
    }

    private List<LocatedFinding> bends(Gap gap) {
        return bends.stream()
                .filter(f -> lies(gap, f.branch(), f.extent().orElseThrow().middle()))
                .toList();
    }

    /** Whether something lies along a gap, on its pipe or on one further down that it runs into. */
    private boolean lies(Gap gap, String branch, Station at) {
        if (!gap.extent().covers(at)) {
            return false;
        }
        String name = gap.way().name();
        while (!name.equals(branch)) {
            Optional<Way> way = way(name);
            boolean past =
                    way.flatMap(Way::join).filter(j -> at.compareTo(j) >= 0).isPresent();
            if (!past) {
                return false;
            }
            name = way.flatMap(Way::into).orElse(Branch.LINE);
        }
        return way(name).flatMap(Way::join).filter(j -> at.compareTo(j) > 0).isEmpty();
    }
}

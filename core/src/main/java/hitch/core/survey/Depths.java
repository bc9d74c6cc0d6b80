package hitch.core.survey;

import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.line.Ground;
import hitch.core.line.GroundMark;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.pipe.PipeSize;
import hitch.core.pipe.PipeSpan;
import hitch.core.rules.LineRules;
import hitch.core.run.Equipment;
import hitch.core.run.Run;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How deep the pipe lies. Between two locates its bottom is taken to be straight; beyond the outermost it is level with
 * the nearest one, for a short way.
 *
 * @param ground the surface
 * @param locates in order of branch and station
 * @param bedding how far below the pipe a trench is dug
 */
public record Depths(Ground ground, List<Locate> locates, Distance bedding) {
    /** How far from the nearest locate a depth is still worth something. */
    private static final long REACH_MM = Math.round(15 * Distance.MM_PER_FOOT);

    static Depths of(Evidence evidence, List<Way> ways) {
        List<Locate> locates = new ArrayList<>();
        for (Way way : ways) {
            evidence.on(way.name(), FindingKind.LOCATE)
                    .filter(f -> f.finding().traits().depth().isPresent())
                    .map(f -> locate(f, way, evidence))
                    .sorted(Comparator.comparing(Locate::at))
                    .forEach(locates::add);
        }
        return new Depths(
                evidence.facts().ground(),
                List.copyOf(locates),
                evidence.rules().depths().bedding());
    }

    private static Locate locate(LocatedFinding found, Way way, Evidence evidence) {
        Station at = found.extent().orElseThrow().middle();
        Distance depth = found.finding().traits().depth().orElseThrow();
        PipeSize bore = way.spanAt(at).flatMap(PipeSpan::size).orElse(PipeSize.USUAL);
        Equipment pushed = found.run().map(Run::equipment).orElse(Equipment.NOT_SAID);
        Distance invert = depth.plus(pushed.lensHeight(bore));
        GroundMark mark = found.finding().traits().ground();
        return new Locate(
                found.finding().id(),
                way.name(),
                at,
                depth,
                invert,
                surface(evidence.facts().ground(), way, at) - invert.mm(),
                evidence.rules().depths().errorOf(depth),
                mark.isNone() ? GroundMark.of(found.finding().wording()) : mark);
    }

    /** Heights are given along the line; a branch lies under ground as high as over its join. */
    private static double surface(Ground ground, Way way, Station at) {
        return ground.at(way.isBranch() ? way.join().orElse(at) : at);
    }

    /** The falls between neighbouring locates, as far as the ground between them is known. */
    List<Fall> falls(List<Way> ways, LineRules rules) {
        List<Fall> falls = new ArrayList<>();
        for (int i = 1; i < locates.size() && ground.isKnown(); i++) {
            Locate up = locates.get(i - 1);
            Locate down = locates.get(i);
            if (up.branch().equals(down.branch()) && up.at().compareTo(down.at()) < 0) {
                PipeSize size = ways.stream()
                        .filter(w -> w.name().equals(up.branch()))
                        .findFirst()
                        .flatMap(w -> w.spanAt(new Extent(up.at(), down.at()).middle()))
                        .flatMap(PipeSpan::size)
                        .orElse(PipeSize.USUAL);
                falls.add(Fall.between(up, down, rules.depths().fallOf(size)));
            }
        }
        return List.copyOf(falls);
    }

    /** Depth of the bottom of the pipe below the surface; empty too far from any locate. */
    public Optional<Distance> invertAt(String branch, Station at) {
        List<Locate> own =
                locates.stream().filter(l -> l.branch().equals(branch)).toList();
        Locate before = null;
        for (Locate locate : own) {
            if (locate.at().compareTo(at) >= 0) {
                return before == null ? near(locate, branch, at) : Optional.of(between(before, locate, branch, at));
            }
            before = locate;
        }
        return before == null ? Optional.empty() : near(before, branch, at);
    }

    private Optional<Distance> near(Locate locate, String branch, Station at) {
        return locate.at().to(at).mm() > REACH_MM
                ? Optional.empty()
                : Optional.of(new Distance(Math.round(groundAt(branch, locate, at) - locate.level())));
    }

    private Distance between(Locate up, Locate down, String branch, Station at) {
        double run = down.at().mm() - up.at().mm();
        double share = run == 0 ? 0 : (at.mm() - up.at().mm()) / run;
        if (!ground.isKnown()) {
            // Nobody said how the ground lies: the depths themselves are taken to go evenly from one to the next.
            return new Distance(Math.round(
                    up.invert().mm() + share * (down.invert().mm() - up.invert().mm())));
        }
        double level = up.level() + share * (down.level() - up.level());
        return new Distance(Math.round(groundAt(branch, up, at) - level));
    }

    private double groundAt(String branch, Locate near, Station at) {
        return branch.equals(Branch.LINE)
                ? ground.at(at)
                : near.level() + near.invert().mm();
    }

    /** How deep a trench along a stretch would be at its deepest; empty where no depth is known near it. */
    public Optional<Distance> trench(String branch, Extent extent) {
        List<Station> asked = new ArrayList<>(List.of(extent.from(), extent.to()));
        locates.stream()
                .filter(l -> l.branch().equals(branch) && extent.covers(l.at()))
                .forEach(l -> asked.add(l.at()));
        if (branch.equals(Branch.LINE)) {
            ground.heights().stream()
                    .map(Ground.Height::at)
                    .filter(extent::covers)
                    .forEach(asked::add);
        }
        return asked.stream()
                .flatMap(s -> invertAt(branch, s).stream())
                .max(Comparator.naturalOrder())
                .map(d -> d.plus(bedding));
    }
}

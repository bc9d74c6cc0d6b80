package hitch.core.survey;

import hitch.core.detail.Detail;
import hitch.core.detail.Gear;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.measure.Distance;
import hitch.core.measure.Station;
import hitch.core.run.Direction;
import hitch.core.run.Equipment;
import hitch.core.run.Equipment.Guide;
import hitch.core.run.Run;
import hitch.core.survey.told.GearBook;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Bounds what is left open where the camera was stopped: it did not pass with what was on, and passed, there or with another
 * run, with less. So what the pipe does not let pass is told apart from what this gear could not.
 */
final class OpeningsLeft {
    /** The camera has passed a place once it was seen this far behind it. */
    private static final long BEHIND_MM = Distance.feet(1).mm();
    /** A change of gear noted this near to the stop is about it, where there is no footage to follow. */
    private static final long NEAR_MM = Distance.feet(2).mm();

    private final Evidence evidence;
    private final List<Track> tracks;
    private final GearBook gear;

    OpeningsLeft(Evidence evidence, List<Track> tracks) {
        this.evidence = evidence;
        this.tracks = tracks;
        this.gear = GearBook.of(evidence.findings());
    }

    List<OpeningLeft> of(List<Way> ways) {
        List<OpeningLeft> left = new ArrayList<>();
        ways.forEach(way -> evidence.on(way.name(), FindingKind.LIMIT)
                .forEach(stop -> stop(way, stop).ifPresent(left::add)));
        return left;
    }

    private Optional<OpeningLeft> stop(Way way, LocatedFinding found) {
        Optional<Run> run = found.run();
        Equipment with = run.map(r -> gear.at(r, found.finding().frame())).orElse(Equipment.NOT_SAID);
        Optional<Boolean> on = found.finding()
                .traits()
                .details()
                .get(Detail.GEAR)
                .filter(OpeningsLeft::holds)
                .flatMap(Gear::on);
        Equipment stopped = on.map(o -> with.with(o ? Guide.ON : Guide.OFF)).orElse(with);
        if (stopped.guide() == Guide.NOT_SAID) {
            return Optional.empty();
        }
        Station at = found.extent().orElseThrow().middle();
        List<Equipment> passed = run.map(r -> passed(way, at, r.direction())).orElse(List.of());
        if (passed.stream()
                .anyMatch(e -> e.guide() == stopped.guide() && e.outer().equals(stopped.outer()))) {
            return Optional.empty();
        }
        Optional<Equipment> widest = passed.stream()
                .filter(e -> e.guide() != Guide.NOT_SAID)
                .max(Comparator.comparing(e -> e.outer().orElse(Distance.ZERO)))
                .or(() -> noted(way, at, stopped));
        return Optional.of(new OpeningLeft(
                found.finding().id(),
                way.name(),
                at,
                widest.isPresent(),
                widest.flatMap(Equipment::outer),
                stopped.outer(),
                found.finding()
                        .traits()
                        .details()
                        .get(Detail.GEAR)
                        .map(g -> "the " + g.words())
                        .orElse("the " + stopped.guide().word())));
    }

    private static boolean holds(Gear gear) {
        return gear.part() != Gear.Part.HEAD;
    }

    /** What was on whenever the camera was seen behind a place. */
    private List<Equipment> passed(Way way, Station at, Direction direction) {
        Station behind = new Station(at.mm() + direction.sign() * BEHIND_MM);
        return tracks.stream()
                .filter(t -> t.branch().equals(way.name()) && t.extent().covers(behind))
                .map(Track::gear)
                .distinct()
                .toList();
    }

    /** Gear noted to have come off beside the stop: the rest went on without it. */
    private Optional<Equipment> noted(Way way, Station at, Equipment stopped) {
        return evidence.on(way.name(), FindingKind.EQUIPMENT)
                .filter(f -> f.extent().orElseThrow().middle().to(at).mm() <= NEAR_MM)
                .filter(f -> f.finding()
                        .traits()
                        .details()
                        .get(Detail.GEAR)
                        .flatMap(Gear::on)
                        .filter(on -> !on)
                        .isPresent())
                .findFirst()
                .filter(f -> tracks.isEmpty())
                .map(f -> stopped.with(Guide.OFF));
    }
}

package hitch.sim.truth;

import hitch.media.MediaException;
import hitch.sim.body.Bodies;
import hitch.sim.pipe.Bore;
import hitch.sim.pipe.Skin;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import hitch.sim.scene.Thing;
import hitch.sim.view.CameraPath;
import hitch.sim.view.Head;
import hitch.sim.view.Lens;
import hitch.sim.view.WaterLevel;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.json.JsonMapper;

/**
 * What is true of a take.
 *
 * @param clip file name of the take
 * @param things what is in the pipe, and when it is seen
 * @param water how deep it stood along the pipe, every half foot where there was any
 * @param moments five times a second, in order of time
 */
public record Truth(String clip, List<Told> things, List<Depth> water, List<Moment> moments) {
    private static final double STEP = 0.2;
    /** Rims are told of joints that lie so far ahead, feet. */
    private static final double NEAREST_RIM = 0.25;

    private static final double FARTHEST_RIM = 2;

    /**
     * A thing of the pipe.
     *
     * @param amount in {@code counts}
     * @param counts what the amount counts, in words
     * @param share of the bore that it takes where it is fullest, measured on what was drawn
     * @param seen seconds from which to which it is seen, two each
     */
    public record Told(
            String name,
            String sort,
            double fromFt,
            double toFt,
            double clock,
            double amount,
            String counts,
            double share,
            List<double[]> seen) {}

    /** Depth of the water at a station when the take began, at its deepest, and when it ended, inches. */
    public record Depth(double stationFt, double firstIn, double deepestIn, double lastIn) {}

    /**
     * The truth at a second.
     *
     * @param t seconds into the take
     * @param stationFt true station, feet, with the flow positive
     * @param readingFt what the counter shows, feet
     * @param pass {@code out}, {@code back} or {@code still}
     * @param waterIn depth of the water at the lens, inches
     * @param rollDeg how far the head is turned clockwise from upright, degrees
     * @param visible names of the things that are seen
     * @param rims of joints ahead
     */
    public record Moment(
            double t,
            double stationFt,
            double readingFt,
            String pass,
            double waterIn,
            double rollDeg,
            List<String> visible,
            List<Rim> rims) {}

    public static Truth of(Scenario scenario, Take take) {
        Bore bore = new Bore(scenario);
        return of(
                scenario,
                take,
                bore,
                new Skin(
                        scenario,
                        bore,
                        scenario.things().stream().filter(t -> t.isOn(take)).toList()));
    }

    /** @param skin the wall as it is on the take */
    public static Truth of(Scenario scenario, Take take, Bore bore, Skin skin) {
        List<Moment> moments = new ArrayList<>();
        CameraPath path = new CameraPath(scenario, take);
        if (take.aboveGround()) {
            for (int i = 0; i * STEP <= take.seconds() + 1e-9; i++) {
                moments.add(new Moment(round(i * STEP), 0, 0, "still", 0, 0, List.of(), List.of()));
            }
            return new Truth(take.file(), List.of(), List.of(), moments);
        }
        Sights sights = new Sights(scenario, take, bore, skin);
        WaterLevel water = new WaterLevel(scenario, bore, take);
        for (int i = 0; i * STEP <= take.seconds() + 1e-9; i++) {
            double t = i * STEP;
            double cable = path.cable(t);
            double speed = path.speed(t);
            Lens lens = path.lens(bore, t);
            moments.add(new Moment(
                    round(t),
                    round(path.station(t)),
                    Math.round(cable * 10) / 10.0,
                    Math.abs(speed) < 0.04 ? "still" : speed > 0 ? "out" : "back",
                    round(water.at(path.station(t), t) * 12),
                    round(-Math.toDegrees(path.turn(t)[2])),
                    sights.at(t),
                    rims(scenario, bore, lens)));
        }
        Head head = new Head(scenario, take);
        List<Told> told = scenario.things().stream()
                .filter(t -> t.isOn(take))
                .map(t -> told(scenario, bore, t, head, take, skin, moments))
                .toList();
        return new Truth(take.file(), told, depths(bore, water, take), moments);
    }

    private static List<Depth> depths(Bore bore, WaterLevel water, Take take) {
        List<Depth> depths = new ArrayList<>();
        for (double station = Math.ceil(bore.start() * 2) / 2; station <= bore.end(); station += 0.5) {
            double deepest = 0;
            for (double t = 0; t <= take.seconds(); t += 1) {
                deepest = Math.max(deepest, water.at(station, t));
            }
            if (deepest > 0) {
                depths.add(new Depth(
                        station,
                        round(water.at(station, 0) * 12),
                        round(deepest * 12),
                        round(water.at(station, take.seconds()) * 12)));
            }
        }
        return depths;
    }

    private static Told told(
            Scenario scenario, Bore bore, Thing t, Head head, Take take, Skin skin, List<Moment> moments) {
        double middle = t.kind().isStretch() ? (t.at() + t.to()) / 2 : t.at();
        double to = Math.abs(head.station(t, take.seconds()) - t.at()) > 0 ? head.station(t, take.seconds()) : t.to();
        return new Told(
                t.name(),
                t.sort(),
                t.at(),
                round(to),
                t.clock(),
                t.amount(),
                t.kind().measure().words(),
                round(t.kind().isWall() ? skin.filled(middle) : Bodies.covered(scenario, bore, t)),
                seen(t.name(), moments));
    }

    private static List<double[]> seen(String name, List<Moment> moments) {
        List<double[]> spans = new ArrayList<>();
        double[] span = null;
        for (Moment moment : moments) {
            if (!moment.visible().contains(name)) {
                span = null;
            } else if (span == null) {
                span = new double[] {moment.t(), moment.t()};
                spans.add(span);
            } else {
                span[1] = moment.t();
            }
        }
        return spans;
    }

    private static List<Rim> rims(Scenario scenario, Bore bore, Lens lens) {
        return bore.joints().stream()
                .filter(j -> {
                    double ahead = lens.sign() * (j - lens.station());
                    return ahead > NEAREST_RIM && ahead < FARTHEST_RIM && j < bore.end() - 0.1;
                })
                .map(j -> Rim.of(bore, lens, j, scenario.width(), scenario.height()))
                .flatMap(Optional::stream)
                .toList();
    }

    private static double round(double value) {
        return Math.round(value * 1000) / 1000.0;
    }

    public void write(Path file) throws MediaException {
        try {
            Files.writeString(file, JsonMapper.shared().writeValueAsString(this));
        } catch (IOException e) {
            throw new MediaException("The truth could not be written to " + file + ": " + e.getMessage(), e);
        }
    }
}

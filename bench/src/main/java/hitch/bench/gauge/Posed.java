package hitch.bench.gauge;

import hitch.core.counter.sight.GreyPicture;
import hitch.core.pipe.Material;
import hitch.media.voice.Sound;
import hitch.sim.film.SimulatedCamera;
import hitch.sim.pipe.Bore;
import hitch.sim.pipe.Skin;
import hitch.sim.scene.Act;
import hitch.sim.scene.Deed;
import hitch.sim.scene.Kind;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.ScenarioBuilder;
import hitch.sim.scene.Take;
import hitch.sim.sheet.Specimen;
import hitch.sim.view.CameraPath;
import hitch.sim.view.Frames;
import hitch.sim.view.Lens;
import hitch.sim.view.WaterLevel;
import java.util.List;
import java.util.Random;

/**
 * A picture of a made-up pipe at 640 by 480, of which all is known.
 *
 * @param scenario the pipe
 * @param second when it is looked at
 * @param rgb the picture
 */
record Posed(Scenario scenario, double second, int[] rgb) {
    static final int WIDTH = 640;
    static final int HEIGHT = 480;
    private static final double STAND = 4;
    private static final int ROUND = 24;
    /** Behind the bore's surface the wall counts as open, feet. */
    private static final double OPEN = 0;
    /** So much of a length is its rim, feet. */
    private static final double RIM = 0.05;

    private static final List<Material> PIPES =
            List.of(Material.CLAY, Material.PVC, Material.CAST_IRON, Material.CONCRETE);

    /** A pipe of 4 or 6 inches with one thing so far ahead, in bores, and a camera that is rolled and breathed on a little. */
    static Posed with(Random random, Kind kind, double from, double to, double amount, String sort) {
        int size = random.nextBoolean() ? 4 : 6;
        Material material = PIPES.get(random.nextInt(PIPES.size()));
        double foot = size / 4.0;
        double clock = 1 + random.nextInt(12);
        Specimen plain = Specimen.pipe(material, size, "");
        Specimen with = amount <= 0 ? plain : plain.along(kind, from * foot, to * foot, clock, amount, sort);
        double roll = random.nextGaussian() * 5;
        double fog = Math.max(0, random.nextGaussian() * 0.08);
        Take still = new Take(
                "still.mp4",
                "",
                "run",
                "main",
                List.of(new Take.Stand(0, STAND), new Take.Stand(2, STAND)),
                List.of(new Deed(Act.ROLL, -10, -9, roll), new Deed(Act.FOG, -10, Double.POSITIVE_INFINITY, fog)),
                List.of(),
                List.of());
        Scenario scenario = ScenarioBuilder.builder(with.scenario())
                .seed(random.nextInt(100_000))
                .clips(List.of(still))
                .build();
        return of(scenario, 1);
    }

    static Posed of(Scenario scenario, double second) {
        int[] rgb = new SimulatedCamera(scenario, text -> new Sound(new float[1], 24_000))
                .draw(scenario.clips().getFirst(), (int) (second * scenario.rate()));
        return new Posed(scenario, second, rgb);
    }

    /** The same without what was put into it. */
    Posed bare() {
        return of(scenario.withThings(List.of()), second);
    }

    GreyPicture grey() {
        return GreyPicture.of(WIDTH, HEIGHT, rgb);
    }

    double boreIn() {
        return scenario.pipeAt(STAND).size();
    }

    Take take() {
        return scenario.clips().getFirst();
    }

    private Lens lens(Bore bore) {
        return new CameraPath(scenario, take()).lens(bore, second);
    }

    /**
     * Where a place of the bore's wall shows, pixels.
     *
     * @param radius share of the bore's
     * @param turn from the top, clockwise, looking with the flow, radians
     */
    double[] shows(double station, double radius, double turn) {
        Bore bore = new Bore(scenario);
        Lens lens = lens(bore);
        float[] axis = new float[2];
        bore.axis(station, axis);
        double r = bore.radius(station) * radius;
        return shows(bore, lens, station, axis[0] + r * Math.sin(turn), axis[1] + r * Math.cos(turn));
    }

    private double[] shows(Bore bore, Lens lens, double station, double x, double y) {
        float[] at = new float[3];
        new Frames(bore, lens).place((float) x, (float) y, station, at, 0);
        float[] out = new float[3];
        lens.project(at[0], at[1], at[2], WIDTH, HEIGHT, out);
        return new double[] {out[0], out[1]};
    }

    /**
     * An open place of the wall, as it was drawn: a joint's groove is part of it.
     *
     * @param from,to stations
     * @param before,beyond how wide the bore is at its narrowest before and beyond it, where a rim stands in, share of what it is elsewhere
     */
    record Opening(double from, double to, double before, double beyond) {}

    /** @param noLess it reaches so far to either side of the first thing at least, feet */
    Opening opening(double noLess) {
        Bore bore = new Bore(scenario);
        Skin skin = new Skin(scenario, bore, scenario.things());
        double at = scenario.things().getFirst().at();
        double from = at - noLess;
        double to = at + noLess;
        for (double station = at - 0.1; station < at + 0.3; station += 0.0005) {
            if (height(bore, skin, station) < OPEN) {
                from = Math.min(from, station);
                to = Math.max(to, station);
            }
        }
        return new Opening(from, to, rim(bore, skin, from, -1), rim(bore, skin, to, 1));
    }

    /** How far the wall beyond an opening lies off the one before it, inches: lengths lie a little off each other everywhere. */
    double step(Opening at) {
        Bore bore = new Bore(scenario);
        float[] before = new float[2];
        float[] beyond = new float[2];
        bore.axis(at.from(), before);
        bore.axis(at.to(), beyond);
        return Math.hypot(beyond[0] - before[0], beyond[1] - before[1]) * 12;
    }

    /** How far the wall stands in all round, feet. */
    private static double height(Bore bore, Skin skin, double station) {
        double sum = 0;
        for (int i = 0; i < ROUND; i++) {
            sum += skin.height(bore.row(station), (float) (2 * Math.PI * i / ROUND));
        }
        return sum / ROUND;
    }

    private static double rim(Bore bore, Skin skin, double station, int way) {
        double most = 0;
        for (double off = 0; off < RIM; off += 0.002) {
            most = Math.max(most, height(bore, skin, station + way * off));
        }
        return 1 - most / bore.radius(station);
    }

    /** How deep water stands at a station, inches. */
    double water(double station) {
        return new WaterLevel(scenario, new Bore(scenario), take()).at(station, second) * 12;
    }

    /** Where the right or left edge of the water shows at a station, pixels. */
    double[] waterEdge(double station, boolean right) {
        Bore bore = new Bore(scenario);
        double radius = bore.radius(station);
        double up = water(station) / 12 - radius;
        double side = Math.sqrt(Math.max(0, radius * radius - up * up));
        float[] axis = new float[2];
        bore.axis(station, axis);
        return shows(bore, lens(bore), station, axis[0] + (right ? side : -side), axis[1] + up);
    }

    static double stand() {
        return STAND;
    }
}

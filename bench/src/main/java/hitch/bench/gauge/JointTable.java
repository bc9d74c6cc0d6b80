package hitch.bench.gauge;

import hitch.core.counter.sight.GreyPicture;
import hitch.core.gauge.FrameGauge;
import hitch.core.gauge.JointTrail;
import hitch.core.gauge.LayLengths;
import hitch.core.gauge.LensView;
import hitch.core.gauge.RimLook;
import hitch.core.gauge.RingFinder;
import hitch.core.measure.Distance;
import hitch.core.pipe.Material;
import hitch.media.voice.Sound;
import hitch.sim.film.SimulatedCamera;
import hitch.sim.scene.Act;
import hitch.sim.scene.Deed;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.ScenarioBuilder;
import hitch.sim.scene.Take;
import hitch.sim.view.CameraPath;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.function.Consumer;

/** Goes along made-up pipe laid of known lengths and tells how many of its joints are found, how many more, and how long its lengths. */
public final class JointTable {
    private static final double FROM = 1;
    private static final double TO = 26;
    /** Looked at so often, feet. */
    private static final double STEP = 0.12;
    /** A joint is found where one is told so near, feet. */
    private static final double NEAR = 0.25;

    private static final List<Material> PIPES =
            List.of(Material.CLAY, Material.CONCRETE, Material.CAST_IRON, Material.PVC);

    private final Random random;
    private final int runs;
    private final Consumer<String> out;

    public JointTable(int runs, long seed, Consumer<String> out) {
        this.random = new Random(seed);
        this.runs = runs;
        this.out = out;
    }

    /**
     * How it went.
     *
     * @param joints that there are where they can be seen
     * @param found of them
     * @param invented told where there is none
     * @param lays runs with a rhythm to be told
     * @param right of them, told within 2 in 100
     */
    public record Score(int joints, int found, int invented, int lays, int right) {
        Score plus(Score o) {
            return new Score(joints + o.joints, found + o.found, invented + o.invented, lays + o.lays, right + o.right);
        }
    }

    public Score run() {
        Score all = new Score(0, 0, 0, 0, 0);
        for (int i = 0; i < runs; i++) {
            all = all.plus(along());
        }
        out.accept(String.format(
                Locale.ROOT,
                "joints of %d runs: %d of %d found, %d invented; length of the pieces right in %d of %d",
                runs,
                all.found(),
                all.joints(),
                all.invented(),
                all.right(),
                all.lays()));
        return all;
    }

    private Score along() {
        int size = random.nextBoolean() ? 4 : 6;
        double length = 2 + random.nextInt(5) * 0.5;
        Material material = PIPES.get(random.nextInt(PIPES.size()));
        Scenario.Pipe pipe = new Scenario.Pipe(0, 40, material, size, length, "");
        double seconds = (TO - FROM) / STEP;
        Take take = new Take(
                "run.mp4",
                "",
                "run",
                "main",
                List.of(new Take.Stand(0, FROM), new Take.Stand(seconds, TO)),
                List.of(new Deed(Act.ROLL, -10, -9, random.nextGaussian() * 5)),
                List.of(),
                List.of());
        Scenario scenario = ScenarioBuilder.builder()
                .seed(random.nextInt(100_000))
                .width(Posed.WIDTH)
                .height(Posed.HEIGHT)
                .rate(1)
                .bitRate(600_000)
                .pipes(List.of(pipe))
                .clips(List.of(take))
                .build();
        SimulatedCamera camera = new SimulatedCamera(scenario, text -> new Sound(new float[1], 24_000));
        CameraPath path = new CameraPath(scenario, take);
        LensView lens = LensView.across(Posed.WIDTH, Posed.HEIGHT, LensView.USUAL_DEGREES);
        double bore = size * Distance.MM_PER_INCH;
        double held = FrameGauge.held(bore, FrameGauge.USUAL_LENS_MM);
        List<JointTrail.Look> looks = new ArrayList<>();
        for (int second = 0; second < seconds; second++) {
            GreyPicture grey = GreyPicture.of(Posed.WIDTH, Posed.HEIGHT, camera.draw(take, second));
            looks.add(RimLook.of(second, RingFinder.of(grey, lens, held))
                    .at(path.station(second) * Distance.MM_PER_FOOT, bore));
        }
        List<JointTrail.Joint> told = JointTrail.of(looks, bore);
        Score score = score(told, length, bore);
        out.accept(String.format(
                Locale.ROOT,
                "%d in %s of %.1f ft: %d of %d joints, %d invented, lengths %s",
                size,
                material.word(),
                length,
                score.found(),
                score.joints(),
                score.invented(),
                LayLengths.of(told).stream()
                        .map(l -> String.format(Locale.ROOT, "%.2f ft", l.length() / Distance.MM_PER_FOOT))
                        .toList()));
        return score;
    }

    private static Score score(List<JointTrail.Joint> told, double length, double bore) {
        // What can be seen well lies a little ahead of where the camera begins, and not far beyond where it ends.
        double first = FROM + 2.5 * bore / 2 / Distance.MM_PER_FOOT;
        double last = TO + 2 * bore / 2 / Distance.MM_PER_FOOT;
        int joints = 0;
        int found = 0;
        for (double at = length; at < last; at += length) {
            double truth = at;
            if (at > first) {
                joints++;
                found += told.stream().anyMatch(j -> near(j, truth)) ? 1 : 0;
            }
        }
        int invented = (int) told.stream()
                .filter(j -> !near(j, Math.round(j.at() / Distance.MM_PER_FOOT / length) * length))
                .count();
        boolean right = LayLengths.of(told).stream()
                .findFirst()
                .filter(l -> Math.abs(l.length() / Distance.MM_PER_FOOT - length) <= 0.02 * length)
                .isPresent();
        return new Score(joints, found, invented, 1, right ? 1 : 0);
    }

    private static boolean near(JointTrail.Joint joint, double feet) {
        return Math.abs(joint.at() / Distance.MM_PER_FOOT - feet) <= NEAR;
    }
}

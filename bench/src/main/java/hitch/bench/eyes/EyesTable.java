package hitch.bench.eyes;

import hitch.core.counter.CounterTrace;
import hitch.core.counter.MarkSource;
import hitch.core.counter.Reading;
import hitch.core.eyes.ClipWall;
import hitch.core.eyes.SeenWall;
import hitch.core.eyes.StandOut;
import hitch.core.footage.ClipId;
import hitch.core.gauge.FrameGauge;
import hitch.core.gauge.LensView;
import hitch.core.measure.Distance;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipFacts;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.WallScan;
import hitch.media.voice.Sound;
import hitch.sim.film.SimulatedCamera;
import hitch.sim.scene.Kind;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import hitch.sim.scene.Thing;
import hitch.sim.view.CameraPath;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.function.Consumer;

/** Records made-up pipe in which nothing is marked, and tells what of it second eyes point at. */
public final class EyesTable {
    /** A thing is pointed at from so near, feet. */
    private static final double NEAR = 0.7;
    /** So many places are asked on a foot of pipe. */
    private static final double EACH_FOOT = 0.1;

    private static final double MARK_EVERY_S = 0.5;

    private final Path scratch;
    private final Random random;
    private final Consumer<String> out;

    public EyesTable(Path scratch, long seed, Consumer<String> out) {
        this.scratch = scratch;
        this.random = new Random(seed);
        this.out = out;
    }

    /**
     * How it went.
     *
     * @param things that were drawn
     * @param found of them among ten places on a hundred feet
     * @param told places in all
     * @param beside places where nothing was drawn
     * @param feet of pipe
     */
    public record Score(int things, int found, int told, int beside, double feet) {
        static final Score NONE = new Score(0, 0, 0, 0, 0);

        Score plus(Score o) {
            return new Score(things + o.things, found + o.found, told + o.told, beside + o.beside, feet + o.feet);
        }

        /** Places where nothing was drawn, on a hundred feet. */
        public double besideOnHundred() {
            return beside / feet * 100;
        }
    }

    /**
     * @param runs of pipe with things in it, and half as many clean ones
     * @return of those with things, and of the clean ones
     */
    public List<Score> run(int runs) throws MediaException {
        Score with = Score.NONE;
        for (int i = 0; i < runs; i++) {
            with = with.plus(along(UnmarkedPipe.of(random, false)));
        }
        Score clean = Score.NONE;
        for (int i = 0; i < (runs + 1) / 2; i++) {
            clean = clean.plus(along(UnmarkedPipe.of(random, true)));
        }
        out.accept(String.format(
                Locale.ROOT,
                "%d of %d things are among ten places on 100 ft (%.0f %%); %.1f places on 100 ft where nothing was drawn; clean pipe: %.1f on 100 ft",
                with.found(),
                with.things(),
                100.0 * with.found() / Math.max(1, with.things()),
                with.besideOnHundred(),
                clean.besideOnHundred()));
        return List.of(with, clean);
    }

    private Score along(Scenario scenario) throws MediaException {
        Take take = scenario.clips().getFirst();
        Path file = scratch.resolve(take.file());
        new SimulatedCamera(scenario, text -> new Sound(new float[1], 24_000)).record(take, file, Progress.NONE);
        List<StandOut> places = places(scenario, take, file);
        double feet = UnmarkedPipe.TO - UnmarkedPipe.FROM;
        List<StandOut> asked =
                places.stream().limit(Math.round(feet * EACH_FOOT)).toList();
        List<Thing> things =
                scenario.things().stream().filter(t -> t.kind() != Kind.FLOW).toList();
        Scenario.Pipe pipe = scenario.pipes().getFirst();
        out.accept(pipe.size() + " in " + pipe.material().word() + ", lengths of " + pipe.joints() + " ft");
        int found = 0;
        for (Thing thing : things) {
            boolean seen = asked.stream().anyMatch(p -> isAt(p, thing));
            found += seen ? 1 : 0;
            out.accept(String.format(
                    Locale.ROOT,
                    "  %s %s, %s %.2f at %.1f ft",
                    seen ? "found" : "missed",
                    thing.kind().word(),
                    thing.sort(),
                    thing.amount(),
                    thing.at()));
        }
        List<StandOut> beside = asked.stream()
                .filter(p -> things.stream().noneMatch(t -> isAt(p, t)))
                .toList();
        beside.forEach(
                p -> out.accept(String.format(Locale.ROOT, "  nothing at %.1f ft", p.at() / Distance.MM_PER_FOOT)));
        return new Score(things.size(), found, asked.size(), beside.size(), feet);
    }

    private static boolean isAt(StandOut place, Thing thing) {
        double feet = place.at() / Distance.MM_PER_FOOT;
        return feet > thing.at() - NEAR && feet < thing.to() + NEAR;
    }

    /** As they are found in the program, but with a counter that tells the truth and without a limit. */
    private static List<StandOut> places(Scenario scenario, Take take, Path file) throws MediaException {
        ClipFacts facts = ClipIndexer.index(file);
        CameraPath path = new CameraPath(scenario, take);
        var frames = facts.frames();
        List<Reading> marks = new ArrayList<>();
        for (double t = 0; t < take.seconds(); t += MARK_EVERY_S) {
            marks.add(new Reading(
                    frames.firstPts() + frames.base().ticks(t),
                    new Distance(Math.round(path.cable(t) * Distance.MM_PER_FOOT)),
                    MarkSource.BY_HAND));
        }
        CounterTrace trace = CounterTrace.fit(frames.base(), marks);
        double bore = scenario.pipes().getFirst().size() * Distance.MM_PER_INCH;
        ClipWall wall = new ClipWall(WallScan.read(
                file,
                facts.index(),
                LensView.USUAL_DEGREES,
                FrameGauge.held(bore, FrameGauge.USUAL_LENS_MM),
                seconds -> OptionalDouble.of(path.cable(seconds) * Distance.MM_PER_FOOT),
                Progress.NONE));
        return SeenWall.of(new ClipId("run"), wall, trace, bore / 2, List.of())
                .map(w -> w.standing(List.of()))
                .orElse(List.of());
    }
}

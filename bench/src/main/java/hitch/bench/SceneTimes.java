package hitch.bench;

import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import hitch.sim.DemoJob;
import hitch.sim.film.SimulatedCamera;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.LongSupplier;

/** How many frames of footage the simulated camera makes in a second, drawn, developed and encoded, at each size of picture. */
public final class SceneTimes {
    private static final int[][] SIZES = {{640, 480}, {720, 576}, {1280, 720}};
    private static final int RATE = 20;
    private static final double SECONDS = 12;
    private static final Allowed FEWEST = Allowed.least(15);

    private SceneTimes() {}

    /** @param scratch an empty folder */
    public static void run(Path scratch, LongSupplier clock, Consumer<String> say) throws MediaException {
        Narrator silent = text -> new Sound(new float[1], Narrator.RATE);
        Scenario demo = DemoJob.FIRST.scenario();
        // Out over roots, an offset and water, and on through a change of size.
        Take way = new Take(
                "way.mp4",
                "",
                "way",
                "main",
                List.of(new Take.Stand(0, 12.5), new Take.Stand(SECONDS, 24)),
                List.of(),
                List.of(),
                List.of());
        for (int[] size : SIZES) {
            Scenario scenario = demo.withWidth(size[0])
                    .withHeight(size[1])
                    .withRate(RATE)
                    .withBitRate(demo.bitRate() * size[1] / 480)
                    .withThings(demo.things().stream()
                            .filter(t -> t.only().isEmpty())
                            .toList())
                    .withPhotos(List.of())
                    .withClips(List.of(way));
            SimulatedCamera camera = new SimulatedCamera(scenario, silent);
            camera.draw(way, 0);
            long start = clock.getAsLong();
            camera.record(way, scratch.resolve(size[0] + ".mp4"), Progress.NONE);
            double took = (clock.getAsLong() - start) / 1e9;
            double made = SECONDS * RATE / took;
            say.accept(String.format(
                    Locale.ROOT,
                    "%d x %d: %.1f frames a second on %d cores %s",
                    size[0],
                    size[1],
                    made,
                    Runtime.getRuntime().availableProcessors(),
                    FEWEST.verdict(made)));
        }
    }
}

package hitch.bench;

import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipIndex;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.CounterScan;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import java.util.function.Consumer;

/** Measures reading a clip's counter, finding it included, against a bare decode of the same clip in the same run. */
public final class CounterTimes {
    private static final int ROUNDS = 5;
    private static final Allowed SPEED = Allowed.least(15);
    private static final Allowed RATIO = Allowed.most(1.6);

    private CounterTimes() {}

    public static void run(Path file, Consumer<String> out) throws MediaException {
        ClipIndex index = ClipIndexer.index(file).index();
        double length = index.frames()
                .base()
                .seconds(index.frames().endPts() - index.frames().firstPts());
        // Once unmeasured, since the first use of anything is slower.
        CounterScan.read(file, index, Progress.NONE);
        BareDecode.seconds(file);
        double[] ours = new double[ROUNDS];
        double[] bare = new double[ROUNDS];
        for (int i = 0; i < ROUNDS; i++) {
            long start = System.nanoTime();
            CounterScan.read(file, index, Progress.NONE);
            ours[i] = (System.nanoTime() - start) / 1e9;
            bare[i] = BareDecode.seconds(file);
        }
        Arrays.sort(ours);
        Arrays.sort(bare);
        double reading = ours[ROUNDS / 2];
        double least = bare[ROUNDS / 2];
        out.accept(String.format(
                Locale.ROOT,
                "counter of %d frames, %.0f s: found and read in %.2f s; bare decode %.2f s",
                index.frames().count(),
                length,
                reading,
                least));
        out.accept(String.format(
                Locale.ROOT, "  %.1f times real time %s", length / reading, SPEED.verdict(length / reading)));
        out.accept(String.format(Locale.ROOT, "  ratio %.2f %s", reading / least, RATIO.verdict(reading / least)));
    }
}

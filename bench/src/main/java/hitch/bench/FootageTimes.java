package hitch.bench;

import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;

import hitch.core.footage.FrameIndex;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipIndex;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.ClipScanner;
import hitch.media.clip.Demuxer;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.media.clip.PictureDecoder;
import hitch.media.clip.PictureShape;
import hitch.media.clip.RgbConverter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import java.util.Random;
import java.util.function.Consumer;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/**
 * Measures reading footage against the least that could be done, in one run, so that ratios hold on any machine. The
 * measure of a seek is a plain decode from the keyframe before, that of the look through a plain decode of the whole.
 */
public final class FootageTimes {
    private static final int SEEKS = 60;
    private static final int STEPS = 100;
    private static final int ROUNDS = 5;
    private static final double HOURS = 4;

    /** Of the measure taken in the same run. */
    private static final Allowed SEEK = Allowed.most(1.2);

    private static final Allowed LOOK = Allowed.most(1.3);

    /** Of the same steps forward. */
    private static final Allowed BACK = Allowed.most(2);

    /** Frames from one place to the next, a tenth of a foot at half a foot a second. */
    private static final int PLACE = 5;

    private static final Allowed PAIR_MS = Allowed.most(100);

    private static final Allowed FIRST_MS = Allowed.most(1000);

    /** For a long clip. */
    private static final Allowed RESIDENT_MB = Allowed.most(700);

    private interface Work {
        void run() throws MediaException;
    }

    private final Path file;
    private final Consumer<String> out;
    private ClipIndex index;

    public FootageTimes(Path file, Consumer<String> out) {
        this.file = file;
        this.out = out;
    }

    /**
     * @param scratch folder for the long clip, removed again
     */
    public void run(Path scratch) throws MediaException, IOException {
        indexPass();
        firstPicture();
        // Once unmeasured, since the first use of anything is slower.
        seekTimes(5);
        bareTimes(5);
        double ours = median(seekTimes(SEEKS));
        double bare = median(bareTimes(SEEKS));
        say("random seek, median: %.1f ms; plain decode from the keyframe before: %.1f ms", 1e3 * ours, 1e3 * bare);
        say("  ratio %.2f %s", ours / bare, SEEK.verdict(ours / bare));
        stepping();
        pair();
        lookThrough();
        longClip(scratch);
    }

    private void say(String words, Object... values) {
        out.accept(String.format(Locale.ROOT, words, values));
    }

    private static double time(Work work) throws MediaException {
        long start = System.nanoTime();
        work.run();
        return (System.nanoTime() - start) / 1e9;
    }

    private static double median(double[] times) {
        double[] sorted = times.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }

    private void indexPass() throws MediaException {
        index = ClipIndexer.index(file).index();
        double seconds = time(() -> index = ClipIndexer.index(file).index());
        say(
                "index pass: %d packets in %.0f ms, %.0f a second",
                index.packets().packets(), 1e3 * seconds, index.packets().packets() / seconds);
    }

    private void firstPicture() throws MediaException {
        double seconds = time(() -> {
            try (FrameReader reader = new FrameReader(file, index, PictureShape.FOR_SCREEN)) {
                reader.frame(0);
            }
        });
        say("first picture after the index pass: %.0f ms %s", 1e3 * seconds, FIRST_MS.verdict(1e3 * seconds));
    }

    private int[] targets(int count) {
        Random random = new Random(11);
        return random.ints(count, 0, index.frames().count()).toArray();
    }

    private double[] seekTimes(int count) throws MediaException {
        double[] times = new double[count];
        // Room for hardly any frames, so that none is met at hand.
        try (FrameReader reader = new FrameReader(file, index, PictureShape.AS_STORED, 1)) {
            int i = 0;
            for (int target : targets(count)) {
                times[i++] = time(() -> reader.frame(target));
            }
        }
        return times;
    }

    private double[] bareTimes(int count) throws MediaException {
        double[] times = new double[count];
        AVFrame frame = av_frame_alloc();
        try (Demuxer demuxer = new Demuxer(file);
                PictureDecoder decoder = new PictureDecoder(demuxer, 2);
                RgbConverter converter = new RgbConverter(demuxer.pictureStream(), PictureShape.AS_STORED)) {
            demuxer.onlyPicture();
            int i = 0;
            for (int target : targets(count)) {
                times[i++] = time(() -> {
                    FrameIndex frames = index.frames();
                    int decoded = frames.keyBefore(target);
                    demuxer.seek(demuxer.videoIndex(), frames.pts(decoded));
                    decoder.restart();
                    while (decoded <= target) {
                        while (!decoder.receive(frame)) {
                            AVPacket packet = demuxer.nextPicture();
                            if (packet == null) {
                                decoder.end();
                            } else {
                                decoder.send(packet, 0);
                            }
                        }
                        decoded++;
                    }
                    converter.convert(frame, 0);
                });
            }
        } finally {
            av_frame_free(frame);
        }
        return times;
    }

    private void stepping() throws MediaException {
        int middle = index.frames().count() / 2;
        double[][] rounds = new double[2][ROUNDS];
        for (int i = 0; i < 2 * ROUNDS; i++) {
            int way = i % 2 == 0 ? 1 : -1;
            try (FrameReader reader = new FrameReader(file, index, PictureShape.AS_STORED)) {
                reader.frame(middle);
                rounds[i % 2][i / 2] = time(() -> {
                    for (int n = 1; n <= STEPS; n++) {
                        reader.frame(middle + way * n);
                    }
                });
            }
        }
        double[] both = {median(rounds[0]), median(rounds[1])};
        say(
                "stepping %d frames: back %.0f ms, forward %.0f ms; ratio %.2f %s",
                STEPS, 1e3 * both[1], 1e3 * both[0], both[1] / both[0], BACK.verdict(both[1] / both[0]));
    }

    /** Two ways of the camera side by side: a place further along is later on the way out, and earlier on the way back. */
    private void pair() throws MediaException {
        int count = index.frames().count();
        int out = count / 8;
        int back = count - count / 8;
        double[] times = new double[STEPS];
        try (FrameReader left = new FrameReader(file, index, PictureShape.FOR_SCREEN);
                FrameReader right = new FrameReader(file, index, PictureShape.FOR_SCREEN)) {
            left.frame(out);
            right.frame(back);
            for (int n = 0; n < STEPS; n++) {
                int by = (n + 1) * PLACE;
                times[n] = time(() -> {
                    left.frame(Math.min(count - 1, out + by));
                    right.frame(Math.max(0, back - by));
                });
            }
        }
        double worst = Arrays.stream(times).max().orElse(0);
        say(
                "a pair, a place further on both: median %.0f ms, longest of %d %.0f ms %s",
                1e3 * median(times), STEPS, 1e3 * worst, PAIR_MS.verdict(1e3 * worst));
    }

    private void lookThrough() throws MediaException {
        // Once unmeasured, since the first use of anything is slower.
        BareDecode.seconds(file);
        ClipScanner.scan(file, index, new Forty(), Progress.NONE);
        double[] looks = new double[ROUNDS];
        double[] bare = new double[ROUNDS];
        for (int i = 0; i < ROUNDS; i++) {
            looks[i] = time(() -> ClipScanner.scan(file, index, new Forty(), Progress.NONE));
            bare[i] = BareDecode.seconds(file);
        }
        double look = median(looks);
        double least = median(bare);
        say("look through with filmstrip: %.2f s; plain decode: %.2f s", look, least);
        say("  ratio %.2f %s", look / least, LOOK.verdict(look / least));
    }

    /** Takes forty pictures and drops them. */
    private static final class Forty implements ClipScanner.Pictures {
        @Override
        public int wanted() {
            return 40;
        }

        @Override
        public void take(int place, Picture picture) {
            // Making it is what is measured.
        }
    }

    private void longClip(Path scratch) throws MediaException, IOException {
        Path clip = scratch.resolve("long.mp4");
        try {
            int frames = RepeatedClip.write(file, index, HOURS * 3600, clip);
            ClipIndex[] whole = new ClipIndex[1];
            double seconds = time(() -> whole[0] = ClipIndexer.index(clip).index());
            say(
                    "a clip of %.1f hours, %d frames, %d MB: index pass %.1f s",
                    HOURS, frames, Files.size(clip) >> 20, seconds);
            Random random = new Random(5);
            double[] times = new double[SEEKS];
            try (FrameReader reader = new FrameReader(clip, whole[0], PictureShape.FOR_SCREEN)) {
                for (int i = 0; i < SEEKS; i++) {
                    int target = random.nextInt(whole[0].frames().count());
                    times[i] = time(() -> reader.frame(target));
                }
                for (int n = 0; n < 300; n++) {
                    reader.frame(whole[0].frames().count() / 2 - n);
                }
                Runtime java = Runtime.getRuntime();
                say("  random seek, median: %.1f ms", 1e3 * median(times));
                say(
                        "  heap in use %d MB, resident in all %s",
                        (java.totalMemory() - java.freeMemory()) >> 20, resident());
            }
        } finally {
            Files.deleteIfExists(clip);
        }
    }

    /** Memory of this program as Linux tells it; other systems do not tell it here. */
    private static String resident() throws IOException {
        Path status = Path.of("/proc/self/status");
        if (!Files.exists(status)) {
            return "is not told by this system";
        }
        return Files.readAllLines(status).stream()
                .filter(l -> l.startsWith("VmRSS"))
                .mapToLong(l -> Long.parseLong(l.replaceAll("\\D", "")) / 1024)
                .mapToObj(mb -> mb + " MB " + RESIDENT_MB.verdict(mb))
                .findFirst()
                .orElse("is not told");
    }
}

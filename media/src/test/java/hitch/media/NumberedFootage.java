package hitch.media;

import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameIndex;
import hitch.media.clip.ClipFacts;
import hitch.media.clip.Fingerprint;
import hitch.media.render.VideoWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** Footage in which every frame carries its own number as twelve black or white bars, so that any frame can be told. */
public final class NumberedFootage {
    public static final int WIDTH = 192;
    public static final int HEIGHT = 96;
    public static final int RATE = 25;
    static final int BITS = 12;

    private NumberedFootage() {}

    /** Writes {@code frames} frames with a tone under them to {@code out}. */
    public static Path write(Path out, int frames) throws MediaException {
        VideoWriter.Shape shape = new VideoWriter.Shape(WIDTH, HEIGHT, RATE, 400_000, 64_000);
        try (VideoWriter writer = new VideoWriter(out, shape, "numbered", List.of())) {
            for (int n = 0; n < frames; n++) {
                writer.picture(draw(n));
                writer.sound(tone(n));
            }
            writer.finish();
        }
        return out;
    }

    private static int[] draw(int number) {
        int[] rgb = new int[WIDTH * HEIGHT];
        for (int i = 0; i < rgb.length; i++) {
            int bit = i % WIDTH * BITS / WIDTH;
            rgb[i] = (number >> bit & 1) == 1 ? 0xFFFFFF : 0x000000;
        }
        return rgb;
    }

    private static float[] tone(int frame) {
        float[] samples = new float[48_000 / RATE];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = 0.4f * (float) Math.sin(2 * Math.PI * 440 * (frame * samples.length + i) / 48_000);
        }
        return samples;
    }

    /** The number a decoded picture carries; labels under the picture do not matter. */
    public static int read(int[] rgb, int width) {
        int number = 0;
        for (int bit = 0; bit < BITS; bit++) {
            int x = (2 * bit + 1) * WIDTH / BITS / 2;
            int pixel = rgb[HEIGHT / 2 * width + x];
            if ((pixel >> 8 & 0xFF) > 127) {
                number |= 1 << bit;
            }
        }
        return number;
    }

    /** A recorded file as a clip of a job. */
    public static Clip clip(ClipId id, Path file, ClipFacts facts) throws MediaException, IOException {
        FrameIndex index = facts.frames();
        return new Clip(
                id,
                file.getFileName().toString(),
                Fingerprint.of(file, Progress.NONE),
                Files.size(file),
                index.base(),
                index.firstPts(),
                index.endPts(),
                index.count(),
                facts.picture().width(),
                facts.picture().height(),
                true,
                "");
    }
}

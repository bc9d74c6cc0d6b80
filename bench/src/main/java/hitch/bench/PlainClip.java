package hitch.bench;

import hitch.media.MediaException;
import hitch.media.render.VideoWriter;
import hitch.sim.trial.CounterLook;
import hitch.sim.trial.CounterTrial;
import hitch.sim.trial.ReelPath;
import hitch.sim.trial.TrialFace;
import java.awt.Color;
import java.nio.file.Path;
import java.util.Random;

/** A minute of ordinary footage with a counter, for measuring speed: 720 by 480, H.264, 30 pictures a second. */
public final class PlainClip {
    private static final double SECONDS = 60;
    private static final int RATE = 30;
    private static final int BITS = 3_000_000;

    private PlainClip() {}

    /** Records it into {@code folder}. */
    public static Path record(Path folder) throws MediaException {
        CounterLook look = new CounterLook(
                TrialFace.GROTESQUE, 24, Color.WHITE, CounterLook.Ground.OUTLINE, true, false, CounterLook.Form.FEET);
        CounterTrial trial = new CounterTrial(
                look,
                VideoWriter.Coding.H264,
                5,
                0.5,
                false,
                Double.POSITIVE_INFINITY,
                BITS,
                SECONDS,
                RATE,
                new ReelPath(new Random(3), SECONDS, false),
                3);
        Path file = folder.resolve("plain.mp4");
        trial.record(file);
        return file;
    }
}

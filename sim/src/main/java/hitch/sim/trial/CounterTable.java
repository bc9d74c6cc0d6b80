package hitch.sim.trial;

import hitch.core.counter.sight.CablePath;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.CounterScan;
import hitch.media.render.VideoWriter;
import java.awt.Color;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.function.Consumer;

/** Tries the counter's reader on every trial face and coding, and tells how it did. */
public final class CounterTable {
    private static final Color[] INKS = {
        Color.WHITE, new Color(240, 225, 40), new Color(60, 235, 70), new Color(15, 15, 15), new Color(235, 235, 235)
    };
    /** Pictures a second of the clips. */
    private static final int RATE = 10;
    /** Surety from which a moment counts as confident. */
    private static final double CONFIDENT = 0.8;

    /**
     * How one clip went.
     *
     * @param visible moments in which the counter was to be seen
     * @param right those within a tenth of a foot after the fit
     * @param confident moments that were told with confidence
     * @param wrong those of them off by more than half a foot
     * @param zeroingsMissed zeroings without one found within a second
     * @param zeroingsInvented found ones without a true one within a second
     */
    public record Score(
            int visible, int right, int confident, int wrong, int zeroingsMissed, int zeroingsInvented, double read) {
        Score plus(Score other) {
            return new Score(
                    visible + other.visible,
                    right + other.right,
                    confident + other.confident,
                    wrong + other.wrong,
                    zeroingsMissed + other.zeroingsMissed,
                    zeroingsInvented + other.zeroingsInvented,
                    read + other.read);
        }
    }

    private final Path scratch;
    private final Consumer<String> out;
    private final double seconds;

    /**
     * @param scratch folder for the clips; those already in it are used again
     */
    public CounterTable(Path scratch, double seconds, Consumer<String> out) {
        this.scratch = scratch;
        this.seconds = seconds;
        this.out = out;
    }

    /** The trial of a face with a coding; sizes, colours, places, noise and softness go through their ranges. */
    public static CounterTrial trial(TrialFace face, VideoWriter.Coding coding, double seconds) {
        int n = face.ordinal() * VideoWriter.Coding.values().length + coding.ordinal();
        Random random = new Random(900 + n);
        CounterLook.Ground ground = CounterLook.Ground.values()[n % 2];
        Color ink = INKS[n % INKS.length];
        boolean dark = ink.getRed() < 100;
        CounterLook.Form form = CounterLook.Form.values()[(n * 3 + n / 7) % 7];
        boolean marks = form != CounterLook.Form.FEET_INCHES || face != TrialFace.BARS;
        CounterLook look = new CounterLook(
                face,
                11 + random.nextInt(8) * (1 + random.nextInt(6)),
                ink,
                dark ? CounterLook.Ground.BOX : ground,
                random.nextBoolean(),
                random.nextBoolean(),
                marks ? form : CounterLook.Form.PLAIN);
        return new CounterTrial(
                look,
                coding,
                random.nextDouble() * 12,
                random.nextDouble() * look.tall() / 18,
                n % 4 == 1,
                n % 9 == 5,
                400_000 + random.nextInt(1_600_000),
                seconds,
                RATE,
                new ReelPath(random, seconds, n % 3 == 0),
                700 + n);
    }

    /** Runs all and prints a table, a row for each face. */
    public void run(boolean each) throws MediaException {
        out.accept(
                "| face | moments | read before the fit | within 0.1 ft | confident | of those off | zeroings missed, invented |");
        out.accept("|---|---|---|---|---|---|---|");
        Score all = new Score(0, 0, 0, 0, 0, 0, 0);
        int clips = 0;
        for (TrialFace face : TrialFace.values()) {
            Score sum = new Score(0, 0, 0, 0, 0, 0, 0);
            for (VideoWriter.Coding coding : VideoWriter.Coding.values()) {
                CounterTrial trial = trial(face, coding, seconds);
                Score one = score(trial, scratch.resolve(face + "-" + coding + ".mp4"));
                if (each) {
                    tell(
                            face.words() + " " + coding + " " + trial.look().form() + " "
                                    + trial.look().tall(),
                            one,
                            1);
                }
                sum = sum.plus(one);
                clips++;
            }
            tell(face.words(), sum, VideoWriter.Coding.values().length);
            all = all.plus(sum);
        }
        tell("**all**", all, clips);
    }

    private void tell(String name, Score s, int clips) {
        out.accept(String.format(
                Locale.ROOT,
                "| %s | %d | %.1f %% | %.2f %% | %d | %d | %d, %d |",
                name,
                s.visible(),
                100 * s.read() / clips,
                100.0 * s.right() / Math.max(1, s.visible()),
                s.confident(),
                s.wrong(),
                s.zeroingsMissed(),
                s.zeroingsInvented()));
    }

    /** Records the trial unless it is there, reads it, and holds it against its truth. */
    public static Score score(CounterTrial trial, Path clip) throws MediaException {
        if (!clip.toFile().exists()) {
            trial.record(clip);
        }
        CounterScan.Outcome found =
                CounterScan.read(clip, ClipIndexer.index(clip).index(), Progress.NONE);
        CablePath path = found.path();
        double feet = trial.look().form() == CounterLook.Form.METRES ? 1 / 0.3048 : 1;
        int visible = 0;
        int right = 0;
        int confident = 0;
        int wrong = 0;
        for (CablePath.Moment m : path.moments()) {
            double off = m.value().isEmpty()
                    ? Double.POSITIVE_INFINITY
                    : feet * Math.abs(m.value().getAsDouble() - trial.shown(m.seconds()));
            if (trial.visible(m.seconds())) {
                visible++;
                right += off <= 0.1001 ? 1 : 0;
            }
            if (m.confidence() >= CONFIDENT) {
                confident++;
                wrong += off > 0.5 ? 1 : 0;
            }
        }
        List<Double> invented = new ArrayList<>(path.zeroings());
        int missed = 0;
        for (double zeroing : trial.path().zeroings()) {
            if (zeroing >= trial.seconds()) {
                continue;
            }
            boolean met = invented.removeIf(z -> Math.abs(z - zeroing) <= 1);
            missed += met ? 0 : 1;
        }
        double read = (double) found.readings().stream()
                        .filter(r -> r.value().isPresent())
                        .count()
                / Math.max(1, found.readings().size());
        return new Score(visible, right, confident, wrong, missed, invented.size(), read);
    }
}

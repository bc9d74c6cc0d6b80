package hitch.bench;

import hitch.core.counter.sight.CablePath;
import hitch.core.counter.sight.CounterFit;
import hitch.core.counter.sight.CounterUnit;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.CounterScan;
import hitch.sim.trial.CounterTrial;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * How one made-up clip went, or several together.
 *
 * @param visible moments in which the counter was to be seen
 * @param right those within a tenth of a foot after the fit
 * @param confident moments that were told with confidence
 * @param wrong those of them off by more than half a foot
 * @param zeroingsMissed zeroings without one found within a second
 * @param zeroingsInvented found ones without a true one within a second
 * @param read share of moments that were read before the fit, added up over the clips
 * @param wrongUnit clips with confident moments whose unit is not the true one
 * @param wrongUp clips with confident moments read the wrong way up
 * @param unitAsked clips whose unit is left a question
 * @param upAsked clips of which it is left a question which way up the counter stands
 */
public record CounterScore(
        int visible,
        int right,
        int confident,
        int wrong,
        int zeroingsMissed,
        int zeroingsInvented,
        double read,
        int wrongUnit,
        int wrongUp,
        int unitAsked,
        int upAsked) {
    /** Surety from which a moment counts as confident. */
    public static final double CONFIDENT = 0.8;

    /** Feet within which a confident moment is true. */
    static final double TRUE_WITHIN = 0.5;

    static final CounterScore NONE = new CounterScore(0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0);

    CounterScore plus(CounterScore other) {
        return new CounterScore(
                visible + other.visible,
                right + other.right,
                confident + other.confident,
                wrong + other.wrong,
                zeroingsMissed + other.zeroingsMissed,
                zeroingsInvented + other.zeroingsInvented,
                read + other.read,
                wrongUnit + other.wrongUnit,
                wrongUp + other.wrongUp,
                unitAsked + other.unitAsked,
                upAsked + other.upAsked);
    }

    /** Records the trial unless it is there, reads it, and holds it against its truth. */
    public static CounterScore of(CounterTrial trial, Path clip, Calibration calibration) throws MediaException {
        if (!clip.toFile().exists()) {
            trial.record(clip);
        }
        CounterScan.Outcome found =
                CounterScan.read(clip, ClipIndexer.index(clip).index(), Progress.NONE);
        CounterFit fit = found.fit();
        CounterUnit unit = fit.unit().unit();
        int visible = 0;
        int right = 0;
        int confident = 0;
        int wrong = 0;
        int wrongUp = 0;
        for (CablePath.Moment m : fit.moments()) {
            double shown = trial.shown(m.seconds());
            if (trial.visible(m.seconds())) {
                visible++;
                right += off(m.value(), 1, shown, trial.look().form().mm()) <= 0.1001 ? 1 : 0;
            }
            boolean isTrue = off(
                            m.value(),
                            unit.mm() / trial.look().form().mm(),
                            shown,
                            trial.look().form().mm())
                    <= TRUE_WITHIN;
            if (m.value().isPresent()) {
                calibration.add(m.confidence(), isTrue);
            }
            if (m.confidence() >= CONFIDENT) {
                confident++;
                wrong += isTrue ? 0 : 1;
                wrongUp += !isTrue && turned(fit, m.seconds()) != trial.turned(m.seconds()) ? 1 : 0;
            }
        }
        boolean metres = unit == CounterUnit.METRES;
        List<Double> invented = new ArrayList<>(fit.path().zeroings());
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
        return new CounterScore(
                visible,
                right,
                confident,
                wrong,
                missed,
                invented.size(),
                read,
                confident > 0 && metres != trial.look().form().isMetric() ? 1 : 0,
                wrongUp > 0 ? 1 : 0,
                found.place().isPresent() && !fit.unit().sure() ? 1 : 0,
                fit.upSure() ? 0 : 1);
    }

    /** How far off in feet a value is that counts {@code times} the unit, {@code mm} long, in which the truth is told. */
    private static double off(OptionalDouble value, double times, double shown, double mm) {
        return value.isEmpty() ? Double.POSITIVE_INFINITY : Math.abs(value.getAsDouble() * times - shown) * mm / 304.8;
    }

    private static boolean turned(CounterFit fit, double seconds) {
        boolean turned = false;
        for (CounterFit.Turn turn : fit.turns()) {
            turned = turn.seconds() <= seconds ? turn.turned() : turned;
        }
        return turned;
    }
}

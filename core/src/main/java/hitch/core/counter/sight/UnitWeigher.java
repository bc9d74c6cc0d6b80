package hitch.core.counter.sight;

import java.util.ArrayList;
import java.util.List;

/**
 * Weighs whether a counter counts feet or metres. Each sign adds to the logarithm of the odds (Good, 1950): the letters
 * behind the number, its decimals, how fast the cable went in either unit, the job, its other clips, and what was said.
 * A unit that is not sure is a question for a person.
 */
public final class UnitWeigher {
    /** Odds of twenty to one, as a logarithm. */
    private static final double SURE = 3;
    /** Feet are mostly shown in tenths, metres in hundredths. */
    private static final double TENTHS = 1;

    private static final double HUNDREDTHS = -1.5;
    private static final double JOB = 2;
    private static final double OTHER_CLIPS = 5;
    private static final double MOST_SAID = 3;
    /** Fastest and brisk pushing, metres a second, and what going faster than that speaks for feet. */
    private static final double FASTEST = 1.22;

    private static final double BRISK = 0.76;
    private static final double TOO_FAST = 4;
    private static final double FAST = 2;
    /** Time over which a speed is taken, seconds, and how many of them are left out as the fastest. */
    private static final double OVER = 1;

    private static final double LEFT_OUT = 0.05;
    /** Speeds that must be known for them to speak. */
    private static final int LEAST_SPEEDS = 20;

    /**
     * What a counter counts in.
     *
     * @param unit the likelier one
     * @param forFeet logarithm of the odds for feet; negative for metres
     * @param told whether a person said so
     */
    public record Found(CounterUnit unit, double forFeet, boolean told) {
        /** Whether it may be relied on. */
        public boolean sure() {
            return told || unit == CounterUnit.FEET_INCHES || Math.abs(forFeet) >= SURE;
        }
    }

    private UnitWeigher() {}

    /** A unit that a person said. */
    public static Found told(CounterUnit unit) {
        return new Found(unit, 0, true);
    }

    /**
     * @param path the readings, fitted as feet, which leaves more speeds possible
     */
    public static Found weigh(CounterPlace place, CablePath path, UnitHints hints) {
        if (place.inInches()) {
            return new Found(CounterUnit.FEET_INCHES, SURE, false);
        }
        double odds = place.forFeet();
        odds += place.decimals() == 1 ? TENTHS : place.decimals() == 2 ? HUNDREDTHS : 0;
        odds += JOB * sign(hints.job()) + OTHER_CLIPS * sign(hints.others());
        odds += Math.clamp(hints.saidFeet() - hints.saidMetres(), -MOST_SAID, MOST_SAID);
        odds += speed(path);
        return new Found(odds >= 0 ? CounterUnit.FEET : CounterUnit.METRES, odds, false);
    }

    private static double sign(CounterUnit unit) {
        return switch (unit) {
            case FEET, FEET_INCHES -> 1;
            case METRES -> -1;
            case UNSAID -> 0;
        };
    }

    private static double speed(CablePath path) {
        List<Double> speeds = new ArrayList<>();
        List<RawReading> kept = path.kept();
        int from = 0;
        for (int i = 0; i < kept.size(); i++) {
            while (kept.get(i).seconds() - kept.get(from).seconds() > OVER) {
                from++;
            }
            double seconds = kept.get(i).seconds() - kept.get(from).seconds();
            double start = kept.get(from).seconds();
            double end = kept.get(i).seconds();
            boolean jumped = path.zeroings().stream().anyMatch(z -> z > start && z <= end)
                    || path.leaps().stream().anyMatch(l -> l > start && l <= end);
            if (seconds >= OVER * 0.7 && !jumped) {
                double change = kept.get(i).value().orElseThrow()
                        - kept.get(from).value().orElseThrow();
                speeds.add(Math.abs(change) / seconds);
            }
        }
        if (speeds.size() < LEAST_SPEEDS) {
            return 0;
        }
        speeds.sort(null);
        double fast = speeds.get((int) ((1 - LEFT_OUT) * (speeds.size() - 1)));
        return fast > FASTEST ? TOO_FAST : fast > BRISK ? FAST : 0;
    }
}

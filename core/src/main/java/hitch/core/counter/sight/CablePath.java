package hitch.core.counter.sight;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * The most likely path of a cable given all that was read off the picture. Readings are kept or dropped so that the kept
 * ones are many, sure, and join at speeds a person pushes and pulls at; a jump is dear, one to zero less so, and one that
 * a lost leading digit would explain dearest. The best choice is found by dynamic programming over the kept readings
 * (Viterbi, 1967), each looking back over a window of time.
 */
public final class CablePath {
    /** Fastest that a head is pushed or pulled, feet a second, and from which speed on it is unlikely. */
    private static final double FASTEST_FEET = 4;

    private static final double BRISK_FEET = 2.5;
    /** What each foot a second above that costs, for each reading. */
    private static final double HASTE = 1.5;
    /** What a reading adds at least when it is kept, and what surety adds to that. */
    private static final double GAIN = 0.4;

    private static final double SURE_GAIN = 2.6;
    /** What a reading typed by a person adds: more than any jump can cost, so that it is always kept. */
    private static final double TYPED_GAIN = 1000;
    /** What a jump costs: the counter set to zero; set to anything; one that a lost digit explains. */
    private static final double TO_ZERO = 7;

    private static final double TO_ANYTHING = 18;
    private static final double DIGIT_LOST = 40;
    /** What a foot a second costs, for each reading. */
    private static final double CALM = 0.3;
    /** How far a reading may lie from the line between its neighbours, were the head flung to and fro. */
    private static final double FLUNG = 0.25;
    /** How long a reading holds where none follows, seconds. */
    private static final double LONGEST_HELD = 1.5;
    /** The most that a moment between two readings is trusted when the counter jumped between them. */
    private static final double NEAR_JUMP = 0.5;
    /** Neighbours within this time, seconds, tell of a spike. */
    private static final double AT_ONCE = 0.7;
    /** How far what was read may lie from the path without denying it, units of the counter. */
    private static final double AGREES = 0.3;
    /** The most that a moment is trusted at which the picture surely showed something else. */
    private static final double DENIED = 0.6;

    private static final double SURELY = 0.7;
    /** Share of the readings that may be dropped before none is trusted much, and how much then. */
    private static final double DROPPED_SHARE = 0.18;

    private static final double MUCH_DROPPED = 0.75;
    /** Counter steps that reading to a tenth may be off by. */
    private static final double STEP = 0.15;
    /** How far back a reading looks for the one before it, readings. */
    private static final int WINDOW = 400;

    /**
     * The counter at a moment.
     *
     * @param seconds time in the clip
     * @param value as the counter would show it; empty where nothing trustworthy is known
     * @param confidence 0 to 1
     */
    public record Moment(double seconds, OptionalDouble value, double confidence) {
        /** The same, trusted no more than {@code most}; what a person typed stays as it is. */
        Moment atMost(double most) {
            return confidence == 1 ? this : new Moment(seconds, value, Math.min(confidence, most));
        }
    }

    private final double fastest;
    private final double brisk;
    private final double feet;
    private final List<RawReading> raw;
    private final List<RawReading> kept = new ArrayList<>();
    private final List<Integer> jumps = new ArrayList<>();
    private PathTrust trust;

    private CablePath(List<RawReading> raw, CounterUnit unit) {
        this.raw = raw;
        feet = unit.mm() / CounterUnit.FEET.mm();
        fastest = FASTEST_FEET / feet;
        brisk = BRISK_FEET / feet;
        choose(raw.stream().filter(r -> r.value().isPresent()).toList());
    }

    /**
     * @param raw in order of time
     */
    public static CablePath fit(List<RawReading> raw, CounterUnit unit) {
        return new CablePath(List.copyOf(raw), unit);
    }

    /** The same for a counter in feet. */
    public static CablePath fit(List<RawReading> raw) {
        return fit(raw, CounterUnit.FEET);
    }

    private void choose(List<RawReading> read) {
        int count = read.size();
        double[] best = new double[count];
        int[] before = new int[count];
        int bestSoFar = -1;
        int end = -1;
        for (int j = 0; j < count; j++) {
            double gain = read.get(j).typed()
                    ? TYPED_GAIN
                    : GAIN + SURE_GAIN * read.get(j).sure() - 1.4;
            best[j] = gain;
            before[j] = -1;
            for (int i = Math.max(0, j - WINDOW); i < j; i++) {
                take(read, best, before, i, j, gain);
            }
            if (bestSoFar >= 0 && bestSoFar < j - WINDOW) {
                take(read, best, before, bestSoFar, j, gain);
            }
            if (j - WINDOW >= 0 && (bestSoFar < 0 || best[j - WINDOW] > best[bestSoFar])) {
                bestSoFar = j - WINDOW;
            }
            end = end < 0 || best[j] > best[end] ? j : end;
        }
        for (int j = end; j >= 0; j = before[j]) {
            kept.addFirst(read.get(j));
        }
        dropSpikes();
        for (int k = 1; k < kept.size(); k++) {
            if (isJump(kept.get(k - 1), kept.get(k))) {
                jumps.add(k);
            }
        }
        trust = new PathTrust(kept, jumps, feet);
    }

    /** Drops readings between which a head would have to be flung out and back within a second. */
    private void dropSpikes() {
        for (int k = kept.size() - 2; k > 0; k--) {
            RawReading a = kept.get(k - 1);
            RawReading b = kept.get(k);
            RawReading c = kept.get(k + 1);
            boolean close = !b.typed() && b.seconds() - a.seconds() < AT_ONCE && c.seconds() - b.seconds() < AT_ONCE;
            double share = (b.seconds() - a.seconds()) / (c.seconds() - a.seconds());
            double line = a.value().getAsDouble()
                    + share * (c.value().getAsDouble() - a.value().getAsDouble());
            if (close && excess(a, c) == 0 && Math.abs(b.value().getAsDouble() - line) > FLUNG) {
                kept.remove(k);
            }
        }
    }

    private void take(List<RawReading> read, double[] best, int[] before, int i, int j, double gain) {
        double score = best[i] + gain - cost(read.get(i), read.get(j));
        if (score > best[j]) {
            best[j] = score;
            before[j] = i;
        }
    }

    /** How much farther apart two readings are than a cable can go in their time. */
    private double excess(RawReading a, RawReading b) {
        double change = Math.abs(b.value().getAsDouble() - a.value().getAsDouble());
        return Math.max(0, change - fastest * (b.seconds() - a.seconds()) - STEP);
    }

    /** A cable cannot have gone so, or hardly so and the counter stands near zero. */
    private boolean isJump(RawReading a, RawReading b) {
        double from = a.value().getAsDouble();
        double to = b.value().getAsDouble();
        double speed = Math.abs(to - from) / Math.max(0.1, b.seconds() - a.seconds());
        return excess(a, b) > 0 || speed > brisk && Math.abs(to) < 1 && from > 2;
    }

    private double cost(RawReading a, RawReading b) {
        double seconds = b.seconds() - a.seconds();
        double change = b.value().getAsDouble() - a.value().getAsDouble();
        if (excess(a, b) == 0) {
            // Of two ways that are possible the calmer one is likelier.
            double speed = Math.max(0, Math.abs(change) - STEP) / Math.max(0.1, seconds);
            return CALM * feet * Math.abs(change) / (seconds + 0.2) + HASTE * feet * Math.max(0, speed - brisk);
        }
        double size = Math.abs(change);
        double nearestTens = Math.abs(size - 10 * Math.rint(size / 10));
        boolean digitLost = size > 5 && nearestTens <= fastest * seconds + STEP;
        boolean toZero = Math.abs(b.value().getAsDouble()) < 1;
        return toZero ? TO_ZERO : digitLost ? DIGIT_LOST : TO_ANYTHING;
    }

    /** The readings that the path goes through. */
    public List<RawReading> kept() {
        return List.copyOf(kept);
    }

    /** When the counter was set to zero, seconds. */
    public List<Double> zeroings() {
        return jumps.stream()
                .map(kept::get)
                .filter(r -> Math.abs(r.value().getAsDouble()) < 1)
                .map(RawReading::seconds)
                .toList();
    }

    /** When the counter leapt to something else, by a declared offset or a pause of the recorder, seconds. */
    public List<Double> leaps() {
        return jumps.stream()
                .map(kept::get)
                .filter(r -> Math.abs(r.value().getAsDouble()) >= 1)
                .map(RawReading::seconds)
                .toList();
    }

    /** The counter at each moment that was looked at. */
    public List<Moment> moments() {
        List<Moment> all = new ArrayList<>();
        int next = 0;
        for (RawReading at : raw) {
            while (next < kept.size() && kept.get(next).seconds() < at.seconds()) {
                next++;
            }
            Moment moment = moment(at.seconds(), next);
            all.add(denies(at, moment, SURELY) ? moment.atMost(DENIED) : moment);
        }
        return mostlyKept(all)
                ? all
                : all.stream().map(m -> m.atMost(MUCH_DROPPED)).toList();
    }

    /** Whether few of the readings had to be dropped: a face of which many digits look alike gives a path, and a wrong one. */
    private boolean mostlyKept(List<Moment> all) {
        int read = 0;
        int dropped = 0;
        for (int i = 0; i < raw.size(); i++) {
            read += raw.get(i).value().isPresent() ? 1 : 0;
            dropped += denies(raw.get(i), all.get(i), 0) ? 1 : 0;
        }
        return dropped <= DROPPED_SHARE * read;
    }

    /** Whether what was read surely at a moment is not what the path says. */
    private static boolean denies(RawReading read, Moment moment, double surely) {
        return read.value().isPresent()
                && moment.value().isPresent()
                && read.sure() >= surely
                && Math.abs(read.value().getAsDouble() - moment.value().getAsDouble()) > AGREES;
    }

    private Moment moment(double seconds, int next) {
        if (kept.isEmpty()) {
            return new Moment(seconds, OptionalDouble.empty(), 0);
        }
        if (next == kept.size() || next == 0) {
            RawReading only = next == 0 ? kept.getFirst() : kept.getLast();
            return held(only, seconds, next == 0 ? 0 : next - 1);
        }
        RawReading a = kept.get(next - 1);
        RawReading b = kept.get(next);
        if (b.seconds() == seconds) {
            return new Moment(seconds, b.value(), confidence(next));
        }
        if (jumps.contains(next)) {
            // It is not known on which side of the jump the moment lies.
            Moment held = held(a, seconds, next - 1);
            return new Moment(seconds, held.value(), Math.min(held.confidence(), NEAR_JUMP));
        }
        double share = (seconds - a.seconds()) / (b.seconds() - a.seconds());
        double value = a.value().getAsDouble()
                + share * (b.value().getAsDouble() - a.value().getAsDouble());
        double change = Math.abs(b.value().getAsDouble() - a.value().getAsDouble());
        // Between two readings the head may have gone farther and come back, or waited and then hurried.
        double slack =
                Math.max(0, Math.min(1.5 * (b.seconds() - a.seconds()), change + 0.4 * (b.seconds() - a.seconds())));
        double doubt = slack < 0.3 ? 1 : 0.3 / slack;
        return new Moment(seconds, OptionalDouble.of(value), Math.min(confidence(next - 1), confidence(next)) * doubt);
    }

    private Moment held(RawReading at, double seconds, int place) {
        double far = Math.abs(seconds - at.seconds());
        double confidence = confidence(place) * Math.max(0, 1 - far / LONGEST_HELD);
        return confidence < 0.05
                ? new Moment(seconds, OptionalDouble.empty(), 0)
                : new Moment(seconds, at.value(), confidence);
    }

    private double confidence(int place) {
        return trust.of(place);
    }
}

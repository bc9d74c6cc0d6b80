package hitch.core.counter.sight;

import hitch.core.counter.CounterMark;
import hitch.core.counter.MarkSource;
import hitch.core.counter.Reading;
import hitch.core.counter.Zeroing;
import hitch.core.footage.Clip;
import hitch.core.footage.Stretch;
import hitch.core.measure.Distance;
import java.util.ArrayList;
import java.util.List;

/**
 * The counter marks that a fitted path comes down to: as few as keep it within half a tenth, by leaving out what lies
 * between (Ramer, 1972; Douglas and Peucker, 1973), and a zeroing wherever the counter was set to zero.
 */
public final class CableMarks {
    /** How far a reading that is left out may lie from the straight line, in the counter's unit. */
    private static final double WITHIN = 0.06;

    /** How near to a pause a leap belongs to it, seconds. */
    private static final double NEAR_PAUSE = 1.5;

    private final List<RawReading> kept;
    private final Clip clip;
    private final double unitMm;
    private final List<Stretch> pauses;
    private final List<CounterMark> marks = new ArrayList<>();

    private CableMarks(List<RawReading> kept, Clip clip, double unitMm, List<Stretch> pauses) {
        this.pauses = pauses;
        this.kept = kept;
        this.clip = clip;
        this.unitMm = unitMm;
    }

    /**
     * @param unitMm length of the counter's unit, mm: 304.8 for feet, 1000 for metres
     * @param pauses where the recorder was paused: a counter that leaps there was carried on by the cable, any other
     *     leap is an offset that someone declared
     * @return in order of time; readings that a person typed are not among them
     */
    public static List<CounterMark> of(CablePath path, Clip clip, double unitMm, List<Stretch> pauses) {
        CableMarks made = new CableMarks(path.kept(), clip, unitMm, pauses);
        made.run(path);
        return List.copyOf(made.marks);
    }

    /** The marks along a path that is known moment by moment, without zeroings. */
    public static List<CounterMark> along(List<CablePath.Moment> moments, Clip clip, double unitMm) {
        List<RawReading> known = moments.stream()
                .filter(m -> m.value().isPresent())
                .map(m -> new RawReading(m.seconds(), m.value(), m.confidence()))
                .toList();
        CableMarks made = new CableMarks(known, clip, unitMm, List.of());
        if (!known.isEmpty()) {
            made.reading(0);
            made.between(0, known.size() - 1);
            made.reading(known.size() - 1);
        }
        return List.copyOf(made.marks);
    }

    private void run(CablePath path) {
        List<Double> zeroings = path.zeroings();
        List<Double> leaps = path.leaps();
        int from = 0;
        long start = 0;
        for (int i = 0; i < kept.size(); i++) {
            boolean last = i == kept.size() - 1;
            double next = last ? 0 : kept.get(i + 1).seconds();
            boolean leapt = !last && leaps.contains(next);
            boolean set = !last
                    && (zeroings.contains(next) || leapt && !paused(kept.get(i).seconds(), next));
            if (last || set || leapt) {
                reading(from);
                between(from, i);
                if (i > from) {
                    reading(i);
                }
                from = i + 1;
            }
            if (set) {
                long cable = start + mm(kept.get(i));
                // A counter set back reads a tenth or two by the time that it is read again.
                long shown = leapt ? mm(kept.get(i + 1)) : 0;
                marks.add(new Zeroing(
                        pts(kept.get(i + 1)), new Distance(cable), new Distance(shown), MarkSource.READ_OFF));
                start = cable - shown;
            }
        }
    }

    private boolean paused(double from, double to) {
        return pauses.stream()
                .filter(p -> p.reason() == Stretch.Reason.PAUSED)
                .anyMatch(
                        p -> clip.ptsAt(to + NEAR_PAUSE) >= p.fromPts() && clip.ptsAt(from - NEAR_PAUSE) <= p.toPts());
    }

    /** Adds what of the readings strictly between two cannot be left out. */
    private void between(int from, int to) {
        int farthest = -1;
        double most = WITHIN;
        RawReading a = from < kept.size() ? kept.get(from) : null;
        for (int i = from + 1; i < to; i++) {
            RawReading b = kept.get(to);
            double share = (kept.get(i).seconds() - a.seconds()) / (b.seconds() - a.seconds());
            double line = value(a) + share * (value(b) - value(a));
            double off = Math.abs(value(kept.get(i)) - line);
            if (off > most) {
                most = off;
                farthest = i;
            }
        }
        if (farthest >= 0) {
            between(from, farthest);
            reading(farthest);
            between(farthest, to);
        }
    }

    private void reading(int i) {
        long pts = pts(kept.get(i));
        boolean atZeroing = !marks.isEmpty() && marks.getLast().pts() == pts;
        if (!atZeroing && !kept.get(i).typed()) {
            marks.add(new Reading(pts, new Distance(mm(kept.get(i))), MarkSource.READ_OFF));
        }
    }

    private static double value(RawReading reading) {
        return reading.value().orElseThrow();
    }

    private long mm(RawReading reading) {
        return Math.round(value(reading) * unitMm);
    }

    private long pts(RawReading reading) {
        return clip.ptsAt(reading.seconds());
    }
}

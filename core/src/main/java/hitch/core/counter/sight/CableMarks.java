package hitch.core.counter.sight;

import hitch.core.counter.CounterMark;
import hitch.core.counter.Distance;
import hitch.core.counter.Reading;
import hitch.core.counter.Zeroing;
import hitch.core.footage.Clip;
import java.util.ArrayList;
import java.util.List;

/**
 * The counter marks that a fitted path comes down to: as few as keep it within half a tenth, by leaving out what lies
 * between (Ramer, 1972; Douglas and Peucker, 1973), and a zeroing wherever the counter was set to zero.
 */
public final class CableMarks {
    /** How far a reading that is left out may lie from the straight line, in the counter's unit. */
    private static final double WITHIN = 0.06;

    private final List<RawReading> kept;
    private final Clip clip;
    private final double unitMm;
    private final List<CounterMark> marks = new ArrayList<>();

    private CableMarks(List<RawReading> kept, Clip clip, double unitMm) {
        this.kept = kept;
        this.clip = clip;
        this.unitMm = unitMm;
    }

    /**
     * @param unitMm length of the counter's unit, mm: 304.8 for feet, 1000 for metres
     * @return in order of time
     */
    public static List<CounterMark> of(CablePath path, Clip clip, double unitMm) {
        CableMarks made = new CableMarks(path.kept(), clip, unitMm);
        made.run(path.zeroings());
        return List.copyOf(made.marks);
    }

    private void run(List<Double> zeroings) {
        int from = 0;
        long start = 0;
        for (int i = 0; i < kept.size(); i++) {
            boolean last = i == kept.size() - 1;
            boolean zeroed = !last && zeroings.contains(kept.get(i + 1).seconds());
            if (last || zeroed) {
                reading(from);
                between(from, i);
                if (i > from) {
                    reading(i);
                }
                from = i + 1;
            }
            if (zeroed) {
                start += mm(kept.get(i));
                marks.add(new Zeroing(pts(kept.get(i + 1)), new Distance(start)));
            }
        }
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
        if (!atZeroing) {
            marks.add(new Reading(pts, new Distance(mm(kept.get(i)))));
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

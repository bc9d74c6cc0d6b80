package hitch.core.eyes;

import hitch.core.gauge.LayLengths;
import hitch.core.measure.Distance;
import java.util.ArrayList;
import java.util.List;

/**
 * Tells joints from other things by their beat: pipe comes in lengths, and what comes back length after length is a joint. A joint stands out
 * from bare wall, but only one that is unlike the other joints is worth a look.
 */
final class JointBeat {
    /** Two places may be so many lengths apart. */
    private static final int LENGTHS = 6;
    /** On the beat is what lies no farther off it. */
    private static final double OFF = Distance.MM_PER_FOOT * 0.2;
    /** A beat has so many joints at least. */
    private static final int FEWEST = 4;
    /** And that share of those it should have. */
    private static final double MOST_OF_THEM = 0.7;
    /** A pipe is taken to be the same over so much, and looked at half of that on. */
    private static final double STRETCH = Distance.MM_PER_FOOT * 60;

    private JointBeat() {}

    /** Length and place of a beat, and how many more of its joints were seen than chance would give. */
    private record Beat(double first, double length, double clear) {
        boolean has(double at) {
            return Math.abs(Math.IEEEremainder(at - first, length)) <= OFF;
        }
    }

    /**
     * Those of some places that come at a beat.
     *
     * @param places in any order
     */
    static List<StandOut> joints(List<StandOut> places) {
        double from = places.stream().mapToDouble(StandOut::at).min().orElse(0);
        double to = places.stream().mapToDouble(StandOut::at).max().orElse(0);
        List<StandOut> joints = new ArrayList<>();
        for (double at = from; at == from || at < to - STRETCH / 2; at += STRETCH / 2) {
            double begin = at;
            List<StandOut> here = places.stream()
                    .filter(p -> p.at() >= begin && p.at() <= begin + STRETCH)
                    .toList();
            Beat beat = beat(here);
            if (beat != null) {
                here.stream()
                        .filter(p -> beat.has(p.at()) && !joints.contains(p))
                        .forEach(joints::add);
            }
        }
        return joints;
    }

    private static Beat beat(List<StandOut> places) {
        Beat best = null;
        for (StandOut one : places) {
            for (StandOut other : places) {
                for (int lengths = 1; lengths <= LENGTHS; lengths++) {
                    double length = (other.at() - one.at()) / lengths;
                    if (length >= LayLengths.SHORTEST && length <= LayLengths.LONGEST) {
                        Beat beat = heard(places, one.at(), length);
                        // Of two that are as clear the longer one: half a length fits wherever a whole one does.
                        if (beat != null
                                && (best == null
                                        || beat.clear() > best.clear() * 1.05
                                        || beat.clear() > best.clear() * 0.95 && beat.length() > best.length())) {
                            best = beat;
                        }
                    }
                }
            }
        }
        return best;
    }

    /** How clear a beat is; null where too little of it is heard. */
    private static Beat heard(List<StandOut> places, double first, double length) {
        double from = places.stream().mapToDouble(StandOut::at).min().orElseThrow() - length / 2;
        double to = places.stream().mapToDouble(StandOut::at).max().orElseThrow() + length / 2;
        int beats = 0;
        int heard = 0;
        for (double at = first - Math.floor((first - from) / length) * length; at <= to; at += length) {
            double here = at;
            beats++;
            heard += places.stream().anyMatch(p -> Math.abs(p.at() - here) <= OFF) ? 1 : 0;
        }
        if (heard < FEWEST || heard < MOST_OF_THEM * beats) {
            return null;
        }
        double chance = Math.min(0.9, places.size() / (to - from) * 2 * OFF);
        return new Beat(first, length, (heard - beats * chance) / Math.sqrt(beats * chance * (1 - chance) + 0.1));
    }
}

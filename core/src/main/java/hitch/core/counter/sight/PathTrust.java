package hitch.core.counter.sight;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** How much each reading on a path is trusted, by its own digits, by its neighbours, and by how the path came to it. */
final class PathTrust {
    /** How far neighbours may differ and still agree, units of the counter, and as much more for each second apart. */
    private static final double AGREES = 0.3;

    private static final double AGREES_A_SECOND = 0.5;
    /** Feet a second from which a path hurries, and the least it must hurry over, feet. */
    private static final double HURRY = 1.8;

    private static final double LEAST_HURRY = 1.5;
    /** Share of the best stretch's evidence that a stretch beyond a hurry must have to be trusted as much. */
    private static final double LEAST_EVIDENCE = 0.8;

    private static final double HALF_TRUSTED = 0.75;
    /** What a reading typed by a person counts for. */
    private static final double TYPED = 1000;

    private final List<RawReading> kept;
    private final List<Integer> jumps;
    private final double feet;
    private final double[] most;

    /**
     * @param kept the readings on the path, in order of time
     * @param jumps those before which the counter was set to something else
     * @param feet length of the counter's unit, feet
     */
    PathTrust(List<RawReading> kept, List<Integer> jumps, double feet) {
        this.kept = List.copyOf(kept);
        this.jumps = List.copyOf(jumps);
        this.feet = feet;
        this.most = trusts();
    }

    /** A reading is as sure as its digits, and surer the more of its neighbours in time agree with it. */
    double of(int place) {
        RawReading at = kept.get(place);
        if (at.typed()) {
            return 1;
        }
        double agree = 0;
        double sure = at.sure();
        int about = 1;
        for (int k = Math.max(0, place - 5); k <= Math.min(kept.size() - 1, place + 5); k++) {
            RawReading other = kept.get(k);
            double apart = Math.abs(other.seconds() - at.seconds());
            boolean near = k != place && apart < 2;
            sure += near ? other.sure() : 0;
            about += near ? 1 : 0;
            double change = Math.abs(other.value().getAsDouble() - at.value().getAsDouble());
            agree += near && change <= AGREES + AGREES_A_SECOND * apart ? other.sure() : 0;
        }
        double lonely = Math.exp(-agree);
        // Many that are all unsure may all be wrong in the same way.
        double unsure = 0.65 * (1 - sure / about) + 0.5 * (1 - at.sure()) * Math.exp(-agree / 3);
        return Math.clamp(0.98 - 0.6 * lonely - unsure, 0.1, most[place]);
    }

    /**
     * The most that each kept reading is trusted. Where the path hurries or was not seen for a while, one side of that
     * place may have been misread all along: the side with less to show for itself is trusted less.
     */
    private double[] trusts() {
        double[] most = new double[kept.size()];
        Arrays.fill(most, 0.98);
        List<Integer> starts = new ArrayList<>(List.of(0));
        for (int k = 1; k < kept.size(); k++) {
            if (isWeakLink(k)) {
                starts.add(k);
            }
        }
        starts.add(kept.size());
        double[] evidence = new double[starts.size() - 1];
        double best = 0;
        for (int i = 0; i < evidence.length; i++) {
            evidence[i] = kept.subList(starts.get(i), starts.get(i + 1)).stream()
                    .mapToDouble(r -> r.typed() ? TYPED : r.sure())
                    .sum();
            best = Math.max(best, evidence[i]);
        }
        for (int i = 0; i < evidence.length; i++) {
            if (evidence[i] < LEAST_EVIDENCE * best) {
                Arrays.fill(most, starts.get(i), starts.get(i + 1), HALF_TRUSTED);
            }
        }
        return most;
    }

    private boolean isWeakLink(int k) {
        RawReading a = kept.get(k - 1);
        RawReading b = kept.get(k);
        double seconds = b.seconds() - a.seconds();
        double change = Math.abs(b.value().getAsDouble() - a.value().getAsDouble());
        return !a.typed()
                && !b.typed()
                && !jumps.contains(k)
                && change > HURRY / feet * seconds
                && change > LEAST_HURRY / feet;
    }
}

package hitch.sim.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** How a cable is pushed and pulled: out, standing, back a little, on again; zeroed once in some. Known at every moment. */
public final class ReelPath {
    private record Leg(double from, double to, double start, double end) {}

    private final List<Leg> legs = new ArrayList<>();
    private final double first;
    private final double zeroed;
    private final double cableAtZero;

    /**
     * @param seconds how long
     * @param zeroing whether the counter is set to zero on the way
     */
    public ReelPath(Random random, double seconds, boolean zeroing) {
        first = random.nextInt(3) == 0 ? 80 + random.nextDouble() * 12 : random.nextDouble() * 8;
        double at = 0;
        double cable = first;
        double when = -1;
        double base = 0;
        while (at < seconds) {
            double standing = 0.6 + random.nextDouble() * 4;
            add(at, at + standing, cable, cable);
            if (zeroing && when < 0 && at > seconds * 0.4 && cable - base > 3) {
                when = at + standing * 0.5;
                base = cable;
            }
            at += standing;
            double moving = 2 + random.nextDouble() * 9;
            double speed = 0.3 + random.nextDouble() * 2.2;
            boolean back = random.nextInt(4) == 0;
            double to = back ? Math.max(base, cable - speed * moving) : cable + speed * moving;
            add(at, at + moving, cable, to);
            cable = to;
            at += moving;
        }
        zeroed = when < 0 ? Double.POSITIVE_INFINITY : when;
        cableAtZero = base;
    }

    private void add(double start, double end, double from, double to) {
        legs.add(new Leg(from, to, start, end));
    }

    /** Cable paid out, feet. */
    public double cable(double seconds) {
        for (Leg leg : legs) {
            if (seconds < leg.end()) {
                double share = Math.clamp((seconds - leg.start()) / (leg.end() - leg.start()), 0, 1);
                // Eased, since a hand does not start at full speed.
                double eased = share * share * (3 - 2 * share);
                return leg.from() + (leg.to() - leg.from()) * (0.3 * eased + 0.7 * share);
            }
        }
        return legs.getLast().to();
    }

    /** What the counter stands at, feet. */
    public double counter(double seconds) {
        return seconds >= zeroed ? cable(seconds) - cableAtZero : cable(seconds);
    }

    /** When the counter is set to zero, seconds. */
    public List<Double> zeroings() {
        return Double.isInfinite(zeroed) ? List.of() : List.of(zeroed);
    }
}

package hitch.sim.line;

import hitch.core.pipe.Material;
import java.util.ArrayList;
import java.util.List;

/**
 * The truth of a made-up line. Lengths and stations are feet; stations rise with the flow from the first opening, and go
 * on through the join of a branch.
 *
 * @param number which made-up line it is
 * @param pipes the line first, then its branches
 * @param things what is in them
 * @param trips what the camera did
 */
public record LinePlan(int number, List<Pipe> pipes, List<Thing> things, List<Trip> trips) {
    /**
     * A pipe.
     *
     * @param name empty for the line
     * @param from upper end
     * @param to lower end: the main, or the join
     */
    public record Pipe(String name, double from, double to, List<Span> spans) {}

    public record Span(double from, double to, Material material, int inches) {
        public String words() {
            return inches + " in " + material.word();
        }
    }

    /**
     * Something in the pipe.
     *
     * @param with how a note words it on a run with the flow
     * @param against how on a run against it
     */
    public record Thing(String branch, double at, String with, String against) {
        public boolean isMain() {
            return with.startsWith("main");
        }
    }

    /**
     * A run.
     *
     * @param start true station of its opening
     * @param guess station that the reviewer gives it
     * @param tied whether that is only a guess
     * @param sign +1 with the flow, -1 against it
     * @param reach feet of pipe that it goes
     * @param lip what the counter shows at the opening
     * @param zeroAt feet of pipe on the way out at which the counter is set to nothing; 0 for never
     * @param slipAt second at which the counter slips; 0 for never
     * @param slip feet it counts too little from there on
     * @param split whether the way back is a clip of its own
     * @param dark seconds from which it is dark, and to which, in pairs
     */
    public record Trip(
            String name,
            String branch,
            double start,
            double guess,
            boolean tied,
            int sign,
            double reach,
            double lip,
            double zeroAt,
            double slipAt,
            double slip,
            boolean split,
            List<double[]> dark) {
        static final double OUT_SPEED = 0.6;
        static final double BACK_SPEED = 0.75;
        static final double REST = 3;

        public double turn() {
            return reach / OUT_SPEED;
        }

        public double seconds() {
            return turn() + REST + reach / BACK_SPEED;
        }

        /** Feet of pipe between opening and head at a second. */
        public double inPipe(double t) {
            if (t < turn()) {
                return t * OUT_SPEED;
            }
            return t < turn() + REST ? reach : Math.max(0, reach - (t - turn() - REST) * BACK_SPEED);
        }

        public double stationAt(double t) {
            return start + sign * inPipe(t);
        }

        /** The seconds at which the head passes a station, going out and coming back; empty where it does not. */
        public List<Double> passing(double station) {
            double far = (station - start) * sign;
            if (far < 0 || far > reach) {
                return List.of();
            }
            return List.of(far / OUT_SPEED, turn() + REST + (reach - far) / BACK_SPEED);
        }

        /** What a counter that was never set to nothing would have counted at a second, feet. */
        public double counted(double t) {
            return lip + inPipe(t) - (slipAt > 0 && t >= slipAt ? slip : 0);
        }

        /** What the counter shows at a second, feet, before it is rounded; below nothing after coming back past its zero. */
        public double shown(double t) {
            return isZeroed(t) ? counted(t) - counted(zeroSecond()) : counted(t);
        }

        public double zeroSecond() {
            return zeroAt / OUT_SPEED;
        }

        public boolean isZeroed(double t) {
            return zeroAt > 0 && t >= zeroSecond();
        }

        public boolean isDark(double t) {
            return dark.stream().anyMatch(d -> t >= d[0] && t < d[1]);
        }
    }

    Pipe pipe(String name) {
        return pipes.stream().filter(p -> p.name().equals(name)).findFirst().orElseThrow();
    }

    /** The pipe that a trip's head is in at a station. */
    String pipeAt(Trip trip, double station) {
        return !trip.branch().isEmpty() && station < pipe(trip.branch()).to() ? trip.branch() : "";
    }

    /** Things that a trip comes past, with the seconds at which it does. */
    List<Sight> sights(Trip trip) {
        List<Sight> sights = new ArrayList<>();
        for (Thing thing : things) {
            boolean here = pipeAt(trip, thing.at()).equals(thing.branch())
                    || thing.branch().isEmpty() && joins(trip, thing);
            for (double t : here ? trip.passing(thing.at()) : List.<Double>of()) {
                sights.add(new Sight(thing, t));
            }
        }
        return sights;
    }

    private boolean joins(Trip trip, Thing thing) {
        return !trip.branch().isEmpty() && thing.at() >= pipe(trip.branch()).to();
    }

    /** A thing that the head passes at a second. */
    record Sight(Thing thing, double second) {}
}

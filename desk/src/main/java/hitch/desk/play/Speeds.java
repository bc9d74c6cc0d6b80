package hitch.desk.play;

import java.util.List;

/** The speeds footage can be played at. */
public final class Speeds {
    /** Footage seconds in a second, slowest first; each also backward. */
    public static final List<Double> ALL = List.of(0.25, 0.5, 1.0, 2.0, 4.0, 8.0, 16.0);

    private Speeds() {}

    /** The next faster, or slower, speed in the same direction. */
    public static double next(double speed, boolean faster) {
        int at = ALL.indexOf(Math.abs(speed));
        int next = Math.clamp(at + (faster ? 1 : -1), 0, ALL.size() - 1);
        return Math.signum(speed) * ALL.get(next);
    }

    /** In words, such as {@code 1/4}, {@code 2x back}. */
    public static String words(double speed) {
        double size = Math.abs(speed);
        String much = size == 0.25 ? "1/4x" : size == 0.5 ? "1/2x" : Math.round(size) + "x";
        return speed < 0 ? much + " back" : much;
    }
}

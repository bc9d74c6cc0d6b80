package hitch.core.finding;

/**
 * Where round the pipe something sits, read in the pipe as the camera looks along it, 12 at the top. A single hour has
 * both ends equal; otherwise the arc runs clockwise. {@code 12 to 12} is all round.
 *
 * @param from hour 1 to 12
 * @param to hour 1 to 12
 * @param all whether the whole circle is meant
 * @param both whether the other side, straight across, is meant as well
 */
public record ClockPosition(int from, int to, boolean all, boolean both) {
    public static final ClockPosition ALL_ROUND = new ClockPosition(12, 12, true, false);

    public static final ClockPosition BOTH_SIDES = new ClockPosition(9, 9, false, true);

    public ClockPosition {
        if (from < 1 || from > 12 || to < 1 || to > 12) {
            throw new IllegalArgumentException("clock hours run from 1 to 12");
        }
    }

    public static ClockPosition at(int hour) {
        return new ClockPosition(hour, hour, false, false);
    }

    /** The hour nearest to a direction, in degrees clockwise from the top; any angle. */
    public static ClockPosition towards(double degrees) {
        int hour = Math.floorMod((int) Math.round(degrees / 30), 12);
        return at(hour == 0 ? 12 : hour);
    }

    public static ClockPosition arc(int from, int to) {
        return new ClockPosition(from, to, false, false);
    }

    /** The hour in the middle of the arc, 0 up to 12; 0 is the top. */
    public double middle() {
        double sweep = ((to - from) % 12 + 12) % 12;
        return (from + sweep / 2) % 12;
    }

    /** The same place looking the other way: left and right change sides. */
    public ClockPosition mirrored() {
        return all || both ? this : new ClockPosition(mirrored(to), mirrored(from), false, false);
    }

    private static int mirrored(int hour) {
        return hour == 12 ? 12 : 12 - hour;
    }

    public String words() {
        if (all) {
            return "all round";
        }
        if (both) {
            return "on both sides";
        }
        if (from != to) {
            return "from " + from + " to " + to + " o'clock";
        }
        return switch (from) {
            case 12 -> "at the top";
            case 6 -> "at the bottom";
            case 3 -> "on the right";
            case 9 -> "on the left";
            default -> "at " + from + " o'clock";
        };
    }
}

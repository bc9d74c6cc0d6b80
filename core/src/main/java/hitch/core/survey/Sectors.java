package hitch.core.survey;

import hitch.core.finding.ClockPosition;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Parts of the wall round a pipe, an hour of the clock each.
 *
 * @param bits bit 0 for 12 o'clock, bit 1 for 1 o'clock, and so on
 */
public record Sectors(int bits) {
    public static final Sectors NONE = new Sectors(0);
    public static final Sectors ALL = new Sectors(0xFFF);
    /** From 10 to 2 o'clock. */
    public static final Sectors UPPER = of(ClockPosition.arc(10, 2));
    /** From 4 to 8 o'clock. */
    public static final Sectors LOWER = of(ClockPosition.arc(4, 8));

    private static final int HOURS = 12;

    public static Sectors of(ClockPosition clock) {
        if (clock.all()) {
            return ALL;
        }
        int bits = 0;
        int hours = Math.floorMod(clock.to() - clock.from(), HOURS);
        for (int i = 0; i <= hours; i++) {
            bits |= 1 << Math.floorMod(clock.from() + i, HOURS);
            if (clock.both()) {
                bits |= 1 << Math.floorMod(clock.from() + i + HOURS / 2, HOURS);
            }
        }
        return new Sectors(bits);
    }

    /**
     * What liquid on the bottom hides: hours of which the middle lies under it.
     *
     * @param deep depth as a share of the bore, 0 to 1; the wetted angle to either side is acos(1 - 2 deep), as in any
     *     circular pipe
     */
    public static Sectors under(double deep) {
        double wet = Math.acos(Math.clamp(1 - 2 * deep, -1, 1));
        int bits = 0;
        for (int hour = 0; hour < HOURS; hour++) {
            if (Math.abs(Math.PI - hour * Math.PI / (HOURS / 2.0)) <= wet) {
                bits |= 1 << hour;
            }
        }
        return new Sectors(bits);
    }

    public Sectors plus(Sectors other) {
        return new Sectors(bits | other.bits);
    }

    public Sectors and(Sectors other) {
        return new Sectors(bits & other.bits);
    }

    public boolean isAnyOf(Sectors other) {
        return (bits & other.bits) != 0;
    }

    public boolean isNone() {
        return bits == 0;
    }

    /** Whether the hour is among them; 12 and 0 are the top. */
    public boolean has(int hour) {
        return (bits >> Math.floorMod(hour, HOURS) & 1) != 0;
    }

    /** Whether it is one hour alone, as a side is said. */
    public boolean isSingle() {
        return Integer.bitCount(bits) == 1;
    }

    /** With an hour more to either side: a quarter of the wall for a side. */
    public Sectors withNeighbours() {
        int up = bits << 1 | bits >> HOURS - 1;
        int down = bits >> 1 | bits << HOURS - 1;
        return new Sectors((bits | up | down) & ALL.bits);
    }

    /** Share of the wall, 0 to 1. */
    public double share() {
        return Integer.bitCount(bits) / (double) HOURS;
    }

    /**
     * A band of the pipe as it is seen from the side.
     *
     * @param from height above the bottom as a share of the bore, 0 to 1
     * @param to likewise, higher
     */
    public record Band(double from, double to) {}

    /** What is hidden seen from the side: bands of height of which the wall is hidden to the left or to the right. */
    public List<Band> bands() {
        List<Band> bands = new ArrayList<>();
        for (int down = HOURS / 2; down >= 0; down--) {
            if (has(down) || has(-down)) {
                double low = height(down + 0.5);
                double high = height(down - 0.5);
                if (!bands.isEmpty() && bands.getLast().to() >= low - 1e-9) {
                    low = bands.removeLast().from();
                }
                bands.add(new Band(low, high));
            }
        }
        return bands;
    }

    /** Height of the wall above the bottom so many hours from the top, as a share of the bore. */
    private static double height(double hours) {
        return (1 + Math.cos(Math.clamp(hours, 0, HOURS / 2.0) * Math.PI / (HOURS / 2.0))) / 2;
    }

    /** In words, such as {@code from 5 to 7 o'clock}; several stretches with {@code and} between. */
    public String words() {
        if (bits == ALL.bits) {
            return ClockPosition.ALL_ROUND.words();
        }
        List<String> parts = new ArrayList<>();
        IntStream.range(0, HOURS).filter(h -> has(h) && !has(h - 1)).forEach(from -> {
            int to = from;
            while (has(to + 1)) {
                to++;
            }
            parts.add(ClockPosition.arc(hour(from), hour(to)).words());
        });
        return String.join(" and ", parts);
    }

    private static int hour(int number) {
        int hour = Math.floorMod(number, HOURS);
        return hour == 0 ? HOURS : hour;
    }
}

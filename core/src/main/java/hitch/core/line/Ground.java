package hitch.core.line;

import hitch.core.measure.Distance;
import hitch.core.measure.Station;
import java.util.Comparator;
import java.util.List;

/**
 * The surface above the line.
 *
 * @param known how it was given
 * @param percent rise in percent going with the flow, for a slope; negative where it falls towards the main
 * @param heights heights above any one level, in order of station, for heights
 */
public record Ground(Known known, double percent, List<Height> heights) {
    public static final Ground NOT_SAID = new Ground(Known.NOT_SAID, 0, List.of());
    public static final Ground LEVEL = new Ground(Known.LEVEL, 0, List.of());

    /** What was said of the ground. */
    public enum Known {
        NOT_SAID("not said"),
        LEVEL("level"),
        SLOPE("an even slope"),
        HEIGHTS("heights");

        private final String word;

        Known(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** The surface at a station. */
    public record Height(Station at, Distance height) {}

    public Ground {
        heights = heights.stream().sorted(Comparator.comparing(Height::at)).toList();
        if (known == Known.HEIGHTS && heights.isEmpty()) {
            throw new IllegalArgumentException("heights were said and none given");
        }
    }

    public static Ground slope(double percent) {
        return new Ground(Known.SLOPE, percent, List.of());
    }

    public static Ground heights(List<Height> heights) {
        return new Ground(Known.HEIGHTS, 0, heights);
    }

    public boolean isKnown() {
        return known != Known.NOT_SAID;
    }

    /**
     * Height of the surface, millimetres above its level at the datum (a slope) or above the level the heights were taken
     * from; straight between two heights, level beyond the first and last. Level where nothing was said.
     */
    public double at(Station station) {
        return switch (known) {
            case NOT_SAID, LEVEL -> 0;
            case SLOPE -> station.mm() * percent / 100;
            case HEIGHTS -> between(station);
        };
    }

    private double between(Station station) {
        Height before = heights.getFirst();
        for (Height height : heights) {
            if (height.at().compareTo(station) >= 0) {
                long run = height.at().mm() - before.at().mm();
                double share = run == 0
                        ? 1
                        : Math.clamp((double) (station.mm() - before.at().mm()) / run, 0, 1);
                return before.height().mm()
                        + share * (height.height().mm() - before.height().mm());
            }
            before = height;
        }
        return before.height().mm();
    }
}

package hitch.core.sketch;

import hitch.core.pipe.PipeSpan;
import java.util.List;

/** One shape of a drawing; later marks lie over earlier ones. */
public sealed interface Mark {
    /** A filled shape. */
    record Area(List<Point> corners, Tone tone, double strength) implements Mark {
        public Area {
            corners = List.copyOf(corners);
        }
    }

    /** A line through points. */
    record Stroke(List<Point> points, Tone tone, double width, boolean dashed) implements Mark {
        public Stroke {
            points = List.copyOf(points);
        }

        /** Whether it is one unbroken line straight up or down. */
        public boolean isPlumb() {
            return !dashed
                    && points.size() == 2
                    && points.getFirst().x() == points.getLast().x();
        }

        /** Pixels from its first point down to its last, or up. */
        public double high() {
            return Math.abs(points.getLast().y() - points.getFirst().y());
        }
    }

    /**
     * A length of pipe seen from the side: upright at both ends, whatever its fall.
     *
     * @param x left end
     * @param leftY top at the left end
     * @param rightY top at the right end
     */
    record Pipe(PipeSpan span, double x, double width, double leftY, double rightY, double height) implements Mark {}

    /** Slanted lines over a length of pipe: not seen. */
    record Hatch(double x, double width, double leftY, double rightY, double height) implements Mark {}

    /** Words at a point. */
    record Words(String text, double x, double y, double size, Align align, Tone tone, Face face) implements Mark {
        /** Other words at the same place. */
        Words saying(String other) {
            return new Words(other, x, y, size, align, tone, face);
        }
    }

    /** A weight: as many knots of rope as it has; a ring for none. */
    record Knot(double x, double y, int knots, Tone tone) implements Mark {}

    /** Where words stand beside their point. */
    enum Align {
        LEFT,
        CENTRE,
        RIGHT
    }

    /** How words are set. */
    enum Face {
        TEXT,
        STRONG,
        FIGURES
    }
}

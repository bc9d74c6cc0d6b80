package hitch.media.film;

import hitch.core.finding.ClockPosition;
import hitch.media.draw.Palette;
import hitch.media.draw.Pen;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;

/**
 * A frame drawn on the pipe's wall about a finding. It lies on the wall as seen by a lens that looks along the pipe: a ring of the wall so far
 * ahead stands at {@code lens / distance} from the middle, distance in bores' halves.
 */
final class Pointer {
    /** Of the picture's height: how far from the middle a ring of the wall stands that is one half bore ahead. */
    private static final double LENS = 0.6;
    /** Where a finding stands in the frame at which it was marked: as far ahead as people hold for a look. */
    private static final double HELD_AT = LENS / 0.29;
    /** Half of the length of wall that is framed. */
    private static final double ALONG = 0.55;
    /** Half of the arc that is framed about one hour, degrees. */
    private static final double ABOUT = 24;

    private static final double NEAREST = 1.05;
    private static final double STEP = 4;
    private static final BasicStroke UNDER = new BasicStroke(8, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND);
    private static final BasicStroke LINE = new BasicStroke(4, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND);
    private static final Color SHADE = new Color(0, 0, 0, 110);

    private Pointer() {}

    /**
     * @param ahead how much farther ahead the finding is than when it was marked, in halves of the bore; 0 in the held frame
     */
    static void draw(Pen pen, ClockPosition clock, Sheet.Box footage, double ahead) {
        double at = HELD_AT + ahead;
        double far = footage.height() * LENS / Math.max(NEAREST, at + ALONG);
        double near = footage.height() * LENS / Math.max(NEAREST, at - ALONG);
        double x = footage.middleX();
        double y = footage.middleY();
        List<java.awt.Shape> shapes = new ArrayList<>();
        if (clock.all()) {
            shapes.add(new Ellipse2D.Double(x - near, y - near, 2 * near, 2 * near));
            shapes.add(new Ellipse2D.Double(x - far, y - far, 2 * far, 2 * far));
        } else {
            shapes.add(patch(x, y, far, near, clock));
            if (clock.both()) {
                shapes.add(patch(x, y, far, near, clock.mirrored().equals(clock) ? opposite(clock) : clock.mirrored()));
            }
        }
        for (java.awt.Shape shape : shapes) {
            pen.graphics().setColor(SHADE);
            pen.graphics().setStroke(UNDER);
            pen.graphics().draw(shape);
            pen.graphics().setColor(Palette.COPPER);
            pen.graphics().setStroke(LINE);
            pen.graphics().draw(shape);
        }
    }

    private static ClockPosition opposite(ClockPosition clock) {
        int hour = (clock.from() + 6 - 1) % 12 + 1;
        return ClockPosition.at(hour);
    }

    private static Path2D patch(double x, double y, double far, double near, ClockPosition clock) {
        double sweep = Math.floorMod(clock.to() - clock.from(), 12) * 30.0;
        double half = Math.max(ABOUT, sweep / 2 + 10);
        double middle = clock.middle() * 30 - 90;
        Path2D path = new Path2D.Double();
        for (double a = middle - half; a <= middle + half; a += STEP) {
            line(path, x + near * Math.cos(Math.toRadians(a)), y + near * Math.sin(Math.toRadians(a)));
        }
        for (double a = middle + half; a >= middle - half; a -= STEP) {
            line(path, x + far * Math.cos(Math.toRadians(a)), y + far * Math.sin(Math.toRadians(a)));
        }
        path.closePath();
        return path;
    }

    private static void line(Path2D path, double x, double y) {
        if (path.getCurrentPoint() == null) {
            path.moveTo(x, y);
        } else {
            path.lineTo(x, y);
        }
    }

    /** Where in the footage it points to, 0 to 1 across and down. */
    static double[] target(ClockPosition clock) {
        if (clock.all() || clock.both()) {
            return new double[] {0.5, 0.5};
        }
        double angle = Math.toRadians(clock.middle() * 30 - 90);
        double reach = LENS / HELD_AT;
        return new double[] {0.5 + 0.75 * reach * Math.cos(angle), 0.5 + reach * Math.sin(angle)};
    }
}

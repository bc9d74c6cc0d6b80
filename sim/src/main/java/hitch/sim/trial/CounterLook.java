package hitch.sim.trial;

import hitch.core.measure.Distance;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.Rectangle2D;
import java.util.Locale;

/**
 * How a counter is burned into the picture.
 *
 * @param tall height of its digits, pixels
 * @param ink colour of its digits
 * @param ground what lies behind them
 * @param right whether it stands on the right
 * @param top whether it stands at the top
 * @param form how the number is written
 */
public record CounterLook(
        TrialFace face, double tall, Color ink, Ground ground, boolean right, boolean top, Form form) {
    /** What lies behind the digits. */
    public enum Ground {
        OUTLINE,
        BOX,
        BARE
    }

    private static final double PER_FOOT = 0.3048;
    /** Size of small letters behind a number, against the number's. */
    private static final double SMALLER = 0.6;

    /** How the number is written; what is written small stands behind it in smaller letters. */
    public enum Form {
        PLAIN("%.1f", "", 1),
        FEET("%.1f ft", "", 1),
        FEET_JOINED("%.1fFT", "", 1),
        ZERO_LED("%05.1f", "", 1),
        LABELLED("DIST %.1f", "", 1),
        METRES("%.2f m", "", PER_FOOT),
        FEET_INCHES("", "", 1),
        FEET_SMALL("%.1f", "ft", 1),
        METRES_SMALL("%.2f", "m", PER_FOOT),
        METRES_BARE("%.2f", "", PER_FOOT);

        private final String pattern;
        private final String small;
        private final double perFoot;

        Form(String pattern, String small, double perFoot) {
            this.pattern = pattern;
            this.small = small;
            this.perFoot = perFoot;
        }

        /** Whether it counts metres. */
        public boolean isMetric() {
            return perFoot != 1;
        }

        /** What it counts in, millimetres. */
        public double mm() {
            return isMetric() ? 1000 : Distance.MM_PER_FOOT;
        }

        /** What the counter shows at {@code feet}, rounded as it rounds. */
        public double shown(double feet) {
            return switch (this) {
                case FEET_INCHES -> Math.round(feet * 12) / 12.0;
                case METRES, METRES_SMALL, METRES_BARE -> Math.round(feet * perFoot * 100) / 100.0;
                default -> Math.round(feet * 10) / 10.0;
            };
        }

        public String text(double feet) {
            if (this == FEET_INCHES) {
                long inches = Math.round(feet * 12);
                return inches / 12 + "' " + inches % 12 + "\"";
            }
            return String.format(Locale.ROOT, pattern, shown(feet));
        }
    }

    /** Burns the counter in, and the date, a clock, a job number and a pipe size in the other corners. */
    void burn(Graphics2D g, int width, int height, double feet, double seconds) {
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        double near = 14 + tall * 0.3;
        double small = Math.max(11, tall * 0.6);
        word(g, "JOB 4417", width * 0.42, top ? height - near : near + small, small, false, width);
        word(g, "12-03-2026", near, top ? height - near : near + small, small, false, width);
        String clock = String.format("10:%02d:%02d", 14 + (int) seconds / 60, (int) seconds % 60);
        word(g, clock, near, top ? height - near : near + small, small, true, width);
        word(g, "6 in", near, top ? near + tall : height - near, small, !right, width);
        number(g, width, height, form.text(feet));
    }

    /** The number, with its unit in smaller letters behind it. */
    private void number(Graphics2D g, int width, int height, String text) {
        double near = 14 + tall * 0.3;
        double foot = top ? near + tall : height - near;
        double unit = form.small.isEmpty() ? 0 : tall * SMALLER * (form.small.length() + 0.8);
        word(g, text, right ? near + unit : near, foot, tall, right, width);
        if (!form.small.isEmpty()) {
            double past = shape(g, text, tall).getBounds2D().getMaxX() + tall * 0.4;
            word(g, form.small, right ? near : near + past, foot, tall * SMALLER, right, width);
        }
    }

    /** Burns the counter in, and a stamp in the corner opposite. */
    public void burnIn(Graphics2D g, int width, int height, String stamp, String counter) {
        double near = 14 + tall * 0.3;
        double small = Math.max(9, tall * 0.6);
        if (!stamp.isEmpty()) {
            word(g, stamp, near, top ? height - near : near + small, small, right == top, width);
        }
        if (!counter.isEmpty()) {
            number(g, width, height, counter);
        }
    }

    private Shape shape(Graphics2D g, String text, double high) {
        return face == TrialFace.DOTS
                ? DotMatrix.shape(text, 0, 0, high)
                : face.font(high)
                        .createGlyphVector(g.getFontRenderContext(), text)
                        .getOutline();
    }

    private void word(Graphics2D g, String text, double x, double y, double high, boolean fromRight, int width) {
        Shape shape = shape(g, text, high);
        Rectangle2D bounds = shape.getBounds2D();
        double left = fromRight ? width - x - bounds.getMaxX() : x;
        shape = java.awt.geom.AffineTransform.getTranslateInstance(Math.round(left), Math.round(y))
                .createTransformedShape(shape);
        boolean dark = ink.getRed() + ink.getGreen() + ink.getBlue() < 200;
        g.setColor(dark ? new Color(225, 225, 225) : Color.BLACK);
        if (ground == Ground.BOX) {
            Rectangle2D b = shape.getBounds2D();
            double room = high * 0.3;
            g.fill(new Rectangle2D.Double(b.getX() - room, y - high - room, b.getWidth() + 2 * room, high + 2 * room));
        } else if (ground == Ground.OUTLINE) {
            g.setStroke(new BasicStroke((float) (2 + high / 12), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            g.draw(shape);
        }
        g.setColor(ink);
        g.fill(shape);
    }
}

package hitch.sim.trial;

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

    /** How the number is written. */
    public enum Form {
        PLAIN("%.1f", 1),
        FEET("%.1f ft", 1),
        FEET_JOINED("%.1fFT", 1),
        ZERO_LED("%05.1f", 1),
        LABELLED("DIST %.1f", 1),
        METRES("%.2f m", 0.3048),
        FEET_INCHES("", 1);

        private final String pattern;
        private final double perFoot;

        Form(String pattern, double perFoot) {
            this.pattern = pattern;
            this.perFoot = perFoot;
        }

        /** What the counter shows at {@code feet}, rounded as it rounds. */
        double shown(double feet) {
            return switch (this) {
                case FEET_INCHES -> Math.round(feet * 12) / 12.0;
                case METRES -> Math.round(feet * perFoot * 100) / 100.0;
                default -> Math.round(feet * 10) / 10.0;
            };
        }

        String text(double feet) {
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
        word(g, form.text(feet), near, top ? near + tall : height - near, tall, right, width);
    }

    private void word(Graphics2D g, String text, double x, double y, double high, boolean fromRight, int width) {
        Shape shape = face == TrialFace.DOTS
                ? DotMatrix.shape(text, 0, 0, high)
                : face.font(high)
                        .createGlyphVector(g.getFontRenderContext(), text)
                        .getOutline();
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

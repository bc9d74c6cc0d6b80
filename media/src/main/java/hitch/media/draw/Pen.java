package hitch.media.draw;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.FontMetrics;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;

/** A few strokes that every card and band is drawn with. */
public final class Pen {
    private final Graphics2D g;

    private Pen(Graphics2D g) {
        this.g = g;
    }

    public static Pen on(BufferedImage image) {
        return on(image.createGraphics());
    }

    /** A pen on whatever can be drawn on. */
    public static Pen on(Graphics2D g) {
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        return new Pen(g);
    }

    /** A pen that draws in units of so many pixels. */
    public static Pen on(BufferedImage image, double scale) {
        Pen pen = on(image);
        pen.g.scale(scale, scale);
        return pen;
    }

    /**
     * Draws a picture in a box, gone into.
     *
     * @param zoom 1 for all of it
     * @param atX what of the picture is gone into, 0 to 1
     * @param atY likewise
     */
    public void picture(
            BufferedImage picture,
            double x,
            double y,
            double width,
            double height,
            double zoom,
            double atX,
            double atY) {
        java.awt.Shape clip = g.getClip();
        g.clip(new java.awt.geom.Rectangle2D.Double(x, y, width, height));
        double wide = width * zoom;
        double high = height * zoom;
        java.awt.geom.AffineTransform place =
                java.awt.geom.AffineTransform.getTranslateInstance(x - (wide - width) * atX, y - (high - height) * atY);
        place.scale(wide / picture.getWidth(), high / picture.getHeight());
        g.drawImage(picture, place, null);
        g.setClip(clip);
    }

    public Graphics2D graphics() {
        return g;
    }

    public void fill(Color colour, double x, double y, double width, double height) {
        g.setColor(colour);
        g.fill(new java.awt.geom.Rectangle2D.Double(x, y, width, height));
    }

    /** Writes one line with its baseline at {@code y}, shortened with dots where it is wider than {@code width}. */
    public void line(String text, Font font, Color colour, double x, double y, double width) {
        g.setFont(font);
        g.setColor(colour);
        FontMetrics metrics = g.getFontMetrics();
        String shown = text;
        while (shown.length() > 1 && metrics.stringWidth(shown) > width) {
            shown = shown.substring(0, shown.length() - (shown.endsWith("…") ? 2 : 1))
                            .stripTrailing() + "…";
        }
        g.drawString(shown, (float) x, (float) y);
    }

    /**
     * Writes text over several lines.
     *
     * @param y first baseline
     * @param most lines at most; the last is shortened where text is left over
     * @return the baseline after the last line
     */
    public double block(
            String text, Font font, Color colour, double x, double y, double width, double leading, int most) {
        List<String> lines = wrap(text, font, width);
        double at = y;
        for (int i = 0; i < Math.min(lines.size(), most); i++) {
            boolean cut = i == most - 1 && lines.size() > most;
            line(cut ? String.join(" ", lines.subList(i, lines.size())) : lines.get(i), font, colour, x, at, width);
            at += leading;
        }
        return at;
    }

    /** The lines {@code text} takes at {@code width}. */
    public List<String> wrap(String text, Font font, double width) {
        FontMetrics metrics = g.getFontMetrics(font);
        List<String> lines = new ArrayList<>();
        StringBuilder current = new StringBuilder();
        for (String word : text.strip().split("\\s+")) {
            String longer = current.isEmpty() ? word : current + " " + word;
            if (!current.isEmpty() && metrics.stringWidth(longer) > width) {
                lines.add(current.toString());
                current.setLength(0);
                current.append(word);
            } else {
                current.setLength(0);
                current.append(longer);
            }
        }
        lines.add(current.toString());
        return lines;
    }

    /**
     * The rope: a line with {@code knots} knots of four places on it.
     *
     * @param x left end
     * @param y height of the rope
     * @param width length of the rope
     * @param size height of a knot
     */
    public void rope(int knots, Color rope, Color knot, double x, double y, double width, double size) {
        g.setColor(rope);
        g.setStroke(new BasicStroke((float) (size / 4), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        Path2D line = new Path2D.Double();
        line.moveTo(x, y);
        line.lineTo(x + width, y);
        g.draw(line);
        for (int i = 0; i < 4; i++) {
            double at = x + width * (i + 0.5) / 4;
            if (i < knots) {
                knot(knot, at, y, size);
            } else {
                g.setColor(rope);
                g.fill(new Ellipse2D.Double(at - size / 6, y - size / 6, size / 3, size / 3));
            }
        }
    }

    /** One knot: two crossing loops. */
    private void knot(Color colour, double x, double y, double size) {
        g.setColor(colour);
        g.fill(new Ellipse2D.Double(x - size * 0.62, y - size * 0.42, size * 0.74, size * 0.84));
        g.fill(new Ellipse2D.Double(x - size * 0.12, y - size * 0.42, size * 0.74, size * 0.84));
        g.setColor(new Color(255, 255, 255, 110));
        g.setStroke(new BasicStroke((float) Math.max(1, size / 9)));
        g.draw(new java.awt.geom.Arc2D.Double(
                x - size * 0.3, y - size * 0.5, size * 0.6, size, 60, 60, java.awt.geom.Arc2D.OPEN));
    }

    public void close() {
        g.dispose();
    }
}

package hitch.media.draw;

import hitch.core.footage.Adjustment;
import hitch.core.footage.Drawn;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.FontMetrics;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.Path2D;
import java.awt.geom.RoundRectangle2D;
import java.util.List;

/** Draws what a hand drew, or measured, over a picture: one hand's strokes, with a dark edge that holds on any ground. */
public final class MarkPen {
    private static final Color SHADE = new Color(0, 0, 0, 120);
    private static final Color CHIP = new Color(18, 25, 28, 205);
    /** Strokes and letters are so large as a share of the picture's height. */
    private static final double LINE = 0.006;

    private static final double LETTERS = 0.042;
    private static final double HEAD = 0.035;
    private static final float PAINT = 0.4f;

    private final Graphics2D g;
    private final double left;
    private final double top;
    private final double width;
    private final double height;
    private final Adjustment looked;

    /**
     * @param looked how the picture is looked at: turned and mirrored with it, marks stay where they were drawn
     */
    public MarkPen(Pen pen, double left, double top, double width, double height, Adjustment looked) {
        this.g = pen.graphics();
        this.left = left;
        this.top = top;
        this.width = width;
        this.height = height;
        this.looked = looked;
    }

    public void draw(List<Drawn> marks) {
        // Words last, so that no stroke runs through them.
        marks.stream().filter(m -> m.form() != Drawn.Form.WORDS).forEach(this::strokes);
        marks.stream().filter(m -> m.form() == Drawn.Form.WORDS).forEach(this::words);
    }

    private double[] at(Drawn.Spot spot) {
        double[] p = spot.pixel(width, height);
        double[] shows = looked.shows(p[0], p[1], width, height);
        return new double[] {left + shows[0], top + shows[1]};
    }

    private void strokes(Drawn mark) {
        Path2D path = new Path2D.Double();
        for (Drawn.Spot spot : mark.places()) {
            double[] p = at(spot);
            if (path.getCurrentPoint() == null) {
                path.moveTo(p[0], p[1]);
            } else {
                path.lineTo(p[0], p[1]);
            }
        }
        if (mark.form() == Drawn.Form.RING) {
            path.closePath();
        }
        if (mark.form() == Drawn.Form.ARROW) {
            head(path, mark.places());
        }
        double line = height * LINE;
        if (mark.wide() > 0) {
            Color paint = new Color(
                    Palette.COPPER.getRed() / 255f,
                    Palette.COPPER.getGreen() / 255f,
                    Palette.COPPER.getBlue() / 255f,
                    PAINT);
            stroke(path, paint, mark.wide() * width / hitch.core.footage.Patch.WHOLE);
            return;
        }
        stroke(path, SHADE, 2 * line);
        stroke(path, Palette.COPPER, line);
    }

    private void head(Path2D path, List<Drawn.Spot> places) {
        double[] from = at(places.get(Math.max(0, places.size() - 2)));
        double[] to = at(places.getLast());
        double along = Math.atan2(to[1] - from[1], to[0] - from[0]);
        for (double turn : new double[] {Math.PI - 0.45, Math.PI + 0.45}) {
            path.moveTo(to[0], to[1]);
            path.lineTo(to[0] + height * HEAD * Math.cos(along + turn), to[1] + height * HEAD * Math.sin(along + turn));
        }
    }

    private void stroke(Shape shape, Color colour, double wide) {
        g.setColor(colour);
        g.setStroke(new BasicStroke((float) Math.max(1, wide), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        g.draw(shape);
    }

    /** On a dark slip that stays within the picture. */
    private void words(Drawn mark) {
        Font font = Typefaces.bold(height * LETTERS);
        FontMetrics metrics = g.getFontMetrics(font);
        double pad = height * LETTERS * 0.3;
        double wide = metrics.stringWidth(mark.words()) + 2 * pad;
        double high = metrics.getHeight() + pad;
        double[] p = at(mark.places().getFirst());
        double x = Math.clamp(p[0], left, Math.max(left, left + width - wide));
        double y = Math.clamp(p[1] - high - pad, top, Math.max(top, top + height - high));
        g.setColor(CHIP);
        g.fill(new RoundRectangle2D.Double(x, y, wide, high, pad, pad));
        g.setColor(Palette.PAPER);
        g.setFont(font);
        g.drawString(mark.words(), (float) (x + pad), (float) (y + pad / 2 + metrics.getAscent()));
    }
}

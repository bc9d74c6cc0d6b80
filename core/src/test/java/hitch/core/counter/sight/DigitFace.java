package hitch.core.counter.sight;

import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;

/** A way of drawing digits and letters. */
interface DigitFace {
    /** The outline of a character with its foot at 0; a digit is {@code tall} high. Empty where the face has none. */
    Shape shape(char what, double tall);

    /** A typeface from a file. */
    static DigitFace of(Font font) {
        double high = height(font.deriveFont(100f), '0');
        return (what, tall) -> outline(font.deriveFont((float) (100 * tall / high)), what);
    }

    /** A typeface as a recorder with few dots would draw it. */
    static DigitFace ofDots(Font font, int rows) {
        double high = height(font.deriveFont(100f), '0');
        Font small = font.deriveFont((float) (100 * rows / high));
        return (what, tall) -> {
            BufferedImage image = new BufferedImage(rows * 3, rows * 2, BufferedImage.TYPE_BYTE_GRAY);
            Graphics2D g = image.createGraphics();
            g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
            g.translate(rows * 0.5, rows * 1.3);
            g.fill(outline(small, what));
            g.dispose();
            Area dots = new Area();
            for (int i = 0; i < rows * rows * 6; i++) {
                int x = i % (rows * 3);
                int y = i / (rows * 3);
                if (image.getRaster().getSample(x, y, 0) > 110) {
                    dots.add(new Area(new Rectangle2D.Double(x, y - rows * 1.3, 1.02, 1.02)));
                }
            }
            return AffineTransform.getScaleInstance(tall / rows, tall / rows).createTransformedShape(dots);
        };
    }

    private static Shape outline(Font font, char what) {
        if (!font.canDisplay(what)) {
            return new Path2D.Double();
        }
        return font.createGlyphVector(new FontRenderContext(null, true, true), String.valueOf(what))
                .getOutline();
    }

    private static double height(Font font, char what) {
        return Math.max(1, outline(font, what).getBounds2D().getHeight());
    }
}

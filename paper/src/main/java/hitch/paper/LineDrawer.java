package hitch.paper;

import com.openhtmltopdf.extend.FSObjectDrawer;
import com.openhtmltopdf.extend.OutputDevice;
import com.openhtmltopdf.render.RenderingContext;
import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import hitch.core.sketch.Sketch;
import hitch.media.draw.Pen;
import hitch.media.draw.SketchPen;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.w3c.dom.Element;

/** Draws the line into a PDF, sharp at every size. */
final class LineDrawer implements FSObjectDrawer {
    private final Sketch sketch;

    LineDrawer(Sketch sketch) {
        this.sketch = sketch;
    }

    @Override
    public Map<Shape, String> drawObject(
            Element e,
            double x,
            double y,
            double width,
            double height,
            OutputDevice device,
            RenderingContext context,
            int dotsPerPixel) {
        device.drawWithGraphics(
                (float) x, (float) y, (float) width / dotsPerPixel, (float) height / dotsPerPixel, g -> {
                    faces(g);
                    g.scale(width / dotsPerPixel / sketch.width(), height / dotsPerPixel / sketch.height());
                    SketchPen.paint(Pen.on(g), sketch, UnaryOperator.identity());
                });
        return Map.of();
    }

    private static void faces(Graphics2D g) {
        if (g instanceof PdfBoxGraphics2D pdf) {
            try {
                PdfFaces.on(pdf);
            } catch (IOException e) {
                throw new UncheckedIOException("a shipped typeface cannot be read", e);
            }
        }
    }
}

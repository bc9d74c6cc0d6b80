package hitch.core.counter.sight;

import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** Characters drawn by a pen along strokes, from a file of pen plotter strokes, a character a line from the blank on. */
final class StrokeFace implements DigitFace {
    private final List<String> lines;
    private final double pen;
    private final double high;

    /**
     * @param pen width of the pen where a digit is about 21 high
     */
    StrokeFace(Path file, double pen) throws IOException {
        this.lines = Files.readAllLines(file, StandardCharsets.ISO_8859_1);
        this.pen = pen;
        this.high = strokes('0').getBounds2D().getHeight() + pen;
    }

    private Shape strokes(char what) {
        Path2D path = new Path2D.Double();
        int index = what - ' ';
        String line = index < lines.size() ? lines.get(index) : "";
        boolean up = true;
        for (int i = 10; i + 1 < line.length(); i += 2) {
            if (line.charAt(i) == ' ' && line.charAt(i + 1) == 'R') {
                up = true;
                continue;
            }
            double x = line.charAt(i) - 'R';
            double y = line.charAt(i + 1) - 'R';
            if (up) {
                path.moveTo(x, y);
            } else {
                path.lineTo(x, y);
            }
            up = false;
        }
        return path;
    }

    @Override
    public Shape shape(char what, double tall) {
        Shape inked = new BasicStroke((float) pen, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND)
                .createStrokedShape(strokes(what));
        Rectangle2D b = inked.getBounds2D();
        double scale = tall / high;
        return new AffineTransform(scale, 0, 0, scale, -b.getX() * scale, -b.getMaxY() * scale)
                .createTransformedShape(inked);
    }
}

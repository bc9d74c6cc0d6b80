package hitch.core.exchange;

import hitch.core.pipe.Lining;
import hitch.core.pipe.Material;
import hitch.core.pipe.PipeSpan;
import hitch.core.pipe.Wall;
import hitch.core.sketch.Mark;
import hitch.core.sketch.Point;
import hitch.core.sketch.Sketch;
import hitch.core.sketch.Tone;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** Writes drawings as SVG 1.1, one below the other, on paper. Faces are named, with plain ones to fall back on. */
public final class SketchSvg {
    private final StringBuilder out = new StringBuilder();

    private SketchSvg() {}

    /**
     * @param title what the drawing is of
     * @param sketches at least one
     */
    public static String write(String title, List<Sketch> sketches) {
        SketchSvg svg = new SketchSvg();
        double width = sketches.stream().mapToDouble(Sketch::width).max().orElseThrow();
        double height = sketches.stream().mapToDouble(Sketch::height).sum();
        svg.open(title, width, height);
        double top = 0;
        for (Sketch sketch : sketches) {
            svg.line("<g transform=\"translate(0 %s)\">", n(top));
            sketch.marks().forEach(svg::mark);
            svg.line("</g>");
            top += sketch.height();
        }
        svg.line("</svg>");
        return svg.out.toString();
    }

    private void open(String title, double width, double height) {
        line(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" role=\"img\" width=\"%1$s\" height=\"%2$s\" viewBox=\"0 0 %1$s %2$s\">",
                n(width), n(height));
        line("<title>%s</title>", escaped(title));
        line("<defs>");
        Stream.concat(Arrays.stream(Material.values()), Arrays.stream(Lining.values()))
                .forEach(this::pattern);
        line(
                "<pattern id=\"unseen\" width=\"6\" height=\"6\" patternUnits=\"userSpaceOnUse\">"
                        + "<path d=\"M0 6 L6 0\" stroke=\"%s\" stroke-width=\"1\"/></pattern>",
                Tone.INK.hex());
        line("</defs>");
        line("<rect width=\"100%%\" height=\"100%%\" fill=\"%s\"/>", Tone.CARD.hex());
    }

    /** The look of a wall: joints across where it is laid in short lengths, specks where it rusts or crumbles. */
    private void pattern(Wall wall) {
        String texture = switch (wall.grain()) {
            case JOINTED -> "<path d=\"M13 0 V60\" stroke=\"#40211266\" stroke-width=\"1.4\"/>";
            case ROUGH ->
                "<circle cx=\"3\" cy=\"5\" r=\"1.2\" fill=\"#c76b3380\"/><circle cx=\"10\" cy=\"12\" r=\"1.6\" "
                        + "fill=\"#1f140f80\"/><circle cx=\"7\" cy=\"18\" r=\"1\" fill=\"#c76b3380\"/>";
            case SMOOTH -> "";
        };
        line(
                "<pattern id=\"%s\" width=\"14\" height=\"20\" patternUnits=\"userSpaceOnUse\"><rect width=\"14\" "
                        + "height=\"20\" fill=\"%s\"/>%s</pattern>",
                wall.name(), ofWall(wall), texture);
    }

    private void mark(Mark mark) {
        switch (mark) {
            case Mark.Area a ->
                line(
                        "<polygon points=\"%s\" fill=\"%s\" fill-opacity=\"%s\"/>",
                        points(a.corners()), a.tone().hex(), n(a.strength()));
            case Mark.Stroke s ->
                line(
                        "<polyline points=\"%s\" fill=\"none\" stroke=\"%s\" stroke-width=\"%s\" stroke-linecap=\"round\"%s/>",
                        points(s.points()),
                        s.tone().hex(),
                        n(s.width()),
                        s.dashed() ? " stroke-dasharray=\"5 4\"" : "");
            case Mark.Pipe p ->
                line(
                        "<polygon points=\"%s\" fill=\"%s\"/>",
                        points(corners(p.x(), p.width(), p.leftY(), p.rightY(), p.height())), fill(p.span()));
            case Mark.Hatch h ->
                line(
                        "<polygon points=\"%s\" fill=\"url(#unseen)\"/>",
                        points(corners(h.x(), h.width(), h.leftY(), h.rightY(), h.height())));
            case Mark.Words w -> words(w);
            case Mark.Knot k -> knot(k);
        }
    }

    private static List<Point> corners(double x, double width, double leftY, double rightY, double height) {
        return List.of(
                new Point(x, leftY),
                new Point(x + width, rightY),
                new Point(x + width, rightY + height),
                new Point(x, leftY + height));
    }

    private static String fill(PipeSpan span) {
        return span.pipe().wall().map(w -> "url(#" + w.name() + ")").orElse(Tone.EDGE.hex());
    }

    private void words(Mark.Words w) {
        String anchor = switch (w.align()) {
            case LEFT -> "start";
            case CENTRE -> "middle";
            case RIGHT -> "end";
        };
        String face = w.face() == Mark.Face.FIGURES
                ? "'Spline Sans Mono', monospace"
                : "'Hanken Grotesk', 'Helvetica', sans-serif";
        line(
                "<text x=\"%s\" y=\"%s\" font-size=\"%s\" text-anchor=\"%s\" fill=\"%s\" font-family=\"%s\"%s>%s</text>",
                n(w.x()),
                n(w.y()),
                n(w.size()),
                anchor,
                w.tone().hex(),
                face,
                w.face() == Mark.Face.STRONG ? " font-weight=\"600\"" : "",
                escaped(w.text()));
    }

    private void knot(Mark.Knot k) {
        if (k.knots() == 0) {
            line(
                    "<circle cx=\"%s\" cy=\"%s\" r=\"4.5\" fill=\"%s\" stroke=\"%s\"/>",
                    n(k.x()), n(k.y()), Tone.CARD.hex(), k.tone().hex());
            return;
        }
        double size = 9 + 2 * k.knots();
        for (double shift : new double[] {-0.25, 0.25}) {
            line(
                    "<ellipse cx=\"%s\" cy=\"%s\" rx=\"%s\" ry=\"%s\" fill=\"%s\"/>",
                    n(k.x() + shift * size),
                    n(k.y()),
                    n(size * 0.37),
                    n(size * 0.42),
                    k.tone().hex());
        }
    }

    private static String ofWall(Wall wall) {
        return String.format(Locale.ROOT, "#%06X", wall.colour());
    }

    private static String points(List<Point> points) {
        StringBuilder text = new StringBuilder();
        points.forEach(p -> text.append(n(p.x())).append(',').append(n(p.y())).append(' '));
        return text.toString().strip();
    }

    private static String n(double value) {
        return String.format(Locale.ROOT, "%.2f", value).replaceAll("\\.?0+$", "");
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }

    private void line(String format, Object... values) {
        out.append(String.format(Locale.ROOT, format, values)).append('\n');
    }
}

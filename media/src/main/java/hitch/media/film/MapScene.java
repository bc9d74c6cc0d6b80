package hitch.media.film;

import hitch.core.disclosure.Disclosure;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.sketch.FilmMap;
import hitch.core.story.Cutting;
import hitch.core.story.MapShot;
import hitch.media.draw.Palette;
import hitch.media.draw.Pen;
import hitch.media.draw.SketchPen;
import hitch.media.draw.Typefaces;
import java.awt.BasicStroke;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;

/** The line as it is drawn on the desk, with a rope that runs along it from the opening. */
record MapScene(MapShot shot, FilmMap map, Cutting.Placed placed, Disclosure may) implements Scene {
    private static final double LEFT = 40;
    private static final double TOP = 92;
    private static final double RUN_S = 4;
    private static final double STEP = 6;
    private static final int PARTS = 200;

    private double run(double seconds) {
        double from = placed.start() + 0.8;
        return Eased.at(seconds, from, Math.min(from + RUN_S, Math.max(from + 1, placed.end() - 0.5)));
    }

    @Override
    public Object look(double seconds) {
        return Math.round(run(seconds) * PARTS);
    }

    @Override
    public void draw(double seconds, Sheet sheet) {
        sheet.ground(this, pen -> {
            pen.line(shot.title(), Typefaces.bold(44), Palette.INK, LEFT + 16, 70, FilmShape.SHEET_WIDTH - 2 * LEFT);
            in(pen, () -> SketchPen.paint(pen, map.sketch(), may::text));
        });
        double run = run(seconds);
        shot.along().ifPresent(along -> sheet.over(pen -> in(pen, () -> rope(pen, along, run))));
    }

    private void in(Pen pen, Runnable draw) {
        java.awt.geom.AffineTransform was = pen.graphics().getTransform();
        pen.graphics().translate(LEFT, TOP);
        double scale = (FilmShape.SHEET_WIDTH - 2 * LEFT) / map.sketch().width();
        pen.graphics().scale(scale, scale);
        draw.run();
        pen.graphics().setTransform(was);
    }

    /** From the opening both ways, or from one end to the other. */
    private void rope(Pen pen, Extent along, double run) {
        Station start = along.covers(Station.DATUM) ? Station.DATUM : shot.backward() ? along.to() : along.from();
        for (Station end : new Station[] {along.from(), along.to()}) {
            if (end.equals(start)) {
                continue;
            }
            double from = map.view().x(start);
            double to = from + (map.view().x(end) - from) * run;
            Path2D path = new Path2D.Double();
            path.moveTo(from, map.y(from));
            double step = Math.signum(to - from) * STEP;
            for (double x = from; step > 0 ? x < to : x > to; x += step) {
                path.lineTo(x, map.y(x));
            }
            path.lineTo(to, map.y(to));
            pen.graphics().setStroke(new BasicStroke(4, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            pen.graphics().setColor(Palette.ROPE);
            pen.graphics().draw(path);
            pen.graphics().setColor(Palette.COPPER);
            pen.graphics().fill(new Ellipse2D.Double(to - 5, map.y(to) - 5, 10, 10));
        }
    }
}

package hitch.core.sketch;

import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.survey.Fall;
import hitch.core.survey.Locate;
import hitch.core.survey.Survey;
import hitch.core.survey.told.Surfaces;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** The surface above the line, the locates on it and the falls between them. */
final class GroundDrawing {
    private static final double CLEAR_PX = 8;

    private final Drawing drawing;
    private final Survey survey;
    private final View view;
    private final Profile profile;
    private final Surfaces surfaces;

    GroundDrawing(Drawing drawing, Survey survey, View view, Profile profile) {
        this.drawing = drawing;
        this.survey = survey;
        this.view = view;
        this.profile = profile;
        this.surfaces = Surfaces.of(survey.findings());
    }

    double y(Station at) {
        return profile.groundY(at);
    }

    /** The surface's points across the drawing, level beyond the line's ends. */
    List<Point> points(double width) {
        List<Point> points = new ArrayList<>();
        points.add(new Point(0, y(view.shown().from())));
        profile.bends(view.shown()).forEach(s -> points.add(new Point(view.x(s), y(s))));
        points.add(new Point(width, y(view.shown().to())));
        return points;
    }

    void surface(double width) {
        boolean known = survey.line().depths().ground().isKnown();
        drawing.add(new Mark.Stroke(points(width), Tone.GROUND, 3, false));
        if (!known && profile.isMeasured()) {
            drawing.words(
                    "how the ground lies was not said: drawn level",
                    12,
                    34,
                    11.5,
                    Mark.Align.LEFT,
                    Tone.SOFT,
                    Mark.Face.TEXT);
        }
    }

    /** What the ground is covered with, named under it between its ends. */
    void above() {
        for (Surfaces.Above above : surfaces.all()) {
            if (!view.shows(above.extent())) {
                continue;
            }
            double from = Math.max(view.x(above.extent().from()), view.left());
            double to = Math.min(view.x(above.extent().to()), view.left() + view.width());
            double y = y(above.extent().middle());
            for (Station end : List.of(above.extent().from(), above.extent().to())) {
                double at = y(end);
                drawing.add(new Mark.Stroke(
                        List.of(new Point(view.x(end), at), new Point(view.x(end), at + 8)), Tone.GROUND, 1.5, false));
            }
            String word = above.surface().word();
            if (to - from > word.length() * 6) {
                drawing.words(word, (from + to) / 2, y + 14, 11.5, Mark.Align.CENTRE, Tone.SOFT, Mark.Face.TEXT);
            }
            drawing.hot(
                    from,
                    y - 2,
                    Math.max(6, to - from),
                    16,
                    survey.line()
                                    .place(
                                            Branch.LINE,
                                            above.extent(),
                                            survey.facts().unit())
                                    .all() + ": " + word);
        }
    }

    /** Locates as stakes with their depths, and what the pipe falls between them. */
    void depths(PipeDrawing.Run run, double lowered) {
        LengthUnit unit = survey.facts().unit().forDepths();
        if (!profile.isMeasured()) {
            drawing.words(
                    "depth not measured",
                    12,
                    y(view.shown().from()) + 18,
                    11.5,
                    Mark.Align.LEFT,
                    Tone.SOFT,
                    Mark.Face.TEXT);
            return;
        }
        for (Locate locate : survey.line().depths().locates()) {
            if (locate.branch().equals(Branch.LINE) && view.shows(locate.at())) {
                stake(locate, unit, run);
            }
        }
        for (Fall fall : survey.line().falls()) {
            if (fall.branch().equals(Branch.LINE) && view.shows(fall.extent())) {
                fall(fall, run);
            }
        }
        if (lowered > CLEAR_PX) {
            drawing.words(
                    "the pipe is drawn lower than it lies, to keep clear of what is above it",
                    12,
                    50,
                    11.5,
                    Mark.Align.LEFT,
                    Tone.SOFT,
                    Mark.Face.TEXT);
        }
    }

    private void stake(Locate locate, LengthUnit unit, PipeDrawing.Run run) {
        double x = view.x(locate.at());
        double y = y(locate.at());
        drawing.dashes(x, y, x, run.invert(locate.at()), Tone.SOFT, 1);
        drawing.add(new Mark.Area(
                List.of(new Point(x - 4, y - 12), new Point(x + 4, y - 12), new Point(x, y + 2)), Tone.INK, 1));
        drawing.words(unit.show(locate.depth()), x, y - 17, 11.5, Mark.Align.CENTRE, Tone.INK, Mark.Face.FIGURES);
        String ground = locate.ground().words();
        drawing.hot(
                x - 26,
                y - 32,
                52,
                36,
                "Locate at "
                        + survey.line()
                                .place(
                                        locate.branch(),
                                        locate.at(),
                                        survey.facts().unit())
                                .all() + ": "
                        + unit.show(locate.depth()) + " to the head, " + unit.show(locate.invert())
                        + " to the bottom of the pipe" + (ground.isBlank() ? "" : "; " + ground),
                locate.finding());
    }

    private void fall(Fall fall, PipeDrawing.Run run) {
        double from = view.x(fall.extent().from());
        double to = view.x(fall.extent().to());
        double x = (Math.max(from, view.left()) + Math.min(to, view.left() + view.width())) / 2;
        double y = y(fall.extent().middle()) + (surfaces.all().isEmpty() ? 16 : 32);
        String words = survey.facts().unit() == LengthUnit.METRES
                ? String.format(Locale.ROOT, "%.1f %%", fall.percent())
                : String.format(Locale.ROOT, "%.2f in/ft", fall.inchesAFoot());
        if (to - from > 96) {
            drawing.words(words, x, y, 11.5, Mark.Align.CENTRE, Tone.INK, Mark.Face.FIGURES);
        }
        drawing.hot(
                x - 40,
                y - 12,
                80,
                16,
                String.format(
                        Locale.ROOT,
                        "%s to %s: %.2f in a foot, give or take %.2f (%.1f %%, give or take %.1f): %s; the rule asks for %.3f",
                        fall.upper(),
                        fall.lower(),
                        fall.inchesAFoot(),
                        fall.plusMinus(),
                        fall.percent(),
                        fall.percentPlusMinus(),
                        fall.steepness().word(),
                        fall.least()));
    }
}

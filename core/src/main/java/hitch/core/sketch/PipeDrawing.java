package hitch.core.sketch;

import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.pipe.PipeSize;
import hitch.core.pipe.PipeSpan;
import hitch.core.survey.Look;
import hitch.core.survey.Survey;
import hitch.core.survey.Way;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/** The pipes: what they are made of, the water in them, and what was not seen. */
final class PipeDrawing {
    /** So many pixels stand for an inch of bore in a drawing of no more than its least height. */
    private static final double PX_AN_INCH = 9;

    private static final double BRANCH_SHARE = 0.5;

    private final Drawing drawing;
    private final Survey survey;
    private final View view;
    private final double perInch;

    /** Where the bottom of a pipe runs. */
    @FunctionalInterface
    interface Run {
        double invert(Station at);
    }

    /** @param grown how many times larger than usual it is drawn */
    PipeDrawing(Drawing drawing, Survey survey, View view, double grown) {
        this.drawing = drawing;
        this.survey = survey;
        this.view = view;
        this.perInch = PX_AN_INCH * grown;
    }

    /** Pixels from the bottom to the top of a pipe's widest span. */
    double height(Way way) {
        return way.spans().stream().mapToDouble(this::height).max().orElse(4 * perInch);
    }

    /** Pixels from the bottom to the top of the pipe at a place. */
    double heightAt(Way way, Station at) {
        return way.spanAt(at).map(this::height).orElse(4 * perInch);
    }

    private double height(PipeSpan span) {
        return span.size().orElse(PipeSize.USUAL).inInches() * perInch;
    }

    /** The earth between the surface and the foot of the pipe. */
    void earth(Run run, GroundDrawing ground, double width, double height) {
        List<Point> corners = new ArrayList<>(ground.points(width));
        double foot = Math.min(height, run.invert(view.shown().to()) + 26);
        corners.add(new Point(width, foot));
        corners.add(new Point(0, Math.min(height, run.invert(view.shown().from()) + 26)));
        drawing.add(new Mark.Area(corners, Tone.EARTH, 1));
    }

    /** Draws the line itself and gives the lowest pixel it comes to. */
    double way(Way way, Run run) {
        spans(way, run, 1);
        water(way, run);
        new UnseenDrawing(drawing, survey, view, this).of(way, run, 1);
        double lowest = Math.max(
                run.invert(view.shown().from()), run.invert(view.shown().to()));
        ends(way, run);
        return Math.max(lowest, deepest(way, run)) + 26;
    }

    private double deepest(Way way, Run run) {
        return cuts(way.whole()).stream().mapToDouble(run::invert).max().orElse(0);
    }

    /** Draws a branch level in its own lane, and its way down to its join. */
    void branch(Way way, double y, double joinY) {
        double height = height(way) * BRANCH_SHARE;
        Run level = station -> y + height;
        spans(way, level, BRANCH_SHARE);
        new UnseenDrawing(drawing, survey, view, this).of(way, level, BRANCH_SHARE);
        double end = view.x(way.whole().to());
        drawing.add(new Mark.Stroke(
                List.of(new Point(end, y + height / 2), new Point(end + 10, y + height), new Point(end + 12, joinY)),
                Tone.SOFT,
                way.join().isPresent() ? 4 : 1.5,
                way.join().isEmpty()));
        double start = Math.max(view.x(way.whole().from()), 8);
        String name = way.name() + " branch";
        boolean beside = start > name.length() * 7;
        if (view.shows(way.whole())) {
            drawing.words(
                    name,
                    beside ? start - 6 : start,
                    beside ? y + height / 2 + 4 : y + height + 14,
                    11.5,
                    beside ? Mark.Align.RIGHT : Mark.Align.LEFT,
                    Tone.INK,
                    Mark.Face.STRONG);
        }
    }

    private TreeSet<Station> cuts(Extent extent) {
        TreeSet<Station> cuts = new TreeSet<>(List.of(extent.from(), extent.to()));
        survey.line().depths().locates().stream()
                .map(l -> l.at())
                .filter(extent::covers)
                .forEach(cuts::add);
        survey.line().depths().ground().heights().stream()
                .map(h -> h.at())
                .filter(extent::covers)
                .forEach(cuts::add);
        return cuts;
    }

    /** The parts of a stretch that are in view, cut where the pipe's fall changes. */
    List<Extent> pieces(Extent extent) {
        List<Extent> pieces = new ArrayList<>();
        Station before = null;
        for (Station cut : cuts(extent)) {
            if (before != null && view.shows(new Extent(before, cut))) {
                pieces.add(new Extent(before, cut));
            }
            before = cut;
        }
        return pieces;
    }

    private void spans(Way way, Run run, double share) {
        LengthUnit unit = survey.facts().unit();
        for (PipeSpan span : way.spans()) {
            double height = height(span) * share;
            for (Extent piece : pieces(span.extent())) {
                double x = view.x(piece.from());
                double width = view.x(piece.to()) - x;
                double left = run.invert(piece.from()) - height;
                double right = run.invert(piece.to()) - height;
                drawing.add(new Mark.Pipe(span.over(piece), x, width, left, right, height));
                drawing.pipe(
                        x,
                        Math.min(left, right),
                        width,
                        height,
                        span.words() + ", " + unit.show(span.length()) + ", "
                                + survey.line()
                                        .place(
                                                way.name(),
                                                span.extent(),
                                                survey.facts().unit())
                                        .all() + seen(way, piece),
                        way.name());
            }
            label(way, span, run, height, share);
        }
    }

    /** What is hatched tells for itself why. */
    private String seen(Way way, Extent piece) {
        boolean whole = survey.line().seeing().parts().stream()
                .filter(p -> p.branch().equals(way.name()) && p.best() != Look.WELL)
                .noneMatch(p -> p.extent().from().compareTo(piece.to()) < 0
                        && piece.from().compareTo(p.extent().to()) < 0);
        return whole ? "; seen well" : "; seen well but where it is hatched";
    }

    private void label(Way way, PipeSpan span, Run run, double height, double share) {
        double from = Math.max(view.x(span.extent().from()), view.left());
        double to = Math.min(view.x(span.extent().to()), view.left() + view.width());
        String words = span.words();
        if (share == 1 && to - from > words.length() * 6.4 + 8) {
            Station middle = view.at((from + to) / 2);
            drawing.words(
                    words,
                    (from + to) / 2,
                    run.invert(middle) + 18,
                    12.5,
                    Mark.Align.CENTRE,
                    Tone.INK,
                    Mark.Face.STRONG);
        }
    }

    private void water(Way way, Run run) {
        for (LocatedFinding found : survey.findings()) {
            boolean wet = found.finding().kind().family() == FindingKind.Family.WATER
                    && found.branch().equals(way.name())
                    && found.extent().isPresent();
            for (Extent piece : wet ? pieces(found.extent().get()) : List.<Extent>of()) {
                double height = way.spanAt(piece.middle()).map(this::height).orElse(4 * perInch);
                boolean under = found.finding().kind() == FindingKind.UNDER_WATER;
                double deep = height * found.finding().traits().share().orElse(under ? 85 : 25) / 100.0;
                double x = view.x(piece.from());
                double width = Math.max(3, view.x(piece.to()) - x);
                // Water stands level, however the pipe falls.
                double surface = Math.min(run.invert(piece.from()), run.invert(piece.to())) - deep;
                drawing.add(new Mark.Area(
                        List.of(
                                new Point(x, surface),
                                new Point(x + width, surface),
                                new Point(x + width, run.invert(piece.to())),
                                new Point(x, run.invert(piece.from()))),
                        Tone.WATER,
                        0.85));
            }
        }
    }

    /** What lies past each end, where the end itself is in view. */
    private void ends(Way way, Run run) {
        double left = view.x(way.whole().from());
        double right = view.x(way.whole().to());
        double y = run.invert(way.whole().from()) - 4;
        if (view.shows(way.whole().from())) {
            drawing.words(
                    way.upperKnown() ? "building" : "building?",
                    left - 8,
                    y,
                    12,
                    Mark.Align.RIGHT,
                    Tone.SOFT,
                    Mark.Face.TEXT);
        }
        if (view.shows(way.whole().to())) {
            drawing.words(
                    way.lowerKnown() ? "main" : "main?",
                    right + 10,
                    run.invert(way.whole().to()) - 4,
                    12,
                    Mark.Align.LEFT,
                    Tone.SOFT,
                    Mark.Face.TEXT);
        }
        Distance whole = way.whole().length();
        drawing.hot(
                left - 60,
                y - 16,
                56,
                22,
                "The line is " + survey.facts().unit().show(whole) + " long as far as it is known"
                        + (way.upperKnown() ? "" : "; nobody has seen where it begins"));
    }
}

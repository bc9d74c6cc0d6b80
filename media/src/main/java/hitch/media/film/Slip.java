package hitch.media.film;

import hitch.core.disclosure.Disclosure;
import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.story.Wording;
import hitch.core.survey.PlaceWords;
import hitch.media.draw.Palette;
import hitch.media.draw.Pen;
import hitch.media.draw.Typefaces;
import java.awt.BasicStroke;
import java.awt.geom.Ellipse2D;
import java.util.Optional;

/** The paper slip beside footage: where it is, what it is, how much it asks for, and the line with the place on it. */
final class Slip {
    static final double WIDTH = 352;
    static final double CAPTION = 92;
    /** The footage's well. */
    static final Sheet.Box WELL = new Sheet.Box(0, 0, FilmShape.SHEET_WIDTH - WIDTH, FilmShape.SHEET - CAPTION);

    private static final double X = WELL.width() + 28;
    private static final double ROOM = WIDTH - 52;
    private static final double LINE_TOP = 400;
    private static final double LINE_FOOT = 640;

    private final Disclosure may;

    Slip(Disclosure may) {
        this.may = may;
    }

    /** Well, caption and slip of a finding. */
    void finding(Pen pen, Optional<LocatedFinding> found, String caption, int knots, ClipId clip) {
        ground(pen, caption, clip);
        Optional<PlaceWords> place = found.flatMap(may::place);
        String distance =
                place.map(PlaceWords::distance).filter(d -> !d.isBlank()).orElse(Wording.NO_STATION);
        pen.line(distance, Typefaces.boldMeasure(distance.length() > 9 ? 33 : 54), Palette.INK, X, 112, ROOM);
        pen.line(place.map(PlaceWords::way).orElse(""), Typefaces.text(26), Palette.INK_SOFT, X, 150, ROOM);
        FindingKind kind = found.map(f -> f.finding().kind()).orElse(FindingKind.REMARK);
        double after = pen.block(kind.title(), Typefaces.bold(38), Palette.INK, X, 240, ROOM, 42, 2);
        if (knots >= 0) {
            pen.rope(knots, Palette.ROPE, Palette.INK, X, after - 6, 140, 17);
            pen.line(Weight.values()[knots].word(), Typefaces.bold(26), Palette.INK, X + 158, after + 3, ROOM - 158);
        }
        line(pen, found);
    }

    /** The same of a stretch that is gone along. */
    void passage(Pen pen, String title, String speed, ClipId clip) {
        ground(pen, title, clip);
        pen.line(speed, Typefaces.text(26), Palette.INK_SOFT, X, 240, ROOM);
        line(pen, Optional.empty());
    }

    private void ground(Pen pen, String caption, ClipId clip) {
        pen.fill(Palette.WELL, 0, 0, WELL.width(), FilmShape.SHEET);
        double size = pen.wrap(caption, Typefaces.bold(34), WELL.width() - 64).size() > 1 ? 27 : 34;
        int lines = pen.wrap(caption, Typefaces.bold(size), WELL.width() - 64).size();
        pen.block(
                caption,
                Typefaces.bold(size),
                Palette.PAPER,
                32,
                WELL.height() + (lines > 1 ? 40 : 58),
                WELL.width() - 64,
                size * 1.2,
                2);
        pen.line(may.title(), Typefaces.text(18), Palette.INK_SOFT, X, 40, ROOM);
        pen.line(
                may.clip(clip).map(Clip::fileName).orElse(""),
                Typefaces.measure(15),
                Palette.INK_SOFT,
                X,
                FilmShape.SHEET - 28,
                ROOM);
    }

    /** Where the camera is now, where no finding is told of. */
    void running(Pen pen, FrameRef camera) {
        may.placeAt(camera).ifPresent(p -> {
            pen.line(p.distance(), Typefaces.boldMeasure(54), Palette.INK, X, 112, ROOM);
            pen.line(p.way(), Typefaces.text(26), Palette.INK_SOFT, X, 150, ROOM);
        });
        mark(pen, camera);
    }

    /** Where the camera is now, which a held picture does not say. */
    void camera(Pen pen, FrameRef camera, LocatedFinding about) {
        // Feet along another pipe, past the connection, say little without which.
        Optional<String> way = may.place(about).map(PlaceWords::way);
        may.placeAt(camera)
                .map(p -> way.equals(Optional.of(p.way())) ? p.distance() : p.all())
                .ifPresent(words -> pen.line("camera at " + words, Typefaces.text(22), Palette.INK_SOFT, X, 184, ROOM));
        mark(pen, camera);
    }

    private void mark(Pen pen, FrameRef camera) {
        may.stationAt(camera)
                .ifPresent(s -> may.reached().filter(r -> r.covers(s)).ifPresent(r -> {
                    pen.graphics().setColor(Palette.INK);
                    pen.graphics().setStroke(new BasicStroke(3.5f));
                    pen.graphics().draw(new Ellipse2D.Double(X + 2, y(s, r) - 13, 26, 26));
                }));
    }

    private static double y(Station at, Extent seen) {
        double length = Math.max(1, seen.length().mm());
        return LINE_TOP + (at.mm() - seen.from().mm()) * (LINE_FOOT - LINE_TOP) / length;
    }

    /** The line upright: building above, main below, the finding in copper. */
    private void line(Pen pen, Optional<LocatedFinding> found) {
        Optional<Extent> reached = may.reached();
        if (reached.isEmpty()) {
            return;
        }
        Extent seen = reached.get();
        may.spans().forEach(s -> {
            double from = y(s.extent().from(), seen);
            double to = y(s.extent().to(), seen);
            pen.fill(s.pipe().wall().map(Palette::wall).orElse(Palette.PAPER_EDGE), X + 7, from, 16, to - from);
            if (to - from > 26) {
                pen.line(s.words(), Typefaces.text(19), Palette.INK_SOFT, X + 48, (from + to) / 2 + 6, ROOM - 48);
            }
        });
        found.flatMap(LocatedFinding::extent).flatMap(e -> e.common(seen)).ifPresent(e -> {
            boolean water = found.get().finding().kind().family() == FindingKind.Family.WATER;
            double from = y(e.from(), seen);
            double to = y(e.to(), seen);
            pen.fill(water ? Palette.WATER : Palette.COPPER, X, from - 3, 30, Math.max(6, to - from + 3));
        });
    }

    Optional<LocatedFinding> find(FindingId id) {
        return may.finding(id);
    }
}

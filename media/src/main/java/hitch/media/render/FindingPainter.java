package hitch.media.render;

import hitch.core.disclosure.Disclosure;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.story.FindingShot;
import hitch.core.story.Wording;
import hitch.core.survey.PlaceWords;
import hitch.media.draw.Palette;
import hitch.media.draw.Pen;
import hitch.media.draw.Typefaces;
import java.awt.BasicStroke;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;
import java.util.Optional;

/**
 * Draws footage with its finding: the picture in a dark well, a caption under it, and a paper slip at the right with
 * the station, the weight on its rope, and the line with the place marked on it.
 */
final class FindingPainter {
    private static final int SLIP = 320;
    private static final int CAPTION = 72;

    private final Disclosure may;

    FindingPainter(Disclosure may) {
        this.may = may;
    }

    /**
     * @param camera where the camera is in this frame; the finding's own place stands large on the slip, and the
     *     camera's beside it only while it moves, so that a held picture shows one number
     * @param held whether the frame is held, so that caption and pointer show
     */
    void paint(FindingShot shot, BufferedImage footage, FrameRef camera, boolean held, BufferedImage canvas) {
        Pen pen = Pen.on(canvas);
        int wellWidth = canvas.getWidth() - SLIP;
        int wellHeight = canvas.getHeight() - CAPTION;
        pen.fill(Palette.WELL, 0, 0, wellWidth, canvas.getHeight());
        double scale = Math.min((double) wellWidth / footage.getWidth(), (double) wellHeight / footage.getHeight());
        int width = (int) Math.round(footage.getWidth() * scale);
        int height = (int) Math.round(footage.getHeight() * scale);
        int left = (wellWidth - width) / 2;
        int top = (wellHeight - height) / 2;
        pen.graphics().drawImage(footage, left, top, width, height, null);
        if (held) {
            shot.pointer().ifPresent(c -> pointer(pen, c, left + width / 2.0, top + height / 2.0, height));
            pen.fill(Palette.COPPER, 0, wellHeight, 6, CAPTION);
        }
        pen.line(shot.caption(), Typefaces.bold(26), Palette.PAPER, 28, wellHeight + 44.0, wellWidth - 56.0);
        slip(pen, shot, camera, held, wellWidth, canvas.getHeight());
        pen.close();
    }

    private static void pointer(Pen pen, ClockPosition clock, double x, double y, double height) {
        BasicStroke line = new BasicStroke(4, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND);
        pen.graphics().setStroke(line);
        pen.graphics().setColor(Palette.COPPER);
        double reach = height * 0.26;
        if (clock.all()) {
            pen.graphics().draw(new Ellipse2D.Double(x - reach, y - reach, 2 * reach, 2 * reach));
            return;
        }
        double angle = Math.toRadians(clock.middle() * 30 - 90);
        double ringX = x + Math.cos(angle) * reach;
        double ringY = y + Math.sin(angle) * reach;
        double ring = height * 0.075;
        pen.graphics().draw(new Ellipse2D.Double(ringX - ring, ringY - ring, 2 * ring, 2 * ring));
        double from = reach - ring;
        pen.graphics()
                .draw(new Line2D.Double(
                        ringX - Math.cos(angle) * ring,
                        ringY - Math.sin(angle) * ring,
                        x + Math.cos(angle) * from * 0.35,
                        y + Math.sin(angle) * from * 0.35));
    }

    private void slip(Pen pen, FindingShot shot, FrameRef camera, boolean held, int left, int height) {
        double x = left + 28.0;
        double width = SLIP - 56.0;
        pen.fill(Palette.PAPER, left, 0, SLIP, height);
        pen.block(may.title(), Typefaces.text(16), Palette.INK_SOFT, x, 40, width, 20, 2);
        Optional<LocatedFinding> found = may.finding(shot.finding());
        Optional<PlaceWords> place = found.flatMap(f -> may.place(f));
        String distance = place.map(PlaceWords::distance).orElse(Wording.NO_STATION);
        pen.line(distance, Typefaces.boldMeasure(distance.length() > 9 ? 28 : 46), Palette.INK, x, 128, width);
        pen.line(place.map(PlaceWords::way).orElse(""), Typefaces.text(19), Palette.INK_SOFT, x, 156, width);
        if (!held && may.moves(camera)) {
            may.placeAt(camera)
                    .ifPresent(p ->
                            pen.line("camera at " + p.distance(), Typefaces.text(16), Palette.INK_SOFT, x, 180, width));
        }
        FindingKind kind = found.map(f -> f.finding().kind()).orElse(FindingKind.REMARK);
        pen.line(kind.title(), Typefaces.bold(27), Palette.INK, x, 218, width);
        Weight weight = Weight.values()[shot.knots()];
        pen.rope(shot.knots(), Palette.ROPE, Palette.COPPER, x, 248, 132, 16);
        pen.line(weight.word(), Typefaces.bold(18), Palette.INK, x + 148, 254, width - 148);
        found.ifPresent(f -> pen.block(said(f), Typefaces.text(17), Palette.INK, x, 292, width, 22, 3));
        Optional<Station> station = held ? Optional.empty() : may.stationAt(camera);
        may.reached().ifPresent(seen -> line(pen, seen, found, station, x + 20, 372, height - 40.0));
    }

    /** The finding without its kind and its place, which stand above. */
    private static String said(LocatedFinding found) {
        return Wording.what(found).replaceFirst("^" + found.finding().kind().title() + "[,; ]*", "");
    }

    /** The line upright: building above, main below, the finding in copper, the camera as a ring. */
    private void line(
            Pen pen,
            Extent seen,
            Optional<LocatedFinding> found,
            Optional<Station> camera,
            double x,
            double top,
            double bottom) {
        double length = Math.max(1, seen.length().mm());
        double scale = (bottom - top) / length;
        may.spans().forEach(s -> {
            double from = top + (s.extent().from().mm() - seen.from().mm()) * scale;
            double to = top + (s.extent().to().mm() - seen.from().mm()) * scale;
            pen.fill(s.pipe().wall().map(Palette::wall).orElse(Palette.PAPER_EDGE), x - 7, from, 14, to - from);
            if (to - from > 22) {
                pen.line(s.words(), Typefaces.text(14), Palette.INK_SOFT, x + 40, (from + to) / 2 + 5, 170);
            }
        });
        found.flatMap(LocatedFinding::extent).ifPresent(e -> {
            double from = top + (e.from().mm() - seen.from().mm()) * scale;
            double to = top + (e.to().mm() - seen.from().mm()) * scale;
            boolean water = found.get().finding().kind().family() == FindingKind.Family.WATER;
            pen.fill(water ? Palette.WATER : Palette.COPPER, x - 14, from - 2, 28, Math.max(4, to - from + 2));
        });
        camera.ifPresent(c -> {
            double y = top + (c.mm() - seen.from().mm()) * scale;
            pen.graphics().setColor(Palette.INK);
            pen.graphics().setStroke(new BasicStroke(3));
            pen.graphics().draw(new Ellipse2D.Double(x - 10, y - 10, 20, 20));
        });
    }
}

package hitch.media.render;

import hitch.core.disclosure.Disclosure;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameRef;
import hitch.core.story.Wording;
import hitch.core.survey.PlaceWords;
import hitch.media.draw.Palette;
import hitch.media.draw.Pen;
import hitch.media.draw.Typefaces;
import java.awt.image.BufferedImage;
import java.util.Locale;
import java.util.Optional;

/** Draws the label band under an evidence clip: place, finding, job, clip and time, and the rope along its top. */
final class BandPainter {
    /** Height of the band for footage of {@code width} pixels; even, as video sizes must be. */
    static int height(int width) {
        return Math.max(56, width / 8 / 2 * 2);
    }

    private BandPainter() {}

    static void paint(
            Disclosure may, LocatedFinding found, Clip clip, long pts, int footageHeight, BufferedImage canvas) {
        Pen pen = Pen.on(canvas);
        int band = canvas.getHeight() - footageHeight;
        double unitSize = band / 80.0;
        double middle = canvas.getWidth() * 0.3;
        pen.fill(Palette.PAPER, 0, footageHeight, canvas.getWidth(), band);
        pen.fill(Palette.ROPE, 0, footageHeight, canvas.getWidth(), 3 * unitSize);
        double left = 14 * unitSize;
        FrameRef camera = new FrameRef(clip.id(), pts);
        Optional<PlaceWords> at = may.place(found);
        boolean moves = may.moves(camera);
        String going = moves
                ? may.placeAt(camera).map(p -> "  ·  camera at " + p.distance()).orElse("")
                : "";
        pen.line(
                at.map(PlaceWords::distance).orElse(Wording.NO_STATION),
                Typefaces.boldMeasure(27 * unitSize),
                Palette.INK,
                left,
                footageHeight + 36 * unitSize,
                middle - 2 * left);
        pen.line(
                at.map(PlaceWords::way).orElse(""),
                Typefaces.text(14 * unitSize),
                Palette.INK_SOFT,
                left,
                footageHeight + 60 * unitSize,
                middle - 2 * left);
        double right = canvas.getWidth() - middle - left;
        pen.line(
                Wording.what(found),
                Typefaces.bold(17 * unitSize),
                Palette.INK,
                middle,
                footageHeight + 28 * unitSize,
                right);
        pen.line(
                may.title() + "  ·  " + found.finding().id() + going,
                Typefaces.text(14 * unitSize),
                Palette.INK_SOFT,
                middle,
                footageHeight + 48 * unitSize,
                right);
        double seconds = clip.secondsInto(pts);
        pen.line(
                String.format(
                        Locale.ROOT,
                        "%s  %d:%06.3f",
                        may.clip(clip.id()).map(Clip::fileName).orElse(""),
                        (int) (seconds / 60),
                        seconds % 60),
                Typefaces.measure(13 * unitSize),
                Palette.INK_SOFT,
                middle,
                footageHeight + 67 * unitSize,
                right);
        pen.close();
    }
}

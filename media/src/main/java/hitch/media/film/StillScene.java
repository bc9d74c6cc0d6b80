package hitch.media.film;

import hitch.core.job.View;
import hitch.core.story.Cutting;
import hitch.core.story.StillShot;
import hitch.media.MediaException;
import hitch.media.clip.Picture;
import hitch.media.draw.Palette;
import hitch.media.draw.Typefaces;

/** A still or a photograph that is gone into slowly. */
record StillScene(StillShot shot, Cutting.Placed placed, FilmFootage footage) implements Scene {
    private static final double INTO = 0.10;
    private static final Sheet.Box WELL = new Sheet.Box(0, 0, FilmShape.SHEET_WIDTH, FilmShape.SHEET - Slip.CAPTION);

    @Override
    public Object look(double seconds) {
        return Math.round(zoom(seconds) * 4000);
    }

    private double zoom(double seconds) {
        double most = shot.view().map(v -> v.zoom() - 1).orElse(INTO);
        return 1 + most * Eased.at(seconds, placed.start(), placed.end());
    }

    @Override
    public void draw(double seconds, Sheet sheet) throws MediaException {
        Picture picture = footage.at(shot.frame());
        sheet.ground(this, pen -> {
            pen.fill(Palette.WELL, 0, 0, FilmShape.SHEET_WIDTH, FilmShape.SHEET);
            pen.line(shot.caption(), Typefaces.bold(34), Palette.PAPER, 40, WELL.height() + 58, WELL.width() - 80);
        });
        sheet.lay(
                picture,
                WELL,
                zoom(seconds),
                shot.view().map(View::x).orElse(0.5),
                shot.view().map(View::y).orElse(0.5));
    }
}

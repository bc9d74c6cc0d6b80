package hitch.media.film;

import hitch.core.story.SideBySideShot;
import hitch.media.MediaException;
import hitch.media.clip.Picture;
import hitch.media.draw.Palette;
import hitch.media.draw.Pen;
import hitch.media.draw.Typefaces;
import java.util.List;

/** Stills beside each other, each under its place: two in a row, or four in two. */
record SideScene(SideBySideShot shot, String footer, FilmFootage footage) implements Scene {
    private static final double LEFT = 56;
    private static final double GAP = 32;
    private static final double TOP = 108;
    private static final double FOOT = 668;
    private static final double LABEL = 46;
    private static final double CAPTION = 62;

    @Override
    public Object look(double seconds) {
        return shot;
    }

    @Override
    public void draw(double seconds, Sheet sheet) throws MediaException {
        List<SideBySideShot.Panel> panels = shot.panels();
        Picture[] pictures = new Picture[panels.size()];
        for (int i = 0; i < pictures.length; i++) {
            pictures[i] = footage.at(panels.get(i).frame());
        }
        sheet.ground(new Object(), this::ground);
        for (int i = 0; i < pictures.length; i++) {
            Sheet.Box cell = cell(i);
            Sheet.Box still = sheet.lay(
                    pictures[i],
                    new Sheet.Box(cell.x(), cell.y() + LABEL, cell.width(), cell.height() - LABEL - CAPTION));
            SideBySideShot.Panel panel = panels.get(i);
            double size = panels.size() > 2 ? 26 : 32;
            sheet.over(pen -> {
                pen.line(
                        panel.label(),
                        Typefaces.boldMeasure(size),
                        Palette.INK,
                        still.x(),
                        still.y() - 14,
                        Math.max(still.width(), cell.x() + cell.width() - still.x()));
                pen.block(
                        panel.caption(),
                        Typefaces.text(22),
                        Palette.INK,
                        still.x(),
                        still.y() + still.height() + 27,
                        still.width(),
                        26,
                        2);
            });
        }
    }

    private void ground(Pen pen) {
        pen.line(shot.title(), Typefaces.bold(38), Palette.INK, LEFT, 68, FilmShape.SHEET_WIDTH - 2 * LEFT);
        pen.line(
                footer,
                Typefaces.text(18),
                Palette.INK_SOFT,
                LEFT,
                FilmShape.SHEET - 18,
                FilmShape.SHEET_WIDTH - 2 * LEFT);
    }

    private Sheet.Box cell(int i) {
        int across = shot.panels().size() == 4 ? 2 : shot.panels().size();
        int down = shot.panels().size() == 4 ? 2 : 1;
        double wide = (FilmShape.SHEET_WIDTH - 2 * LEFT - GAP * (across - 1)) / across;
        double high = (FOOT - TOP + (down > 1 ? 20 : 0)) / down;
        return new Sheet.Box(
                LEFT + (i % across) * (wide + GAP), TOP + (i / across) * high - (down > 1 ? 20 : 0), wide, high);
    }
}

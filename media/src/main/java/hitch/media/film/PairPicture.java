package hitch.media.film;

import hitch.media.clip.Picture;
import hitch.media.draw.Palette;
import hitch.media.draw.Pen;
import hitch.media.draw.Typefaces;
import hitch.media.render.Still;
import java.awt.image.BufferedImage;
import java.util.List;

/** Two pictures of one place beside each other on a sheet, each with its words under it. */
public final class PairPicture {
    private static final int EDGE = 28;
    private static final int FOOT = 92;

    private PairPicture() {}

    /**
     * @param title what place it is
     * @param words what each shows, as many as there are pictures
     */
    public static Picture of(String title, List<Picture> pictures, List<String> words) {
        int height = pictures.stream().mapToInt(Picture::height).max().orElseThrow();
        int width = EDGE;
        for (Picture p : pictures) {
            width += p.width() * height / p.height() + EDGE;
        }
        BufferedImage sheet = new BufferedImage(width, height + 2 * EDGE + FOOT, BufferedImage.TYPE_INT_RGB);
        Pen pen = Pen.on(sheet);
        pen.fill(Palette.PAPER, 0, 0, sheet.getWidth(), sheet.getHeight());
        int x = EDGE;
        for (int i = 0; i < pictures.size(); i++) {
            Picture p = pictures.get(i);
            int wide = p.width() * height / p.height();
            pen.picture(Still.image(p), x, EDGE, wide, height, 1, 0.5, 0.5);
            pen.line(words.get(i), Typefaces.text(20), Palette.INK_SOFT, x, EDGE + height + 34.0, wide);
            x += wide + EDGE;
        }
        pen.line(title, Typefaces.bold(24), Palette.INK, EDGE, EDGE + height + 78.0, width - 2.0 * EDGE);
        pen.close();
        int[] rgb = sheet.getRGB(0, 0, sheet.getWidth(), sheet.getHeight(), null, 0, sheet.getWidth());
        return new Picture(sheet.getWidth(), sheet.getHeight(), rgb, 0);
    }
}

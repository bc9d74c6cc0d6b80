package hitch.sim.sheet;

import hitch.media.MediaException;
import hitch.media.clip.Picture;
import hitch.media.draw.Typefaces;
import hitch.media.render.Still;
import hitch.sim.film.SimulatedCamera;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;

/** Draws specimens beside each other, each with its name. */
public final class ContactSheet {
    private static final int COLUMNS = 4;
    private static final int WIDE = 320;
    private static final int HIGH = 240;
    private static final int NAME = 22;

    private ContactSheet() {}

    /** @param columns pictures in a row */
    public static BufferedImage draw(List<Specimen> specimens, int columns) {
        int rows = (specimens.size() + columns - 1) / columns;
        BufferedImage sheet = new BufferedImage(columns * WIDE, rows * (HIGH + NAME), BufferedImage.TYPE_INT_RGB);
        List<BufferedImage> pictures =
                specimens.parallelStream().map(ContactSheet::picture).toList();
        Graphics2D g = sheet.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        g.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        g.setColor(new Color(0xF4F1EA));
        g.fillRect(0, 0, sheet.getWidth(), sheet.getHeight());
        g.setFont(Typefaces.text(14));
        IntStream.range(0, specimens.size()).forEach(i -> {
            int x = i % columns * WIDE;
            int y = i / columns * (HIGH + NAME);
            g.drawImage(pictures.get(i), x, y, WIDE - 4, HIGH - 3, null);
            g.setColor(new Color(0x1F2A2E));
            g.drawString(specimens.get(i).label(), x + 4, y + HIGH + 12);
        });
        g.dispose();
        return sheet;
    }

    /** Draws the sheet of a name into a folder, four pictures in a row. */
    public static void save(String name, Path folder) throws MediaException {
        BufferedImage sheet = draw(Specimens.all().get(name), COLUMNS);
        int[] rgb = sheet.getRGB(0, 0, sheet.getWidth(), sheet.getHeight(), null, 0, sheet.getWidth());
        Still.savePhoto(new Picture(sheet.getWidth(), sheet.getHeight(), rgb, 0), folder.resolve(name + ".jpg"));
    }

    private static BufferedImage picture(Specimen specimen) {
        int width = specimen.scenario().width();
        int height = specimen.scenario().height();
        SimulatedCamera camera = new SimulatedCamera(specimen.scenario(), null);
        int frame = (int) (specimen.second() * specimen.scenario().rate());
        int[] rgb = camera.draw(specimen.scenario().clips().getFirst(), frame);
        BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        picture.setRGB(0, 0, width, height, rgb, 0, width);
        return picture;
    }
}

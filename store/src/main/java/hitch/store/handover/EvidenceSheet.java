package hitch.store.handover;

import hitch.core.disclosure.Disclosure;
import hitch.core.finding.LocatedFinding;
import hitch.core.story.Wording;
import hitch.core.survey.PlaceWords;
import hitch.media.clip.Picture;
import hitch.media.draw.Palette;
import hitch.media.draw.Pen;
import hitch.media.draw.Typefaces;
import hitch.media.render.Still;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;

/** Stills side by side with where they are and what they show, as sheets of paper lying long: a picture of each, and one PDF. */
final class EvidenceSheet {
    /** The name of the PDF. */
    static final String PDF = "sheet.pdf";

    private static final int WIDTH = 1754;
    private static final int HEIGHT = 1240;
    private static final int ACROSS = 4;
    private static final int DOWN = 3;
    private static final double EDGE = 60;
    private static final double TOP = 130;
    private static final double GAP = 24;
    private static final double WIDE = (WIDTH - 2 * EDGE - (ACROSS - 1) * GAP) / ACROSS;
    private static final double TALL = (HEIGHT - TOP - EDGE - (DOWN - 1) * GAP) / DOWN;
    private static final double PICTURE = TALL - 92;

    /** A finding with its still as its recipient may see it. */
    record Entry(LocatedFinding found, Picture still) {}

    private EvidenceSheet() {}

    static List<Path> write(Disclosure may, List<Entry> entries, Path folder) throws IOException {
        List<Path> sheets = new ArrayList<>();
        int each = ACROSS * DOWN;
        int pages = (entries.size() + each - 1) / each;
        try (PdfSheets pdf = new PdfSheets(may.title(), WIDTH, HEIGHT)) {
            for (int page = 0; page < pages; page++) {
                String number = (page + 1) + " of " + pages;
                List<Entry> on = entries.subList(page * each, Math.min(entries.size(), (page + 1) * each));
                BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
                Pen pen = Pen.on(image);
                page(may, on, number, pen);
                pen.close();
                pdf.page(p -> page(may, on, number, p));
                Path out = folder.resolve("sheet-" + (page + 1) + ".png");
                ImageIO.write(image, "png", out.toFile());
                sheets.add(out);
            }
            pdf.write(folder.resolve(PDF));
        }
        return sheets;
    }

    private static void page(Disclosure may, List<Entry> entries, String number, Pen pen) {
        pen.fill(Palette.PAPER, 0, 0, WIDTH, HEIGHT);
        pen.line(may.title(), Typefaces.bold(34), Palette.INK, EDGE, 64, WIDTH - 2 * EDGE - 200);
        String about = may.facts().inspectedOn() + "   findings in the order of the record";
        pen.line(about.strip(), Typefaces.text(20), Palette.INK_SOFT, EDGE, 98, WIDTH - 2 * EDGE - 200);
        pen.line(number, Typefaces.text(20), Palette.INK_SOFT, WIDTH - EDGE - 70, 64, 70);
        for (int i = 0; i < entries.size(); i++) {
            draw(may, entries.get(i), pen, EDGE + i % ACROSS * (WIDE + GAP), TOP + i / ACROSS * (TALL + GAP));
        }
    }

    private static void draw(Disclosure may, Entry entry, Pen pen, double x, double y) {
        pen.fill(Palette.WELL, x, y, WIDE, PICTURE);
        double scale =
                Math.min(WIDE / entry.still().width(), PICTURE / entry.still().height());
        double wide = entry.still().width() * scale;
        double high = entry.still().height() * scale;
        pen.picture(
                Still.image(entry.still()), x + (WIDE - wide) / 2, y + (PICTURE - high) / 2, wide, high, 1, 0.5, 0.5);
        LocatedFinding found = entry.found();
        String id = found.finding().id().value();
        PlaceWords where = may.place(found).orElse(new PlaceWords(Wording.NO_STATION, ""));
        double wideWhere = pen.graphics().getFontMetrics(Typefaces.measure(21)).stringWidth(where.distance());
        double foot = y + PICTURE;
        pen.line(where.distance(), Typefaces.measure(21), Palette.INK, x, foot + 28, WIDE - 60);
        pen.line(
                where.way(),
                Typefaces.text(17),
                Palette.INK_SOFT,
                x + wideWhere + 10,
                foot + 28,
                WIDE - wideWhere - 70);
        pen.line(id, Typefaces.text(17), Palette.INK_SOFT, x + WIDE - 48, foot + 28, 48);
        pen.block(Wording.what(found), Typefaces.text(18), Palette.INK, x, foot + 54, WIDE, 23, 2);
    }
}

package hitch.store.handover;

import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2DFontTextDrawer;
import hitch.media.draw.Pen;
import hitch.media.draw.Typefaces;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.Map;
import java.util.function.Consumer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** Drawn sheets as the pages of one PDF, with real text in the shipped typefaces. */
final class PdfSheets implements AutoCloseable {
    /** Long side of a page, points: US letter lying long. */
    private static final float LONG = 792;

    private final PDDocument document = new PDDocument();
    private final int width;
    private final int height;

    /**
     * @param width of a sheet, in what it is drawn in
     * @param height likewise
     */
    PdfSheets(String title, int width, int height) {
        this.width = width;
        this.height = height;
        document.getDocumentInformation().setTitle(title);
        document.getDocumentInformation().setProducer("Hitch");
    }

    /** Adds a page. */
    void page(Consumer<Pen> draw) throws IOException {
        float scale = LONG / width;
        PDPage page = new PDPage(new PDRectangle(LONG, height * scale));
        document.addPage(page);
        PdfBoxGraphics2D g = new PdfBoxGraphics2D(document, width, height);
        PdfBoxGraphics2DFontTextDrawer fonts = new PdfBoxGraphics2DFontTextDrawer();
        for (Map.Entry<String, String> face : Typefaces.files().entrySet()) {
            try (InputStream in = Typefaces.class.getResourceAsStream(face.getValue())) {
                fonts.registerFont(face.getKey(), in);
            }
        }
        g.setFontTextDrawer(fonts);
        Pen pen = Pen.on(g);
        draw.accept(pen);
        pen.close();
        try (PDPageContentStream content = new PDPageContentStream(document, page)) {
            content.transform(org.apache.pdfbox.util.Matrix.getScaleInstance(scale, scale));
            content.drawForm(g.getXFormObject());
        }
    }

    void write(Path out) throws IOException {
        document.save(out.toFile());
    }

    @Override
    public void close() throws IOException {
        document.close();
    }
}

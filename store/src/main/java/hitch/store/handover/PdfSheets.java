package hitch.store.handover;

import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import hitch.media.draw.Pen;
import hitch.paper.PdfFaces;
import java.io.IOException;
import java.nio.file.Path;
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
        PdfFaces.on(g);
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

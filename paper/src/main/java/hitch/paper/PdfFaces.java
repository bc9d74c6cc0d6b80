package hitch.paper;

import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2DFontTextDrawer;
import hitch.media.draw.Typefaces;
import java.io.IOException;
import java.io.InputStream;
import java.util.Map;

/** Has what is drawn into a PDF written as real text in the shipped typefaces. */
public final class PdfFaces {
    private PdfFaces() {}

    public static void on(PdfBoxGraphics2D g) throws IOException {
        PdfBoxGraphics2DFontTextDrawer fonts = new PdfBoxGraphics2DFontTextDrawer();
        for (Map.Entry<String, String> face : Typefaces.files().entrySet()) {
            try (InputStream in = PlainFace.open(face.getValue())) {
                fonts.registerFont(face.getKey(), in);
            }
        }
        g.setFontTextDrawer(fonts);
    }
}

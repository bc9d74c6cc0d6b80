package hitch.paper;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;

/**
 * A shipped typeface as it goes into a PDF: without the table by which letters such as two f are set as one sign. The writer of PDFs
 * notes a wrong letter for such signs, so that "offset" could be neither found nor read aloud.
 */
final class PlainFace {
    private static final byte[] SETTING = "GSUB".getBytes(StandardCharsets.US_ASCII);
    private static final int HEAD = 12;
    private static final int ENTRY = 16;

    private PlainFace() {}

    /**
     * @param resource of a TrueType file
     */
    static InputStream open(String resource) {
        try (InputStream in = PlainFace.class.getResourceAsStream(resource)) {
            if (in == null) {
                throw new IllegalStateException("the shipped typeface " + resource + " is missing");
            }
            byte[] face = in.readAllBytes();
            int tables = ByteBuffer.wrap(face).getShort(4);
            for (int i = 0; i < tables; i++) {
                int at = HEAD + i * ENTRY;
                if (Arrays.equals(face, at, at + 4, SETTING, 0, 4)) {
                    // A table of a name that nobody knows is passed over.
                    face[at + 3] = 'b';
                }
            }
            return new ByteArrayInputStream(face);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

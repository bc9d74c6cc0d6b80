package hitch.store;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/** Texts that people hand in: captions, tables, described lines. Whatever is in them, reading one ends, and ends soon. */
public final class TextFile {
    /** Bytes of the largest that is read. */
    public static final long LARGEST = 32L << 20;
    /** Characters of the longest line. */
    public static final int LONGEST_LINE = 20_000;

    private TextFile() {}

    /**
     * The text of a file: UTF-16 where it says so, else UTF-8, else Windows-1252; without a byte order mark.
     *
     * @throws StoreException where it is no ordinary file, too large, or cannot be read
     */
    public static String read(Path file) throws StoreException {
        try {
            if (Files.exists(file) && !Files.isRegularFile(file)) {
                throw new StoreException(file + " is no ordinary file, so nothing was read from it.");
            }
            byte[] bytes;
            try (InputStream in = Files.newInputStream(file)) {
                bytes = in.readNBytes((int) LARGEST + 1);
            }
            if (bytes.length > LARGEST) {
                throw new StoreException(file.getFileName() + " is larger than " + (LARGEST >> 20)
                        + " MB, which is too much for a text. Nothing was changed; cut it in parts.");
            }
            String text = decoded(bytes);
            refuseLongLines(text, file);
            return text;
        } catch (IOException e) {
            throw new StoreException(file + " could not be read: " + e.getMessage() + ". Nothing was changed.", e);
        }
    }

    private static String decoded(byte[] bytes) {
        if (bytes.length >= 2
                && (bytes[0] == (byte) 0xFE && bytes[1] == (byte) 0xFF
                        || bytes[0] == (byte) 0xFF && bytes[1] == (byte) 0xFE)) {
            return new String(bytes, StandardCharsets.UTF_16);
        }
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
            return text.startsWith("\ufeff") ? text.substring(1) : text;
        } catch (CharacterCodingException e) {
            return new String(bytes, Charset.forName("windows-1252"));
        }
    }

    private static void refuseLongLines(String text, Path file) throws StoreException {
        int number = 1;
        int start = 0;
        for (int i = 0; i <= text.length(); i++) {
            if (i == text.length() || text.charAt(i) == '\n') {
                if (i - start > LONGEST_LINE) {
                    throw new StoreException("Line " + number + " of " + file.getFileName() + " is " + (i - start)
                            + " characters long, which is no line of text. Nothing was changed.");
                }
                number++;
                start = i + 1;
            }
        }
    }
}

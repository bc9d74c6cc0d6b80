package hitch.store.journal;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;

/** Journals as earlier versions wrote them, with what they delivered from them. */
final class OldJournals {
    private OldJournals() {}

    static byte[] first() throws IOException {
        return file("format-1.jsonl");
    }

    static String firstFindings() throws IOException {
        return new String(file("format-1.findings.csv"), StandardCharsets.UTF_8);
    }

    static String firstLine() throws IOException {
        return new String(file("format-1.line.json"), StandardCharsets.UTF_8);
    }

    private static byte[] file(String name) throws IOException {
        try (InputStream in = OldJournals.class.getResourceAsStream("/hitch/store/journals/" + name)) {
            return in.readAllBytes();
        }
    }
}

package hitch.store;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Words that are being written and are no edit yet, kept in the job's folder so that they outlast the program: whose story, which shot, and the
 * words. They are gone once they are an edit.
 */
public final class WordsDraft {
    private static final Logger LOG = LoggerFactory.getLogger(WordsDraft.class);
    private static final String FILE = "being-written.txt";

    /** What was being written. */
    public record Draft(String recipient, String shot, String words) {}

    private final Path file;

    public WordsDraft(Path jobFolder) {
        this.file = jobFolder.resolve(FILE);
    }

    /** Keeps what is being written, in place of what was. */
    public void keep(Draft draft) {
        try {
            Path part = file.resolveSibling(FILE + ".part");
            Files.writeString(
                    part, draft.recipient() + "\n" + draft.shot() + "\n" + draft.words(), StandardCharsets.UTF_8);
            Files.move(part, file, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            // The words are an edit in a moment; only a crash before that would cost them.
            LOG.warn("words that are being written could not be kept: {}", e.getMessage());
        }
    }

    /** What was being written when the program ended; empty where all of it became edits. */
    public Optional<Draft> left() {
        try {
            List<String> lines = Files.readAllLines(file, StandardCharsets.UTF_8);
            return lines.size() < 3
                    ? Optional.empty()
                    : Optional.of(
                            new Draft(lines.get(0), lines.get(1), String.join(" ", lines.subList(2, lines.size()))));
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    public void clear() {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            LOG.warn("a draft could not be removed: {}", e.getMessage());
        }
    }
}

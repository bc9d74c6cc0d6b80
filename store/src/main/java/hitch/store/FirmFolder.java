package hitch.store;

import hitch.core.disclosure.Recipient;
import hitch.core.rules.HouseRules;
import hitch.core.rules.RulesText;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Optional;

/**
 * What belongs to the firm rather than to a job, as texts that a person can read and edit: its house rules and its own kinds
 * of recipients. A job keeps a copy of the rules it was made with.
 */
public final class FirmFolder {
    static final String RULES = "house-rules.txt";
    static final String RECIPIENTS = "recipients.txt";

    private final Path folder;

    public FirmFolder(Path dataFolder) {
        this.folder = dataFolder.resolve("firm");
    }

    /**
     * The firm's house rules; those that ship with Hitch where it has none of its own.
     *
     * @throws StoreException with the line that cannot be
     */
    public HouseRules rules() throws StoreException {
        return read(RULES, RulesText::parse).orElse(HouseRules.DEFAULT);
    }

    public void keep(HouseRules rules) throws StoreException {
        write(RULES, RulesText.write(rules));
    }

    /** The kinds of recipients that come with Hitch, and the firm's own behind them. */
    public List<Recipient> recipients() throws StoreException {
        return read(RECIPIENTS, RecipientsText::parse).orElse(Recipient.STANDARD);
    }

    /** Keeps the firm's own among {@code recipients}. */
    public void keep(List<Recipient> recipients) throws StoreException {
        write(RECIPIENTS, RecipientsText.write(recipients));
    }

    private interface Parser<T> {
        T parse(String text);
    }

    private <T> Optional<T> read(String name, Parser<T> parser) throws StoreException {
        Path file = folder.resolve(name);
        if (!Files.exists(file)) {
            return Optional.empty();
        }
        try {
            return Optional.of(parser.parse(Files.readString(file, StandardCharsets.UTF_8)));
        } catch (IOException e) {
            throw new StoreException("The firm's " + name + " cannot be read; what ships with Hitch stands.", e);
        } catch (IllegalArgumentException e) {
            throw new StoreException(
                    "The firm's " + file + " cannot be understood: " + e.getMessage()
                            + " It was left as it is, and what ships with Hitch stands until that is put right.",
                    e);
        }
    }

    private void write(String name, String text) throws StoreException {
        try {
            Files.createDirectories(folder);
            Path part = folder.resolve(name + ".part");
            Files.writeString(part, text, StandardCharsets.UTF_8);
            Files.move(part, folder.resolve(name), StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException e) {
            throw new StoreException("The firm's " + name + " could not be kept: " + e.getMessage(), e);
        }
    }
}

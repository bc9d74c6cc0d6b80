package hitch.store;

import hitch.core.disclosure.Recipient;
import hitch.core.exchange.PricesCsv;
import hitch.core.rules.HouseRules;
import hitch.core.rules.PriceBook;
import hitch.core.rules.RulesText;
import hitch.core.story.words.PhraseBook;
import hitch.store.seal.SigningKey;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * What belongs to the firm rather than to a job, as texts that a person can read and edit: its house rules and its own kinds
 * of recipients. A job keeps a copy of the rules it was made with.
 */
public final class FirmFolder {
    static final String RULES = "house-rules.txt";
    static final String RECIPIENTS = "recipients.txt";
    static final String PRICES = "prices.csv";
    static final String PROFILE = "firm.txt";
    static final String PHRASES = "phrases.txt";
    static final String VOICES = "voices.txt";
    static final String SPELLINGS = "spellings.txt";
    static final String HEADS = "heads.txt";

    /** Everything a firm can keep, by file. */
    private static final List<String> ALL = List.of(
            PROFILE,
            RULES,
            PRICES,
            RECIPIENTS,
            PHRASES,
            VOICES,
            SPELLINGS,
            HEADS,
            Picture.LOGO.file(),
            Picture.SIGNATURE.file());

    /** A picture that stands for the firm. */
    public enum Picture {
        LOGO("logo.png"),
        SIGNATURE("signature.png");

        private final String file;

        Picture(String file) {
            this.file = file;
        }

        String file() {
            return file;
        }
    }

    private final Path folder;
    private final Path outbox;

    public FirmFolder(Path dataFolder) {
        this.folder = dataFolder.resolve("firm");
        this.outbox = dataFolder.resolve("outbox");
    }

    /**
     * The firm's house rules; those that ship with Hitch where it has none of its own.
     *
     * @throws StoreException with the line that cannot be
     */
    public HouseRules rules() throws StoreException {
        PriceBook prices = read(PRICES, PricesCsv::parse).orElse(PriceBook.EMPTY);
        return read(RULES, RulesText::parse).orElse(HouseRules.DEFAULT).withPrices(prices);
    }

    public void keep(HouseRules rules) throws StoreException {
        write(RULES, RulesText.write(rules));
        write(PRICES, PricesCsv.write(rules.prices()));
    }

    public FirmProfile profile() throws StoreException {
        return read(PROFILE, FirmProfile::parse).orElse(FirmProfile.BLANK);
    }

    public void keep(FirmProfile profile) throws StoreException {
        write(PROFILE, profile.text());
    }

    /** The firm's own sentences for its films; none where it has none. */
    public PhraseBook phrases() throws StoreException {
        return read(PHRASES, PhraseBook::own).orElse(PhraseBook.EMPTY);
    }

    public void keep(PhraseBook phrases) throws StoreException {
        write(PHRASES, phrases.text());
    }

    /** Who speaks in the firm's films; the voice that ships where it chose none. */
    public FirmVoices voices() throws StoreException {
        return read(VOICES, FirmVoices::parse).orElse(FirmVoices.SHIPPED);
    }

    public void keep(FirmVoices voices) throws StoreException {
        write(VOICES, voices.text());
    }

    /** The firm's camera heads; none where it never told one. */
    public FirmHeads heads() throws StoreException {
        return read(HEADS, FirmHeads::parse).orElse(FirmHeads.NONE);
    }

    public void keep(FirmHeads heads) throws StoreException {
        write(HEADS, heads.text());
    }

    /** Words that the firm spells its own way, in the order of the alphabet. */
    public SortedSet<String> spellings() throws StoreException {
        return read(SPELLINGS, FirmFolder::words).orElse(new TreeSet<>());
    }

    private static SortedSet<String> words(String text) {
        return text.lines().map(String::strip).filter(w -> !w.isEmpty()).collect(Collectors.toCollection(TreeSet::new));
    }

    public void keep(SortedSet<String> spellings) throws StoreException {
        write(SPELLINGS, String.join("\n", spellings) + "\n");
    }

    /** Where a picture of the firm is; empty where it has none. */
    public Optional<Path> picture(Picture which) {
        return Optional.of(folder.resolve(which.file())).filter(Files::isRegularFile);
    }

    /** Takes a picture in as PNG. */
    public void keep(Picture which, byte[] png) throws StoreException {
        FirmFile.keep(folder, Map.of(which.file(), png));
    }

    /**
     * Writes all of the firm into one new file.
     *
     * @throws StoreException where there is one already, or it cannot be written
     */
    public void export(Path file) throws StoreException {
        try {
            List<String> all = new ArrayList<>(ALL);
            all.addAll(districts().files());
            FirmFile.write(folder, all, file);
        } catch (IOException e) {
            throw new StoreException("The firm's folder cannot be read: " + e.getMessage(), e);
        }
    }

    /**
     * Takes another machine's firm in place of this one's. It is read whole first; where any part of it cannot be understood nothing is taken.
     */
    public void take(Path file) throws StoreException {
        Map<String, byte[]> parts = FirmFile.read(file, n -> ALL.contains(n) || FirmDistricts.isOne(n));
        try {
            parse(parts, RULES, RulesText::parse);
            parse(parts, PRICES, PricesCsv::parse);
            parse(parts, RECIPIENTS, RecipientsText::parse);
            parse(parts, PROFILE, FirmProfile::parse);
            parse(parts, PHRASES, PhraseBook::own);
            parse(parts, VOICES, FirmVoices::parse);
            parse(parts, HEADS, FirmHeads::parse);
            parts.keySet().stream()
                    .filter(n -> FirmDistricts.isOne(n) && n.endsWith(".txt"))
                    .forEach(n -> parse(parts, n, DistrictText::parse));
        } catch (IllegalArgumentException e) {
            throw new StoreException("Nothing was taken: " + e.getMessage(), e);
        }
        FirmFile.keep(folder, parts);
    }

    private static void parse(Map<String, byte[]> parts, String name, Parser<?> parser) {
        if (parts.containsKey(name)) {
            parser.parse(new String(parts.get(name), StandardCharsets.UTF_8));
        }
    }

    /** The forms of districts. */
    public FirmDistricts districts() {
        return new FirmDistricts(folder);
    }

    /** Where the simulated outbox of clients lies. */
    public Path outbox() {
        return outbox;
    }

    /** The key that the firm signs with, made when it is first asked for. It is no part of what {@link #export} writes. */
    public SigningKey signingKey() throws StoreException {
        return SigningKey.in(folder);
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

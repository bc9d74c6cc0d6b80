package hitch.desk;

import hitch.core.disclosure.Recipient;
import hitch.core.district.District;
import hitch.core.district.DistrictForm;
import hitch.core.rules.HouseRules;
import hitch.core.story.StoryWish;
import hitch.core.story.words.PhraseBook;
import hitch.store.FirmFolder;
import hitch.store.FirmProfile;
import hitch.store.FirmVoices;
import hitch.store.StoreException;
import hitch.store.seal.SigningKey;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/** The firm as an open job sees it: its house rules and its kinds of recipients. Changed on the interface thread. */
public final class FirmBook {
    private final FirmFolder folder;
    private final Workspace work;
    private final ReadOnlyObjectWrapper<HouseRules> rules = new ReadOnlyObjectWrapper<>(HouseRules.DEFAULT);
    private final ReadOnlyObjectWrapper<FirmProfile> profile = new ReadOnlyObjectWrapper<>(FirmProfile.BLANK);
    private final ReadOnlyObjectWrapper<PhraseBook> phrases = new ReadOnlyObjectWrapper<>(PhraseBook.EMPTY);
    private final ReadOnlyObjectWrapper<FirmVoices> voices = new ReadOnlyObjectWrapper<>(FirmVoices.SHIPPED);
    private final ReadOnlyObjectWrapper<SortedSet<String>> spellings = new ReadOnlyObjectWrapper<>(new TreeSet<>());
    private final ReadOnlyObjectWrapper<Map<Recipient, District>> districts = new ReadOnlyObjectWrapper<>(Map.of());
    private final HeadBook heads;
    private final ReadOnlyLongWrapper picturesKept = new ReadOnlyLongWrapper();
    private final ObservableList<Recipient> recipients = FXCollections.observableArrayList(Recipient.STANDARD);

    FirmBook(FirmFolder folder, Workspace work) {
        this.folder = folder;
        this.work = work;
        heads = new HeadBook(folder, work);
        read(folder::rules, rules::set);
        read(folder::recipients, recipients::setAll);
        read(this::readDistricts, districts::set);
        read(folder::profile, profile::set);
        read(folder::phrases, phrases::set);
        read(folder::voices, voices::set);
        read(folder::spellings, spellings::set);
    }

    /** Who the firm is. */
    public ReadOnlyObjectProperty<FirmProfile> profileProperty() {
        return profile.getReadOnlyProperty();
    }

    /** Rises each time a picture of the firm was taken in. */
    public ReadOnlyLongProperty picturesKeptProperty() {
        return picturesKept.getReadOnlyProperty();
    }

    /** The firm's camera heads. */
    public HeadBook heads() {
        return heads;
    }

    /** The key that the firm signs with; read from the disk, or made. */
    public SigningKey signingKey() throws StoreException {
        return folder.signingKey();
    }

    /** The districts' own forms, by recipient. */
    public ReadOnlyObjectProperty<Map<Recipient, District>> districtsProperty() {
        return districts.getReadOnlyProperty();
    }

    private Map<Recipient, District> readDistricts() throws StoreException {
        Map<Recipient, District> all = new HashMap<>();
        for (Recipient each : folder.recipients()) {
            folder.districts().of(each).ifPresent(d -> all.put(each, d));
        }
        return Map.copyOf(all);
    }

    /** Keeps a district's form. */
    public void keep(Recipient whom, DistrictForm form) {
        work.inBackground(
                () -> {
                    folder.districts().keep(whom, form);
                    return readDistricts();
                },
                districts::set);
    }

    /** Takes a district's codes in. */
    public void takeCodes(Recipient whom, Path csv) {
        work.inBackground(
                () -> {
                    if (folder.districts().of(whom).isEmpty()) {
                        folder.districts().keep(whom, DistrictForm.PLAIN);
                    }
                    folder.districts().takeCodes(whom, csv);
                    return readDistricts();
                },
                districts::set);
    }

    /** Drops a district's form and its codes. */
    public void dropDistrict(Recipient whom) {
        work.inBackground(
                () -> {
                    folder.districts().drop(whom);
                    return readDistricts();
                },
                districts::set);
    }

    /** Where the simulated outbox of clients lies on this machine. */
    public Path outbox() {
        return folder.outbox();
    }

    public Optional<Path> picture(FirmFolder.Picture which) {
        return folder.picture(which);
    }

    /** Takes a picture in, as PNG. */
    public void keep(FirmFolder.Picture which, byte[] png) {
        work.inBackground(
                () -> {
                    folder.keep(which, png);
                    return png;
                },
                kept -> picturesKept.set(picturesKept.get() + 1));
    }

    public void keep(FirmProfile next) {
        work.inBackground(
                () -> {
                    folder.keep(next);
                    return next;
                },
                profile::set);
    }

    /** The firm's own sentences for its films. */
    public ReadOnlyObjectProperty<PhraseBook> phrasesProperty() {
        return phrases.getReadOnlyProperty();
    }

    /** Who speaks in the firm's films. */
    public ReadOnlyObjectProperty<FirmVoices> voicesProperty() {
        return voices.getReadOnlyProperty();
    }

    public void keep(FirmVoices next) {
        work.inBackground(
                () -> {
                    folder.keep(next);
                    return next;
                },
                voices::set);
    }

    /** Words that the firm spells its own way. */
    public ReadOnlyObjectProperty<SortedSet<String>> spellingsProperty() {
        return spellings.getReadOnlyProperty();
    }

    /** Takes a word for rightly spelled, in every job from here on. */
    public void spells(String word) {
        SortedSet<String> next = new TreeSet<>(spellings.get());
        next.add(word);
        work.inBackground(
                () -> {
                    folder.keep(next);
                    return next;
                },
                spellings::set);
    }

    /** How the firm's films are wished for. */
    public StoryWish wish() {
        return StoryWish.USUAL.phrased(phrases.get());
    }

    public void keep(PhraseBook next) {
        work.inBackground(
                () -> {
                    folder.keep(next);
                    return next;
                },
                phrases::set);
    }

    /** Writes all of the firm into one new file. */
    public void export(Path file) {
        work.inBackground(
                () -> {
                    folder.export(file);
                    return file;
                },
                f -> work.notices().say("The firm was written to " + f.getFileName() + "."));
    }

    /** Takes another machine's firm in place of this one's. */
    public void take(Path file) {
        work.inBackground(
                () -> {
                    folder.take(file);
                    return file;
                },
                f -> {
                    read(folder::rules, rules::set);
                    read(folder::recipients, recipients::setAll);
                    read(folder::profile, profile::set);
                    read(folder::phrases, phrases::set);
                    read(folder::voices, voices::set);
                    read(folder::spellings, spellings::set);
                    heads.again();
                    picturesKept.set(picturesKept.get() + 1);
                    work.notices()
                            .say("The firm of " + f.getFileName()
                                    + " is this machine's now. Jobs keep the rules they have until you take these.");
                });
    }

    private interface Reading<T> {
        T read() throws StoreException;
    }

    private <T> void read(Reading<T> what, Consumer<T> then) {
        work.inBackground(what::read, then);
    }

    /** The firm's rules as they stand now; a job's own may differ. */
    public ReadOnlyObjectProperty<HouseRules> rulesProperty() {
        return rules.getReadOnlyProperty();
    }

    /** Those that come with Hitch, then the firm's own. */
    public ObservableList<Recipient> recipients() {
        return recipients;
    }

    /** Makes these the firm's rules, for every job that is begun from now on. */
    public void keep(HouseRules these) {
        work.inBackground(
                () -> {
                    folder.keep(these);
                    return these;
                },
                kept -> {
                    rules.set(kept);
                    work.notices().say("These are the firm's rules now, for every job begun from here on.");
                });
    }

    /**
     * Adds a kind of recipient, in place of the one with its word if that is the firm's own.
     *
     * @return whether it was added; a kind that comes with Hitch keeps its word, and nobody sees more than it says
     */
    public boolean add(Recipient one) {
        if (Recipient.of(one.word()).isPresent()) {
            work.notices().say("There is a recipient called " + one.title() + " already. Choose another name.");
            return false;
        }
        keep(Stream.concat(recipients.stream().filter(r -> !r.word().equals(one.word())), Stream.of(one))
                .toList());
        return true;
    }

    public void remove(Recipient one) {
        keep(recipients.stream().filter(r -> !r.equals(one)).toList());
    }

    private void keep(List<Recipient> all) {
        work.inBackground(
                () -> {
                    folder.keep(all);
                    return all;
                },
                recipients::setAll);
    }
}

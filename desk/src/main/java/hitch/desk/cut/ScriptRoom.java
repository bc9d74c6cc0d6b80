package hitch.desk.cut;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.job.Edit;
import hitch.core.job.ShotChange;
import hitch.core.story.Cutting;
import hitch.core.story.KeptPhrase;
import hitch.core.story.Length;
import hitch.core.story.LiveFacts;
import hitch.core.story.OwnVoices;
import hitch.core.story.Rearranging;
import hitch.core.story.Script;
import hitch.core.story.ScriptLine;
import hitch.core.story.Sentences;
import hitch.core.story.Shot;
import hitch.core.story.StoryWish;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import hitch.store.WordsDraft;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;

/** The script under the hand: for whom, how long, as it is written now, and which of its shots is chosen. Used on the interface thread. */
final class ScriptRoom {
    /**
     * A script as it follows from the record.
     *
     * @param cutting laid out with the voice's usual pace
     */
    record Written(Recipient recipient, Disclosure may, Script script, Cutting cutting) {}

    private final Context desk;
    private final ObjectProperty<Recipient> recipient;
    private final ObjectProperty<Length> length;
    private final ReadOnlyObjectWrapper<Written> written = new ReadOnlyObjectWrapper<>();
    private final ObjectProperty<String> chosen = new SimpleObjectProperty<>();
    private final WordsDraft draft;
    private long asked;
    private boolean looked;

    ScriptRoom(Context desk, ObjectProperty<Recipient> recipient, ObjectProperty<Length> length) {
        this.desk = desk;
        this.recipient = recipient;
        this.length = length;
        this.draft = new WordsDraft(desk.work().folder().folder());
        takeUpDraft();
    }

    /** Puts words aside that are being written and no edit yet. */
    void draft(ScriptLine line, String words) {
        WordsDraft.Draft now =
                new WordsDraft.Draft(recipient.get().word(), line.proposed().key(), words);
        desk.work().inBackground(() -> keep(now), w -> {});
    }

    private WordsDraft.Draft keep(WordsDraft.Draft now) {
        draft.keep(now);
        return now;
    }

    /** Words are an edit now. */
    void written(ScriptLine line) {
        desk.work()
                .inBackground(
                        () -> {
                            draft.clear();
                            return line;
                        },
                        l -> {});
    }

    /** Makes an edit of words that were being written when the program last ended. */
    private void takeUpDraft() {
        Survey survey = desk.work().now().survey();
        desk.work()
                .inBackground(
                        draft::left,
                        left -> left.ifPresent(d -> Recipient.of(d.recipient())
                                .or(() -> desk.work().firm().recipients().stream()
                                        .filter(r -> r.word().equals(d.recipient()))
                                        .findFirst())
                                .ifPresent(whom -> desk.work()
                                        .inBackground(
                                                () -> write(
                                                        survey,
                                                        whom,
                                                        desk.work()
                                                                .firm()
                                                                .wish()
                                                                .lasting(Length.FULL)),
                                                w -> w.script().line(d.shot()).ifPresent(line -> {
                                                    ShotChange said = line.change()
                                                            .saying(
                                                                    LiveFacts.of(line.shot(), w.may())
                                                                            .kept(d.words()),
                                                                    line.proposed()
                                                                            .facts());
                                                    desk.work().apply(new Edit.ChangeShot(whom.word(), d.shot(), said));
                                                    desk.work()
                                                            .notices()
                                                            .say(
                                                                    "Words that were being written when Hitch last ended were kept, in \""
                                                                            + line.shot()
                                                                                    .title()
                                                                            + "\". Undo takes them back.");
                                                    written(line);
                                                })))));
    }

    Context desk() {
        return desk;
    }

    ObjectProperty<Recipient> recipient() {
        return recipient;
    }

    ObjectProperty<Length> length() {
        return length;
    }

    /** The key of the shot that is chosen; null for none. */
    ObjectProperty<String> chosen() {
        return chosen;
    }

    ReadOnlyObjectProperty<Written> writtenProperty() {
        return written.getReadOnlyProperty();
    }

    Optional<Written> written() {
        return Optional.ofNullable(written.get());
    }

    Optional<ScriptLine> line(String key) {
        return written().flatMap(w -> w.script().line(key));
    }

    Optional<ScriptLine> chosenLine() {
        return Optional.ofNullable(chosen.get()).flatMap(this::line);
    }

    /** Writes the script anew, off the interface thread; the latest wish stands. */
    void write() {
        long mine = ++asked;
        Survey survey = desk.work().now().survey();
        Recipient whom = recipient.get();
        StoryWish wish = desk.work().firm().wish().lasting(length.get());
        desk.work().inBackground(() -> write(survey, whom, wish), w -> {
            if (mine == asked) {
                written.set(w);
                speak();
            }
        });
    }

    /** Somebody looks: what the film says is spoken ahead from now on. */
    void look() {
        looked = true;
        speak();
    }

    private void speak() {
        written()
                .filter(w -> looked)
                .ifPresent(w -> desk.work()
                        .speech()
                        .of(
                                w.script().told().shots().stream()
                                        .map(Shot::narration)
                                        .toList(),
                                desk.work().narrator(w.recipient())));
    }

    static Written write(Survey survey, Recipient whom, StoryWish wish) {
        Disclosure may = Disclosure.of(survey, whom);
        Script script = Script.of(may, wish);
        return new Written(
                whom,
                may,
                script,
                Cutting.of(
                        script.told(),
                        OwnVoices.over(Cutting.Speech.USUAL, may),
                        s -> may.footage().around(s.frame(), s.before(), s.after())));
    }

    /** Seconds that a line is spoken, by whoever speaks it. */
    double seconds(ScriptLine line) {
        return written()
                .map(w -> OwnVoices.over(Cutting.Speech.USUAL, w.may()).of(line.shot()))
                .orElse(0.0);
    }

    /** Facts that can be fields in a line's words. */
    LiveFacts facts(ScriptLine line) {
        return written().map(w -> LiveFacts.of(line.shot(), w.may())).orElse(new LiveFacts(java.util.Map.of()));
    }

    /** Says a line in words of one's own; blank ones, and those that were proposed, are as proposed. */
    CompletableFuture<Void> say(ScriptLine line, String typed) {
        String words = typed.strip();
        boolean proposed = words.isEmpty() && !line.proposed().narration().isEmpty()
                || words.equals(line.proposed().narration());
        return change(
                line.proposed().key(),
                c -> proposed
                        ? c.asProposed()
                        : c.saying(facts(line).kept(words), line.proposed().facts()));
    }

    /** Sentences of a line's own words that can become the firm's phrases. */
    List<KeptPhrase> phrases(ScriptLine line) {
        List<String> proposed = Sentences.of(line.proposed().narration());
        return written()
                .map(w -> Sentences.of(line.shot().narration()).stream()
                        .filter(s -> !proposed.contains(s))
                        .flatMap(s -> KeptPhrase.of(line.shot(), s, w.may()).stream())
                        .filter(p -> !desk.work()
                                .firm()
                                .phrasesProperty()
                                .get()
                                .lines()
                                .getOrDefault(p.heading(), List.of())
                                .contains(p.sentence()))
                        .toList())
                .orElse(List.of());
    }

    /** Makes a sentence the firm's. */
    void makeOurs(KeptPhrase phrase) {
        desk.work().firm().keep(phrase.in(desk.work().firm().phrasesProperty().get()));
        desk.work()
                .notices()
                .say("Kept as the firm's sentence for " + phrase.about()
                        + ". It is proposed for such findings from now on; it stands on the firm's page.");
    }

    CompletableFuture<Void> change(String key, UnaryOperator<ShotChange> how) {
        String whom = recipient.get().word();
        return desk.work().edit(job -> {
            ShotChange was = job.story().at(whom, key);
            ShotChange next = how.apply(was);
            return next.equals(was) ? Optional.empty() : Optional.of(new Edit.ChangeShot(whom, key, next));
        });
    }

    /** Arranges the story as it is by now; none where that changes nothing. */
    CompletableFuture<Void> arrange(Function<Rearranging, Edit.ArrangeShots> how) {
        Optional<Edit.ArrangeShots> edit = written().map(w -> how.apply(new Rearranging(w.script(), w.may())));
        return edit.filter(e -> !e.changes().isEmpty()
                        || !e.put().isEmpty()
                        || !e.removed().isEmpty())
                .map(e -> desk.work().apply(e))
                .orElseGet(() -> CompletableFuture.completedFuture(null));
    }
}

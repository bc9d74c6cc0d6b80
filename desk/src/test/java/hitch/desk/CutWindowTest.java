package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.finding.FindingId;
import hitch.core.finding.Weight;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.job.Edit;
import hitch.core.job.OwnShot;
import hitch.core.job.ShotChange;
import hitch.core.story.Length;
import hitch.store.JobFolder;
import hitch.store.WordsDraft;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeoutException;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.fxmisc.richtext.StyleClassedTextArea;
import org.junit.jupiter.api.Test;

/** The script room: words of one's own, shots moved, split, joined, put in, left out; words that the facts have overtaken; the preview. */
class CutWindowTest extends OpenWindow {
    private static final String KEY = "finding:F1";
    private static final String SHOT = "#shot-finding-F1";
    private static final FindingId FIRST = new FindingId("F1");

    private ShotChange change() {
        return change(KEY);
    }

    private ShotChange change(String key) {
        return job().work().now().job().story().at("homeowner", key);
    }

    private StyleClassedTextArea editor() {
        return lookup("#script-editor").queryAs(StyleClassedTextArea.class);
    }

    /** Puts the hand into the words of a shot. */
    private StyleClassedTextArea hand(String shot) {
        patiently(() -> lookup(shot).tryQuery().isPresent());
        if (lookup(shot + " #script-editor").tryQuery().isEmpty()) {
            clickOn(shot + " .script-plain");
        }
        patiently(() -> lookup(shot + " #script-editor").tryQuery().isPresent());
        interact(() -> editor().requestFocus());
        return editor();
    }

    private void say(String words) {
        StyleClassedTextArea area = hand(SHOT);
        interact(() -> {
            area.replaceText(words);
            job().requestFocus();
        });
    }

    private void cut() throws TimeoutException {
        marked("offset 1/4 in right");
        clickOn("#bench-cut");
        until(() -> lookup(SHOT).tryQuery().isPresent());
    }

    private List<String> order() {
        return lookup(".script-row").queryAll().stream()
                .sorted(java.util.Comparator.comparingDouble(Node::getLayoutY))
                .map(n -> n.getId().substring("shot-".length()))
                .toList();
    }

    @Test
    void wordsAreChangedInPlaceAndUndone() throws TimeoutException {
        cut();
        String proposed = hand(SHOT).getText();
        say("A small step. Nothing hangs on it.");
        until(() -> change().narration().isPresent());
        until(() -> lookup("in your own words").tryQuery().isPresent());
        assertThat(editor().getText()).isEqualTo("A small step. Nothing hangs on it.");
        clickOn("#undo");
        until(() -> editor().getText().equals(proposed));
        say("Another word.");
        until(() -> change().narration().isPresent());
        until(() -> lookup(SHOT + " .keep-phrase").tryQuery().isPresent());
        clickOn("As proposed");
        until(() -> editor().getText().equals(proposed));
        assertThat(change()).isEqualTo(ShotChange.NONE);
    }

    /** What is typed is kept by itself once no key comes for a while, and undo takes back what was not kept yet as well. */
    @Test
    void whatIsTypedIsKeptByItselfAndPlainLettersDoNothingElse() throws TimeoutException {
        cut();
        StyleClassedTextArea area = hand(SHOT);
        interact(() -> area.replaceText("N"));
        type(KeyCode.E, KeyCode.W);
        until(() -> change().narration().isPresent());
        assertThat(area.getText().toLowerCase(java.util.Locale.ROOT)).contains("ew");
        interact(() -> area.replaceText("Newer."));
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> change().narration().isPresent() && !area.getText().equals("Newer."));
    }

    @Test
    void whatTheRecordKnowsIsAFieldThatFollowsIt() throws TimeoutException {
        cut();
        String size = "1/4 in";
        say("A step of " + size + ".");
        until(() -> change().narration().equals(Optional.of("A step of {F1.size|1/4 in}.")));
        hand("#shot-card-opening");
        assertThat(lookup(SHOT + " .fact").queryLabeled().getText()).isEqualTo(size);
    }

    @Test
    void whatTheFactsHaveOvertakenIsToldHereAndWhereItIsHandedOver() throws TimeoutException {
        cut();
        say("A small step.");
        until(() -> change().narration().isPresent());
        interact(() -> job().work().apply(new Edit.WeighFinding(FIRST, Optional.of(Weight.STOP))));
        until(() -> lookup("Keep mine").tryQuery().isPresent());
        clickOn("#bench-hand-over");
        until(() -> checks().contains("The words of one shot tell what was so before."));
        clickOn("#bench-cut");
        clickOn("Keep mine");
        until(() -> lookup("Keep mine").tryQuery().isEmpty());
        assertThat(change().narration()).contains("A small step.");
        interact(() -> job().work().apply(new Edit.WeighFinding(FIRST, Optional.of(Weight.WATCH))));
        until(() -> lookup("Take the new words").tryQuery().isPresent());
        interact(() -> lookup("Take the new words").queryButton().fire());
        until(() -> change().narration().isEmpty());
    }

    @Test
    void aShotIsLeftOutAndToldAgain() throws TimeoutException {
        cut();
        clickOn(SHOT + " .leave-out");
        until(() -> change().leftOut());
        clickOn("Tell it");
        until(() -> !change().leftOut());
        hand(SHOT);
        push(KeyCode.CONTROL, KeyCode.L);
        until(() -> change().leftOut());
    }

    @Test
    void aParagraphIsSplitJoinedAndMovedByKeys() throws TimeoutException {
        cut();
        say("Here it is. And here is more.");
        until(() -> change().narration().isPresent());
        StyleClassedTextArea area = hand(SHOT);
        interact(() -> area.moveTo("Here it is. ".length()));
        push(KeyCode.ENTER);
        until(() -> change("own:1").narration().equals(Optional.of("And here is more.")));
        assertThat(change().narration()).contains("Here it is.");
        until(() -> lookup("#shot-own-1 #script-editor").tryQuery().isPresent());
        assertThat(order()).containsSubsequence("finding-F1", "own-1");
        push(KeyCode.ALT, KeyCode.UP);
        until(() -> order().indexOf("own-1") == order().indexOf("finding-F1") - 1);
        push(KeyCode.ALT, KeyCode.DOWN);
        until(() -> order().indexOf("own-1") == order().indexOf("finding-F1") + 1);
        interact(() -> editor().moveTo(0));
        push(KeyCode.BACK_SPACE);
        until(() -> change().narration().equals(Optional.of("Here it is. And here is more.")));
        until(() -> lookup("#shot-own-1").tryQuery().isEmpty());
    }

    @Test
    void aShotIsPutInAndItsPictureChanged() throws TimeoutException {
        cut();
        hand(SHOT);
        interact(() -> {
            MenuButton menu = lookup("#put-in").queryAs(MenuButton.class);
            menu.getOnShowing().handle(null);
            menu.getItems().get(1).fire();
        });
        until(() -> lookup("#shot-own-1").tryQuery().isPresent());
        assertThat(job().work().now().job().story().own("homeowner"))
                .extracting(OwnShot::kind)
                .containsExactly(OwnShot.Kind.STILL);
        hand(SHOT);
        choose("How far the picture is gone into", 3.0);
        until(() -> change().view().map(v -> v.zoom()).equals(Optional.of(3.0)));
        clickOn("#preview .well");
        until(() -> change().view().filter(v -> v.x() > 0.4 && v.x() < 0.6).isPresent());
        keep((TextField) named("Seconds up to it"), "1.5");
        until(() -> change().before().equals(Optional.of(1.5)));
        keep((TextField) named("Seconds up to it"), "soon");
        until(() -> notice().contains("no number of seconds"));
        clickOn(named("Move the moment by +0.2 s"));
        until(() -> change().frame().isPresent());
        // Its row is laid out anew with what was changed; a press between two layouts would meet nothing.
        until(() -> lookup("Picture as proposed").tryQuery().isPresent());
        interact(() -> lookup("Picture as proposed").queryButton().fire());
        until(() -> change().equals(ShotChange.NONE));
    }

    @Test
    void aLengthIsChosenAndWhatIsNotToldIsListed() throws TimeoutException {
        cut();
        clickOn("#script-short");
        until(() -> text("#script-total").endsWith("of 1:30"));
        keep(lookup("#script-seconds").queryAs(TextField.class), "30");
        until(() -> text("#script-total").endsWith("of 0:30"));
        until(() -> text("#script-left").startsWith("Not told at this length: "));
        clickOn("#bench-hand-over");
        assertThat(lookup("#film-seconds").queryAs(TextField.class).getText()).isEqualTo("30");
        clickOn("#film-full");
        clickOn("#bench-cut");
        until(() -> !text("#script-total").contains(" of "));
        assertThat(lookup("#script-full")
                        .queryAs(javafx.scene.control.ToggleButton.class)
                        .isSelected())
                .isTrue();
        assertThat(Length.FULL.seconds()).isEmpty();
    }

    /** The preview stands where the hand is and plays from there, going from shot to shot. */
    @Test
    void thePreviewPlaysFromTheParagraphUnderTheHand() throws TimeoutException {
        cut();
        hand(SHOT);
        Node play = lookup("#preview-play").query();
        push(KeyCode.CONTROL, KeyCode.SPACE);
        until(() -> lookup("Stop").tryQuery().isPresent());
        until(() -> !lookup("#shot-finding-F1:chosen").tryQuery().isPresent());
        clickOn(play);
        until(() -> lookup("Play from here").tryQuery().isPresent());
    }

    @Test
    void wordsAreFoundAndReplacedInTheWholeScriptAndUndoneAtOnce() throws TimeoutException {
        cut();
        say("A wobble here, a wobble there.");
        until(() -> change().narration().isPresent());
        push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.F);
        interact(() -> {
            lookup("#find-words").queryAs(TextField.class).setText("wobble");
            lookup("#replace-words").queryAs(TextField.class).setText("step");
        });
        until(() -> lookup("in one paragraph").tryQuery().isPresent());
        clickOn("#replace-all");
        until(() -> change().narration().equals(Optional.of("A step here, a step there.")));
        clickOn("#undo");
        until(() -> change().narration().equals(Optional.of("A wobble here, a wobble there.")));
    }

    /** A word that is not spelled so is underlined with what may be meant; the trade's and the firm's words are right. */
    @Test
    void spellingIsToldAsOneWrites() throws Exception {
        cut();
        StyleClassedTextArea area = hand(SHOT);
        interact(() -> area.replaceText("The cleanout has rooots. Zorbl."));
        until(() -> area.getStyleOfChar(21).contains("misspelled"));
        assertThat(area.getStyleOfChar(6)).as("a word of the trade").doesNotContain("misspelled");
        assertThat(area.getStyleOfChar(26)).contains("misspelled");
        interact(() -> job().work().firm().spells("zorbl"));
        until(() -> !area.getStyleOfChar(26).contains("misspelled"));
        until(() ->
                new hitch.store.FirmFolder(folder.resolve("data")).spellings().contains("zorbl"));
    }

    @Test
    void whatIsBeingWrittenWhenTheJobIsLeftIsKept() throws Exception {
        cut();
        StyleClassedTextArea area = hand(SHOT);
        interact(() -> {
            area.replaceText("Half a thought");
            job().close();
        });
        try (JobFolder again = JobFolder.open(folder.resolve("job"))) {
            assertThat(again.job().story().at("homeowner", KEY).narration()).contains("Half a thought");
        }
    }

    /** Words that were put aside before a crash are an edit when the job is opened again, and that is told. */
    @Test
    void whatWasBeingWrittenBeforeACrashIsTakenUp() throws Exception {
        cut();
        interact(() -> job().close());
        Path job = folder.resolve("job");
        new WordsDraft(job).keep(new WordsDraft.Draft("homeowner", KEY, "A step of 1/4 in, half"));
        interact(() -> window.open(job));
        until(() -> window.job().isPresent()
                && change().narration().equals(Optional.of("A step of {F1.size|1/4 in}, half")));
        assertThat(notice()).contains("Words that were being written");
        until(() -> new WordsDraft(job).left().isEmpty());
    }

    @Test
    void aSentenceBecomesTheFirms() throws TimeoutException {
        cut();
        say("A step that any plumber would leave.");
        until(() -> lookup(SHOT + " .keep-phrase").tryQuery().isPresent());
        javafx.scene.control.MenuButton menu =
                lookup(SHOT + " .keep-phrase").queryAs(javafx.scene.control.MenuButton.class);
        interact(() -> menu.getItems().getFirst().fire());
        until(() -> !job().work().firm().phrasesProperty().get().lines().isEmpty());
        assertThat(job().work().firm().phrasesProperty().get().text()).contains("A step that any plumber would leave.");
        until(() -> notice().startsWith("Kept as the firm's sentence for offset"));
        until(() -> lookup(SHOT + " .keep-phrase").tryQuery().isEmpty());
    }

    /** The shot that was put in. */
    private OwnShot put() {
        return job().work().now().job().story().own("homeowner").getFirst();
    }

    @Test
    void aCardOfOnesOwnIsWritten() throws TimeoutException {
        cut();
        clickOn(SHOT + " .script-plain");
        MenuButton put = lookup("#put-in").queryAs(MenuButton.class);
        interact(() -> put.getOnShowing().handle(null));
        interact(() -> put.getItems().stream()
                .filter(m -> m.getText().equals("A card"))
                .findFirst()
                .orElseThrow()
                .fire());
        until(() -> !job().work().now().job().story().own("homeowner").isEmpty());
        patiently(() -> lookup("#shot-own-1").tryQuery().isPresent());
        keep((TextField) named("Heading of the card"), "What we agreed");
        until(() -> put().title().equals("What we agreed"));
        interact(() -> {
            // The sheet is laid anew once the heading is in the story: what is typed in is the one on show.
            var lines = (javafx.scene.control.TextArea) named("Lines of the card");
            lines.requestFocus();
            lines.setText("One visit\n\nNo dig");
            job().requestFocus();
        });
        until(() -> put().rows().equals(List.of("One visit", "No dig")));
    }

    @Test
    void anotherPassOfThePlaceIsChosenByName() throws TimeoutException {
        // The same eight seconds once more, on the way back.
        Clip there = survey().clips().getFirst();
        Clip back = there.withId(new ClipId("back"));
        interact(() -> {
            job().work().apply(new Edit.PutClip(back));
            job().work()
                    .apply(new Edit.PutRun(
                            hitch.core.Sample.run("way back", hitch.core.run.Direction.WITH_FLOW, back.id())));
            job().work()
                    .apply(new Edit.SetMark(
                            back.id(),
                            hitch.core.counter.Reading.byHand(back.ptsAt(0), hitch.core.measure.Distance.ZERO)));
            job().work()
                    .apply(new Edit.SetMark(
                            back.id(),
                            hitch.core.counter.Reading.byHand(
                                    back.ptsAt(7.9), hitch.core.measure.Distance.feet(39.8))));
        });
        until(() -> survey().traces().containsKey(back.id()));
        cut();
        clickOn(SHOT + " .script-plain");
        until(() -> lookup("#another-pass").tryQuery().isPresent());
        MenuButton passes = lookup("#another-pass").queryAs(MenuButton.class);
        interact(() -> passes.getItems().getFirst().fire());
        until(() -> change().frame().filter(f -> f.clip().equals(back.id())).isPresent());
    }

    @Test
    void evidenceOfManyFindingsIsWrittenAtOnePress() throws TimeoutException {
        marked("roots heavy");
        cut();
        MenuButton menu = lookup("#write-evidence").queryAs(MenuButton.class);
        interact(() -> menu.getOnShowing().handle(null));
        interact(() -> menu.getItems().stream()
                .filter(m -> m.getText().equals("Of all (2)"))
                .findFirst()
                .orElseThrow()
                .fire());
        until(() -> notice().startsWith("4 clips, the stills, a table and a sheet are in "));
        java.nio.file.Path written = job().work().folder().cuts().resolve("homeowner");
        assertThat(written.resolve("sheet-1.png")).isRegularFile();
        assertThat(written.resolve("sheet.pdf")).isRegularFile();
        assertThat(written.resolve("findings.csv")).isRegularFile();
        assertThat(written.toFile().list((d, name) -> name.endsWith(".mp4"))).hasSize(4);
    }
}

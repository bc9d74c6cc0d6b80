package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.caption.Cue;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.job.ClipWords;
import hitch.core.job.Edit;
import hitch.core.job.Recording;
import hitch.core.job.ShotChange;
import hitch.core.talk.Commentary;
import hitch.desk.record.SimulatedMicrophone;
import hitch.media.MediaException;
import hitch.media.ears.Ears;
import hitch.media.ears.Heard;
import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** One's own voice and the technician's in place of the narrator's; a simulated microphone hears what is known beforehand. */
class RecordWindowTest extends OpenWindow {
    private static final String KEY = "finding:F1";

    private final AtomicReference<String> understood = new AtomicReference<>("");
    private final AtomicReference<Sound> spoken = new AtomicReference<>(speech());

    /** Two bursts of a voice-like sound in a little noise. */
    private static Sound speech() {
        float[] all = new float[6 * Narrator.RATE];
        for (int i = 0; i < all.length; i++) {
            double t = (double) i / Narrator.RATE;
            boolean speaks = t > 0.5 && t < 2 || t > 2.6 && t < 4.2;
            all[i] = (float) (speaks ? 0.3 * Math.sin(2 * Math.PI * 200 * t) : 0.001 * Math.sin(2 * Math.PI * 900 * t));
        }
        return new Sound(all, Narrator.RATE);
    }

    @Override
    protected Senses senses() {
        Ears ears = new Ears() {
            @Override
            public Heard hear(Sound sound) {
                return new Heard(understood.get(), -0.1);
            }

            @Override
            public void close() throws MediaException {}
        };
        return new Senses(
                STAND_IN,
                () -> ears,
                () -> {
                    // Each look at the clock is a fifth of a second later, however fast the test goes.
                    AtomicLong now = new AtomicLong();
                    return new SimulatedMicrophone(spoken.get(), () -> now.addAndGet(200_000_000));
                },
                Senses.of(STAND_IN).listening());
    }

    private ShotChange change() {
        return job().work().now().job().story().at("homeowner", KEY);
    }

    private String narration() {
        return lookup("#shot-finding-F1 .script-plain").query().getAccessibleText();
    }

    private void cut() throws TimeoutException {
        marked("offset 1/4 in right");
        clickOn("#bench-cut");
        until(() -> lookup("#shot-finding-F1").tryQuery().isPresent());
        clickOn("#shot-finding-F1 .script-plain");
        until(() -> lookup("#voice-record").tryQuery().isPresent());
    }

    private void read() throws TimeoutException {
        push(KeyCode.CONTROL, KeyCode.R);
        until(() -> lookup("#record").tryQuery().map(n -> n.isFocused()).orElse(false));
        press(KeyCode.SPACE);
        until(() -> lookup(".measure").queryAllAs(Label.class).stream()
                .anyMatch(l -> l.getText().matches("[6-9]\\.\\d s|\\d\\d\\.\\d s")));
        release(KeyCode.SPACE);
    }

    /** The words that stand in the sheet to be read. */
    private String toRead() {
        return lookup("#read-aloud .read-aloud")
                .queryAs(javafx.scene.text.Text.class)
                .getText();
    }

    @Test
    void aParagraphIsReadOutKeptAndTakenBack() throws TimeoutException {
        cut();
        push(KeyCode.CONTROL, KeyCode.R);
        until(() -> lookup("#read-aloud").tryQuery().isPresent());
        understood.set(toRead());
        push(KeyCode.ESCAPE);
        until(() -> lookup("#record-sheet").tryQuery().isEmpty());
        read();
        until(() -> lookup("#record-keep").tryQuery().isPresent());
        assertThat(lookup("What was heard is what is written.").tryQuery()).isPresent();
        clickOn("#record-keep");
        until(() -> change().voice().isPresent());
        Recording kept = (Recording) change().voice().orElseThrow();
        assertThat(kept.from()).isBetween(0.2, 0.7);
        assertThat(kept.to()).isBetween(4.0, 4.7);
        assertThat(job().work().footage().recordings().resolve(kept.file())).exists();
        until(() -> text("#voice-who").startsWith("Spoken by you"));
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> change().voice().isEmpty());
        assertThat(job().work().footage().recordings().resolve(kept.file())).exists();
    }

    @Test
    void whereOtherWordsWereHeardTheReviewerSaysWhichStand() throws TimeoutException {
        cut();
        understood.set("A big step here. It is nine inches.");
        read();
        until(() -> lookup("#record-heard").tryQuery().isPresent());
        assertThat(lookup("Heard otherwise than written:").tryQuery()).isPresent();
        clickOn("#record-heard");
        until(() -> change().voice().isPresent());
        assertThat(change().narration()).contains("A big step here. It is nine inches.");
        assertThat(change().voice().orElseThrow().says()).isEqualTo("A big step here. It is nine inches.");
        // Other words than were recorded are the narrator's again, and that is told.
        interact(() -> job().work()
                .apply(new Edit.ChangeShot("homeowner", KEY, change().withNarration(java.util.Optional.of("Less.")))));
        until(() -> lookup("#voice-other-words").tryQuery().isPresent());
        clickOn("#voice-narrator");
        until(() -> change().voice().isEmpty());
    }

    @Test
    void aTakeInWhichNobodySpeaksIsToldAndChangesNothing() throws TimeoutException {
        cut();
        spoken.set(new Sound(new float[6 * Narrator.RATE], Narrator.RATE));
        read();
        until(() -> lookup("#record-sheet .soft").queryAllAs(Label.class).stream()
                .anyMatch(l -> l.getText().startsWith("Nobody was heard")));
        push(KeyCode.ESCAPE);
        until(() -> lookup("#record-sheet").tryQuery().isEmpty());
        assertThat(change()).isEqualTo(ShotChange.NONE);
    }

    @Test
    void theTechniciansOwnWordsAreHeardAndTheClipRunsUnder() throws TimeoutException {
        Clip clip = survey().clips().getFirst();
        interact(() -> job().work()
                .apply(new Edit.PutCommentary(new Commentary(
                        "talk-1",
                        new ClipId(clip.id().value()),
                        "talk.srt",
                        List.of(new Cue(0, 0.5, "There is a step."), new Cue(0.7, 1, "Not a big one.")),
                        0,
                        Map.of()))));
        cut();
        until(() -> lookup("#voice-technician").tryQuery().isPresent());
        MenuButton menu = lookup("#voice-technician").queryAs(MenuButton.class);
        assertThat(menu.getItems()).hasSize(3);
        interact(() -> menu.getItems().getFirst().fire());
        until(() -> change().voice().isPresent());
        assertThat(((ClipWords) change().voice().orElseThrow()).parts()).hasSize(2);
        assertThat(change().narration()).contains("There is a step. Not a big one.");
        until(() -> text("#voice-who").contains("technician"));
        interact(() -> lookup("#voice-bed").queryAs(CheckBox.class).fire());
        until(() -> change().bed().isPresent());
    }
}

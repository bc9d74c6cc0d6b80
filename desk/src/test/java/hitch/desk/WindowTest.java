package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.desk.play.Player;
import hitch.media.NumberedFootage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** Drives the real window as a reviewer would, with keys and clicks. */
class WindowTest extends OpenWindow {
    private Player.Frame frame() {
        return job().player().shown().orElseThrow();
    }

    private List<LocatedFinding> findings() {
        return survey().findings();
    }

    private void goTo(int number) throws TimeoutException {
        interact(() -> job().player()
                .seek(
                        frame().clip(),
                        new hitch.core.footage.FrameRef(
                                frame().clip().id(), frame().index().pts(number))));
        until(() -> frame().number() == number);
    }

    private void type(String note) {
        type(KeyCode.N);
        write(note);
    }

    @Test
    void theFrameOnTheScreenIsTheFrameAskedFor() throws TimeoutException {
        for (int number : new int[] {120, 3, 199, 75}) {
            goTo(number);
            assertThat(NumberedFootage.read(frame().picture().rgb(), NumberedFootage.WIDTH))
                    .isEqualTo(number);
        }
    }

    @Test
    void stepsOneFrameBothWays() throws TimeoutException {
        goTo(100);
        type(KeyCode.RIGHT);
        until(() -> frame().number() == 101);
        type(KeyCode.LEFT, 3);
        until(() -> frame().number() == 98);
        assertThat(NumberedFootage.read(frame().picture().rgb(), NumberedFootage.WIDTH))
                .isEqualTo(98);
        clickOn("#step-on");
        until(() -> frame().number() == 99);
    }

    @Test
    void playsAndPauses() throws TimeoutException {
        goTo(10);
        // Slow enough that the clip does not end before a slow machine has clicked.
        interact(() -> job().player().setSpeed(0.25));
        type(KeyCode.SPACE);
        until(() -> frame().number() > 14);
        assertThat(job().player().playingProperty().get()).isTrue();
        clickOn("#play");
        assertThat(job().player().playingProperty().get()).isFalse();
    }

    @Test
    void playingStopsAtTheEnd() throws TimeoutException {
        goTo(190);
        type(KeyCode.SPACE);
        until(() -> !job().player().playingProperty().get());
        until(() -> frame().number() == SmallJob.FRAMES - 1);
    }

    @Test
    void draggingTheTimeShowsThatFrame() throws TimeoutException {
        clickOn("#time");
        until(() -> Math.abs(frame().number() - 100) <= 1);
    }

    @Test
    void theStationOfTheShownFrameStandsUnderIt() throws TimeoutException {
        goTo(100);
        assertThat(text("#station")).isEqualTo("20.0 ft");
        goTo(50);
        assertThat(text("#station")).isEqualTo("10.0 ft");
    }

    @Test
    void aNoteBecomesAFindingWithItsStill() throws TimeoutException {
        goTo(100);
        type("roots top heavy");
        type(KeyCode.ENTER);
        until(() -> findings().size() == 1);
        LocatedFinding found = findings().getFirst();
        assertThat(found.finding().kind()).isEqualTo(FindingKind.ROOTS);
        assertThat(found.extent()
                        .orElseThrow()
                        .show(job().work().now().survey().facts().unit()))
                .isEqualTo("20.0 ft toward the main");
        until(() -> Files.exists(job().work().still(found.finding())));
        assertThat(lookup("#findings").queryAs(ListView.class).getItems()).hasSize(1);
        assertThat(lookup("#note").queryAs(TextField.class).getText()).isEmpty();
    }

    @Test
    void theNoteBelongsToTheFrameWhereItWasBegun() throws TimeoutException {
        goTo(40);
        type("offset 3/4 in");
        interact(() -> job().player().seek(frame().clip(), 6));
        until(() -> frame().number() == 150);
        type(KeyCode.ENTER);
        until(() -> findings().size() == 1);
        assertThat(findings().getFirst().finding().frame().pts())
                .isEqualTo(frame().index().pts(40));
    }

    @Test
    void everythingCanBeUndoneAndRedone() throws TimeoutException {
        goTo(100);
        type("standing water 16-23");
        type(KeyCode.ENTER);
        until(() -> findings().size() == 1);
        press(KeyCode.SHORTCUT).type(KeyCode.Z).release(KeyCode.SHORTCUT);
        until(() -> findings().isEmpty());
        press(KeyCode.SHORTCUT, KeyCode.SHIFT).type(KeyCode.Z).release(KeyCode.SHIFT, KeyCode.SHORTCUT);
        until(() -> findings().size() == 1);
        clickOn("#undo");
        until(() -> findings().isEmpty());
    }

    @Test
    void aFindingCanBeAmendedMovedAndRemoved() throws TimeoutException {
        goTo(100);
        type("roots top");
        type(KeyCode.ENTER);
        until(() -> findings().size() == 1);
        type(KeyCode.ESCAPE);
        type(KeyCode.E);
        write("scale with paper on it");
        type(KeyCode.ENTER);
        until(() -> findings().getFirst().finding().kind() == FindingKind.SCALE);
        assertThat(findings().getFirst().finding().history().getFirst().wording())
                .isEqualTo("roots top");
        type(KeyCode.ESCAPE);
        goTo(150);
        type(KeyCode.M);
        until(() ->
                findings().getFirst().finding().frame().pts() == frame().index().pts(150));
        type(KeyCode.DELETE);
        until(() -> findings().isEmpty());
    }

    @Test
    void theCounterIsSetByHand() throws TimeoutException {
        goTo(100);
        type(KeyCode.C);
        write("18.4");
        type(KeyCode.ENTER);
        until(() -> text("#station").equals("18.4 ft"));
        type(KeyCode.C);
        write("abc");
        type(KeyCode.ENTER);
        until(() -> text("#notice").contains("is not a reading"));
        assertThat(text("#station")).isEqualTo("18.4 ft");
    }

    @Test
    void aZeroingStartsTheCounterAfresh() throws TimeoutException {
        goTo(100);
        type(KeyCode.Z);
        goTo(150);
        type(KeyCode.C);
        write("7");
        type(KeyCode.ENTER);
        until(() -> text("#station").equals("27.0 ft"));
    }

    @Test
    void everyBenchOpensByKey() {
        KeyCode[] keys = {KeyCode.DIGIT1, KeyCode.DIGIT3, KeyCode.DIGIT4, KeyCode.DIGIT5, KeyCode.DIGIT6, KeyCode.DIGIT2
        };
        String[] tabs = {"#bench-load", "#bench-line", "#bench-judge", "#bench-cut", "#bench-hand-over", "#bench-mark"};
        for (int i = 0; i < keys.length; i++) {
            press(KeyCode.SHORTCUT).type(keys[i]).release(KeyCode.SHORTCUT);
            assertThat(lookup(tabs[i]).queryAs(ToggleButton.class).isSelected())
                    .as(tabs[i])
                    .isTrue();
        }
    }

    @Test
    void thePropertyIsKeptWhenItsFieldIsLeft() throws TimeoutException {
        clickOn("#bench-load");
        interact(() -> lookup("#property").queryAs(TextField.class).setText("9 Larkspur Close"));
        clickOn("#town");
        type(KeyCode.TAB);
        clickOn("#property");
        type(KeyCode.ENTER);
        until(() -> job().work().now().survey().facts().property().equals("9 Larkspur Close"));
    }

    @Test
    void handsOverAVideoFromTheWindow() throws TimeoutException {
        goTo(100);
        type("roots top");
        type(KeyCode.ENTER);
        until(() -> findings().size() == 1);
        handOver();
        clickOn("#recipient-buyer");
        Path out = folder.resolve("out");
        interact(() -> lookup("#out-folder").queryAs(TextField.class).setText(out.toString()));
        until(() -> !lookup("#hand-over").query().isDisabled());
        clickOn("#hand-over");
        WaitForAsyncUtils.waitFor(180, TimeUnit.SECONDS, () -> text("#notice").contains("Handed over"));
        assertThat(out.resolve("3-larkspur-close-wendle-buyer.mp4")).exists();
        assertThat(out.resolve("manifest.json")).exists();
    }

    @Test
    void theEvidenceClipOfTheChosenFindingIsWritten() throws TimeoutException {
        goTo(100);
        type("hole bottom");
        type(KeyCode.ENTER);
        until(() -> findings().size() == 1);
        type(KeyCode.ESCAPE);
        type(KeyCode.X);
        until(() -> text("#notice").contains("untouched and labelled"));
        assertThat(job().work().folder().cuts().resolve("f1-hole-untouched.mp4"))
                .exists();
        assertThat(job().work().folder().cuts().resolve("f1-hole-labelled.mp4")).exists();
    }

    @Test
    void aMissingClipIsNamedAndTheJobStillOpens() throws Exception {
        interact(() -> job().close());
        Files.delete(folder.resolve("job/down.mp4"));
        interact(() -> window.open(folder.resolve("job")));
        until(() -> window.job().isPresent()
                && job().player().troubleProperty().get().contains("down.mp4 is not at"));
        assertThat(job().work().now().job().clips()).hasSize(1);
    }

    @Test
    void theDarkThemeKeepsEverythingInPlace() {
        interact(() -> window.theme().darkProperty().set(true));
        assertThat(lookup("#station").queryAs(Label.class).isVisible()).isTrue();
        assertThat(lookup("#station").query().getScene().getRoot().getStyleClass())
                .contains("dark")
                .doesNotContain("light");
    }
}

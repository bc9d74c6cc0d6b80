package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.job.ShotChange;
import java.util.concurrent.TimeoutException;
import javafx.scene.control.TextArea;
import org.junit.jupiter.api.Test;

/** The script: words of one's own, shots left out, words that the facts have overtaken. */
class CutWindowTest extends OpenWindow {
    private static final String SHOT = "#shot-finding-F1";

    private ShotChange change() {
        return job().work().now().job().story().at("homeowner", "finding:F1");
    }

    private TextArea words() {
        patiently(() -> lookup(SHOT + " .text-area").tryQuery().isPresent());
        return lookup(SHOT + " .text-area").queryAs(TextArea.class);
    }

    private void say(String words) {
        interact(() -> {
            words().requestFocus();
            words().setText(words);
            job().requestFocus();
        });
    }

    @Test
    void wordsAreChangedInPlaceAndUndone() throws TimeoutException {
        marked("offset 1/4 in right");
        clickOn("#bench-cut");
        String proposed = words().getText();
        say("A small step. Nothing hangs on it.");
        until(() -> change().narration().isPresent());
        until(() -> lookup("in your own words").tryQuery().isPresent());
        assertThat(words().getText()).isEqualTo("A small step. Nothing hangs on it.");
        clickOn("#undo");
        until(() -> words().getText().equals(proposed));
        say("Another word.");
        until(() -> change().narration().isPresent());
        clickOn("As proposed");
        until(() -> words().getText().equals(proposed));
        assertThat(change()).isEqualTo(ShotChange.NONE);
    }

    @Test
    void whatTheFactsHaveOvertakenIsToldHereAndWhereItIsHandedOver() throws TimeoutException {
        marked("offset 1/4 in right");
        clickOn("#bench-cut");
        words();
        say("A small step.");
        until(() -> change().narration().isPresent());
        var id = job().work().now().job().findings().getFirst().id();
        interact(() -> job().work()
                .apply(new hitch.core.job.Edit.WeighFinding(
                        id, java.util.Optional.of(hitch.core.finding.Weight.STOP))));
        until(() -> lookup("They still stand").tryQuery().isPresent());
        clickOn("#bench-hand-over");
        assertThat(lookup("#stale-words").queryLabeled().getText())
                .contains("The words of one shot tell what was so before");
        clickOn("#bench-cut");
        clickOn("They still stand");
        until(() -> lookup("They still stand").tryQuery().isEmpty());
        assertThat(change().narration()).contains("A small step.");
    }

    @Test
    void aShotIsLeftOutAndToldAgain() throws TimeoutException {
        marked("offset 1/4 in right");
        clickOn("#bench-cut");
        words();
        clickOn(SHOT + " .leave-out");
        until(() -> change().leftOut());
        assertThat(words().isDisabled()).isTrue();
        clickOn("Tell it");
        until(() -> !change().leftOut());
    }
}

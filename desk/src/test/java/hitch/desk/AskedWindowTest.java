package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.footage.BurnedIn;
import hitch.core.footage.ClipId;
import hitch.core.footage.Patch;
import hitch.core.footage.Writing;
import hitch.core.job.Edit;
import hitch.core.job.ShotChange;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeoutException;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** What is asked before a job goes to somebody who may not know the people. */
class AskedWindowTest extends OpenWindow {
    private boolean isAsked() {
        return lookup("#asked").tryQuery().filter(Node::isVisible).isPresent();
    }

    @Test
    void writingOnAClipIsAskedAboutAndCanBeAllowedAndTakenBack() throws TimeoutException {
        ClipId clip = survey().clips().getFirst().id();
        Writing stamp = new Writing(new Patch(100, 100, 4000, 900), 0, Long.MAX_VALUE / 4);
        interact(() ->
                job().work().apply(new Edit.AnswerWriting(List.of(new BurnedIn(clip, stamp, Optional.of(false))))));
        until(() -> !survey().writing().isEmpty());
        handOver();
        assertThat(isAsked()).as("a homeowner knows who lives there").isFalse();
        clickOn("#recipient-district");
        until(this::isAsked);
        clickOn("#show-writing");
        until(() -> !survey().writing().getFirst().isCovered());
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> survey().writing().getFirst().isCovered());
    }

    @Test
    void aNameThatIsSpokenIsLookedAtOnceMoreBeforeItGoesOut() throws TimeoutException {
        marked("roots heavy at 20 ft");
        String key = "finding:" + survey().findings().getFirst().finding().id();
        interact(() -> job().work()
                .apply(new Edit.ChangeShot(
                        "homeowner", key, ShotChange.NONE.saying("As Mrs Ferris told us, it backs up.", ""))));
        handOver();
        until(() -> lookup("#last-look .look-fine").tryQuery().isPresent());
        assertThat(lookup(".strong").queryAllAs(javafx.scene.control.Label.class))
                .anyMatch(l -> l.getText().startsWith("\u201cFerris\u201d is said in "));
        clickOn("#last-look .look-fine");
        until(() -> lookup("#last-look").tryQuery().filter(Node::isVisible).isEmpty());
        assertThat(job().work().now().job().story().looked().get("homeowner")).hasSize(1);
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> lookup("#last-look .look-fine").tryQuery().isPresent());
    }

    @Test
    void aWordThatMayBeANameIsLeftOutAtAPress() throws TimeoutException {
        marked("boundary at 10 ft");
        marked("roots heavy at 20 ft by Ferris's shed");
        handOver();
        clickOn("#recipient-district");
        until(this::isAsked);
        clickOn("#leave-out-name");
        until(() -> !isAsked());
        assertThat(survey().facts().more().all()).hasSize(1);
    }
}

package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.detail.Detail;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingKind;
import java.util.List;
import java.util.concurrent.TimeoutException;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** What is done a hundred times a day takes one key, and what is done seldom is found by its words. */
class ByHandTest extends OpenWindow {
    private List<Finding> findings() {
        return job().work().now().job().findings();
    }

    private String note() {
        return lookup("#note").queryAs(TextField.class).getText();
    }

    @Test
    void theCommonestKindsOfTheJobBeginANote() throws TimeoutException {
        push(KeyCode.DIGIT1);
        until(() -> note().equals("roots "));
        push(KeyCode.ESCAPE);
        marked("grease all round");
        push(KeyCode.DIGIT1);
        until(() -> note().equals("grease "));
        push(KeyCode.ENTER);
        until(() -> findings().size() == 2);
        assertThat(findings().getLast().kind()).isEqualTo(FindingKind.GREASE);
    }

    @Test
    void theSameAgainASecondLookAndACopy() throws TimeoutException {
        marked("roots top heavy");
        interact(() ->
                lookup("#findings").queryAs(ListView.class).getSelectionModel().select(0));
        push(KeyCode.RIGHT);
        until(() -> !job().player()
                .shown()
                .orElseThrow()
                .ref()
                .equals(findings().getFirst().frame()));
        push(KeyCode.A);
        until(() -> findings().size() == 2);
        assertThat(findings().getLast().phrase())
                .isEqualTo(findings().getFirst().phrase());
        assertThat(findings().getLast().frame())
                .isNotEqualTo(findings().getFirst().frame());
        push(KeyCode.Q);
        until(() -> findings().getLast().traits().details().has(Detail.LOOK_AGAIN));
        until(() -> told(".gauge").contains("1 open"));
        push(KeyCode.Q);
        until(() -> !findings().getLast().traits().details().has(Detail.LOOK_AGAIN));
        push(KeyCode.CONTROL, KeyCode.C);
        until(() -> notice().contains("can be pasted"));
        String carried = WaitForAsyncUtils.waitForAsyncFx(
                60_000, () -> Clipboard.getSystemClipboard().getString());
        assertThat(carried).startsWith("Roots, at the top, heavy: ");
        // Of a clip of which something is to be hidden no picture is carried.
        hideOn(findings().getLast().frame().clip());
        push(KeyCode.CONTROL, KeyCode.C);
        until(() -> notice().endsWith("without a picture."));
    }

    @Test
    void anActIsFoundByWhatOneWantsAndDone() throws TimeoutException {
        push(KeyCode.F2);
        until(() -> lookup("#act-words").tryQuery().isPresent());
        write("brighten");
        push(KeyCode.ENTER);
        until(() -> lookup("#act-search").tryQuery().isEmpty());
        until(() -> lookup("#see-better-bar").query().isVisible());
        clickOn("#find-acts");
        until(() -> lookup("#act-words").tryQuery().isPresent());
        write("cut");
        push(KeyCode.DOWN);
        push(KeyCode.UP);
        push(KeyCode.ESCAPE);
        until(() -> lookup("#act-search").tryQuery().isEmpty());
        push(KeyCode.F2);
        until(() -> lookup("#act-words").tryQuery().isPresent());
        write("judge");
        push(KeyCode.ENTER);
        until(() -> lookup("#act-search").tryQuery().isEmpty()
                && lookup("#well").tryQuery().isEmpty());
    }

    @Test
    void jointsAreLookedForWhenSomebodyAsks() throws TimeoutException {
        push(KeyCode.SHIFT, KeyCode.A);
        until(() -> notice().startsWith("Choose a finding with a place"));
        marked("roots top heavy");
        interact(() ->
                lookup("#findings").queryAs(ListView.class).getSelectionModel().select(0));
        push(KeyCode.SHIFT, KeyCode.A);
        until(() -> notice().contains("joints are not looked for yet"));
        push(KeyCode.R);
        until(() -> notice().contains("No joints were found."));
        assertThat(findings()).hasSize(1);
    }

    @Test
    void whatWasTypedBeforeComesAgainByItsFirstLetters() throws TimeoutException {
        marked("roots top heavy, wet");
        push(KeyCode.N);
        write("ro");
        until(() -> lookup("#again").tryQuery().isPresent());
        push(KeyCode.DOWN);
        until(() -> note().equals("roots top heavy, wet"));
        push(KeyCode.ENTER);
        until(() -> findings().size() == 2);
        assertThat(findings().getLast().wording()).isEqualTo("roots top heavy, wet");
    }
}

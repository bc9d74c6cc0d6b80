package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.finding.Weight;
import hitch.core.run.Direction;
import java.io.File;
import java.util.concurrent.TimeoutException;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.text.TextFlow;
import org.junit.jupiter.api.Test;

/** The benches beside Mark, worked as a reviewer works them. */
class BenchesTest extends OpenWindow {
    @Test
    void aHouseRuleChangesTheWeightOfAFinding() throws TimeoutException {
        marked("roots 30%");
        assertThat(survey().findings().getFirst().weight()).isEqualTo(Weight.TEND);
        clickOn("#open-firm");
        keep((TextField) named("Roots are a repair from"), "25 %");
        until(() -> survey().findings().getFirst().weight() == Weight.MEND);
        keep((TextField) named("Roots are a repair from"), "several");
        until(() -> lookup("#notice").queryAs(Label.class).getText().contains("is a number of %"));
        assertThat(survey().rules().weighing().rootShareToMend()).isEqualTo(25);
    }

    @Test
    void adviceLeadsToTheFindingItRestsOn() throws TimeoutException {
        TextField line = lookup("#note").queryAs(TextField.class);
        interact(() -> {
            line.requestFocus();
            line.setText("hole bottom at 12 ft");
        });
        push(KeyCode.SHIFT, KeyCode.ENTER);
        until(() -> survey().findings().size() == 1);
        clickOn("#bench-judge");
        clickOn(named("Go to F1 hole 12.0 ft toward the main"));
        until(() -> lookup("#bench-mark")
                .queryAs(javafx.scene.control.ToggleButton.class)
                .isSelected());
    }

    @Test
    void aRunCanBeTurned() throws TimeoutException {
        clickOn("#bench-load");
        clickOn("#change-" + survey().runs().getFirst().id().value());
        @SuppressWarnings("unchecked")
        ComboBox<Direction> direction = (ComboBox<Direction>) named("Direction");
        interact(() -> direction.setValue(Direction.AGAINST_FLOW));
        until(() -> survey().runs().getFirst().direction() == Direction.AGAINST_FLOW);
        assertThat(survey().seen().orElseThrow().from().mm()).isNegative();
        clickOn("#undo");
        until(() -> survey().runs().getFirst().direction() == Direction.WITH_FLOW);
    }

    @Test
    void aClipTakenOffItsRunHasNoStation() throws TimeoutException {
        clickOn("#bench-load");
        @SuppressWarnings("unchecked")
        ComboBox<String> run = (ComboBox<String>) named("Where down.mp4 belongs");
        interact(() -> run.setValue("on no run"));
        until(() -> survey().seen().isEmpty());
        clickOn("#bench-mark");
        until(() -> lookup("#station").queryAs(Label.class).getText().equals("on no run"));
    }

    @Test
    void aNewRunIsAddedAndNamed() throws TimeoutException {
        clickOn("#bench-load");
        clickOn("Run toward the building");
        until(() -> survey().runs().size() == 2);
        assertThat(survey().runs().getLast().name()).isEqualTo("building run");
    }

    @Test
    void leavingOutAClipIsUndone() throws TimeoutException {
        clickOn("#bench-load");
        @SuppressWarnings("unchecked")
        ComboBox<String> place = (ComboBox<String>) named("Where down.mp4 belongs");
        interact(() -> place.setValue("left out"));
        until(() -> survey().clips().isEmpty());
        clickOn("#undo");
        until(() -> survey().clips().size() == 1);
        assertThat(new File(folder.resolve("job/down.mp4").toString())).exists();
    }

    @Test
    void theScriptFollowsTheRecipient() throws TimeoutException {
        marked("roots top heavy at 12 ft");
        clickOn("#bench-cut");
        until(() -> says("your sewer line"));
        clickOn("Buyer");
        until(() -> says("before closing"));
    }

    private boolean says(String words) {
        return lookup((Node n) -> n instanceof TextFlow t
                        && t.getAccessibleText() != null
                        && t.getAccessibleText().contains(words))
                .tryQuery()
                .isPresent();
    }

    @Test
    void aDistrictWithoutAPartIsToldSo() throws TimeoutException {
        marked("roots at 12 ft");
        handOver();
        clickOn("#recipient-district");
        until(() ->
                checks().contains("There is nothing for the district yet: no finding lies in its part of the line."));
        assertThat(lookup("#hand-over").query().isDisabled()).isTrue();
        clickOn("Mark the boundary or the main connection");
        until(() -> lookup("#bench-mark").queryAs(ToggleButton.class).isSelected());
    }

    @Test
    void theLineBenchAddsUpThePipe() {
        clickOn("#bench-line");
        assertThat(lookup((Node n) -> n instanceof Label l && l.getText().equals("4 in clay"))
                        .tryQuery())
                .isPresent();
        assertThat(lookup((Node n) -> n instanceof Label l && l.getText().equals("39.8 ft"))
                        .tryQuery())
                .isPresent();
    }
}

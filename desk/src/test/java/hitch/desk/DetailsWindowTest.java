package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.detail.Arrival;
import hitch.core.detail.Detail;
import hitch.core.detail.Details;
import hitch.core.detail.Step;
import hitch.core.finding.Certainty;
import hitch.core.finding.Finding;
import hitch.core.survey.told.Fixtures;
import hitch.core.survey.told.Fixtures.Fixture;
import java.util.concurrent.TimeoutException;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** All that is said of a finding, and of the visit, put right in place. */
class DetailsWindowTest extends OpenWindow {
    private Finding first() {
        return job().work().now().job().findings().getFirst();
    }

    private Details said() {
        return first().traits().details();
    }

    private void chosen(String note) throws TimeoutException {
        marked(note);
        interact(() ->
                lookup("#findings").queryAs(ListView.class).getSelectionModel().select(0));
        type(KeyCode.I);
        until(() -> lookup("#finding-sheet").query().isVisible());
    }

    private void typed(String field, String text) {
        interact(() -> {
            TextField box = lookup("#detail-" + field).queryAs(TextField.class);
            box.requestFocus();
            box.setText(text);
            box.getOnAction().handle(null);
        });
    }

    @Test
    void whatANoteSaidStandsInFieldsAndIsPutRightThere() throws TimeoutException {
        chosen("offset up 3/4 at 12.5 catching paper");
        assertThat(said().get(Detail.STEP)).contains(Step.UP);
        assertThat(lookup("#detail-holds").queryAs(TextField.class).getText()).isEqualTo("paper");
        typed("holds", "wipes");
        until(() -> said().get(Detail.HOLDS).filter("wipes"::equals).isPresent());
        choose("Step", "down");
        until(() -> said().get(Detail.STEP).filter(s -> s == Step.DOWN).isPresent());
        choose("How sure", Certainty.LIKELY);
        until(() -> first().certainty() == Certainty.LIKELY);
        interact(() -> job().work().undo());
        until(() -> first().certainty() == Certainty.SEEN);
        assertThat(first().phrase()).isEqualTo("Offset, 3/4 in, stepping down as the water runs, holding back wipes");
    }

    @Test
    void aCauseIsChosenAmongTheOtherFindings() throws TimeoutException {
        marked("roots top at 12");
        chosen("offset 3/4 in at 20");
        interact(() -> lookup("#say-caused_by").queryButton().fire());
        choose("Caused by which", "F2");
        until(() -> said().text(Detail.CAUSED_BY).equals("F2"));
    }

    @Test
    void whatNobodySaidTakesNoRoomUntilItIsAskedFor() throws TimeoutException {
        chosen("roots top at 20");
        assertThat(lookup("#detail-count").tryQuery()).isEmpty();
        clickOn("#say-count");
        typed("count", "9 of 24");
        until(() -> said().text(Detail.COUNT).equals("9 of 24"));
        typed("count", "many of them");
        until(() -> notice().contains("How many cannot be \"many of them\""));
        assertThat(said().text(Detail.COUNT)).isEqualTo("9 of 24");
        typed("count", "");
        until(() -> !said().has(Detail.COUNT));
        assertThat(lookup("#detail-count").tryQuery()).isEmpty();
    }

    @Test
    void whatIsKnownOfTheVisitIsKeptAndTakenBack() throws TimeoutException {
        push(KeyCode.CONTROL, KeyCode.DIGIT1);
        until(() -> lookup("#say-built").tryQuery().isPresent());
        interact(() -> lookup("#say-built").queryButton().fire());
        typed("built", "1958");
        until(() ->
                survey().facts().more().get(Detail.BUILT).filter(y -> y == 1958).isPresent());
        typed("built", "soon");
        until(() -> notice().contains("Year built"));
        assertThat(survey().facts().more().get(Detail.BUILT)).contains(1958);
        interact(() -> job().work().undo());
        until(() -> survey().facts().more().isNone());
    }

    private Fixture fixture(String room) {
        return Fixtures.of(survey().findings()).all().stream()
                .filter(f -> f.room().equals(room))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aRoomIsAddedItsWaterToldAndItStandsOnTheLinesPage() throws TimeoutException {
        push(KeyCode.CONTROL, KeyCode.DIGIT1);
        until(() -> lookup("#new-fixture").tryQuery().isPresent());
        keep(lookup("#new-fixture").queryAs(TextField.class), "hall bath");
        until(() -> Fixtures.of(survey().findings()).all().size() == 1);
        assertThat(fixture("hall bath").arrived()).isEqualTo(Arrival.UNTESTED);
        keep((TextField) named("How hall bath was run"), "4 min");
        until(() -> fixture("hall bath").ran().equals("4 min"));
        choose("Water of hall bath", Arrival.SEEN);
        until(() -> fixture("hall bath").arrived() == Arrival.SEEN);
        keep((TextField) named("Delay of hall bath"), "a while");
        until(() -> notice().contains("It was left as it was"));
        assertThat(fixture("hall bath").delay()).isEmpty();
        keep((TextField) named("Delay of hall bath"), "40 s");
        until(() -> fixture("hall bath").delay().equals("40 s"));
        assertThat(fixture("hall bath").findings()).hasSize(1);

        push(KeyCode.CONTROL, KeyCode.DIGIT3);
        until(() -> lookup("#line-told").tryQuery().isPresent());
        interact(() -> lookup("#line-told").queryAs(ToggleButton.class).fire());
        until(() -> shows("hall bath") && shows("its water was seen to come after 40 s"));
    }

    @Test
    void theLinesPageSaysWhatIsMissingWhereNothingWasTold() throws TimeoutException {
        push(KeyCode.CONTROL, KeyCode.DIGIT3);
        until(() -> lookup("#line-told").tryQuery().isPresent());
        interact(() -> lookup("#line-told").queryAs(ToggleButton.class).fire());
        until(() -> lookup((Label l) -> l.getText().startsWith("Nothing was told yet"))
                .tryQuery()
                .isPresent());
        marked("driveway 2-6");
        until(() -> shows("driveway"));
        interact(() -> job().work().undo());
        until(() -> !shows("driveway"));
    }

    private boolean shows(String words) {
        return lookup("#line-page")
                .lookup((Label l) -> l.getText().equals(words))
                .tryQuery()
                .isPresent();
    }
}

package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.decide.Answer;
import hitch.core.decide.Choice;
import hitch.core.decide.When;
import hitch.core.decide.Who;
import hitch.core.finding.FindingId;
import hitch.core.finding.Weight;
import hitch.core.judge.ask.Ask;
import hitch.core.measure.Extent;
import java.util.concurrent.TimeoutException;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;

/** What it comes to, decided as a reviewer decides it. */
class JudgeWindowTest extends OpenWindow {
    private Ask first() {
        return job().work().now().judged().asks().getFirst();
    }

    private void judged(String... notes) throws TimeoutException {
        for (String note : notes) {
            marked(note);
        }
        clickOn("#bench-judge");
    }

    private boolean shows(String words) {
        return lookup((Node n) -> n instanceof Label l && l.getText().contains(words))
                .tryQuery()
                .isPresent();
    }

    @Test
    void anAskIsAcceptedDeclinedAndGivenBack() throws TimeoutException {
        judged("roots at 12 ft");
        clickOn("#ask-accept");
        until(() -> first().standing() == Choice.Standing.ACCEPTED);
        interact(() -> lookup("#decline-why").queryAs(TextField.class).setText("done last week"));
        clickOn("#ask-decline");
        until(() -> first().isDeclined()
                || job().work().now().judged().asks().getLast().isDeclined());
        assertThat(job().work().now().judged().standing())
                .noneMatch(a -> a.text().contains("roots"));
        clickOn("#ask-proposed");
        until(() ->
                job().work().now().judged().asks().stream().allMatch(a -> a.standing() == Choice.Standing.PROPOSED));
        clickOn("#undo");
        until(() -> job().work().now().judged().asks().getLast().why().equals("done last week"));
    }

    @Test
    void anotherWayAnotherTimeAndOtherWordsAreTaken() throws TimeoutException {
        judged("offset 3/4 in at 12 ft");
        assertThat(first().remedy().orElseThrow().work().key()).isEqualTo("reline");
        interact(() -> ((javafx.scene.control.RadioButton) named("Take this way: Dig and mend that place")).fire());
        until(() -> first().remedy().orElseThrow().work().key().equals("spot repair"));
        choose("How soon", When.NOW);
        until(() -> first().when() == When.NOW);
        choose("Who is asked", Who.CITY);
        until(() -> first().who() == Who.CITY);
        keep(lookup("#ask-due").queryAs(TextField.class), "2027-02-30");
        until(() -> notice().contains("is no date"));
        keep(lookup("#ask-due").queryAs(TextField.class), "2027-02-28");
        until(() -> first().due().toString().contains("2027-02-28"));
        write("#ask-words", "Mend it from the yard.");
        until(() -> first().text().equals("Mend it from the yard."));
        assertThat(first().standing()).isEqualTo(Choice.Standing.CHANGED);
    }

    private void write(String id, String text) {
        TextArea area = lookup(id).queryAs(TextArea.class);
        interact(area::requestFocus);
        interact(() -> area.setText(text));
        interact(() -> job().getScene().getRoot().requestFocus());
    }

    @Test
    void theStretchIsDrawnOnTheStrip() throws TimeoutException {
        judged("hole at 12 ft");
        Extent before = first().remedy().orElseThrow().extent().orElseThrow();
        Node strip = lookup("#ask-strip").query();
        double width = strip.getBoundsInLocal().getWidth();
        double whole = survey().line().main().orElseThrow().whole().length().mm();
        double from = survey().line().main().orElseThrow().whole().from().mm();
        double x = 10 + (before.to().mm() - from) / whole * (width - 20);
        moveTo(strip.localToScreen(x, 30));
        drag(strip.localToScreen(x, 30), MouseButton.PRIMARY).dropTo(strip.localToScreen(x + 80, 30));
        until(() -> first().remedy().orElseThrow().extent().orElseThrow().to().compareTo(before.to()) > 0);
        assertThat(first().remedy().orElseThrow().extent().orElseThrow().from()).isEqualTo(before.from());
    }

    @Test
    void mattersAreNamedJoinedAndSplit() throws TimeoutException {
        judged("roots at 12 ft", "roots at 20 ft", "crack at 25 ft");
        keep((TextField) named("What the matter is called"), "The oak's roots");
        until(() -> first().title().equals("The oak's roots"));
        clickOn(named("Make a matter of its own of F2"));
        until(() -> first().findings().size() == 1);
        choose(
                "Join it with",
                job().work().now().judged().matters().stream()
                        .filter(m -> m.ids().contains(new FindingId("F3")))
                        .findFirst()
                        .orElseThrow());
        until(() -> first().findings().contains(new FindingId("F3")));
        interact(() -> lookup("#matter-back")
                .queryAs(javafx.scene.control.Button.class)
                .fire());
        until(() -> first().findings().size() == 1 || first().title().equals("Two places with roots"));
    }

    @Test
    void theVerdictIsPutInOnesOwnWords() throws TimeoutException {
        judged("roots at 12 ft");
        write("#verdict-words", "It works, and wants its roots cut.");
        until(() -> job().work().now().judged().verdict().own().isPresent());
        marked("hole at 20 ft");
        until(() -> job().work().now().judged().verdict().overtaken());
        until(() -> shows("what was found has changed since"));
        clickOn("#verdict-as-proposed");
        until(() -> job().work().now().judged().verdict().own().isEmpty());
    }

    @Test
    void questionsAreSettledOrHandedOn() throws TimeoutException {
        judged("might be a hole at 12 ft");
        push(KeyCode.Q);
        until(() -> lookup("#questions").tryQuery().isPresent());
        int open = job().work().now().judged().open().size();
        String second = job().work().now().judged().open().stream()
                .filter(q -> q.id().startsWith("second look"))
                .findFirst()
                .orElseThrow()
                .text();
        clickOn(named("Hand it on as unknown: " + second));
        until(() -> job().work().now().judged().open().size() == open - 1);
        assertThat(job().work().now().judged().questions())
                .anyMatch(q ->
                        q.answer().kind() == Answer.Kind.UNKNOWN && q.text().equals(second));
    }

    @Test
    void keysLeadThroughTheAsksAndOneOfOnesOwnIsWritten() throws TimeoutException {
        judged("roots at 12 ft", "grease at 20 ft");
        push(KeyCode.N);
        push(KeyCode.Y);
        until(() -> job().work().now().judged().asks().get(1).standing() == Choice.Standing.ACCEPTED);
        TextField own = lookup("#own-ask").queryAs(TextField.class);
        keep(own, "Ask the neighbour where his line runs.");
        until(() -> job().work().now().judged().asks().stream().anyMatch(a -> a.standing() == Choice.Standing.OWN));
        clickOn("#judge-years");
        until(() -> shows("No plan is laid for a line that was not judged"));
        clickOn("#judge-visits");
        until(() -> shows("No earlier visit is laid beside this one"));
    }

    @Test
    void aRuleIsFoundAndTellsWhatItWouldChange() throws TimeoutException {
        judged("roots at 12 ft");
        clickOn("#rules-and-prices");
        TextField search = lookup("#rule-search").queryAs(TextField.class);
        interact(() -> search.setText("clean again roots in"));
        TextField field = lookup("#rule-care-between-cleanings").queryAs(TextField.class);
        interact(() -> {
            field.requestFocus();
            field.setText("9 months");
        });
        until(() -> shows("It would change: Roots"));
        interact(() -> field.getOnAction().handle(null));
        until(() -> survey().rules().care().monthsBetweenCleanings() == 9);
        TextField again = lookup("#rule-care-between-cleanings").queryAs(TextField.class);
        interact(() -> again.setText("often"));
        until(() -> shows("is a number of months"));
        interact(() -> search.setText("no such thing"));
        until(() -> shows("No rule speaks of"));
    }

    @Test
    void pricesArePutIn() throws TimeoutException {
        judged("roots at 12 ft");
        assertThat(first().remedy().orElseThrow().cost().money()).isEmpty();
        clickOn("#rules-and-prices");
        TextArea prices = lookup("#prices-table").queryAs(TextArea.class);
        interact(() -> {
            prices.requestFocus();
            prices.setText(
                    "method,per,size in,depth ft,cover,low,high\ncurrency,,,,,$,\njetting,each,,,,300,400\ncutting,each,,,,200,300\n");
        });
        interact(() -> lookup("#rule-search").query().requestFocus());
        until(() -> first().remedy().orElseThrow().cost().words().isPresent());
        interact(prices::requestFocus);
        interact(() -> prices.setText("cutting,often\n"));
        interact(() -> lookup("#rule-search").query().requestFocus());
        until(() -> notice().contains("The prices were left as they were"));
        assertThat(first().weight()).isEqualTo(Weight.TEND);
    }
}

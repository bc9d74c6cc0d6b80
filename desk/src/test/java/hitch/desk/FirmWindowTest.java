package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.disclosure.Recipient;
import hitch.core.rules.HouseRules;
import hitch.media.voice.Speaker;
import hitch.store.FirmFolder;
import hitch.store.FirmVoices;
import java.nio.file.Path;
import java.util.concurrent.TimeoutException;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import org.junit.jupiter.api.Test;

/** The firm's rules and its own kinds of recipients, which outlast a job. */
class FirmWindowTest extends OpenWindow {
    private static final HouseRules FIRM =
            HouseRules.DEFAULT.with(HouseRules.DEFAULT.care().every(6));

    @Override
    protected Path create(Path job) throws Exception {
        new FirmFolder(folder.resolve("data")).keep(FIRM);
        return super.create(job);
    }

    @Test
    void rulesThatDifferAreToldAndBroughtTogether() throws Exception {
        clickOn("#open-firm");
        until(() -> lookup("#firm-rules .label").queryAll().stream()
                .anyMatch(n -> n.toString().contains("between cleanings: 12 months here, 6 months in the firm's")));
        clickOn("#make-firm-rules");
        until(() -> job().work().firm().rulesProperty().get().equals(survey().rules()));
        assertThat(new FirmFolder(folder.resolve("data")).rules()).isEqualTo(survey().rules());
        assertThat(lookup("#firm-rules").query().isVisible()).isFalse();
        interact(() -> job().work().changes().changeRules(r -> r.care().every(24)));
        until(() -> lookup("#firm-rules").query().isVisible());
        clickOn("#take-firm-rules");
        until(() -> survey().rules().care().monthsBetweenCleanings() == 12);
    }

    @Test
    void aNewJobBeginsWithTheFirmsRules() throws TimeoutException {
        clickOn("Jobs");
        clickOn("New job");
        until(() -> window.job().isPresent());
        assertThat(survey().rules()).isEqualTo(FIRM);
    }

    @Test
    void aKindOfRecipientIsAddedAndRemoved() throws Exception {
        handOver();
        clickOn("#recipient-more");
        interact(() -> lookup("#recipient-title").queryAs(TextField.class).setText("Tree surgeon"));
        clickOn("#recipient-add");
        parcelsAreTold();
        clickOn("#recipient-tree-surgeon");
        Recipient added = new FirmFolder(folder.resolve("data")).recipients().getLast();
        assertThat(added.title()).isEqualTo("Tree surgeon");
        assertThat(added.isPublic()).as("the least, where nothing was chosen").isTrue();
        assertThat(added.people()).isFalse();
        clickOn("#recipient-more");
        interact(() -> lookup("#recipient-title").queryAs(TextField.class).setText("Buyer"));
        clickOn("#recipient-add");
        until(() -> notice().contains("There is a recipient called Buyer already"));
        assertThat(lookup("#recipient-buyer").queryAs(ToggleButton.class).isSelected())
                .as("a refused kind is not chosen either")
                .isFalse();
        assertThat(lookup("#recipient-tree-surgeon").queryAs(ToggleButton.class).isSelected())
                .isTrue();
        parcelsAreTold();
        clickOn(named("Remove the recipient Tree surgeon"));
        until(() -> job().work().firm().recipients().equals(Recipient.STANDARD));
    }

    /** A firm's own sentence is said in its scripts; one that asks for what is not told is refused, and the last stands. */
    @Test
    void aFirmsOwnSentencesAreSaid() throws Exception {
        clickOn("#open-firm");
        phrases("[greeting/owner]\nGood day from all of us at {property}.");
        until(() -> job().work().firm().phrasesProperty().get().lines().containsKey("greeting/owner"));
        phrases("[greeting/owner]\nGood day, {name}.");
        until(() -> lookup((Node n) -> n instanceof Label l && l.getText().contains("and not {name}"))
                .tryQuery()
                .isPresent());
        assertThat(job().work().firm().wish().phrases().of("greeting", "owner"))
                .containsExactly("Good day from all of us at {property}.");
    }

    /** The voice is chosen for everybody and for one recipient, and names are listed; what cannot be is told and not kept. */
    @Test
    void whoSpeaksIsChosenForEverybodyAndForOne() throws Exception {
        clickOn("#open-firm");
        choose("Who speaks", Speaker.CLEAR);
        until(() -> voices().usual().speaker() == Speaker.CLEAR);
        choose("To whom this voice speaks", "district");
        choose("Who speaks", Speaker.DEEP);
        until(() -> voices().speaking(Recipient.DISTRICT).speaker() == Speaker.DEEP);
        assertThat(voices().speaking(Recipient.BUYER).speaker()).isEqualTo(Speaker.CLEAR);
        put("#said-as", "Marrowby = Marra bee");
        until(() -> voices().said().of("Marrowby").equals("Marra bee"));
        put("#said-as", "Marrowby");
        until(() -> lookup((Node n) -> n instanceof Label l && l.getText().contains("The names were left"))
                .tryQuery()
                .isPresent());
        assertThat(new FirmFolder(folder.resolve("data")).voices()).isEqualTo(voices());
    }

    /** What ships is put into the field to be changed, once. */
    @Test
    void aShippedHeadingIsWhereOnesOwnSentencesBegin() {
        clickOn("#open-firm");
        choose("A heading whose shipped sentences are put into the field, to be changed", "greeting/owner");
        TextArea field = lookup("#own-phrases").queryAs(TextArea.class);
        assertThat(field.getText()).startsWith("[greeting/owner]").contains("{property}");
        String once = field.getText();
        choose("A heading whose shipped sentences are put into the field, to be changed", "greeting/owner");
        assertThat(field.getText()).isEqualTo(once);
    }

    private FirmVoices voices() {
        return job().work().firm().voicesProperty().get();
    }

    private void put(String area, String text) {
        interact(() -> {
            TextArea field = lookup(area).queryAs(TextArea.class);
            field.requestFocus();
            field.setText(text);
            lookup("#own-words").query().requestFocus();
        });
    }

    private void phrases(String text) {
        put("#own-phrases", text);
    }
}

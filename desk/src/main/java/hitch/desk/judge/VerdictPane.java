package hitch.desk.judge;

import hitch.core.decide.Decision;
import hitch.core.judge.Judgement;
import hitch.core.judge.verdict.Verdict;
import hitch.desk.Context;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import hitch.desk.widget.Typing;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What it comes to, in the firm's school, to be put in one's own words in place; with what was not seen and what would change it. */
final class VerdictPane extends VBox {
    private static final double WORDS = 820;
    private static final int SHOWN = 2;

    private final Context desk;
    private final Node tools;

    /**
     * @param tools what stands at the right of it
     */
    VerdictPane(Context desk, Node tools) {
        super(8);
        this.desk = desk;
        this.tools = tools;
        setId("verdict");
        getStyleClass().add("page-top");
        desk.work().snapshotProperty().addListener((o, was, is) -> Typing.orOnceLeft(this, this::fill));
        fill();
    }

    private void fill() {
        Judgement judged = desk.work().now().judged();
        Verdict verdict = judged.verdict();
        TextArea words = Fields.paragraph("What it comes to", verdict.words(), WORDS, this::keep);
        words.setId("verdict-words");
        words.getStyleClass().addAll("script-words", "verdict-words");
        Label lead = Labels.of("What it comes to, as " + verdict.school().word(), "soft");
        HBox above = new HBox(12, lead);
        above.setAlignment(Pos.CENTER_LEFT);
        if (verdict.own().isPresent()) {
            above.getChildren()
                    .add(Labels.of(
                            verdict.overtaken() ? "Your words; what was found has changed since" : "Your words",
                            verdict.overtaken() ? "against" : "soft"));
            Button back = Labels.button("As proposed", "", "Take the verdict as it is proposed", () -> keep(""));
            back.setId("verdict-as-proposed");
            back.getStyleClass().add("quiet");
            above.getChildren().add(back);
        }
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox top = new HBox(16, new VBox(2, above, words), gap, tools);
        top.setAlignment(Pos.TOP_LEFT);
        HBox because = new HBox(
                32,
                column("Because", verdict.reasons()),
                column("Not seen", verdict.notSeen()),
                column("Would change it", verdict.wouldChange()));
        getChildren().setAll(top, because);
    }

    /** The first few, and the rest when pointed at. */
    private static Node column(String title, List<String> sentences) {
        VBox column = new VBox(2, Labels.of(title, "field-label"));
        sentences.stream().limit(SHOWN).forEach(s -> column.getChildren().add(Labels.mayBeCut(Labels.of(s, "small"))));
        if (sentences.isEmpty()) {
            column.getChildren().add(Labels.of("nothing", "soft", "small"));
        }
        if (sentences.size() > SHOWN) {
            Label more = Labels.of("and " + (sentences.size() - SHOWN) + " more", "soft", "small");
            Tooltip all = new Tooltip(String.join("\n", sentences));
            all.setWrapText(true);
            all.setMaxWidth(560);
            more.setTooltip(all);
            column.getChildren().add(more);
        }
        column.setMinWidth(0);
        column.setPrefWidth(380);
        HBox.setHgrow(column, Priority.ALWAYS);
        return column;
    }

    private void keep(String typed) {
        Verdict verdict = desk.work().now().judged().verdict();
        boolean own = !typed.isBlank() && !typed.equals(verdict.statement());
        desk.work().changes().decide(new Decision.Worded(own ? typed : "", own ? verdict.fingerprint() : ""));
    }
}

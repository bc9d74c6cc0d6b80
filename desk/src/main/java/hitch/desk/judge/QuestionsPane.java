package hitch.desk.judge;

import hitch.core.decide.Answer;
import hitch.core.decide.Decision;
import hitch.core.finding.LocatedFinding;
import hitch.core.judge.question.Question;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import hitch.desk.widget.Labels;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** What is still open, each with where to look, to be settled or handed on as unknown. */
final class QuestionsPane extends VBox {
    private final Context desk;

    QuestionsPane(Context desk) {
        super(8);
        this.desk = desk;
        setId("questions");
        getStyleClass().add("page");
        fill();
    }

    void fill() {
        List<Question> all = desk.work().now().judged().questions();
        long open = all.stream().filter(Question::isOpen).count();
        getChildren().setAll(Labels.heading(open == 0 ? "Nothing is open" : open + " still open"));
        all.stream().filter(Question::isOpen).forEach(q -> getChildren().add(row(q)));
        all.stream().filter(q -> !q.isOpen()).forEach(q -> getChildren().add(row(q)));
    }

    private Node row(Question q) {
        HBox acts = new HBox(6);
        look(q).ifPresent(go -> acts.getChildren().add(Labels.button("Look", "", "Show the footage: " + q.text(), go)));
        if (q.isOpen()) {
            acts.getChildren()
                    .addAll(
                            answer(q, "Settled", Answer.Kind.SETTLED, "It is settled: " + q.text()),
                            answer(q, "Unknown", Answer.Kind.UNKNOWN, "Hand it on as unknown: " + q.text()));
        } else {
            acts.getChildren()
                    .addAll(
                            Labels.of(q.answer().kind().word(), "soft"),
                            answer(q, "Open again", Answer.Kind.OPEN, "Open it again: " + q.text()));
        }
        acts.setAlignment(Pos.CENTER_LEFT);
        VBox row = new VBox(6, Labels.of(q.kind().word(), "soft", "small"), Words.wrapped(q.text()), acts);
        row.getStyleClass().add("list-row");
        row.setOpacity(q.isOpen() ? 1 : 0.65);
        return row;
    }

    private Button answer(Question q, String word, Answer.Kind kind, String accessible) {
        return Labels.button(
                word,
                "",
                accessible,
                () -> desk.work().changes().decide(new Decision.OnQuestion(q.id(), new Answer(kind, ""))));
    }

    /** Where the footage shows it: the finding, or else the best picture of the place. */
    private Optional<Runnable> look(Question q) {
        Survey survey = desk.work().now().survey();
        Optional<LocatedFinding> found = q.finding().flatMap(survey::finding);
        if (found.isPresent()) {
            return Optional.of(() -> desk.goTo(found.get()));
        }
        if (q.heard().isPresent()) {
            return Optional.of(() -> desk.open(q.heard().get()));
        }
        return q.at().flatMap(at -> survey.bestAt(q.branch(), at)).map(frame -> () -> desk.open(frame));
    }
}

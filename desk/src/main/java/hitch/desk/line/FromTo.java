package hitch.desk.line;

import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.measure.StationText;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import hitch.desk.widget.Labels;
import hitch.desk.widget.Typing;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;

/** Two distances to type, read from where the job's distances are read from. */
final class FromTo extends HBox {
    private static final double NUMBER = 72;

    private final Context desk;
    private final TextField from;
    private final TextField to;

    /**
     * @param name what lies between them
     * @param done what to do on Enter
     */
    FromTo(Context desk, String name, Runnable done) {
        super(8);
        this.desk = desk;
        this.from = number(name + " from", done);
        this.to = number(name + " to", done);
        setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(from, Labels.of("to", "soft"), to);
    }

    private static TextField number(String name, Runnable done) {
        TextField field = new TextField();
        field.setPrefWidth(NUMBER);
        field.setMinWidth(NUMBER);
        field.setAccessibleText(name);
        field.setOnAction(e -> done.run());
        Typing.kept(field);
        return field;
    }

    /** The stretch between the two, in whichever order; empty where one is no distance, which is told. */
    Optional<Extent> read() {
        Optional<Station> low = read(from);
        Optional<Station> high = low.isEmpty() ? Optional.empty() : read(to);
        if (high.isPresent()) {
            Typing.kept(from);
            Typing.kept(to);
        }
        return high.map(h -> Extent.between(low.orElseThrow(), h));
    }

    private Optional<Station> read(TextField field) {
        Survey survey = desk.work().now().survey();
        Optional<Station> read = StationText.read(
                        field.getText(), survey.facts().unit(), Station.DATUM)
                .map(survey.line().stationing()::meant);
        if (read.isEmpty()) {
            String typed = field.getText().strip();
            desk.work()
                    .notices()
                    .say(
                            typed.isEmpty()
                                    ? field.getAccessibleText() + ": type a distance first."
                                    : "\"" + typed + "\" is not a distance; nothing was changed.");
            field.requestFocus();
        }
        return read;
    }

    /** What was typed, in words. */
    String words() {
        return from.getText().strip() + " to " + to.getText().strip() + " "
                + desk.work().now().survey().facts().unit().sign();
    }
}

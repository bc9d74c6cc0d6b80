package hitch.desk.line;

import hitch.core.job.Edit;
import hitch.core.judge.Survey;
import hitch.core.line.Cover;
import hitch.core.line.Extent;
import hitch.core.line.Material;
import hitch.core.line.PipeSize;
import hitch.core.line.SpanGiven;
import hitch.core.line.Station;
import hitch.core.pipe.Way;
import hitch.desk.Context;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Says by hand what a stretch of pipe is that no change of pipe was marked for. */
final class StretchForm extends VBox {
    private static final double NUMBER = 72;

    private final Context desk;
    private final ComboBox<Way> way;
    private final TextField from = number("Stretch from");
    private final TextField to = number("Stretch to");
    private final ComboBox<Optional<Material>> material;
    private final ComboBox<Integer> size;

    /**
     * @param ways at least one
     * @param sizes to choose from; 0 leaves what was reckoned
     */
    StretchForm(Context desk, List<Way> ways, List<Optional<Material>> materials, List<Integer> sizes) {
        super(6);
        this.desk = desk;
        this.way = Fields.choice("Pipe of the stretch", ways, ways.getFirst(), Way::words, w -> {});
        this.material = Fields.choice(
                "Material of the stretch",
                materials,
                Optional.empty(),
                m -> m.map(Material::word).orElse("as it is"),
                m -> {});
        this.size = Fields.choice("Size of the stretch", sizes, 0, i -> i == 0 ? "as it is" : i + " in", i -> {});
        Button put = Labels.button("Put", "", "Put this stretch of pipe in", this::put);
        from.setOnAction(e -> put());
        to.setOnAction(e -> put());
        HBox row = new HBox(8, from, Labels.of("to", "soft"), to, size, material, put);
        if (ways.size() > 1) {
            row.getChildren().addFirst(way);
        }
        row.setAlignment(Pos.CENTER_LEFT);
        for (Node field : row.getChildren()) {
            ((Region) field).setMinWidth(USE_PREF_SIZE);
        }
        getChildren().addAll(Labels.of("A stretch that is another pipe, in " + unit(), "soft"), row);
    }

    private String unit() {
        return desk.work().now().survey().facts().unit().sign();
    }

    private static TextField number(String name) {
        TextField field = new TextField();
        field.setPrefWidth(NUMBER);
        field.setAccessibleText(name);
        return field;
    }

    private void put() {
        Optional<Station> low = read(from);
        Optional<Station> high = read(to);
        if (low.isEmpty() || high.isEmpty()) {
            return;
        }
        Way pipe = way.getValue();
        Extent asked = Extent.between(low.get(), high.get());
        Optional<Extent> inside =
                Cover.of(asked).within(pipe.whole()).parts().stream().findFirst();
        if (inside.isEmpty()) {
            say("No pipe of " + pipe.words() + " lies between " + from.getText() + " and " + to.getText() + " " + unit()
                    + "; nothing was changed.");
            return;
        }
        Optional<PipeSize> bore = size.getValue() == 0 ? Optional.empty() : Optional.of(new PipeSize(size.getValue()));
        if (bore.isEmpty() && material.getValue().isEmpty()) {
            say("Choose what the stretch is made of, its size, or both.");
            return;
        }
        SpanGiven given = new SpanGiven(pipe.name(), inside.get(), material.getValue(), bore, false, Set.of());
        desk.work().apply(new Edit.DescribeLine(desk.work().now().job().line().withSpan(given)));
    }

    private Optional<Station> read(TextField field) {
        Survey survey = desk.work().now().survey();
        Optional<Station> read = survey.facts()
                .unit()
                .readSigned(field.getText())
                .map(d -> survey.line().stationing().meant(new Station(d.mm())));
        if (read.isEmpty()) {
            say(
                    field.getText().isBlank()
                            ? field.getAccessibleText() + ": type a distance first."
                            : "\"" + field.getText() + "\" is not a distance; nothing was changed.");
            field.requestFocus();
        }
        return read;
    }

    private void say(String words) {
        desk.work().notices().say(words);
    }
}

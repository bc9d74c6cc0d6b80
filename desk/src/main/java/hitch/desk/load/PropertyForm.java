package hitch.desk.load;

import hitch.core.job.Edit;
import hitch.core.job.PropertyFacts;
import hitch.core.measure.LengthUnit;
import hitch.desk.Context;
import hitch.desk.widget.Labels;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;

/** What is known of the visit; kept as soon as a field is left. */
final class PropertyForm extends VBox {
    private final Context desk;
    private final TextField property = field("property", "Property");
    private final TextField town = field("town", "Town");
    private final TextField client = field("client", "Client");
    private final TextField date = field("date", "Recorded on, as year-month-day");
    private final TextField reviewer = field("reviewer", "Reviewer");
    private final TextField firm = field("firm", "Firm");
    private final TextArea examined = area("examined", "Examined", 3);
    private final TextArea notExamined = area("not-examined", "Not examined, a line each", 4);
    private final MoreFacts more;
    private final ComboBox<LengthUnit> unit = new ComboBox<>();
    private final CheckBox internal = new CheckBox("For internal use only: nothing is handed over");
    private boolean filling;
    private PropertyFacts shown = PropertyFacts.BLANK;

    PropertyForm(Context desk) {
        this.desk = desk;
        this.more = new MoreFacts(desk);
        setSpacing(6);
        getStyleClass().add("page");
        unit.getItems().setAll(LengthUnit.values());
        unit.setConverter(new StringConverter<>() {
            @Override
            public String toString(LengthUnit value) {
                return value == null
                        ? ""
                        : switch (value) {
                            case FEET -> "feet and tenths, 12.4 ft";
                            case FEET_INCHES -> "feet and inches, 12 ft 5 in";
                            case METRES -> "metres, 3.78 m";
                        };
            }

            @Override
            public LengthUnit fromString(String text) {
                return null;
            }
        });
        unit.setAccessibleText("Unit of distances");
        unit.setMaxWidth(Double.MAX_VALUE);
        unit.setOnAction(e -> keep());
        internal.setWrapText(true);
        internal.setOnAction(e -> keep());
        getChildren().add(Labels.heading("Property"));
        row("Address or name", property);
        row("Town", town);
        row("Client", client);
        row("Recorded on", date);
        row("Reviewer", reviewer);
        row("Firm", firm);
        row("Distances in", unit);
        row("Examined", examined);
        row("Not examined", notExamined);
        getChildren().addAll(more, internal);
        VBox.setMargin(internal, new javafx.geometry.Insets(8, 0, 0, 0));
        desk.work().snapshotProperty().addListener((o, was, is) -> fill());
        fill();
    }

    private void row(String label, javafx.scene.Node field) {
        Label name = Labels.of(label, "field-label");
        name.setLabelFor(field);
        getChildren().addAll(name, field);
    }

    private TextField field(String id, String accessible) {
        TextField made = new TextField();
        made.setOnAction(e -> keep());
        return dress(made, id, accessible);
    }

    private TextArea area(String id, String accessible, int rows) {
        TextArea made = new TextArea();
        made.setPrefRowCount(rows);
        made.setWrapText(true);
        return dress(made, id, accessible);
    }

    private <T extends TextInputControl> T dress(T control, String id, String accessible) {
        control.setId(id);
        control.setAccessibleText(accessible);
        control.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                keep();
            }
        });
        return control;
    }

    private void fill() {
        filling = true;
        PropertyFacts facts = desk.work().now().survey().facts();
        shown = facts;
        set(property, facts.property());
        set(town, facts.town());
        set(client, facts.client());
        set(date, facts.inspectedOn());
        set(reviewer, facts.reviewer());
        set(firm, facts.firm());
        set(examined, facts.examined());
        set(notExamined, String.join("\n", facts.notExamined()));
        unit.setValue(facts.unit());
        internal.setSelected(facts.internalOnly());
        filling = false;
    }

    private static void set(TextInputControl control, String text) {
        if (!control.isFocused() && !control.getText().equals(text)) {
            control.setText(text);
        }
    }

    private void keep() {
        if (filling) {
            return;
        }
        List<String> missing = Arrays.stream(notExamined.getText().split("\\R"))
                .map(String::strip)
                .filter(s -> !s.isEmpty())
                .toList();
        PropertyFacts typed = new PropertyFacts(
                property.getText().strip(),
                town.getText().strip(),
                client.getText().strip(),
                date.getText().strip(),
                reviewer.getText().strip(),
                firm.getText().strip(),
                unit.getValue(),
                examined.getText().strip(),
                missing,
                internal.isSelected(),
                shown.more());
        if (!typed.equals(shown)) {
            PropertyFacts was = shown;
            shown = typed;
            // Only what was changed here is changed; what an edit on its way changed meanwhile stays.
            desk.work()
                    .edit(job -> Optional.of(typed.changedFrom(was, job.facts()))
                            .filter(f -> !f.equals(job.facts()))
                            .map(Edit.DescribeProperty::new));
        }
    }
}

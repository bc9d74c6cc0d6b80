package hitch.desk.widget;

import hitch.core.detail.Detail;
import hitch.core.detail.Details;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Details as fields, each put right in place. What nobody said takes no room: it waits as a word to be pressed. */
public final class DetailFields extends VBox {
    private static final String NOT_SAID = "not said";
    /** Of every field, whatever it is. */
    public static final double HEIGHT = 32;

    private final double width;
    private final Consumer<Details.Change> put;
    private final Consumer<String> tell;
    private final FlowPane fields = new FlowPane(16, 8);
    private final FlowPane more = new FlowPane(6, 6);
    private final Label heading;
    /** What is asked for by hand and not said yet. */
    private final Set<Detail<?>> opened = new HashSet<>();

    /** Values to choose among where the detail itself has none. */
    private Map<Detail<?>, Map<String, String>> choosing = Map.of();

    private List<? extends Detail<?>> offered = List.of();
    private Details shown = Details.NONE;
    private List<Node> before = List.of();

    /**
     * @param width of a field
     * @param heading over the words of what can be said
     * @param put takes each change
     * @param tell takes what is wrong with a text
     */
    public DetailFields(double width, String heading, Consumer<Details.Change> put, Consumer<String> tell) {
        this.width = width;
        this.heading = Labels.of(heading, "field-label");
        this.put = put;
        this.tell = tell;
        setSpacing(10);
        getChildren().addAll(fields, this.heading, more);
    }

    /** Forgets which fields were opened by hand. */
    public void closeOpened() {
        opened.clear();
    }

    /** Gives a detail of free words values to choose among, each with the words it is shown in. */
    public void choosing(Detail<?> detail, Map<String, String> values) {
        choosing = Map.of(detail, values);
    }

    /** Shows details; {@code first} stand before them. */
    public void show(List<? extends Detail<?>> offered, Details shown, Node... first) {
        this.offered = List.copyOf(offered);
        this.shown = shown;
        this.before = List.of(first);
        fill();
    }

    private void fill() {
        List<Node> said = new ArrayList<>(before);
        List<Node> unsaid = new ArrayList<>();
        for (Detail<?> detail : offered) {
            if (shown.has(detail) || opened.contains(detail)) {
                said.add(field(detail));
            } else {
                unsaid.add(word(detail));
            }
        }
        fields.getChildren().setAll(said);
        more.getChildren().setAll(unsaid);
        show(fields, !said.isEmpty());
        show(heading, !unsaid.isEmpty());
        show(more, !unsaid.isEmpty());
    }

    private static void show(Node node, boolean visible) {
        node.setVisible(visible);
        node.setManaged(visible);
    }

    private Node field(Detail<?> detail) {
        String text = shown.text(detail);
        Region control;
        Map<String, String> given = choosing.getOrDefault(detail, Map.of());
        if (detail.choices().isEmpty() && given.isEmpty()) {
            var typed = Fields.text(detail.title(), text, width, value -> put(detail, value));
            typed.setPromptText(detail.example());
            control = typed;
        } else {
            List<String> choices = new ArrayList<>(List.of(NOT_SAID));
            choices.addAll(given.isEmpty() ? detail.choices() : given.keySet());
            if (!text.isEmpty() && !choices.contains(text)) {
                choices.add(text);
            }
            var box = Fields.choice(
                    detail.title(),
                    choices,
                    text.isEmpty() ? NOT_SAID : text,
                    value -> given.getOrDefault(value, value),
                    value -> put(detail, value.equals(NOT_SAID) ? "" : value));
            box.setPrefWidth(width);
            control = box;
        }
        control.setMinHeight(HEIGHT);
        control.setMaxHeight(HEIGHT);
        control.setId("detail-" + detail.key());
        return Fields.named(detail.title(), control);
    }

    private Button word(Detail<?> detail) {
        Button button = new Button(detail.title());
        button.getStyleClass().setAll("chip", "chip-offer");
        button.setId("say-" + detail.key());
        button.setAccessibleText(heading.getText() + ": " + detail.title());
        button.setOnAction(e -> {
            opened.add(detail);
            fill();
            Node field = lookup("#detail-" + detail.key());
            if (field != null) {
                field.requestFocus();
            }
        });
        return button;
    }

    private void put(Detail<?> detail, String text) {
        if (!text.isBlank() && detail.read(text).isEmpty()) {
            tell.accept(Details.wrong(detail, text) + ". It was left as it was.");
            fill();
            return;
        }
        if (text.isBlank()) {
            opened.remove(detail);
        }
        put.accept(new Details.Change(detail, text));
    }
}

package hitch.desk.mark;

import hitch.core.finding.FindingKind;
import hitch.core.note.Chip;
import hitch.core.note.Note;
import hitch.core.note.NoteReader;
import hitch.core.pipe.Material;
import hitch.desk.widget.Labels;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;

/**
 * What was understood of a note, as chips under it. A click on one offers other words for its place in the note; what was
 * not understood stands as a chip of its own.
 */
final class NoteChips extends FlowPane {
    /** Takes words for a part of the note. */
    @FunctionalInterface
    interface Replacing {
        void put(int start, int end, String words);
    }

    private static final String HINT = "roots top heavy  ·  standing water 26-31  ·  clay to pvc";
    private static final double WIDTH = 412;
    private static final int MOST = 13;

    private final Replacing replacing;
    private String completion = "";
    private int completing;
    private Optional<String> again = Optional.empty();

    NoteChips(Replacing replacing) {
        super(6, 6);
        this.replacing = replacing;
        setId("chips");
        setPrefWrapLength(WIDTH);
        setMaxWidth(WIDTH);
    }

    /** @param before words that were noted before and begin so */
    void show(String text, Note note, NoteReader reader, Optional<String> before) {
        getChildren().clear();
        completion = "";
        again = Optional.empty();
        if (text.isBlank()) {
            Label hint = Labels.of(HINT, "soft");
            hint.setMaxWidth(WIDTH);
            hint.setWrapText(true);
            hint.setMinHeight(USE_PREF_SIZE);
            getChildren().add(hint);
            return;
        }
        note.chips().forEach(c -> getChildren().add(chip(c)));
        if (!note.remark().isEmpty()) {
            Label rest = Labels.of("“" + note.remark() + "”", "chip", "chip-remark");
            rest.setMaxWidth(WIDTH);
            getChildren().add(rest);
        }
        if (note.drafts().size() > 1) {
            getChildren().add(Labels.of(note.drafts().size() + " findings", "soft"));
        }
        offer(text, reader);
        again = before;
        before.ifPresent(words -> {
            Button button = new Button(words + "  ↓");
            button.getStyleClass().setAll("chip", "chip-offer");
            button.setId("again");
            button.setMaxWidth(WIDTH);
            button.setFocusTraversable(false);
            button.setAccessibleText("Say again: " + words + ", Down");
            button.setOnAction(e -> replacing.put(0, text.length(), words));
            getChildren().add(button);
        });
    }

    /** Puts what was noted before into the field; false where nothing begins so. */
    boolean sayAgain(TextField field) {
        again.ifPresent(words -> {
            field.setText(words);
            field.end();
        });
        return again.isPresent();
    }

    /** Puts the offered completion into the field; false where none is offered. */
    boolean complete(TextField field) {
        if (completion.isEmpty()) {
            return false;
        }
        field.setText(field.getText().substring(0, completing) + completion + " ");
        field.end();
        return true;
    }

    /** Offers to finish the last word. */
    private void offer(String text, NoteReader reader) {
        int space = text.lastIndexOf(' ') + 1;
        String start = text.substring(space).toLowerCase(Locale.ROOT);
        if (start.length() < 2 || !start.chars().allMatch(Character::isLetter)) {
            return;
        }
        List<String> ends = reader.completions(start);
        if (!ends.isEmpty() && !ends.contains(start)) {
            completion = ends.getFirst();
            completing = space;
            Button button = new Button(completion + "  ⇥");
            button.getStyleClass().setAll("chip", "chip-offer");
            button.setFocusTraversable(false);
            button.setAccessibleText("Complete to " + completion + ", Tab");
            button.setOnAction(e -> replacing.put(completing, text.length(), completion + " "));
            getChildren().add(button);
        }
    }

    private Node chip(Chip chip) {
        Button button = new Button(chip.label());
        button.getStyleClass().setAll("chip", "chip-" + chip.sort().name().toLowerCase(Locale.ROOT));
        button.setFocusTraversable(false);
        button.setAccessibleText(chip.label() + ", change");
        button.setOnAction(e -> menu(chip).show(button, javafx.geometry.Side.BOTTOM, 0, 2));
        return button;
    }

    private ContextMenu menu(Chip chip) {
        ContextMenu menu = new ContextMenu();
        for (String words : others(chip)) {
            if (!words.equals(chip.label())) {
                MenuItem item = new MenuItem(words);
                item.setOnAction(e -> replacing.put(chip.start(), chip.end(), words));
                menu.getItems().add(item);
            }
        }
        MenuItem without = new MenuItem("take it out");
        without.setOnAction(e -> replacing.put(chip.start(), chip.end(), ""));
        menu.getItems().add(without);
        return menu;
    }

    /** The kinds it is likeliest mixed up with: those of its own family. More than a screen holds helps nobody. */
    private static List<String> kinds(String label) {
        FindingKind.Family family = Arrays.stream(FindingKind.values())
                .filter(k -> label.endsWith(k.word()))
                .findFirst()
                .map(FindingKind::family)
                .orElse(FindingKind.Family.CONDITION);
        return Arrays.stream(FindingKind.values())
                .filter(k -> k.family() == family && k != FindingKind.REMARK)
                .map(FindingKind::word)
                .limit(MOST)
                .toList();
    }

    private static List<String> others(Chip chip) {
        return switch (chip.sort()) {
            case KIND -> kinds(chip.label());
            case CLOCK ->
                List.of(
                        "top",
                        "1 o'clock",
                        "2 o'clock",
                        "3 o'clock",
                        "4 o'clock",
                        "5 o'clock",
                        "bottom",
                        "7 o'clock",
                        "8 o'clock",
                        "9 o'clock",
                        "10 o'clock",
                        "11 o'clock",
                        "all round");
            case DEGREE -> List.of("light", "medium", "heavy");
            case SHARE -> List.of("10%", "25%", "33%", "50%", "67%", "75%", "90%");
            case SIZE -> List.of("1/4 in", "1/2 in", "3/4 in", "1 in", "1 1/2 in", "2 in");
            case PIPE -> Arrays.stream(Material.values()).map(Material::word).toList();
            case CERTAINTY -> List.of("likely", "possibly", "either", "heard only", "they say");
            case PLACE, DETAIL -> List.of();
        };
    }
}

package hitch.desk.judge;

import hitch.core.finding.FindingKind;
import hitch.core.rules.WordRules;
import hitch.desk.Context;
import hitch.desk.widget.Labels;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.layout.VBox;

/** The firm's own words for what is found, one a line: {@code beaver dam = blockage}. Kept when the field is left. */
final class OwnWords extends VBox {
    private final Context desk;
    private final TextArea field = new TextArea();

    OwnWords(Context desk) {
        this.desk = desk;
        setSpacing(2);
        field.setId("own-words");
        field.setPrefRowCount(3);
        field.setPromptText("beaver dam = blockage");
        field.setAccessibleText("Words of our own, one a line, such as: beaver dam = blockage");
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                keep();
            }
        });
        desk.work().snapshotProperty().addListener((o, was, is) -> {
            if (!field.isFocused()) {
                fill();
            }
        });
        Label about = Labels.of("The note line and the captions are read with them.", "soft");
        about.setWrapText(true);
        getChildren().addAll(Labels.of("Words of our own", "field-label"), field, about);
        fill();
    }

    private Map<String, FindingKind> known() {
        return desk.work().now().survey().rules().words();
    }

    private void fill() {
        field.setText(new TreeMap<>(known())
                .entrySet().stream()
                        .map(e -> e.getKey() + " = " + e.getValue().word())
                        .collect(Collectors.joining("\n")));
    }

    private void keep() {
        Map<String, FindingKind> words = new LinkedHashMap<>();
        for (String line : field.getText().lines().filter(l -> !l.isBlank()).toList()) {
            int equals = line.indexOf('=');
            String own = equals < 0 ? "" : line.substring(0, equals).strip().toLowerCase(Locale.ROOT);
            Optional<FindingKind> kind = kind(line.substring(equals + 1).strip().toLowerCase(Locale.ROOT));
            if (own.isEmpty() || kind.isEmpty()) {
                desk.work()
                        .notices()
                        .say("\"" + line.strip() + "\" names no kind Hitch knows. Write it as: beaver dam = blockage. "
                                + "The words were left as they were.");
                return;
            }
            words.put(own, kind.get());
        }
        if (!words.equals(known())) {
            desk.work().changeRules(r -> new WordRules(words));
        }
    }

    private static Optional<FindingKind> kind(String word) {
        return Arrays.stream(FindingKind.values())
                .filter(k -> k.word().equals(word))
                .findFirst();
    }
}

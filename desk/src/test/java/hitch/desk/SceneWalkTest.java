package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.desk.key.Act;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeoutException;
import javafx.scene.Scene;
import javafx.scene.control.ListView;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** Every bench, at two sizes, light and dark: all of it can be read, and has a name. */
class SceneWalkTest extends OpenWindow {
    private static final List<Act> BENCHES =
            List.of(Act.BENCH_1, Act.BENCH_2, Act.BENCH_3, Act.BENCH_4, Act.BENCH_5, Act.BENCH_6);
    private static final double[][] SIZES = {{1280, 800}, {1920, 1080}};

    @Test
    void everyBenchCanBeReadAndIsNamed() throws TimeoutException {
        for (String words : List.of("roots top heavy, a third of the bore", "offset 3/4 in", "main connection")) {
            marked(words);
        }
        List<String> faults = new ArrayList<>();
        walk(false, 1, faults);
        walk(true, 1, faults);
        // Large text has the same colours.
        walk(false, 1.5, faults);
        assertThat(faults).isEmpty();
    }

    private void walk(boolean dark, double text, List<String> faults) {
        Scene scene = job().getScene();
        ToggleButton theme = (ToggleButton) named("Dark theme for the truck");
        interact(() -> {
            theme.setSelected(dark);
            window.theme().textProperty().set(text);
        });
        for (Act bench : BENCHES) {
            KeyCode digit = ((KeyCodeCombination) bench.keys().getFirst()).getCode();
            press(KeyCode.CONTROL, digit).release(digit, KeyCode.CONTROL);
            WaitForAsyncUtils.waitForFxEvents();
            for (double[] size : SIZES) {
                String where = bench.words() + (dark ? ", dark, " : ", light, ") + (int) size[0] + ", text " + text;
                interact(() -> SceneWalk.faults(scene, size[0], size[1]).forEach(f -> faults.add(where + ": " + f)));
            }
        }
    }

    @Test
    void theSheetOfKeysIsOpenedAndPutAway() {
        type(KeyCode.F1);
        assertThat(lookup("#key-sheet").tryQuery()).isPresent();
        List<String> faults = new ArrayList<>();
        interact(() -> faults.addAll(SceneWalk.faults(job().getScene(), 1280, 800)));
        assertThat(faults).isEmpty();
        type(KeyCode.ESCAPE);
        assertThat(lookup("#key-sheet").tryQuery()).isEmpty();
    }

    @Test
    void theHistoryIsShownAndSavedAndLeavesAFileThatIsThere() throws Exception {
        marked("roots top heavy");
        press(KeyCode.CONTROL, KeyCode.H).release(KeyCode.H, KeyCode.CONTROL);
        ListView<?> list = lookup("#history").queryListView();
        until(() -> !list.getItems().isEmpty());
        assertThat(list.getItems().getFirst().toString()).contains("add roots");
        HistorySheet sheet = lookup("#history-sheet").query();
        Path file = folder.resolve("history.txt");
        interact(() -> sheet.save(file));
        until(() -> notice().contains("was written"));
        assertThat(Files.readAllLines(file).getLast()).contains("add roots");
        interact(() -> sheet.save(file));
        until(() -> notice().contains("left alone"));
        type(KeyCode.ESCAPE);
        assertThat(lookup("#history-sheet").tryQuery()).isEmpty();
    }
}

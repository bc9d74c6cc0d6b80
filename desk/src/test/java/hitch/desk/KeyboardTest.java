package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.desk.key.Act;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeoutException;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.SnapshotParameters;
import javafx.scene.TraversalDirection;
import javafx.scene.control.Control;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import org.junit.jupiter.api.Test;

/** The keyboard gets to every control of every bench, comes round again, and is seen where it is. */
class KeyboardTest extends OpenWindow {
    private static final int STEPS = 400;

    @Test
    void everyControlIsReachedAndSeen() throws TimeoutException {
        marked("roots top heavy, a third of the bore");
        List<String> faults = new ArrayList<>();
        for (Act bench : List.of(Act.BENCH_1, Act.BENCH_2, Act.BENCH_3, Act.BENCH_4, Act.BENCH_5, Act.BENCH_6)) {
            push(KeyCode.CONTROL, ((KeyCodeCombination) bench.keys().getFirst()).getCode());
            interact(() -> walk(bench.words(), faults));
        }
        assertThat(faults).isEmpty();
    }

    private void walk(String bench, List<String> faults) {
        Set<Node> wanted = new LinkedHashSet<>();
        collect(job(), wanted);
        Set<Node> reached = new HashSet<>();
        Node first = wanted.iterator().next();
        first.requestFocus();
        for (int i = 0; i < STEPS; i++) {
            Node here = job().getScene().getFocusOwner();
            if (reached.add(here) && wanted.contains(here) && !isSeen(here)) {
                faults.add(bench + ": nothing shows that the hand is on " + about(here));
            }
            here.requestFocusTraversal(TraversalDirection.NEXT);
            if (job().getScene().getFocusOwner() == first) {
                break;
            }
        }
        // Within a group the arrow keys go on.
        wanted.removeIf(n -> n instanceof ToggleButton t
                && t.getToggleGroup() != null
                && t.getToggleGroup().getToggles().stream().anyMatch(reached::contains));
        wanted.stream()
                .filter(n -> !reached.contains(n))
                .forEach(n -> faults.add(bench + ": never reached " + about(n)));
    }

    private static void collect(Node node, Set<Node> into) {
        if (!node.isVisible() || node.isDisabled()) {
            return;
        }
        if (node instanceof Control && node.isFocusTraversable()) {
            into.add(node);
        }
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> collect(child, into));
        }
    }

    /** Whether it looks another way with the hand on it than without. */
    private boolean isSeen(Node node) {
        WritableImage on = look(node);
        job().requestFocus();
        WritableImage off = look(node);
        node.requestFocus();
        PixelReader a = on.getPixelReader();
        PixelReader b = off.getPixelReader();
        if (on.getHeight() != off.getHeight() || on.getWidth() != off.getWidth()) {
            return true;
        }
        for (int y = 0; y < on.getHeight(); y++) {
            for (int x = 0; x < on.getWidth(); x++) {
                if (a.getArgb(x, y) != b.getArgb(x, y)) {
                    return true;
                }
            }
        }
        return false;
    }

    private static WritableImage look(Node node) {
        Parent around = node.getParent();
        around.applyCss();
        around.layout();
        Bounds here = node.getBoundsInParent();
        SnapshotParameters parameters = new SnapshotParameters();
        parameters.setViewport(new javafx.geometry.Rectangle2D(
                Math.floor(here.getMinX()) - 3,
                Math.floor(here.getMinY()) - 3,
                Math.ceil(Math.min(here.getWidth(), 600)) + 6,
                Math.ceil(Math.min(here.getHeight(), 200)) + 6));
        return around.snapshot(parameters, null);
    }

    private static String about(Node node) {
        return node.getClass().getSimpleName() + " " + node.getId() + " " + node.getAccessibleText();
    }

    @Test
    void textIsMadeLargerAndUsualAgain() {
        push(KeyCode.CONTROL, KeyCode.EQUALS);
        assertThat(window.theme().textProperty().get()).isEqualTo(1.125);
        for (int i = 0; i < 9; i++) {
            push(KeyCode.CONTROL, KeyCode.EQUALS);
        }
        assertThat(window.theme().textProperty().get()).isEqualTo(1.5);
        for (int i = 0; i < 9; i++) {
            push(KeyCode.CONTROL, KeyCode.MINUS);
        }
        assertThat(window.theme().textProperty().get()).isEqualTo(1);
    }
}

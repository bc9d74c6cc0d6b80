package hitch.desk;

import hitch.desk.task.Task;
import hitch.desk.task.Tasks;
import hitch.desk.widget.Labels;
import java.util.List;
import javafx.animation.PauseTransition;
import javafx.collections.ListChangeListener;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.util.Duration;

/** The long work that is under way, at the foot of the window: what it is, how far, how long still, and a stop for each. */
final class TaskStrip extends HBox {
    /** So many are shown side by side; the rest is counted. */
    private static final int SHOWN = 2;

    /** What is over sooner than this is not shown at all, so that the window does not jump. */
    private static final Duration PATIENCE = Duration.millis(600);

    private final Tasks tasks;
    private final PauseTransition patience = new PauseTransition(PATIENCE);

    TaskStrip(Tasks tasks) {
        this.tasks = tasks;
        setId("tasks");
        setSpacing(24);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("tasks");
        setVisible(false);
        managedProperty().bind(visibleProperty());
        patience.setOnFinished(e -> fill());
        tasks.open().addListener((ListChangeListener<Task>) c -> changed());
        changed();
    }

    private void changed() {
        if (tasks.open().isEmpty() || isVisible()) {
            patience.stop();
            fill();
        } else if (patience.getStatus() != javafx.animation.Animation.Status.RUNNING) {
            patience.playFromStart();
        }
    }

    private void fill() {
        List<Task> open = tasks.open();
        getChildren().setAll(open.stream().limit(SHOWN).map(this::row).toList());
        if (open.size() > SHOWN) {
            getChildren().add(Labels.of("and " + (open.size() - SHOWN) + " more", "soft"));
        }
        setVisible(!open.isEmpty());
    }

    private Node row(Task task) {
        Label name = Labels.of(task.name(), "strong");
        ProgressBar bar = new ProgressBar(0);
        bar.setPrefWidth(120);
        bar.progressProperty().bind(task.shareProperty());
        bar.setAccessibleText(task.name() + ": how far");
        Label left = Labels.of("", "measure", "soft");
        left.textProperty().bind(task.leftProperty());
        Button stop = Labels.button("Stop", "", "Stop: " + task.name(), () -> tasks.stop(task));
        stop.getStyleClass().add("quiet");
        stop.setFocusTraversable(false);
        HBox row = new HBox(12, name, bar, left, stop);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }
}

package hitch.desk;

import hitch.desk.task.Task;
import hitch.desk.widget.Labels;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Asks what shall become of the long work that is under way when its job is left. */
final class LeaveSheet extends VBox {
    /** What can be answered. */
    interface Answers {
        void stay();

        void finishInTheBackground();

        void stopAndLeave();
    }

    private final Button stay;

    LeaveSheet(List<Task> under, Answers answers) {
        setId("leave-sheet");
        setSpacing(16);
        getStyleClass().addAll("page", "bench");
        getChildren().add(Labels.of("This is still under way", "strong", "large"));
        for (Task task : under) {
            getChildren().add(Labels.of(task.name()));
        }
        stay = Labels.button("Stay", "Esc", "Stay with this job", answers::stay);
        stay.getStyleClass().add("main-action");
        Button finish = Labels.button(
                "Leave, and finish it", "", "Leave; it is finished in the background", answers::finishInTheBackground);
        finish.setId("leave-finish");
        Button stop = Labels.button("Stop it and leave", "", "Stop it and leave", answers::stopAndLeave);
        stop.setId("leave-stop");
        getChildren()
                .addAll(
                        Labels.of(
                                "What is stopped leaves nothing half done; what was there before stays as it was.",
                                "soft"),
                        new HBox(12, stay, finish, stop));
    }

    void take() {
        stay.requestFocus();
    }
}

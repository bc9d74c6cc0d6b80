package hitch.desk;

import hitch.desk.task.Task;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.collections.ListChangeListener;
import javafx.stage.Stage;

/** Leaves jobs: at once where nothing is under way, else as the person wishes; what is finished in the background is kept here. */
final class Leaving {
    private final List<Workspace> finishing = new ArrayList<>();
    private Optional<Stage> exiting = Optional.empty();

    /**
     * Leaves a job and goes on; neither where the person rather stays.
     *
     * @param job may be null: there is nothing to leave
     */
    void leave(JobView job, Runnable then) {
        if (job == null) {
            then.run();
            return;
        }
        List<Task> missed = job.work().tasks().missed();
        if (missed.isEmpty()) {
            job.close();
            then.run();
            return;
        }
        job.ask(missed, new LeaveSheet.Answers() {
            @Override
            public void stay() {
                job.closeSheet();
            }

            @Override
            public void finishInTheBackground() {
                job.leave();
                finish(job.work());
                then.run();
            }

            @Override
            public void stopAndLeave() {
                job.close();
                then.run();
            }
        });
    }

    private void finish(Workspace work) {
        finishing.add(work);
        work.tasks().open().addListener((ListChangeListener<Task>) c -> {
            if (work.tasks().missed().isEmpty() && finishing.remove(work)) {
                // What the last task gave may still have to be put into the record.
                Platform.runLater(work::close);
                exiting.ifPresent(this::exit);
            }
        });
    }

    /** The workspace of a job that is being finished in the background, to go on with it. */
    Optional<Workspace> takeBack(Path folder) {
        Optional<Workspace> its = finishing.stream()
                .filter(w -> w.folder().folder().toAbsolutePath().equals(folder.toAbsolutePath()))
                .findFirst();
        its.ifPresent(finishing::remove);
        return its;
    }

    /** Closes the window, and ends the program once nothing is left to be finished. */
    void exit(Stage stage) {
        exiting = Optional.of(stage);
        if (finishing.isEmpty()) {
            // After the closing of a job that has just been finished.
            Platform.runLater(() -> {
                if (stage.isShowing()) {
                    stage.hide();
                } else {
                    Platform.exit();
                }
            });
        } else {
            Platform.setImplicitExit(false);
            stage.hide();
        }
    }
}

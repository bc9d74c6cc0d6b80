package hitch.app;

import hitch.core.talk.like.Likeness;
import hitch.desk.HitchWindow;
import hitch.store.DataFolder;
import hitch.store.RecentJobs;
import java.nio.file.Path;
import java.util.Optional;
import javafx.application.Application;
import javafx.stage.Stage;

/** Starts the window on a real display. */
public final class WindowApp extends Application {
    private static Path wanted;

    /**
     * Opens the window and returns when it is closed.
     *
     * @param job the job to open; null for the last one
     */
    static void open(Path job) {
        wanted = job;
        Application.launch(WindowApp.class);
    }

    @Override
    public void start(Stage stage) {
        Path data = DataFolder.path();
        Optional<Path> last = new RecentJobs(data).list().stream().findFirst();
        new HitchWindow(stage, data, Voice.senses())
                .show(Optional.ofNullable(wanted).or(() -> last));
        // What takes a second or two to learn is there before the first commentary is read.
        Thread.ofPlatform().daemon().name("likeness").start(Likeness::known);
    }
}

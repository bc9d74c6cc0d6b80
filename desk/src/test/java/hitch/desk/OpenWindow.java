package hitch.desk;

import hitch.core.judge.Survey;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.scene.control.Label;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.util.WaitForAsyncUtils;

/** The real window with a small job open, its first frame on show. */
abstract class OpenWindow extends ApplicationTest {
    protected Path folder;
    protected HitchWindow window;

    @Override
    public void start(Stage stage) throws Exception {
        folder = Files.createTempDirectory("hitch-window");
        window = new HitchWindow(stage, folder.resolve("data"));
        window.show(Optional.of(create(folder.resolve("job"))));
    }

    /** The job to open. */
    protected Path create(Path job) throws Exception {
        return SmallJob.create(job);
    }

    @BeforeEach
    void waitForTheFirstFrame() throws TimeoutException {
        until(() -> window.job().isPresent() && job().player().shown().isPresent());
    }

    @AfterEach
    void clean() throws IOException {
        interact(() -> window.job().ifPresent(JobView::close));
        try (var all = Files.walk(folder)) {
            all.sorted(java.util.Comparator.reverseOrder())
                    .forEach(p -> p.toFile().delete());
        }
    }

    protected static void until(Callable<Boolean> condition) throws TimeoutException {
        WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, condition);
        WaitForAsyncUtils.waitForFxEvents();
    }

    protected JobView job() {
        return window.job().orElseThrow();
    }

    protected Survey survey() {
        return job().work().now().survey();
    }

    /** What the window last said. */
    protected String notice() {
        return job().work().notices().textProperty().get();
    }

    protected String text(String id) {
        return lookup(id).queryAs(Label.class).getText();
    }
}

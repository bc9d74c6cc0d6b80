package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.media.Progress;
import hitch.media.clip.Fingerprint;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

class StartScreenTest extends QuickHand {
    private Path data;
    private HitchWindow window;

    @Override
    public void start(Stage stage) throws Exception {
        data = Files.createTempDirectory("hitch-start");
        window = new HitchWindow(stage, data, Senses.of(OpenWindow.STAND_IN));
        window.show(Optional.empty());
    }

    @AfterEach
    void clean() throws IOException {
        interact(() -> window.job().ifPresent(JobView::close));
        try (var all = Files.walk(data)) {
            all.sorted(java.util.Comparator.reverseOrder())
                    .forEach(p -> p.toFile().delete());
        }
    }

    private void untilJob() throws TimeoutException {
        WaitForAsyncUtils.waitFor(90, TimeUnit.SECONDS, () -> window.job().isPresent());
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void theDemoOpensAWholeJobAndIsRememberedAsRecent() throws TimeoutException {
        clickOn("#demo");
        untilJob();
        assertThat(window.job().orElseThrow().work().now().survey().findings()).hasSize(24);
        clickOn("Jobs");
        assertThat(window.job()).isEmpty();
        clickOn("teasel-lane-1");
        untilJob();
        assertThat(window.job().orElseThrow().work().now().survey().facts().property())
                .isEqualTo("7 Teasel Lane");
    }

    @Test
    void aParcelAndAJobCanBeDroppedOnTheFirstScreen() throws Exception {
        Path parcel = Files.createDirectories(data.resolve("parcel"));
        Path mail = Files.writeString(parcel.resolve("mail.txt"), "what it comes to");
        Files.writeString(
                parcel.resolve("manifest.json"),
                "{\"for\":\"homeowner\",\"products\":[{\"file\":\"mail.txt\",\"sha256\":\""
                        + Fingerprint.of(mail, Progress.NONE) + "\"}]}");
        Node screen =
                lookup("#demo").query().getScene().getRoot().lookup(".start").getParent();
        interact(() -> Dropped.on(screen, mail));
        WaitForAsyncUtils.waitFor(
                60,
                TimeUnit.SECONDS,
                () -> lookup("All 1 files are as they were handed over. It is not signed.")
                        .tryQuery()
                        .isPresent());
        Path job = SmallJob.create(data.resolve("job"));
        interact(() -> Dropped.on(screen, job));
        untilJob();
    }

    @Test
    void aNewJobBeginsOnTheLoadBench() throws TimeoutException {
        clickOn("New job");
        untilJob();
        assertThat(lookup("Add clips").tryQuery()).isPresent();
        assertThat(window.job().orElseThrow().work().now().job().clips()).isEmpty();
    }

    @Test
    void aFolderThatIsNoJobIsNamed() throws TimeoutException {
        interact(() -> window.open(data));
        WaitForAsyncUtils.waitFor(
                20,
                TimeUnit.SECONDS,
                () -> lookup("#notice").queryAs(Label.class).getText().contains("is not a job"));
        assertThat(window.job()).isEmpty();
    }
}

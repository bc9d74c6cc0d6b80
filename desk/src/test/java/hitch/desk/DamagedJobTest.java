package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.store.JobFolder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeoutException;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** A job of whose record one line is damaged: it opens, tells so, and is handed over only when that is accepted. */
class DamagedJobTest extends OpenWindow {
    @Override
    protected Path create(Path job) throws Exception {
        SmallJob.create(job);
        Path journal = job.resolve(JobFolder.JOURNAL);
        List<String> lines = new ArrayList<>(Files.readAllLines(journal));
        lines.set(lines.size() - 1, lines.getLast().replace("showing", "shewing"));
        Files.write(journal, lines);
        return job;
    }

    @Test
    void opensAndIsHandedOverOnlyWhenTheDamageIsAccepted() throws TimeoutException {
        assertThat(notice()).contains("Change 6 cannot be read (set rules)").contains("every other change is here");
        assertThat(survey().clips()).hasSize(1);
        marked("roots top heavy");
        handOver();
        Node go = lookup("#hand-over").query();
        assertThat(go.isDisabled()).isTrue();
        assertThat(lookup("#damage").queryLabeled().getText()).contains("The record of this job is damaged");
        CheckBox accepted = lookup("#accept-damage").query();
        interact(accepted::fire);
        until(() -> !go.isDisabled());
        interact(accepted::fire);
        assertThat(go.isDisabled()).isTrue();
        press(KeyCode.CONTROL, KeyCode.H).release(KeyCode.H, KeyCode.CONTROL);
        until(() -> !lookup("#history").queryListView().getItems().isEmpty());
        assertThat(lookup("#history").queryListView().getItems().toString()).contains("damaged: set rules");
    }
}

package hitch.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Words that are no edit yet outlast the program. */
class WordsDraftTest {
    @TempDir
    private Path job;

    @Test
    void whatWasBeingWrittenIsThereAfterwardsAndGoneOnceItIsAnEdit() throws Exception {
        WordsDraft draft = new WordsDraft(job);
        assertThat(draft.left()).isEmpty();
        draft.keep(new WordsDraft.Draft("homeowner", "finding:F1", "A small"));
        WordsDraft.Draft last = new WordsDraft.Draft("homeowner", "finding:F1", "A small step, z\u00e9ly.");
        draft.keep(last);
        assertThat(new WordsDraft(job).left()).contains(last);
        draft.clear();
        assertThat(draft.left()).isEmpty();
        draft.clear();
        Files.writeString(job.resolve("being-written.txt"), "half");
        assertThat(draft.left()).as("half a file is none").isEmpty();
        new WordsDraft(job.resolve("no such folder")).keep(last);
        assertThat(draft.left()).isEmpty();
    }
}

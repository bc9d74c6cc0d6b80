package hitch.store.intake;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.footage.Clip;
import hitch.core.heard.HeardWord;
import hitch.core.job.Edit;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.propose.Proposals;
import hitch.media.Progress;
import hitch.media.ears.Listening;
import hitch.store.Footage;
import hitch.store.IntakeSigns;
import hitch.store.JobFolder;
import hitch.store.intake.ClipSteps.Step;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A clip without a counter and with captions beside it; what was done once is not done again. */
class ClipStepsTest {
    @TempDir
    Path folder;

    private final AtomicInteger heard = new AtomicInteger();

    private final Listening ears = (sound, before, from, kept, progress) -> {
        heard.incrementAndGet();
        return List.of(new HeardWord("Roots.", 0, 1, -0.1));
    };

    @Test
    void captionsBesideAClipGoBeforeWhatIsHeardAndNothingIsDoneTwice() throws Exception {
        Path file = folder.resolve("visit").resolve("yard.mp4");
        Files.createDirectories(file.getParent());
        hitch.media.NumberedFootage.write(file, 50);
        Files.writeString(
                file.resolveSibling("yard.vtt"),
                "WEBVTT\n\n00:00.000 --> 00:01.000\nLocator reads five feet on the lawn.\n\n00:01.000 --> 00:02.000\n"
                        + "Painted it by the curb.\n");
        try (JobFolder job = JobFolder.create(folder.resolve("job"))) {
            Footage footage = new Footage(job.folder());
            Clip clip = footage.takeIn(file, job.job(), Progress.NONE);
            job.apply(new Edit.PutClip(clip));
            ClipSteps steps = new ClipSteps(footage, ears, new TradeNoteReader(), true);
            assertThat(steps.isOpen(clip, job.job())).isTrue();
            // Nothing can be said of a clip that nobody has looked at.
            assertThat(steps.proposals(job.job()).others()).isEmpty();
            for (Step step : Step.values()) {
                for (Edit edit : steps.step(step, clip, job.job(), Progress.NONE)) {
                    job.apply(edit);
                }
            }
            assertThat(job.job().talk()).hasSize(1);
            assertThat(heard).hasValue(0);
            assertThat(footage.shelf().scan(clip)).isPresent();
            assertThat(footage.shelf().signs(clip)).map(IntakeSigns::turned).contains(false);
            assertThat(steps.isOpen(clip, job.job())).isFalse();
            for (Step step : Step.values()) {
                assertThat(steps.step(step, clip, job.job(), Progress.NONE)).isEmpty();
            }
            Proposals found = steps.proposals(job.job());
            assertThat(found.runs()).isEmpty();
            assertThat(found.others().getFirst().why()).isEqualTo(Proposals.Why.ABOVE_GROUND);
        }
        assertThat(Files.readString(file.resolveSibling("yard.vtt"))).startsWith("WEBVTT");
    }
}

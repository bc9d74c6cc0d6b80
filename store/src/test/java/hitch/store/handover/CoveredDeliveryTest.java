package hitch.store.handover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.BurnedIn;
import hitch.core.footage.Clip;
import hitch.core.footage.Patch;
import hitch.core.footage.Writing;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.story.StoryWish;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.media.NumberedFootage;
import hitch.media.Progress;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.FrameReader;
import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import hitch.store.Footage;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.json.JsonMapper;

/** Writing on the pictures of a clip that goes to somebody who may not know the people. */
class CoveredDeliveryTest {
    private static final Narrator VOICE = words -> new Sound(new float[Narrator.RATE / 8], Narrator.RATE);
    /** The right half: its bars are black or white, never slate. */
    private static final Patch HALF = new Patch(5000, 0, 10_000, 10_000);

    @TempDir
    Path folder;

    private Footage footage;
    private Job job;
    private Clip clip;

    @BeforeEach
    void record() throws Exception {
        NumberedJob recorded = NumberedJob.in(folder);
        footage = recorded.footage();
        clip = recorded.clip();
        job = recorded.job();
    }

    private Survey covering() throws Exception {
        Writing writing = new Writing(HALF, 0, Long.MAX_VALUE);
        return Reckoner.survey(
                job.with(new Edit.AnswerWriting(List.of(new BurnedIn(clip.id(), writing, Optional.of(false))))),
                Seen.all(footage, job, Progress.NONE));
    }

    private Path deliver(Survey survey, Recipient recipient) throws Exception {
        Path out = folder.resolve("out-" + recipient.word());
        new Delivery(survey, footage, VOICE, Clock.systemUTC(), List.of())
                .filming(StoryWish.USUAL, Delivered.SMALL)
                .write(recipient, out, Progress.NONE);
        return out;
    }

    private static boolean isCovered(int rgb) {
        int green = rgb >> 8 & 255;
        return green > 40 && green < 110;
    }

    @Test
    void theStillIsCoveredForAnAgentAndTheManifestTells() throws Exception {
        Path agent = deliver(covering(), Recipient.AGENT);
        BufferedImage still = ImageIO.read(agent.resolve("stills/F1-roots.png").toFile());
        assertThat(isCovered(still.getRGB(still.getWidth() - 10, still.getHeight() / 2)))
                .isTrue();
        assertThat(isCovered(still.getRGB(10, still.getHeight() / 2))).isFalse();
        assertThat(JsonMapper.shared()
                        .readTree(Files.readString(agent.resolve("manifest.json")))
                        .get("sources")
                        .get(0)
                        .get("writing_covered")
                        .size())
                .isEqualTo(1);
        BufferedImage whole = ImageIO.read(deliver(covering(), Recipient.HOMEOWNER)
                .resolve("stills/F1-roots.png")
                .toFile());
        assertThat(isCovered(whole.getRGB(whole.getWidth() - 10, whole.getHeight() / 2)))
                .isFalse();
    }

    @Test
    void untouchedPacketsAreNoWayRoundTheCover() throws Exception {
        Survey survey = covering();
        LocatedFinding found = survey.findings().getFirst();
        EvidenceCut cut = new EvidenceCut(Disclosure.of(survey, Recipient.AGENT), footage);
        Path clipOut = cut.write(found, EvidenceCut.Form.UNTOUCHED, 1, 1, folder.resolve("cuts"), Progress.NONE);
        assertThat(clipOut.getFileName().toString()).contains("altered");
        assertThat(Files.readString(folder.resolve(
                        "cuts/" + clipOut.getFileName().toString().replace(".mp4", ".json"))))
                .contains("what is not to be seen on the pictures was covered");
        try (FrameReader reader =
                new FrameReader(clipOut, ClipIndexer.index(clipOut).index())) {
            int[] rgb = reader.frame(3).rgb();
            int right = NumberedFootage.HEIGHT / 2 * NumberedFootage.WIDTH + NumberedFootage.WIDTH - 10;
            assertThat(isCovered(rgb[right])).isTrue();
        }
    }

    @Test
    void nothingGoesBeforeTheClipsWereLookedThrough() throws Exception {
        Survey blind = Reckoner.survey(job);
        assertThatThrownBy(() -> deliver(blind, Recipient.AGENT)).hasMessageContaining("has not been looked through");
        assertThat(folder.resolve("out-buyers-agent")).doesNotExist();
        assertThat(deliver(blind, Recipient.BUYER).resolve("manifest.json")).exists();
    }
}

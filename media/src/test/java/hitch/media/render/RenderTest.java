package hitch.media.render;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameIndex;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.measure.Distance;
import hitch.core.run.Direction;
import hitch.core.story.Cutting;
import hitch.core.story.ScriptWriter;
import hitch.core.story.Story;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.media.MediaException;
import hitch.media.NumberedFootage;
import hitch.media.Progress;
import hitch.media.clip.ClipFacts;
import hitch.media.clip.ClipIndex;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.Fingerprint;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.media.clip.SoundReader;
import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class RenderTest {
    /** Speaks a steady tone, a twentieth of a second for each letter. */
    private static final Narrator TONE = text -> {
        float[] samples = new float[text.length() * Narrator.RATE / 20];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = 0.5f * (float) Math.sin(i * 0.05);
        }
        return new Sound(samples, Narrator.RATE);
    };

    @TempDir
    Path folder;

    private Path file;
    private FrameIndex index;
    private ClipIndex whole;
    private Clip clip;
    private Survey survey;

    @BeforeEach
    void record() throws MediaException, IOException {
        file = NumberedFootage.write(folder.resolve("pipe.mp4"), 200);
        ClipFacts facts = ClipIndexer.index(file);
        whole = facts.index();
        index = facts.frames();
        clip = new Clip(
                Sample.DOWN,
                "pipe.mp4",
                Fingerprint.of(file, Progress.NONE),
                Files.size(file),
                index.base(),
                index.firstPts(),
                index.endPts(),
                index.count(),
                facts.picture().width(),
                facts.picture().height(),
                true,
                "");
        Job job = Sample.job()
                .with(new Edit.PutClip(clip))
                .with(new Edit.PutRun(Sample.run("street run", Direction.WITH_FLOW, Sample.DOWN)));
        for (var mark : job.marksOf(Sample.DOWN)) {
            job = job.with(new Edit.RemoveMark(Sample.DOWN, mark));
        }
        job = job.with(new Edit.SetMark(Sample.DOWN, hitch.core.counter.Reading.byHand(index.pts(0), Distance.ZERO)));
        job = job.with(
                new Edit.SetMark(Sample.DOWN, hitch.core.counter.Reading.byHand(index.pts(199), Distance.feet(20))));
        var frame = new hitch.core.footage.FrameRef(Sample.DOWN, index.pts(100));
        job = job.with(new Edit.AddFinding(new hitch.core.note.grammar.TradeNoteReader()
                .read("roots top heavy", job.facts().unit())
                .first()
                .at(job.nextId(), frame, job.runOf(Sample.DOWN))));
        survey = Reckoner.survey(job);
    }

    @Test
    void aStillIsPixelForPixelTheFrame() throws MediaException, IOException {
        Path still = folder.resolve("deep/er/still.png");
        try (FrameReader reader = new FrameReader(file, whole)) {
            Picture picture = reader.frame(33);
            Still.save(picture, still);
            BufferedImage read = ImageIO.read(still.toFile());
            int[] pixels = read.getRGB(0, 0, read.getWidth(), read.getHeight(), null, 0, read.getWidth());
            assertThat(pixels).isEqualTo(picture.rgb());
        }
    }

    @Test
    void aLabelledClipShowsTheSameFramesAboveItsBand() throws MediaException {
        Path out = folder.resolve("labelled.mp4");
        var times = LabelledClip.write(
                Disclosure.of(survey, Recipient.HOMEOWNER),
                survey.findings().getFirst(),
                clip,
                file,
                whole,
                index.pts(80),
                index.pts(120),
                true,
                out,
                Progress.NONE);
        assertThat(times.firstPts()).isEqualTo(index.pts(80));
        assertThat(times.lastPts()).isEqualTo(index.pts(120));
        ClipFacts facts = ClipIndexer.index(out);
        assertThat(facts.picture().height()).isGreaterThan(NumberedFootage.HEIGHT);
        assertThat(facts.frames().count()).isEqualTo(41);
        assertThat(facts.sound().isPresent()).isTrue();
        try (FrameReader reader = new FrameReader(out, facts.index())) {
            for (int frame : new int[] {0, 20, 40}) {
                Picture picture = reader.frame(frame);
                assertThat(NumberedFootage.read(picture.rgb(), picture.width())).isEqualTo(80 + frame);
            }
        }
    }

    private Cutting cutting(Story story, SpokenStory spoken) {
        return Cutting.of(story, spoken::seconds, s -> StoryRenderer.around(s, clip));
    }

    @Test
    void aStoryIsAsLongAsItsCuttingAndSpeaksWhereItsCaptionsAre() throws MediaException {
        Story story = ScriptWriter.write(Disclosure.of(survey, Recipient.BUYER));
        SpokenStory spoken = SpokenStory.speak(story, TONE, Progress.NONE);
        Cutting cutting = cutting(story, spoken);
        Path out = folder.resolve("story.mp4");
        StoryRenderer.render(
                story,
                Disclosure.of(survey, Recipient.HOMEOWNER),
                cutting,
                spoken,
                Map.of(Sample.DOWN, new StoryRenderer.Source(file, whole)),
                out,
                Progress.NONE);
        ClipFacts facts = ClipIndexer.index(out);
        double seconds = facts.frames()
                .base()
                .seconds(facts.frames().endPts() - facts.frames().firstPts());
        assertThat(seconds).isCloseTo(cutting.seconds(), within(0.05));
        assertThat(cutting.captions().getLast().end()).isCloseTo(seconds, within(0.05));
        for (Cutting.Placed placed : cutting.placed()) {
            float[] voice = SoundReader.read(out, placed.voice() + 0.05, 0.3).samples();
            assertThat(loudness(voice))
                    .as("speech over %s", placed.shot().title())
                    .isGreaterThan(0.1);
            float[] before = SoundReader.read(out, placed.end() - 0.2, 0.15).samples();
            assertThat(loudness(before))
                    .as("quiet after %s", placed.shot().title())
                    .isLessThan(0.02);
        }
    }

    private static double loudness(float[] samples) {
        double sum = 0;
        for (float s : samples) {
            sum += s * s;
        }
        return Math.sqrt(sum / samples.length);
    }

    @Test
    void stoppingLeavesNothingHalfWritten() throws MediaException {
        Story story = ScriptWriter.write(Disclosure.of(survey, Recipient.HOMEOWNER));
        SpokenStory spoken = SpokenStory.speak(story, TONE, Progress.NONE);
        Path out = folder.resolve("stopped.mp4");
        Progress stop = (share, doing) -> {
            if (share > 0.3) {
                throw new CancellationException("enough");
            }
        };
        assertThatThrownBy(() -> StoryRenderer.render(
                        story,
                        Disclosure.of(survey, Recipient.HOMEOWNER),
                        cutting(story, spoken),
                        spoken,
                        Map.of(Sample.DOWN, new StoryRenderer.Source(file, whole)),
                        out,
                        stop))
                .isInstanceOf(CancellationException.class);
        assertThat(folder.toFile().list()).containsExactly("pipe.mp4");
    }

    @Test
    void footageAroundAFindingStaysInsideTheClip() {
        var shot = (hitch.core.story.FindingShot) ScriptWriter.write(Disclosure.of(survey, Recipient.HOMEOWNER))
                .shots()
                .get(1);
        assertThat(StoryRenderer.around(shot, clip)).containsExactly(2.5, 1.5);
        var early = new hitch.core.story.FindingShot(
                "t",
                shot.finding(),
                new hitch.core.footage.FrameRef(Sample.DOWN, index.pts(25)),
                9,
                30,
                "c",
                0,
                shot.pointer(),
                "n");
        double[] around = StoryRenderer.around(early, clip);
        assertThat(around[0]).isCloseTo(1, within(0.01));
        assertThat(around[1]).isCloseTo(7, within(0.05));
    }

    @Test
    void chapterMarksAndOddShapesAreWritten() throws MediaException {
        Path out = folder.resolve("marks.mp4");
        VideoWriter.Shape shape = new VideoWriter.Shape(64, 48, 10, 100_000, 32_000);
        List<VideoWriter.ChapterMark> marks =
                List.of(new VideoWriter.ChapterMark("one", 0, 1), new VideoWriter.ChapterMark("zwei ü", 1, 2));
        try (VideoWriter writer = new VideoWriter(out, shape, "t", marks)) {
            for (int i = 0; i < 20; i++) {
                writer.picture(new int[64 * 48]);
            }
            writer.sound(new float[96_000]);
            assertThatThrownBy(() -> writer.picture(new int[5])).isInstanceOf(IllegalArgumentException.class);
            writer.finish();
        }
        assertThat(ClipIndexer.index(out).frames().count()).isEqualTo(20);
        assertThat(new String(readAll(out), java.nio.charset.StandardCharsets.UTF_8))
                .contains("zwei ü");
    }

    @Test
    void aStandingPictureLastsAsLongAsItWasHeld() throws MediaException {
        Path out = folder.resolve("stands.mp4");
        VideoWriter.Shape shape = new VideoWriter.Shape(64, 48, 10, 100_000, 32_000);
        try (VideoWriter writer = new VideoWriter(out, shape, "t", List.of())) {
            writer.picture(new int[64 * 48]);
            for (int i = 0; i < 22; i++) {
                writer.again();
            }
            assertThat(writer.pictureCount()).isEqualTo(23);
            int[] white = new int[64 * 48];
            java.util.Arrays.fill(white, 0xFFFFFF);
            writer.picture(white);
            writer.again();
            writer.sound(new float[120_000]);
            writer.finish();
        }
        ClipIndex written = ClipIndexer.index(out).index();
        assertThat(written.frames().base().seconds(written.frames().endPts())).isCloseTo(2.5, within(1e-6));
        try (FrameReader reader = new FrameReader(out, written)) {
            assertThat(reader.at(written.frames().base().ticks(2.25)).rgb()[500] & 0xFF)
                    .isLessThan(40);
            assertThat(reader.at(written.frames().base().ticks(2.35)).rgb()[500] & 0xFF)
                    .isGreaterThan(200);
        }
    }

    private static byte[] readAll(Path file) {
        try {
            return Files.readAllBytes(file);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}

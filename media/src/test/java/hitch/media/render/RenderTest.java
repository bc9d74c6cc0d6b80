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
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.media.MediaException;
import hitch.media.NumberedFootage;
import hitch.media.Progress;
import hitch.media.clip.ClipFacts;
import hitch.media.clip.ClipIndex;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
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
        clip = NumberedFootage.clip(Sample.DOWN, file, facts);
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

package hitch.media.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hitch.core.Sample;
import hitch.core.counter.Reading;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.measure.Distance;
import hitch.core.run.Direction;
import hitch.core.sketch.FilmMap;
import hitch.core.story.CardShot;
import hitch.core.story.Chapter;
import hitch.core.story.Cutting;
import hitch.core.story.EvidenceShot;
import hitch.core.story.FindingShot;
import hitch.core.story.PassageShot;
import hitch.core.story.ScriptWriter;
import hitch.core.story.Shot;
import hitch.core.story.SideBySideShot;
import hitch.core.story.StillShot;
import hitch.core.story.Story;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.media.MediaException;
import hitch.media.NumberedFootage;
import hitch.media.Progress;
import hitch.media.clip.ClipFacts;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.FrameReader;
import hitch.media.clip.SoundReader;
import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import hitch.media.voice.VoiceException;
import java.awt.Color;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Films of numbered footage: what they show, when, and what is heard. */
class FilmTest {
    /** Speaks a steady tone, a fiftieth of a second for each letter. */
    private static final Narrator TONE = text -> {
        float[] samples = new float[text.length() * Narrator.RATE / 50];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = 0.5f * (float) Math.sin(i * 0.05);
        }
        return new Sound(samples, Narrator.RATE);
    };

    /** A firm's own colour. */
    private static final Color CARDS = new Color(0x6A3B5E);

    private static final FilmShape SMALL = new FilmShape(320, 180, 25, 400_000);

    @TempDir
    private static Path folder;

    private static Clip clip;
    private static Survey survey;
    private static Map<hitch.core.footage.ClipId, StoryRenderer.Source> sources;

    @BeforeAll
    static void record() throws MediaException, IOException {
        Path file = NumberedFootage.write(folder.resolve("pipe.mp4"), 200);
        ClipFacts facts = ClipIndexer.index(file);
        var index = facts.frames();
        clip = NumberedFootage.clip(Sample.DOWN, file, facts);
        sources = Map.of(Sample.DOWN, new StoryRenderer.Source(file, facts.index()));
        Job job = Sample.job()
                .with(new Edit.PutClip(clip))
                .with(new Edit.PutRun(Sample.run("street run", Direction.WITH_FLOW, Sample.DOWN)));
        for (var mark : job.marksOf(Sample.DOWN)) {
            job = job.with(new Edit.RemoveMark(Sample.DOWN, mark));
        }
        job = job.with(new Edit.SetMark(Sample.DOWN, Reading.byHand(index.pts(0), Distance.ZERO)))
                .with(new Edit.SetMark(Sample.DOWN, Reading.byHand(index.pts(199), Distance.feet(20))));
        job = Sample.note(job, Sample.DOWN, clip.secondsInto(index.pts(100)), "roots top heavy 60%");
        survey = Reckoner.survey(job);
    }

    private static FrameRef frame(int number) {
        return new FrameRef(
                Sample.DOWN, sources.get(Sample.DOWN).index().frames().pts(number));
    }

    private static Disclosure may() {
        return Disclosure.of(survey, Recipient.HOMEOWNER);
    }

    private static StoryRenderer.Film film(Story story, Narrator narrator) throws MediaException {
        SpokenStory spoken =
                SpokenStory.speak(story.shots().stream().map(Shot::narration).toList(), narrator, Progress.NONE);
        Cutting cutting = Cutting.of(story, spoken, s -> may().footage().around(s.frame(), s.before(), s.after()));
        return new StoryRenderer.Film(story, may(), cutting, spoken, sources, FilmMap.of(survey), CARDS, folder);
    }

    /** All the pictures of a film, in order. */
    private static List<int[]> pictures(StoryRenderer.Film film) throws MediaException {
        List<int[]> pictures = new java.util.ArrayList<>();
        StoryRenderer.play(
                film,
                SMALL,
                new FilmSink() {
                    @Override
                    public void sound(float[] samples) {}

                    @Override
                    public void picture(int[] rgb) {
                        pictures.add(rgb.clone());
                    }

                    @Override
                    public void again() {
                        pictures.add(pictures.getLast());
                    }
                },
                Progress.NONE);
        return pictures;
    }

    private static Story of(Shot... shots) {
        return new Story(Recipient.HOMEOWNER, "t", List.of(new Chapter("c", List.of(shots))));
    }

    private static double loudness(float[] samples) {
        double sum = 0;
        for (float s : samples) {
            sum += s * s;
        }
        return Math.sqrt(sum / samples.length);
    }

    @Test
    void aFilmIsAsLongAsItsCuttingAtAConstantRateAndSpeaksWhereItsCaptionsAre() throws MediaException {
        StoryRenderer.Film film = film(ScriptWriter.write(may()), TONE);
        Path out = folder.resolve("story.mp4");
        StoryRenderer.render(film, SMALL, out, Progress.NONE);
        ClipFacts facts = ClipIndexer.index(out);
        assertThat(facts.frames().count())
                .isEqualTo((int) Math.round(film.cutting().seconds() * SMALL.rate()));
        double seconds = facts.frames()
                .base()
                .seconds(facts.frames().endPts() - facts.frames().firstPts());
        assertThat(seconds).isCloseTo(film.cutting().seconds(), within(0.05));
        assertThat(film.cutting().captions().getLast().end()).isCloseTo(seconds, within(0.05));
        for (Cutting.Placed placed : film.cutting().placed()) {
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

    /** The band of a card is the firm's colour; the pictures are coded, so a little may be lost. */
    @Test
    void cardsAreInTheFirmsColour() throws MediaException {
        StoryRenderer.Film film = film(of(new CardShot("c", "Alder Row", List.of(), "", 0)), TONE);
        assertThat(pictures(film).getLast()[SMALL.width() * 90 + 8] & 0xFFFFFF).isEqualTo(CARDS.getRGB() & 0xFFFFFF);
    }

    /** What is previewed is what is rendered, at any moment and in any order. */
    @Test
    void aPreviewShowsWhatTheFilmWill() throws MediaException {
        StoryRenderer.Film film = film(ScriptWriter.write(may()), TONE);
        List<int[]> pictures = pictures(film);
        try (ShotPreview preview = new ShotPreview(may(), sources, film.map(), CARDS, SMALL)) {
            for (Cutting.Placed placed : film.cutting().placed().reversed()) {
                long number = Math.round((placed.start() + placed.end()) / 2 * SMALL.rate());
                assertThat(preview.at(placed, (double) number / SMALL.rate()))
                        .as(placed.shot().title())
                        .hasValueSatisfying(rgb -> assertThat(rgb).isEqualTo(pictures.get((int) number)));
                assertThat(preview.at(placed, (double) number / SMALL.rate()))
                        .as("not drawn again")
                        .isEmpty();
            }
        }
    }

    /** Every kind of shot plays, at both sizes and rates, for as long as it is cut. */
    @Test
    void everyKindOfShotPlays() throws MediaException {
        var finding = survey.findings().getFirst().finding();
        Story story = of(
                new FindingShot(
                        "f",
                        finding.id(),
                        frame(100),
                        1,
                        0.5,
                        "roots",
                        3,
                        finding.traits().clock(),
                        true,
                        Optional.empty(),
                        "Roots here, and they are heavy indeed. Look.",
                        2),
                new EvidenceShot("e", finding.id(), frame(100), 0.5, 0.5, "roots", "", 0.2),
                new PassageShot("passage:1", "p", frame(20), 4, 4, "", 0.2),
                new SideBySideShot(
                        "group:1",
                        "s",
                        List.of(
                                new SideBySideShot.Panel(finding.id(), frame(10), "1.0 ft", "roots"),
                                new SideBySideShot.Panel(finding.id(), frame(50), "5.0 ft", "roots"),
                                new SideBySideShot.Panel(finding.id(), frame(90), "9.0 ft", "roots")),
                        "",
                        0),
                new StillShot("photo:1", "p", frame(5), "a place", Optional.empty(), "", 0),
                new hitch.core.story.MapShot("map:whole", "m", survey.seen(), false, Optional.empty(), "", 0));
        StoryRenderer.Film film = film(story, TONE);
        for (FilmShape shape : List.of(SMALL, new FilmShape(640, 360, 30, 800_000))) {
            Path out = folder.resolve("kinds-" + shape.rate() + ".mp4");
            StoryRenderer.render(film, shape, out, Progress.NONE);
            ClipFacts facts = ClipIndexer.index(out);
            assertThat(facts.frames().count())
                    .isEqualTo((int) Math.round(film.cutting().seconds() * shape.rate()));
            try (FrameReader reader = new FrameReader(out, facts.index())) {
                var passage = film.cutting().placed().get(2);
                int early = (int) ((passage.start() + 0.6) * shape.rate());
                int late = (int) ((passage.start() + 0.95) * shape.rate());
                assertThat(reader.frame(early).rgb())
                        .isNotEqualTo(reader.frame(late).rgb());
            }
        }
    }

    @Test
    void withoutAVoiceAFilmIsSilentAndItsCaptionsStand() throws MediaException {
        Narrator none = text -> {
            throw new VoiceException("The voice cannot speak. It is missing.", null);
        };
        StoryRenderer.Film film = film(ScriptWriter.write(may()), none);
        assertThat(film.spoken().silence()).contains("The voice cannot speak. It is missing.");
        assertThat(film.cutting().captions()).isNotEmpty().allMatch(c -> c.end() - c.start() > 0.5);
        Path out = folder.resolve("silent.mp4");
        StoryRenderer.render(film, SMALL, out, Progress.NONE);
        assertThat(loudness(SoundReader.read(out, 0, film.cutting().seconds()).samples()))
                .isLessThan(0.001);
    }

    @Test
    void stoppingLeavesNothingHalfWritten() throws MediaException {
        StoryRenderer.Film film = film(ScriptWriter.write(may()), TONE);
        Path out = folder.resolve("stopped.mp4");
        Progress stop = (share, doing) -> {
            if (share > 0.3) {
                throw new CancellationException("enough");
            }
        };
        assertThatThrownBy(() -> StoryRenderer.render(film, SMALL, out, stop))
                .isInstanceOf(CancellationException.class);
        assertThat(folder.toFile().list()).noneMatch(f -> f.contains("stopped"));
    }

    @Test
    void aFolderThatCannotBeWrittenIsTold() throws MediaException {
        StoryRenderer.Film film = film(ScriptWriter.write(may()), TONE);
        assertThatThrownBy(() -> StoryRenderer.render(film, SMALL, folder.resolve("none/out.mp4"), Progress.NONE))
                .isInstanceOf(MediaException.class)
                .hasMessageContaining("Choose another folder");
    }
}

package hitch.store.handover;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameIndex;
import hitch.core.footage.HiddenArea;
import hitch.core.footage.MutedSound;
import hitch.core.footage.Patch;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.story.StoryWish;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.media.NumberedFootage;
import hitch.media.Progress;
import hitch.media.clip.ClipFacts;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.FrameReader;
import hitch.media.clip.SoundReader;
import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import hitch.store.Footage;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What somebody asked to have hidden, in the decoded pictures and sound of everything that leaves. */
class HiddenDeliveryTest {
    private static final Narrator VOICE = words -> new Sound(new float[Narrator.RATE / 8], Narrator.RATE);
    private static final Patch ALL = new Patch(0, 0, 10_000, 10_000);
    private static final Patch LEFT = new Patch(0, 0, 2500, 10_000);
    private static final Patch RIGHT = new Patch(7500, 0, 10_000, 10_000);

    @TempDir
    Path folder;

    private Footage footage;
    private Job job;
    private Clip clip;
    private FrameIndex index;

    @BeforeEach
    void record() throws Exception {
        NumberedJob recorded = NumberedJob.in(folder);
        footage = recorded.footage();
        clip = recorded.clip();
        job = recorded.job();
        index = recorded.index();
    }

    private void hide(int from, int to, Patch first, Patch last) {
        job = job.with(new Edit.HideArea(new HiddenArea(
                job.hiding().nextKey(),
                clip.id(),
                index.pts(from),
                index.pts(to),
                first,
                last,
                "a house number",
                "the owner")));
    }

    private Survey survey() {
        return Reckoner.survey(job);
    }

    private Path deliver(String name) throws Exception {
        Path out = folder.resolve(name);
        new Delivery(survey(), footage, VOICE, Clock.systemUTC(), List.of())
                .filming(StoryWish.USUAL, Delivered.SMALL)
                .write(Recipient.HOMEOWNER, out, Progress.NONE);
        return out;
    }

    private Path evidence(EvidenceCut.Form form) throws Exception {
        LocatedFinding found = survey().findings().getFirst();
        return new EvidenceCut(Disclosure.of(survey(), Recipient.FIRM), footage, true)
                .write(found, form, 1, 1, folder.resolve("cuts"), Progress.NONE);
    }

    private static JsonNode json(Path file) throws Exception {
        return JsonMapper.shared().readTree(Files.readString(file));
    }

    /** Bars are black or white; what covers them is slate. */
    private static boolean isCovered(int rgb) {
        int green = rgb >> 8 & 255;
        return green > 40 && green < 110;
    }

    private static long covered(int[] rgb) {
        return IntStream.of(rgb).filter(HiddenDeliveryTest::isCovered).count();
    }

    /** Covered pixels of the video's picture in the middle of the first shot of footage. */
    private static long coveredInFilm(Path out) throws Exception {
        JsonNode shots = json(out.resolve("manifest.json")).get("shots");
        JsonNode shot =
                shots.valueStream().filter(s -> s.has("held_pts")).findFirst().orElseThrow();
        double middle = (shot.get("start_s").asDouble() + shot.get("end_s").asDouble()) / 2;
        Path video;
        try (var files = Files.list(out)) {
            video = files.filter(f -> f.toString().endsWith(".mp4")).findFirst().orElseThrow();
        }
        ClipFacts facts = ClipIndexer.index(video);
        try (FrameReader reader = new FrameReader(video, facts.index())) {
            return covered(
                    reader.at(facts.frames().firstPts() + facts.frames().base().ticks(middle))
                            .rgb());
        }
    }

    @Test
    void videoStillAndManifestHideItFromEverybody() throws Exception {
        Path open = deliver("open");
        long before = coveredInFilm(open);
        hide(0, 59, ALL, ALL);
        Path hidden = deliver("hidden");
        // The footage stands on the sheet at 1.9 times its own size.
        double footagePixels = NumberedFootage.WIDTH * 1.9 * NumberedFootage.HEIGHT * 1.9;
        assertThat(coveredInFilm(hidden) - before).isGreaterThan((long) (0.8 * footagePixels));
        BufferedImage still = ImageIO.read(hidden.resolve("stills/F1-roots.png").toFile());
        assertThat(covered(still.getRGB(0, 0, still.getWidth(), still.getHeight(), null, 0, still.getWidth())))
                .isEqualTo((long) still.getWidth() * still.getHeight());
        JsonNode source = json(hidden.resolve("manifest.json")).get("sources").get(0);
        assertThat(source.get("hidden").get(0).asString())
                .isEqualTo("a house number: hidden at the request of the owner");
        assertThat(json(open.resolve("manifest.json")).get("sources").get(0).has("hidden"))
                .isFalse();
        // The report shows the stills themselves.
        assertThat(Files.readString(hidden.resolve("index.html"))).contains("stills/F1-roots.png");
    }

    @Test
    void whatIsHiddenGoesAlongInEvidenceClips() throws Exception {
        hide(10, 50, LEFT, RIGHT);
        for (EvidenceCut.Form form : EvidenceCut.Form.values()) {
            Path cut = evidence(form);
            JsonNode record =
                    json(cut.resolveSibling(cut.getFileName().toString().replace(".mp4", ".json")));
            int first = index.numberAt(record.get("first_pts").asLong());
            try (FrameReader reader =
                    new FrameReader(cut, ClipIndexer.index(cut).index())) {
                for (int number : new int[] {12, 30, 48}) {
                    int[] rgb = reader.frame(number - first).rgb();
                    double middle = 0.125 + 0.75 * (number - 10) / 40;
                    int row = NumberedFootage.HEIGHT / 2 * NumberedFootage.WIDTH;
                    assertThat(isCovered(rgb[row + (int) (middle * NumberedFootage.WIDTH)]))
                            .as(form + " " + number)
                            .isTrue();
                    double away = middle < 0.5 ? 0.9 : 0.1;
                    assertThat(isCovered(rgb[row + (int) (away * NumberedFootage.WIDTH)]))
                            .as(form + " " + number + " beside it")
                            .isFalse();
                }
            }
            assertThat(record.get("hidden").get(0).asString()).contains("at the request of the owner");
        }
        assertThat(evidence(EvidenceCut.Form.UNTOUCHED).getFileName().toString())
                .contains("altered");
    }

    @Test
    void packetsBeforeTheFirstFrameWantedHideItToo() throws Exception {
        // The clip's only keyframe is its first; what is hidden ends before the frames that were asked for.
        hide(0, 1, ALL, ALL);
        Path cut = evidence(EvidenceCut.Form.UNTOUCHED);
        assertThat(cut.getFileName().toString()).contains("altered");
    }

    @Test
    void mutedSoundIsSilentAndUntouchedFootageGoesWithoutAny() throws Exception {
        job = job.with(new Edit.MuteSound(
                new MutedSound("hide:1", clip.id(), index.pts(25), index.pts(35), "a name", "the owner")));
        Path labelled = evidence(EvidenceCut.Form.LABELLED);
        assertThat(energy(labelled, 0.1, 0.5)).isGreaterThan(0.1);
        assertThat(energy(labelled, 0.85, 0.3)).isLessThan(0.001);
        assertThat(energy(labelled, 1.4, 0.4)).isGreaterThan(0.1);
        Path untouched = evidence(EvidenceCut.Form.UNTOUCHED);
        assertThat(energy(untouched, 0, 2)).isZero();
        assertThat(json(folder.resolve("cuts/f1-roots-untouched.json"))
                        .get("hidden")
                        .get(0)
                        .asString())
                .isEqualTo("a name: muted at the request of the owner");
        assertThat(energy(footage.file(clip), 1.1, 0.2)).isGreaterThan(0.1);
    }

    private static double energy(Path file, double from, double seconds) throws Exception {
        float[] samples = SoundReader.read(file, from, seconds).samples();
        double sum = 0;
        for (float s : samples) {
            sum += s * s;
        }
        return Math.sqrt(sum / samples.length);
    }
}

package hitch.sim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hitch.core.footage.FrameIndex;
import hitch.core.pipe.PipeSpan;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipFacts;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.FrameReader;
import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import hitch.store.JobFolder;
import hitch.store.StoreException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class SimulatedCameraTest {
    private static final Narrator SILENT = text -> new Sound(new float[4800], Narrator.RATE);
    private static final Scenario DEMO = DemoJob.scenario();

    @TempDir
    Path folder;

    /** The demo pipe seen in a small picture, so that a frame costs little. */
    private static Scenario small(List<Scenario.Take> takes) {
        return new Scenario(
                DEMO.seed(),
                160,
                120,
                10,
                200_000,
                DEMO.stamp(),
                DEMO.visit(),
                DEMO.ground(),
                DEMO.pipes(),
                DEMO.features(),
                takes,
                List.of());
    }

    private static double brightness(int[] rgb) {
        double sum = 0;
        for (int pixel : rgb) {
            sum += pixel >> 8 & 0xFF;
        }
        return sum / rgb.length;
    }

    @Test
    void theSameSeedDrawsTheSamePicture() {
        Scenario scenario = small(DEMO.clips());
        int[] first =
                new SimulatedCamera(scenario, SILENT).draw(scenario.clips().getFirst(), 114);
        int[] again =
                new SimulatedCamera(scenario, SILENT).draw(scenario.clips().getFirst(), 114);
        assertThat(again).isEqualTo(first);
        Scenario other = new Scenario(
                5,
                160,
                120,
                10,
                200_000,
                "",
                DEMO.visit(),
                DEMO.ground(),
                DEMO.pipes(),
                DEMO.features(),
                DEMO.clips(),
                DEMO.photos());
        assertThat(new SimulatedCamera(other, SILENT).draw(other.clips().getFirst(), 114))
                .isNotEqualTo(first);
    }

    @Test
    void aPhotographIsOfTheWayAboveGroundAndIsReadAsOne() throws MediaException {
        Path file = folder.resolve("paint.jpg");
        new SimulatedCamera(DEMO, SILENT).photograph(DEMO.photos().getFirst(), file);
        ClipFacts facts = ClipIndexer.index(file);
        assertThat(facts.photo()).isTrue();
        try (FrameReader reader = new FrameReader(file, facts.index())) {
            assertThat(brightness(reader.frame(0).rgb())).isBetween(35.0, 210.0);
        }
    }

    @Test
    void everyStretchOfThePipeIsLit() {
        Scenario scenario = small(DEMO.clips());
        SimulatedCamera camera = new SimulatedCamera(scenario, SILENT);
        for (Scenario.Take take : scenario.clips()) {
            for (double t = 0; t < take.seconds(); t += 8.3) {
                assertThat(brightness(camera.draw(take, (int) (t * 10))))
                        .as(take.file() + " at " + t)
                        .isBetween(35.0, 210.0);
            }
        }
    }

    @Test
    void materialsLookDifferent() {
        Scenario scenario = small(DEMO.clips());
        SimulatedCamera camera = new SimulatedCamera(scenario, SILENT);
        double clay = redness(camera.draw(scenario.clips().get(1), 60));
        double plastic = redness(camera.draw(scenario.clips().get(1), 620));
        double iron = redness(camera.draw(scenario.clips().get(0), 370));
        assertThat(clay).isGreaterThan(plastic + 20);
        assertThat(iron).isGreaterThan(clay);
    }

    private static double redness(int[] rgb) {
        double sum = 0;
        for (int pixel : rgb) {
            sum += (pixel >> 16 & 0xFF) - (pixel & 0xFF);
        }
        return sum / rgb.length;
    }

    @Test
    void recordsFootageWithItsTruthBeside() throws MediaException, IOException {
        Scenario.Take take = new Scenario.Take(
                "short.mp4",
                "2026-01-01T00:00:00",
                "street run",
                "main",
                List.of(new Scenario.Stand(0, 8), new Scenario.Stand(2, 10), new Scenario.Stand(3, 9)),
                List.of(new Scenario.Line(0.5, "roots")),
                List.of());
        new SimulatedCamera(small(List.of(take)), SILENT).recordAll(folder, Progress.NONE);
        FrameIndex index = ClipIndexer.index(folder.resolve("short.mp4")).frames();
        assertThat(index.count()).isEqualTo(30);
        JsonNode truth = JsonMapper.shared().readTree(Files.readString(folder.resolve("short.truth.json")));
        JsonNode moments = truth.get("moments");
        assertThat(moments.get(0).get("stationFt").asDouble()).isCloseTo(8, within(0.01));
        assertThat(moments.get(5).get("pass").asString()).isEqualTo("out");
        assertThat(moments.get(13).get("pass").asString()).isEqualTo("back");
        assertThat(moments.get(0).get("visible").toString()).contains("roots 9.3");
        assertThat(moments.size()).isEqualTo(16);
    }

    @Test
    void theTruthFollowsTheWayOfTheRun() {
        Truth up = Truth.of(DEMO, DEMO.clips().get(0));
        Truth down = Truth.of(DEMO, DEMO.clips().get(1));
        assertThat(up.moments().get(200).stationFt()).isNegative();
        assertThat(down.moments().get(200).stationFt()).isPositive();
        assertThat(down.moments()).allSatisfy(m -> assertThat(m.readingFt()).isCloseTo(m.stationFt(), within(0.051)));
        assertThat(Truth.of(DEMO, DEMO.clips().get(3)).moments())
                .allSatisfy(m -> assertThat(m.visible()).isEmpty());
    }

    @Test
    void aBrokenScenarioIsNamed() throws IOException {
        Path file = Files.writeString(folder.resolve("bad.yaml"), "seed: [");
        assertThatThrownBy(() -> ScenarioFile.read(file))
                .isInstanceOf(MediaException.class)
                .hasMessageContaining("bad.yaml");
        assertThatThrownBy(() -> ScenarioFile.read(folder.resolve("none.yaml"))).hasMessageContaining("none.yaml");
    }

    @Test
    void theDemoJobAgreesWithItsTruth() throws StoreException, MediaException {
        Path place = folder.resolve("demo");
        DemoJob.create(place, Progress.NONE);
        try (JobFolder job = JobFolder.open(place)) {
            Survey survey = Reckoner.survey(job.job());
            assertThat(survey.spans())
                    .extracting(PipeSpan::words)
                    .containsExactly("4 in cast iron", "4 in clay", "6 in PVC");
            assertThat(survey.findings()).hasSize(21).allSatisfy(f -> {
                assertThat(f.extent().isPresent()).isEqualTo(f.run().isPresent());
                assertThat(job.still(f.finding())).exists();
            });
            for (int i = 0; i < 3; i++) {
                Truth truth = Truth.of(DEMO, DEMO.clips().get(i));
                var clip = survey.clips().get(i);
                for (Truth.Moment moment : truth.moments()) {
                    var frame = new hitch.core.footage.FrameRef(clip.id(), clip.ptsAt(moment.t()));
                    double station = survey.stationAt(frame).orElseThrow().mm() / 304.8;
                    assertThat(station).as(clip.id() + " at " + moment.t()).isCloseTo(moment.stationFt(), within(0.35));
                }
            }
        }
        assertThatThrownBy(() -> DemoJob.create(place, Progress.NONE)).isInstanceOf(StoreException.class);
    }
}

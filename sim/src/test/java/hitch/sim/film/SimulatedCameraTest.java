package hitch.sim.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.footage.FrameIndex;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipFacts;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.FrameReader;
import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import hitch.sim.DemoJob;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import hitch.sim.scene.Thing;
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
    private static final Scenario DEMO = DemoJob.FIRST.scenario();

    /** The demo pipe seen in a small picture, so that a frame costs little; its walls are painted once. */
    private static final Scenario SMALL = small(DEMO.clips());

    private static final SimulatedCamera CAMERA = new SimulatedCamera(SMALL, SILENT);

    @TempDir
    Path folder;

    /** The demo pipe seen in a small picture, so that a frame costs little. */
    private static Scenario small(List<Take> takes) {
        return with(DEMO.seed(), takes);
    }

    private static Scenario with(long seed, List<Take> takes) {
        List<Thing> things = takes.equals(DEMO.clips())
                ? DEMO.things()
                : DEMO.things().stream().filter(t -> t.only().isEmpty()).toList();
        return DEMO.withSeed(seed)
                .withWidth(160)
                .withHeight(120)
                .withRate(10)
                .withBitRate(200_000)
                .withThings(things)
                .withPhotos(List.of())
                .withClips(takes);
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
        Scenario scenario = SMALL;
        int[] first = CAMERA.draw(scenario.clips().getFirst(), 114);
        int[] again =
                new SimulatedCamera(scenario, SILENT).draw(scenario.clips().getFirst(), 114);
        assertThat(again).isEqualTo(first);
        Scenario other = with(5, DEMO.clips());
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
        Scenario scenario = SMALL;
        SimulatedCamera camera = CAMERA;
        for (Take take : scenario.clips()) {
            for (double t = 0; t < take.seconds(); t += 8.3) {
                assertThat(brightness(camera.draw(take, (int) (t * 10))))
                        .as(take.file() + " at " + t)
                        .isBetween(35.0, 210.0);
            }
        }
    }

    @Test
    void materialsLookDifferent() {
        Scenario scenario = SMALL;
        SimulatedCamera camera = CAMERA;
        int[] clay = camera.draw(scenario.clips().get(1), 60);
        int[] plastic = camera.draw(scenario.clips().get(1), 620);
        int[] iron = camera.draw(scenario.clips().get(0), 310);
        assertThat(redness(clay)).isGreaterThan(redness(plastic) + 20);
        assertThat(redness(iron)).isGreaterThan(redness(plastic) + 20);
        assertThat(roughness(iron)).isGreaterThan(1.5 * roughness(plastic));
    }

    /** How much pixels differ from those three to their right. */
    private static double roughness(int[] rgb) {
        double sum = 0;
        for (int i = 0; i + 3 < rgb.length; i++) {
            sum += Math.abs((rgb[i] >> 8 & 0xFF) - (rgb[i + 3] >> 8 & 0xFF));
        }
        return sum / rgb.length;
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
        Take take = new Take(
                "short.mp4",
                "2026-01-01T00:00:00",
                "street run",
                "main",
                List.of(new Take.Stand(0, 8), new Take.Stand(2, 10), new Take.Stand(3, 9)),
                List.of(),
                List.of(new Take.Line(0.5, "roots")),
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
    void theWordsStandAtTheirSecond() throws MediaException {
        Narrator loud = text -> {
            float[] samples = new float[Narrator.RATE / 2];
            for (int i = 0; i < samples.length; i++) {
                samples[i] = (float) (0.9 * Math.sin(2 * Math.PI * 800 * i / Narrator.RATE));
            }
            return new Sound(samples, Narrator.RATE);
        };
        Take take = new Take(
                "t.mp4",
                "",
                "street run",
                "main",
                List.of(new Take.Stand(0, 0), new Take.Stand(4, 2)),
                List.of(),
                List.of(new Take.Line(2, "roots")),
                List.of());
        float[] sound = Commentary.record(DEMO, take, loud);
        assertThat(sound).hasSize(4 * Narrator.RATE);
        assertThat(loudest(sound, 0, 1.9)).isLessThan(0.2f);
        assertThat(loudest(sound, 2.1, 2.4)).isGreaterThan(0.5f);
        // The walls answer a little longer.
        assertThat(loudest(sound, 2.8, 3.9)).isLessThan(0.2f);
    }

    private static float loudest(float[] sound, double from, double to) {
        float most = 0;
        for (int i = (int) (from * Narrator.RATE); i < (int) (to * Narrator.RATE); i++) {
            most = Math.max(most, Math.abs(sound[i]));
        }
        return most;
    }
}

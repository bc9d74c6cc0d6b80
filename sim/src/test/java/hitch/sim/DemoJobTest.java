package hitch.sim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hitch.core.finding.Finding;
import hitch.core.finding.FindingKind;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameRef;
import hitch.core.pipe.PipeSpan;
import hitch.core.run.Phase;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.sim.scene.Kind;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import hitch.sim.scene.Thing;
import hitch.store.JobFolder;
import hitch.store.StoreException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class DemoJobTest {
    private static final double MM_PER_FOOT = 304.8;

    @TempDir
    Path folder;

    /** True station of the lens by second, as it was told when the clip was recorded. */
    private static TreeMap<Double, Double> truth(DemoJob demo, Take take) throws IOException {
        TreeMap<Double, Double> stations = new TreeMap<>();
        try (InputStream in = demo.shipped(take.file().replace(".mp4", ".truth.json"))) {
            for (JsonNode moment : JsonMapper.shared().readTree(in).get("moments")) {
                stations.put(moment.get("t").asDouble(), moment.get("stationFt").asDouble());
            }
        }
        return stations;
    }

    /** Each finding that was marked stands where the lens truly was, and the run is right at every moment between. */
    private static void agrees(DemoJob demo, Survey survey) throws IOException {
        Scenario scenario = demo.scenario();
        for (int i = 0; i < scenario.clips().size(); i++) {
            Take take = scenario.clips().get(i);
            if (take.aboveGround()) {
                continue;
            }
            Clip clip = survey.clips().get(i);
            // What lies up a branch is told as so far before its join.
            double on = scenario.branch(take).map(b -> b.at() - b.length()).orElse(0.0);
            TreeMap<Double, Double> stations = truth(demo, take);
            stations.forEach((t, station) -> assertThat(survey.stationAt(new FrameRef(clip.id(), clip.ptsAt(t)))
                                    .orElseThrow()
                                    .mm()
                            / MM_PER_FOOT)
                    .as(take.file() + " at " + t)
                    .isCloseTo(station + on, within(0.35)));
            for (Take.Line note : take.notes()) {
                double station = survey.stationAt(new FrameRef(clip.id(), clip.ptsAt(note.t())))
                                .orElseThrow()
                                .mm()
                        / MM_PER_FOOT;
                double true0 = stations.floorEntry(note.t() + 1e-6).getValue();
                double true1 = stations.ceilingEntry(note.t() - 1e-6).getValue();
                assertThat(station)
                        .as(note.text())
                        .isBetween(Math.min(true0, true1) + on - 0.1, Math.max(true0, true1) + on + 0.1);
            }
        }
    }

    @Test
    void theFirstAgreesWithItsTruth() throws StoreException, MediaException, IOException {
        Path place = folder.resolve("demo");
        DemoJob.FIRST.create(place, Progress.NONE);
        try (JobFolder job = JobFolder.open(place)) {
            Survey survey = Reckoner.survey(job.job());
            assertThat(survey.spans())
                    .extracting(PipeSpan::words)
                    .containsExactly("4 in cast iron", "4 in clay", "6 in PVC");
            assertThat(survey.findings()).hasSize(24).allSatisfy(f -> {
                assertThat(f.extent().isPresent()).isEqualTo(f.run().isPresent());
                assertThat(job.still(f.finding())).exists();
            });
            agrees(DemoJob.FIRST, survey);
        }
        assertThatThrownBy(() -> DemoJob.FIRST.create(place, Progress.NONE)).isInstanceOf(StoreException.class);
    }

    @Test
    void theSecondHasACleaningABranchAndAReplacedStretch() throws StoreException, MediaException, IOException {
        Path place = folder.resolve("second");
        DemoJob.SECOND.create(place, Progress.NONE);
        try (JobFolder job = JobFolder.open(place)) {
            Survey survey = Reckoner.survey(job.job());
            agrees(DemoJob.SECOND, survey);
            assertThat(survey.runs()).extracting(r -> r.phase()).contains(Phase.BEFORE, Phase.AFTER);
            assertThat(job.job().line().branch("laundry")).isPresent();
            assertThat(survey.spans())
                    .extracting(PipeSpan::words)
                    .containsSubsequence("4 in cast iron", "4 in tar-fibre", "4 in PVC", "4 in tar-fibre", "6 in clay");
            assertThat(job.job().findings())
                    .extracting(Finding::kind)
                    .contains(FindingKind.BLISTER, FindingKind.CLEANED);
        }
    }

    @Test
    void theDemosShowMuchAndTheirCountersDiffer() {
        Scenario first = DemoJob.FIRST.scenario();
        assertThat(first.things().stream().map(Thing::kind).distinct()).hasSizeGreaterThanOrEqualTo(14);
        assertThat(first.things(Kind.SAG)).anySatisfy(t -> assertThat(t.only()).containsExactly("B1-street-out.mp4"));
        assertThat(DemoJob.SECOND.scenario().counter().face())
                .isNotEqualTo(first.counter().face());
        for (DemoJob demo : DemoJob.values()) {
            assertThat(DemoJob.of(demo.word())).contains(demo);
        }
        assertThat(DemoJob.of("third")).isEmpty();
    }
}

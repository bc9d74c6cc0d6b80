package hitch.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.decide.EarlierVisit;
import hitch.core.finding.Finding;
import hitch.core.footage.HiddenArea;
import hitch.core.footage.Patch;
import hitch.core.job.Edit;
import hitch.media.clip.Picture;
import hitch.media.render.Still;
import hitch.store.described.DescribedLine;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class EarlierJobTest {
    @TempDir
    private Path temp;

    private Path job(String name, String... says) throws Exception {
        StringBuilder yaml = new StringBuilder(
                "job: {property: 4 Sorrel Row, recorded: 2025-08-03}\n"
                        + "runs:\n  - {name: run, opening: {kind: two-way cleanout, pipe: 4 in clay}, goes: toward the main}\n");
        yaml.append(says.length == 0 ? "" : "findings:\n");
        for (String note : says) {
            yaml.append("  - says: \"").append(note).append("\"\n");
        }
        Path folder = temp.resolve(name);
        try (JobFolder made = JobFolder.create(folder)) {
            for (Edit edit : DescribedLine.read(yaml.toString())) {
                made.apply(edit);
            }
        }
        return folder;
    }

    @Test
    void isReadWithItsStillsAndLeftAsItIs() throws Exception {
        Path then = job("then", "roots 20% at 20");
        Path still;
        try (JobFolder other = JobFolder.open(then)) {
            still = other.still(other.job().findings().getFirst());
            Files.createDirectories(still.getParent());
            Files.writeString(still, "a picture");
        }
        byte[] before = Files.readAllBytes(then.resolve(JobFolder.JOURNAL));
        try (JobFolder now = JobFolder.open(job("now", "roots 40% at 20"))) {
            EarlierVisit visit = EarlierJob.take(then, now);
            assertThat(visit.when()).isEqualTo("2025-08-03");
            assertThat(visit.found()).singleElement().satisfies(t -> {
                assertThat(t.share()).contains(20);
                assertThat(EarlierJob.still(now.folder(), visit.id(), t.finding()))
                        .hasContent("a picture");
            });
        }
        assertThat(Files.readAllBytes(then.resolve(JobFolder.JOURNAL))).isEqualTo(before);
    }

    @Test
    void whatWasHiddenThenIsHiddenInItsCopy() throws Exception {
        Path then = job("then", "roots 20% at 20");
        int[] white = new int[100 * 100];
        Arrays.fill(white, 0xffffffff);
        try (JobFolder other = JobFolder.open(then)) {
            Finding roots = other.job().findings().getFirst();
            Still.save(new Picture(100, 100, white, 0), other.still(roots));
            Patch half = new Patch(5000, 0, 10_000, 10_000);
            other.apply(new Edit.HideArea(new HiddenArea(
                    "hide:1", roots.frame().clip(), 0, Long.MAX_VALUE, half, half, "a face", "the owner")));
        }
        try (JobFolder now = JobFolder.open(job("now", "roots 40% at 20"))) {
            EarlierVisit visit = EarlierJob.take(then, now);
            Picture copy = Still.read(EarlierJob.still(
                    now.folder(), visit.id(), visit.found().getFirst().finding()));
            assertThat(copy.rgb()[50 * 100 + 10]).isEqualTo(0xffffffff);
            assertThat(copy.rgb()[50 * 100 + 90]).isNotEqualTo(0xffffffff);
        }
    }

    @Test
    void whatIsNoEarlierVisitIsRefused() throws Exception {
        Path empty = job("empty");
        try (JobFolder now = JobFolder.open(job("now", "roots 40% at 20"))) {
            assertThatThrownBy(() -> EarlierJob.take(empty, now)).hasMessageContaining("no finding with a place");
            assertThatThrownBy(() -> EarlierJob.take(temp, now)).isInstanceOf(StoreException.class);
        }
    }
}

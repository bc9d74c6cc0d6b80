package hitch.store.handover;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.decide.Decision;
import hitch.core.decide.EarlierVisit;
import hitch.core.disclosure.Recipient;
import hitch.core.job.Edit;
import hitch.core.judge.visit.Compared;
import hitch.media.Progress;
import hitch.media.clip.Picture;
import hitch.media.render.Still;
import hitch.store.EarlierJob;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.stream.StreamSupport;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** An earlier visit beside this one: what was there then stands in the page and the report with both stills. */
class EarlierVisitDeliveryTest {
    @TempDir
    Path folder;

    @Test
    void bothVisitsAreShownWhereAStillWasKept() throws Exception {
        Delivered job = new Delivered(folder.resolve("job"));
        EarlierVisit seen = Compared.visit("an earlier job", job.survey());
        EarlierVisit visit = new EarlierVisit(seen.id(), "2024-06-11", "4 Sorrel Row", seen.found());
        job.job = job.job.with(new Edit.Decide(new Decision.Beside(visit)));
        String roots = visit.found().getFirst().finding();
        int[] blue = new int[320 * 240];
        Arrays.fill(blue, 0xff2040c0);
        Still.save(new Picture(320, 240, blue, 0), EarlierJob.still(job.folder, visit.id(), roots));

        Path out = folder.resolve("out");
        job.delivery().write(Recipient.HOMEOWNER, out, Progress.NONE);

        List<JsonNode> pairs = StreamSupport.stream(
                        JsonMapper.shared()
                                .readTree(out.resolve("manifest.json").toFile())
                                .path("stills")
                                .spliterator(),
                        false)
                .filter(r -> r.has("pair"))
                .toList();
        assertThat(pairs)
                .as("the roots alone: of nothing else was a still kept")
                .hasSize(2);
        assertThat(pairs.getFirst().path("earlier_visit").asString()).isEqualTo("2024-06-11");
        assertThat(pairs.getFirst().has("clip")).isFalse();
        assertThat(pairs.getLast().path("clip").asString())
                .isEqualTo(job.clip.id().value());
        Picture before = Still.read(out.resolve(pairs.getFirst().path("file").asString()));
        assertThat(before.rgb()).containsExactly(blue);
        String page = Files.readString(out.resolve("index.html"));
        assertThat(page).contains("2024-06-11 and now").contains("<span>2024-06-11</span>");
        try (var pdf = Loader.loadPDF(out.resolve("report.pdf").toFile())) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("2024-06-11:");
        }
    }
}

package hitch.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.detail.Detail;
import hitch.core.detail.Details;
import hitch.core.detail.RandomDetails;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingId;
import hitch.core.job.Edit;
import hitch.core.job.Entry;
import hitch.core.job.Job;
import hitch.core.job.JobHistory;
import hitch.core.survey.Reckoner;
import java.io.IOException;
import java.io.StringReader;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Whatever is said of a finding stands in every file that its recipient gets, and is read back from there. */
class DetailsInFilesTest {
    private static final FindingId ID = new FindingId("F77");

    @Provide
    Arbitrary<Details> details() {
        return RandomDetails.details();
    }

    private static Finding offset() {
        return Sample.finding(Sample.job(), Sample.DOWN, 30, "offset 3/4 in").withId(ID);
    }

    private static Edit saying(Details details) {
        return new Edit.SayOfFinding(ID, offset().traits().withDetails(details), offset().certainty());
    }

    @Property(tries = 60)
    void theFirmFindsThemInCsvAndJson(@ForAll("details") Details details) throws IOException {
        Job job = Sample.job().with(new Edit.AddFinding(offset())).with(saying(details));
        Disclosure may = Disclosure.of(Reckoner.survey(job), Recipient.FIRM);
        StringBuilder csv = new StringBuilder();
        FindingsCsv.write(FindingRow.of(may), csv);
        CSVRecord row = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(csv.toString()))
                .getRecords()
                .getFirst();
        Map<String, String> inCsv = new LinkedHashMap<>();
        for (Detail<?> detail : Detail.all()) {
            // A cell that a spreadsheet would run has an apostrophe before it.
            String cell = row.get(detail.key()).replaceFirst("^'(?=[=+\\-@\\t\\r])", "");
            if (!cell.isEmpty()) {
                inCsv.put(detail.key(), cell);
            }
        }
        assertThat(Details.of(inCsv)).isEqualTo(details);
        JsonNode said = JsonMapper.shared()
                .readTree(FindingsJson.write(may))
                .get("findings")
                .get(0)
                .get("details");
        Map<String, String> inJson = new LinkedHashMap<>();
        said.properties().forEach(p -> inJson.put(p.getKey(), p.getValue().asString()));
        assertThat(Details.of(inJson)).isEqualTo(details);
    }

    @Property(tries = 40)
    void anUndoTakesThemBack(@ForAll("details") Details details) {
        JobHistory history =
                JobHistory.of(List.of(new Entry.Did(new Edit.AddFinding(offset())), new Entry.Did(saying(details))));
        assertThat(history.job().finding(ID).orElseThrow().traits().details()).isEqualTo(details);
        assertThat(history.then(new Entry.Undid()).job().finding(ID)).contains(offset());
        assertThat(history.then(new Entry.Undid()).then(new Entry.Redid()).job())
                .isEqualTo(history.job());
    }

    @Property(tries = 40)
    void aDistrictGetsNothingOfTheHouseAndItsPeople(@ForAll("details") Details details) {
        Job job = Sample.marked();
        for (Finding finding : job.findings()) {
            job = job.with(
                    new Edit.SayOfFinding(finding.id(), finding.traits().withDetails(details), finding.certainty()));
        }
        Disclosure may = Disclosure.of(Reckoner.survey(job), Recipient.DISTRICT);
        assertThat(FindingRow.of(may))
                .allSatisfy(row -> assertThat(row.details().keySet())
                        .doesNotContain("room", "arrived", "who", "asks", "when", "branch", "delay", "ran"));
    }
}

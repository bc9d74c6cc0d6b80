package hitch.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.LineJob;
import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.rules.OwnerRules;
import hitch.core.rules.OwnersReach;
import hitch.core.run.Direction;
import hitch.core.story.Cutting;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import java.io.IOException;
import java.io.StringReader;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class ExchangeTest {
    private static final Survey SURVEY = Reckoner.survey(Sample.marked());

    private static List<CSVRecord> csv(Survey survey, Recipient recipient) throws IOException {
        StringBuilder out = new StringBuilder();
        FindingsCsv.write(FindingRow.of(Disclosure.of(survey, recipient)), out);
        return CSVFormat.RFC4180
                .builder()
                .setHeader()
                .get()
                .parse(new StringReader(out.toString()))
                .getRecords();
    }

    @Test
    void csvAndJsonTellTheSame() throws IOException {
        for (Recipient recipient : Recipient.STANDARD) {
            List<CSVRecord> table = csv(SURVEY, recipient);
            JsonNode rows = JsonMapper.shared()
                    .readTree(FindingsJson.write(Disclosure.of(SURVEY, recipient)))
                    .get("findings");
            assertThat(table).hasSize(rows.size());
            for (int i = 0; i < table.size(); i++) {
                assertThat(table.get(i).get("id"))
                        .isEqualTo(rows.get(i).get("id").asString());
                assertThat(table.get(i).get("place"))
                        .isEqualTo(rows.get(i).get("place").asString());
                assertThat(table.get(i).get("what"))
                        .isEqualTo(rows.get(i).get("what").asString());
                assertThat(table.get(i).get("station_from_ft"))
                        .isEqualTo(rows.get(i).get("stationFromFt").asString());
                assertThat(table.get(i).get("time_s"))
                        .isEqualTo(rows.get(i).get("timeS").asString());
            }
        }
    }

    @Test
    void stationsAreSignedWithTheFlow() throws IOException {
        List<CSVRecord> table = csv(SURVEY, Recipient.HOMEOWNER);
        assertThat(table.get(0).get("station_from_ft")).isEqualTo("-5.0");
        assertThat(table.get(4).get("station_from_ft")).isEqualTo("31.0");
        assertThat(table.get(4).get("station_to_ft")).isEqualTo("38.0");
        assertThat(table.get(7).get("station_from_ft")).isEmpty();
    }

    @Test
    void eachFindingIsToldWhoseItIs() throws IOException {
        LineJob job = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 50)
                .note("street", 20, "roots top heavy")
                .note("street", 45, "hole right")
                .rules(r -> new OwnerRules(OwnersReach.TO_THE_PROPERTY_LINE));
        assertThat(csv(job.survey(), Recipient.HOMEOWNER))
                .extracting(r -> r.get("whose"))
                .containsOnly("");
        job.note("street", 40, "boundary, property line at the hedge");
        assertThat(csv(job.survey(), Recipient.HOMEOWNER))
                .extracting(r -> r.get("kind") + " " + r.get("whose"))
                .contains("roots owner's", "hole public");
    }

    @Test
    void aDistrictsJsonHoldsNothingPrivate() {
        String json = FindingsJson.write(Disclosure.of(SURVEY, Recipient.DISTRICT));
        assertThat(json).doesNotContain("A. Client").doesNotContain("cast iron").doesNotContain("hose bib");
    }

    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "+1", "-cmd", "@SUM(A1)", "\tx", "\rx"})
    void formulasAreDefused(String typed) throws IOException {
        assertThat(FindingsCsv.defused(typed)).isEqualTo("'" + typed);
        Job job = Sample.note(Sample.job(), Sample.DOWN, 5, typed);
        assertThat(csv(Reckoner.survey(job), Recipient.HOMEOWNER).getFirst().get("wording"))
                .doesNotStartWith("=")
                .doesNotStartWith("@")
                .doesNotStartWith("+");
    }

    @Test
    void numbersAreNoFormulas() {
        assertThat(FindingsCsv.defused("-5.0")).isEqualTo("-5.0");
        assertThat(FindingsCsv.defused(7)).isEqualTo(7);
    }

    @Property(tries = 200)
    void anyTextSurvivesTheTable(@ForAll String typed) throws IOException {
        Job job = Sample.job().with(new Edit.AddFinding(Sample.finding(Sample.job(), Sample.DOWN, 5, "x")));
        var found = job.findings().getFirst();
        var odd = new hitch.core.finding.Finding(
                found.id(),
                found.kind(),
                found.frame(),
                found.typed(),
                found.traits(),
                typed,
                typed,
                found.weightSet(),
                List.of());
        Job amended = job.with(new Edit.AmendFinding(found.id(), odd));
        String wording =
                csv(Reckoner.survey(amended), Recipient.BUYER).getFirst().get("wording");
        assertThat(wording).isEqualTo(FindingsCsv.defused(typed));
    }

    @Test
    void webVttIsWellFormed() {
        String vtt = CaptionText.webVtt(List.of(
                new Cutting.Caption(0.6, 2.25, "Roots <b>&</b> --> more"),
                new Cutting.Caption(3600.5, 3661, "two\n\nlines")));
        assertThat(vtt)
                .isEqualTo("WEBVTT\n\n00:00:00.600 --> 00:00:02.250\nRoots &lt;b&gt;&amp;&lt;/b&gt; --&gt; more\n"
                        + "\n01:00:00.500 --> 01:01:01.000\ntwo lines\n");
    }

    @Test
    void subRipIsWellFormed() {
        assertThat(CaptionText.subRip(
                        List.of(new Cutting.Caption(0, 1, "One --> two"), new Cutting.Caption(1, 2, "Three"))))
                .isEqualTo(
                        "1\n00:00:00,000 --> 00:00:01,000\nOne -> two\n\n2\n00:00:01,000 --> 00:00:02,000\nThree\n\n");
    }
}

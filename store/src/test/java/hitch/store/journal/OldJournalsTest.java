package hitch.store.journal;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.exchange.FindingRow;
import hitch.core.exchange.FindingsCsv;
import hitch.core.exchange.LineJson;
import hitch.core.job.JobHistory;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import java.io.IOException;
import java.io.StringReader;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A job that an earlier version wrote opens, and comes to the same numbers. */
class OldJournalsTest {
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void anOldFormatComesToTheSameNumbers(int format) throws IOException {
        ReadJournal read = JournalReader.read(OldJournals.of(format));
        assertThat(read.damage()).isEmpty();
        assertThat(read.newer()).isEmpty();
        Survey survey = Reckoner.survey(
                JobHistory.of(read.lines().stream().map(JournalLine::entry).toList())
                        .job());
        StringBuilder csv = new StringBuilder();
        FindingsCsv.write(FindingRow.of(Disclosure.of(survey, Recipient.HOMEOWNER)), csv);
        List<CSVRecord> was = rows(OldJournals.findings(format));
        List<CSVRecord> is = rows(csv.toString());
        assertThat(is).hasSameSizeAs(was);
        for (int i = 0; i < was.size(); i++) {
            // Columns that came later stand behind those there were.
            assertThat(is.get(i).toMap()).containsAllEntriesOf(was.get(i).toMap());
        }
        holds(
                JsonMapper.shared().readTree(LineJson.write(survey)),
                JsonMapper.shared().readTree(OldJournals.line(format)),
                "");
    }

    /** All that was told is told still, and alike; what came later stands beside it. */
    private static void holds(JsonNode is, JsonNode was, String where) {
        if (was.isObject()) {
            was.properties().forEach(p -> {
                assertThat(is.has(p.getKey())).as(where + "/" + p.getKey()).isTrue();
                holds(is.get(p.getKey()), p.getValue(), where + "/" + p.getKey());
            });
        } else if (was.isArray()) {
            assertThat(is.size()).as(where).isEqualTo(was.size());
            for (int i = 0; i < was.size(); i++) {
                holds(is.get(i), was.get(i), where + "/" + i);
            }
        } else {
            assertThat(is).as(where).isEqualTo(was);
        }
    }

    private static List<CSVRecord> rows(String csv) throws IOException {
        return CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(csv))
                .getRecords();
    }
}

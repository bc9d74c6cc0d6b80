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

/** A job that an earlier version wrote opens, and comes to the same numbers. */
class OldJournalsTest {
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4})
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
        assertThat(LineJson.write(survey)).isEqualTo(OldJournals.line(format));
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

package hitch.store.described;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.Sample;
import hitch.core.detail.Detail;
import hitch.core.detail.Step;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.exchange.FindingRow;
import hitch.core.exchange.FindingsCsv;
import hitch.core.finding.Certainty;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingKind;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.job.RandomEdits;
import hitch.core.judge.Judge;
import hitch.core.judge.visit.Change;
import hitch.core.measure.Distance;
import hitch.core.story.ScriptWriter;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import java.util.List;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DescribedLineTest {
    private static final String BY_HAND = """
            hitch: described line 1
            job:
              property: 12 Sorrel Row
              town: Wendle
              recorded: 2026-08-03
              built: 1949
              called: the tub drains slowly
            line:
              ground: level
              boundary: 55 ft
              branches:
                - name: kitchen
                  joins at: 8 ft
            runs:
              - name: street run
                opening:
                  kind: two-way cleanout
                  pipe: 4 in clay
                goes: toward the main
            findings:
              - says: offset up 3/4 in at 21.5, holding paper
              - kind: roots
                at: 30 to 33.5 ft
                clock: 10-2
                share: 40 %
                sure: likely
                count: 3 of 5
              - says: clay to pvc 40
              - says: driveway 12-18, then lawn to 55
              - says: laundry - not tested
              - kind: main connection
                at: 62 ft
                evidence: flow and locate
            photographs:
              - name: stake-by-the-gate
                at: 55 ft
              - name: washer
                fixture: laundry
            """;

    private static Job job(String yaml) throws DescribedException {
        Job job = Job.EMPTY;
        for (Edit edit : DescribedLine.read(yaml)) {
            job = job.with(edit);
        }
        return job;
    }

    @Test
    void aRecordWrittenByHandIsAJob() throws DescribedException {
        Job job = job(BY_HAND);
        assertThat(job.facts().more().get(Detail.BUILT)).contains(1949);
        assertThat(job.line().branches()).hasSize(1);
        Finding offset = job.findings().getFirst();
        assertThat(offset.traits().details().get(Detail.STEP)).contains(Step.UP);
        assertThat(job.findings().get(1).certainty()).isEqualTo(Certainty.LIKELY);
        assertThat(job.findings()).extracting(Finding::kind).contains(FindingKind.SURFACE, FindingKind.MAIN_CONNECTION);
    }

    @Test
    void lineJudgeScriptAndTablesWorkWithoutAnyFootage() throws Exception {
        Survey survey = Reckoner.survey(job(BY_HAND));
        assertThat(survey.findings()).filteredOn(f -> f.extent().isPresent()).hasSizeGreaterThan(4);
        assertThat(survey.line().whose().boundary()).isPresent();
        assertThat(survey.line().main().orElseThrow().whole().length()).isEqualTo(Distance.feet(62));
        assertThat(survey.seen()).isPresent();
        assertThat(Judge.judge(survey).asks()).isNotEmpty();
        Disclosure may = Disclosure.of(survey, Recipient.BUYER);
        StringBuilder csv = new StringBuilder();
        FindingsCsv.write(FindingRow.of(may), csv);
        assertThat(csv.toString()).contains("30.0").contains("3 of 5");
        assertThat(ScriptWriter.write(may).chapters()).isNotEmpty();
    }

    @Test
    void whatIsWrittenIsReadBackAsTheSame() throws DescribedException {
        Job job = job(BY_HAND);
        String written = DescribedLine.write(job);
        Job again = job(written);
        assertThat(again).isEqualTo(job);
        assertThat(DescribedLine.write(again)).isEqualTo(written);
    }

    @Provide
    Arbitrary<List<Edit>> edits() {
        return RandomEdits.edit().list().ofMinSize(5).ofMaxSize(60);
    }

    @Property(tries = 120)
    void soIsAnyJob(@ForAll("edits") List<Edit> edits) throws DescribedException {
        Job job = Sample.job();
        for (Edit edit : edits) {
            job = job.with(edit);
        }
        Job again = job(DescribedLine.write(job));
        assertThat(again.facts()).isEqualTo(job.facts());
        assertThat(again.line()).isEqualTo(job.line());
        assertThat(again.runs()).isEqualTo(job.runs());
        assertThat(List.copyOf(again.findings())).isEqualTo(List.copyOf(job.findings()));
        assertThat(again.photos()).isEqualTo(job.photos());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '\0',
            value = {
                "job: {propertie: x} | line 1, column 7 | property",
                "runs: [{name: a, goes: sideways}] | line 1, column 24 | toward the main",
                "findings: [{kind: rots}] | line 1, column 19 | roots",
                "findings: [{kind: roots, at: here}] | line 1, column 30 | 26.4 to 33.8 ft",
                "findings: [{at: 3 ft}] | line 1, column 12 | kind",
                "findings: [{kind: roots, run: up}] | line 1, column 31 | there is no run \"up\"",
                "findings: roots | line 1, column 11 | a list was meant",
                "job: {town: a, town: b} | line 1, column 16 | twice",
                "jobs: {} | line 1, column 1 | it has hitch, job",
                "photographs: [{name: a, at: 3 ft, finding: F1}] | line 1, column 44 | one of",
                "photographs: [{name: a}] | line 1, column 15 | 12.5 ft",
                "job: [ | line 1, column | no YAML",
                "findings: [{kind: offset, step: sideways}] | line 1, column 33 | up, down"
            })
    void whatCannotBeReadIsToldWithItsPlaceAndWhatWasMeant(String yaml, String where, String meant) {
        assertThatThrownBy(() -> DescribedLine.read(yaml.strip()))
                .isInstanceOf(DescribedException.class)
                .hasMessageContaining(where.strip().replaceFirst("^line", "Line"))
                .hasMessageContaining(meant.strip());
    }

    @Test
    void anEarlierVisitIsLaidBeside() throws DescribedException {
        String now = """
                job:
                  recorded: 2026-09-10
                runs:
                  - name: street run
                    goes: toward the main
                findings:
                  - says: roots 40% at 20
                earlier:
                  - job:
                      recorded: 2026-01-10
                    runs:
                      - name: street run
                        goes: toward the main
                    findings:
                      - says: roots 20% at 20
                """;
        Job job = Job.EMPTY;
        for (Edit edit : DescribedLine.read(now)) {
            job = job.with(edit);
        }
        assertThat(Judge.judge(Reckoner.survey(job)).beside().getFirst().changes())
                .anyMatch(c -> c.kind() == Change.Kind.GREW);
        assertThatThrownBy(() -> DescribedLine.read("earlier:\n  - job: {town: Wendle}"))
                .isInstanceOf(DescribedException.class)
                .hasMessageContaining("needs a run");
    }
}

package hitch.core.story;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.job.PropertyFacts;
import hitch.core.measure.LengthUnit;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class WordingTest {
    private static Survey survey(String note) {
        return Reckoner.survey(Sample.note(Sample.job(), Sample.DOWN, 9, note));
    }

    private static LocatedFinding located(String note) {
        return survey(note).findings().getFirst();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "roots top heavy | Roots, at the top, heavy",
                "offset 3/4 in, paper on it | Offset, 3/4 in, holding back paper",
                "standing water 10-14, 20% | Standing water, 20 % of the bore; not known whether it drains",
                "4 in clay to 6 in pvc | Material change from 4 in clay to 6 in PVC",
                "4 in to 6 in | Size change from 4 in to 6 in",
                "roots all round | Roots, all round",
                "crack from 2 to 4 o'clock | Crack, from 2 to 4 o'clock",
                "mind the dog | mind the dog"
            })
    void saysAFindingInOneWay(String note, String what) {
        assertThat(Wording.what(located(note))).isEqualTo(what);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "FEET | roots at 14.2 | 14.2 ft toward the main",
                "FEET_INCHES | roots at 14.5 | 14 ft 6 in toward the main",
                "METRES | roots at 3,2 m | 3.20 m toward the main",
                "FEET | standing water 14-10 | 10.0 to 14.0 ft toward the main"
            })
    void saysAPlaceInTheJobsUnit(LengthUnit unit, String note, String place) {
        PropertyFacts facts = Sample.job().facts();
        Job job = Sample.job().with(new Edit.DescribeProperty(facts.in(unit)));
        Survey survey = Reckoner.survey(Sample.note(job, Sample.DOWN, 9, note));
        assertThat(Wording.place(
                        survey.findings().getFirst(),
                        survey.line(),
                        survey.facts().unit()))
                .isEqualTo(place);
    }

    @Test
    void aFindingOnNoRunHasNoStation() {
        Job job = Sample.note(Sample.job(), Sample.YARD, 3, "cap under the mulch");
        Survey survey = Reckoner.survey(job);
        assertThat(Wording.place(
                        survey.findings().getFirst(),
                        survey.line(),
                        survey.facts().unit()))
                .isEqualTo("no station");
    }

    @ParameterizedTest
    @EnumSource(value = FindingKind.class, mode = EnumSource.Mode.EXCLUDE, names = "REMARK")
    void everyKindMeansSomethingInASentence(FindingKind kind) {
        LocatedFinding any = located("roots");
        var found = any.finding();
        var other = new hitch.core.finding.Finding(
                found.id(),
                kind,
                found.frame(),
                found.typed(),
                found.traits(),
                "w",
                "",
                found.weightSet(),
                found.history());
        String meaning = Wording.meaning(new LocatedFinding(
                other, any.extent(), any.run(), any.heading(), any.confidence(), any.weight(), any.because()));
        assertThat(meaning).endsWith(".").hasSizeGreaterThan(10);
        assertThat(kind.title()).isEqualToIgnoringCase(kind.word());
    }

    @Test
    void audiencesAreKnownByTheirWord() {
        for (Recipient recipient : Recipient.STANDARD) {
            assertThat(Recipient.of(" " + recipient.word().toUpperCase() + " ")).contains(recipient);
            assertThat(recipient.wants()).isNotBlank();
        }
        assertThat(Recipient.of("neighbour")).isEmpty();
    }
}

package hitch.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.finding.FindingId;
import hitch.core.finding.Weight;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.job.PropertyFacts;
import hitch.core.survey.Reckoner;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AdviserTest {
    private static List<Advice> advise(String... notes) {
        Job job = Sample.job();
        for (String note : notes) {
            job = Sample.note(job, Sample.DOWN, 9, note);
        }
        return Adviser.advise(Reckoner.survey(job));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "roots | cleaned out",
                "hole | price a repair",
                "broken pipe | price a repair",
                "offset 3/4 in | relining",
                "gap 1 in | relining",
                "standing water 10-12 | Leave the standing water",
                "grease | walls cleaned",
                "scale light | walls cleaned",
                "can't get past | unknown until",
                "under water 10-14 | unknown until",
                "blocked 40% | cleared out",
                "blocked | opened and cleaned"
            })
    void eachTroubleHasItsAdvice(String note, String part) {
        assertThat(advise(note)).anySatisfy(a -> assertThat(a.proposal()).contains(part));
    }

    @ParameterizedTest
    @CsvSource({"offset 1/4 in", "roots light", "tie-in left", "clay to pvc", "property line", "hello"})
    void smallThingsCallForNone(String note) {
        assertThat(advise(note)).isEmpty();
    }

    @Test
    void aBlockedLineIsNeverPriced() {
        assertThat(advise("blocked by roots 95%", "grease 90%"))
                .singleElement()
                .satisfies(a -> assertThat(a.restsOn()).hasSize(2));
    }

    @Test
    void oneAdviceGathersAllItsFindings() {
        assertThat(advise("roots", "roots heavy", "hole"))
                .hasSize(2)
                .first()
                .satisfies(a -> assertThat(a.restsOn()).containsExactly(new FindingId("F1"), new FindingId("F2")));
    }

    @Test
    void aWeightSetByHandChangesTheAdvice() {
        Job job = Sample.note(Sample.job(), Sample.DOWN, 9, "offset 1/4 in");
        Job heavier = job.with(new Edit.WeighFinding(new FindingId("F1"), Optional.of(Weight.MEND)));
        assertThat(Adviser.advise(Reckoner.survey(job))).isEmpty();
        assertThat(Adviser.advise(Reckoner.survey(heavier))).hasSize(1);
        assertThat(Adviser.advise(
                        Reckoner.survey(heavier.with(new Edit.WeighFinding(new FindingId("F1"), Optional.empty())))))
                .isEmpty();
    }

    @Test
    void theCautionsNameLocalCodesMarkingAndGas() {
        String all = String.join(" ", Cautions.ALL);
        assertThat(all)
                .contains("Local codes")
                .contains("buried utilities marked")
                .contains("Sewer gas")
                .contains("shoring");
    }

    @Test
    void thePropertyIsNamedEvenWhenNothingWasTyped() {
        assertThat(PropertyFacts.BLANK.title()).isEqualTo("Unnamed property");
        assertThat(Sample.job().facts().title()).isEqualTo("3 Larkspur Close, Wendle");
    }
}

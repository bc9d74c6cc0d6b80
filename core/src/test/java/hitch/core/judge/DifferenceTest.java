package hitch.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.rules.HouseRules;
import hitch.core.rules.RulesText;
import hitch.core.survey.Reckoner;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a changed rule would do to a line with roots and an offset. */
class DifferenceTest {
    private static Judgement by(HouseRules rules) {
        Job job = Sample.note(Sample.job(), Sample.DOWN, 9, "roots at 20");
        job = Sample.note(job, Sample.DOWN, 9, "offset up 3/4 in at 30");
        return Judge.judge(Reckoner.survey(job.with(new Edit.TakeRules(rules))));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "care.between-cleanings | 9 months | Roots (",
                "judging.care-within | 1 months | Roots (within 1 month)",
                "judging.liner-step | 0.5 in | Offset (Dig and mend that place)",
                "judging.verdict | pass-or-fail | the verdict",
                "showing.before | 1 s | nothing of this job"
            })
    void namesWhatWouldChange(String rule, String value, String told) {
        Judgement now = by(HouseRules.DEFAULT);
        Judgement then = by(RulesText.with(HouseRules.DEFAULT, rule, value));
        assertThat(Difference.words(now, then)).startsWith("It would change").contains(told);
    }

    @Test
    void nothingChangesNothing() {
        assertThat(Difference.words(by(HouseRules.DEFAULT), by(HouseRules.DEFAULT)))
                .isEqualTo("It would change nothing of this job.");
    }
}

package hitch.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.decide.Answer;
import hitch.core.decide.Decision;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.FindingId;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.judge.verdict.Verdict;
import hitch.core.rules.HouseRules;
import hitch.core.rules.RulesText;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The same findings told in each school, and to whom. */
class VerdictTest {
    private static Survey survey(String school, String... notes) {
        Job job = Sample.job().with(new Edit.TakeRules(RulesText.with(HouseRules.DEFAULT, "judging.verdict", school)));
        for (String note : notes) {
            job = Sample.note(job, Sample.DOWN, 9, note);
        }
        return Reckoner.survey(job);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "graded | roots light at 20 | Functioning, with ",
                "graded | hole at 20 | In need of repair: hole, 20.0 ft toward the main",
                "graded | blocked at 20 | Not judged. It is blocked 20.0 ft toward the main",
                "pass-or-fail | roots light at 20 | Pass, with ",
                "pass-or-fail | hole at 20 | Fail: hole",
                "pass-or-fail | blocked at 20 | Neither pass nor fail",
                "described | hole at 20 | Seen: "
            })
    void isToldInTheFirmsSchool(String school, String note, String begins) {
        assertThat(Judge.judge(survey(school, note)).verdict().words()).startsWith(begins);
    }

    @Test
    void alwaysTellsWhatWasNotSeenAndWhatWouldChangeIt() {
        Verdict verdict = Judge.judge(survey("graded", "might be a hole at 20")).verdict();
        assertThat(verdict.notSeen()).isNotEmpty();
        assertThat(verdict.wouldChange()).anyMatch(w -> w.contains("hole"));
        assertThat(verdict.passes()).contains(true);
    }

    @Test
    void onlyWhoIsAdvisedIsToldAndOnlyWhatItMaySee() {
        Survey survey = survey("graded", "hole at 20", "roots at 30");
        assertThat(Disclosure.of(survey, Recipient.HOMEOWNER).judgement()).contains(Judge.judge(survey));
        assertThat(Disclosure.of(survey, Recipient.INSURER).judgement()).isEmpty();
        assertThat(Disclosure.of(survey, Recipient.DISTRICT).asks()).isEmpty();
        assertThat(Disclosure.of(survey, Recipient.AGENT).asks())
                .anyMatch(a -> a.findings().contains(new FindingId("F1")));
    }

    @Test
    void aBuyerIsToldWhatMustBeSettledBeforeClosingAndADistrictOnlyWhatIsItsOwn() {
        Survey survey = survey("graded", "soil washing in at 20", "property line at 50", "roots at 55");
        String owner = Disclosure.of(survey, Recipient.HOMEOWNER).comesTo().statement();
        String buyer = Disclosure.of(survey, Recipient.BUYER).comesTo().statement();
        assertThat(buyer).startsWith(owner).contains("To be settled before closing: Soil");
        String district = Disclosure.of(survey, Recipient.DISTRICT).comesTo().statement();
        assertThat(district).contains("not judged").doesNotContainIgnoringCase("soil");
        Survey without = survey("graded", "property line at 50", "roots at 55");
        assertThat(Disclosure.of(without, Recipient.DISTRICT).comesTo().statement())
                .isEqualTo(district);
    }

    @Test
    void whatIsHandedOnAsUnknownIsTold() {
        Survey survey = survey("graded", "might be a hole at 20");
        String asked = Judge.judge(survey).questions().stream()
                .filter(q -> q.id().startsWith("second look"))
                .findFirst()
                .orElseThrow()
                .id();
        Job job = Sample.note(Sample.job(), Sample.DOWN, 9, "might be a hole at 20")
                .with(new Edit.Decide(new Decision.OnQuestion(asked, new Answer(Answer.Kind.UNKNOWN, ""))));
        assertThat(Disclosure.of(Reckoner.survey(job), Recipient.BUYER)
                        .comesTo()
                        .unknown())
                .singleElement()
                .asString()
                .contains("does another look settle it");
    }
}

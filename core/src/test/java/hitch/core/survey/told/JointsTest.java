package hitch.core.survey.told;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.exchange.FindingsJson;
import hitch.core.job.Job;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import java.util.List;
import org.junit.jupiter.api.Test;

class JointsTest {
    private static Survey survey(String... notes) {
        Job job = Sample.job();
        for (int i = 0; i < notes.length; i++) {
            job = Sample.note(job, Sample.DOWN, 2 + i, notes[i]);
        }
        return Reckoner.survey(job);
    }

    private static List<String> told(String... notes) {
        return Joints.of(survey(notes).findings()).stream()
                .map(Joints.Tally::sentence)
                .toList();
    }

    @Test
    void nothingIsToldWhereNobodyCounted() {
        assertThat(told("roots top at 12", "roots top at 15")).isEmpty();
    }

    @Test
    void jointsDeclaredClearCountAmongThoseLookedAt() {
        assertThat(told("9 of 14 joints have roots 10-40", "10 jts 40-58 all clear"))
                .contains("9 of 24 joints: roots");
    }

    @Test
    void oneInsideACountedStretchIsInItsCountAndOneOutsideIsOneMore() {
        assertThat(told("9 of 14 joints have roots 10-40", "roots top at 20", "roots top at 44.5"))
                .containsExactly("10 of 15 joints: roots");
    }

    @Test
    void twoThingsAtOneJointAreAtOneJoint() {
        assertThat(told("9 of 14 joints have roots 10-40", "roots top at 44.5", "offset 1/2 in at 44.6"))
                .containsExactly("10 of 15 joints: roots", "1 of 15 joints: offset");
    }

    @Test
    void aStretchWithinACountedOneIsNotCountedTwice() {
        assertThat(told("9 of 14 joints have roots 10-40", "3 of 5 joints have roots 20-30"))
                .containsExactly("9 of 14 joints: roots");
    }

    @Test
    void whoReadsTheDataGetsTheSum() {
        Survey survey = survey("9 of 14 joints have roots 10-40", "10 jts 40-58 all clear");
        assertThat(FindingsJson.write(Disclosure.of(survey, Recipient.HOMEOWNER)))
                .contains("\"joints\"")
                .contains("24");
        assertThat(FindingsJson.write(Disclosure.of(survey, Recipient.DISTRICT)))
                .doesNotContain("\"joints\"");
    }
}

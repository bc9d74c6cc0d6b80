package hitch.core.judge.question;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.caption.Cue;
import hitch.core.decide.Answer;
import hitch.core.decide.Decision;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.judge.Judge;
import hitch.core.measure.LengthUnit;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.core.survey.spoken.Heard;
import hitch.core.talk.Commentary;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What was said along a clip and contradicts the counter is a question until somebody settles it. */
class ContradictedTest {
    private static final Commentary SAID = new Commentary(
            "C1", Sample.DOWN, "said.srt", List.of(new Cue(10, 13, "we have roots here at 95 feet")), 0, Map.of());

    private static Job job() {
        return Sample.job().with(new Edit.PutCommentary(SAID));
    }

    private static Survey survey(Job job) {
        return Heard.all(job, new TradeNoteReader(), LengthUnit.FEET).in(Reckoner.survey(job), job);
    }

    private static List<Question> asked(Job job) {
        return Judge.judge(survey(job)).questions().stream()
                .filter(q -> q.kind() == Question.Kind.CONTRADICTION)
                .toList();
    }

    @Test
    void aPlaceTheCounterDeniesIsAskedForWithItsMoment() {
        Question asked = asked(job()).getFirst();
        assertThat(asked.text()).contains("95");
        assertThat(asked.heard().orElseThrow().clip()).isEqualTo(Sample.DOWN);
        assertThat(Sample.job()
                        .clip(Sample.DOWN)
                        .orElseThrow()
                        .secondsInto(asked.heard().orElseThrow().pts()))
                .isBetween(9.9, 10.1);
        assertThat(asked.isOpen()).isTrue();
    }

    @Test
    void whatWasSettledInTheQueueIsAskedNoMore() {
        String key = Heard.all(job(), new TradeNoteReader(), LengthUnit.FEET)
                .read()
                .get(SAID.cues())
                .drafts()
                .getFirst()
                .key();
        assertThat(asked(Sample.job().with(new Edit.PutCommentary(SAID.settling(key, Commentary.Settled.REFUSED)))))
                .isEmpty();
    }

    @Test
    void handedOnItIsToldToTheOwnerAndNothingElseOfItIs() {
        Question asked = asked(job()).getFirst();
        assertThat(Disclosure.of(survey(job()), Recipient.HOMEOWNER).comesTo().unknown())
                .isEmpty();
        Job handedOn =
                job().with(new Edit.Decide(new Decision.OnQuestion(asked.id(), new Answer(Answer.Kind.UNKNOWN, ""))));
        assertThat(Disclosure.of(survey(handedOn), Recipient.HOMEOWNER)
                        .comesTo()
                        .unknown())
                .containsExactly(asked.text());
        assertThat(asked(handedOn)).noneMatch(Question::isOpen);
    }
}

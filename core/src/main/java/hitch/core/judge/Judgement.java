package hitch.core.judge;

import hitch.core.judge.age.Age;
import hitch.core.judge.ask.Ask;
import hitch.core.judge.matter.Matter;
import hitch.core.judge.question.Question;
import hitch.core.judge.verdict.SeenEnough;
import hitch.core.judge.verdict.Verdict;
import hitch.core.judge.visit.Compared;
import java.util.List;

/**
 * What it comes to, and why; immutable.
 *
 * @param verdict in the firm's school
 * @param seen whether enough was seen to judge it
 * @param matters what there is to be dealt with, the heaviest first
 * @param asks what is to be done, in order; declined ones last
 * @param notes what is worth knowing and asks for nothing, a sentence each
 * @param ages of every stretch of pipe
 * @param questions what is still open
 * @param plans whole ways to go over the years
 * @param beside earlier visits held against this one
 */
public record Judgement(
        Verdict verdict,
        SeenEnough seen,
        List<Matter> matters,
        List<Ask> asks,
        List<String> notes,
        List<Age> ages,
        List<Question> questions,
        List<hitch.core.judge.plan.Plan> plans,
        List<Compared> beside) {
    public Judgement {
        matters = List.copyOf(matters);
        asks = List.copyOf(asks);
        notes = List.copyOf(notes);
        ages = List.copyOf(ages);
        questions = List.copyOf(questions);
        plans = List.copyOf(plans);
        beside = List.copyOf(beside);
    }

    /** What is to be done, without what was declined. */
    public List<Ask> standing() {
        return asks.stream().filter(a -> !a.isDeclined()).toList();
    }

    public List<Question> open() {
        return questions.stream().filter(Question::isOpen).toList();
    }
}

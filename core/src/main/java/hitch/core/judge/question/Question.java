package hitch.core.judge.question;

import hitch.core.decide.Answer;
import hitch.core.finding.FindingId;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Station;
import java.util.Optional;

/**
 * Something still open.
 *
 * @param id its name, the same whenever it is asked
 * @param kind what sort of question it is
 * @param text the question
 * @param finding the finding it is about
 * @param branch the pipe it is about
 * @param at where the footage shows it, where no finding does
 * @param heard when it was said, where it is about what was said
 * @param answer what became of it
 */
public record Question(
        String id,
        Kind kind,
        String text,
        Optional<FindingId> finding,
        String branch,
        Optional<Station> at,
        Optional<FrameRef> heard,
        Answer answer) {
    /** What sort of question it is. */
    public enum Kind {
        NOT_EXPLAINED("not explained"),
        NOT_ARRIVED("not arrived"),
        CONTRADICTION("contradiction"),
        PROMISE("promise"),
        SECOND_LOOK("second look"),
        UNSEEN("unseen"),
        BRANCH("branch"),
        THIN("thin record"),
        MARK("mark"),
        AGE("age"),
        UNTESTED("untested");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    public boolean isOpen() {
        return answer.kind() == Answer.Kind.OPEN;
    }
}

package hitch.core.survey;

import hitch.core.measure.Cover;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.pipe.PipeSpan;
import java.util.List;
import java.util.Optional;

/**
 * One pipe of the line: the line itself or a branch.
 *
 * @param name the branch's name; {@link Branch#LINE} for the line
 * @param into what it joins; empty for the line
 * @param join station of the join; empty for the line, and where it is not known
 * @param whole from the upper end that is known of it to the lower, seen or not
 * @param reached what the camera went through
 * @param spans what it is made of, filling {@code whole} exactly
 * @param upperKnown whether it is known to begin at the upper end of {@code whole}
 * @param lowerKnown whether it is known to end at the lower end
 */
public record Way(
        String name,
        Optional<String> into,
        Optional<Station> join,
        Extent whole,
        Cover reached,
        List<PipeSpan> spans,
        boolean upperKnown,
        boolean lowerKnown) {

    public boolean isBranch() {
        return !name.equals(Branch.LINE);
    }

    /** In words: {@code the line} or {@code the kitchen branch}. */
    public String words() {
        return wordsOf(name);
    }

    static String wordsOf(String branch) {
        return switch (branch) {
            case Branch.LINE -> "the line";
            case Branch.MAIN -> "the main";
            default -> "the " + branch + " branch";
        };
    }

    /** The span at a station; the later where two meet. */
    public Optional<PipeSpan> spanAt(Station station) {
        return spans.stream().filter(s -> s.extent().covers(station)).reduce((a, b) -> b);
    }
}

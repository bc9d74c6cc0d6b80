package hitch.desk.mark;

import hitch.core.survey.spoken.SpokenLine;
import java.util.List;
import java.util.stream.IntStream;

/** Where a draft stands among others, when the queue was filled anew. */
final class QueuePlace {
    private QueuePlace() {}

    /**
     * Its row; where it is not among them, that of the one said next on its clip, else the last.
     *
     * @return -1 where there are none
     */
    static int of(SpokenLine one, List<SpokenLine> lines) {
        return IntStream.range(0, lines.size())
                .filter(i -> isSame(one, lines.get(i)))
                .findFirst()
                .orElseGet(() -> IntStream.range(0, lines.size())
                        .filter(i -> lines.get(i).clip().id().equals(one.clip().id())
                                && lines.get(i).seconds() >= one.seconds())
                        .findFirst()
                        .orElse(lines.size() - 1));
    }

    private static boolean isSame(SpokenLine one, SpokenLine other) {
        return other.commentary().id().equals(one.commentary().id())
                && other.spoken().key().equals(one.spoken().key());
    }
}

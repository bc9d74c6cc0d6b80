package hitch.core.counter;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What is known of one clip's counter.
 *
 * @param marks in order of time, one of each sort on a frame
 * @param doubts where it could not be read with trust, in order of time
 */
public record CounterMarks(List<CounterMark> marks, List<Doubtful> doubts) {
    public static final CounterMarks NONE = new CounterMarks(List.of(), List.of());

    public CounterMarks {
        marks = List.copyOf(marks);
        doubts = List.copyOf(doubts);
    }

    /** With a mark that replaces one of its sort on its frame. */
    public CounterMarks with(CounterMark mark) {
        List<CounterMark> next = new ArrayList<>(marks);
        next.removeIf(m -> m.pts() == mark.pts() && m.getClass() == mark.getClass());
        next.add(mark);
        return new CounterMarks(ordered(next), doubts);
    }

    public CounterMarks without(CounterMark mark) {
        return new CounterMarks(marks.stream().filter(m -> !m.equals(mark)).toList(), doubts);
    }

    /**
     * With a new reading of the pictures in place of the last. What a person set stays and wins over what was read
     * within {@code near} ticks of it.
     */
    public CounterMarks read(List<CounterMark> read, List<Doubtful> doubts, long near) {
        List<CounterMark> next = new ArrayList<>(byHand());
        List<CounterMark> hand = byHand();
        for (CounterMark mark : read) {
            if (hand.stream().noneMatch(m -> Math.abs(m.pts() - mark.pts()) < near)) {
                next.add(mark);
            }
        }
        return new CounterMarks(ordered(next), doubts);
    }

    /** What a person set. */
    public List<CounterMark> byHand() {
        return marks.stream().filter(m -> m.by() == MarkSource.BY_HAND).toList();
    }

    private static List<CounterMark> ordered(List<CounterMark> marks) {
        return marks.stream()
                .sorted(Comparator.comparingLong(CounterMark::pts)
                        .thenComparing(m -> m.getClass().getSimpleName(), Comparator.reverseOrder()))
                .toList();
    }
}

package hitch.core.job;

import hitch.core.counter.CounterMark;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Keeps a clip's counter marks in order, one of each sort on a frame. */
final class Marks {
    private Marks() {}

    /** {@code marks} with those of {@code read} that stand farther than {@code near} ticks from all of them. */
    static List<CounterMark> merged(List<CounterMark> marks, List<CounterMark> read, long near) {
        List<CounterMark> next = new ArrayList<>(marks);
        for (CounterMark mark : read) {
            if (marks.stream().noneMatch(m -> Math.abs(m.pts() - mark.pts()) < near)) {
                next.add(mark);
            }
        }
        next.sort(Comparator.comparingLong(CounterMark::pts)
                .thenComparing(m -> m.getClass().getSimpleName(), Comparator.reverseOrder()));
        return List.copyOf(next);
    }

    static List<CounterMark> set(List<CounterMark> marks, CounterMark mark) {
        List<CounterMark> next = new ArrayList<>(marks);
        next.removeIf(m -> m.pts() == mark.pts() && m.getClass() == mark.getClass());
        next.add(mark);
        next.sort(Comparator.comparingLong(CounterMark::pts)
                .thenComparing(m -> m.getClass().getSimpleName(), Comparator.reverseOrder()));
        return List.copyOf(next);
    }
}

package hitch.core.counter;

import java.util.AbstractList;
import java.util.Comparator;
import java.util.List;
import java.util.RandomAccess;
import org.pcollections.PVector;
import org.pcollections.TreePVector;

/**
 * Counter marks in order of time, one of each sort on a frame. Immutable; the next list shares all but what changed, so
 * that every state of a long job can be kept for undo.
 */
final class MarkList extends AbstractList<CounterMark> implements RandomAccess {
    static final MarkList EMPTY = new MarkList(TreePVector.empty());

    /** On one frame a zeroing comes before the reading it leads to. */
    private static final Comparator<CounterMark> ORDER = Comparator.comparingLong(CounterMark::pts)
            .thenComparing(m -> m.getClass().getSimpleName(), Comparator.reverseOrder());

    private final PVector<CounterMark> marks;

    private MarkList(PVector<CounterMark> marks) {
        this.marks = marks;
    }

    /** All of {@code marks} in order; of several of one sort on a frame the last. */
    static MarkList of(List<CounterMark> marks) {
        if (marks instanceof MarkList known) {
            return known;
        }
        boolean ordered = true;
        for (int i = 1; i < marks.size() && ordered; i++) {
            ordered = ORDER.compare(marks.get(i - 1), marks.get(i)) < 0;
        }
        if (ordered) {
            return new MarkList(TreePVector.from(marks));
        }
        MarkList list = EMPTY;
        for (CounterMark mark : marks) {
            list = list.with(mark);
        }
        return list;
    }

    /** With a mark that replaces one of its sort on its frame. */
    MarkList with(CounterMark mark) {
        int place = place(mark);
        boolean taken = place < marks.size() && ORDER.compare(marks.get(place), mark) == 0;
        return new MarkList(taken ? marks.with(place, mark) : marks.plus(place, mark));
    }

    /** Without that very mark. */
    MarkList without(CounterMark mark) {
        int place = place(mark);
        return place < marks.size() && marks.get(place).equals(mark) ? new MarkList(marks.minus(place)) : this;
    }

    /** The marks from {@code from} ticks to {@code to}, both included. */
    List<CounterMark> between(long from, long to) {
        int first = firstAt(from);
        int end = first;
        while (end < marks.size() && marks.get(end).pts() <= to) {
            end++;
        }
        return marks.subList(first, end);
    }

    private int place(CounterMark mark) {
        int at = firstAt(mark.pts());
        while (at < marks.size() && ORDER.compare(marks.get(at), mark) < 0) {
            at++;
        }
        return at;
    }

    private int firstAt(long pts) {
        int low = 0;
        int high = marks.size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (marks.get(middle).pts() < pts) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    @Override
    public CounterMark get(int index) {
        return marks.get(index);
    }

    @Override
    public int size() {
        return marks.size();
    }
}

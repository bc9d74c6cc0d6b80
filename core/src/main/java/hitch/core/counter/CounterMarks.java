package hitch.core.counter;

import hitch.core.measure.LengthUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What is known of one clip's counter.
 *
 * @param marks in order of time, one of each sort on a frame
 * @param doubts where it could not be read with trust, in order of time
 * @param refused zeroings that were read and that a person said are none
 * @param counted what the counter as a whole was taken for when it was read; empty where it was not
 */
public record CounterMarks(
        List<CounterMark> marks, List<Doubtful> doubts, List<Zeroing> refused, Optional<Counted> counted) {
    public static final CounterMarks NONE = new CounterMarks(List.of(), List.of(), List.of(), Optional.empty());

    public CounterMarks {
        marks = MarkList.of(marks);
        doubts = List.copyOf(doubts);
        refused = List.copyOf(refused);
    }

    /** With a mark that replaces one of its sort on its frame. */
    public CounterMarks with(CounterMark mark) {
        return new CounterMarks(list().with(mark), doubts, refused, counted);
    }

    /**
     * With a mark set by hand. A zeroing moves the one that was read within {@code reach} ticks of it; the old place is
     * refused, so that it does not come back.
     */
    public CounterMarks set(CounterMark mark, long reach) {
        Optional<CounterMark> moved = mark instanceof Zeroing
                ? list().between(mark.pts() - reach, mark.pts() + reach).stream()
                        .filter(m -> m instanceof Zeroing && m.by() == MarkSource.READ_OFF)
                        .min(Comparator.comparingLong(m -> Math.abs(m.pts() - mark.pts())))
                : Optional.empty();
        return moved.map(this::without).orElse(this).with(mark);
    }

    /** Without a mark; a zeroing that was read counts as refused from now on. */
    public CounterMarks without(CounterMark mark) {
        List<Zeroing> none = new ArrayList<>(refused);
        if (mark instanceof Zeroing zeroing && mark.by() == MarkSource.READ_OFF && marks.contains(mark)) {
            none.add(zeroing);
        }
        return new CounterMarks(list().without(mark), doubts, none, counted);
    }

    /**
     * With a new reading of the pictures in place of the last. What a person set stays and wins over what was read
     * within {@code near} ticks of it; a zeroing read that near to a refused one is left out.
     */
    public CounterMarks read(List<CounterMark> read, List<Doubtful> doubts, Optional<Counted> counted, long near) {
        List<CounterMark> next = new ArrayList<>(byHand());
        List<CounterMark> hand = byHand();
        for (CounterMark mark : read) {
            List<? extends CounterMark> settled = mark instanceof Zeroing ? refused : List.of();
            if (!near(hand, mark, near) && !near(settled, mark, near)) {
                next.add(mark);
            }
        }
        return new CounterMarks(next, doubts, refused, counted);
    }

    /**
     * With what was read taken in {@code unit}, by a person's word; what was set by hand stays. Nothing changes where
     * the unit is known or nothing was read.
     */
    public CounterMarks countedIn(LengthUnit unit) {
        if (counted.isEmpty() || counted.get().unitSure()) {
            return this;
        }
        double times = unit.mm() / counted.get().unit().mm();
        List<CounterMark> next = marks.stream()
                .map(m -> m.by() == MarkSource.READ_OFF ? m.times(times) : m)
                .toList();
        return new CounterMarks(
                next,
                doubts,
                refused,
                Optional.of(new Counted(unit, true, counted.get().upSure())));
    }

    private static boolean near(List<? extends CounterMark> known, CounterMark mark, long ticks) {
        return known.stream().anyMatch(m -> Math.abs(m.pts() - mark.pts()) < ticks);
    }

    /** What a person set. */
    public List<CounterMark> byHand() {
        return marks.stream().filter(m -> m.by() == MarkSource.BY_HAND).toList();
    }

    private MarkList list() {
        return MarkList.of(marks);
    }
}

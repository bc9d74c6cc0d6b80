package hitch.core.counter;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class CounterMarksTest {
    private static final long SECOND = 1000;

    private final Zeroing read = new Zeroing(60_000, Distance.feet(30), Distance.ZERO, MarkSource.READ_OFF);
    private final CounterMarks marks = CounterMarks.NONE.read(List.of(read), List.of(), SECOND);

    @Test
    void aRefusedZeroingDoesNotComeBack() {
        CounterMarks refused = marks.without(read);
        Zeroing again = new Zeroing(60_400, Distance.feet(30.2), Distance.ZERO, MarkSource.READ_OFF);

        assertThat(refused.marks()).isEmpty();
        assertThat(refused.read(List.of(again), List.of(), SECOND).marks()).isEmpty();
    }

    @Test
    void anotherZeroingIsStillTaken() {
        Zeroing later = new Zeroing(90_000, Distance.feet(41), Distance.ZERO, MarkSource.READ_OFF);

        assertThat(marks.without(read).read(List.of(later), List.of(), SECOND).marks())
                .containsExactly(later);
    }

    @Test
    void aReadingAtARefusedZeroingIsStillTaken() {
        Reading reading = new Reading(60_400, Distance.feet(30.2), MarkSource.READ_OFF);

        assertThat(marks.without(read).read(List.of(reading), List.of(), SECOND).marks())
                .containsExactly(reading);
    }

    @Test
    void aZeroingSetCloseByMovesTheOneThatWasRead() {
        Zeroing moved = Zeroing.byHand(62_500, Distance.feet(30.5));
        CounterMarks next = marks.set(moved, 5 * SECOND);

        assertThat(next.marks()).containsExactly(moved);
        assertThat(next.read(List.of(read), List.of(), SECOND).marks()).containsExactly(moved);
    }

    @Test
    void aZeroingSetFarAwayIsAnother() {
        Zeroing other = Zeroing.byHand(80_000, Distance.feet(38));

        assertThat(marks.set(other, 5 * SECOND).marks()).containsExactly(read, other);
    }
}

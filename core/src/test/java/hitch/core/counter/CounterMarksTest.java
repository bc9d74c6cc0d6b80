package hitch.core.counter;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class CounterMarksTest {
    private static final long SECOND = 1000;

    private final Zeroing read = new Zeroing(60_000, Distance.feet(30), Distance.ZERO, MarkSource.READ_OFF);
    private final CounterMarks marks = CounterMarks.NONE.read(List.of(read), List.of(), Optional.empty(), SECOND);

    @Test
    void aRefusedZeroingDoesNotComeBack() {
        CounterMarks refused = marks.without(read);
        Zeroing again = new Zeroing(60_400, Distance.feet(30.2), Distance.ZERO, MarkSource.READ_OFF);

        assertThat(refused.marks()).isEmpty();
        assertThat(refused.read(List.of(again), List.of(), Optional.empty(), SECOND)
                        .marks())
                .isEmpty();
    }

    @Test
    void anotherZeroingIsStillTaken() {
        Zeroing later = new Zeroing(90_000, Distance.feet(41), Distance.ZERO, MarkSource.READ_OFF);

        assertThat(marks.without(read)
                        .read(List.of(later), List.of(), Optional.empty(), SECOND)
                        .marks())
                .containsExactly(later);
    }

    @Test
    void aReadingAtARefusedZeroingIsStillTaken() {
        Reading reading = new Reading(60_400, Distance.feet(30.2), MarkSource.READ_OFF);

        assertThat(marks.without(read)
                        .read(List.of(reading), List.of(), Optional.empty(), SECOND)
                        .marks())
                .containsExactly(reading);
    }

    @Test
    void aZeroingSetCloseByMovesTheOneThatWasRead() {
        Zeroing moved = Zeroing.byHand(62_500, Distance.feet(30.5));
        CounterMarks next = marks.set(moved, 5 * SECOND);

        assertThat(next.marks()).containsExactly(moved);
        assertThat(next.read(List.of(read), List.of(), Optional.empty(), SECOND).marks())
                .containsExactly(moved);
    }

    @Test
    void aZeroingSetFarAwayIsAnother() {
        Zeroing other = Zeroing.byHand(80_000, Distance.feet(38));

        assertThat(marks.set(other, 5 * SECOND).marks()).containsExactly(read, other);
    }

    private CounterMarks countedIn(boolean sure) {
        return CounterMarks.NONE
                .read(
                        List.of(new Reading(10_000, Distance.feet(10), MarkSource.READ_OFF), read),
                        List.of(),
                        Optional.of(new Counted(LengthUnit.FEET, sure, true)),
                        SECOND)
                .with(Reading.byHand(20_000, Distance.feet(12)));
    }

    @Test
    void aUnitThatWasAQuestionIsAnsweredForWhatWasReadAlone() {
        CounterMarks answered = countedIn(false).countedIn(LengthUnit.METRES);

        assertThat(answered.marks())
                .containsExactly(
                        new Reading(10_000, Distance.metres(10), MarkSource.READ_OFF),
                        Reading.byHand(20_000, Distance.feet(12)),
                        new Zeroing(60_000, Distance.metres(30), Distance.ZERO, MarkSource.READ_OFF));
        assertThat(answered.counted()).contains(new Counted(LengthUnit.METRES, true, true));
    }

    @Test
    void aUnitThatIsKnownStays() {
        assertThat(countedIn(true).countedIn(LengthUnit.METRES)).isEqualTo(countedIn(true));
    }
}

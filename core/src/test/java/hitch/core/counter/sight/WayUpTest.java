package hitch.core.counter.sight;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import org.junit.jupiter.api.Test;
import org.mockito.Mockito;

/** Of several ways of reading one counter the right one is taken at every moment, or it is a question. */
class WayUpTest {
    private static final int MOMENTS = 100;

    /** A way in which each moment shows what {@code read} gives. */
    private static CounterSheet way(DoubleFunction<RawReading> read) {
        List<RawReading> readings = new ArrayList<>();
        for (int i = 0; i < MOMENTS; i++) {
            readings.add(read.apply(i / 5.0));
        }
        CounterSheet sheet = Mockito.mock(CounterSheet.class);
        Mockito.when(sheet.readings()).thenReturn(readings);
        Mockito.when(sheet.path()).thenReturn(CablePath.fit(readings));
        return sheet;
    }

    private static RawReading read(double seconds, double value, double sure) {
        return new RawReading(seconds, OptionalDouble.of(Math.round(value * 10) / 10.0), sure);
    }

    private static CounterSheet right() {
        return way(t -> read(t, 5 + t * 0.8, 0.97));
    }

    /** What a counter on its head looks like: now and then a number, and never the one that would follow. */
    private static CounterSheet nonsense() {
        return way(t -> Math.round(t * 5) % 3 == 0 ? read(t, t * 37 % 90, 0.9) : RawReading.none(t));
    }

    @Test
    void oneWayIsTheWay() {
        WayUp up = WayUp.of(List.of(nonsense()), List.of());
        assertThat(up.isSure()).isTrue();
        assertThat(up.at(50)).isZero();
    }

    @Test
    void theWayThatACableCanGoIsTaken() {
        WayUp up = WayUp.of(List.of(nonsense(), right()), List.of());
        assertThat(up.isSure()).isTrue();
        assertThat(up.changes()).containsExactly(0);
        assertThat(up.at(0)).isEqualTo(1);
    }

    @Test
    void aPictureThatTurnsOverIsReadFirstOneWayThenTheOther() {
        CounterSheet first = way(t -> t < 10 ? read(t, 5 + t * 0.8, 0.97) : RawReading.none(t));
        CounterSheet then = way(t -> t < 10 ? RawReading.none(t) : read(t, 5 + t * 0.8, 0.97));
        WayUp up = WayUp.of(List.of(first, then), List.of());
        assertThat(up.changes()).containsExactly(0, 50);
        assertThat(up.at(49)).isZero();
        assertThat(up.at(50)).isEqualTo(1);
        assertThat(up.isSure()).isTrue();
    }

    @Test
    void whereNeitherIsAheadItIsAQuestion() {
        WayUp up = WayUp.of(List.of(right(), way(t -> read(t, 60 - t * 0.7, 0.96))), List.of());
        assertThat(up.isSure()).isFalse();
        assertThat(up.isSure(10)).isFalse();
    }

    @Test
    void aPersonDecides() {
        CounterSheet other = way(t -> read(t, 60 - t * 0.7, 0.96));
        WayUp up = WayUp.of(List.of(right(), other), List.of(RawReading.typed(8, 60 - 8 * 0.7)));
        assertThat(up.at(40)).isEqualTo(1);
        assertThat(up.isSure()).isTrue();
    }

    @Test
    void whatNeverChangesIsHardlyACounter() {
        WayUp up = WayUp.of(List.of(way(t -> read(t, 0, 1)), right()), List.of());
        assertThat(up.at(20)).isEqualTo(1);
        assertThat(up.isSure()).isTrue();
    }

    @Test
    void aShortBetterStretchIsNoTurn() {
        CounterSheet gap = way(t -> t > 6 && t < 7 ? RawReading.none(t) : read(t, 5 + t * 0.8, 0.97));
        CounterSheet blip = way(t -> t > 6 && t < 7 ? read(t, 40, 0.97) : RawReading.none(t));
        assertThat(WayUp.of(List.of(gap, blip), List.of()).changes()).containsExactly(0);
    }

    @Test
    void nothingReadIsNothingToChoose() {
        CounterSheet empty = Mockito.mock(CounterSheet.class);
        Mockito.when(empty.readings()).thenReturn(List.of());
        WayUp up = WayUp.of(List.of(empty, empty), List.of());
        assertThat(up.changes()).containsExactly(0);
    }
}

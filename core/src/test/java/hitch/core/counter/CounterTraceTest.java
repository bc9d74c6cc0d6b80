package hitch.core.counter;

import static hitch.core.Sample.MS;
import static hitch.core.Sample.reading;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.measure.Distance;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class CounterTraceTest {
    private static CounterTrace trace(CounterMark... marks) {
        return CounterTrace.fit(MS, List.of(marks));
    }

    private static double feet(CounterTrace trace, double second) {
        return trace.cableAt(Math.round(second * 1000)).orElseThrow() / Distance.MM_PER_FOOT;
    }

    @Test
    void knowsNothingWithoutMarks() {
        CounterTrace empty = trace();
        assertThat(empty.cableAt(0)).isEmpty();
        assertThat(empty.confidenceAt(0)).isZero();
        assertThat(empty.passes()).isEmpty();
        assertThat(empty.timesAt(0)).isEmpty();
        assertThat(empty.speedAt(5)).isZero();
    }

    @Test
    void runsStraightBetweenReadingsAndStandsOutsideThem() {
        CounterTrace trace = trace(reading(10, 4), reading(20, 14));
        assertThat(feet(trace, 15)).isCloseTo(9, within(0.01));
        assertThat(feet(trace, 0)).isCloseTo(4, within(0.01));
        assertThat(feet(trace, 99)).isCloseTo(14, within(0.01));
        assertThat(trace.speedAt(15_000) / 304.8).isCloseTo(1, within(0.01));
        assertThat(trace.headingAt(15_000)).isEqualTo(Heading.OUT);
    }

    @Test
    void zeroingStartsReadingsAfresh() {
        // 30 ft out, the counter is set to nothing there, and shows 5 when the head is at 35.
        CounterTrace trace =
                trace(reading(0, 0), reading(30, 30), Zeroing.byHand(30_000, Distance.feet(30)), reading(40, 5));
        assertThat(feet(trace, 30)).isCloseTo(30, within(0.01));
        assertThat(feet(trace, 40)).isCloseTo(35, within(0.01));
        assertThat(feet(trace, 35)).isCloseTo(32.5, within(0.01));
    }

    @Test
    void aSecondZeroingCountsFromItsOwnCable() {
        CounterTrace trace = trace(
                reading(0, 0),
                Zeroing.byHand(10_000, Distance.feet(12)),
                reading(20, 8),
                Zeroing.byHand(30_000, Distance.feet(20)),
                reading(40, 3));
        assertThat(feet(trace, 20)).isCloseTo(20, within(0.01));
        assertThat(feet(trace, 40)).isCloseTo(23, within(0.01));
    }

    @Test
    void splitsIntoPasses() {
        CounterTrace trace = trace(reading(0, 0), reading(10, 10), reading(15, 10), reading(20, 4), reading(25, 1));
        assertThat(trace.passes())
                .containsExactly(
                        new Pass(0, 10_000, Heading.OUT),
                        new Pass(10_000, 15_000, Heading.STILL),
                        new Pass(15_000, 25_000, Heading.BACK));
    }

    @Test
    void findsEveryTimeAtADistance() {
        CounterTrace trace = trace(reading(0, 0), reading(10, 10), reading(20, 0), reading(30, 10));
        long five = Distance.feet(5).mm();
        assertThat(trace.timesAt(five)).containsExactly(5000L, 15000L, 25000L);
        assertThat(trace.timesAt(Distance.feet(11).mm())).isEmpty();
    }

    @Test
    void countsATurnOnce() {
        CounterTrace trace = trace(reading(0, 0), reading(10, 10), reading(20, 0));
        assertThat(trace.timesAt(Distance.feet(10).mm())).containsExactly(10_000L);
    }

    @Test
    void trustFadesAwayFromMarks() {
        CounterTrace trace = trace(reading(0, 0), reading(100, 50));
        assertThat(trace.confidenceAt(0)).isEqualTo(1);
        assertThat(trace.confidenceAt(20_000)).isCloseTo(0.5, within(1e-9));
        assertThat(trace.confidenceAt(50_000)).isLessThan(trace.confidenceAt(80_000));
    }

    @Property
    void everyReadingLiesOnThePath(@ForAll("readings") List<Reading> readings) {
        CounterTrace trace = CounterTrace.fit(MS, readings);
        for (Reading reading : readings) {
            assertThat(trace.cableAt(reading.pts())).hasValue(reading.shown().mm());
        }
    }

    @Property
    void theOrderOfMarksDoesNotMatter(@ForAll("readings") List<Reading> readings) {
        List<Reading> turned = new ArrayList<>(readings);
        Collections.reverse(turned);
        assertThat(CounterTrace.fit(MS, turned).knots())
                .isEqualTo(CounterTrace.fit(MS, readings).knots());
    }

    @Property
    void thePathStaysBetweenItsNeighbours(@ForAll("readings") List<Reading> readings, @ForAll short at) {
        CounterTrace trace = CounterTrace.fit(MS, readings);
        double low = readings.stream().mapToLong(r -> r.shown().mm()).min().orElseThrow();
        double high = readings.stream().mapToLong(r -> r.shown().mm()).max().orElseThrow();
        assertThat(trace.cableAt(at).orElseThrow()).isBetween(low, high);
        assertThat(trace.confidenceAt(at)).isBetween(0.0, 1.0);
    }

    @Property
    void timesAtReallyAreAtTheDistance(@ForAll("readings") List<Reading> readings) {
        CounterTrace trace = CounterTrace.fit(MS, readings);
        double middle =
                readings.stream().mapToLong(r -> r.shown().mm()).average().orElseThrow();
        for (long pts : trace.timesAt(middle)) {
            double slack = Math.abs(trace.speedAt(pts)) / 1000 + Math.abs(trace.speedAt(pts - 1)) / 1000 + 1;
            assertThat(trace.cableAt(pts).orElseThrow()).isCloseTo(middle, within(slack));
        }
    }

    @Provide
    Arbitrary<List<Reading>> readings() {
        Arbitrary<Reading> one = Combinators.combine(
                        Arbitraries.longs().between(0, 60_000),
                        Arbitraries.longs().between(0, 30_000))
                .as((pts, mm) -> Reading.byHand(pts, new Distance(mm)));
        return one.list().ofMinSize(1).ofMaxSize(30).uniqueElements(Reading::pts);
    }
}

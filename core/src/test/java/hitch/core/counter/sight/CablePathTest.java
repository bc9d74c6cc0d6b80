package hitch.core.counter.sight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;

class CablePathTest {
    private static final double PER_SECOND = 5;

    private interface Spoil {
        RawReading spoil(RawReading clean, Random random);
    }

    private static List<RawReading> readings(double seconds, DoubleUnaryOperator truth, Spoil spoil, long seed) {
        Random random = new Random(seed);
        List<RawReading> all = new ArrayList<>();
        for (int i = 0; i < seconds * PER_SECOND; i++) {
            double t = i / PER_SECOND;
            double shown = Math.round(truth.applyAsDouble(t) * 10) / 10.0;
            all.add(spoil.spoil(new RawReading(t, OptionalDouble.of(shown), 0.95), random));
        }
        return all;
    }

    private static RawReading as(RawReading clean, double value, double sure) {
        return new RawReading(clean.seconds(), OptionalDouble.of(value), sure);
    }

    private static RawReading none(RawReading clean) {
        return new RawReading(clean.seconds(), OptionalDouble.empty(), 0);
    }

    /** Out for half a minute with a stop, back again. */
    private static double thereAndBack(double t) {
        return t < 10 ? t : t < 20 ? 10 : t < 40 ? 10 + (t - 20) * 0.8 : Math.max(0, 26 - (t - 40) * 1.3);
    }

    private static double worst(CablePath path, DoubleUnaryOperator truth) {
        return path.moments().stream()
                .mapToDouble(m -> Math.abs(m.value().orElseThrow() - truth.applyAsDouble(m.seconds())))
                .max()
                .orElseThrow();
    }

    @Test
    void cleanReadingsAreThePath() {
        CablePath path = CablePath.fit(readings(60, CablePathTest::thereAndBack, (r, x) -> r, 1));
        assertThat(path.kept()).hasSize(300);
        assertThat(worst(path, CablePathTest::thereAndBack)).isLessThan(0.06);
        assertThat(path.zeroings()).isEmpty();
        assertThat(path.leaps()).isEmpty();
    }

    @Property(tries = 60)
    void misreadDigitsDoNotSurvive(@ForAll @LongRange(max = 10_000) long seed) {
        List<RawReading> spoilt = readings(
                60,
                CablePathTest::thereAndBack,
                (r, x) -> x.nextInt(8) > 0
                        ? r
                        : x.nextInt(3) == 0
                                ? none(r)
                                : as(r, r.value().getAsDouble() + (x.nextInt(8) - 4) * 10 + 5, 0.7),
                seed);
        CablePath path = CablePath.fit(spoilt);
        // Where several in a row were spoilt the head may have been elsewhere, and the confidence says so.
        assertThat(path.moments().stream().filter(m -> m.confidence() >= 0.8))
                .hasSizeGreaterThan(200)
                .allSatisfy(m -> assertThat(m.value().orElseThrow()).isCloseTo(thereAndBack(m.seconds()), within(0.4)));
        assertThat(worst(path, CablePathTest::thereAndBack)).isLessThan(1.5);
        assertThat(path.zeroings()).isEmpty();
    }

    @Test
    void aLeadingDigitLostForSecondsIsNoLeap() {
        List<RawReading> spoilt = readings(
                60,
                CablePathTest::thereAndBack,
                (r, x) -> r.seconds() > 22 && r.seconds() < 26 ? as(r, r.value().getAsDouble() % 10, 0.9) : r,
                3);
        CablePath path = CablePath.fit(spoilt);
        assertThat(path.leaps()).isEmpty();
        assertThat(worst(path, CablePathTest::thereAndBack)).isLessThan(1);
    }

    @Test
    void findsWhereTheCounterWasSetToZero() {
        DoubleUnaryOperator truth = t -> t < 25.1 ? 3 + 0.5 * t : (t - 25.1) * 0.7;
        CablePath path = CablePath.fit(readings(60, truth, (r, x) -> x.nextInt(6) == 0 ? none(r) : r, 4));
        assertThat(path.zeroings()).singleElement().satisfies(s -> assertThat(s).isCloseTo(25.1, within(1.0)));
        assertThat(path.leaps()).isEmpty();
    }

    @Test
    void findsAnOffsetThatWasDeclared() {
        DoubleUnaryOperator truth = t -> t < 30 ? 0.4 * t : 52.5 + (t - 30) * 0.5;
        CablePath path = CablePath.fit(readings(60, truth, (r, x) -> r, 5));
        assertThat(path.leaps()).singleElement().satisfies(s -> assertThat(s).isCloseTo(30, within(0.5)));
        assertThat(path.zeroings()).isEmpty();
    }

    @Test
    void itsDoubtGrowsWhereNothingIsRead() {
        DoubleUnaryOperator truth = t -> t < 20 ? t : t < 30 ? 20 : 20 + (t - 30);
        CablePath path = CablePath.fit(readings(
                60, truth, (r, x) -> r.seconds() > 33 && r.seconds() < 45 || r.seconds() > 55 ? none(r) : r, 6));
        List<CablePath.Moment> all = path.moments();
        assertThat(all.get(50).confidence()).isGreaterThan(0.9);
        assertThat(all.get(195).confidence()).isLessThan(0.5);
        assertThat(all.get(299).value()).isEmpty();
    }

    @Test
    void nothingReadIsNothingKnown() {
        CablePath path = CablePath.fit(readings(5, t -> t, (r, x) -> none(r), 7));
        assertThat(path.moments()).hasSize(25).allMatch(m -> m.value().isEmpty() && m.confidence() == 0);
        assertThat(CablePath.fit(List.of()).moments()).isEmpty();
    }

    @Property(tries = 25)
    void moreTrueReadingsNeverMakeItWorse(@ForAll @LongRange(max = 10_000) long seed) {
        Spoil some = (r, x) -> x.nextInt(3) == 0 ? r : none(r);
        List<RawReading> few = readings(60, CablePathTest::thereAndBack, some, seed);
        List<RawReading> all = readings(60, CablePathTest::thereAndBack, (r, x) -> r, seed);
        // A counter that shows tenths cannot be known better than half of one.
        double before = worst(CablePath.fit(few));
        double after = worst(CablePath.fit(all));
        assertThat(after).isLessThanOrEqualTo(Math.max(before, 0.0501));
    }

    private static double worst(CablePath path) {
        return path.moments().stream()
                .mapToDouble(m -> Math.abs(m.value().orElse(99) - thereAndBack(m.seconds())))
                .max()
                .orElseThrow();
    }

    @Test
    void whatThePictureSurelyDeniesIsNotTrusted() {
        // Set to zero in the very last half second: too few readings for a jump, but they say something else.
        List<RawReading> read = readings(20, t -> 15.6, (r, x) -> r.seconds() > 19.4 ? as(r, 0, 0.99) : r, 1);
        CablePath path = CablePath.fit(read);
        assertThat(path.moments())
                .filteredOn(m -> m.seconds() > 19.4)
                .isNotEmpty()
                .allMatch(m -> m.confidence() < 0.8 || m.value().orElseThrow() < 0.5);
    }

    @Test
    void beyondAHurryTheSideWithLessToShowIsTrustedLess() {
        // From the fortieth second on every nine is read as a three, surely.
        CablePath path = CablePath.fit(readings(
                50,
                t -> t < 38 ? 5 + t * 0.1 : 9,
                (r, x) -> r.seconds() < 38 ? r : r.seconds() < 40 ? none(r) : as(r, 3.2, 0.97),
                1));
        assertThat(path.moments())
                .filteredOn(m -> m.seconds() > 42)
                .isNotEmpty()
                .allMatch(m -> m.confidence() < 0.8);
        assertThat(path.moments())
                .filteredOn(m -> m.seconds() < 35 && m.seconds() > 2)
                .allMatch(m -> m.confidence() >= 0.8);
    }

    @Test
    void manyUnsureReadingsThatAgreeAreStillUnsure() {
        CablePath path =
                CablePath.fit(readings(20, t -> 5 + t, (r, x) -> as(r, r.value().getAsDouble(), 0.6), 1));
        assertThat(path.moments()).allMatch(m -> m.confidence() < 0.8);
    }
}

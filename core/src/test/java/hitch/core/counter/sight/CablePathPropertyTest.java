package hitch.core.counter.sight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;

class CablePathPropertyTest {
    private static final double SECONDS = 40;
    /** Between kept readings the path is a line, and which are kept may change at a turn. */
    private static final double A_FOOT = 1.0;

    /** A cable going out, standing, and coming back a little, as a counter shows it. */
    private static double truth(double t) {
        double cable = t < 12 ? t * 0.8 : t < 20 ? 9.6 : t < 34 ? 9.6 + (t - 20) * 1.3 : 27.8 - (t - 34) * 0.9;
        return Math.round(cable * 10) / 10.0;
    }

    /** Readings with some missing and some misread. */
    private static List<RawReading> read(Random random, int badInTen) {
        List<RawReading> all = new ArrayList<>();
        for (double t = 0; t < SECONDS; t += 0.2) {
            if (random.nextInt(10) >= badInTen) {
                all.add(new RawReading(t, java.util.OptionalDouble.of(truth(t)), 0.7 + 0.3 * random.nextDouble()));
            } else if (random.nextBoolean()) {
                double wrong = truth(t) + 10 * (1 + random.nextInt(7));
                all.add(new RawReading(t, java.util.OptionalDouble.of(wrong), 0.5 + 0.3 * random.nextDouble()));
            } else {
                all.add(RawReading.none(t));
            }
        }
        return all;
    }

    private static double worst(CablePath path) {
        return path.moments().stream()
                .filter(m -> m.value().isPresent())
                .mapToDouble(m -> Math.abs(m.value().getAsDouble() - truth(m.seconds())))
                .max()
                .orElse(Double.POSITIVE_INFINITY);
    }

    @Property(tries = 300)
    void addingTrueReadingsNeverWorsensItByAFoot(@ForAll long seed, @ForAll @IntRange(min = 1, max = 4) int badInTen) {
        Random random = new Random(seed);
        List<RawReading> raw = read(random, badInTen);
        List<RawReading> more = new ArrayList<>(raw);
        for (int i = 0; i < 6; i++) {
            int which = random.nextInt(raw.size());
            double at = raw.get(which).seconds();
            more.set(which, RawReading.typed(at, truth(at)));
        }
        assertThat(worst(CablePath.fit(more))).isLessThanOrEqualTo(worst(CablePath.fit(raw)) + A_FOOT);
    }

    @Property(tries = 100)
    void aTypedReadingIsAlwaysOnThePath(
            @ForAll long seed,
            @ForAll @DoubleRange(min = 0, max = 39.8) double at,
            @ForAll @DoubleRange(min = 0, max = 300) double typed) {
        List<RawReading> raw = read(new Random(seed), 3);
        raw.removeIf(r -> r.seconds() == at);
        raw.add(RawReading.typed(at, typed));
        raw.sort(Comparator.comparingDouble(RawReading::seconds));
        assertThat(CablePath.fit(raw).moments())
                .filteredOn(m -> m.seconds() == at)
                .singleElement()
                .satisfies(m -> {
                    assertThat(m.value().orElseThrow()).isEqualTo(typed, within(1e-9));
                    assertThat(m.confidence()).isEqualTo(1);
                });
    }

    @Property(tries = 40)
    void oneMisreadDigitDoesNotSurvive(@ForAll @IntRange(min = 5, max = 190) int where, @ForAll long seed) {
        List<RawReading> raw = read(new Random(seed), 0);
        double at = raw.get(where).seconds();
        raw.set(where, new RawReading(at, java.util.OptionalDouble.of(truth(at) + 5), 0.99));
        assertThat(worst(CablePath.fit(raw))).isLessThan(0.5);
    }
}

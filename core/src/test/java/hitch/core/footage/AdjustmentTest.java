package hitch.core.footage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How a picture is looked at, and how that is told. */
class AdjustmentTest {
    @ParameterizedTest
    @CsvSource({"0, 0", "180, -180", "-180, -180", "190, -170", "540, -180", "-200, 160", "90.04, 90", "720, 0"})
    void anyTurnIsWithinOneCircle(double typed, double kept) {
        assertThat(Adjustment.NONE.withRoll(typed).roll()).isEqualTo(kept);
    }

    @Property(tries = 200)
    void turningOnAndBackIsNothing(@ForAll @IntRange(min = -7200, max = 7200) int tenths) {
        double roll = tenths / 10.0;
        Adjustment turned = Adjustment.NONE.withRoll(roll);
        assertThat(turned.withRoll(turned.roll() - roll).roll()).isCloseTo(0, within(1e-9));
        assertThat(turned.roll()).isBetween(-180.0, 179.95);
    }

    @Property(tries = 100)
    void toneIsKeptWithinItsRange(
            @ForAll @DoubleRange(min = -9, max = 9) double light,
            @ForAll @DoubleRange(min = -9, max = 9) double gamma) {
        Adjustment toned = Adjustment.NONE.withTone(light, light, gamma);
        assertThat(toned.brightness()).isBetween(-1.0, 1.0);
        assertThat(toned.contrast()).isBetween(-1.0, 1.0);
        assertThat(toned.gamma()).isBetween(0.2, 5.0);
    }

    @ParameterizedTest
    @CsvSource({
        "180, false, 'turned 180 degrees'",
        "90, false, 'turned 90 degrees clockwise'",
        "-12.5, false, 'turned 12.5 degrees anticlockwise'",
        "0, true, mirrored",
        "0, false, ''"
    })
    void saysWhatItDoes(double roll, boolean mirror, String words) {
        assertThat(Adjustment.NONE.withRoll(roll).withMirror(mirror).words()).isEqualTo(words);
    }

    @Test
    void saysSeveralThingsInOrder() {
        Adjustment all = Adjustment.NONE
                .withDeinterlace(true)
                .withTone(0.1, -0.2, 1.4)
                .withMirror(true)
                .withRoll(180);
        assertThat(all.words())
                .isEqualTo("deinterlaced, brightness +0.10, contrast -0.20, gamma 1.40, mirrored, turned 180 degrees");
        assertThat(all.isNone()).isFalse();
        assertThat(Adjustment.NONE.isNone()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"90, 180, false, 270", "90, 0, true, -90", "30, 60, true, 30"})
    void aDirectionInThePictureIsTurnedWithIt(double seen, double roll, boolean mirror, double upright) {
        double told = Adjustment.NONE.withRoll(roll).withMirror(mirror).upright(seen);
        assertThat(Math.floorMod(Math.round(told - upright), 360)).isZero();
    }

    @Property(tries = 100)
    void spansLaidOverEachOtherNeverOverlap(
            @ForAll @IntRange(max = 90) int a, @ForAll @IntRange(max = 90) int b, @ForAll @IntRange(max = 90) int c) {
        Adjustments laid = Adjustments.NONE;
        int[] starts = {a, b, c};
        for (int i = 0; i < starts.length; i++) {
            laid = laid.with(new AdjustedSpan(starts[i], starts[i] + 20, Adjustment.NONE.withRoll(10.0 * (i + 1))));
        }
        for (int i = 1; i < laid.spans().size(); i++) {
            assertThat(laid.spans().get(i).fromPts())
                    .isGreaterThanOrEqualTo(laid.spans().get(i - 1).toPts());
        }
        assertThat(laid.at(c).roll()).isEqualTo(30);
        assertThat(laid.with(new AdjustedSpan(0, 200, Adjustment.NONE))).isEqualTo(Adjustments.NONE);
        assertThat(laid.until(500, 600)).isEqualTo(600);
    }
}

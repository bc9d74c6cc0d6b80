package hitch.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class RangeTest {
    /** Whatever the parts may be is within what is reckoned of them. */
    @Property(tries = 300)
    void holdsWhateverThePartsMayBe(
            @ForAll @IntRange(min = 0, max = 9_999) int a,
            @ForAll @IntRange(min = 0, max = 9_999) int b,
            @ForAll @IntRange(min = 0, max = 9_999) int c,
            @ForAll @IntRange(min = 0, max = 9_999) int d) {
        Range one = Range.between(a, b);
        Range two = Range.between(c, d);
        for (int x : new int[] {a, b, (a + b) / 2}) {
            for (int y : new int[] {c, d, (c + d) / 2}) {
                assertThat(one.plus(two).roundedTo(7).holds(x + y)).isTrue();
                assertThat(one.times(two).roundedTo(7).holds((double) x * y)).isTrue();
                assertThat(one.or(two).holds(x)).isTrue();
                assertThat(one.or(two).holds(y)).isTrue();
                assertThat(one.atLeast(two).holds(Math.max(x, y))).isTrue();
            }
        }
    }

    @Test
    void isRoundedOutwards() {
        assertThat(new Range(101, 149).roundedTo(50)).isEqualTo(new Range(100, 150));
        assertThat(new Range(100, 150).roundedTo(50)).isEqualTo(new Range(100, 150));
        assertThat(new Range(101, 149).roundedTo(0)).isEqualTo(new Range(101, 149));
    }

    @Test
    void goesUpwards() {
        assertThatThrownBy(() -> new Range(2, 1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Range(-1, 1).times(new Range(1, 2))).isInstanceOf(IllegalArgumentException.class);
    }
}

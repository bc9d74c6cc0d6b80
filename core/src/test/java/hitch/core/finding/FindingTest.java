package hitch.core.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.Sample;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Distance;
import hitch.core.measure.Inches;
import hitch.core.pipe.Pipe;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FindingTest {
    @ParameterizedTest
    @CsvSource({"0.75, 3/4 in", "0.5, 1/2 in", "1.5, 1 1/2 in", "2, 2 in", "0.0625, 1/16 in", "0.375, 3/8 in"})
    void showsInchesAsCommonFractions(double inches, String shown) {
        assertThat(Inches.show(Distance.inches(inches))).isEqualTo(shown);
    }

    @ParameterizedTest
    @CsvSource({"10, 2, 0", "12, 12, 0", "3, 3, 3", "11, 4, 1.5", "2, 10, 6"})
    void findsTheMiddleOfAnArcClockwise(int from, int to, double middle) {
        assertThat(ClockPosition.arc(from, to).middle()).isEqualTo(middle);
    }

    @Test
    void refusesHoursAndSharesThatAreNone() {
        assertThatThrownBy(() -> ClockPosition.at(13)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Traits(
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(101),
                        Optional.empty(),
                        Pipe.UNKNOWN,
                        Pipe.UNKNOWN))
                .hasMessageContaining("101");
    }

    @Test
    void amendingKeepsTheFirstWording() {
        Finding first = Sample.finding(Sample.job(), Sample.DOWN, 9, "roots top");
        Finding second = first.amendedTo(Sample.finding(Sample.job(), Sample.DOWN, 50, "scale with paper on it"));
        Finding third = second.amendedTo(Sample.finding(Sample.job(), Sample.DOWN, 50, "wipes"));
        assertThat(third.kind()).isEqualTo(FindingKind.WIPES);
        assertThat(third.frame()).isEqualTo(first.frame());
        assertThat(third.history())
                .containsExactly(
                        new Amendment("roots top", FindingKind.ROOTS),
                        new Amendment("scale with paper on it", FindingKind.SCALE));
    }

    @Test
    void movingChangesOnlyTheFrame() {
        Finding first = Sample.finding(Sample.job(), Sample.DOWN, 9, "roots top");
        FrameRef other = new FrameRef(Sample.UP, 77);
        assertThat(first.movedTo(other).frame()).isEqualTo(other);
        assertThat(first.movedTo(other).movedTo(first.frame())).isEqualTo(first);
    }

    @Test
    void saysItselfInAPhrase() {
        assertThat(Sample.finding(Sample.job(), Sample.DOWN, 9, "roots from 10 to 2 o'clock heavy 55%")
                        .phrase())
                .isEqualTo("Roots, from 10 to 2 o'clock, heavy, 55 % of the bore");
        assertThat(Sample.finding(Sample.job(), Sample.DOWN, 9, "clay to 6 in pvc")
                        .phrase())
                .isEqualTo("Material change from clay to 6 in PVC");
        assertThat(Sample.finding(Sample.job(), Sample.DOWN, 9, "look here again")
                        .phrase())
                .isEqualTo("look here again");
    }
}

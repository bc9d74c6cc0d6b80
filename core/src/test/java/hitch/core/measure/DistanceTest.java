package hitch.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class DistanceTest {
    @Test
    void aFootIsTheInternationalFoot() {
        assertThat(Distance.feet(1000)).isEqualTo(new Distance(304_800));
        assertThat(Distance.inches(12)).isEqualTo(Distance.feet(1));
        assertThat(Distance.metres(1.25)).isEqualTo(new Distance(1250));
    }

    @Property
    void takingAwayUndoesAdding(@ForAll int a, @ForAll int b) {
        Distance first = new Distance(a);
        Distance second = new Distance(b);
        assertThat(first.plus(second).minus(second)).isEqualTo(first);
        assertThat(first.minus(second))
                .isEqualTo(new Distance(-second.minus(first).mm()));
        assertThat(first.minus(second).abs()).isEqualTo(second.minus(first).abs());
    }

    @Property
    void orderIsTheOrderOfLengths(@ForAll int a, @ForAll int b) {
        assertThat(new Distance(a).compareTo(new Distance(b)) < 0).isEqualTo(a < b);
    }

    @Property
    void aMillimetreIsTheMostThatRoundingCosts(@ForAll @IntRange(max = 5_000_000) int thousandths) {
        double feet = thousandths / 1000.0;
        assertThat(Distance.feet(feet).inFeet()).isCloseTo(feet, within(0.5 / Distance.MM_PER_FOOT + 1e-9));
        assertThat(Distance.inches(feet).inInches()).isCloseTo(feet, within(0.5 / Distance.MM_PER_INCH + 1e-9));
    }
}

package hitch.core.line;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class GroundTextTest {
    @Property(tries = 200)
    void heightsAreReadBackAsTheyWereWritten(
            @ForAll @IntRange(min = -90, max = 90) int at, @ForAll @IntRange(min = -20, max = 20) int height) {
        for (LengthUnit unit : new LengthUnit[] {LengthUnit.FEET, LengthUnit.METRES}) {
            String typed = at + ": 0, " + (at + 10) + ": " + height;
            Ground ground = GroundText.read(typed, unit).orElseThrow();
            assertThat(GroundText.write(ground, unit)).isEqualTo(typed);
        }
    }

    @Test
    void whatIsNoListOfHeightsIsNothing() {
        assertThat(GroundText.read("level", LengthUnit.FEET)).isEmpty();
        assertThat(GroundText.read("3: 4, 5", LengthUnit.FEET)).isEmpty();
    }

    @Test
    void levelGroundBeginsAtBothEnds() {
        Ground level = GroundText.level(
                new Extent(new Station(0), new Station(Distance.feet(40).mm())));
        assertThat(GroundText.write(level, LengthUnit.FEET)).isEqualTo("0: 0, 40: 0");
    }
}

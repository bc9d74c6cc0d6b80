package hitch.core.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.finding.ClockPosition;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class SectorsTest {
    @Test
    void anArcIsToldAsItWasSaid() {
        assertThat(Sectors.of(ClockPosition.arc(10, 2)).words()).isEqualTo("from 10 to 2 o'clock");
        assertThat(Sectors.of(ClockPosition.at(6)).words()).isEqualTo("at the bottom");
        assertThat(Sectors.of(ClockPosition.ALL_ROUND).words()).isEqualTo("all round");
        assertThat(Sectors.of(ClockPosition.BOTH_SIDES).words()).isEqualTo("on the right and on the left");
    }

    @Property
    void wordsOfAnyArcSayThatArc(
            @ForAll @IntRange(min = 1, max = 12) int from, @ForAll @IntRange(min = 1, max = 12) int to) {
        Sectors sectors = Sectors.of(ClockPosition.arc(from, to));
        boolean whole = Math.floorMod(to - from, 12) == 11;
        assertThat(sectors.words())
                .isEqualTo(whole ? "all round" : ClockPosition.arc(from, to).words());
    }

    @Property
    void waterHidesTheShareOfTheWallThatItWets(@ForAll @DoubleRange(min = 0, max = 1) double deep) {
        double wetted = Math.acos(1 - 2 * deep) / Math.PI;
        assertThat(Sectors.under(deep).share()).isEqualTo(wetted, within(1 / 12.0 + 1e-9));
        assertThat(Sectors.under(deep).has(6)).isTrue();
    }

    @Property
    void deeperWaterHidesNoLess(
            @ForAll @DoubleRange(min = 0, max = 1) double a, @ForAll @DoubleRange(min = 0, max = 1) double b) {
        Sectors less = Sectors.under(Math.min(a, b));
        assertThat(Sectors.under(Math.max(a, b)).and(less)).isEqualTo(less);
    }

    @Property
    void bandsAreWhatIsHiddenFromTheSideAndNothingTwice(@ForAll @IntRange(min = 0, max = 0xFFF) int bits) {
        double last = -1;
        for (Sectors.Band band : new Sectors(bits).bands()) {
            assertThat(band.from()).isGreaterThan(last);
            assertThat(band.to()).isGreaterThan(band.from()).isLessThanOrEqualTo(1);
            last = band.to();
        }
        assertThat(new Sectors(bits).bands().isEmpty()).isEqualTo(bits == 0);
    }

    @Test
    void theBottomIsTheLowestBand() {
        assertThat(Sectors.under(0.15).bands()).singleElement().satisfies(b -> {
            assertThat(b.from()).isZero();
            assertThat(b.to()).isBetween(0.1, 0.2);
        });
    }

    @Test
    void aSideIsAQuarterOfTheWall() {
        for (int hour = 1; hour <= 12; hour++) {
            Sectors side = Sectors.of(ClockPosition.at(hour));
            assertThat(side.isSingle()).isTrue();
            assertThat(side.withNeighbours().share()).isEqualTo(0.25);
            assertThat(side.withNeighbours().has(hour)).isTrue();
        }
    }
}

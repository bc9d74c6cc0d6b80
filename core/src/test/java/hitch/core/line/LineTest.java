package hitch.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.Sample;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.pipe.PipeSize;
import hitch.core.run.Direction;
import hitch.core.run.Run;
import hitch.core.run.RunId;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class LineTest {
    private static Station ft(double feet) {
        return Station.DATUM.plus(Distance.feet(feet));
    }

    @Test
    void saysWhichWayAStationLies() {
        assertThat(ft(31.4).show(LengthUnit.FEET)).isEqualTo("31.4 ft toward the main");
        assertThat(ft(-12).show(LengthUnit.FEET)).isEqualTo("12.0 ft toward the building");
        assertThat(Station.DATUM.show(LengthUnit.FEET)).isEqualTo("0.0 ft");
    }

    @Test
    void saysAStretchNearerEndFirst() {
        assertThat(Extent.between(ft(33), ft(26)).show(LengthUnit.FEET)).isEqualTo("26.0 to 33.0 ft toward the main");
        assertThat(Extent.between(ft(-33), ft(-26)).show(LengthUnit.FEET))
                .isEqualTo("26.0 to 33.0 ft toward the building");
        assertThat(Extent.between(ft(-2), ft(3)).show(LengthUnit.FEET))
                .isEqualTo("2.0 ft toward the building to 3.0 ft toward the main");
        assertThat(Extent.between(ft(1), ft(2)).show(LengthUnit.FEET_INCHES))
                .isEqualTo("1 ft 0 in to 2 ft 0 in toward the main");
    }

    @Test
    void measuresAndCovers() {
        Extent extent = Extent.between(ft(10), ft(4));
        assertThat(extent.length()).isEqualTo(new Distance(ft(10).mm() - ft(4).mm()));
        assertThat(extent.covers(ft(4))).isTrue();
        assertThat(extent.covers(ft(10.1))).isFalse();
        assertThat(extent.isPoint()).isFalse();
        assertThatThrownBy(() -> new Extent(ft(3), ft(1))).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> PipeSize.inches(0)).isInstanceOf(IllegalArgumentException.class);
    }

    @Property
    void cableAndStationAreInverse(@ForAll @IntRange(max = 200_000) int cable, @ForAll boolean with) {
        Run run = new Run(
                new RunId("r"),
                "r",
                Sample.OPENING,
                new Station(1234),
                with ? Direction.WITH_FLOW : Direction.AGAINST_FLOW,
                new Distance(950),
                java.util.List.of());
        assertThat(run.cableAt(run.stationOf(cable))).isEqualTo(cable);
    }

    @Property
    void turningARunMirrorsItsStations(@ForAll @IntRange(max = 200_000) int cable) {
        Run down = Sample.run("down", Direction.WITH_FLOW);
        Run up = Sample.run("up", Direction.AGAINST_FLOW);
        assertThat(down.stationOf(cable).mm()).isEqualTo(-up.stationOf(cable).mm());
    }
}

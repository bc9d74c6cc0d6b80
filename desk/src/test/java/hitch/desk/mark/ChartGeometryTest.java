package hitch.desk.mark;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.Sample;
import hitch.core.footage.Clip;
import hitch.core.footage.ClockText;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.survey.Reckoner;
import hitch.desk.widget.CameraTime;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ChartGeometryTest {
    private static final List<Clip> CLIPS = List.of(Sample.clip(Sample.UP, 60), Sample.clip(Sample.DOWN, 120));
    private static final ChartGeometry CHART =
            ChartGeometry.of(CLIPS, new Extent(new Station(-6096), new Station(18288)), 100, 910, 20, 160);

    @Test
    void clipsShareTheWidthByTheirLength() {
        assertThat(CHART.lanes().get(0).width()).isEqualTo(300);
        assertThat(CHART.lanes().get(1).x()).isEqualTo(410);
        assertThat(CHART.lanes().get(1).width()).isEqualTo(600);
        assertThat(CHART.x(Sample.YARD, 0)).isEmpty();
    }

    @Property
    void aPointIsTheTimeItWasDrawnFor(@ForAll @DoubleRange(max = 119) double second) {
        double x = CHART.x(Sample.DOWN, Math.round(second * 1000)).orElseThrow();
        ChartGeometry.At at = CHART.at(x).orElseThrow();
        assertThat(at.clip().id()).isEqualTo(Sample.DOWN);
        assertThat(at.seconds()).isCloseTo(second, within(0.001));
    }

    @Property
    void aHeightIsTheStationItWasDrawnFor(@ForAll @DoubleRange(min = -6096, max = 18288) double mm) {
        assertThat(CHART.station(CHART.y(mm)).mm()).isCloseTo(Math.round(mm), within(1L));
    }

    @Test
    void aPointInAGapMeansTheNearerClip() {
        assertThat(CHART.at(402).orElseThrow().clip().id()).isEqualTo(Sample.UP);
        assertThat(CHART.at(409).orElseThrow().clip().id()).isEqualTo(Sample.DOWN);
        assertThat(CHART.at(-50).orElseThrow().seconds()).isZero();
        assertThat(ChartGeometry.of(List.of(), new Extent(Station.DATUM, new Station(5)), 0, 10, 0, 10)
                        .at(3))
                .isEmpty();
    }

    @Test
    void offersEveryTimeTheCameraStoodAtADistance() {
        var visits = CameraTime.at(
                Reckoner.survey(Sample.job()), new Station(Distance.feet(30).mm()));
        assertThat(visits).extracting(t -> t.frame().pts()).containsExactly(30_000L, 90_000L);
        assertThat(visits.get(0).words()).isEqualTo("down.mp4 at 0:30.0, going out");
        assertThat(visits.get(1).words()).isEqualTo("down.mp4 at 1:30.0, going back");
    }

    @ParameterizedTest
    @CsvSource({"0, 0:00.0", "59.96, 1:00.0", "61.25, 1:01.3", "3599.9, 59:59.9"})
    void clockCarries(double seconds, String shown) {
        assertThat(ClockText.of(seconds)).isEqualTo(shown);
    }
}

package hitch.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.line.GroundMark.Surface;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.measure.StationText;
import hitch.core.pipe.BranchNames;
import hitch.core.pipe.Fitting;
import hitch.core.pipe.Material;
import hitch.core.pipe.Opening;
import hitch.core.pipe.OpeningKind;
import hitch.core.pipe.PipeSize;
import hitch.core.rules.HouseRules;
import hitch.core.run.Direction;
import hitch.core.run.Equipment;
import hitch.core.run.Equipment.Guide;
import hitch.core.run.Run;
import hitch.core.run.RunId;
import hitch.core.run.Zero;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What people tell of a line, and what follows from it. */
class LineValuesTest {
    @Test
    void aLensLiesHalfItsHeadAboveTheInvertWithoutAGuideAndInTheMiddleWithOne() {
        // A 1.25 in head on the bottom of a 4 in pipe: 1.25 / 2 = 0.625 in. With a guide: 4 / 2 = 2 in.
        Equipment bare = new Equipment(Optional.of(Distance.inches(1.25)), Guide.OFF);
        Equipment guided = new Equipment(Optional.of(Distance.inches(1.25)), Guide.ON);
        assertThat(bare.lensHeight(PipeSize.inches(4)).inInches()).isCloseTo(0.625, within(0.02));
        assertThat(guided.lensHeight(PipeSize.inches(4)).inInches()).isCloseTo(2, within(0.02));
    }

    @Test
    void anEvenSlopeRisesByItsPercentOfTheWay() {
        // 2 % of 50 ft is 1 ft.
        assertThat(Ground.slope(2).at(new Station(Distance.feet(50).mm())) / Distance.MM_PER_FOOT)
                .isCloseTo(1, within(0.001));
    }

    @Test
    void betweenTwoHeightsTheGroundIsStraightAndLevelBeyond() {
        Ground ground = Ground.heights(List.of(
                new Ground.Height(new Station(10_000), new Distance(-500)),
                new Ground.Height(new Station(0), Distance.ZERO)));
        assertThat(ground.at(new Station(5_000))).isEqualTo(-250);
        assertThat(ground.at(new Station(-1))).isZero();
        assertThat(ground.at(new Station(20_000))).isEqualTo(-500);
    }

    @Test
    void aCounterZeroedAtTheLipCountsTheRiserToo() {
        // 12.5 ft shown, less 2.5 ft of riser, is 10 ft of pipe.
        Run run = new Run(
                        new RunId("r"),
                        "r",
                        new Opening("cleanout", "", Material.CLAY, PipeSize.inches(4)),
                        Station.DATUM,
                        Direction.WITH_FLOW,
                        Distance.ZERO,
                        List.of())
                .counting(Distance.ZERO, new Zero(Zero.At.LIP, Distance.feet(2.5)));
        Station at = run.stationOf(Distance.feet(12.5).mm());
        assertThat(at.fromDatum().inFeet()).isCloseTo(10, within(0.01));
        assertThat(run.cableAt(at)).isCloseTo(Distance.feet(12.5).mm(), within(1.0));
    }

    @ParameterizedTest
    @CsvSource({
        "two-way cleanout, GROUND_CLEANOUT, TWO",
        "roof vent, ROOF_VENT, ONE",
        "toilet flange, FIXTURE_FLANGE, ONE",
        "indoor cleanout, INDOOR_CLEANOUT, NOT_SAID",
        "buried wye, BURIED_FITTING, NOT_SAID",
        "double cleanout, GROUND_CLEANOUT, TWO",
        "tamper-proof cleanout, GROUND_CLEANOUT, NOT_SAID",
        "one-way clean out, GROUND_CLEANOUT, ONE",
        "'', UNKNOWN, NOT_SAID"
    })
    void anOpeningsWordsTellItsSortAndWays(String words, OpeningKind sort, Opening.Ways ways) {
        Opening opening = new Opening(words, "", Material.CLAY, PipeSize.inches(4));
        assertThat(opening.sort()).isEqualTo(sort);
        assertThat(opening.ways()).isEqualTo(ways);
    }

    @ParameterizedTest
    @CsvSource({"hall bath ties in, hall bath", "the bath line, bath", "bathroom, ''", "HALL BATH or bath, hall bath"})
    void theLongestBranchNameThatStandsWholeIsNamed(String words, String branch) {
        assertThat(BranchNames.in(words, List.of("bath", "hall bath", "kitchen"))
                        .orElse(""))
                .isEqualTo(branch);
    }

    @ParameterizedTest
    @CsvSource({
        "12.6, -1, -12.6",
        "12.6, 1, 12.6",
        "12.6 building, 1, -12.6",
        "12.6 toward the main, -1, 12.6",
        "-3, 1, -3",
        "5 up, 1, -5"
    })
    void aStationIsTypedWithItsWay(String typed, double bare, double feet) {
        Station at = StationText.read(typed, LengthUnit.FEET, new Station((long) bare))
                .orElseThrow();
        assertThat(at.mm()).isEqualTo(Math.round(feet * 304.8));
        assertThat(StationText.read(StationText.show(at, LengthUnit.FEET), LengthUnit.FEET, Station.DATUM))
                .contains(at);
        assertThat(StationText.read("somewhere", LengthUnit.FEET, Station.DATUM))
                .isEmpty();
    }

    @Test
    void anOpeningOfWhichNothingIsSaidIsUnknownThroughout() {
        assertThat(Opening.UNKNOWN.words()).isEqualTo("opening not described");
        assertThat(Opening.UNKNOWN.pipe().isUnknown()).isTrue();
        assertThat(Opening.UNKNOWN.called("roof vent").sort()).isEqualTo(OpeningKind.ROOF_VENT);
    }

    @ParameterizedTest
    @CsvSource({
        "long sweep quarter bend, 90",
        "eighth bend left, 45",
        "1/8 bend, 45",
        "sixteenth, 23",
        "elbow, 90",
        "well, -1",
        "bend left, -1"
    })
    void aFittingsNameTellsHowFarItTurns(String words, int degrees) {
        assertThat(Fitting.degrees(words).orElse(-1)).isEqualTo(degrees);
    }

    @Test
    void wordsAboutALocateTellMarkSurfaceAndWhatItIsNear() {
        GroundMark mark = GroundMark.of("locate 5 ft 1 in, orange paint by the side gate, lawn");
        assertThat(mark.mark()).isEqualTo("orange paint");
        assertThat(mark.near()).isEqualTo("the side gate");
        assertThat(mark.surface()).contains(Surface.LAWN);
        assertThat(GroundMark.of("locate 4 ft 2 in").isNone()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"2, 0.25", "3, 0.25", "4, 0.125", "6, 0.125", "8, 0.0625", "12, 0.0625"})
    void theLeastFallGoesByTheSize(int inches, double fall) {
        assertThat(HouseRules.DEFAULT.line().depths().fallOf(PipeSize.inches(inches)))
                .isEqualTo(fall);
    }

    @Test
    void aDepthsErrorIsItsStandingErrorAndItsShareTogether() {
        // 48 in deep: the root of 1 squared and (0.03 x 48 = 1.44) squared is 1.753 in.
        double error = HouseRules.DEFAULT.line().depths().errorOf(Distance.inches(48)) / Distance.MM_PER_INCH;
        assertThat(error).isCloseTo(1.753, within(0.01));
    }
}

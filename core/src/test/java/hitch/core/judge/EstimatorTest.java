package hitch.core.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.exchange.PricesCsv;
import hitch.core.judge.money.Bill;
import hitch.core.judge.money.Cost;
import hitch.core.judge.money.Estimator;
import hitch.core.judge.work.Work;
import hitch.core.line.GroundMark.Surface;
import hitch.core.measure.Range;
import hitch.core.rules.Method;
import hitch.core.rules.PriceBook;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Worked examples of sums, reckoned by hand beside them. */
class EstimatorTest {
    private static final PriceBook BOOK = PricesCsv.parse("""
            method,per,size in,depth ft,cover,low,high
            currency,,,,,$,
            cutting,each,,,,200,300
            root foam,each,,,,80,120
            replacing,foot,3-4,0-6,,100,150
            replacing,foot,3-4,6-14,,180,260
            replacing,foot,6,,,220,300
            spot repair,each,,,,2000,2500
            spot repair,foot,,,,50,60
            surface,foot,,,walk,40,60
            mobilisation,each,,,,400,500
            permit,each,,,,100,200
            least charge,each,,,,1500,1500
            """);

    private static Cost cost(Work work, int places, Range feet, double inches, Range depth, Surface... cover) {
        return new Estimator(BOOK, 0)
                .of(new Bill(work, places, feet, Optional.of(inches), Optional.ofNullable(depth), List.of(cover)));
    }

    @Test
    void aCleaningIsItsPriceAndTheFoam() {
        assertThat(cost(new Work.Clean(Method.CUT, 12, 0), 1, Range.ZERO, 4, null)
                        .money())
                .contains(new Range(200, 300));
        assertThat(cost(new Work.Clean(Method.CUT, 12, 12), 1, Range.ZERO, 4, null)
                        .money())
                .contains(new Range(280, 420));
    }

    @Test
    void aTrenchIsItsLengthAndWhatGoesWithIt() {
        // 40 ft at 100 to 150 are 4000 to 6000; mobilisation 400 to 500, permit 100 to 200.
        assertThat(cost(new Work.Replace(), 1, Range.of(40), 4, new Range(4, 5)).money())
                .contains(new Range(4500, 6700));
    }

    @Test
    void theDoubtOfLengthAndDepthFlowsIn() {
        // 38 to 42 ft; 5 to 7 ft deep may be either band: 38 x 100 to 42 x 260, and 500 to 700.
        assertThat(cost(new Work.Replace(), 1, new Range(38, 42), 4, new Range(5, 7))
                        .money())
                .contains(new Range(4300, 11620));
        // Nobody knows how deep: both bands likewise.
        assertThat(cost(new Work.Replace(), 1, new Range(38, 42), 4, null).money())
                .contains(new Range(4300, 11620));
    }

    @Test
    void whatLiesAboveIsMadeGoodOverNoneOrAllOfIt() {
        // Two places at 2000 to 2500, 8 ft at 50 to 60, the walk over 0 to 8 ft at 40 to 60, mobilisation and permit.
        assertThat(cost(new Work.SpotRepair(2), 2, Range.of(8), 4, null, Surface.SIDEWALK)
                        .money())
                .contains(new Range(4900, 6660));
    }

    @Test
    void nothingIsUnderTheLeastCharge() {
        assertThat(cost(new Work.Replace(), 1, Range.of(2), 4, new Range(4, 5)).money())
                .contains(new Range(1500, 1500));
    }

    @Test
    void whatHasNoPriceIsNamedAndNeverMadeUp() {
        Cost none = cost(new Work.Reline(), 1, Range.of(40), 4, null);
        assertThat(none.money()).isEmpty();
        assertThat(none.unpriced()).contains("relining");
        assertThat(new Estimator(PriceBook.EMPTY, 0)
                        .of(new Bill(new Work.Reline(), 1, Range.of(40), Optional.empty(), Optional.empty(), List.of()))
                        .money())
                .isEmpty();
    }

    @Test
    void withoutPricesWorksAreOnlyCompared() {
        Estimator none = new Estimator(PriceBook.EMPTY, 50);
        Cost cleaning = none.of(new Bill(
                new Work.Clean(Method.CUT, 12, 0), 1, Range.of(40), Optional.empty(), Optional.empty(), List.of()));
        Cost liner =
                none.of(new Bill(new Work.Reline(), 1, Range.of(40), Optional.empty(), Optional.empty(), List.of()));
        Cost trench =
                none.of(new Bill(new Work.Replace(), 1, Range.of(40), Optional.empty(), Optional.empty(), List.of()));
        Cost street = none.of(new Bill(
                new Work.Replace(),
                1,
                Range.of(40),
                Optional.empty(),
                Optional.of(Range.of(10)),
                List.of(Surface.STREET)));
        assertThat(liner.against(cleaning)).isEqualTo("much more");
        assertThat(cleaning.against(liner)).isEqualTo("less");
        assertThat(trench.against(liner)).isEqualTo("about double");
        assertThat(street.against(trench)).isEqualTo("much more");
        assertThat(liner.against(liner)).isEqualTo("about the same");
    }

    @Test
    void sumsAreToldInRoundFigures() {
        Cost cost = new Estimator(BOOK, 50)
                .of(new Bill(
                        new Work.Replace(),
                        1,
                        new Range(38, 42),
                        Optional.of(4.0),
                        Optional.of(new Range(4, 5)),
                        List.of()));
        assertThat(cost.words()).contains("$4,300 to $7,000");
    }

    @Test
    void aTableIsReadBackAsItWasWritten() {
        assertThat(PricesCsv.parse(PricesCsv.write(BOOK))).isEqualTo(BOOK);
        assertThat(PricesCsv.parse(PricesCsv.blank())).isEqualTo(PriceBook.EMPTY);
    }

    @Test
    void aTableWithoutNamesIsRefusedRatherThanTakenForEmpty() {
        assertThatThrownBy(() -> PricesCsv.parse("cutting,each,,,,1,2\n")).hasMessageContaining("names the columns");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "plumbing,each,,,,1,2",
                "cutting,metre,,,,1,2",
                "cutting,each,,,moor,1,2",
                "cutting,each,four,,,1,2",
                "cutting,each,,,,-1,2",
                "cutting,each,,,1,2"
            })
    void aRowThatCannotBeReadIsNamed(String row) {
        assertThatThrownBy(() -> PricesCsv.parse("method,per,size in,depth ft,cover,low,high\n" + row + "\n"))
                .hasMessageContaining("Row 1");
    }
}

package hitch.bench;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Made-up lines come out as they truly are. */
class LineTableTest {
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20, 21, 22, 23, 24})
    void aMadeUpLineIsReckonedAsItIs(int number) {
        LineTable.Outcome outcome = LineTable.line(number);
        assertThat(outcome.doubled()).isZero();
        assertThat(outcome.lost()).isZero();
        assertThat(outcome.stationFt()).isLessThanOrEqualTo(0.5);
        assertThat(outcome.lengthShare()).isLessThanOrEqualTo(0.01);
        assertThat(outcome.unseenFt()).isLessThanOrEqualTo(1);
    }
}

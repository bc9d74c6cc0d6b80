package hitch.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.counter.Heading;
import hitch.core.measure.Distance;
import java.io.IOException;
import java.io.StringReader;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A counter's table, as the command writes it and others may. */
class CounterCsvTest {
    private static CounterCsv read(String table) throws IOException {
        return CounterCsv.read(new StringReader(table));
    }

    @Test
    void tellsWhereTheCameraWasAndWhichWayItWent() throws IOException {
        CounterCsv csv = read("""
                time_s,reading,unit,confidence
                0.0,0.0,ft,0.9
                2.0,2.0,ft,0.9
                4.0,4.0,ft,0.4
                6.0,4.0,ft,0.9
                8.0,4.0,ft,0.9
                10.0,1.0,ft,0.9
                """);
        assertThat(csv.cableAt(2.4)).contains(Distance.feet(2));
        assertThat(csv.shownAt(2.4)).isEqualTo(csv.cableAt(2.4));
        assertThat(csv.confidenceAt(4)).isEqualTo(0.4);
        assertThat(csv.headingAt(2)).isEqualTo(Heading.OUT);
        assertThat(csv.headingAt(6)).isEqualTo(Heading.STILL);
        assertThat(csv.headingAt(8)).isEqualTo(Heading.BACK);
        assertThat(csv.headingAt(0)).isEqualTo(Heading.OUT);
        assertThat(csv.farthest()).contains(Distance.feet(4));
    }

    @Test
    void aTimeWithoutAValueAndAFarTimeSayNothing() throws IOException {
        CounterCsv csv = read("time_s,reading,unit,confidence\n0,,ft,0\n5,3,ft,0.9\n");
        assertThat(csv.cableAt(0)).isEmpty();
        assertThat(csv.cableAt(9)).isEmpty();
        assertThat(csv.confidenceAt(9)).isZero();
        assertThat(csv.headingAt(9)).isEqualTo(Heading.STILL);
    }

    @Test
    void metresAreMetres() throws IOException {
        CounterCsv csv = read("time_s,reading,unit,confidence\n5,3,m,0.9\n6,3,m,\n");
        assertThat(csv.cableAt(5)).contains(Distance.metres(3));
        assertThat(csv.confidenceAt(6)).isEqualTo(1);
    }

    @Test
    void theUnitAndTheConfidenceMayBeLeftOut() throws IOException {
        CounterCsv csv = read("time_s,reading\n5,3\n");
        assertThat(csv.cableAt(5)).contains(Distance.feet(3));
        assertThat(csv.confidenceAt(5)).isEqualTo(1);
    }

    @ParameterizedTest
    @ValueSource(strings = {"a,b\n1,2\n", "", "time_s\n3\n"})
    void anyOtherTableIsRefusedWithWhatItIs(String table) {
        assertThatThrownBy(() -> read(table)).isInstanceOf(IOException.class).hasMessageContaining("counter table");
    }

    @ParameterizedTest
    @ValueSource(strings = {"time_s,reading\nsoon,3\n", "time_s,reading\n1,far\n"})
    void aValueThatIsNoNumberIsRefused(String table) {
        assertThatThrownBy(() -> read(table)).isInstanceOf(IOException.class);
    }
}

package hitch.core.counter.sight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CounterTextTest {
    private static LineText line(String text, float sure) {
        List<Region> boxes = IntStream.range(0, text.length())
                .mapToObj(i -> new Region(10 * i, 5, 8, 12))
                .toList();
        return new LineText(
                text,
                Collections.nCopies(text.length(), sure),
                boxes,
                Collections.nCopies(text.length(), Optional.empty()));
    }

    @ParameterizedTest
    @CsvSource({"12.4, 12.4, 1", "0012.4, 12.4, 1", "12.4 ??, 12.4, 1", "? 7.25, 7.25, 2", "-3.5, -3.5, 1", "48, 48, 0"
    })
    void readsANumber(String text, double value, int decimals) {
        assertThat(CounterText.in(line(text, 0.9f))).singleElement().satisfies(found -> {
            assertThat(found.value()).isEqualTo(value);
            assertThat(found.decimals()).isEqualTo(decimals);
            assertThat(found.sure()).isEqualTo(0.9, within(1e-6));
        });
    }

    @ParameterizedTest
    @CsvSource({"12.4 ft, 1", "12.4ft, 1", "12.4 f?, 1", "12.40 m, -1", "12.4m, -1", "12.4 mm, 0", "12.4, 0"})
    void tellsTheUnitByWhatIsWrittenBehind(String text, int sign) {
        assertThat(Math.signum(
                        CounterText.in(line(text, 0.9f)).getFirst().behind().forFeet()))
                .isEqualTo(sign);
    }

    @Test
    void aMarkThatLeansOnANumberMakesItDoubtful() {
        assertThat(CounterText.in(line("?1.4", 0.9f)).getFirst().sure()).isLessThan(0.6);
        assertThat(CounterText.in(line("? 1.4", 0.9f)).getFirst().sure()).isEqualTo(0.9, within(1e-6));
    }

    @ParameterizedTest
    @ValueSource(strings = {"12'6", "12' 6''", "12ft 6??", "12 ft 06"})
    void readsFeetAndInchesInAnyWriting(String text) {
        assertThat(CounterText.in(line(text, 0.9f))).anySatisfy(found -> {
            assertThat(found.value()).isEqualTo(12.5);
            assertThat(found.decimals()).isNegative();
        });
    }

    @Test
    void readsFeetAndInches() {
        assertThat(CounterText.in(line("12'6", 0.9f))).first().satisfies(found -> {
            assertThat(found.value()).isEqualTo(12.5);
            assertThat(found.decimals()).isNegative();
        });
        assertThat(CounterText.in(line("12'14", 0.9f))).noneMatch(f -> f.decimals() < 0);
    }

    @ParameterizedTest
    @ValueSource(strings = {"10:04:59", "2026-03-02", "1.2.3", "????", ""})
    void aClockADateAndWordsAreNoCounter(String text) {
        assertThat(CounterText.in(line(text, 0.9f))).isEmpty();
    }

    @Test
    void aLongerReadingWinsUnlessItIsAGuess() {
        double longer = CounterText.in(line("13.7", 0.7f)).getFirst().weight();
        double shorter = CounterText.in(line("3.7", 0.9f)).getFirst().weight();
        double guessed = CounterText.in(line("13.7", 0.45f)).getFirst().weight();
        assertThat(longer).isLessThan(shorter);
        assertThat(CounterText.in(line("13.7", 0.8f)).getFirst().weight()).isGreaterThan(shorter);
        assertThat(guessed).isLessThan(longer);
    }

    @Test
    void standsWhereItsOwnCharactersStand() {
        assertThat(CounterText.in(line("? 7.2", 0.9f)).getFirst().region()).isEqualTo(new Region(20, 5, 28, 12));
    }
}

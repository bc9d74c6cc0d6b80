package hitch.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.district.Column;
import hitch.core.district.DistrictForm;
import hitch.core.line.ReadFrom;
import hitch.core.measure.LengthUnit;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A district's form as a text that a person edits. */
class DistrictTextTest {
    @Provide
    Arbitrary<Column> columns() {
        Arbitrary<String> names = Arbitraries.strings()
                .withChars("abcXYZ #:=,-é")
                .ofMinLength(1)
                .ofMaxLength(12)
                .filter(s -> !s.isBlank());
        return Combinators.combine(names, Arbitraries.of(Column.Field.values())).as(Column::new);
    }

    @Provide
    Arbitrary<DistrictForm> forms() {
        Arbitrary<String> words =
                Arbitraries.strings().withChars("Wendle A-114=:#").ofMaxLength(14);
        return Combinators.combine(
                        words,
                        Arbitraries.of(ReadFrom.values()),
                        Arbitraries.of(true, false),
                        Arbitraries.of(LengthUnit.values()),
                        Arbitraries.integers().between(0, 3),
                        words,
                        Arbitraries.of(0.0, 30.0, 62.5),
                        columns().list().ofMinSize(1).ofMaxSize(5))
                .as((name, from, rising, unit, decimals, upper, seconds, columns) -> new DistrictForm(
                        name, from, rising, unit, decimals, upper, "A-9", seconds, "{upper}_{code}", columns));
    }

    @Property(tries = 300)
    void whatIsWrittenIsReadAgain(@ForAll("forms") DistrictForm form) {
        assertThat(DistrictText.parse(DistrictText.write(form))).isEqualTo(form);
    }

    @Test
    void whatIsLeftOutStandsAsShipped() {
        DistrictForm plain = DistrictForm.PLAIN;
        assertThat(DistrictText.parse("")).isEqualTo(plain);
        DistrictForm one = DistrictText.parse("\uFEFFUNIT = Metres\n\n# unit = feet\ncolumn = code\n");
        assertThat(one.unit()).isEqualTo(LengthUnit.METRES);
        assertThat(one.columns()).isEqualTo(List.of(new Column("code", Column.Field.CODE)));
        assertThat(one.from()).isEqualTo(plain.from());
    }

    @Test
    void theLaterOfTwoLinesStands() {
        assertThat(DistrictText.parse("decimals = 1\ndecimals = 3\n").decimals())
                .isEqualTo(3);
    }

    /** Each line that cannot be is told by its own words. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "unit feet          | \"unit feet\" is no line",
                "= feet             | \"= feet\" is no line",
                "measure = feet     | \"measure\" says nothing of a district",
                "unit = yards       | \"yards\" is none of feet",
                "rising = uphill    | not \"uphill\"",
                "distances from = x | not read from \"x\" but from",
                "column = at: depth | \"depth\" can stand in no column",
                "column = : code    | a column is called something",
                "decimals = two     | \"two\" is no number for decimals",
                "decimals = 1.5     | \"1.5\" is no number for decimals",
                "decimals = 4       | 0 to 3 decimals, not 4",
                "clip seconds = 1 m | \"1 m\" is no number for clip seconds",
                "clip seconds = -1  | not shorter than nothing",
                "clip seconds = NaN | not shorter than nothing",
            })
    void whatCannotBeIsTold(String line, String why) {
        assertThatThrownBy(() -> DistrictText.parse("name = Wendle Water\n" + line + "\n"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(why);
    }
}

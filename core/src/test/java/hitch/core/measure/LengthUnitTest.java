package hitch.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LengthUnitTest {
    @Property
    void tenthsOfFeetComeBackAsTyped(@ForAll @IntRange(max = 99999) int tenths) {
        String typed = tenths / 10 + "." + tenths % 10;
        Distance read = LengthUnit.FEET.read(typed).orElseThrow();
        assertThat(LengthUnit.FEET.number(read)).isEqualTo(typed);
    }

    @Property
    void hundredthsOfMetresComeBackAsTyped(@ForAll @IntRange(max = 99999) int hundredths) {
        String typed = String.format("%d.%02d", hundredths / 100, hundredths % 100);
        assertThat(LengthUnit.METRES.number(LengthUnit.METRES.read(typed).orElseThrow()))
                .isEqualTo(typed);
    }

    @Property
    void feetAndInchesComeBackAsTyped(@ForAll @IntRange(max = 900) int feet, @ForAll @IntRange(max = 11) int inches) {
        String shown = feet + " ft " + inches + " in";
        assertThat(LengthUnit.FEET_INCHES.show(
                        LengthUnit.FEET_INCHES.read(shown).orElseThrow()))
                .isEqualTo(shown);
    }

    @ParameterizedTest
    @CsvSource({
        "FEET, 12, 3658",
        "FEET, 12.4 ft, 3780",
        "FEET, 12 feet, 3658",
        "FEET, 3.2 m, 3200",
        "METRES, 3.2, 3200",
        "METRES, 10 ft, 3048",
        "FEET_INCHES, 5' 3\", 1600",
        "FEET, 5 ft 3 in, 1600",
        "FEET, 5'3, 1600",
        "FEET, .5, 152",
        "FEET, 7 ft., 2134"
    })
    void readsWhatPeopleType(LengthUnit unit, String typed, long mm) {
        assertThat(unit.read(typed)).contains(new Distance(mm));
    }

    @ParameterizedTest
    @CsvSource({"abc", "'-4'", "''", "12 12", "1e9", "12..4", "12345678901234", "5' 13\""})
    void refusesWhatIsNoDistance(String typed) {
        assertThat(LengthUnit.FEET.read(typed)).isEmpty();
    }

    @Test
    void readsAMinusWhereItIsMeant() {
        assertThat(LengthUnit.FEET.readSigned(" -12.5 ")).contains(Distance.feet(-12.5));
        assertThat(LengthUnit.FEET_INCHES.readSigned("- 3' 6\"")).contains(Distance.feet(-3.5));
        assertThat(LengthUnit.METRES.readSigned("4")).contains(Distance.metres(4));
        assertThat(LengthUnit.FEET.readSigned("--4")).isEmpty();
        assertThat(LengthUnit.FEET.readSigned("-")).isEmpty();
        assertThat(LengthUnit.FEET.read("-4")).isEmpty();
    }

    @Test
    void neverShowsMinusNothing() {
        assertThat(LengthUnit.FEET.show(new Distance(-3))).isEqualTo("0.0 ft");
        assertThat(LengthUnit.METRES.show(new Distance(-3))).isEqualTo("0.00 m");
    }

    @Test
    void carriesInchesIntoFeet() {
        assertThat(LengthUnit.FEET_INCHES.show(Distance.inches(71.8))).isEqualTo("6 ft 0 in");
    }
}

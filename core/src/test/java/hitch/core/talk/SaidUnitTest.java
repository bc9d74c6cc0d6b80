package hitch.core.talk;

import static hitch.core.talk.SaidHere.drafted;
import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.caption.Cue;
import hitch.core.measure.LengthUnit;
import hitch.core.talk.place.SaidUnit;
import hitch.core.talk.place.Transcript;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Whoever counts in metres says so, and then leaves it out. */
class SaidUnitTest {
    private static LengthUnit unit(LengthUnit kept, String... said) {
        List<Cue> cues = new java.util.ArrayList<>();
        for (String words : said) {
            cues.add(new Cue(cues.size() * 5.0, cues.size() * 5.0 + 4, words));
        }
        return SaidUnit.of(Transcript.of(cues), kept);
    }

    @Test
    void metresThatAreNamedThriceAreMeant() {
        String[] said = {"Two metres, a junction.", "Five point one metres, roots.", "At nine metres, a crack."};
        assertThat(unit(LengthUnit.FEET, said)).isEqualTo(LengthUnit.METRES);
        assertThat(unit(LengthUnit.METRES, said)).isEqualTo(LengthUnit.METRES);
    }

    @Test
    void feetThatAreNamedThriceAreMeant() {
        assertThat(unit(LengthUnit.METRES, "Two feet, a tee.", "Five feet, roots.", "Nine foot, a crack."))
                .isEqualTo(LengthUnit.FEET);
    }

    @Test
    void whereBothAreNamedOrNoneTheJobsUnitStands() {
        assertThat(unit(LengthUnit.FEET, "Two metres deep.", "Two metres, a tee.", "Nine metres.", "Five feet off it."))
                .isEqualTo(LengthUnit.FEET);
        assertThat(unit(LengthUnit.METRES, "Two. A tee.", "Five. Roots.")).isEqualTo(LengthUnit.METRES);
    }

    /** The water meter is no unit. */
    @Test
    void aWaterMeterIsNone() {
        assertThat(unit(LengthUnit.FEET, "By the meter box.", "The meter is here.", "The meter was there."))
                .isEqualTo(LengthUnit.FEET);
    }

    @Test
    void theBareNumbersAreMetresThen() {
        assertThat(drafted(
                        "Seven metres, roots.",
                        "Eight metres, a crack.",
                        "Nine metres, a gap.",
                        "Ten point five, a hole."))
                .containsExactly("roots 23", "crack 26.2", "gap 29.5", "hole 34.4");
    }

    /** "8.0 m", as a machine or a typist writes it; the 20 mm behind it are how wide the gap is. */
    @Test
    void metresMayBeWrittenShort() {
        assertThat(drafted("7.0 m: roots.", "8.0 m: joint open, 20 mm.", "9.0 m: fracture at the crown."))
                .anyMatch(d -> d.startsWith("roots 23"))
                .anyMatch(d -> d.startsWith("gap 26.2"))
                .anyMatch(d -> d.startsWith("crack 29.5"));
        assertThat(unit(LengthUnit.FEET, "I'm at two.", "I'm at five.", "I'm at nine."))
                .isEqualTo(LengthUnit.FEET);
    }
}

package hitch.core.talk;

import static hitch.core.talk.SaidHere.drafted;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Several places in a row, and one thing that is told of all. */
class ListedTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Thirty, thirty-two, thirty-four, all roots.",
                "Thirty, thirty-two and thirty-four, all roots, all light.",
                "Thirty, thirty-two, then thirty-four: each one's got roots in it."
            })
    void allOfThemHaveIt(String said) {
        assertThat(drafted(said, "Fifty. A wye on the left.")).contains("roots 30", "roots 32", "roots 34");
    }

    @Test
    void bothOfTwoHaveItOnTheSideThatWasSaid() {
        assertThat(drafted("Forty and forty-five, both cracked at the top.", "Fifty. A wye."))
                .contains("crack 40 at 12", "crack 45 at 12");
    }

    /** Of one place there is one. */
    @Test
    void allTheWayRoundIsOnePlace() {
        assertThat(drafted("Thirty. Fine.", "Forty. Roots all around.", "Fifty. A wye."))
                .noneMatch(d -> d.startsWith("roots 30"));
    }

    @Test
    void bothWallsAreNoTwoPlaces() {
        assertThat(drafted("Thirty, forty. Both walls have scale.", "Fifty. A wye."))
                .noneMatch(d -> d.startsWith("scale 30"));
    }

    /** "All I see" is of this place, though others were called out before it. */
    @Test
    void allThatIsSeenIsHere() {
        assertThat(drafted("Thirty.", "Thirty-five.", "Forty. All I see is roots.", "Fifty. A wye."))
                .contains("roots 40")
                .doesNotContain("roots 30", "roots 35");
    }

    @Test
    void anotherOneFartherOnIsTheSameThing() {
        assertThat(drafted("At thirty, a bend to the left, followed by another one at thirty-two.", "Fifty. A wye."))
                .contains("bend 30 at 9")
                .anyMatch(d -> d.startsWith("bend 32"));
    }

    @Test
    void theSameThingIsAtEachOfThem() {
        assertThat(drafted("Thirty. A hole.", "Thirty-two, thirty-four, same thing.", "Fifty. A wye."))
                .contains("hole 30", "hole 32", "hole 34");
    }
}

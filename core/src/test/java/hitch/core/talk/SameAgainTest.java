package hitch.core.talk;

import static hitch.core.talk.SaidHere.drafted;
import static hitch.core.talk.SaidHere.draftedWithoutSigns;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is found once more behind a place, by words that do not name it. */
class SameAgainTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Thirty. Still.",
                "Thirty, also.",
                "Thirty: as above.",
                "Thirty: as above, lighter.",
                "Thirty. More of that.",
                "Thirty, less.",
                "Thirty. A few more of those."
            })
    void aWordThatOnlySaysThatItIsAsBeforeFindsTheLastThing(String said) {
        assertThat(drafted("Twenty. Roots on the left.", said))
                .hasSize(2)
                .last()
                .asString()
                .startsWith("roots 30");
    }

    /** "I'm" was said of the roots, too. */
    @Test
    void aWordThatAnybodySaysOfAnythingNamesNothing() {
        assertThat(drafted("Twenty. I'm seeing roots on the left.", "Thirty. I'm, uh, I'm in water now."))
                .noneMatch(d -> d.startsWith("roots 30"));
    }

    @Test
    void itIsFoundBesideWhatIsNamedInTheSameBreath() {
        assertThat(drafted("Twenty. Roots on the left.", "Thirty, more of the same, and a crack on the right."))
                .anyMatch(d -> d.startsWith("roots 30"))
                .anyMatch(d -> d.startsWith("crack 30"));
    }

    @Test
    void theSpeakersOwnWordForAThingFindsItAgain() {
        assertThat(drafted("Twenty. A gob of grease hanging.", "Thirty. Another gob."))
                .last()
                .asString()
                .startsWith("grease 30");
        assertThat(draftedWithoutSigns("twenty feet roots on the left just a thread", "thirty feet thread"))
                .last()
                .asString()
                .startsWith("roots 30");
    }

    @Test
    void theLastThingThatWasCalledSoIsMeant() {
        assertThat(drafted(
                        "Eighteen. A gob of roots.", "Twenty. A gob of grease hanging.", "Thirty. Another gob, left."))
                .last()
                .asString()
                .startsWith("grease 30");
    }

    @ParameterizedTest
    @ValueSource(strings = {"Thirty. Clean.", "Thirty. Still clean.", "Thirty. Out of it again.", "Thirty. Okay now."})
    void whatIsCleanIsNotTheSame(String said) {
        assertThat(drafted("Twenty. Roots on the left.", said)).hasSize(1);
    }

    @Test
    void whereNothingWasFoundNothingIsTheSame() {
        assertThat(drafted("Thirty. Still.")).isEmpty();
        assertThat(drafted("Thirty, more of that.")).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"Similarly at thirty-one and at thirty-four feet.", "Likewise at thirty-one and thirty-four."})
    void whatIsSoAtOtherPlacesIsAtEach(String said) {
        assertThat(drafted("At twenty-eight feet, roots enter from the top.", said, "Fifty. A wye."))
                .contains("roots 28 at 12")
                .anyMatch(d -> d.startsWith("roots 31"))
                .anyMatch(d -> d.startsWith("roots 34"));
    }

    @Test
    void aFewMoreBehindItAreOfItsKind() {
        assertThat(drafted("Twenty. A hole.", "Thirty. We have a few more after that."))
                .anyMatch(d -> d.startsWith("hole 30"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"Thirty. Bigger.", "Thirty, same.", "And another one, thirty."})
    void itIsAsLikelyAsWhatItRepeats(String said) {
        assertThat(drafted("Twenty. Roots on the left.", said))
                .last()
                .asString()
                .startsWith("roots 30");
        assertThat(SameAgain.beginsNameless("And another one, eighteen and a half."))
                .isTrue();
        assertThat(SameAgain.beginsNameless("Another crack, eighteen and a half."))
                .isFalse();
    }
}

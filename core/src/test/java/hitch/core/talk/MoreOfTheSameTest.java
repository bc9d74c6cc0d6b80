package hitch.core.talk;

import static hitch.core.talk.SaidHere.drafted;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is only compared with the thing before, a thing that is named before its place, and what ends where. */
class MoreOfTheSameTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Thirty, a bigger one.",
                "Thirty, worse.",
                "Thirty. That's a smaller one.",
                "Thirty. Another one.",
                "Thirty. The biggest one yet.",
                "Thirty. Every joint's got it now.",
                "Thirty. This one's got it too.",
                "Thirty. Heavier here."
            })
    void whatIsComparedIsTheThingBeforeWithoutItsSide(String said) {
        assertThat(drafted("Twenty. Roots on the left.", said))
                .hasSize(2)
                .last()
                .asString()
                .startsWith("roots 30");
    }

    @Test
    void theSizeAndSideOfABiggerOneAreNotThoseOfTheFirst() {
        assertThat(drafted("Twenty. Roots on the left.", "Thirty, a bigger one."))
                .containsExactly("roots 20 at 9", "roots 30");
    }

    @Test
    void withoutAThingBeforeNothingIsCompared() {
        assertThat(drafted("Thirty, worse.")).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"Crack, forty-six, all the way round.", "Crack, at forty-six, all the way round."})
    void aThingThatIsNamedFirstIsWhereItsPlaceIsSaidBehindIt(String said) {
        assertThat(drafted("Twenty. Roots on the left.", said))
                .last()
                .asString()
                .startsWith("crack 46");
    }

    @Test
    void aWordThatIsNoThingLeavesThePlaceToWhatFollows() {
        assertThat(drafted("Okay, forty-six, crack at the top.")).containsExactly("crack 46 at 12");
    }

    @Test
    void anHourBehindAPlaceIsNone() {
        assertThat(drafted("Thirty-four, grease at nine, about two inches.", "Forty-three. Roots.", "Fifty. Roots."))
                .first()
                .asString()
                .startsWith("grease 34");
    }

    @Test
    void whatEndsIsTheLastThingAndNoneBeforeIt() {
        assertThat(drafted(
                        "Eighteen. Scale on the left.",
                        "Twenty. Grease on the bottom.",
                        "Twenty-six. It clears up there."))
                .containsExactly("scale 18 at 9", "grease 20-26 at 6");
    }

    @Test
    void waterEndsPastOtherThings() {
        assertThat(drafted("Eighteen. Standing water.", "Twenty. Roots.", "Twenty-six. Out of the water."))
                .containsExactly("standing water 18-26", "roots 20");
    }

    @Test
    void whatHasToComeOutDoesNotEndTheWater() {
        assertThat(drafted("Eighteen. Standing water.", "Thirty. Roots, that's gotta come out.")
                        .getFirst())
                .isEqualTo("standing water 18");
    }

    @Test
    void theFarEndOfARepairEndsNothing() {
        assertThat(drafted("Eighteen. Grease on the bottom.", "Thirty. Roots at the far end of that repair.")
                        .getFirst())
                .isEqualTo("grease 18 at 6");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Thirty-three joint's offset down by a quarter of the pipe.",
                "Thirty-three. Joint's offset down by a quarter of the pipe."
            })
    void oneJointIsNotSoManyOfThem(String said) {
        assertThat(drafted("Twenty. Roots.", said)).last().isEqualTo("offset 33");
    }

    @Test
    void sizesAndDropsAreNoPlaces() {
        assertThat(drafted(
                        "Twenty. It goes to clay right here two to three inch.",
                        "There's roots in it.",
                        "Thirty. We drop about four feet and then there's grease."))
                .contains("roots 20", "grease 30");
    }

    @Test
    void theMainIsAPointHoweverMuchPipeIsSpokenOf() {
        assertThat(drafted("Fifty. There's the main.", "You're looking at about twenty feet of clay here."))
                .first()
                .isEqualTo("main connection 50");
    }

    @Test
    void whatIsFoundMayBeThatSomethingIsNotSo() {
        assertThat(drafted("Thirty. The joint isn't pushed home.")).containsExactly("gap 30");
        assertThat(drafted("Thirty. There's no gap between the pipes.")).doesNotContain("gap 30");
    }

    @Test
    void hoursOfBothSidesAreNoPlaces() {
        assertThat(drafted("Thirty. Cracked on both sides, like at three and nine.", "Forty. Roots."))
                .hasSize(2)
                .allMatch(d -> d.startsWith("crack 30") || d.equals("roots 40"));
    }
}

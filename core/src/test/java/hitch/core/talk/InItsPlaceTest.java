package hitch.core.talk;

import static hitch.core.talk.SaidHere.drafted;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Where advice, marks and promises belong that say no place of their own, or one that no camera passed. */
class InItsPlaceTest {
    @Test
    void adviceOnThatIsWhereThatIs() {
        assertThat(drafted("Thirty. A hole.", "They should fix that.", "Forty. Roots."))
                .contains("advice 30");
    }

    @Test
    void adviceOnTheOnlyHoleIsWhereItIs() {
        assertThat(drafted(
                        "Thirty. A hole.",
                        "Forty. Roots.",
                        "Fifty. There's the main.",
                        "That hole needs to be dug up."))
                .contains("advice 30");
    }

    /** "Cut this week" speaks of no thing; and what is marked is the place that is said. */
    @Test
    void whatIsDoneThisWeekIsWhereItIsSaidToBe() {
        assertThat(drafted(
                        "Thirty. A hole.",
                        "Forty. Big roots.",
                        "Fifty. There's the main.",
                        "Forty gets cut this week, and thirty gets dug.",
                        "I've marked thirty in the grass, six feet down."))
                .contains("advice 40", "locate 30");
    }

    @ParameterizedTest
    @ValueSource(strings = {"Number three, the belly, monitor it.", "The belly, you can leave that."})
    void adviceOnTheOnlyBellyIsWhereItIs(String said) {
        assertThat(drafted("Twenty. Roots.", "Thirty. A belly.", "Fifty. There's the main.", said))
                .contains("advice 30");
    }

    @Test
    void whatIsEnumeratedInTheEndWasFoundThere() {
        assertThat(drafted(
                        "Thirty. Crack on top.",
                        "Forty. Roots.",
                        "Fifty. There's the main.",
                        "One, crack at thirty, get it lined."))
                .contains("advice 30", "crack 30 at 12")
                .doesNotContain("crack 30");
    }

    @Test
    void howFarInFromTheHouseIsNoPlace() {
        assertThat(drafted(
                        "Thirty. A hole.",
                        "Fifty. There's the main.",
                        "I sounded the hole, it's under the deck, three feet in from the rail."))
                .contains("locate 30")
                .noneMatch(d -> d.endsWith(" 3"));
    }

    @Test
    void theWayIntoAnotherRunIsAtNoPlaceOfThisOne() {
        assertThat(drafted("Thirty. A gap.", "Okay, second run, I'm at the street cleanout, looking up at the house."))
                .contains("opening")
                .doesNotContain("opening 30");
    }

    @Test
    void waterThatIsTimedUntilItGotThereIsSeenThere() {
        assertThat(drafted(
                        "Thirty. Good.",
                        "I had him flush, and that took, oh, nine seconds to get here.",
                        "Forty. A gap."))
                .contains("fixture test 30");
    }

    /** "Those that say" calls nothing by its name. */
    @Test
    void aVerbIsNoName() {
        assertThat(drafted(
                        "Thirty. A branch on the left, I want to say that's the garage.",
                        "Fifty. There's the main.",
                        "And no wipes, not even those that say they break up."))
                .contains("advice")
                .doesNotContain("advice 30");
    }

    @Test
    void aMarkOverAThingIsWhereItIs() {
        assertThat(drafted(
                        "Thirty. The pipe is ovaled.",
                        "Forty. Roots.",
                        "Fifty. There's the main.",
                        "I'm parked over the ovaled section, at a depth of four feet."))
                .contains("locate 30");
    }

    @Test
    void howMuchThatIsIsNoPlaceOfItsOwn() {
        assertThat(drafted(
                        "Twenty. Scale.",
                        "Forty. Roots.",
                        "Sixty. There's the main.",
                        "Someday you'll want to replace it from twenty out to forty-five, so twenty-five feet or so."))
                .containsOnlyOnce("advice 20-45");
    }

    @Test
    void whatIsNotInThisPartIsAtNoSpotOfIt() {
        assertThat(drafted("Thirty. A crack.", "There do not seem to be any roots in this section.", "Forty. A gap."))
                .contains("-roots")
                .doesNotContain("-roots 30");
    }

    @Test
    void whatWasLeftRunningRunsInTheHouse() {
        assertThat(drafted("Thirty. Good.", "I left the tap on in the bath, so it's coming by here.", "Forty. A gap."))
                .contains("fixture test")
                .doesNotContain("fixture test 30");
    }

    @Test
    void adviceOnOneOfTwoHolesIsAtNeither() {
        assertThat(drafted(
                        "Thirty. A hole.",
                        "Forty. A hole.",
                        "Fifty. There's the main.",
                        "The hole needs to be dug up."))
                .contains("advice")
                .doesNotContain("advice 30", "advice 40");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Pull that screw out.                         | advice 30
            Have the bulge cut out.                      | advice 40
            You need to get that bulge cut out.          | advice 40
            Dig up thirty and shove it home.             | advice 30
            The rusty screw should be taken out.         | advice 30
            I'd get a liner for the crack.               | advice 30
            We recommend the screw be taken out.         | advice 30
            I would open the ground between thirty and forty. | advice 30-40
            """)
    void whatIsToBeDoneIsWhereTheThingIsThatIsCalledSo(String said, String wanted) {
        assertThat(drafted(
                        "Thirty. There's a rusty screw through the crack.",
                        "Forty. A hole under a bulge.",
                        "Fifty. That's the main.",
                        said))
                .contains(wanted);
    }

    @Test
    void whatIsToBeDoneIsAtThePlaceThatStandsRightBeforeIt() {
        assertThat(drafted("Thirty. A hole.", "Fifty. That's the main.", "Thirty: open cut, replace one stick."))
                .contains("advice 30");
    }

    @Test
    void aMarkIsOverNoStretch() {
        assertThat(drafted(
                        "Thirty. A hole.",
                        "Fifty. That's the main.",
                        "Replace it from thirty to forty.",
                        "I sprayed a blue mark on the grass."))
                .noneMatch(d -> d.startsWith("locate 30-"));
    }

    @Test
    void whatIsCalledByAWordOfTheWholeLineIsNowhere() {
        assertThat(drafted("Thirty. A crack in the line.", "Fifty. That's the main.", "Get that line jetted."))
                .doesNotContain("advice 30");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "I would replace it from thirty-two to thirty-eight.",
                "I would replace it from say thirty-two to thirty-eight.",
                "I would replace it from thirty-two out to thirty-eight."
            })
    void whatIsToBeReplacedHasItsStretchThoughNobodyStoodThere(String said) {
        assertThat(drafted("Thirty. A hole.", "Forty. Roots.", "Fifty. There's the main.", said))
                .contains("advice 32-38");
    }

    @Test
    void theDepthThatIsToldBehindAnAdviceIsOfWhatIsToBeDug() {
        assertThat(drafted(
                        "Thirty. A hole.",
                        "Forty. Roots.",
                        "Fifty. There's the main.",
                        "That hole needs to be dug up.",
                        "The locator says four feet ten."))
                .contains("locate 30");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            I'll have it on the portal tonight.         | promise
            We'll notify the landlord by letter.        | promise
            I'll leave this with you on a thumb drive.  | promise
            """)
    void whatIsSentAfterwardsIsNowhere(String said, String wanted) {
        assertThat(drafted("Thirty. A hole.", "Forty. Roots.", said)).contains(wanted);
    }

    /** Nothing was found that could be marked. */
    @Test
    void howFarItGoesDownIsNoMark() {
        assertThat(drafted("Five foot down.")).noneMatch(d -> d.startsWith("locate"));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Thirty. There's a big maple right above us here. | remark 30
            Thirty. We're under the oak tree now.              | remark 30
            """)
    void whatStandsAboveIsAtItsPlace(String line, String wanted) {
        assertThat(drafted(line, "Forty. Roots.")).contains(wanted);
    }

    @Test
    void whatIsToBeDoneWithThatLengthIsWhereItWasToldToBe() {
        assertThat(drafted(
                        "Thirty. A crack.",
                        "Fifty. That's the main.",
                        "It's all sound but for the length between thirty and thirty-four.",
                        "That length should be renewed before you close."))
                .contains("advice 30-34");
        assertThat(drafted("Thirty. A crack.", "Fifty. That's the main.", "That length should be renewed."))
                .contains("advice");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Thirty. The pipe is deformed.   | The deformed portion needs to be replaced. | advice 30
            Thirty. A hairline crack.       | The hairline can wait.                     | advice 30
            Thirty. A saddle, left.         | The saddle, they could grind that.         | advice 30
            Thirty. Grease all around.      | Clean the grease any time.                 | advice 30
            """)
    void adviceIsWhereWhatItNamesIs(String found, String said, String wanted) {
        assertThat(drafted(found, "Forty. Roots.", "Fifty. There's the main.", said))
                .contains(wanted);
    }

    @Test
    void whatIsNotToBeJettedIsWhatWasFoundLast() {
        assertThat(drafted("Thirty. The top is broken.", "Don't jet that please.", "Fifty. Roots."))
                .contains("advice 30");
    }

    @Test
    void howLongARepairIsTellsNoPlace() {
        assertThat(drafted(
                        "Thirty. A hole.",
                        "Fifty. There's the main.",
                        "Somebody has to dig at thirty.",
                        "That's a three foot repair."))
                .contains("advice 30")
                .doesNotContain("advice 3");
    }

    @Test
    void aPictureIsOfTheThingThatIsNamed() {
        assertThat(drafted("Thirty. A crack.", "Forty. Roots.", "I took stills of the crack."))
                .contains("photo 30");
    }

    @Test
    void whatItCannotBeAdvancedBeyondIsThere() {
        assertThat(drafted("At thirty feet, the camera could not be advanced beyond a tight bend."))
                .contains("limit 30")
                .noneMatch(d -> d.startsWith("-"));
    }

    @Test
    void adviceAndPicturesOfTwoPlacesAreAtEach() {
        assertThat(drafted(
                        "Thirty. Roots.", "Forty. Roots.", "Fifty. The main.", "Cut the roots at thirty and at forty."))
                .contains("advice 30", "advice 40");
        assertThat(drafted(
                        "Thirty. Roots.",
                        "Forty. Roots.",
                        "Fifty. The main.",
                        "Photographed at thirty and at forty feet."))
                .contains("photo 30", "photo 40");
    }

    /** "At ten and at two" are hours at fifty-one, though the camera passed ten. */
    @Test
    void anHourIsNoPlaceThatWasPassed() {
        assertThat(drafted(
                        "Forty. Roots.",
                        "Fifty-one. It's gotten flat, and it's cracked at ten and at two.",
                        "Sixty. A wye."))
                .noneMatch(d -> d.startsWith("crack 10"))
                .anyMatch(d -> d.startsWith("crack 51"));
    }
}

package hitch.core.talk;

import static hitch.core.talk.SaidHere.drafted;
import static hitch.core.talk.SaidHere.draftedWithoutSigns;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A thing of which the beginning and the end are told in one breath. */
class ToItsEndTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Twenty, a crack on the top, and it goes on till twenty-three.       | crack 20-23 at 12
            Twenty. Standing water, and it lasts to thirty-one.                 | standing water 20-31
            At twenty there's scale, running along to about twenty-six.         | scale 20-26
            Twenty feet, hairline at 12, running on to 22 and a half.           | crack 20-22.5 at 12
            Twenty, grease on the bottom that carries on through twenty-eight.  | grease 20-28 at 6
            """)
    void isAsLongAsThat(String said, String wanted) {
        assertThat(drafted(said, "Forty. A wye on the left.")).contains(wanted);
    }

    /** What is still so farther on began where it was found. */
    @Test
    void beganWhereItWasFoundFirst() {
        assertThat(drafted(
                        "Twenty. It's egg shaped.", "Twenty-six, still egg shaped.", "The egg shape ends at thirty."))
                .contains("deformation 20-30");
    }

    @Test
    void theEndOfACrackIsNotTheEndOfTheLine() {
        assertThat(drafted("Thirty. A crack on the left.", "Thirty-two, that's the end of it.", "Forty. A gap."))
                .contains("gap 40")
                .noneMatch(d -> d.startsWith("end"));
    }

    @Test
    void thePipeThatIsNamedFirstIsAChangeBesideWhatIsFoundThere() {
        assertThat(drafted("Twenty. It's plastic.", "Thirty. Clay, and there's a crack on top.", "Forty. A gap."))
                .contains("material change 30", "crack 30 at 12");
    }

    @Test
    void aChangeOfPipeIsNotAsLongAsTheRepairBeforeIt() {
        assertThat(drafted(
                        "Twenty. It goes to plastic.",
                        "Twenty-six and it's back to clay, so that's six feet of repair.",
                        "Forty. Roots."))
                .contains("material change 20", "material change 26");
    }

    @Test
    void isAsLongAsThatWithoutSigns() {
        assertThat(draftedWithoutSigns(
                        "twenty feet there's water and it goes on till twenty six",
                        "okay forty feet roots on the left"))
                .contains("standing water 20-26", "roots 40 at 9");
    }

    @Test
    void whatIsLikeThatAllTheWayToAPlaceIsAsLong() {
        assertThat(drafted(
                        "Twenty. Scale on the sides.", "It's like that all the way to twenty-nine.", "Forty. Roots."))
                .anyMatch(d -> d.startsWith("scale 20-29"));
    }

    /** A street goes on to its number, and the pipe to where it changes; the thing stays where it is. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Twenty, a tap on the left that goes on to thirty Gannet Row.        | tie-in 20 at 9
            Twenty, a hole, and after that it's clay to thirty.                 | hole 20
            Twenty, roots, and the clay goes on to thirty.                      | roots 20
            """)
    void aThingIsNoLongerThanThePipeBehindIt(String said, String wanted) {
        assertThat(drafted(said, "Forty. A crack.")).contains(wanted);
    }

    /** "Goes down to": how far a crack goes, and no smaller pipe. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Goes down to twenty-two.  | crack 19-22
            Runs on to twenty-three.  | crack 19-23
            Goes to twenty-one.       | crack 19-21
            """)
    void whatFollowsTellsHowFarItGoes(String said, String wanted) {
        assertThat(drafted("Nineteen. A crack.", said, "Forty. Roots."))
                .contains(wanted)
                .noneMatch(d -> d.startsWith("size change"));
    }

    @Test
    void aPipeThatGoesDownToAWidthIsSmaller() {
        assertThat(drafted("Nineteen. A crack.", "Thirty. Goes down to three inch.", "Forty. Roots."))
                .anyMatch(d -> d.startsWith("size change 30"));
    }

    @Test
    void aStretchThatIsToldBehindTheThingIsItsPlace() {
        assertThat(draftedWithoutSigns(
                        "twenty two feet a bend to the left",
                        "got a coat of grease from twenty five to thirty it's hard you can see a track",
                        "forty feet the tap on the left"))
                .anyMatch(d -> d.startsWith("grease 25-30"));
    }

    /** A table has a colon behind its places. */
    @Test
    void aColonBehindAPlaceIsNoWord() {
        assertThat(drafted("33.6: crack, crown, continuing.", "41.2: crack ends.", "44.8: sag.", "52.0: out of sag."))
                .contains("crack 33.6-41.2 at 12", "standing water 44.8-52");
    }

    @Test
    void aPipeChangesWhereItsStretchBegins() {
        assertThat(drafted("Twenty-six to forty, plastic, all clear.", "Fifty. A wye."))
                .contains("material change 26");
    }

    @Test
    void twoNumbersBehindAdviceAreItsStretch() {
        assertThat(drafted(
                        "20.0 Roots.",
                        "30.0 Roots.",
                        "58.0 Tap to main.",
                        "Repair recommended 20.0 to 30.0; liner or open cut."))
                .contains("advice 20-30");
    }
}

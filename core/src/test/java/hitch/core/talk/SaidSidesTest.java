package hitch.core.talk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.caption.Cue;
import hitch.core.finding.Certainty;
import hitch.core.finding.ClockPosition;
import hitch.core.measure.LengthUnit;
import hitch.core.note.grammar.TradeNoteReader;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The side of the pipe, which people say before a thing, after it, of the thing before, or by the clock without the word. */
class SaidSidesTest {
    /** What a run's commentary gives, each as {@code roots 3-3}, with a minus before what is ruled out. */
    private static List<String> sided(String... lines) {
        List<String> all = new ArrayList<>(List.of("Zero at the cap.", "Five. Four inch clay.", "Ten.", "Fifteen."));
        all.addAll(List.of(lines));
        List<Cue> cues = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            cues.add(new Cue(i * 6, i * 6 + 5, all.get(i)));
        }
        return new TalkReader(new TradeNoteReader(), LengthUnit.FEET)
                .read(cues).drafts().stream().map(SaidSidesTest::words).toList();
    }

    private static String words(Spoken spoken) {
        String side = spoken.draft()
                .traits()
                .clock()
                .map(SaidSidesTest::hours)
                .map(h -> " " + h)
                .orElse("");
        return (spoken.draft().certainty() == Certainty.RULED_OUT ? "-" : "")
                + spoken.draft().matter().word()
                + side;
    }

    private static String hours(ClockPosition clock) {
        return clock.both() ? "both" : clock.from() + "-" + clock.to();
    }

    /** "Bulge at twelve", when the line's place is told. */
    @Test
    void anHourIsSaidWithoutTheClockBesideTheLinesOwnPlace() {
        assertThat(sided("Thirty-three: bulge at twelve.", "Forty: lateral at three."))
                .contains("deformation 12-12", "tie-in 3-3");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Twenty two, unit nine comes in from the right.     | 3-3
            Twenty two, lateral at ten o'clock.                | 10-10
            Twenty two, service at 2 o'clock.                  | 2-2
            Twenty two, tap left, capped.                      | 9-9
            Twenty two, the kitchen drops in from overhead.    | 12-12
            Twenty two, there's another stack on the left.     | 9-9
            Twenty two, tap, upper left, capped.               | 9-9
            Twenty two, lateral at ten, factory wye.           | 10-10
            Twenty two, service at 3, hammered in.             | 3-3
            At twenty-two, the upstairs stack, on the left.    | 9-9
            At 22 feet, unit 101 connects from the right.      | 3-3
            Twenty two, there's a pipe coming in right.        | 3-3
            Twenty two, a stack comes down on top of us.       | 12-12
            Twenty two, gully connection right, dry.           | 3-3
            """)
    void aTieInIsOnTheSideThatItComesInFrom(String line, String hours) {
        assertThat(sided(line)).last().isEqualTo("tie-in " + hours);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Twenty two, bend, thirty degrees left.       | bend 9-9
            Twenty two, a bend, about ten degrees to the right. | bend 3-3
            """)
    void aBendGoesWhereItIsSaidToGo(String line, String wanted) {
        assertThat(sided(line)).last().isEqualTo(wanted);
    }

    @Test
    void aTieInOfWhichNoSideIsSaidHasNone() {
        assertThat(sided("Twenty two, the laundry ties in here.")).last().isEqualTo("tie-in");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Twenty, roots, three o'clock.     | Twenty two, same.                       | roots 3-3
            Twenty. Mark across the top here. | Crack, I think.                         | crack 12-12
            Twenty, fine roots.               | Top left, from ten to eleven o'clock.   | roots 10-11
            Twenty, roots at ten o'clock.     | And another bunch of roots over at two. | roots 2-2
            Twenty, a lateral on the right.   | There's grease all down that side.      | grease 3-3
            Twenty, grease on the bottom.     | No, that's mud.                         | debris 6-6
            Twenty.                           | Grease on it, the top's coming down.    | grease 12-12
            """)
    void aSideIsSaidWithAnotherSentence(String first, String second, String last) {
        assertThat(sided(first, second)).last().isEqualTo(last);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Twenty two, hair roots, right round.                    | roots
            Twenty two, there's roots right there at the hub.       | roots
            Forty. We drop into the main, it flows off to the right. | main connection
            """)
    void aWordThatNamesNoSideOfThePipeGivesNone(String line, String last) {
        assertThat(sided(line)).last().asString().startsWith(last).doesNotContain(" 3-3");
    }

    @Test
    void thePipeComesIntoTheMainAtItsTop() {
        assertThat(sided("Sixty and that's the main. We come in at the top.")).contains("main connection 12-12");
    }

    @Test
    void whereTheEyeWasLedAtOnePlaceIsNotWhereTheNextThingIs() {
        assertThat(sided("Twenty. Look at the left side.", "Twenty six and it's offset."))
                .last()
                .isEqualTo("offset");
    }

    @Test
    void whatIsNoneAfterAllIsWhereItWasSaidToBe() {
        assertThat(sided(
                        "Thirty four. Possible crack on the left side.",
                        "Forty.",
                        "Forty four.",
                        "Thirty four. Not a crack."))
                .last()
                .isEqualTo("-crack 9-9");
    }

    @Test
    void rootsThatComeInAreNoTieIn() {
        assertThat(sided("Twenty, more roots, coming in from the left.")).doesNotContain("tie-in", "tie-in 9-9");
        assertThat(sided("Twenty, there's a branch coming in from the left.")).contains("tie-in 9-9");
    }

    @Test
    void theSoilBehindAHoleIsNoDebris() {
        assertThat(sided("Twenty, a hole in the bottom.", "You can see the gravel through it."))
                .noneMatch(d -> d.startsWith("debris"));
        assertThat(sided("Twenty, a hole in the bottom.", "And there's gravel in the bottom of the pipe."))
                .anyMatch(d -> d.startsWith("debris"));
    }

    @Test
    void whatAMapSaysIsNotSeen() {
        assertThat(sided("The map says the main's about sixty.")).noneMatch(d -> d.startsWith("main"));
    }

    @Test
    void thePlasticsEndIsNotTheLines() {
        assertThat(sided("Twenty, there's the end of the plastic.")).doesNotContain("end");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Twenty two, roots, coming from above.                    | roots 12-12
            Twenty two, a hole, right in the floor of the pipe.      | hole 6-6
            Twenty two, there's a hole I can get a thumb through, underneath. | hole 6-6
            22 feet, wall pushed in at 3, a crack in it.             | crack 3-3
            48 feet, open joint at 4 with a burrow behind.           | gap 4-4
            """)
    void aThingIsWhereItsWordsPutIt(String line, String wanted) {
        assertThat(sided(line)).contains(wanted);
    }

    /** "Something across the bottom there" is no thing yet; what it is called then is there. */
    @Test
    void whatIsNamedAfterTheEyeWasLedIsThere() {
        assertThat(sided("Thirty-four.", "Something across the bottom there.", "Crack, I think."))
                .last()
                .isEqualTo("crack 6-6");
    }

    /** Withdrawn minutes later, it was where it was first seen. */
    @Test
    void aGuessThatIsTakenBackLaterWasWhereItWasSeen() {
        assertThat(sided(
                        "Thirty-four. Grease, left side, just a dab.",
                        "Forty. Roots.",
                        "Coming back now.",
                        "Thirty-four again.",
                        "Scratch the grease, that's not grease, that's mortar."))
                .contains("-grease 9-9");
    }

    @Test
    void whatAGuessIsCalledInItsPlaceIsWhereThatWas() {
        assertThat(sided(
                        "Thirty-four. Looks like a hole on the left.",
                        "Not a hole.",
                        "It's a blister, just curled over."))
                .last()
                .isEqualTo("blister 9-9");
    }

    @Test
    void allAlongTheBottomIsOfWhatWasFoundJustBefore() {
        assertThat(sided(
                        "Thirty. Heavy scale.",
                        "Now it's all along the bottom from there on, and there's a crack at thirty-two."))
                .contains("scale 6-6");
    }

    /** The bottom of a stack is no side of the bend there. */
    @Test
    void theBottomOfTheStackIsNoSide() {
        assertThat(sided("Thirty. That's the bottom.", "It's a long sweep, out towards the front."))
                .last()
                .isEqualTo("bend");
    }

    @Test
    void whatHangsRightOffTheTopIsOnTop() {
        assertThat(sided("Thirty. Roots, heavy.", "It's a mat, and it's hanging right off the top, forty percent."))
                .last()
                .isEqualTo("roots 12-12");
    }

    @Test
    void theSameSideIsThatOfTheLastSuchThing() {
        assertThat(sided(
                        "Thirty. Unit ten joins us on the left.",
                        "Thirty-five.",
                        "Forty.",
                        "Forty-four, that's unit eleven, same side."))
                .last()
                .isEqualTo("tie-in 9-9");
    }

    /** A guess was taken back, and the camera went on: the next thing is on no side. */
    @Test
    void whatIsNamedAtTheNextPlaceIsNotWhereTheGuessWas() {
        assertThat(sided("Thirty. Is that a crack at the top?", "No, that's not a crack.", "Thirty-four. It's a hole."))
                .last()
                .isEqualTo("hole");
    }

    @Test
    void aPlaceThatCouldBeAnHourIsNoSide() {
        assertThat(sided("Three feet again, roots at ten, a good many.")).doesNotContain("roots 10-10");
    }

    /** "Scratch the scale off" takes nothing back. */
    @Test
    void whatIsScratchedOffIsThere() {
        assertThat(sided("Thirty. Scale, half an inch.", "A chain would scratch the scale off."))
                .contains("scale")
                .doesNotContain("-scale");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Thirty. The tap is on our right. No, left.            | tie-in 30 at 9
            Thirty. Roots on the left, sorry, on the right.       | roots 30 at 3
            Thirty. Roots on the left, no cracks on the right.    | roots 30 at 9
            """)
    void aSideIsPutRightAtOnce(String said, String wanted) {
        assertThat(SaidHere.drafted(said, "Fifty. A wye.")).contains(wanted);
    }
}

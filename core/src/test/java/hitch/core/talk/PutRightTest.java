package hitch.core.talk;

import static hitch.core.talk.SaidHere.drafted;
import static hitch.core.talk.SaidHere.draftedWithoutSigns;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is put right as soon as it is said: a distance that was read wrongly, a guess, a name, and where a thing begins. */
class PutRightTest {
    @Test
    void aDistanceThatIsReadAgainIsTheOneThatCounts() {
        assertThat(draftedWithoutSigns(
                        "twenty roots",
                        "forty one there's a crack no hang on forty three",
                        "fifty feet there's an offset"))
                .containsExactly("roots 20", "crack 43", "offset 50");
    }

    @Test
    void aFigureThatWasReadWronglyTwiceIsPutRightTwice() {
        assertThat(draftedWithoutSigns(
                        "forty one and this is where it goes to plastic",
                        "forty one no read that again joe forty three",
                        "fifty feet there's an offset"))
                .contains("material change 43", "offset 50");
    }

    @Test
    void whatItIsInsteadIsThere() {
        assertThat(SaidHere.fromTheStart(
                        "i'm going in the floor drain no not the floor drain the cleanout beside it",
                        "and zeroed it",
                        "ten feet roots",
                        "twenty feet a crack",
                        "thirty feet a gap",
                        "forty feet more roots"))
                .contains("opening");
    }

    @Test
    void twoFeetInARowAreOnePlace() {
        assertThat(drafted("I hit the stoppage at thirty-one, thirty-two feet.", "Forty. A gap."))
                .contains("blockage 31-32", "gap 40");
    }

    @Test
    void noRootsIsNoCorrection() {
        assertThat(drafted("Twenty, a crack, no roots. Twenty-two, a gap.")).contains("crack 20", "gap 22");
    }

    @Test
    void noFlowIsNoCorrection() {
        assertThat(drafted("Twenty, a crack.", "Forty-two, a branch comes in, no flow.", "Forty-five, roots."))
                .contains("tie-in 42", "roots 45");
    }

    @Test
    void whatIsCorrectedBehindItWasThere() {
        assertThat(drafted(
                        "Thirty-six, a piece of the barrel is absent, soil visible.",
                        "Correction, that's thirty-four point zero."))
                .contains("hole 34")
                .noneMatch(d -> d.startsWith("zero"));
    }

    @Test
    void whatIsNothingAtTheNextPlaceTakesNothingBack() {
        assertThat(drafted("Thirty-three, the bell is broken.", "Thirty-eight, nope, that's only paper."))
                .contains("break 33");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Ahead of that the line holds water.  | It starts at twenty-eight.                             | standing water 28
            There's a long split along the top.  | Beginning at about twenty-eight feet.                  | crack 28 at 12
            The worst of the rust is right here. | The counter reads twenty-eight and a half.             | scale 28.5
            """)
    void whereAThingBeginsMayBeToldBehindIt(String thing, String where, String wanted) {
        assertThat(drafted("Twenty. Roots.", thing, where)).contains(wanted);
    }

    /** A place that was said with the thing stays. */
    @Test
    void whatWasSaidWithItsPlaceStaysThere() {
        assertThat(drafted("Twenty-two feet, a crack.", "It starts at twenty-eight, the plastic."))
                .contains("crack 22");
    }

    @Test
    void aGuessThatIsNamedBetterIsOneThing() {
        assertThat(drafted("Thirty. Looks like gravel.", "No, that's a lump of mortar on the bottom."))
                .containsExactly("debris 30 at 6");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Thirty. There's a crack. | It's just a scratch.  | -crack 30
            Thirty. There's a hole.  | That's only a shadow. | -hole 30
            Thirty. A little crack.  | Oh, it's a stain.     | -crack 30
            """)
    void whatWasTakenForDamageAndIsNoneIsRuledOut(String guess, String truth, String wanted) {
        assertThat(drafted(guess, truth)).containsExactly(wanted);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Thirty. I can't call that a hole.          | hole
            Thirty. I wouldn't call it a bad crack.    | crack
            Thirty. You won't hear me call it a break. | break
            """)
    void whatIsNotCalledSoIsNotFound(String said, String kind) {
        assertThat(drafted(said)).noneMatch(d -> d.startsWith(kind));
    }

    @Test
    void whatIsGoneWasThere() {
        assertThat(drafted("Thirty. And look, the gravel's gone.")).containsExactly("-debris 30");
        assertThat(drafted("Thirty. The roots are all gone.")).containsExactly("-roots 30");
        assertThat(drafted("Thirty. The bottom's gone.")).noneMatch(d -> d.startsWith("-"));
    }

    @Test
    void aStretchIsKnownByWhereItBeginsAndEnds() {
        assertThat(drafted(
                        "Ten feet, roots.",
                        "Twenty feet, a crack.",
                        "Fifty feet, there's the main.",
                        "I would replace it from twelve out to forty-eight."))
                .contains("advice 12-48");
    }
}

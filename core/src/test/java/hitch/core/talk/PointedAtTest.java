package hitch.core.talk;

import static hitch.core.talk.SaidHere.drafted;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is only pointed at ("the next one has a crack"), what is told of all of the pipe, and numbers that are another thing's. */
class PointedAtTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Thirty-nine has a root on the right side, just one.        | roots 39 at 3
            Thirty-nine had a crack in it.                             | crack 39
            Thirty feet. The next one has an offset.                   | offset 30
            Forty-six, there's a tap on top that's not in use.         | tie-in 46 at 12
            Forty-six, there's a y on the left.                        | tie-in 46 at 9
            Fifty. I'm stopped by roots.                               | limit 50;roots 50
            At thirty it dead ends into the main.                      | main connection 30
            Thirty, and there's a toothbrush stuck in the joint.       | debris 30
            Thirty. No root growth was seen at that joint.             | -roots 30
            Thirty. The pipe beyond is vitrified clay.                 | material change 30
            Thirty, coupling, to cast iron.                            | coupling 30;material change 30
            """)
    void oneThatIsPointedAtIsClaimed(String line, String wanted) {
        assertThat(drafted(line)).contains(wanted.split(";"));
    }

    /** What another has is nobody's finding. */
    @Test
    void whatAHouseOrANeighbourHasIsNone() {
        assertThat(drafted("We keep going.", "The neighbor has roots.")).isEmpty();
        assertThat(drafted("We keep going.", "House twelve has roots.")).isEmpty();
    }

    @Test
    void whatIsToldOfAllOfItIsAtNoOnePlace() {
        assertThat(drafted("Twenty, a joint.", "It's got scale on the walls, pretty much the whole way."))
                .contains("scale");
        assertThat(drafted("Scale the whole way from twenty to thirty.")).contains("scale 20-30");
    }

    @Test
    void howLongEachPieceIsAndHowWideAPipeAreNoPlaces() {
        assertThat(drafted("Twenty, roots.", "This is all two foot pieces.", "An offset here."))
                .containsExactly("roots 20", "offset 20");
        assertThat(drafted("Twenty feet, an offset.", "It goes straight into four-inch plastic here."))
                .contains("material change 20");
    }

    @Test
    void waterThatIsSaidToLastEndsThere() {
        assertThat(drafted("Twenty-two, there's a sag.", "It's got an inch of water and it lasts to twenty-seven."))
                .containsExactly("standing water 22-27");
    }

    /** "On the left side" of what is told at the next place is no side of the last thing. */
    @Test
    void aSideThatIsSaidAtAnotherPlaceIsNotTheLastThings() {
        assertThat(drafted("Twenty, a little grease.", "At thirty the film is cloudy on the left side."))
                .contains("grease 20");
        assertThat(drafted("Twenty, a little grease.", "It's on the left side."))
                .contains("grease 20 at 9");
    }
}

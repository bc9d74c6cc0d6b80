package hitch.core.talk;

import static hitch.core.talk.SaidHere.drafted;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One thing that is told in two words of two kinds. */
class NeighboursTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Thirty, a bit of the wall is out, you can see dirt.                         | hole   | break
            Thirty, we have a drop at the joint, the pipe's slipped down about three quarters of an inch. | offset | drop
            Thirty, a joint with some hair roots in it.                                 | roots  | joint
            Thirty, structure nineteen, end of run. | end | limit
            """)
    void isOneThing(String said, String thing, String other) {
        assertThat(drafted(said)).anyMatch(d -> d.startsWith(thing)).noneMatch(d -> d.startsWith(other));
    }

    @Test
    void twoThingsAreTwo() {
        assertThat(drafted("Thirty, there's a hole on top and the bottom is cracked."))
                .anyMatch(d -> d.startsWith("hole"))
                .anyMatch(d -> d.startsWith("crack"));
    }
}

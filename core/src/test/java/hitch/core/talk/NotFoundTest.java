package hitch.core.talk;

import static hitch.core.talk.SaidHere.drafted;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What shows in an open place is no thing of its own; what lies in the pipe is. */
class NotFoundTest {
    private static final String OPEN = "Thirty. The joint is displaced to the left by half the wall.";

    @ParameterizedTest
    @ValueSource(
            strings = {
                "A small quantity of gravel is retained behind it.",
                "Loose earth partly obstructs the invert at that point.",
                "Gravel is piled up in the bottom."
            })
    void soilThatLiesInThePipeIsDebris(String said) {
        assertThat(drafted(OPEN, said)).contains("offset 30 at 9").anyMatch(d -> d.startsWith("debris 30"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"You can see gravel on the other side.", "That's dirt showing through."})
    void soilThatShowsIsNone(String said) {
        assertThat(drafted(OPEN, said)).noneMatch(d -> d.startsWith("debris"));
    }

    /** Where it is gone, it ends. */
    @Test
    void whatIsGoneReachesToThere() {
        assertThat(drafted("Thirty. Gravel in the bottom.", "Forty. The gravel's gone."))
                .containsExactly("debris 30-40 at 6");
    }
}

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

    /** Soil behind a gap is none of its own; stone that lies farther on is. */
    @Test
    void soilIsOfTheGapWhereTheGapIs() {
        assertThat(drafted("Thirty. A wide gap in the joint.", "And you can see the dirt on top.", "Fifty. A wye."))
                .noneMatch(d -> d.startsWith("debris") || d.startsWith("hole"));
        assertThat(drafted("Thirty. A wide gap in the joint.", "Thirty-eight. Some gravel."))
                .anyMatch(d -> d.startsWith("debris 38"));
    }

    @Test
    void whatIsJudgedOnceThePipeIsPassedIsFoundNoSecondTime() {
        assertThat(drafted(
                        "Thirty. A gap in the joint.",
                        "Forty. Roots.",
                        "Fifty. There's the main.",
                        "Coming back.",
                        "The gap at thirty is acceptable to me."))
                .filteredOn(d -> d.startsWith("gap"))
                .hasSize(1);
    }

    @Test
    void whatIsThereIsFoundThoughItIsToBeWatched() {
        assertThat(drafted(
                        "Thirty. There is a hairline crack in the bottom, so I will have to watch that.",
                        "Fifty. A wye."))
                .contains("crack 30 at 6");
    }
}

package hitch.core.talk;

import static hitch.core.talk.SaidHere.drafted;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is told when all is seen finds nothing anew. */
class SummingUpTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "So there's the crack and there's the roots.",
                "Okay, so you have a sag under the porch.",
                "Overall there's grease in it.",
                "Bottom line, there's roots in your clay."
            })
    void aThingThatIsNamedWhileTheLineIsJudgedIsNotFoundThere(String said) {
        assertThat(drafted("Twenty. Roots.", "Thirty. Crack on the left.", "Forty. That's the main.", said))
                .noneMatch(d -> d.contains("40") && !d.startsWith("main connection"));
    }

    @Test
    void aPlaceEndsIt() {
        assertThat(drafted(
                        "Twenty. Roots.",
                        "Forty. That's the main.",
                        "So that's your line.",
                        "Backing out. At thirty there's a crack on the left."))
                .anyMatch(d -> d.startsWith("crack 30"));
    }

    @Test
    void whatTheTroubleIsMayBeToldOfWhatIsSeen() {
        assertThat(drafted("Forty. Here's your problem.", "The pipe's broken on the top.", "There's roots behind it."))
                .anyMatch(d -> d.startsWith("break 40"))
                .anyMatch(d -> d.startsWith("roots 40"));
    }

    @Test
    void beforeTheFarthestPlaceNothingIsSummedUp() {
        assertThat(drafted("Twenty. That's the coupling.", "So there's roots in it.", "Forty. That's the main."))
                .anyMatch(d -> d.startsWith("roots 20"));
    }
}

package hitch.core.talk;

import static hitch.core.talk.SaidHere.drafted;
import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A thing that is named where it ends is the stretch that began before it, and no second thing. */
class EndsByNameTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Thirty, silt along the bottom.            | The silt ends at thirty-six.           | debris 30-36 at 6
            Thirty, a split along the top.            | That split runs out at thirty-six.     | crack 30-36 at 12
            Thirty, grease.                           | It tapers off at thirty-six.           | grease 30-36
            Thirty, some dirt from the digging.       | It's gone by thirty-six.               | debris 30-36
            Thirty, mud.                              | Thirty-six, mud stops.                 | debris 30-36
            Thirty, scale.                            | The scale stops about thirty-six.      | scale 30-36
            Thirty, the pipe is sagging.              | Water is an inch deep, ending at thirty-six. | standing water 30-36
            """)
    void whatEndsIsOne(String begins, String ends, String whole) {
        assertThat(drafted(begins, ends)).containsExactly(whole);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Thirty, roots.   | The clay ends at thirty-six.
            Thirty, a crack. | Thirty-six, and the camera stops here.
            Thirty, grease.  | The pipe ends at thirty-six.
            Thirty, scale.   | The liner stops at thirty-six.
            """)
    void wherePipeOrRunEndsNothingElseDoes(String begins, String ends) {
        assertThat(drafted(begins, ends)).noneMatch(d -> d.contains("30-36"));
    }

    @Test
    void whatLiesBehindTheEndIsNotClosed() {
        assertThat(drafted("Thirty, roots.", "Forty, scale.", "The scale ends at forty-six."))
                .contains("roots 30", "scale 40-46");
    }
}

package hitch.sense;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Words that mean alike lie closer together than words that share letters. */
class WordSenseTest {
    private static float[] of(String words) {
        return WordSense.shipped().orElseThrow().of(words).orElseThrow();
    }

    private static double near(String one, String other) {
        float[] here = of(one);
        float[] there = of(other);
        double sum = 0;
        for (int i = 0; i < WordSense.NUMBERS; i++) {
            sum += here[i] * there[i];
        }
        return sum;
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "a tree is growing into the pipe | roots are coming in | a tea is growing cold in the cup",
                "the toilet was flushed | somebody flushed the commode | the total was blushing",
                "I will email you the video | we'll send the recording over | I will play this game all night",
                "the bottom of the pipe is missing | there is no floor left in it | the bottom of the page is numbered"
            })
    void whatMeansTheSameLiesCloser(String said, String alike, String other) {
        assertThat(near(said, alike)).isGreaterThan(near(said, other));
    }

    @Test
    void capitalsDoNotMatterAndAskingTwiceTellsTheSame() {
        assertThat(of("Heavy ROOTS")).containsExactly(of("heavy roots"));
    }

    @Test
    void whatIsVeryLongIsReadAtItsBeginning() {
        assertThat(of("roots ".repeat(500))).containsExactly(of("roots ".repeat(400)));
    }

    @Property(tries = 60)
    void anyTextHasAPlaceOfLengthOne(@ForAll String text) {
        double squares = 0;
        for (float each : of(text)) {
            squares += each * each;
        }
        assertThat(squares).isCloseTo(1, within(1e-4));
    }
}

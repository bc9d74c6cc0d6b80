package hitch.media.voice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.junit.jupiter.api.Test;

/** A breath at commas, on made-up speech: tones with quiet between them. */
class BreathedTest {
    private static final int RATE = 24_000;

    private static float[] speech(double... seconds) {
        float[] all = new float[0];
        boolean said = true;
        for (double s : seconds) {
            float[] part = new float[(int) Math.round(s * RATE)];
            for (int i = 0; said && i < part.length; i++) {
                part[i] = 0.5f * (float) Math.sin(2 * Math.PI * 220 * i / RATE);
            }
            all = Floats.joined(java.util.List.of(all, part));
            said = !said;
        }
        return all;
    }

    private static double longestQuiet(float[] sound) {
        int longest = 0;
        int run = 0;
        for (float s : sound) {
            run = Math.abs(s) < 0.01 ? run + 1 : 0;
            longest = Math.max(longest, run);
        }
        return (double) longest / RATE;
    }

    @Test
    void aShortPauseAtACommaBecomesABreath() {
        float[] spoken = speech(1, 0.14, 1);
        float[] breathed = Breathed.of(spoken, RATE, "On the way out, the roots.");
        assertThat(longestQuiet(breathed)).isCloseTo(Breathed.COMMA, within(0.03));
        assertThat(breathed.length - spoken.length).isCloseTo((int) (0.11 * RATE), within(RATE / 40));
    }

    @Test
    void whatPausedLongEnoughOrRanOnOrHasNoCommaIsLeftAlone() {
        assertThat(Breathed.of(speech(1, 0.3, 1), RATE, "On the way out, the roots."))
                .isEqualTo(speech(1, 0.3, 1));
        assertThat(Breathed.of(speech(1, 0.07, 1), RATE, "On the way out, the roots."))
                .as("as short as a consonant")
                .isEqualTo(speech(1, 0.07, 1));
        assertThat(Breathed.of(speech(2), RATE, "On the way out, the roots.")).isEqualTo(speech(2));
        assertThat(Breathed.of(speech(1, 0.1, 1), RATE, "On the way out the roots."))
                .isEqualTo(speech(1, 0.1, 1));
    }

    /** Each comma has its own pause, and a pause far from any comma is a consonant's or a thought's. */
    @Test
    void twoCommasTakeTwoPausesAndFarOnesAreNotTaken() {
        float[] spoken = speech(1, 0.14, 1, 0.14, 1);
        float[] breathed = Breathed.of(spoken, RATE, "Left side here, right side here, and top there.");
        assertThat(breathed.length - spoken.length).isCloseTo((int) (0.22 * RATE), within(RATE / 20));
        float[] early = speech(0.3, 0.14, 4);
        assertThat(Arrays.equals(
                        Breathed.of(early, RATE, "All of this was said in one go to the very end, here."), early))
                .isTrue();
    }
}

package hitch.media.voice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** Words cut at the speaker's pauses, however far off their captions are. */
class AtPausesTest {
    private static final int RATE = Narrator.RATE;

    /** A voice-like sound between two times, quiet hum beside it. */
    private static Sound speaking(double seconds, double from, double to) {
        float[] all = new float[(int) (seconds * RATE)];
        for (int i = 0; i < all.length; i++) {
            double t = (double) i / RATE;
            double loud = t >= from && t < to ? 0.3 : 0.001;
            all[i] = (float) (loud * Math.sin(2 * Math.PI * 200 * t));
        }
        return new Sound(all, RATE);
    }

    @Property(tries = 40)
    void wordsBeginAndEndWhereTheyAreSaid(
            @ForAll @DoubleRange(min = -0.5, max = 0.5) double early,
            @ForAll @DoubleRange(min = -0.5, max = 0.5) double late) {
        double from = AtPauses.NEAR + early;
        double to = 2.5 + AtPauses.NEAR + late;
        double[] cut = AtPauses.of(speaking(2.5 + 2 * AtPauses.NEAR, from, to));
        assertThat(cut[0]).isCloseTo(from, within(0.12)).isLessThanOrEqualTo(from + 0.03);
        assertThat(cut[1]).isCloseTo(to, within(0.12)).isGreaterThanOrEqualTo(to - 0.03);
    }

    @Test
    void whereNobodyPausesTheCaptionsStand() {
        double[] cut = AtPauses.of(speaking(4, 0, 4));
        assertThat(cut[0]).isEqualTo(AtPauses.NEAR);
        assertThat(cut[1]).isCloseTo(4 - AtPauses.NEAR, within(1e-9));
    }
}

package hitch.media.voice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Loudness against what the recommendation says of a plain tone. */
class LoudnessTest {
    private static float[] tone(double hertz, double size, double seconds) {
        float[] sound = new float[(int) (seconds * Narrator.RATE)];
        for (int i = 0; i < sound.length; i++) {
            sound[i] = (float) (size * Math.sin(2 * Math.PI * hertz * i / Narrator.RATE));
        }
        return sound;
    }

    @Test
    void aToneOfFullScaleIsThreeBelow() {
        assertThat(Loudness.of(tone(997, 1, 2))).isCloseTo(-3.01, within(0.05));
        assertThat(Loudness.of(tone(997, 0.1, 2))).isCloseTo(-23.01, within(0.05));
    }

    @Test
    void silenceBetweenDoesNotCount() {
        float[] sound = new float[4 * Narrator.RATE];
        System.arraycopy(tone(997, 0.1, 2), 0, sound, Narrator.RATE, 2 * Narrator.RATE);
        assertThat(Loudness.of(sound)).isCloseTo(-23.01, within(1.0));
        assertThat(Loudness.of(new float[Narrator.RATE])).isEqualTo(Loudness.SILENCE);
        assertThat(Loudness.of(new float[0])).isEqualTo(Loudness.SILENCE);
    }

    /** Speech-like bursts of any size come out as loud as asked for, and nothing clips. */
    @Property(tries = 25)
    void whateverIsEvenedIsAsLoudAndNeverClips(
            @ForAll @DoubleRange(min = 0.01, max = 0.9) double size, @ForAll @IntRange(min = 1, max = 9) int seed) {
        Random random = new Random(seed);
        float[] sound = tone(180, size, 2);
        for (int i = 0; i < sound.length; i++) {
            double swell = 0.3 + 0.7 * Math.abs(Math.sin(2 * Math.PI * 2.5 * i / Narrator.RATE));
            sound[i] = (float) (sound[i] * swell * (0.8 + 0.2 * random.nextDouble()));
        }
        float[] even = Evened.of(sound, Narrator.RATE).samples();
        assertThat(Loudness.of(even)).isCloseTo(Evened.TARGET, within(0.5));
        for (float s : even) {
            assertThat(Math.abs(s)).isLessThan(0.95f);
        }
    }

    @Test
    void doublingKeepsATone() {
        float[] in = new float[2400];
        for (int i = 0; i < in.length; i++) {
            in[i] = (float) Math.sin(2 * Math.PI * 1000 * i / 24_000);
        }
        float[] out = Doubled.of(in);
        assertThat(out).hasSize(4800);
        for (int i = 200; i < 4600; i++) {
            assertThat(out[i]).isCloseTo((float) Math.sin(2 * Math.PI * 1000 * i / 48_000), within(0.01f));
        }
    }

    @Test
    void silenceAroundSpeechIsTakenOff() {
        float[] sound = new float[3 * Narrator.RATE];
        System.arraycopy(tone(300, 0.5, 1), 0, sound, Narrator.RATE, Narrator.RATE);
        assertThat(Trimmed.of(sound, Narrator.RATE).length / (double) Narrator.RATE)
                .isCloseTo(1.06, within(0.01));
        assertThat(Trimmed.of(new float[100], Narrator.RATE).length).isLessThanOrEqualTo(100);
    }
}

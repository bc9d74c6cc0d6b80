package hitch.media.voice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TimeStretchTest {
    private static final int RATE = 48_000;

    private static float[] tone(double hertz, int samples) {
        float[] made = new float[samples];
        for (int i = 0; i < samples; i++) {
            made[i] = 0.5f * (float) Math.sin(2 * Math.PI * hertz * i / RATE);
        }
        return made;
    }

    private static float[] run(double speed, float[] in, int piece) {
        TimeStretch stretch = new TimeStretch(speed);
        java.util.List<float[]> parts = new java.util.ArrayList<>();
        for (int at = 0; at + piece <= in.length; at += piece) {
            parts.add(stretch.next(java.util.Arrays.copyOfRange(in, at, at + piece)));
        }
        int total = parts.stream().mapToInt(p -> p.length).sum();
        float[] out = new float[total];
        int at = 0;
        for (float[] part : parts) {
            System.arraycopy(part, 0, out, at, part.length);
            at += part.length;
        }
        return out;
    }

    /** Rising zero crossings a second. */
    private static double pitch(float[] sound) {
        int from = RATE / 4;
        int to = sound.length - RATE / 8;
        int crossings = 0;
        for (int i = from + 1; i < to; i++) {
            crossings += sound[i - 1] < 0 && sound[i] >= 0 ? 1 : 0;
        }
        return crossings * (double) RATE / (to - from);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.5, 0.75, 1.5, 2})
    void changesTheLengthAndKeepsThePitch(double speed) {
        float[] out = run(speed, tone(440, 3 * RATE), 4800);
        assertThat(out.length / (double) RATE).isCloseTo(3 / speed, within(0.15));
        assertThat(pitch(out)).isCloseTo(440, within(9.0));
    }

    @Test
    void atItsOwnSpeedNothingChanges() {
        float[] in = tone(300, 9600);
        assertThat(new TimeStretch(1).next(in)).isSameAs(in);
    }

    @Test
    void isAsLoudAsBefore() {
        float[] out = run(2, tone(440, 3 * RATE), 2400);
        float loudest = 0;
        for (int i = RATE / 4; i < out.length - RATE / 8; i++) {
            loudest = Math.max(loudest, Math.abs(out[i]));
        }
        assertThat(loudest).isBetween(0.45f, 0.55f);
    }
}

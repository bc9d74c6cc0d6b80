package hitch.core.counter.motion;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class ShiftPathTest {
    /** Agreement of 41 shifts, best at {@code peak}. */
    private static double[] peak(int peak, double height) {
        double[] match = new double[41];
        for (int s = 0; s < match.length; s++) {
            match[s] = height * Math.exp(-(s - peak) * (s - peak) / 8.0);
        }
        return match;
    }

    @Test
    void followsWhatAgreesBest() {
        double[][] matches = {peak(20, 0.8), peak(24, 0.8), peak(27, 0.8), peak(27, 0.8), peak(22, 0.8)};
        assertThat(ShiftPath.likeliest(matches)).containsExactly(20, 24, 27, 27, 22);
    }

    @Test
    void oneFalseAgreementDoesNotTurnTheCamera() {
        double[][] matches = new double[9][];
        for (int i = 0; i < matches.length; i++) {
            matches[i] = peak(28, 0.5);
        }
        double[] fooled = peak(28, 0.3);
        fooled[8] = 0.45;
        matches[4] = fooled;
        assertThat(ShiftPath.likeliest(matches)).containsOnly(28);
    }

    @Test
    void whereNothingAgreesItStandsOrGoesOn() {
        assertThat(ShiftPath.likeliest(new double[][] {new double[41], new double[41]}))
                .containsOnly(20);
        assertThat(ShiftPath.likeliest(new double[0][])).isEmpty();
    }
}

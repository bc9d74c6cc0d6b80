package hitch.sim.film;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.sim.scene.Act;
import hitch.sim.scene.Deed;
import hitch.sim.scene.Take;
import java.util.List;
import org.junit.jupiter.api.Test;

class GlassTest {
    private static final int WIDE = 96;
    private static final int HIGH = 72;

    /** Stripes of light and dark, all of them half a foot away. */
    private static float[] stripes() {
        float[] rgb = new float[WIDE * HIGH * 3];
        for (int i = 0; i < rgb.length; i++) {
            rgb[i] = i / 3 % WIDE / 4 % 2 == 0 ? 0.1f : 0.02f;
        }
        return rgb;
    }

    private static float[] through(Act act, double amount, double speed) {
        List<Deed> does = act == null ? List.of() : List.of(new Deed(act, -5, 50, amount));
        Take take = new Take(
                "a.mp4", "", "run", "main", List.of(new Take.Stand(0, 0), new Take.Stand(9, 5)), does, null, null);
        float[] rgb = stripes();
        float[] depth = new float[WIDE * HIGH];
        java.util.Arrays.fill(depth, 0.5f);
        new Glass(take, 3).cover(rgb, depth, WIDE, HIGH, 4, speed);
        return rgb;
    }

    private static double contrast(float[] rgb) {
        double sum = 0;
        double light = 0;
        for (int i = 0; i + 12 < rgb.length; i += 3) {
            sum += Math.abs(rgb[i] - rgb[i + 12]);
            light += rgb[i];
        }
        return sum / light;
    }

    @Test
    void aCleanGlassChangesNothing() {
        assertThat(through(null, 0, 0.5)).isEqualTo(stripes());
    }

    @Test
    void fogAndGreaseTakeContrastAway() {
        double clear = contrast(stripes());
        assertThat(contrast(through(Act.FOG, 0.4, 0))).isLessThan(0.75 * clear);
        assertThat(contrast(through(Act.FOG, 0.9, 0))).isLessThan(0.45 * clear);
        assertThat(contrast(through(Act.SMEAR, 0.9, 0))).isLessThan(0.95 * clear);
    }

    @Test
    void scratchesAndSudsAreBright() {
        assertThat(brighter(through(Act.SCRATCHES, 0.8, 0))).isBetween(40, WIDE * HIGH / 4);
        assertThat(brighter(through(Act.FOAM, 0.9, 0))).isGreaterThan(WIDE * HIGH / 5);
        assertThat(brighter(through(Act.FOAM, 0.3, 0))).isLessThan(brighter(through(Act.FOAM, 0.9, 0)));
    }

    private static int brighter(float[] rgb) {
        float[] before = stripes();
        int count = 0;
        for (int i = 0; i < rgb.length; i += 3) {
            count += rgb[i] > before[i] + 0.01f ? 1 : 0;
        }
        return count;
    }

    @Test
    void aFastPullBackStreaks() {
        assertThat(contrast(through(null, 0, -3.5))).isLessThan(0.8 * contrast(stripes()));
        assertThat(through(null, 0, -1)).isEqualTo(stripes());
    }
}

package hitch.core.footage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class AdjustmentsTest {
    private static final Adjustment OVER = Adjustment.NONE.withRoll(180);

    @Property
    void whatWasLaidLastIsSeenAndStretchesNeverOverlap(
            @ForAll @Size(min = 1, max = 12) List<@IntRange(max = 99) Integer> starts,
            @ForAll @IntRange(min = 1, max = 60) int length) {
        Adjustment[] wanted = new Adjustment[200];
        java.util.Arrays.fill(wanted, Adjustment.NONE);
        Adjustments all = Adjustments.NONE;
        for (int i = 0; i < starts.size(); i++) {
            Adjustment how = Adjustment.NONE.withRoll(i % 4 * 30);
            all = all.with(new AdjustedSpan(starts.get(i), starts.get(i) + length, how));
            java.util.Arrays.fill(wanted, starts.get(i), starts.get(i) + length, how);
        }
        for (int pts = 0; pts < 200; pts++) {
            assertThat(all.at(pts)).as("at %d", pts).isEqualTo(wanted[pts]);
            assertThat(all.at(all.until(pts, 200) - 1)).isEqualTo(wanted[pts]);
        }
        for (int i = 1; i < all.spans().size(); i++) {
            assertThat(all.spans().get(i).fromPts())
                    .isGreaterThanOrEqualTo(all.spans().get(i - 1).toPts());
        }
    }

    @Test
    void aMinuteUpsideDownIsTurnedWithTwoStrokes() {
        Adjustments all = Adjustments.NONE.with(new AdjustedSpan(60, 200, OVER));
        all = all.with(new AdjustedSpan(120, 200, OVER.withRoll(OVER.roll() + 180)));
        assertThat(all.spans()).containsExactly(new AdjustedSpan(60, 120, OVER));
    }

    @Test
    void saysWhatItDoes() {
        assertThat(Adjustment.NONE.words()).isEmpty();
        assertThat(OVER.words()).isEqualTo("turned 180 degrees");
        assertThat(new Adjustment(-12.5, true, 0.1, -0.2, 1.4, true).words())
                .isEqualTo("deinterlaced, brightness +0.10, contrast -0.20, gamma 1.40, mirrored, "
                        + "turned 12.5 degrees anticlockwise");
    }

    @Test
    void directionsAreThePipesWhateverThePicture() {
        assertThat(OVER.upright(0)).isIn(180.0, -180.0);
        assertThat(Adjustment.NONE.withMirror(true).upright(90)).isEqualTo(-90);
        assertThat(Adjustment.NONE.withRoll(90).upright(0)).isEqualTo(90);
    }

    @Test
    void anglesComeRoundAndTonesStayInRange() {
        assertThat(Adjustment.NONE.withRoll(540).roll()).isEqualTo(-180);
        assertThat(Adjustment.NONE.withRoll(-190).roll()).isEqualTo(170);
        assertThat(Adjustment.NONE.withTone(5, -5, 99)).isEqualTo(new Adjustment(0, false, 1, -1, 5, false));
    }
}

package hitch.core.footage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** How sharp a clip is at a moment. */
class WatchedTest {
    private static Glance glance(long pts, double detail) {
        return new Glance(pts, 120, 0, (float) detail, 8);
    }

    @Test
    void theNearestGlanceTells() {
        Watched watched = new Watched(List.of(), List.of(glance(0, 2), glance(100, 8), glance(200, 4)), 8, List.of());
        assertThat(watched.sharpness(-500)).isEqualTo(0.25);
        assertThat(watched.sharpness(49)).isEqualTo(0.25);
        assertThat(watched.sharpness(51)).isEqualTo(1);
        assertThat(watched.sharpness(180)).isEqualTo(0.5);
        assertThat(watched.sharpness(9000)).isEqualTo(0.5);
    }

    @Test
    void sharperThanUsualIsSharp() {
        assertThat(new Watched(List.of(), List.of(glance(0, 20)), 8, List.of()).sharpness(0))
                .isEqualTo(1);
    }

    @Test
    void whatWasNotMeasuredCountsAsSharp() {
        assertThat(Watched.NOTHING.sharpness(5)).isEqualTo(1);
        assertThat(new Watched(List.of(), List.of(glance(0, 0)), 0, List.of()).sharpness(0))
                .isEqualTo(1);
    }

    @Test
    void aStandingCameraHidesNothing() {
        Watched watched = Watched.of(
                List.of(new Stretch(0, 100, Stretch.Reason.MOTIONLESS), new Stretch(50, 80, Stretch.Reason.BLURRED)));
        assertThat(watched.isHidden(20)).isFalse();
        assertThat(watched.isHidden(50)).isTrue();
        assertThat(watched.isHidden(80)).isFalse();
    }

    /** The search by halves against the plain one. */
    @Property(tries = 200)
    void theNearestIsFoundAmongMany(@ForAll @IntRange(min = -50, max = 450) int asked) {
        List<Glance> glances = java.util.stream.IntStream.range(0, 40)
                .mapToObj(i -> glance(i * 10L + i % 3, 1 + i))
                .toList();
        double nearest = glances.stream()
                .min(java.util.Comparator.comparingLong(g -> Math.abs(g.pts() - asked)))
                .orElseThrow()
                .detail();
        assertThat(new Watched(List.of(), glances, 100, List.of()).sharpness(asked))
                .isEqualTo((float) nearest / 100f);
    }
}

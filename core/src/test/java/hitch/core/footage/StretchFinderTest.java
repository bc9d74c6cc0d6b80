package hitch.core.footage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.footage.Stretch.Reason;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class StretchFinderTest {
    private static final TimeBase MILLIS = new TimeBase(1, 1000);
    private static final int SECONDS = 60;

    private static FrameIndex frames(long pauseAt, long pauseLength) {
        long[] pts = new long[SECONDS * 25];
        boolean[] keys = new boolean[pts.length];
        for (int i = 0; i < pts.length; i++) {
            pts[i] = i * 40L + (i * 40L > pauseAt ? pauseLength : 0);
            keys[i] = i % 25 == 0;
        }
        return new FrameIndex(MILLIS, pts, keys, pts[pts.length - 1] + 40);
    }

    private interface At {
        Glance glance(long pts, Random random);
    }

    private static List<Stretch> find(At at) {
        Random random = new Random(2);
        List<Glance> glances = new ArrayList<>();
        for (int i = 0; i < SECONDS * 8; i++) {
            glances.add(at.glance(i * 125L, random));
        }
        return new ClipScan(glances, List.of(), List.of()).stretches(frames(Long.MAX_VALUE, 0));
    }

    private static boolean between(long pts, double from, double to) {
        return pts >= from * 1000 && pts < to * 1000;
    }

    private static Glance good(long pts, Random random, double light, double detail, double motion) {
        return new Glance(
                pts, (float) (light + random.nextDouble() * 4), 0, (float) (detail + random.nextDouble()), (float)
                        (motion + random.nextDouble()));
    }

    @Test
    void findsTheDark() {
        List<Stretch> found = find((pts, r) -> good(pts, r, between(pts, 20, 25) ? 8 : 90, 6, 6));
        assertThat(found).singleElement().satisfies(s -> {
            assertThat(s.reason()).isEqualTo(Reason.DARK);
            assertThat(s.fromPts()).isCloseTo(20_000, within(200L));
            assertThat(s.toPts()).isCloseTo(25_000, within(200L));
            assertThat(s.reason().hides()).isTrue();
        });
    }

    @Test
    void findsBlurAgainstTheClipsOwnSharpness() {
        assertThat(find((pts, r) -> good(pts, r, 90, between(pts, 30, 40) ? 1 : 8, 6)))
                .extracting(Stretch::reason)
                .containsExactly(Reason.BLURRED);
        assertThat(find((pts, r) -> good(pts, r, 90, 1.5, 6))).isEmpty();
    }

    @Test
    void findsWhereTheCameraStands() {
        List<Stretch> found = find((pts, r) -> good(pts, r, 90, 6, between(pts, 10, 14) ? 0.2 : 8));
        assertThat(found).extracting(Stretch::reason).containsExactly(Reason.MOTIONLESS);
        assertThat(ClipScan.stop(found, 0, true)).contains(found.getFirst());
        assertThat(ClipScan.stop(found, 50_000, true)).isEmpty();
        assertThat(ClipScan.stop(found, 50_000, false)).contains(found.getFirst());
        assertThat(found.getFirst().reason().hides()).isFalse();
    }

    @Test
    void aFlashOfDarkIsPassedOver() {
        assertThat(find((pts, r) -> good(pts, r, between(pts, 20, 20.4) ? 5 : 90, 6, 6)))
                .isEmpty();
    }

    @Test
    void findsWhereTheRecorderWasPaused() {
        List<Stretch> found = new StretchFinder(frames(30_000, 20_000)).find(List.of());
        assertThat(found).singleElement().satisfies(s -> {
            assertThat(s.reason()).isEqualTo(Reason.PAUSED);
            assertThat(s.toPts() - s.fromPts()).isEqualTo(20_040);
        });
        assertThat(new StretchFinder(frames(Long.MAX_VALUE, 0)).find(List.of())).isEmpty();
    }

    @Test
    void measuresAPicture() {
        byte[] grey = {0, (byte) 255, 100, 100};
        byte[] beside = {10, (byte) 255, 90, 100};
        Glance glance = Glance.of(5, grey, beside, new byte[] {0, (byte) 255, 104, 100});
        assertThat(glance).isEqualTo(new Glance(5, 455 / 4f, 0.25f, 5, 1));
        assertThat(Glance.of(5, grey, beside, null).motion()).isZero();
    }
}

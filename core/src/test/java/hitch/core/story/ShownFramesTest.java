package hitch.core.story;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.finding.FindingId;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameIndex;
import hitch.core.footage.FrameRef;
import hitch.core.footage.TimeBase;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Which frames a shot shows, and which a recipient may see. */
class ShownFramesTest {
    private static final double PICTURE = 1 / 25.0;

    private static FrameIndex index(int frames, int fps) {
        long[] pts = new long[frames];
        boolean[] key = new boolean[frames];
        for (int i = 0; i < frames; i++) {
            pts[i] = Math.round(i * 1000.0 / fps);
            key[i] = i % 12 == 0;
        }
        return new FrameIndex(new TimeBase(1, 1000), pts, key, Math.round(frames * 1000.0 / fps));
    }

    private static ShownFrames shown(
            FrameIndex index, int frame, double start, double before, double hold, double after) {
        FindingShot shot = new FindingShot(
                "t",
                new FindingId("F1"),
                new FrameRef(new ClipId("c"), index.pts(frame)),
                before,
                after,
                "caption",
                0,
                Optional.empty(),
                false,
                Optional.empty(),
                "words",
                0);
        Cutting.Placed placed = new Cutting.Placed(
                shot,
                start,
                start + before,
                start + before + 1,
                start + before,
                start + before + hold,
                start + before + hold + after);
        return new ShownFrames(placed, shot, index, 25, before, after, 0, index.count() - 1);
    }

    @Test
    void goesUpToTheFrameHoldsItAndGoesOn() {
        ShownFrames shown = shown(index(300, 25), 100, 5, 2, 3, 1);
        assertThat(shown.first()).isEqualTo(50);
        assertThat(shown.isHeld(5)).isFalse();
        assertThat(shown.at(7)).isEqualTo(100);
        assertThat(shown.isHeld(7)).isTrue();
        assertThat(shown.isHeld(9.99)).isTrue();
        assertThat(shown.isHeld(10)).isFalse();
        // A second after the hold is twenty-five pictures: the first of them is the frame itself.
        assertThat(shown.last()).isEqualTo(124);
    }

    @Test
    void aPassageGoesAsManyTimesAsFastAndStandsOnItsLastFrame() {
        FrameIndex index = index(500, 25);
        PassageShot shot =
                new PassageShot("passage:x", "t", new FrameRef(new ClipId("c"), index.pts(100)), 12, 4, "", 0);
        Cutting.Placed placed = Cutting.placed(shot, 10, 0, s -> new double[] {0, 12});
        assertThat(placed.end()).isEqualTo(13);
        ShownFrames shown = new ShownFrames(placed, shot, index, 25, 0, 12, 0, 499);
        assertThat(shown.at(10)).isEqualTo(100);
        assertThat(shown.at(11)).isEqualTo(200);
        assertThat(shown.at(20)).as("its footage is through").isEqualTo(400);
    }

    @Property(tries = 200)
    void neverLeavesTheClipAndNeverGoesBack(
            @ForAll @IntRange(max = 119) int frame,
            @ForAll @DoubleRange(max = 50) double start,
            @ForAll @DoubleRange(max = 3) double before,
            @ForAll @DoubleRange(max = 3) double after,
            @ForAll @IntRange(min = 5, max = 60) int fps) {
        FrameIndex index = index(120, fps);
        ShownFrames shown = shown(index, frame, start, before, 3, after);
        int last = 0;
        for (double t = start; t < start + before + 3 + after; t += PICTURE) {
            int now = shown.at(t);
            assertThat(now).isBetween(last, 119);
            last = now;
        }
        assertThat(shown.first()).isLessThanOrEqualTo(frame);
        assertThat(shown.last()).isGreaterThanOrEqualTo(shown.first());
    }
}

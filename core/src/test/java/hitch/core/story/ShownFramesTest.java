package hitch.core.story;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.finding.FindingId;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameIndex;
import hitch.core.footage.FrameRef;
import hitch.core.footage.TimeBase;
import hitch.core.job.Job;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Which frames a shot shows, and which a recipient may see. */
class ShownFramesTest {
    private static final int RATE = 25;

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
                "words");
        Cutting.Placed placed = new Cutting.Placed(
                shot,
                start,
                start + before,
                start + before + 1,
                start + before,
                start + before + hold,
                start + before + hold + after);
        return new ShownFrames(placed, shot, index, RATE);
    }

    @Test
    void goesUpToTheFrameHoldsItAndGoesOn() {
        ShownFrames shown = shown(index(300, 25), 100, 5, 2, 3, 1);
        assertThat(shown.first()).isEqualTo(50);
        assertThat(shown.isHeld(shown.firstPicture())).isFalse();
        assertThat(shown.at(shown.firstPicture() + 2 * RATE)).isEqualTo(100);
        assertThat(shown.isHeld(shown.firstPicture() + 2 * RATE)).isTrue();
        // A second after the hold is twenty-five pictures: the first of them is the frame itself.
        assertThat(shown.last()).isEqualTo(124);
        assertThat(shown.endPicture() - shown.firstPicture()).isEqualTo(6 * RATE);
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
        for (long p = shown.firstPicture(); p < shown.endPicture(); p++) {
            int now = shown.at(p);
            assertThat(now).isBetween(last, 119);
            last = now;
        }
        assertThat(shown.first()).isLessThanOrEqualTo(frame);
        assertThat(shown.last()).isGreaterThanOrEqualTo(shown.first());
    }

    private static Survey survey() {
        Job job = Sample.note(Sample.job(), Sample.DOWN, 45, "boundary, at the hedge");
        return Reckoner.survey(Sample.note(job, Sample.DOWN, 60, "main connection"));
    }

    @Test
    void aDistrictSeesFromTheBoundaryOnAndTheFirmAll() {
        MayBeSeen district = new MayBeSeen(survey(), Optional.of(Audience.DISTRICT));
        assertThat(district.is(new FrameRef(Sample.DOWN, 46_000))).isTrue();
        assertThat(district.is(new FrameRef(Sample.DOWN, 44_000))).isFalse();
        assertThat(district.is(new FrameRef(Sample.UP, 30_000))).isFalse();
        assertThat(district.is(new FrameRef(Sample.YARD, 1_000))).isFalse();
        for (Optional<Audience> who : java.util.List.of(Optional.<Audience>empty(), Optional.of(Audience.BUYER))) {
            assertThat(new MayBeSeen(survey(), who).is(new FrameRef(Sample.YARD, 1_000)))
                    .isTrue();
        }
    }

    @Test
    void withoutABoundaryADistrictSeesNothing() {
        MayBeSeen district = new MayBeSeen(Reckoner.survey(Sample.job()), Optional.of(Audience.DISTRICT));
        assertThat(district.is(new FrameRef(Sample.DOWN, 60_000))).isFalse();
    }

    @Test
    void aStretchEndsWhereWhatMayBeSeenEnds() {
        FrameIndex index = index(3000, 25);
        MayBeSeen district = new MayBeSeen(survey(), Optional.of(Audience.DISTRICT));
        FrameRef frame = new FrameRef(Sample.DOWN, 50_000);
        int back = district.back(frame, index, 0);
        assertThat(index.pts(back)).isBetween(45_000L, 45_040L);
        // The camera turns at sixty seconds and is back at the boundary at seventy-five.
        int on = district.on(frame, index, 2999);
        assertThat(index.pts(on)).isBetween(74_960L, 75_040L);
        assertThat(district.back(frame, index, 1200)).isEqualTo(1200);
        MayBeSeen firm = new MayBeSeen(survey(), Optional.empty());
        assertThat(firm.back(frame, index, 7)).isEqualTo(7);
        assertThat(firm.on(frame, index, 2998)).isEqualTo(2998);
    }
}

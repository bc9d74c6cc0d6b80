package hitch.core.job;

import hitch.core.finding.ClockPosition;
import hitch.core.finding.FindingId;
import hitch.core.finding.PictureSize;
import hitch.core.footage.ClipId;
import hitch.core.footage.Drawn;
import hitch.core.footage.FrameRef;
import hitch.core.gauge.SizeSort;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;

/** Random sizes measured on pictures, a few of which come twice, so that some are taken out again. */
final class RandomSizes {
    private RandomSizes() {}

    static Arbitrary<Edit> edit(Arbitrary<ClipId> clip, Arbitrary<FindingId> id) {
        Arbitrary<PictureSize> size = Combinators.combine(
                        Arbitraries.of(SizeSort.STEP, SizeSort.SHARE, SizeSort.DEPTH),
                        Arbitraries.integers().between(0, 40),
                        Arbitraries.integers().between(1, 9),
                        Arbitraries.integers()
                                .between(1, 12)
                                .map(ClockPosition::at)
                                .optional(),
                        clip)
                .as((sort, value, error, clock, c) -> new PictureSize(
                        sort,
                        value,
                        error,
                        clock,
                        new FrameRef(c, 40),
                        List.of(Drawn.of(
                                Drawn.Form.LINE, List.of(new double[] {1, 2}, new double[] {value, 9}), 640, 480))));
        return Arbitraries.oneOf(
                Combinators.combine(id, size).as(Edit.MeasureFinding::new),
                Combinators.combine(id, size).as(Edit.ForgetSize::new),
                Combinators.combine(id, size)
                        .as((i, s) -> new Edit.DrawOnStill(i, s.value() > 20 ? List.of() : s.drawn())));
    }
}

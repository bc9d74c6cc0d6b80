package hitch.core.counter.sight;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.counter.CounterMark;
import hitch.core.counter.CounterTrace;
import hitch.core.counter.Zeroing;
import hitch.core.footage.Clip;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;

class CableMarksTest {
    private static final Clip CLIP = Sample.clip(Sample.DOWN, 60);

    private static List<RawReading> shown(DoubleUnaryOperator counter) {
        List<RawReading> all = new ArrayList<>();
        for (int i = 0; i < 300; i++) {
            double shown = Math.round(counter.applyAsDouble(i / 5.0) * 10) / 10.0;
            all.add(new RawReading(i / 5.0, OptionalDouble.of(shown), 0.95));
        }
        return all;
    }

    @Test
    void fewMarksKeepThePath() {
        DoubleUnaryOperator counter = t -> t < 20 ? t : t < 30 ? 20 : Math.max(0, 20 - (t - 30) * 0.9);
        List<CounterMark> marks = CableMarks.of(CablePath.fit(shown(counter)), CLIP, 304.8, List.of());
        assertThat(marks).hasSizeLessThan(30);
        CounterTrace trace = CounterTrace.fit(CLIP.base(), marks);
        for (double t = 0; t < 59; t += 0.37) {
            double feet = trace.cableAt(CLIP.ptsAt(t)).orElseThrow() / 304.8;
            assertThat(Math.abs(feet - counter.applyAsDouble(t))).isLessThan(0.16);
        }
    }

    @Test
    void aZeroingGoesOnFromTheCableThatWasOut() {
        DoubleUnaryOperator counter = t -> t < 25.1 ? t : t - 25.1;
        List<CounterMark> marks = CableMarks.of(CablePath.fit(shown(counter)), CLIP, 304.8, List.of());
        assertThat(marks.stream().filter(m -> m instanceof Zeroing)).hasSize(1);
        CounterTrace trace = CounterTrace.fit(CLIP.base(), marks);
        for (double t = 0; t < 59; t += 0.37) {
            double feet = trace.cableAt(CLIP.ptsAt(t)).orElseThrow() / 304.8;
            assertThat(Math.abs(feet - t)).isLessThan(0.5);
        }
    }

    @Test
    void nothingReadGivesNoMarks() {
        assertThat(CableMarks.of(CablePath.fit(List.of()), CLIP, 304.8, List.of()))
                .isEmpty();
    }
}

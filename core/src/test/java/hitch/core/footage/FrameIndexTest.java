package hitch.core.footage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class FrameIndexTest {
    private static final TimeBase BASE = new TimeBase(1, 12800);

    @Test
    void findsTheFrameOnShow() {
        FrameIndex index =
                new FrameIndex(BASE, new long[] {100, 200, 350, 400}, new boolean[] {true, false, false, true}, 500);
        assertThat(index.numberAt(99)).isZero();
        assertThat(index.numberAt(100)).isZero();
        assertThat(index.numberAt(199)).isZero();
        assertThat(index.numberAt(200)).isEqualTo(1);
        assertThat(index.numberAt(399)).isEqualTo(2);
        assertThat(index.numberAt(9999)).isEqualTo(3);
        assertThat(index.keyBefore(2)).isZero();
        assertThat(index.keyBefore(3)).isEqualTo(3);
        assertThat(index.pts(-5)).isEqualTo(100);
        assertThat(index.pts(77)).isEqualTo(400);
    }

    @Test
    void refusesFramesOutOfOrder() {
        assertThatThrownBy(() -> new FrameIndex(BASE, new long[] {5, 5}, new boolean[2], 9))
                .hasMessageContaining("frame 1");
        assertThatThrownBy(() -> new FrameIndex(BASE, new long[0], new boolean[0], 9))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new FrameIndex(BASE, new long[] {5}, new boolean[1], 5))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Property
    void everyFrameIsFoundByItsOwnTime(@ForAll("indexes") FrameIndex index) {
        for (int n = 0; n < index.count(); n++) {
            assertThat(index.numberAt(index.pts(n))).isEqualTo(n);
            assertThat(index.keyBefore(n)).isLessThanOrEqualTo(n);
        }
    }

    @Property
    void theFrameOnShowHasBegunAndTheNextHasNot(@ForAll("indexes") FrameIndex index, @ForAll short at) {
        int n = index.numberAt(at);
        if (at >= index.firstPts()) {
            assertThat(index.pts(n)).isLessThanOrEqualTo(at);
        }
        if (n + 1 < index.count()) {
            assertThat(index.pts(n + 1)).isGreaterThan(at);
        }
    }

    @Provide
    Arbitrary<FrameIndex> indexes() {
        Arbitrary<List<Integer>> steps =
                Arbitraries.integers().between(1, 900).list().ofMinSize(1).ofMaxSize(60);
        return Combinators.combine(Arbitraries.integers().between(-5000, 5000), steps)
                .as((start, list) -> {
                    long[] pts = new long[list.size()];
                    boolean[] keys = new boolean[list.size()];
                    long at = start;
                    for (int i = 0; i < pts.length; i++) {
                        at += list.get(i);
                        pts[i] = at;
                        keys[i] = i % 7 == 0;
                    }
                    return new FrameIndex(BASE, pts, keys, at + 1);
                });
    }
}

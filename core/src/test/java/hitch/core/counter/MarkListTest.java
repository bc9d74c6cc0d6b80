package hitch.core.counter;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.measure.Distance;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/** Held against the plain list that it stands for. */
class MarkListTest {
    private static List<CounterMark> plain(List<CounterMark> marks) {
        List<CounterMark> list = new ArrayList<>();
        for (CounterMark mark : marks) {
            list.removeIf(m -> m.pts() == mark.pts() && m.getClass() == mark.getClass());
            list.add(mark);
        }
        list.sort(Comparator.comparingLong(CounterMark::pts).thenComparing(m -> m instanceof Zeroing ? 0 : 1));
        return list;
    }

    @Property(tries = 300)
    void isInOrderWithOneOfEachSortOnAFrame(@ForAll("marks") List<CounterMark> marks) {
        MarkList one = MarkList.EMPTY;
        for (CounterMark mark : marks) {
            one = one.with(mark);
        }
        assertThat(one).isEqualTo(plain(marks));
        assertThat(MarkList.of(marks)).isEqualTo(one);
        assertThat(MarkList.of(plain(marks))).isEqualTo(one);
    }

    @Property(tries = 300)
    void whatIsTakenOutIsGoneAndTheListBeforeStays(@ForAll("marks") List<CounterMark> marks) {
        MarkList all = MarkList.of(marks);
        List<CounterMark> before = List.copyOf(all);
        for (CounterMark mark : before) {
            List<CounterMark> left = new ArrayList<>(before);
            left.remove(mark);
            assertThat(all.without(mark)).isEqualTo(left);
        }
        assertThat(all).isEqualTo(before);
    }

    @Property(tries = 300)
    void findsWhatLiesBetweenTwoMoments(@ForAll("marks") List<CounterMark> marks) {
        MarkList all = MarkList.of(marks);
        for (long from = -1; from < 22; from += 3) {
            long low = from;
            assertThat(all.between(low, low + 5))
                    .isEqualTo(all.stream()
                            .filter(m -> m.pts() >= low && m.pts() <= low + 5)
                            .toList());
        }
    }

    @Test
    void aMarkThatIsNotThereIsNotTakenOut() {
        MarkList list = MarkList.of(List.of(Reading.byHand(5, Distance.feet(1))));
        assertThat(list.without(Reading.byHand(5, Distance.feet(2)))).isSameAs(list);
        assertThat(list.without(Reading.byHand(6, Distance.feet(1)))).isSameAs(list);
    }

    @Provide
    Arbitrary<List<CounterMark>> marks() {
        Arbitrary<Long> pts = Arbitraries.longs().between(0, 20);
        Arbitrary<Integer> feet = Arbitraries.integers().between(0, 99);
        Arbitrary<CounterMark> mark = Combinators.combine(pts, feet, Arbitraries.of(true, false))
                .as((at, f, zeroed) -> zeroed
                        ? new Zeroing(at, Distance.feet(f), Distance.ZERO, MarkSource.BY_HAND)
                        : Reading.byHand(at, Distance.feet(f)));
        return mark.list().ofMaxSize(40);
    }
}

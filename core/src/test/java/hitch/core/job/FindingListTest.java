package hitch.core.job;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingId;
import hitch.core.finding.Weight;
import hitch.core.footage.FrameRef;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/** Held against the plain list that it stands for. */
class FindingListTest {
    private static final Finding ROOTS = Sample.finding(Sample.job(), Sample.DOWN, 9, "roots");

    private static Finding called(int number) {
        return new Finding(
                new FindingId("F" + number),
                ROOTS.kind(),
                new FrameRef(Sample.DOWN, number),
                ROOTS.typed(),
                ROOTS.traits(),
                "roots " + number,
                "",
                Optional.empty(),
                List.of());
    }

    @Property(tries = 300)
    void addingChangingAndRemovingIsAsInAPlainList(
            @ForAll @Size(max = 60) List<@IntRange(min = 0, max = 35) Integer> acts) {
        FindingList list = FindingList.EMPTY;
        List<Finding> plain = new ArrayList<>();
        for (int act : acts) {
            FindingId id = new FindingId("F" + act / 3);
            int place = plain.stream().map(Finding::id).toList().indexOf(id);
            switch (act % 3) {
                case 0 -> {
                    list = list.with(called(act / 3));
                    if (place < 0) {
                        plain.add(called(act / 3));
                    }
                }
                case 1 -> {
                    list = list.without(id);
                    if (place >= 0) {
                        plain.remove(place);
                    }
                }
                default -> {
                    list = list.changed(id, f -> f.weighing(Optional.of(Weight.MEND)));
                    if (place >= 0) {
                        plain.set(place, plain.get(place).weighing(Optional.of(Weight.MEND)));
                    }
                }
            }
            assertThat(list).isEqualTo(plain);
            for (int n = 0; n < 12; n++) {
                FindingId sought = new FindingId("F" + n);
                assertThat(list.find(sought))
                        .isEqualTo(plain.stream()
                                .filter(f -> f.id().equals(sought))
                                .findFirst());
            }
        }
        assertThat(FindingList.of(plain)).isEqualTo(list);
    }

    @Test
    void theListBeforeStaysAsItWas() {
        FindingList one = FindingList.of(List.of(called(1), called(2)));
        one.without(new FindingId("F1")).with(called(3));
        assertThat(one).containsExactly(called(1), called(2));
        assertThat(FindingList.of(one)).isSameAs(one);
    }
}

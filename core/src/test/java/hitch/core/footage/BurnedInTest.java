package hitch.core.footage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BurnedInTest {
    private static final ClipId A = new ClipId("A");
    private static final Writing TOP = new Writing(new Patch(100, 100, 3000, 900), 0, 1000);
    private static final Writing FOOT = new Writing(new Patch(100, 9000, 3000, 9800), 0, 1000);

    private static BurnedIn answer(Writing writing, boolean shown) {
        return new BurnedIn(A, writing, Optional.of(shown));
    }

    @Test
    void isCoveredUntilSomebodyLetsItBeSeen() {
        List<BurnedIn> asked = BurnedIn.settled(A, List.of(TOP, FOOT), List.of(answer(TOP, true)));
        assertThat(asked).extracting(BurnedIn::isCovered).containsExactly(false, true);
        assertThat(asked).extracting(BurnedIn::isAsked).containsExactly(false, true);
    }

    @Test
    void anAnswerHoldsWhereTheWritingIsFoundALittleBeside() {
        Writing again = new Writing(new Patch(120, 80, 3100, 880), 10, 990);
        assertThat(BurnedIn.settled(A, List.of(again), List.of(answer(TOP, true))))
                .containsExactly(answer(again, true));
    }

    @Test
    void aNewerAnswerTakesTheOldOnesPlace() {
        assertThat(BurnedIn.with(List.of(answer(TOP, true), answer(FOOT, true)), List.of(answer(TOP, false))))
                .containsExactlyInAnyOrder(answer(TOP, false), answer(FOOT, true));
    }

    @Test
    void whatWasCoveredByHandStaysThoughItIsNotFoundAgain() {
        assertThat(BurnedIn.settled(A, List.of(), List.of(answer(TOP, false)))).containsExactly(answer(TOP, false));
    }

    @ParameterizedTest
    @CsvSource({
        "0, 500, 2000, 1500, upper left",
        "9000, 9000, 9900, 9800, lower right",
        "4500, 4500, 5500, 5500, middle"
    })
    void itsPlaceIsTold(int left, int top, int right, int bottom, String words) {
        assertThat(new Patch(left, top, right, bottom).words()).isEqualTo(words);
    }

    @Property
    void fourQuarterTurnsBringItBack(
            @ForAll @IntRange(max = 9000) int left, @ForAll @IntRange(max = 9000) int top, @ForAll boolean mirrored) {
        Patch patch = new Patch(left, top, left + 700, top + 300);
        Patch half = patch.turned(mirrored, 180);
        assertThat(half.turned(false, 180)).isEqualTo(patch.turned(mirrored, 0));
        assertThat(patch.turned(mirrored, 90).turned(false, 90)).isEqualTo(half);
        assertThat(half.right() - half.left()).isEqualTo(700);
    }

    @Property
    void itsPixelsHoldAllOfIt(
            @ForAll @IntRange(max = 300) int x,
            @ForAll @IntRange(max = 200) int y,
            @ForAll @IntRange(min = 1, max = 300) int width,
            @ForAll @IntRange(min = 1, max = 200) int height) {
        Patch patch = Patch.of(x, y, x + width, y + height, 640, 480);
        assertThat(Patch.pixel(patch.left(), 640, false)).isLessThanOrEqualTo(x);
        assertThat(Patch.pixel(patch.right(), 640, true)).isGreaterThanOrEqualTo(x + width);
        assertThat(Patch.pixel(patch.top(), 480, false)).isLessThanOrEqualTo(y);
        assertThat(Patch.pixel(patch.bottom(), 480, true)).isGreaterThanOrEqualTo(y + height);
    }
}

package hitch.core.counter.sight;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What speaks for feet and what for metres, and when it is a question. */
class UnitWeigherTest {
    private static final Region PICTURE = new Region(0, 0, 640, 480);
    private static final Region PLACE = new Region(500, 20, 90, 30);

    private static CounterPlace place(int decimals, double letters) {
        return new CounterPlace(PICTURE, PLACE, PLACE, CounterPlace.Manner.BRIGHT, decimals, 20, 0.9, letters);
    }

    private static CablePath path(DoubleUnaryOperator shown) {
        List<RawReading> read = new ArrayList<>();
        for (int i = 0; i < 150; i++) {
            read.add(new RawReading(i / 5.0, OptionalDouble.of(shown.applyAsDouble(i / 5.0)), 0.95));
        }
        return CablePath.fit(read);
    }

    private static UnitWeigher.Found weigh(int decimals, double letters, double speed, UnitHints hints) {
        return UnitWeigher.weigh(place(decimals, letters), path(t -> 3 + t * speed), hints);
    }

    @ParameterizedTest
    @CsvSource({
        // decimals, letters, speed, unit, sure
        "1, 4.5, 0.3, FEET, true",
        "2, -4.5, 0.3, METRES, true",
        "1, 0, 0.3, FEET, false",
        "2, 0, 0.3, METRES, false",
        "1, 0, 1.5, FEET, true",
        "1, 0, 0.9, FEET, true",
        "2, 0, 1.5, FEET, false",
        "1, -1.2, 0.3, METRES, false"
    })
    void signsAddUp(int decimals, double letters, double speed, CounterUnit unit, boolean sure) {
        UnitWeigher.Found found = weigh(decimals, letters, speed, UnitHints.NONE);
        assertThat(found.unit()).isEqualTo(unit);
        assertThat(found.sure()).isEqualTo(sure);
    }

    @Test
    void anotherClipOfTheJobSettlesIt() {
        UnitHints others = new UnitHints(CounterUnit.UNSAID, CounterUnit.METRES, 0, 0);
        UnitWeigher.Found found = weigh(1, 0, 0.3, others);
        assertThat(found.unit()).isEqualTo(CounterUnit.METRES);
        assertThat(found.sure()).isTrue();
    }

    @Test
    void theJobsUnitAndWhatWasSaidHelp() {
        assertThat(weigh(1, 0, 0.3, new UnitHints(CounterUnit.FEET, CounterUnit.UNSAID, 0, 0))
                        .sure())
                .isTrue();
        assertThat(weigh(1, 0, 0.3, new UnitHints(CounterUnit.UNSAID, CounterUnit.UNSAID, 5, 0))
                        .sure())
                .isTrue();
        UnitWeigher.Found metres = weigh(2, 0, 0.3, new UnitHints(CounterUnit.METRES, CounterUnit.UNSAID, 0, 9));
        assertThat(metres.unit()).isEqualTo(CounterUnit.METRES);
        assertThat(metres.sure()).isTrue();
    }

    @Test
    void feetAndInchesSayThemselvesAndAPersonIsAlwaysRight() {
        assertThat(weigh(-1, 0, 0.3, UnitHints.NONE).unit()).isEqualTo(CounterUnit.FEET_INCHES);
        assertThat(UnitWeigher.told(CounterUnit.METRES).sure()).isTrue();
    }

    @Property(tries = 60)
    void moreForFeetNeverMakesItMoreMetres(
            @ForAll @DoubleRange(min = -5, max = 5) double letters,
            @ForAll @DoubleRange(min = 0, max = 3) double more,
            @ForAll @IntRange(min = 1, max = 2) int decimals) {
        double less = weigh(decimals, letters, 0.3, UnitHints.NONE).forFeet();
        assertThat(weigh(decimals, letters + more, 0.3, UnitHints.NONE).forFeet())
                .isGreaterThanOrEqualTo(less);
    }

    @Test
    void aJumpIsNoSpeed() {
        // Set to zero in the middle: fifty units at once are not how fast a hand pushes.
        CablePath zeroed = path(t -> t < 15 ? 50 + t * 0.2 : (t - 15) * 0.2);
        assertThat(zeroed.zeroings()).hasSize(1);
        assertThat(UnitWeigher.weigh(place(1, 0), zeroed, UnitHints.NONE).sure())
                .isFalse();
    }

    private static LineText text(String words, int height, int width) {
        List<Region> boxes = new ArrayList<>();
        List<Float> sure = new ArrayList<>();
        List<java.util.Optional<Glyph>> glyphs = new ArrayList<>();
        for (int i = 0; i < words.length(); i++) {
            boolean letter = Character.isLetter(words.charAt(i));
            boxes.add(new Region(30 * i, 100 - (letter ? height : 20), letter ? width : 12, letter ? height : 20));
            sure.add(0.95f);
            glyphs.add(java.util.Optional.empty());
        }
        return new LineText(words, sure, boxes, glyphs);
    }

    private static double letters(String words, int height, int width) {
        return CounterText.in(text(words, height, width)).getFirst().behind().forFeet();
    }

    @Test
    void anMMustBeWideToSpeakForMetres() {
        double wide = letters("3.25m", 14, 20);
        double narrow = letters("3.25m", 14, 11);
        assertThat(wide).isNegative();
        assertThat(narrow).isNegative().isGreaterThan(wide / 4);
    }

    @Test
    void smallLettersSpeakLessAndManyLooksMore() {
        assertThat(letters("3.2ft", 20, 9)).isPositive().isGreaterThan(letters("3.2ft", 7, 4));
        UnitLetters one = CounterText.in(text("3.2ft", 20, 9)).getFirst().behind();
        assertThat(UnitLetters.together(List.of(one))).isLessThan(UnitLetters.together(List.of(one, one, one, one)));
        assertThat(UnitLetters.together(List.of())).isZero();
        assertThat(UnitLetters.together(List.of(UnitLetters.NONE, UnitLetters.NONE)))
                .isZero();
    }

    @Test
    void feetAndInchesAreMarkedOnlyWithBothMarks() {
        assertThat(CounterText.in(text("12'4''", 20, 8)).getFirst().behind()).isEqualTo(UnitLetters.MARKED);
        assertThat(CounterText.in(text("14'05", 20, 8)).getFirst().behind()).isEqualTo(UnitLetters.NONE);
    }
}

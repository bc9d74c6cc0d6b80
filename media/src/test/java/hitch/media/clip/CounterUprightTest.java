package hitch.media.clip;

import static hitch.media.clip.DrawnCounter.LOOKS;
import static hitch.media.clip.DrawnCounter.read;
import static hitch.media.clip.DrawnCounter.truth;
import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.counter.sight.CounterFit;
import hitch.core.counter.sight.CounterReadings;
import hitch.core.counter.sight.CounterUnit;
import hitch.core.counter.sight.Region;
import hitch.core.counter.sight.UnitHints;
import hitch.core.counter.sight.UnitWeigher;
import hitch.media.draw.Typefaces;
import java.awt.Color;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which way up a counter stands and what it counts in. */
class CounterUprightTest {
    private static void assertRightWhereSure(CounterFit fit, int least) {
        assertThat(fit.moments())
                .filteredOn(m -> m.confidence() >= 0.8)
                .hasSizeGreaterThan(least)
                .allMatch(m -> Math.abs(m.value().orElseThrow() - truth(m.seconds())) <= 0.1001);
    }

    @ParameterizedTest
    @CsvSource({"0, true", "6.6, true", "99, false"})
    void aCounterOnItsHeadIsNeverSurelyReadAsAnother(double turnedFrom, boolean turned) {
        DrawnCounter.Look boxed = new DrawnCounter.Look(Typefaces.text(30), 20, 200, Color.WHITE, true, "%.1f ft");
        CounterFit fit = read(boxed, turnedFrom, 1, UnitHints.NONE).fit();
        assertThat(fit.upSure()).isTrue();
        assertThat(fit.turns().getLast().turned()).isEqualTo(turned);
        assertThat(fit.turns()).hasSize(turnedFrom > 0 && turned ? 2 : 1);
        assertThat(fit.unit().unit()).isEqualTo(CounterUnit.FEET);
        assertRightWhereSure(fit, LOOKS * 8 / 10);
    }

    @Test
    void aReadingOfAPersonDecidesWhichWayUp() {
        DrawnCounter.Look boxed = new DrawnCounter.Look(Typefaces.text(30), 20, 200, Color.WHITE, true, "%.1f ft");
        CounterReadings sheet = read(boxed, 0, 1, UnitHints.NONE);
        sheet.correct(4, truth(4));
        assertThat(sheet.fit().turns()).extracting(CounterFit.Turn::turned).containsExactly(true);
        assertRightWhereSure(sheet.fit(), LOOKS * 8 / 10);
    }

    @ParameterizedTest
    @CsvSource({"18, %.1f ft", "14, %.1f ft", "24, %.1f FT"})
    void softLettersForFeetAreNeverSurelyMetres(float size, String form) {
        DrawnCounter.Look small = new DrawnCounter.Look(Typefaces.text(size), 330, 200, Color.WHITE, false, form);
        UnitWeigher.Found unit = read(small, 99, 0.4, UnitHints.NONE).fit().unit();
        assertThat(unit.unit() == CounterUnit.METRES && unit.sure()).isFalse();
    }

    @Test
    void aUnitThatNothingTellsIsAQuestionAndKeepsTrustLow() {
        DrawnCounter.Look bare = new DrawnCounter.Look(Typefaces.text(20), 330, 200, Color.WHITE, false, "%.1f");
        CounterFit asked = read(bare, 99, 0.4, UnitHints.NONE).fit();
        assertThat(asked.unit().sure()).isFalse();
        assertThat(asked.moments()).allMatch(m -> m.confidence() < 0.8);
        CounterFit known = read(bare, 99, 0.4, new UnitHints(CounterUnit.UNSAID, CounterUnit.METRES, 0, 0))
                .fit();
        assertThat(known.unit().unit()).isEqualTo(CounterUnit.METRES);
        assertThat(known.unit().sure()).isTrue();
        assertThat(known.moments()).anyMatch(m -> m.confidence() >= 0.8);
    }

    @Test
    void theInkIsWhereTheDigitsAndTheirLettersAre() {
        DrawnCounter.Look look = new DrawnCounter.Look(Typefaces.text(26), 330, 200, Color.WHITE, false, "%.1f ft");
        Region ink = read(look).place().orElseThrow().ink();
        var bounds = look.font()
                .createGlyphVector(new java.awt.font.FontRenderContext(null, true, true), "7.2 ft")
                .getPixelBounds(null, 330, 200);
        assertThat(ink.x()).isBetween(330 - 6, 330 + 6);
        assertThat(ink.right()).isBetween((int) bounds.getMaxX() - 6, (int) bounds.getMaxX() + 8);
        assertThat(ink.bottom()).isBetween(200 - 4, 200 + 8);
    }
}

package hitch.media.clip;

import static hitch.media.clip.DrawnCounter.LOOKS;
import static hitch.media.clip.DrawnCounter.draw;
import static hitch.media.clip.DrawnCounter.read;
import static hitch.media.clip.DrawnCounter.truth;
import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.counter.sight.CounterFinder;
import hitch.core.counter.sight.CounterReadings;
import hitch.media.draw.Typefaces;
import java.awt.Color;
import java.awt.Font;
import java.awt.geom.AffineTransform;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Finding and reading a counter. */
class CounterSightTest {
    @ParameterizedTest
    @CsvSource({
        "mono, 24, 20, 200, white, false, %05.1f",
        "text, 26, 330, 200, yellow, false, %.1f ft",
        "text, 20, 20, 200, white, true, %.1f"
    })
    void findsAndReadsTheCounterAmongOtherWriting(
            String face, float size, int x, int y, String ink, boolean boxed, String form) {
        Font font = (face.equals("mono") ? Typefaces.measure(size) : Typefaces.text(size));
        Color colour = ink.equals("white") ? Color.WHITE : ink.equals("black") ? Color.BLACK : new Color(240, 220, 40);
        CounterReadings sheet = read(new DrawnCounter.Look(font, x, y, colour, boxed, form));
        long right = sheet.fit().moments().stream()
                .filter(m -> m.value().isPresent() && Math.abs(m.value().getAsDouble() - truth(m.seconds())) <= 0.1001)
                .count();
        assertThat(right).isGreaterThanOrEqualTo(LOOKS * 98 / 100);
    }

    @Test
    void aPictureWithoutACounterHasNone() {
        CounterFinder finder = new CounterFinder();
        Random random = new Random(2);
        DrawnCounter.Look nothing = new DrawnCounter.Look(Typefaces.measure(20), 330, 200, Color.WHITE, false, "");
        for (int i = 0; i < 16; i++) {
            finder.look(i, draw(nothing, i, 1, random));
        }
        assertThat(finder.found()).isEmpty();
    }

    @Test
    void condensedDigitsAreReadToo() {
        Font narrow = Typefaces.text(26).deriveFont(AffineTransform.getScaleInstance(0.7, 1));
        CounterReadings sheet = read(new DrawnCounter.Look(narrow, 330, 200, Color.WHITE, false, "%.1f"));
        assertThat(sheet.readings().stream().filter(r -> r.value().isPresent()).count())
                .isGreaterThan(LOOKS * 9 / 10);
    }
}

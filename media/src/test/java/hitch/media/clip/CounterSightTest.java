package hitch.media.clip;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.counter.sight.CounterFinder;
import hitch.core.counter.sight.CounterFit;
import hitch.core.counter.sight.CounterReadings;
import hitch.core.counter.sight.CounterUnit;
import hitch.core.counter.sight.GreyPicture;
import hitch.core.counter.sight.Region;
import hitch.core.counter.sight.UnitHints;
import hitch.core.counter.sight.UnitWeigher;
import hitch.media.draw.Typefaces;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The typefaces drawn here were not among those that the digits were learnt from. */
class CounterSightTest {
    private static final int WIDTH = 480;
    private static final int HEIGHT = 360;
    private static final int LOOKS = 65;

    /** How the counter is drawn. */
    private record Look(Font font, int x, int y, Color ink, boolean boxed, String form) {}

    private static double truth(double t) {
        return t < 8 ? t * 0.9 : t < 10 ? 7.2 : Math.max(0, 7.2 + (t - 10) * 0.7);
    }

    private static GreyPicture draw(Look look, double t, double pace, Random random) {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        for (int i = 60; i > 0; i--) {
            int shade = 20 + (int) (70 * (1 + Math.sin(i * 0.7 + t)) / 2) + i;
            g.setColor(new Color(shade, shade, shade));
            int size = i * 12;
            g.fillOval(WIDTH / 2 - size / 2 + (int) (9 * Math.sin(t)), HEIGHT / 2 - size / 2, size, size);
        }
        write(g, look.font().deriveFont(16f), "JOB 4417  2026-03-02", 12, 24, Color.WHITE);
        write(
                g,
                look.font().deriveFont(14f),
                String.format("10:%02d:%02d", (int) t / 60, (int) t % 60),
                400,
                24,
                Color.WHITE);
        String text = String.format(Locale.ROOT, look.form(), pace * truth(t));
        if (look.boxed()) {
            g.setColor(look.ink().equals(Color.BLACK) ? new Color(210, 210, 210) : Color.BLACK);
            g.fillRect(look.x() - 8, look.y() - 34, 150, 44);
            g.setColor(look.ink());
            g.setFont(look.font());
            g.drawString(text, look.x(), look.y());
        } else {
            write(g, look.font(), text, look.x(), look.y(), look.ink());
        }
        g.dispose();
        byte[] grey = new byte[WIDTH * HEIGHT];
        for (int i = 0; i < grey.length; i++) {
            int value = image.getRaster().getSample(i % WIDTH, i / WIDTH, 0);
            grey[i] = (byte) Math.clamp(Math.round(value + random.nextGaussian() * 5), 0, 255);
        }
        return new GreyPicture(WIDTH, HEIGHT, grey);
    }

    private static void write(Graphics2D g, Font font, String text, int x, int y, Color ink) {
        var outline = font.createGlyphVector(g.getFontRenderContext(), text).getOutline(x, y);
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke(3));
        g.draw(outline);
        g.setColor(ink);
        g.fill(outline);
    }

    private static CounterReadings read(Look look) {
        return read(look, Double.POSITIVE_INFINITY, 1, UnitHints.NONE);
    }

    /**
     * @param turnedFrom seconds from which the whole picture stands on its head
     * @param pace how fast the cable goes, against {@link #truth}
     */
    private static CounterReadings read(Look look, double turnedFrom, double pace, UnitHints hints) {
        Random random = new Random(8);
        CounterFinder finder = new CounterFinder();
        List<GreyPicture> pictures = new ArrayList<>();
        for (int i = 0; i < LOOKS; i++) {
            GreyPicture upright = draw(look, i / 5.0, pace, random);
            GreyPicture picture = i / 5.0 >= turnedFrom ? upright.turned() : upright;
            pictures.add(picture);
            if (i % 5 == 0) {
                finder.look(i / 5.0, picture);
            }
        }
        assertThat(finder.found()).isPresent();
        CounterReadings sheet = new CounterReadings(finder.rivals(), CounterUnit.UNSAID, hints);
        for (int i = 0; i < LOOKS; i++) {
            sheet.take(i / 5.0, pictures.get(i).crop(sheet.region()));
        }
        sheet.settle();
        return sheet;
    }

    private static void assertRightWhereSure(CounterFit fit, int least) {
        assertThat(fit.moments())
                .filteredOn(m -> m.confidence() >= 0.8)
                .hasSizeGreaterThan(least)
                .allMatch(m -> Math.abs(m.value().orElseThrow() - truth(m.seconds())) <= 0.1001);
    }

    @ParameterizedTest
    @CsvSource({"0, true", "6.6, true", "99, false"})
    void aCounterOnItsHeadIsNeverSurelyReadAsAnother(double turnedFrom, boolean turned) {
        Look boxed = new Look(Typefaces.text(30), 20, 340, Color.WHITE, true, "%.1f ft");
        CounterFit fit = read(boxed, turnedFrom, 1, UnitHints.NONE).fit();
        assertThat(fit.upSure()).isTrue();
        assertThat(fit.turns().getLast().turned()).isEqualTo(turned);
        assertThat(fit.turns()).hasSize(turnedFrom > 0 && turned ? 2 : 1);
        assertThat(fit.unit().unit()).isEqualTo(CounterUnit.FEET);
        assertRightWhereSure(fit, LOOKS * 8 / 10);
    }

    @Test
    void aReadingOfAPersonDecidesWhichWayUp() {
        Look boxed = new Look(Typefaces.text(30), 20, 340, Color.WHITE, true, "%.1f ft");
        CounterReadings sheet = read(boxed, 0, 1, UnitHints.NONE);
        sheet.correct(4, truth(4));
        assertThat(sheet.fit().turns()).extracting(CounterFit.Turn::turned).containsExactly(true);
        assertRightWhereSure(sheet.fit(), LOOKS * 8 / 10);
    }

    @ParameterizedTest
    @CsvSource({"18, %.1f ft", "14, %.1f ft", "24, %.1f FT"})
    void softLettersForFeetAreNeverSurelyMetres(float size, String form) {
        Look small = new Look(Typefaces.text(size), 330, 340, Color.WHITE, false, form);
        UnitWeigher.Found unit = read(small, 99, 0.4, UnitHints.NONE).fit().unit();
        assertThat(unit.unit() == CounterUnit.METRES && unit.sure()).isFalse();
    }

    @Test
    void aUnitThatNothingTellsIsAQuestionAndKeepsTrustLow() {
        Look bare = new Look(Typefaces.text(20), 330, 340, Color.WHITE, false, "%.1f");
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
        Look look = new Look(Typefaces.text(26), 330, 340, Color.WHITE, false, "%.1f ft");
        Region ink = read(look).place().orElseThrow().ink();
        var bounds = look.font()
                .createGlyphVector(new java.awt.font.FontRenderContext(null, true, true), "7.2 ft")
                .getPixelBounds(null, 330, 340);
        assertThat(ink.x()).isBetween(330 - 6, 330 + 6);
        assertThat(ink.right()).isBetween((int) bounds.getMaxX() - 6, (int) bounds.getMaxX() + 8);
        assertThat(ink.bottom()).isBetween(340 - 4, 340 + 8);
    }

    @ParameterizedTest
    @CsvSource({
        "mono, 24, 20, 340, white, false, %05.1f",
        "text, 26, 330, 340, yellow, false, %.1f ft",
        "text, 20, 20, 340, white, true, %.1f"
    })
    void findsAndReadsTheCounterAmongOtherWriting(
            String face, float size, int x, int y, String ink, boolean boxed, String form) {
        Font font = (face.equals("mono") ? Typefaces.measure(size) : Typefaces.text(size));
        Color colour = ink.equals("white") ? Color.WHITE : ink.equals("black") ? Color.BLACK : new Color(240, 220, 40);
        CounterReadings sheet = read(new Look(font, x, y, colour, boxed, form));
        long right = sheet.fit().moments().stream()
                .filter(m -> m.value().isPresent() && Math.abs(m.value().getAsDouble() - truth(m.seconds())) <= 0.1001)
                .count();
        assertThat(right).isGreaterThanOrEqualTo(LOOKS * 98 / 100);
    }

    @Test
    void aPictureWithoutACounterHasNone() {
        CounterFinder finder = new CounterFinder();
        Random random = new Random(2);
        Look nothing = new Look(Typefaces.measure(20), 330, 340, Color.WHITE, false, "");
        for (int i = 0; i < 16; i++) {
            finder.look(i, draw(nothing, i, 1, random));
        }
        assertThat(finder.found()).isEmpty();
    }

    @Test
    void condensedDigitsAreReadToo() {
        Font narrow = Typefaces.text(26).deriveFont(AffineTransform.getScaleInstance(0.7, 1));
        CounterReadings sheet = read(new Look(narrow, 330, 340, Color.WHITE, false, "%.1f"));
        assertThat(sheet.readings().stream().filter(r -> r.value().isPresent()).count())
                .isGreaterThan(LOOKS * 9 / 10);
    }
}

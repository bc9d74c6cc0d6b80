package hitch.media.clip;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.counter.sight.CounterFinder;
import hitch.core.counter.sight.CounterPlace;
import hitch.core.counter.sight.CounterReadings;
import hitch.core.counter.sight.CounterUnit;
import hitch.core.counter.sight.GreyPicture;
import hitch.core.counter.sight.UnitHints;
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
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The typefaces drawn here were not among those that the digits were learnt from. */
class CounterSightTest {
    private static final int WIDTH = 480;
    private static final int HEIGHT = 360;
    private static final int LOOKS = 90;

    /** How the counter is drawn. */
    private record Look(Font font, int x, int y, Color ink, boolean boxed, String form) {}

    private static double truth(double t) {
        return t < 12 ? t * 0.9 : t < 16 ? 10.8 : Math.max(0, 10.8 + (t - 16) * 0.7);
    }

    private static GreyPicture draw(Look look, double t, Random random) {
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
        String text = String.format(Locale.ROOT, look.form(), truth(t));
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
        Random random = new Random(8);
        CounterFinder finder = new CounterFinder();
        List<GreyPicture> pictures = new ArrayList<>();
        for (int i = 0; i < LOOKS; i++) {
            GreyPicture picture = draw(look, i / 5.0, random);
            pictures.add(picture);
            if (i % 6 == 0) {
                finder.look(i / 5.0, pictures.get(i));
            }
        }
        Optional<CounterPlace> place = finder.found();
        assertThat(place).isPresent();
        CounterReadings sheet = new CounterReadings(finder.rivals(), CounterUnit.UNSAID, UnitHints.NONE);
        for (int i = 0; i < LOOKS; i++) {
            sheet.take(i / 5.0, pictures.get(i).crop(sheet.region()));
        }
        sheet.settle();
        return sheet;
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
            finder.look(i, draw(nothing, i, random));
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

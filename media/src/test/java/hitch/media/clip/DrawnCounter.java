package hitch.media.clip;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.counter.sight.CounterFinder;
import hitch.core.counter.sight.CounterReadings;
import hitch.core.counter.sight.CounterUnit;
import hitch.core.counter.sight.GreyPicture;
import hitch.core.counter.sight.UnitHints;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/** A counter drawn over something like a pipe, in typefaces that were not among those that the digits were learnt from. */
final class DrawnCounter {
    private DrawnCounter() {}

    static final int WIDTH = 480;
    static final int HEIGHT = 220;
    static final int LOOKS = 55;

    /** How the counter is drawn. */
    record Look(Font font, int x, int y, Color ink, boolean boxed, String form) {}

    static double truth(double t) {
        return t < 8 ? t * 0.9 : t < 10 ? 7.2 : Math.max(0, 7.2 + (t - 10) * 0.7);
    }

    static GreyPicture draw(Look look, double t, double pace, Random random) {
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

    static void write(Graphics2D g, Font font, String text, int x, int y, Color ink) {
        var outline = font.createGlyphVector(g.getFontRenderContext(), text).getOutline(x, y);
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke(3));
        g.draw(outline);
        g.setColor(ink);
        g.fill(outline);
    }

    static CounterReadings read(Look look) {
        return read(look, Double.POSITIVE_INFINITY, 1, UnitHints.NONE);
    }

    /**
     * @param turnedFrom seconds from which the whole picture stands on its head
     * @param pace how fast the cable goes, against {@link #truth}
     */
    static CounterReadings read(Look look, double turnedFrom, double pace, UnitHints hints) {
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
}

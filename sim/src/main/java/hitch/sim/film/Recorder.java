package hitch.sim.film;

import hitch.sim.scene.Scenario;
import hitch.sim.trial.CounterLook;
import hitch.sim.trial.TrialFace;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.Random;

/**
 * What the camera's electronics do to a picture: exposure that follows the light, bloom round bright spots, dirt on the
 * glass, sensor grain, and the figures burned into it.
 */
final class Recorder {
    /** Brightest light that the tone curve tells apart, and steps of it. */
    private static final float BRIGHT = 4;

    private static final int TONES = 8192;
    private static final short[] TONE = new short[TONES];
    /** Exposure at a middle light of one. */
    private static final double KEY = 0.5;

    private static final float[] TINT = {1.04f, 1, 0.97f};

    static {
        for (int i = 0; i < TONES; i++) {
            float value = (float) Math.sqrt(1 - Math.exp(-BRIGHT * i / TONES));
            value = value + 0.28f * (value - 0.42f) * (1 - value) * 2 * value;
            TONE[i] = (short) (value * 255 * 16);
        }
    }

    private final int width;
    private final int height;
    private final int coarseWidth;
    private final int coarseHeight;
    private final float[] glass;
    private final long seed;
    private final Scenario scenario;
    private final CounterLook look;

    /** @param lamp whether the picture is lit from the lens, and so darker at its edges */
    Recorder(Scenario scenario, int coarseWidth, int coarseHeight, boolean lamp) {
        this.scenario = scenario;
        this.width = scenario.width();
        this.height = scenario.height();
        this.coarseWidth = coarseWidth;
        this.coarseHeight = coarseHeight;
        this.seed = scenario.seed();
        this.glass = glass(new Random(seed + 3), lamp);
        Scenario.Counter counter = scenario.counter();
        this.look = new CounterLook(
                TrialFace.valueOf(counter.face()),
                height * counter.tall(),
                new Color(240, 240, 232),
                counter.boxed() ? CounterLook.Ground.BOX : CounterLook.Ground.OUTLINE,
                counter.right(),
                counter.top(),
                CounterLook.Form.valueOf(counter.form()));
    }

    /** What the glass lets through at each pixel, in steps of the tone curve. */
    private float[] glass(Random random, boolean lamp) {
        float[] map = new float[width * height];
        for (int i = 0; i < map.length; i++) {
            float ox = (i % width - width / 2f) / width;
            float oy = (i / width - height / 2f) / width;
            map[i] = (lamp ? 1 - 1.15f * (ox * ox + oy * oy) : 1) * (TONES / BRIGHT);
        }
        for (int i = 0; i < 26; i++) {
            double cx = random.nextDouble() * width;
            double cy = random.nextDouble() * height;
            double radius = (3 + random.nextDouble() * random.nextDouble() * 26) * width / 640;
            float strength = 0.05f + random.nextFloat() * 0.16f;
            for (int y = (int) Math.max(0, cy - radius); y < Math.min(height, cy + radius); y++) {
                for (int x = (int) Math.max(0, cx - radius); x < Math.min(width, cx + radius); x++) {
                    double off = Math.hypot(x - cx, y - cy) / radius;
                    if (off < 1) {
                        map[y * width + x] *= (float) (1 - strength * Math.pow(1 - off * off, 1.5));
                    }
                }
            }
        }
        return map;
    }

    /** Develops a coarse linear picture into one that can be encoded. */
    void develop(float[] rgb, int frame, BufferedImage out) {
        float[] light = glowing(rgb, exposure(rgb));
        int[] pixels = ((DataBufferInt) out.getRaster().getDataBuffer()).getData();
        int noise = new Random(seed * 7919 + frame).nextInt() | 1;
        int[] columns = new int[width];
        float[] shares = new float[width];
        between(width, coarseWidth, columns, shares);
        int[] rows = new int[height];
        float[] downs = new float[height];
        between(height, coarseHeight, rows, downs);
        float[] row = new float[coarseWidth * 3];
        for (int y = 0; y < height; y++) {
            int above = rows[y] * coarseWidth * 3;
            int below = above + coarseWidth * 3;
            for (int i = 0; i < row.length; i++) {
                row[i] = light[above + i] + (light[below + i] - light[above + i]) * downs[y];
            }
            for (int x = 0; x < width; x++) {
                int at = columns[x] * 3;
                float share = shares[x];
                noise ^= noise << 13;
                noise ^= noise >>> 17;
                noise ^= noise << 5;
                int speck = (noise & 255) + (noise >> 8 & 255) - 255;
                float by = glass[y * width + x];
                int r = tone((row[at] + (row[at + 3] - row[at]) * share) * by, speck);
                int g = tone((row[at + 1] + (row[at + 4] - row[at + 1]) * share) * by, speck);
                int b = tone((row[at + 2] + (row[at + 5] - row[at + 2]) * share) * by, speck);
                pixels[y * width + x] = r << 16 | g << 8 | b;
            }
        }
    }

    /** For each of {@code fine} places, the coarse one before it and how far it lies on the way to the next. */
    private static void between(int fine, int coarse, int[] before, float[] share) {
        for (int i = 0; i < fine; i++) {
            float at = Math.clamp((i + 0.5f) * coarse / fine - 0.5f, 0, coarse - 1.001f);
            before[i] = (int) at;
            share[i] = at - before[i];
        }
    }

    /** The value that light is stored as, with grain: more of it where it is dark. */
    private static int tone(float light, int speck) {
        int value = TONE[Math.max(0, Math.min((int) light, TONES - 1))];
        return Math.max(6, Math.min((value * 256 + speck * (5700 - value * 3 / 4) / 64) >> 12, 255));
    }

    /** Brings the picture's middle brightness to the same level, as an automatic iris does. */
    private static float exposure(float[] rgb) {
        double sum = 0;
        int n = 0;
        for (int i = 0; i < rgb.length; i += 21 * 3) {
            sum += Math.log(0.004 + rgb[i + 1]);
            n++;
        }
        float middle = (float) Math.exp(sum / n);
        // It follows most of the way, so that a pale pipe stays paler than a dark one.
        return (float) Math.clamp(KEY / Math.pow(middle, 0.8), 0.5, 9);
    }

    /** The picture at its exposure, with a bloom round what is too bright; that is soft, and so reckoned at half the size. */
    private float[] glowing(float[] rgb, float exposure) {
        int wide = (coarseWidth + 1) / 2;
        int high = (coarseHeight + 1) / 2;
        float[] bloom = new float[wide * high * 3];
        for (int y = 0; y < high; y++) {
            for (int x = 0; x < wide; x++) {
                int from = (Math.min(2 * y, coarseHeight - 1) * coarseWidth + Math.min(2 * x, coarseWidth - 1)) * 3;
                int to = (y * wide + x) * 3;
                bloom[to] = Math.max(0, rgb[from] * exposure - 1.1f) * 0.16f;
                bloom[to + 1] = Math.max(0, rgb[from + 1] * exposure - 1.1f) * 0.16f;
                bloom[to + 2] = Math.max(0, rgb[from + 2] * exposure - 1.1f) * 0.16f;
            }
        }
        Blur.box(bloom, wide, high, 2);
        float[] light = new float[rgb.length];
        float red = exposure * TINT[0];
        float green = exposure * TINT[1];
        float blue = exposure * TINT[2];
        for (int y = 0; y < coarseHeight; y++) {
            for (int x = 0; x < coarseWidth; x++) {
                int at = (y * coarseWidth + x) * 3;
                int round = (y / 2 * wide + x / 2) * 3;
                light[at] = rgb[at] * red + bloom[round];
                light[at + 1] = rgb[at + 1] * green + bloom[round + 1];
                light[at + 2] = rgb[at + 2] * blue + bloom[round + 2];
            }
        }
        return light;
    }

    /** Burns words in: the stamp in one corner, the counter in another. */
    void burn(BufferedImage picture, double feet, boolean counter) {
        Graphics2D g = picture.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        String date = scenario.visit() == null ? "" : scenario.visit().date();
        look.burnIn(
                g,
                width,
                height,
                (scenario.stamp() + "  " + date).strip(),
                counter ? look.form().text(feet) : "");
        g.dispose();
    }
}

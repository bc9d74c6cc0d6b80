package hitch.sim;

import hitch.media.draw.Typefaces;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.Random;

/**
 * What the camera's electronics do to a picture: exposure that follows the light, bloom round bright spots, dirt on the
 * glass, sensor grain, and the figures burned into it.
 */
final class Recorder {
    private final int width;
    private final int height;
    private final int coarseWidth;
    private final int coarseHeight;
    private final float[] dirt;
    private final long seed;

    Recorder(Scenario scenario, int coarseWidth, int coarseHeight) {
        this.width = scenario.width();
        this.height = scenario.height();
        this.coarseWidth = coarseWidth;
        this.coarseHeight = coarseHeight;
        this.seed = scenario.seed();
        this.dirt = dirt(new Random(seed + 3));
    }

    private float[] dirt(Random random) {
        float[] map = new float[width * height];
        java.util.Arrays.fill(map, 1);
        for (int i = 0; i < 26; i++) {
            double cx = random.nextDouble() * width;
            double cy = random.nextDouble() * height;
            double radius = 3 + random.nextDouble() * random.nextDouble() * 26;
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
    void develop(float[] rgb, int frame, boolean lamp, BufferedImage out) {
        float exposure = exposure(rgb);
        float[] glow = glow(rgb, exposure);
        Random grain = new Random(seed * 7919 + frame);
        int[] pixels = ((java.awt.image.DataBufferInt) out.getRaster().getDataBuffer()).getData();
        float sx = (float) coarseWidth / width;
        float sy = (float) coarseHeight / height;
        int noise = grain.nextInt();
        for (int y = 0; y < height; y++) {
            float v = Math.min((y + 0.5f) * sy - 0.5f, coarseHeight - 1.001f);
            for (int x = 0; x < width; x++) {
                float u = Math.min((x + 0.5f) * sx - 0.5f, coarseWidth - 1.001f);
                noise ^= noise << 13;
                noise ^= noise >>> 17;
                noise ^= noise << 5;
                float speck = ((noise & 255) + (noise >> 8 & 255) - 255) / 255f * 0.022f;
                float ox = (x - width / 2f) / width;
                float oy = (y - height / 2f) / width;
                float edge = lamp ? 1 - 1.15f * (ox * ox + oy * oy) : 1;
                float by = edge * dirt[y * width + x];
                int r = tone(pick(rgb, u, v, 0) * exposure * by * 1.04f + pick(glow, u, v, 0), speck);
                int g = tone(pick(rgb, u, v, 1) * exposure * by + pick(glow, u, v, 1), speck);
                int b = tone(pick(rgb, u, v, 2) * exposure * by * 0.97f + pick(glow, u, v, 2), speck);
                pixels[y * width + x] = r << 16 | g << 8 | b;
            }
        }
    }

    private static int tone(float light, float speck) {
        float value = 1 - (float) Math.exp(-Math.max(0, light));
        value = (float) Math.sqrt(value);
        value = value + 0.28f * (value - 0.42f) * (1 - value) * 2 * value + speck * (0.4f + 0.6f * (1 - value));
        return (int) Math.clamp(value * 255, 6, 255);
    }

    private float pick(float[] map, float u, float v, int channel) {
        float cu = Math.max(0, u);
        float cv = Math.max(0, v);
        int x = (int) cu;
        int y = (int) cv;
        float fx = cu - x;
        float fy = cv - y;
        int at = (y * coarseWidth + x) * 3 + channel;
        float a = map[at] * (1 - fx) + map[at + 3] * fx;
        float b = map[at + coarseWidth * 3] * (1 - fx) + map[at + coarseWidth * 3 + 3] * fx;
        return a * (1 - fy) + b * fy;
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
        return Math.clamp(0.20f / middle, 0.6f, 9f);
    }

    private float[] glow(float[] rgb, float exposure) {
        float[] bright = new float[rgb.length];
        for (int i = 0; i < rgb.length; i++) {
            bright[i] = Math.max(0, rgb[i] * exposure - 1.1f) * 0.16f;
        }
        float[] pass = new float[rgb.length];
        blur(bright, pass, 3, coarseWidth, coarseHeight, coarseWidth * 3);
        blur(pass, bright, coarseWidth * 3, coarseHeight, coarseWidth, 3);
        return bright;
    }

    /** A running mean of nine along one axis. */
    private static void blur(float[] from, float[] to, int step, int length, int lines, int lineStep) {
        for (int line = 0; line < lines; line++) {
            for (int channel = 0; channel < 3; channel++) {
                int base = line * lineStep + channel;
                float sum = 0;
                for (int i = -4; i <= 4; i++) {
                    sum += from[base + Math.clamp(i, 0, length - 1) * step];
                }
                for (int i = 0; i < length; i++) {
                    to[base + i * step] = sum / 9;
                    sum += from[base + Math.min(i + 5, length - 1) * step] - from[base + Math.max(i - 4, 0) * step];
                }
            }
        }
    }

    /** Burns words in: white with a dark edge, top left and bottom right. */
    void burn(BufferedImage picture, String top, String counter) {
        Graphics2D g = picture.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        Font small = Typefaces.counter(height / 26.0);
        Font large = Typefaces.counter(height / 14.0);
        word(g, top, small, width / 36f, height / 16f);
        g.setFont(large);
        word(g, counter, large, width * 0.965f - g.getFontMetrics().stringWidth(counter), height * 0.95f);
        g.dispose();
    }

    private static void word(Graphics2D g, String text, Font font, float x, float y) {
        g.setFont(font);
        g.setColor(new Color(0, 0, 0, 190));
        for (int i = -2; i <= 2; i++) {
            for (int k = -2; k <= 2; k++) {
                if (i * i + k * k <= 5) {
                    g.drawString(text, x + i, y + k);
                }
            }
        }
        g.setColor(new Color(240, 240, 232));
        g.drawString(text, x, y);
    }
}

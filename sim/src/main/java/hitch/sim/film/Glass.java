package hitch.sim.film;

import hitch.sim.pipe.Noise;
import hitch.sim.scene.Act;
import hitch.sim.scene.Take;
import java.util.Random;

/** What is on the glass before the lens: mist, grease, scratches, suds; and the streaks of a fast pull-back. */
final class Glass {
    /** From this speed on a picture is streaked, feet a second. */
    private static final double FAST = 1.7;

    private final Take take;
    private final Noise noise;
    private final long seed;

    Glass(Take take, long seed) {
        this.take = take;
        this.seed = seed;
        this.noise = new Noise(seed + 61);
    }

    /**
     * Changes a picture in linear light.
     *
     * @param speed of the head, feet a second
     * @param depth how far each pixel is, feet
     */
    void cover(float[] rgb, float[] depth, int width, int height, double t, double speed) {
        if (Math.abs(speed) > FAST) {
            streak(rgb, depth, width, height, Math.abs(speed));
        }
        float fog = (float) take.at(Act.FOG, t);
        float smear = (float) take.at(Act.SMEAR, t);
        float scratches = (float) take.at(Act.SCRATCHES, t);
        float foam = (float) take.at(Act.FOAM, t);
        if (fog > 0 || smear > 0) {
            mist(rgb, width, height, fog, smear);
        }
        if (scratches > 0) {
            scratch(rgb, width, height, scratches);
        }
        if (foam > 0) {
            suds(rgb, width, height, foam, (float) t);
        }
    }

    private static float mean(float[] rgb) {
        double sum = 0;
        for (int i = 1; i < rgb.length; i += 3 * 17) {
            sum += rgb[i];
        }
        return (float) (sum / (rgb.length / 51 + 1));
    }

    /** While the shutter is open near things draw out away from the middle. */
    private static void streak(float[] rgb, float[] depth, int width, int height, double speed) {
        float[] sharp = rgb.clone();
        float moved = (float) (speed - FAST * 0.6) / 12;
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                float ox = x - width / 2f;
                float oy = y - height / 2f;
                float by = Math.min(0.35f, moved / Math.max(0.1f, depth[y * width + x]));
                float r = 0;
                float g = 0;
                float b = 0;
                for (int i = -2; i <= 2; i++) {
                    int px = Math.max(0, Math.min((int) (x + ox * by * i / 2), width - 1));
                    int py = Math.max(0, Math.min((int) (y + oy * by * i / 2), height - 1));
                    int at = (py * width + px) * 3;
                    r += sharp[at];
                    g += sharp[at + 1];
                    b += sharp[at + 2];
                }
                int to = (y * width + x) * 3;
                rgb[to] = r / 5;
                rgb[to + 1] = g / 5;
                rgb[to + 2] = b / 5;
            }
        }
    }

    private void mist(float[] rgb, int width, int height, float fog, float smear) {
        float[] soft = rgb.clone();
        Blur.box(soft, width, height, Math.max(2, width / 34));
        Blur.box(soft, width, height, Math.max(2, width / 34));
        float haze = mean(rgb) * 0.9f;
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                float u = (float) x / width;
                float v = (float) y / width;
                float wiped = smear == 0
                        ? 0
                        : Math.clamp(
                                (noise.rough(u * 2.2f + v * 1.4f, v * 7 - u * 4 + 20, 0, 3) - 0.62f + 0.5f * smear) * 5,
                                0,
                                1);
                float drops = fog == 0 ? 0 : 0.75f + 0.5f * (noise.rough(u * 5, v * 5 + 70, 0, 3) - 0.5f);
                float share = Math.min(0.97f, fog * drops + wiped * smear);
                float white = haze * (fog * drops * 1.3f + wiped * smear * 0.35f);
                int at = (y * width + x) * 3;
                rgb[at] = rgb[at] * (1 - share) + soft[at] * share + white;
                rgb[at + 1] = rgb[at + 1] * (1 - share) + soft[at + 1] * share + white;
                rgb[at + 2] = rgb[at + 2] * (1 - share) + soft[at + 2] * share + white * 0.97f;
            }
        }
    }

    private void scratch(float[] rgb, int width, int height, float amount) {
        Random random = new Random(seed + 11);
        float bright = mean(rgb) * 1.5f;
        int count = (int) (5 + 40 * amount);
        for (int i = 0; i < count; i++) {
            double x = random.nextDouble() * width;
            double y = random.nextDouble() * height;
            double way = random.nextDouble() * Math.PI;
            double bend = random.nextGaussian() * 0.006;
            int length = (int) (width * (0.04 + 0.22 * random.nextDouble() * random.nextDouble()));
            float strong = bright * (0.25f + 0.75f * random.nextFloat());
            for (int s = 0; s < length; s++) {
                x += Math.cos(way);
                y += Math.sin(way);
                way += bend;
                if (x >= 0 && y >= 0 && x < width && y < height) {
                    int at = ((int) y * width + (int) x) * 3;
                    float by = strong * (float) Math.sin(Math.PI * s / length);
                    rgb[at] += by;
                    rgb[at + 1] += by;
                    rgb[at + 2] += by;
                }
            }
        }
    }

    /** Bubbles of many sizes, from the edges inward: each a bright film round a clear middle. */
    private void suds(float[] rgb, int width, int height, float amount, float t) {
        float light = mean(rgb) * 1.2f + 0.01f;
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                float u = (float) x / width;
                float v = (float) y / width;
                float away = (float) Math.hypot(u - 0.5, v - 0.36) * 1.25f;
                float there = noise.rough(u * 3 + t * 0.05f, v * 3 - t * 0.08f, 0, 3) * 0.7f + away - 1.12f + amount;
                if (there <= 0) {
                    continue;
                }
                float size = noise.smooth(u * 4 + 33, v * 4, 0) > 0.5f ? 15 : 34;
                float film = bubble(u * size + t * 0.3f, v * size - t * 0.2f);
                float share = Math.min(1, there * 6);
                int at = (y * width + x) * 3;
                float by = light * film;
                rgb[at] += (rgb[at] * 0.55f + by - rgb[at]) * share;
                rgb[at + 1] += (rgb[at + 1] * 0.55f + by - rgb[at + 1]) * share;
                rgb[at + 2] += (rgb[at + 2] * 0.55f + by * 1.02f - rgb[at + 2]) * share;
            }
        }
    }

    /** How bright suds are at a place: round bubbles of many sizes, each with a bright rim and a spark, froth between them. */
    private float bubble(float x, float y) {
        int cx = (int) Math.floor(x);
        int cy = (int) Math.floor(y);
        float nearest = 2;
        float spark = 0;
        for (int j = -1; j <= 1; j++) {
            for (int i = -1; i <= 1; i++) {
                float size = 0.35f + 0.5f * noise.at(cx + i + 5, cy + j + 51);
                float px = cx + i + noise.at(cx + i, cy + j) - x;
                float py = cy + j + noise.at(cx + i + 71, cy + j + 13) - y;
                float d = (float) Math.sqrt(px * px + py * py) / size;
                if (d < nearest) {
                    nearest = d;
                    float hx = px - 0.35f * size;
                    float hy = py - 0.35f * size;
                    spark = Math.max(0, 1 - (hx * hx + hy * hy) / (size * size) * 40);
                }
            }
        }
        if (nearest > 1) {
            return 1.5f + 0.5f * noise.at((int) (x * 9), (int) (y * 9));
        }
        float rim = nearest * nearest * nearest;
        return 0.25f + 1.5f * rim * rim + 1.6f * spark;
    }
}

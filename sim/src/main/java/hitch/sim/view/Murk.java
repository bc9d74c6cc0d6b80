package hitch.sim.view;

import hitch.sim.pipe.Noise;

/** Water before the lens: what is seen through it fades into what drifts in it. */
final class Murk {
    /** Light sinks to a third over so many feet. */
    static final float CLEAR = 0.42f;

    private final Noise noise;

    Murk(Noise noise) {
        this.noise = noise;
    }

    /** @param gone how far through the water it is seen, feet */
    void veil(Ray ray, float time, float gone, float[] rgb, int at) {
        float clear = (float) Math.exp(-gone / CLEAR);
        float drift = noise.rough(ray.dx * 5 + time * 0.3f + 40, ray.dy * 5 - time * 0.2f + 60, 0, 3);
        float fleck = fleck(ray.dx * 30 + time * 0.9f, ray.dy * 30 + time * 0.5f);
        float glow = 0.055f + 0.05f * drift + 0.16f * fleck;
        rgb[at] = rgb[at] * clear + 0.62f * glow * (1 - clear);
        rgb[at + 1] = rgb[at + 1] * clear + 0.60f * glow * (1 - clear);
        rgb[at + 2] = rgb[at + 2] * clear + 0.40f * glow * (1 - clear);
    }

    /** Something small that drifts before the lens, soft and round; 0 where there is none. */
    private float fleck(float u, float v) {
        int x = (int) Math.floor(u);
        int y = (int) Math.floor(v);
        if (noise.at(x + 40, y) < 0.72f) {
            return 0;
        }
        float size = 0.06f + 0.16f * noise.at(x + 9, y + 5);
        float du = u - x - 0.3f - 0.4f * noise.at(x, y);
        float dv = v - y - 0.3f - 0.4f * noise.at(x, y + 3);
        return Math.max(0, 1 - (du * du + dv * dv) / (size * size));
    }
}

package hitch.sim.view;

import hitch.sim.pipe.Noise;

/** The surface of water, from above and from below. */
final class WaterSurface {
    private final Noise ripple;

    WaterSurface(Noise ripple) {
        this.ripple = ripple;
    }

    private float wave(Ray ray, double station, float distance, float time) {
        float s = (float) station;
        float fade = 1 / (1 + distance * 0.8f);
        return (ripple.rough(s * 11 - time * 1.2f, ray.x * 30 + time * 0.6f, 0, 2) - 0.5f) * 0.75f * fade;
    }

    /** Writes the water's own light and tells what share of it is mirrored. */
    float fromAbove(Ray ray, double station, float distance, float time, float[] rgb, int at) {
        float s = (float) station;
        float upward = Math.max(0.02f, -ray.dy);
        float still = 1 - upward;
        float fresnel = 0.14f + 0.86f * still * still * still * still;
        float light = Light.falloff(distance);
        float murk = light * 0.13f * upward + 0.24f * Light.round(distance);
        float scum = Math.max(0, ripple.rough(s * 3.1f, ray.x * 9 + 7, 0, 4) - 0.58f) * 1.4f;
        float wave = Math.abs(wave(ray, station, distance, time));
        float glint = light * 0.9f * Math.min(1, distance * 1.6f) * Math.max(0, wave * 2.4f - 0.34f) * (0.15f + upward);
        rgb[at] = (0.26f + scum) * murk + glint;
        rgb[at + 1] = (0.235f + scum) * murk + glint;
        rgb[at + 2] = (0.15f + 0.8f * scum) * murk + glint;
        return fresnel;
    }

    /** Turns a ray as the surface mirrors it. */
    void bounce(Ray ray, double station, float distance, float time) {
        float s = (float) station;
        float fade = 1 / (1 + distance * 0.8f);
        float wave = wave(ray, station, distance, time);
        float aside = (ripple.rough(s * 10 + time * 0.8f, ray.x * 32 - time * 0.5f + 40, 0, 2) - 0.5f) * 0.5f * fade;
        ray.dx += aside;
        ray.dy = Math.max(0.01f, -ray.dy + Math.abs(wave) * 0.5f);
        ray.dz += wave;
        ray.normalize();
        ray.y += 0.002f;
    }

    void fromBelow(Ray ray, double station, float distance, float time, float[] rgb, int at) {
        float wave = ripple.rough((float) station * 9 - time * 1.4f, ray.x * 24 + time * 0.7f, 0, 3);
        float light =
                Light.falloff(distance) * (0.10f + 0.5f * Math.max(0, wave - 0.5f)) + 0.8f * Light.round(distance);
        rgb[at] = 0.70f * light;
        rgb[at + 1] = 0.68f * light;
        rgb[at + 2] = 0.52f * light;
    }
}

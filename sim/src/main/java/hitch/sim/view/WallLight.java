package hitch.sim.view;

import hitch.sim.pipe.Noise;
import hitch.sim.pipe.Skin;

/** How the wall looks where a ray meets it. */
final class WallLight {
    private static final int TILE = 256;
    /** Grains of the finest texture to a foot. */
    private static final float GRAINS = 420;

    private final Skin skin;
    private final Noise ripple;
    private final float[] tile = new float[TILE * TILE];

    WallLight(Skin skin, long seed) {
        this.skin = skin;
        this.ripple = new Noise(seed + 5);
        Noise grain = new Noise(seed + 31);
        for (int i = 0; i < tile.length; i++) {
            int x = i % TILE;
            int y = i / TILE;
            tile[i] = 0.6f * (grain.at(x, y) - 0.5f)
                    + 0.4f * (grain.at(x / 3, y / 3 + 900) - 0.5f)
                    + 0.5f * (grain.at(x / 8, y / 8 + 1900) - 0.5f);
        }
    }

    /**
     * @param ox,oy from the axis to the wall, in the lens's frame
     * @param r their length
     * @param day light that comes in from an open end
     */
    void shade(
            Ray ray,
            int sign,
            double station,
            float row,
            float angle,
            float ox,
            float oy,
            float r,
            float radius,
            float distance,
            float time,
            float day,
            float[] rgb,
            int at) {
        float[] look = ray.look;
        skin.look(row, angle, look);
        float nx = -ox / r;
        float ny = -oy / r;
        // Along the angle, clockwise, as this camera sees it.
        float tx = sign * oy / r;
        float ty = -sign * ox / r;
        // The wall rises into the bore, so its slope tips the normal back along the rise.
        float ax = nx - tx * look[5] / r;
        float ay = ny - ty * look[5] / r;
        float az = -sign * look[4];
        float length = (float) Math.sqrt(ax * ax + ay * ay + az * az);
        float facing = Math.max(0, -(ax * ray.dx + ay * ray.dy + az * ray.dz) / length);
        float light = Light.falloff(distance);
        // Little light gets to the bottom of a hole.
        float deep = Math.max(0, r - radius - 0.01f);
        float shut = 1 / (1 + 120 * deep * deep + 14 * deep);
        float diffuse =
                (light * (0.55f * facing + 0.20f * facing * facing + 0.02f) + Light.round(distance)) * shut + day;
        float wet = look[3];
        float glint = wet * light * 0.5f * Light.glint(facing);
        if (wet > 0.86f && distance < 4) {
            float shimmer = ripple.smooth((float) station * 44 - sign * time * 3.6f, angle * r * 150, 0);
            glint += wet * 0.6f * light * Math.max(0, shimmer - 0.78f) * facing;
        }
        float rough = (1 - wet) * 0.55f + 0.06f;
        float detail = 1 + rough * tile(station, angle * r) * Math.max(0, 1.2f - distance * 0.5f);
        diffuse *= detail;
        rgb[at] = look[0] * diffuse + glint * 0.95f;
        rgb[at + 1] = look[1] * diffuse + glint;
        rgb[at + 2] = look[2] * diffuse + glint * 0.98f;
    }

    private float tile(double station, float along) {
        float u = (float) (station * GRAINS * 0.5) + 65536;
        float v = along * GRAINS + 65536;
        int x = (int) u;
        int y = (int) v;
        float fx = u - x;
        float fy = v - y;
        int a = (y & TILE - 1) * TILE;
        int b = (y + 1 & TILE - 1) * TILE;
        int x0 = x & TILE - 1;
        int x1 = x + 1 & TILE - 1;
        float p = tile[a + x0] + (tile[a + x1] - tile[a + x0]) * fx;
        float q = tile[b + x0] + (tile[b + x1] - tile[b + x0]) * fx;
        return p + (q - p) * fy;
    }
}

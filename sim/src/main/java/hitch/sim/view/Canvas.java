package hitch.sim.view;

/** Puts lines and cloth of space onto a picture, behind what already stands nearer. */
final class Canvas {
    private final Lens lens;
    private final int width;
    private final int height;
    private final float scale;
    private final float[] depth;
    private final float[] rgb;
    /** Distance over which light sinks to a third; infinite in air. */
    private final float clear;

    private final float[] a = new float[3];
    private final float[] b = new float[3];
    private final float[] c = new float[3];

    Canvas(Lens lens, float clear, int width, int height, float[] depth, float[] rgb) {
        this.lens = lens;
        this.clear = clear;
        this.width = width;
        this.height = height;
        this.scale = Lens.scale(width);
        this.depth = depth;
        this.rgb = rgb;
    }

    private float veil(float distance) {
        return Float.isInfinite(clear) ? 1 : (float) Math.exp(-distance / clear);
    }

    /**
     * A thin round thing from p to q, each three floats from the lens.
     *
     * @param thick feet
     */
    void strand(float[] p, int pi, float[] q, int qi, float thick, float[] colour) {
        if (!lens.project(p[pi], p[pi + 1], p[pi + 2], width, height, a)
                || !lens.project(q[qi], q[qi + 1], q[qi + 2], width, height, b)) {
            return;
        }
        float length = Math.max(Math.abs(b[0] - a[0]), Math.abs(b[1] - a[1]));
        if (length > width) {
            return;
        }
        float distance = (a[2] + b[2]) / 2;
        float half = Math.max(0.35f, thick / distance * scale / 2);
        float cover = Math.min(1, thick / distance * scale / 0.7f);
        float light = (Light.falloff(distance) * 0.62f + Light.round(distance)) * veil(distance);
        int steps = Math.max(1, (int) (length / Math.max(0.6f, half * 0.6f)));
        for (int i = 0; i < steps; i++) {
            float s = (i + 0.5f) / steps;
            dot(a[0] + (b[0] - a[0]) * s, a[1] + (b[1] - a[1]) * s, half, cover, distance, light, colour);
        }
    }

    private void dot(float cx, float cy, float half, float cover, float distance, float light, float[] colour) {
        int fromX = Math.max(0, (int) (cx - half - 0.5f));
        int toX = Math.min(width - 1, (int) (cx + half + 0.5f));
        int fromY = Math.max(0, (int) (cy - half - 0.5f));
        int toY = Math.min(height - 1, (int) (cy + half + 0.5f));
        for (int y = fromY; y <= toY; y++) {
            for (int x = fromX; x <= toX; x++) {
                int cell = y * width + x;
                if (depth[cell] < distance - 0.02f) {
                    continue;
                }
                float ox = x + 0.5f - cx;
                float oy = y + 0.5f - cy;
                float off = (float) Math.sqrt(ox * ox + oy * oy);
                float soft = Math.clamp(half + 0.5f - off, 0, 1) * cover;
                // Lit from the lens, a round thing is darker at its edges; its upper side a little less so.
                float round = (1.12f - 0.55f * off / (half + 0.3f) - 0.10f * oy / (half + 0.3f)) * light;
                blend(cell, colour[0] * round, colour[1] * round, colour[2] * round, soft);
            }
        }
    }

    private void blend(int cell, float r, float g, float b, float share) {
        int at = cell * 3;
        rgb[at] += (r - rgb[at]) * share;
        rgb[at + 1] += (g - rgb[at + 1]) * share;
        rgb[at + 2] += (b - rgb[at + 2]) * share;
    }

    /**
     * A triangle of cloth or crust, seen from both sides.
     *
     * @param p corners, three floats each from the lens, at i, j and k
     * @param tone brightness of the cloth at each corner, at i/3, j/3, k/3
     */
    void patch(float[] p, float[] tone, int i, int j, int k, float[] colour, float wet) {
        if (!lens.project(p[i], p[i + 1], p[i + 2], width, height, a)
                || !lens.project(p[j], p[j + 1], p[j + 2], width, height, b)
                || !lens.project(p[k], p[k + 1], p[k + 2], width, height, c)) {
            return;
        }
        float wide = Math.max(a[0], Math.max(b[0], c[0])) - Math.min(a[0], Math.min(b[0], c[0]));
        float area = (b[0] - a[0]) * (c[1] - a[1]) - (c[0] - a[0]) * (b[1] - a[1]);
        if (Math.abs(area) < 1e-4f || wide > width) {
            return;
        }
        float facing = facing(p, i, j, k);
        int fromX = Math.max(0, (int) Math.floor(Math.min(a[0], Math.min(b[0], c[0]))));
        int toX = Math.min(width - 1, (int) Math.ceil(Math.max(a[0], Math.max(b[0], c[0]))));
        int fromY = Math.max(0, (int) Math.floor(Math.min(a[1], Math.min(b[1], c[1]))));
        int toY = Math.min(height - 1, (int) Math.ceil(Math.max(a[1], Math.max(b[1], c[1]))));
        for (int y = fromY; y <= toY; y++) {
            for (int x = fromX; x <= toX; x++) {
                float px = x + 0.5f;
                float py = y + 0.5f;
                float u = ((px - a[0]) * (c[1] - a[1]) - (c[0] - a[0]) * (py - a[1])) / area;
                float v = ((b[0] - a[0]) * (py - a[1]) - (px - a[0]) * (b[1] - a[1])) / area;
                if (u < -0.001f || v < -0.001f || u + v > 1.001f) {
                    continue;
                }
                float w = 1 - u - v;
                float distance = a[2] * w + b[2] * u + c[2] * v;
                int cell = y * width + x;
                if (distance >= depth[cell]) {
                    continue;
                }
                depth[cell] = distance;
                float lamp = Light.falloff(distance);
                float light = (lamp * (0.12f + 0.75f * facing * facing) + Light.round(distance)) * veil(distance);
                float by = light * (tone[i / 3] * w + tone[j / 3] * u + tone[k / 3] * v);
                float glint = wet * lamp * 0.4f * Light.glint(facing);
                blend(cell, colour[0] * by + glint, colour[1] * by + glint, colour[2] * by + glint, 1);
            }
        }
    }

    /** How squarely a triangle faces the lens, 0 to 1. */
    private static float facing(float[] p, int i, int j, int k) {
        float ux = p[j] - p[i];
        float uy = p[j + 1] - p[i + 1];
        float uz = p[j + 2] - p[i + 2];
        float vx = p[k] - p[i];
        float vy = p[k + 1] - p[i + 1];
        float vz = p[k + 2] - p[i + 2];
        float nx = uy * vz - uz * vy;
        float ny = uz * vx - ux * vz;
        float nz = ux * vy - uy * vx;
        float far = (float) Math.sqrt(p[i] * p[i] + p[i + 1] * p[i + 1] + p[i + 2] * p[i + 2]);
        float length = (float) Math.sqrt(nx * nx + ny * ny + nz * nz) * far;
        return length < 1e-9f ? 0 : Math.abs(nx * p[i] + ny * p[i + 1] + nz * p[i + 2]) / length;
    }
}

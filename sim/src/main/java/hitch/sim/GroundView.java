package hitch.sim;

/** The minute above ground: lawn, a walk, paint along the line, the opening's cap and a flag, seen from eye height. */
final class GroundView implements View {
    private static final float EYE = 5.2f;

    private final Noise grass;
    private final CameraPath path;
    private final double seconds;

    GroundView(Scenario scenario, Scenario.Take take) {
        this.grass = new Noise(scenario.seed() + 71);
        this.path = new CameraPath(scenario, take);
        this.seconds = take.seconds();
    }

    @Override
    public void draw(double t, int width, int height, float[] rgb) {
        float[] turn = new float[3];
        path.turn(t, turn);
        float walked = (float) (t / seconds * 9) - 1.6f;
        float down = 0.82f - 0.25f * (float) (t / seconds) + turn[1] * 0.3f;
        float cos = (float) Math.cos(down);
        float sin = (float) Math.sin(down);
        float yaw = turn[0] * 0.8f;
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                float u = (x - width / 2f) / width * 1.15f + yaw;
                float v = (height / 2f - y) / width * 1.15f;
                float dy = v * cos - sin;
                float dz = v * sin + cos;
                int at = (y * width + x) * 3;
                if (dy > -0.02f) {
                    rgb[at] = 0.55f;
                    rgb[at + 1] = 0.62f;
                    rgb[at + 2] = 0.68f;
                    continue;
                }
                float far = EYE / -dy;
                ground(u * far, dz * far + walked, far, rgb, at);
            }
        }
    }

    private void ground(float x, float z, float far, float[] rgb, int at) {
        float patch = grass.rough(x * 0.7f, z * 0.7f, 0, 3);
        float blade = grass.rough(x * 13, z * 9, 0, 3);
        float tuft = grass.rough(x * 4.2f, z * 3.1f, 0, 3);
        float green = (0.35f + 0.5f * blade) * (0.6f + 0.7f * tuft);
        float r = green * (0.34f + 0.22f * patch);
        float g = green * (0.50f + 0.06f * patch);
        float b = green * 0.20f;
        if (z > 12 && z < 15.4) {
            float slab = 0.52f + 0.16f * (grass.rough(x * 9, z * 9, 0, 4) - 0.5f) + 0.1f * (patch - 0.5f);
            boolean seam = Math.abs(Math.IEEEremainder(x - 1.7, 4)) < 0.03 || z < 12.05 || z > 15.35;
            r = seam ? 0.2f : slab;
            g = seam ? 0.2f : slab * 0.97f;
            b = seam ? 0.19f : slab * 0.92f;
        }
        float wobble = 0.12f * (grass.rough(z * 1.1f, 3, 0, 2) - 0.5f);
        boolean dash = Math.floorMod((int) Math.floor(z * 0.9f), 2) == 0 && z > 4.4f;
        boolean tip = z > 14 && z < 15.2 && Math.abs(x - 0.2f) < (15.2f - z) * 0.45f;
        float cover = Math.abs(x - 0.2f - wobble) < 0.14f && dash || tip ? 0.55f + 0.6f * (blade - 0.3f) : 0;
        cover = Math.clamp(cover, 0, 0.92f);
        r += (0.86f - r) * cover;
        g += (0.36f - g) * cover;
        b += (0.10f - b) * cover;
        float cap = (float) Math.hypot(x - 0.25f, z - 3.6f);
        if (cap < 0.46f) {
            float ring = cap > 0.38f ? 0.35f : 0.72f + 0.1f * (tuft - 0.5f);
            boolean bar = Math.abs(x - 0.25f) < 0.1f && Math.abs(z - 3.6f) < 0.1f;
            r = g = b = bar ? 0.48f : ring;
        } else if (cap < 0.75f) {
            float soil = (0.75f - cap) / 0.29f;
            r += (0.24f * (0.6f + 0.8f * blade) - r) * soil;
            g += (0.17f * (0.6f + 0.8f * blade) - g) * soil;
            b += (0.11f * (0.6f + 0.8f * blade) - b) * soil;
        }
        float haze = 0.78f + 0.3f / (1 + far * 0.08f);
        rgb[at] = r * haze * 0.8f;
        rgb[at + 1] = g * haze * 0.8f;
        rgb[at + 2] = b * haze * 0.78f;
    }
}

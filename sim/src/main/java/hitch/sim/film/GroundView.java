package hitch.sim.film;

import hitch.sim.pipe.Noise;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import hitch.sim.view.CameraPath;
import java.util.List;

/**
 * The minute above ground, filmed by hand while walking along the line: lawn, walks, a street, paint, the opening's cap, stakes and
 * trees. In its frame x goes to the right, y up, z along the line from the opening toward the main, feet.
 */
final class GroundView implements View {
    private static final float EYE = 5.2f;
    /** The person stands so far behind what is looked at, feet. */
    private static final float BEHIND = 4.6f;

    private static final float CAP = 0.36f;

    private final Noise grass;
    private final CameraPath path;
    private final List<Scenario.Mark> flat;
    private final List<Scenario.Mark> standing;

    GroundView(Scenario scenario, Take take) {
        this.grass = new Noise(scenario.seed() + 71);
        this.path = new CameraPath(scenario, take);
        this.standing = scenario.above().stream().filter(GroundView::stands).toList();
        this.flat = scenario.above().stream().filter(m -> !stands(m)).toList();
    }

    private static boolean stands(Scenario.Mark mark) {
        return mark.what().equals("tree") || mark.what().equals("stake");
    }

    @Override
    public void draw(double t, int width, int height, float[] rgb) {
        float[] turn = path.turn(t);
        float walked = (float) path.cable(t) - BEHIND;
        float stride = (float) Math.sin(t * 7.4) * (float) Math.min(1, Math.abs(path.speed(t)));
        float down = 0.80f + turn[1] * 0.35f + 0.012f * stride;
        float cos = (float) Math.cos(down);
        float sin = (float) Math.sin(down);
        float yaw = turn[0] * 0.9f;
        float eye = EYE + 0.06f * stride;
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                float u = (x - width / 2f) / width * 1.15f + yaw;
                float v = (height / 2f - y) / width * 1.15f;
                float dy = v * cos - sin;
                float dz = v * sin + cos;
                int at = (y * width + x) * 3;
                float far = dy < -0.02f ? eye / -dy : 400;
                if (!upright(u, dy, dz, eye, walked, far, rgb, at)) {
                    if (far > 300) {
                        rgb[at] = 0.55f;
                        rgb[at + 1] = 0.62f;
                        rgb[at + 2] = 0.68f;
                    } else {
                        ground(u * far, dz * far + walked, far, rgb, at);
                    }
                }
            }
        }
    }

    /** A tree or a stake that stands before the ground, if the ray meets one. */
    private boolean upright(float dx, float dy, float dz, float eye, float walked, float far, float[] rgb, int at) {
        boolean met = false;
        float nearest = far;
        for (Scenario.Mark mark : standing) {
            float go = ((float) mark.z() - walked) / dz;
            float x = dx * go - (float) mark.x();
            float y = eye + dy * go;
            boolean tree = mark.what().equals("tree");
            float half = tree ? 0.62f + 0.9f * (float) Math.exp(-y * 1.6f) : 0.07f;
            if (go <= 0.3f || go > nearest || y < -0.05f || Math.abs(x) > half || !tree && y > 1.5f) {
                continue;
            }
            nearest = go;
            met = true;
            float side = 1 - 0.55f * x * x / half / half;
            if (tree) {
                float bark = grass.rough(x * 9 + 40, y * 2.2f, 0, 4);
                float by = (0.5f + 0.7f * bark) * side;
                rgb[at] = 0.26f * by;
                rgb[at + 1] = 0.21f * by;
                rgb[at + 2] = 0.16f * by;
            } else {
                boolean flag = y > 1.15f;
                rgb[at] = (flag ? 0.85f : 0.62f) * side;
                rgb[at + 1] = (flag ? 0.30f : 0.52f) * side;
                rgb[at + 2] = (flag ? 0.12f : 0.36f) * side;
            }
        }
        return met;
    }

    private void ground(float x, float z, float far, float[] rgb, int at) {
        float patch = grass.rough(x * 0.7f, z * 0.7f, 0, 3);
        float blade = grass.rough(x * 13, z * 9, 0, 3);
        float tuft = grass.rough(x * 4.2f, z * 3.1f, 0, 3);
        float green = (0.35f + 0.5f * blade) * (0.6f + 0.7f * tuft);
        float[] c = {green * (0.34f + 0.22f * patch), green * (0.50f + 0.06f * patch), green * 0.20f};
        for (Scenario.Mark mark : flat) {
            switch (mark.what()) {
                case "walk" -> walk(c, x, z, mark, patch);
                case "street" -> street(c, x, z, mark);
                case "paint" -> paint(c, x, z, mark, blade);
                default -> cap(c, x - (float) mark.x(), z - (float) mark.z(), tuft, blade);
            }
        }
        float haze = (0.78f + 0.3f / (1 + far * 0.08f)) * 0.8f;
        rgb[at] = c[0] * haze;
        rgb[at + 1] = c[1] * haze;
        rgb[at + 2] = c[2] * haze * 0.98f;
    }

    private void walk(float[] c, float x, float z, Scenario.Mark mark, float patch) {
        if (z > mark.z() && z < mark.to()) {
            float slab = 0.52f + 0.16f * (grass.rough(x * 9, z * 9, 0, 4) - 0.5f) + 0.1f * (patch - 0.5f);
            boolean seam =
                    Math.abs(Math.IEEEremainder(x - 1.7, 4)) < 0.03 || z < mark.z() + 0.05 || z > mark.to() - 0.05;
            lay(c, 1, seam ? 0.2f : slab, seam ? 0.2f : slab * 0.97f, seam ? 0.19f : slab * 0.92f);
        }
    }

    /** A kerb, a gutter, and asphalt beyond. */
    private void street(float[] c, float x, float z, Scenario.Mark mark) {
        float past = z - (float) mark.z();
        if (past < 0) {
            return;
        }
        float grain = grass.rough(x * 22, z * 22, 0, 3);
        if (past < 0.5f) {
            lay(c, 1, 0.50f + 0.1f * grain, 0.49f + 0.1f * grain, 0.46f + 0.1f * grain);
        } else if (past < 0.58f) {
            lay(c, 1, 0.16f, 0.16f, 0.155f);
        } else if (past < 1.9f) {
            lay(c, 1, 0.36f + 0.12f * grain, 0.355f + 0.12f * grain, 0.34f + 0.11f * grain);
        } else {
            lay(c, 1, 0.13f + 0.13f * grain, 0.13f + 0.13f * grain, 0.135f + 0.13f * grain);
        }
    }

    /** A dashed line of paint on the grass, with an arrow where it ends. */
    private void paint(float[] c, float x, float z, Scenario.Mark mark, float blade) {
        float off = x - (float) mark.x();
        float wobble = 0.12f * (grass.rough(z * 1.1f, 3, 0, 2) - 0.5f);
        boolean dash = z > mark.z() && z < mark.to() && Math.floorMod((int) Math.floor(z * 0.9f), 2) == 0;
        float toEnd = (float) mark.to() + 0.2f - z;
        boolean tip = toEnd > 0 && toEnd < 1.2f && Math.abs(off) < toEnd * 0.45f;
        if (Math.abs(off - wobble) < 0.14f && dash || tip) {
            lay(c, Math.clamp(0.55f + 0.6f * (blade - 0.3f), 0, 0.92f), 0.86f, 0.36f, 0.10f);
        }
    }

    private static void cap(float[] c, float x, float z, float tuft, float blade) {
        float off = (float) Math.hypot(x, z);
        if (off < CAP) {
            float ring = off > CAP - 0.07f ? 0.35f : 0.72f + 0.1f * (tuft - 0.5f);
            float tone = Math.abs(x) < 0.09f && Math.abs(z) < 0.09f ? 0.48f : ring;
            lay(c, 1, tone, tone, tone);
        } else if (off < CAP + 0.3f) {
            float soil = 0.6f + 0.8f * blade;
            lay(c, (CAP + 0.3f - off) / 0.3f, 0.24f * soil, 0.17f * soil, 0.11f * soil);
        }
    }

    private static void lay(float[] c, float share, float r, float g, float b) {
        c[0] += (r - c[0]) * share;
        c[1] += (g - c[1]) * share;
        c[2] += (b - c[2]) * share;
    }
}

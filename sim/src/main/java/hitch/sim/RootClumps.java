package hitch.sim;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;

/** Roots: strands grown once from the joint they come through, drawn over the wall where nothing stands before them. */
final class RootClumps {
    /** One strand: points of three floats (right, up, station from its joint), and its thickness in feet. */
    private record Strand(float[] points, float thick, float pale) {}

    private record Clump(double station, List<Strand> strands) {}

    private final List<Clump> clumps = new ArrayList<>();

    RootClumps(Scenario scenario, PipeShape shape) {
        for (Scenario.Feature feature : scenario.features()) {
            if (feature.kind().equals("roots")) {
                clumps.add(grow(feature, shape, new Random(scenario.seed() + Math.round(feature.at() * 1000))));
            }
        }
    }

    private static Clump grow(Scenario.Feature feature, PipeShape shape, Random random) {
        float radius = shape.radius(feature.at());
        float[] axis = new float[2];
        shape.axis(feature.at(), axis);
        int count = (int) (90 + 620 * feature.amount());
        float spread = (float) (0.35 + 1.5 * feature.amount());
        List<Strand> strands = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double angle = Math.toRadians(feature.clock() * 30) + random.nextGaussian() * spread * 0.5;
            float reach = radius * (float) (0.25 + 1.25 * feature.amount()) * (0.25f + random.nextFloat());
            float x = axis[0] + (float) Math.sin(angle) * radius * 1.02f;
            float y = axis[1] + (float) Math.cos(angle) * radius * 1.02f;
            float z = (float) random.nextGaussian() * 0.02f;
            float dx = -(float) Math.sin(angle) * 0.6f + (float) random.nextGaussian() * 0.3f;
            float dy = -(float) Math.cos(angle) * 0.6f + (float) random.nextGaussian() * 0.25f;
            // Roots trail with the flow.
            float dz = 0.25f + (float) random.nextGaussian() * 0.35f;
            int steps = 10;
            float[] points = new float[(steps + 1) * 3];
            for (int k = 0; k <= steps; k++) {
                points[k * 3] = x;
                points[k * 3 + 1] = y;
                points[k * 3 + 2] = z;
                dx += (float) random.nextGaussian() * 0.28f;
                dy += (float) random.nextGaussian() * 0.28f - 0.06f;
                dz += (float) random.nextGaussian() * 0.22f + 0.02f;
                float length = (float) Math.sqrt(dx * dx + dy * dy + dz * dz) + 1e-6f;
                float step = reach / steps;
                float nextX = x + dx / length * step;
                float nextY = y + dy / length * step;
                float off = (float) Math.hypot(nextX - axis[0], nextY - axis[1]);
                if (off < radius * 1.02f) {
                    x = nextX;
                    y = nextY;
                }
                z += dz / length * step;
            }
            boolean stout = random.nextInt(14) == 0;
            float thick = stout ? 0.006f + random.nextFloat() * 0.006f : 0.0013f + random.nextFloat() * 0.0016f;
            strands.add(new Strand(points, thick, 0.35f + 0.65f * random.nextFloat()));
        }
        return new Clump(feature.at(), strands);
    }

    void draw(PipeView.Lens lens, float halfAngle, int sign, int width, int height, float[] depth, float[] rgb) {
        Projection projection = new Projection(lens, halfAngle, width, height);
        clumps.stream()
                .sorted(Comparator.comparingDouble(c -> -Math.abs(c.station() - lens.station)))
                .filter(c -> Math.abs(c.station() - lens.station) < 7)
                .forEach(c -> c.strands().forEach(s -> draw(c, s, lens, sign, projection, depth, rgb)));
    }

    private static void draw(
            Clump clump, Strand strand, PipeView.Lens lens, int sign, Projection to, float[] depth, float[] rgb) {
        float[] p = strand.points();
        for (int i = 3; i < p.length; i += 3) {
            float along = (float) (clump.station() - lens.station);
            to.segment(
                    sign * p[i - 3] - lens.x,
                    p[i - 2] - lens.y,
                    sign * (along + p[i - 1]),
                    sign * p[i] - lens.x,
                    p[i + 1] - lens.y,
                    sign * (along + p[i + 2]),
                    strand.thick() * (1.15f - 0.8f * i / p.length),
                    strand.pale(),
                    depth,
                    rgb);
        }
    }

    /** Puts points of space onto the picture, the inverse of {@link PipeView.Lens#direct}. */
    private static final class Projection {
        private final PipeView.Lens lens;
        private final int width;
        private final int height;
        private final float scale;
        private final float[] a = new float[3];
        private final float[] b = new float[3];

        Projection(PipeView.Lens lens, float halfAngle, int width, int height) {
            this.lens = lens;
            this.width = width;
            this.height = height;
            this.scale = width / (2 * halfAngle);
        }

        private boolean project(float x, float y, float z, float[] out) {
            float dx = x * lens.cosYaw - z * lens.sinYaw;
            float pz = x * lens.sinYaw + z * lens.cosYaw;
            float dy = y * lens.cosPitch - pz * lens.sinPitch;
            float dz = y * lens.sinPitch + pz * lens.cosPitch;
            float distance = (float) Math.sqrt(dx * dx + dy * dy + dz * dz);
            if (distance < 0.03f || dz < -0.3f * distance) {
                return false;
            }
            float across = (float) Math.sqrt(dx * dx + dy * dy);
            float r = (float) Math.atan2(across, dz);
            float u = across < 1e-6f ? 0 : dx / across * r;
            float v = across < 1e-6f ? 0 : dy / across * r;
            out[0] = width / 2f + (u * lens.cosRoll + v * lens.sinRoll) * scale;
            out[1] = height / 2f - (v * lens.cosRoll - u * lens.sinRoll) * scale;
            out[2] = distance;
            return true;
        }

        void segment(
                float x0,
                float y0,
                float z0,
                float x1,
                float y1,
                float z1,
                float thick,
                float pale,
                float[] depth,
                float[] rgb) {
            if (!project(x0, y0, z0, a) || !project(x1, y1, z1, b)) {
                return;
            }
            float distance = (a[2] + b[2]) / 2;
            float half = Math.max(0.35f, thick / distance * scale / 2);
            float cover = Math.min(1, thick / distance * scale / 0.7f);
            float light = PipeView.falloff(distance) * 0.62f + 0.03f * (float) Math.exp(-distance / 2.4f);
            float length = Math.max(Math.abs(b[0] - a[0]), Math.abs(b[1] - a[1]));
            if (length > width) {
                return;
            }
            int steps = Math.max(1, (int) (length / Math.max(0.6f, half * 0.6f)));
            for (int i = 0; i < steps; i++) {
                float s = (i + 0.5f) / steps;
                dot(a[0] + (b[0] - a[0]) * s, a[1] + (b[1] - a[1]) * s, half, cover, distance, light, pale, depth, rgb);
            }
        }

        private void dot(
                float cx,
                float cy,
                float half,
                float cover,
                float distance,
                float light,
                float pale,
                float[] depth,
                float[] rgb) {
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
                    float off = (float) Math.hypot(x + 0.5f - cx, y + 0.5f - cy);
                    float soft = Math.clamp(half + 0.5f - off, 0, 1) * cover;
                    float round = 1.1f - 0.5f * off / (half + 0.3f);
                    float bright = pale * pale;
                    float r = (0.20f + 0.58f * bright) * light * round;
                    float g = (0.115f + 0.46f * bright) * light * round;
                    float bl = (0.06f + 0.31f * bright) * light * round;
                    rgb[cell * 3] += (r - rgb[cell * 3]) * soft;
                    rgb[cell * 3 + 1] += (g - rgb[cell * 3 + 1]) * soft;
                    rgb[cell * 3 + 2] += (bl - rgb[cell * 3 + 2]) * soft;
                }
            }
        }
    }
}

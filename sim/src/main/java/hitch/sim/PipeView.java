package hitch.sim;

/**
 * What a push camera sees: rays are marched from the lens through the bore until they meet the wall, water, or the main
 * beyond the end; the only light is the ring round the lens, so it falls off with distance.
 */
final class PipeView implements View {
    private static final float HALF_ANGLE = 0.74f;
    private static final int MOST_STEPS = 90;
    private static final float FAR = 14;

    private final PipeShape shape;
    private final PipeSkin skin;
    private final CameraPath path;
    private final int sign;
    private final RootClumps roots;
    private final Noise ripple;
    private final MainBeyond main;

    PipeView(Scenario scenario, PipeShape shape, PipeSkin skin, Scenario.Take take) {
        this.shape = shape;
        this.skin = skin;
        this.path = new CameraPath(scenario, take);
        this.sign = take.sign();
        this.roots = new RootClumps(scenario, shape);
        this.ripple = new Noise(scenario.seed() + 5);
        this.main = new MainBeyond(ripple);
    }

    @Override
    public void draw(double t, int width, int height, float[] rgb) {
        Lens lens = lens(t);
        Ray ray = new Ray();
        float scale = 2 * HALF_ANGLE / width;
        float[] depth = new float[width * height];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                lens.direct((x - width / 2f) * scale, (height / 2f - y) * scale, ray);
                int at = (y * width + x) * 3;
                depth[y * width + x] = trace(ray, lens, (float) t, true, rgb, at);
            }
        }
        roots.draw(lens, HALF_ANGLE, sign, width, height, depth, rgb);
    }

    /** The camera at a moment: where it is and which way it looks, in a frame turned to face along its run. */
    static final class Lens {
        double station;
        int sign;
        float x;
        float y;
        float cosYaw;
        float sinYaw;
        float cosPitch;
        float sinPitch;
        float cosRoll;
        float sinRoll;

        /** Sets {@code ray} for a point of the picture given as angles from its middle. */
        void direct(float u, float v, Ray ray) {
            float a = u * cosRoll - v * sinRoll;
            float b = u * sinRoll + v * cosRoll;
            float r = (float) Math.sqrt(a * a + b * b);
            // Equal angles to equal lengths, as wide lenses draw.
            float s = r < 1e-5f ? 1 : (float) Math.sin(r) / r;
            float dx = a * s;
            float dy = b * s;
            float dz = (float) Math.cos(r);
            float py = dy * cosPitch + dz * sinPitch;
            float pz = dz * cosPitch - dy * sinPitch;
            ray.dx = dx * cosYaw + pz * sinYaw;
            ray.dz = pz * cosYaw - dx * sinYaw;
            ray.dy = py;
        }
    }

    /** A ray's direction and working space. */
    static final class Ray {
        float dx;
        float dy;
        float dz;
        final float[] axis = new float[2];
        final float[] look = new float[6];
        final float[] other = new float[3];
    }

    private Lens lens(double t) {
        float[] sway = new float[2];
        float[] turn = new float[3];
        float[] axis = new float[2];
        path.sway(t, sway);
        path.turn(t, turn);
        Lens lens = new Lens();
        lens.sign = sign;
        lens.station = sign * path.cable(t);
        shape.axis(lens.station, axis);
        // The skid holds the lens a little under an inch and a half above the bottom.
        lens.x = sign * axis[0] + sway[0];
        lens.y = axis[1] - shape.radius(lens.station) + 0.118f + sway[1];
        lens.cosYaw = (float) Math.cos(turn[0]);
        lens.sinYaw = (float) Math.sin(turn[0]);
        lens.cosPitch = (float) Math.cos(turn[1]);
        lens.sinPitch = (float) Math.sin(turn[1]);
        lens.cosRoll = (float) Math.cos(turn[2]);
        lens.sinRoll = (float) Math.sin(turn[2]);
        return lens;
    }

    /** Follows a ray and writes what it sees; returns how far it went. */
    private float trace(Ray ray, Lens lens, float time, boolean mirror, float[] rgb, int at) {
        return march(ray, lens.x, lens.y, 0, 0, lens, time, mirror, rgb, at);
    }

    private float march(
            Ray ray,
            float x0,
            float y0,
            float z0,
            float gone,
            Lens lens,
            float time,
            boolean mirror,
            float[] rgb,
            int at) {
        float t = 0.01f;
        float before = 0;
        // How fast the ray nears a straight wall: along the pipe it can go far in one step.
        float across = (float) Math.sqrt(ray.dx * ray.dx + ray.dy * ray.dy) + 0.10f;
        for (int step = 0; step < MOST_STEPS; step++) {
            float x = x0 + ray.dx * t;
            float y = y0 + ray.dy * t;
            float z = z0 + ray.dz * t;
            double station = lens.station + lens.sign * z;
            if (station > shape.end() && lens.sign > 0) {
                return main.trace(ray, x, y, (float) (station - shape.end()), t + gone, rgb, at);
            }
            shape.axis(station, ray.axis);
            float ox = x - lens.sign * ray.axis[0];
            float oy = y - ray.axis[1];
            float radius = shape.radius(station);
            float water = shape.water(station);
            if (water > 0 && oy < water - radius && ray.dy < 0) {
                return water(ray, x0, y0, z0, before, t, gone, water, lens, time, mirror, rgb, at);
            }
            float r = (float) Math.sqrt(ox * ox + oy * oy);
            float angle = angle(lens.sign * ox, oy);
            float room = radius - skin.height(station, angle) - r;
            if (room < 0.0012f) {
                if (room < -0.004f && t - before > 0.003f) {
                    t = (t + before) / 2;
                    continue;
                }
                shadeWall(ray, x, y, z, station, angle, ox, oy, r, t + gone, time, lens, rgb, at);
                return t + gone;
            }
            if (t + gone > FAR) {
                break;
            }
            before = t;
            t += Math.clamp(room * 0.8f / across, 0.003f, 0.3f);
        }
        rgb[at] = rgb[at + 1] = rgb[at + 2] = 0.002f;
        return FAR;
    }

    /** Clockwise from the top, 0 to two pi; a rational fit, good to a thousandth. */
    private static float angle(float x, float y) {
        float ax = Math.abs(x);
        float ay = Math.abs(y);
        float low = Math.min(ax, ay);
        float high = Math.max(Math.max(ax, ay), 1e-9f);
        float q = low / high;
        float a = q
                * (0.9998660f
                        + q * q * (-0.3302995f + q * q * (0.1801410f + q * q * (-0.0851330f + q * q * 0.0208351f))));
        float fromY = ax > ay ? (float) (Math.PI / 2) - a : a;
        float half = y < 0 ? (float) Math.PI - fromY : fromY;
        return x < 0 ? (float) (2 * Math.PI) - half : half;
    }

    private void shadeWall(
            Ray ray,
            float x,
            float y,
            float z,
            double station,
            float angle,
            float ox,
            float oy,
            float r,
            float distance,
            float time,
            Lens lens,
            float[] rgb,
            int at) {
        float[] look = ray.look;
        skin.look(station, angle, look);
        float nx = -ox / r;
        float ny = -oy / r;
        // Along the angle, clockwise, as this camera sees it.
        float tx = lens.sign * oy / r;
        float ty = -lens.sign * ox / r;
        float ax = nx - tx * -look[5] / r;
        float ay = ny - ty * -look[5] / r;
        float az = -lens.sign * look[4];
        // The wall rises into the bore, so its slope tips the normal back along the rise.
        float length = (float) Math.sqrt(ax * ax + ay * ay + az * az);
        ax /= length;
        ay /= length;
        az /= length;
        float facing = Math.max(0, -(ax * ray.dx + ay * ray.dy + az * ray.dz));
        float light = falloff(distance);
        float round = 0.030f * (float) Math.exp(-distance / 2.4f);
        float diffuse = light * (0.25f * facing + 0.75f * facing * facing + 0.03f) + round;
        float glint = look[3] * light * 0.5f * (float) Math.pow(facing, 26);
        if (look[3] > 0.8f) {
            float shimmer = ripple.smooth((float) station * 26 - lens.sign * time * 2.2f, angle * 24, 0);
            glint += look[3] * 0.6f * light * Math.max(0, shimmer - 0.74f) * facing;
        }
        rgb[at] = look[0] * diffuse + glint * 0.95f;
        rgb[at + 1] = look[1] * diffuse + glint;
        rgb[at + 2] = look[2] * diffuse + glint * 0.98f;
    }

    /** Light of the ring round the lens at a distance in feet; its glare off the wall reaches further than a lamp's. */
    static float falloff(float distance) {
        return 0.05f / (distance * (float) Math.sqrt(distance) + 0.03f);
    }

    private float water(
            Ray ray,
            float x0,
            float y0,
            float z0,
            float before,
            float t,
            float gone,
            float depth,
            Lens lens,
            float time,
            boolean mirror,
            float[] rgb,
            int at) {
        float low = before;
        float high = t;
        for (int i = 0; i < 6; i++) {
            float middle = (low + high) / 2;
            double station = lens.station + lens.sign * (z0 + ray.dz * middle);
            shape.axis(station, ray.axis);
            boolean under = y0 + ray.dy * middle - ray.axis[1] < shape.water(station) - shape.radius(station);
            if (under) {
                high = middle;
            } else {
                low = middle;
            }
        }
        float x = x0 + ray.dx * low;
        float z = z0 + ray.dz * low;
        float y = y0 + ray.dy * low;
        float station = (float) (lens.station + lens.sign * z);
        float distance = low + gone;
        float fade = 1 / (1 + distance * 0.8f);
        float wave = (ripple.rough(station * 11 - time * 1.2f, x * 30 + time * 0.6f, 0, 2) - 0.5f) * 0.75f * fade;
        float wave2 = (ripple.rough(station * 10 + time * 0.8f, x * 32 - time * 0.5f + 40, 0, 2) - 0.5f) * 0.5f * fade;
        float upward = Math.max(0.02f, -ray.dy);
        float fresnel = 0.14f + 0.86f * (float) Math.pow(1 - upward, 4);
        float light = falloff(distance);
        float murk = light * 0.13f * upward + 0.007f * (float) Math.exp(-distance / 1.5f);
        float scum = Math.max(0, ripple.rough(station * 3.1f, x * 9 + 7, 0, 4) - 0.58f) * 1.4f;
        float r = (0.26f + scum) * murk;
        float g = (0.235f + scum) * murk;
        float b = (0.15f + 0.8f * scum) * murk;
        if (mirror && distance < 6) {
            Ray bounced = new Ray();
            bounced.dx = ray.dx + wave2;
            bounced.dy = -ray.dy + Math.abs(wave) * 0.5f;
            bounced.dz = ray.dz + wave;
            float length =
                    (float) Math.sqrt(bounced.dx * bounced.dx + bounced.dy * bounced.dy + bounced.dz * bounced.dz);
            bounced.dx /= length;
            bounced.dy = Math.max(0.01f, bounced.dy / length);
            bounced.dz /= length;
            march(bounced, x, y + 0.002f, z, distance, lens, time, false, bounced.other, 0);
            r += fresnel * bounced.other[0];
            g += fresnel * bounced.other[1];
            b += fresnel * bounced.other[2];
        }
        float glint = light * 1.1f * Math.max(0, Math.abs(wave) * 2.4f - 0.34f) * (0.15f + upward);
        rgb[at] = r + glint;
        rgb[at + 1] = g + glint;
        rgb[at + 2] = b + glint;
        return distance;
    }
}

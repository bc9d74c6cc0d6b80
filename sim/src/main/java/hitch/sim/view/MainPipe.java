package hitch.sim.view;

import hitch.sim.pipe.Noise;
import hitch.sim.scene.Kind;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Thing;

/**
 * The main beyond the pipe's end: a wider pipe lying across, with its own flow. In its frame x goes along it to the right, y up, z
 * away from the connection.
 */
public final class MainPipe {
    /** How far the head goes straight into the main before it has turned along it, feet. */
    private static final double TURN = 0.7;
    /** How far beyond the pipe's end the main's axis lies, in its radii. */
    private static final float OVER = 0.82f;

    private static final float MIDDLE_Y = -0.02f;

    private final Noise noise;
    private final float radius;
    private final float side;
    private final String sort;
    private final float water;

    MainPipe(Scenario scenario) {
        noise = new Noise(scenario.seed() + 5);
        Thing main = scenario.things(Kind.MAIN).stream()
                .findFirst()
                .orElseGet(() -> Thing.at(
                        Kind.MAIN,
                        scenario.pipes().getLast().to(),
                        3,
                        Kind.MAIN.usual(),
                        Kind.MAIN.sorts().getFirst()));
        // No narrower than what opens into it.
        radius = (float) Math.max(main.amount() / 24, scenario.pipes().getLast().size() / 24.0 * 1.3);
        side = main.clock() > 6 ? -1 : 1;
        sort = main.sort();
        water = MIDDLE_Y - radius * 0.30f;
    }

    /** How far the head has turned along the main when it is so far past the end, radians to the right. */
    static double turned(double past, double side) {
        double share = Math.clamp(past / TURN, 0, 1);
        return side * Math.PI / 2 * share * share * (3 - 2 * share);
    }

    /** Puts a ray of a lens that is past the pipe's end where it stands in the main, turned as the head is. */
    void enter(Ray ray, double past) {
        double yaw = turned(past, side);
        float c = (float) Math.cos(yaw);
        float s = (float) Math.sin(yaw);
        float dx = ray.dx * c + ray.dz * s;
        ray.dz = ray.dz * c - ray.dx * s;
        ray.dx = dx;
        double along = Math.max(0, past - TURN * 0.5);
        float aside = ray.x;
        ray.x = (float) (side * along) + aside * c;
        ray.z = (float) Math.min(past, radius * OVER) - aside * s;
        // The head floats, its lens just over the water.
        ray.y = water + 0.11f;
    }

    /**
     * Follows a ray that is in the main, its z counted from the connection.
     *
     * @param distance how far it has come from the lens, feet
     * @return how far it went in all
     */
    float trace(Ray ray, float distance, float time, float[] rgb, int at) {
        float oz = ray.z - radius * OVER;
        float oy = ray.y - MIDDLE_Y;
        float a = ray.dy * ray.dy + ray.dz * ray.dz;
        float b = oy * ray.dy + oz * ray.dz;
        float c = oy * oy + oz * oz - radius * radius;
        float root = b * b - a * c;
        float wall = root < 0 || a < 1e-6f ? 30 : (-b + (float) Math.sqrt(root)) / a;
        float flow = ray.dy < -1e-4f ? (water - ray.y) / ray.dy : 30;
        boolean wet = flow > 0 && flow < wall;
        float go = Math.max(0, Math.min(wet ? flow : wall, 30));
        float gone = distance + go;
        float x = ray.x + ray.dx * go;
        float y = oy + ray.dy * go;
        float z = oz + ray.dz * go;
        if (wet) {
            flow(ray, x, z, gone, time, rgb, at);
        } else {
            wall(ray, x, y, z, gone, rgb, at);
        }
        return gone;
    }

    private void wall(Ray ray, float x, float y, float z, float gone, float[] rgb, int at) {
        float round = (float) Math.atan2(y, z);
        float spot = noise.rough(x * 4 + 300, round * radius * 6 + 40, 0, 4);
        float fine = noise.rough(x * 22 + 300, round * radius * 26 + 90, 0, 3);
        float facing = Math.max(0.05f, Math.abs((y * ray.dy + z * ray.dz) / radius));
        float light = 1.7f * Light.falloff(gone) * (0.05f + 0.95f * facing * facing) + Light.round(gone);
        float shade = 0.55f + 0.65f * spot + 0.4f * (fine - 0.5f);
        float toJoint = Math.abs((float) Math.IEEEremainder(x + 0.9, sort.equals("plastic") ? 9 : 3));
        shade *= toJoint < 0.025f ? 0.3f : 1;
        float line = y - (water - MIDDLE_Y);
        shade *= line < 0.09f ? 0.55f + 4 * Math.max(0, line) : 1;
        float r = sort.equals("clay") ? 0.50f : sort.equals("plastic") ? 0.34f : 0.42f;
        float g = sort.equals("clay") ? 0.29f : sort.equals("plastic") ? 0.46f : 0.40f;
        float b = sort.equals("clay") ? 0.17f : sort.equals("plastic") ? 0.38f : 0.36f;
        // The mouth of the pipe that the head came by.
        float mouth = (float) Math.hypot(x, y);
        if (z < 0 && mouth < radius * 0.72f) {
            shade *= mouth > radius * 0.64f ? 1.5f : 0.10f;
        }
        rgb[at] = r * shade * light;
        rgb[at + 1] = g * shade * light;
        rgb[at + 2] = b * shade * light;
    }

    private void flow(Ray ray, float x, float z, float gone, float time, float[] rgb, int at) {
        float light = Light.falloff(gone);
        float wave = noise.rough((x - time * 1.5f) * 5 + 500, z * 19, 0, 3);
        float foam = Math.max(0, noise.rough((x - time * 1.5f) * 1.7f + 700, z * 7, 0, 4) - 0.60f) * 3;
        float upward = Math.max(0.05f, -ray.dy);
        float murk = light * (0.10f + 0.2f * upward) + 0.6f * Light.round(gone);
        float glint = light * Math.max(0, wave - 0.56f) * (0.5f + upward) * 2.4f;
        rgb[at] = (0.30f + foam) * murk + glint;
        rgb[at + 1] = (0.27f + foam) * murk + glint;
        rgb[at + 2] = (0.17f + 0.8f * foam) * murk + glint;
    }
}

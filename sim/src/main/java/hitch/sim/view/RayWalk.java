package hitch.sim.view;

import hitch.sim.pipe.Bore;
import hitch.sim.pipe.Noise;
import hitch.sim.pipe.Skin;
import hitch.sim.scene.Kind;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Thing;
import java.util.List;

/** Follows one ray from the lens until it meets the wall, water, the main or daylight, and writes what it sees there. */
final class RayWalk {
    private static final int MOST_STEPS = 110;

    private final Bore bore;
    private final Skin skin;
    private final WallLight wall;
    private final WaterSurface surface;
    private final Murk murk;
    private final MainPipe main;
    private final Approach approach;
    private final List<Thing> vents;

    RayWalk(Scenario scenario, Bore bore, Skin skin) {
        Noise noise = new Noise(scenario.seed() + 5);
        this.bore = bore;
        this.skin = skin;
        this.wall = new WallLight(skin, scenario.seed());
        this.surface = new WaterSurface(noise);
        this.murk = new Murk(noise);
        this.main = new MainPipe(scenario);
        this.approach = new Approach(bore, skin);
        this.vents = scenario.things(Kind.VENT);
    }

    /** A place of the wall that lies as far as those round it. */
    void between(Ray ray, Shot shot, float far, float[] rgb, int at) {
        Lens lens = shot.lens;
        ray.from(lens.x + ray.dx * far, lens.y + ray.dy * far, ray.dz * far);
        double station = lens.station + lens.sign * ray.z;
        float row = bore.row(station);
        float ox = ray.x - lens.sign * bore.rowAxisX((int) row);
        float oy = ray.y - bore.rowAxisY((int) row);
        float r = (float) Math.sqrt(ox * ox + oy * oy);
        float angle = Approach.angle(lens.sign * ox, oy);
        wall.shade(
                ray,
                lens.sign,
                station,
                row,
                angle,
                ox,
                oy,
                r,
                bore.rowRadius((int) row),
                far,
                shot.time,
                day(station),
                rgb,
                at);
    }

    /**
     * @param ray looks the way it is to be followed
     * @param start so far from the lens nothing is met, feet
     * @return how far it went, feet
     */
    float follow(Ray ray, Shot shot, float start, float[] rgb, int at) {
        ray.onWall = false;
        ray.from(shot.lens.x, shot.lens.y, 0);
        if (shot.past >= 0) {
            main.enter(ray, shot.past);
            return main.trace(ray, 0, shot.time, rgb, at);
        }
        float gone = march(ray, shot, shot.curved ? 0.01f : start, 0, true, rgb, at);
        if (shot.under) {
            murk.veil(ray, shot.time, gone, rgb, at);
        }
        return gone;
    }

    private float march(Ray ray, Shot shot, float start, float before, boolean mirror, float[] rgb, int at) {
        Lens lens = shot.lens;
        float t = start;
        float last = 0;
        ray.step(start);
        // How fast the ray nears a straight wall: along the pipe it can go far in one step.
        float across = (float) Math.sqrt(ray.dx * ray.dx + ray.dy * ray.dy) + 0.10f;
        if (!shot.curved) {
            t = approach.run(ray, lens, shot.wettest, start, across);
            last = ray.last;
        }
        for (int step = 0; step < MOST_STEPS; step++) {
            double station = lens.station + lens.sign * ray.z;
            if (lens.sign > 0 && station > bore.end()) {
                ray.z = (float) (station - bore.end());
                return main.trace(ray, t + before, shot.time, rgb, at);
            }
            if (lens.sign < 0 && station < bore.start() && !vents.isEmpty()) {
                return sky(ray, t + before, rgb, at);
            }
            float row = bore.row(station);
            float ox = ray.x - lens.sign * bore.rowAxisX((int) row);
            float oy = ray.y - bore.rowAxisY((int) row);
            float radius = bore.rowRadius((int) row);
            float r = (float) Math.sqrt(ox * ox + oy * oy);
            float room = radius - skin.highest((int) row) - r;
            float angle = 0;
            float longest = Approach.farthestStep(0);
            boolean near = room < 0.02f;
            if (near) {
                angle = Approach.angle(lens.sign * ox, oy);
                float height = skin.height(row, angle);
                room = radius - height - r;
                longest = Approach.farthestStep(height);
            }
            if (mirror && !shot.water.isDry()) {
                boolean wet = shot.isWet(station, oy, radius);
                if (!shot.under && wet && ray.dy < 0) {
                    return onWater(ray, shot, last - t, t + before, rgb, at);
                }
                if (shot.under && !wet) {
                    if (t - last > 0.004f) {
                        float half = (t - last) / 2;
                        ray.step(-half);
                        t -= half;
                        continue;
                    }
                    surface.fromBelow(ray, station, t + before, shot.time, rgb, at);
                    return t + before;
                }
            }
            if (room < 0.0012f) {
                if (room < -0.004f && t - last > 0.003f) {
                    float half = (t - last) / 2;
                    ray.step(-half);
                    t -= half;
                    continue;
                }
                ray.onWall = mirror;
                float day = day(station);
                wall.shade(
                        ray,
                        lens.sign,
                        station,
                        row,
                        near ? angle : Approach.angle(lens.sign * ox, oy),
                        ox,
                        oy,
                        r,
                        radius,
                        t + before,
                        shot.time,
                        day,
                        rgb,
                        at);
                return t + before;
            }
            if (t + before > Shot.FAR) {
                break;
            }
            last = t;
            float go =
                    Math.max(0.003f, Math.min(room * 0.85f / across, shot.curved ? Math.min(0.05f, longest) : longest));
            if (shot.curved) {
                float cx = bore.curveX((int) row);
                float cy = bore.curveY((int) row);
                if (cx != 0 || cy != 0) {
                    ray.bend(lens.sign * cx, cy, go);
                    across = (float) Math.sqrt(ray.dx * ray.dx + ray.dy * ray.dy) + 0.10f;
                }
            }
            ray.step(go);
            t += go;
        }
        rgb[at] = rgb[at + 1] = rgb[at + 2] = 0.002f;
        return Shot.FAR;
    }

    /** Goes back to where the ray came into the water, and mirrors there. */
    private float onWater(Ray ray, Shot shot, float back, float gone, float[] rgb, int at) {
        float low = back;
        float high = 0;
        for (int i = 0; i < 7; i++) {
            float middle = (low + high) / 2;
            double station = shot.lens.station + shot.lens.sign * (ray.z + ray.dz * middle);
            bore.axis(station, ray.axis);
            if (shot.isWet(station, ray.y + ray.dy * middle - ray.axis[1], bore.radius(station))) {
                high = middle;
            } else {
                low = middle;
            }
        }
        ray.step(low);
        float distance = gone + low;
        double station = shot.lens.station + shot.lens.sign * ray.z;
        float sky = surface.fromAbove(ray, station, distance, shot.time, rgb, at);
        if (sky > 0 && distance < 6) {
            float r = rgb[at];
            float g = rgb[at + 1];
            float b = rgb[at + 2];
            surface.bounce(ray, station, distance, shot.time);
            march(ray, shot, 0.004f, distance, false, rgb, at);
            ray.onWall = false;
            rgb[at] = r + sky * rgb[at];
            rgb[at + 1] = g + sky * rgb[at + 1];
            rgb[at + 2] = b + sky * rgb[at + 2];
        }
        return distance;
    }

    /** Light that falls in by an open end, at a station. */
    private float day(double station) {
        if (vents.isEmpty()) {
            return 0;
        }
        double in = station - bore.start();
        return in < 0 ? 0.9f : (float) (0.16 / (0.12 + in * in));
    }

    private static float sky(Ray ray, float gone, float[] rgb, int at) {
        float up = 0.85f + 0.3f * ray.dy;
        rgb[at] = 1.25f * up;
        rgb[at + 1] = 1.4f * up;
        rgb[at + 2] = 1.6f * up;
        return gone;
    }
}

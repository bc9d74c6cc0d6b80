package hitch.sim.view;

import hitch.sim.pipe.Bore;
import hitch.sim.pipe.Noise;
import hitch.sim.pipe.Skin;
import hitch.sim.scene.Kind;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import hitch.sim.scene.Thing;
import java.util.List;

/**
 * Draws what a lens sees in a drawn pipe: rays are marched through the bore until they meet the wall, water, the main or daylight, then
 * what stands in the bore is put before them. A few rays are followed first; their neighbours start where those came near something.
 */
public final class PipeView {
    private static final int MOST_STEPS = 110;
    private static final float FAR = 14;
    /** Every so many pixels, both ways, a ray is followed from the lens. */
    private static final int APART = 8;
    /** Places of the wall whose distances differ by no more than this share lie on one smooth piece of it. */
    private static final float SAME = 0.05f;
    /** Water is as murky as this: light sinks to a third over so many feet. */
    private static final float CLEAR = 0.42f;

    private final Bore bore;
    private final Skin skin;
    private final WallLight wall;
    private final WaterSurface surface;
    private final WaterLevel level;
    private final MainPipe main;
    private final Standing standing;
    private final List<Thing> vents;
    private final Noise noise;
    private final Approach approach;

    public PipeView(Scenario scenario, Bore bore, Skin skin, Take take) {
        this.bore = bore;
        this.skin = skin;
        this.noise = new Noise(scenario.seed() + 5);
        this.wall = new WallLight(skin, scenario.seed());
        this.surface = new WaterSurface(noise);
        this.level = new WaterLevel(scenario, bore, take);
        this.main = new MainPipe(scenario);
        this.standing = new Standing(scenario, bore, take);
        this.approach = new Approach(bore, skin);
        this.vents = scenario.things(Kind.VENT);
    }

    /** One picture being drawn: what is the same for all of its rays. */
    private final class Shot {
        final Lens lens;
        final float time;
        final WaterLevel.Ahead water;
        final boolean curved;
        /** No water lies higher than this below the axis, in the bore's radii's frame; less than any wall where it is dry. */
        final float wettest;
        /** The lens is below the water. */
        final boolean under;
        /** How far the head is past the pipe's end, in the main. */
        final double past;

        Shot(Lens lens, double t) {
            this.lens = lens;
            this.time = (float) t;
            this.water = new WaterLevel.Ahead(level, lens.station, lens.sign, FAR, t);
            this.curved = bore.bends(lens.station, lens.station + lens.sign * FAR);
            this.wettest = water.isDry() ? Float.NEGATIVE_INFINITY : water.deepest();
            this.past = lens.sign > 0 ? lens.station - bore.end() : -1;
            float[] axis = new float[2];
            bore.axis(lens.station, axis);
            this.under = past < 0 && lens.y - axis[1] < water.at(lens.station) - bore.radius(lens.station);
        }
    }

    /**
     * Draws one picture in linear light.
     *
     * @param t second of the take
     * @param rgb three floats a pixel, row by row, 0 dark to about 1 bright; overwritten
     * @param depth how far each pixel's ray went, feet; overwritten
     */
    public void draw(Lens lens, double t, int width, int height, float[] rgb, float[] depth) {
        Shot shot = new Shot(lens, t);
        float scale = Lens.scale(width);
        Ray ray = new Ray();
        float[] unseen = new float[3];
        int across = width / APART + 2;
        float[] coarse = new float[across * (height / APART + 2)];
        for (int i = 0; i < coarse.length; i++) {
            lens.direct(i % across * APART - width / 2f, height / 2f - i / across * APART, scale, ray);
            coarse[i] = follow(ray, shot, 0.01f, unseen, 0);
        }
        Sheet sheet = new Sheet(width, height, rgb, depth, new boolean[width * height], Lens.ways(width, height));
        for (int y = 0; y < height; y += 2) {
            for (int x = 0; x < width; x += 2) {
                int node = y / APART * across + x / APART;
                float near = Math.min(
                        Math.min(coarse[node], coarse[node + 1]),
                        Math.min(coarse[node + across], coarse[node + across + 1]));
                trace(ray, shot, sheet, y * width + x, near);
            }
        }
        // Then those in the middle of four that are known, slantwise, and those between the four beside them.
        for (int y = 1; y < height; y += 2) {
            for (int x = 1; x < width; x += 2) {
                fill(ray, shot, sheet, x, y, width + 1, width - 1);
            }
        }
        for (int y = 0; y < height; y++) {
            for (int x = 1 - (y & 1); x < width; x += 2) {
                fill(ray, shot, sheet, x, y, 1, width);
            }
        }
        standing.draw(lens, t, shot.under ? CLEAR : Float.POSITIVE_INFINITY, width, height, depth, rgb);
    }

    /**
     * The picture as far as it is drawn.
     *
     * @param walls where the wall itself is seen, straight
     * @param ways which way each pixel looks from an unturned lens
     */
    private record Sheet(int width, int height, float[] rgb, float[] depth, boolean[] walls, float[] ways) {}

    /** @param near what lies about there is no nearer than this, feet */
    private void trace(Ray ray, Shot shot, Sheet sheet, int at, float near) {
        shot.lens.turn(sheet.ways(), at * 3, ray);
        sheet.depth()[at] = follow(ray, shot, Math.max(0.01f, near * 0.9f - 0.015f), sheet.rgb(), at * 3);
        sheet.walls()[at] = ray.onWall && !shot.curved && !shot.under;
    }

    /** Fills in a pixel from those that lie {@code one} and {@code other} before and after it, if they show one smooth piece of wall. */
    private void fill(Ray ray, Shot shot, Sheet sheet, int x, int y, int one, int other) {
        int at = y * sheet.width() + x;
        if (x == 0 || y == 0 || x == sheet.width() - 1 || y == sheet.height() - 1) {
            trace(ray, shot, sheet, at, 0);
            return;
        }
        float[] depth = sheet.depth();
        float a = depth[at - one];
        float b = depth[at + one];
        float c = depth[at - other];
        float d = depth[at + other];
        float least = Math.min(Math.min(a, b), Math.min(c, d));
        float most = Math.max(Math.max(a, b), Math.max(c, d));
        boolean[] walls = sheet.walls();
        if (most - least < least * SAME
                && walls[at - one]
                && walls[at + one]
                && walls[at - other]
                && walls[at + other]) {
            shot.lens.turn(sheet.ways(), at * 3, ray);
            depth[at] = (a + b + c + d) / 4;
            walls[at] = true;
            between(ray, shot, depth[at], sheet.rgb(), at * 3);
        } else {
            trace(ray, shot, sheet, at, least);
        }
    }

    /** A place of the wall that lies as far as those round it. */
    private void between(Ray ray, Shot shot, float far, float[] rgb, int at) {
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

    private float follow(Ray ray, Shot shot, float start, float[] rgb, int at) {
        ray.onWall = false;
        ray.from(shot.lens.x, shot.lens.y, 0);
        if (shot.past >= 0) {
            main.enter(ray, shot.past);
            return main.trace(ray, 0, shot.time, rgb, at);
        }
        float gone = march(ray, shot, shot.curved ? 0.01f : start, 0, true, rgb, at);
        if (shot.under) {
            veil(ray, shot, gone, rgb, at);
        }
        return gone;
    }

    /** What is seen under water fades into what drifts in it. */
    private void veil(Ray ray, Shot shot, float gone, float[] rgb, int at) {
        float clear = (float) Math.exp(-gone / CLEAR);
        float drift = noise.rough(ray.dx * 5 + shot.time * 0.3f + 40, ray.dy * 5 - shot.time * 0.2f + 60, 0, 3);
        float fleck = fleck(ray.dx * 30 + shot.time * 0.9f, ray.dy * 30 + shot.time * 0.5f);
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
            boolean near = room < 0.02f;
            if (near) {
                angle = Approach.angle(lens.sign * ox, oy);
                room = radius - skin.height(row, angle) - r;
            }
            if (mirror && !shot.water.isDry()) {
                boolean wet = inWater(shot, station, oy, radius);
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
            if (t + before > FAR) {
                break;
            }
            last = t;
            float go = Math.max(0.003f, Math.min(room * 0.85f / across, shot.curved ? 0.05f : 0.4f));
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
        return FAR;
    }

    private static boolean inWater(Shot shot, double station, float oy, float radius) {
        if (oy > shot.water.deepest() - radius) {
            return false;
        }
        float depth = shot.water.at(station);
        return depth > 0 && oy < depth - radius;
    }

    /** Goes back to where the ray came into the water, and mirrors there. */
    private float onWater(Ray ray, Shot shot, float back, float gone, float[] rgb, int at) {
        float low = back;
        float high = 0;
        for (int i = 0; i < 7; i++) {
            float middle = (low + high) / 2;
            double station = shot.lens.station + shot.lens.sign * (ray.z + ray.dz * middle);
            bore.axis(station, ray.axis);
            if (inWater(shot, station, ray.y + ray.dy * middle - ray.axis[1], bore.radius(station))) {
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

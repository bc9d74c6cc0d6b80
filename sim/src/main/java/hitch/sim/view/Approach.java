package hitch.sim.view;

import hitch.sim.pipe.Bore;
import hitch.sim.pipe.Skin;

/** Takes a ray through a straight bore to just before the wall: nearly all the time that a picture takes is spent here. */
final class Approach {
    private static final int MOST = 60;
    private static final float REACH = 14;
    private static final float FARTHEST_STEP = 0.4f;
    /** Where the wall lies so far back it is open, and what stands beyond the opening must not be stepped over, feet. */
    private static final float OPEN = -0.005f;

    private static final float OPEN_STEP = 0.008f;

    private final Bore bore;
    private final Skin skin;
    private final float[] axisX;
    private final float[] axisY;
    private final float[] radii;

    Approach(Bore bore, Skin skin) {
        this.bore = bore;
        this.skin = skin;
        axisX = bore.profile().axisX();
        axisY = bore.profile().axisY();
        radii = bore.profile().radius();
    }

    /** The longest step that may be taken where the wall stands in by so much, feet. */
    static float farthestStep(float height) {
        return height < OPEN ? OPEN_STEP : FARTHEST_STEP;
    }

    /**
     * Moves the ray on until it is at the wall, where water may lie, or past the pipe's ends.
     *
     * @param wettest the most that water stands above the bottom, feet
     * @param start how far from the lens it stands already, feet; it goes back if that is too far
     * @return how far from the lens it came
     */
    float run(Ray ray, Lens lens, float wettest, float start, float across) {
        float x = ray.x;
        float y = ray.y;
        float z = ray.z;
        float dx = ray.dx;
        float dy = ray.dy;
        float dz = ray.dz;
        float sign = lens.sign;
        float first = bore.row(lens.station);
        float rows = sign * Bore.PER_FOOT;
        float end = radii.length - 3;
        float most = bore.row(bore.end());
        float least = bore.row(bore.start());
        float t = start;
        float last = 0;
        boolean begun = false;
        for (int step = 0; step < MOST; step++) {
            float row = first + z * rows;
            if (row < least || row > most) {
                if (sign > 0 ? row > most : row < 1 || row < least) {
                    break;
                }
            }
            int i = (int) Math.max(1, Math.min(row, end));
            float ox = x - sign * axisX[i];
            float oy = y - axisY[i];
            float radius = radii[i];
            boolean wet = oy < wettest - radius;
            float r = (float) Math.sqrt(ox * ox + oy * oy);
            float room = radius - skin.highest(i) - r;
            float longest = FARTHEST_STEP;
            if (room < 0.02f) {
                float height = skin.height(Math.max(1, Math.min(row, end)), angle(sign * ox, oy));
                room = radius - height - r;
                longest = farthestStep(height);
            }
            if (!begun && (room < 0 || wet) && t > 0.02f) {
                // The neighbours saw further than this ray may start.
                float back = t * 0.4f;
                x -= dx * back;
                y -= dy * back;
                z -= dz * back;
                t -= back;
                continue;
            }
            begun = true;
            if (wet || room < 0.0012f && (room >= -0.004f || t - last <= 0.003f)) {
                break;
            }
            float go;
            if (room < 0.0012f) {
                go = (last - t) / 2;
            } else {
                last = t;
                go = Math.max(0.003f, Math.min(room * 0.88f / across, longest));
            }
            if (t > REACH) {
                break;
            }
            x += dx * go;
            y += dy * go;
            z += dz * go;
            t += go;
        }
        ray.from(x, y, z);
        ray.last = last;
        return t;
    }

    /** Clockwise from the top, 0 to two pi; a rational fit, good to a thousandth. */
    static float angle(float x, float y) {
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
}

package hitch.sim.view;

import hitch.sim.pipe.Bore;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The camera at a moment: where it is and which way it looks, in a frame turned to face along its run: x to its right, y up, z
 * forward, feet.
 */
public final class Lens {
    /** Half of what it sees from left to right, radians. */
    public static final float HALF_ANGLE = 0.74f;

    private static final Map<String, float[]> WAYS = new ConcurrentHashMap<>();

    final double station;
    final int sign;
    final float x;
    final float y;
    /** Which way a point of the picture looks: rows of the turn from the lens to the pipe. */
    private final float[] turn = new float[9];

    /**
     * @param station of the lens, feet
     * @param sign +1 looking with the flow, -1 against it
     * @param height of the lens above the bottom, feet
     * @param sway sideways and up, feet
     * @param turned yaw, pitch and roll, radians
     */
    public Lens(Bore bore, double station, int sign, double height, float[] sway, float[] turned) {
        this.station = station;
        this.sign = sign;
        float[] axis = new float[2];
        bore.axis(station, axis);
        this.x = sign * axis[0] + sway[0];
        this.y = axis[1] - bore.radius(station) + (float) height + sway[1];
        double cy = Math.cos(turned[0]);
        double sy = Math.sin(turned[0]);
        double cp = Math.cos(turned[1]);
        double sp = Math.sin(turned[1]);
        double cr = Math.cos(turned[2]);
        double sr = Math.sin(turned[2]);
        // Roll about the lens, then pitch, then yaw.
        turn[0] = (float) (cy * cr - sy * sp * sr);
        turn[1] = (float) (-cy * sr - sy * sp * cr);
        turn[2] = (float) (sy * cp);
        turn[3] = (float) (cp * sr);
        turn[4] = (float) (cp * cr);
        turn[5] = (float) sp;
        turn[6] = (float) (-sy * cr - cy * sp * sr);
        turn[7] = (float) (sy * sr - cy * sp * cr);
        turn[8] = (float) (cy * cp);
    }

    public double station() {
        return station;
    }

    /** +1 looking with the flow, -1 against it. */
    public int sign() {
        return sign;
    }

    /** Pixels a radian, in a picture so wide. */
    static float scale(int width) {
        return width / (2 * HALF_ANGLE);
    }

    /** Sets {@code ray} to look through a point of the picture, given as pixels from its middle, up positive. */
    void direct(float u, float v, float scale, Ray ray) {
        float[] way = new float[3];
        way(u, v, scale, way, 0);
        turn(way, 0, ray);
    }

    /** Which way each pixel of a picture looks when the lens is not turned, three floats each. */
    static float[] ways(int width, int height) {
        return WAYS.computeIfAbsent(width + "x" + height, k -> {
            float[] ways = new float[width * height * 3];
            for (int i = 0; i < width * height; i++) {
                way(i % width + 0.5f - width / 2f, height / 2f - i / width - 0.5f, scale(width), ways, i * 3);
            }
            return ways;
        });
    }

    /** Equal angles to equal lengths, as wide lenses draw. */
    private static void way(float u, float v, float scale, float[] out, int at) {
        float r = (float) Math.sqrt(u * u + v * v) / scale;
        float s = r < 1e-5f ? 1 / scale : (float) Math.sin(r) / r / scale;
        out[at] = u * s;
        out[at + 1] = v * s;
        out[at + 2] = (float) Math.cos(r);
    }

    /** Sets {@code ray} to look a way that was told as seen from an unturned lens. */
    void turn(float[] way, int at, Ray ray) {
        float a = way[at];
        float b = way[at + 1];
        float c = way[at + 2];
        ray.dx = turn[0] * a + turn[1] * b + turn[2] * c;
        ray.dy = turn[3] * a + turn[4] * b + turn[5] * c;
        ray.dz = turn[6] * a + turn[7] * b + turn[8] * c;
    }

    /**
     * Where a point shows: out gets pixels from the left, from the top, and its distance.
     *
     * @param px,py,pz from the lens, feet, in its frame
     * @return whether it lies before the lens
     */
    public boolean project(float px, float py, float pz, int width, int height, float[] out) {
        float a = turn[0] * px + turn[3] * py + turn[6] * pz;
        float b = turn[1] * px + turn[4] * py + turn[7] * pz;
        float c = turn[2] * px + turn[5] * py + turn[8] * pz;
        float across = (float) Math.sqrt(a * a + b * b);
        float distance = (float) Math.sqrt(across * across + c * c);
        if (distance < 0.03f || c < -0.3f * distance) {
            return false;
        }
        float r = across < 1e-6f ? 0 : (float) Math.atan2(across, c) * scale(width) / across;
        out[0] = width / 2f + a * r;
        out[1] = height / 2f - b * r;
        out[2] = distance;
        return true;
    }
}

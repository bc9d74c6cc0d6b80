package hitch.sim.view;

import hitch.sim.pipe.Bore;

/** Brings places of the pipe into the lens's frame, round its bends. */
public final class Frames {
    private static final int PER_FOOT = 24;
    private static final double REACH = 10;

    private final Bore bore;
    private final Lens lens;
    private final boolean curved;
    /** At every step ahead: the middle, and which way right, up and on point, twelve floats. */
    private float[] ahead;

    public Frames(Bore bore, Lens lens) {
        this.bore = bore;
        this.lens = lens;
        this.curved = bore.bends(lens.station, lens.station + lens.sign * REACH);
        if (curved) {
            walk();
        }
    }

    private void walk() {
        int steps = (int) (REACH * PER_FOOT) + 2;
        ahead = new float[steps * 12];
        float[] f = {0, 0, 0, 1, 0, 0, 0, 1, 0, 0, 0, 1};
        float step = 1f / PER_FOOT;
        for (int i = 0; i < steps; i++) {
            System.arraycopy(f, 0, ahead, i * 12, 12);
            double station = lens.station + lens.sign * (double) i / PER_FOOT;
            float kx = lens.sign * bore.curveX((int) bore.row(station)) * step;
            float ky = bore.curveY((int) bore.row(station)) * step;
            for (int k = 0; k < 3; k++) {
                float right = f[3 + k];
                float up = f[6 + k];
                float on = f[9 + k];
                f[k] += on * step;
                f[9 + k] = on + kx * right + ky * up;
                f[3 + k] = right - kx * on;
                f[6 + k] = up - ky * on;
            }
        }
    }

    /** Points that are given right and up from the middle of the pipe, and along it from a station, as seen with the flow. */
    public float[] place(float[] points, double station) {
        float[] out = new float[points.length];
        float[] axis = new float[2];
        for (int i = 0; i < points.length; i += 3) {
            double at = station + points[i + 2];
            bore.axis(at, axis);
            place(points[i] + axis[0], points[i + 1] + axis[1], at, out, i);
        }
        return out;
    }

    /** A point that is given right and up of the pipe's straight line at a station. */
    public void place(float x, float y, double station, float[] out, int at) {
        float z = (float) (lens.sign * (station - lens.station));
        float right = lens.sign * x;
        if (!curved || z < 0) {
            out[at] = right - lens.x;
            out[at + 1] = y - lens.y;
            out[at + 2] = z;
            return;
        }
        int i = Math.min((int) (z * PER_FOOT), ahead.length / 12 - 1) * 12;
        float past = z - (float) (i / 12) / PER_FOOT;
        for (int k = 0; k < 3; k++) {
            out[at + k] = ahead[i + k] + right * ahead[i + 3 + k] + y * ahead[i + 6 + k] + past * ahead[i + 9 + k];
        }
        out[at] -= lens.x;
        out[at + 1] -= lens.y;
    }
}

package hitch.sim.view;

import hitch.sim.pipe.Bore;

/** One picture that is being drawn: what is the same for all of its rays. */
final class Shot {
    /** Nothing is followed farther than this, feet. */
    static final float FAR = 14;

    final Lens lens;
    final float time;
    final WaterLevel.Ahead water;
    /** The pipe bends somewhere ahead. */
    final boolean curved;
    /** No water stands higher than this above the bottom, feet; infinitely low where it is dry. */
    final float wettest;
    /** The lens is below the water. */
    final boolean under;
    /** How far the head is past the pipe's end, in the main, feet; less than nothing where it is not. */
    final double past;

    Shot(Lens lens, Bore bore, WaterLevel level, double t) {
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

    /** Whether a place is under water, given by its height above the axis. */
    boolean isWet(double station, float aboveAxis, float radius) {
        if (aboveAxis > water.deepest() - radius) {
            return false;
        }
        float depth = water.at(station);
        return depth > 0 && aboveAxis < depth - radius;
    }
}

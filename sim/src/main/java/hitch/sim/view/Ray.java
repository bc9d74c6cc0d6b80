package hitch.sim.view;

/** A ray on its way: where it is and where it goes, in the lens's frame, and working space for what it meets. */
final class Ray {
    float x;
    float y;
    float z;
    float dx;
    float dy;
    float dz;
    /** How far from the lens it was surely still in the open, feet. */
    float last;
    /** Whether it ended at the wall itself, seen straight. */
    boolean onWall;

    final float[] axis = new float[2];
    final float[] look = new float[6];

    void step(float by) {
        x += dx * by;
        y += dy * by;
        z += dz * by;
    }

    void from(float px, float py, float pz) {
        x = px;
        y = py;
        z = pz;
    }

    /** Turns with the pipe, so that the frame stays along it while the ray goes straight. */
    void bend(float curveX, float curveY, float by) {
        float along = dz * by;
        float tx = curveX * along;
        float ty = curveY * along;
        float nx = dx - tx * dz;
        float ny = dy - ty * dz;
        float nz = dz + tx * dx + ty * dy;
        float length = (float) Math.sqrt(nx * nx + ny * ny + nz * nz);
        dx = nx / length;
        dy = ny / length;
        dz = nz / length;
    }

    void normalize() {
        float length = (float) Math.sqrt(dx * dx + dy * dy + dz * dz);
        dx /= length;
        dy /= length;
        dz /= length;
    }
}

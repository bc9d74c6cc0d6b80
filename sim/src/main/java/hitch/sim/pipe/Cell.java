package hitch.sim.pipe;

/** One place of the wall while it is painted: how far it stands into the bore (feet), its colour (linear light) and how wet it is. */
final class Cell {
    double station;
    double angle;
    float radius;
    /** How far round, in steps that noise can be asked at: 0 to 24. */
    float turn;

    float height;
    /** How far a rim of this pipe stands in at its end, feet. */
    float lip;
    /** How far it stands in here already because a joint is near, feet. */
    float stands;

    float red;
    float green;
    float blue;
    float wet;

    /** A rough value of this place, 0 to 1, with about so many bumps to a foot in every direction. */
    float grain(Noise noise, double perFoot, int octaves) {
        return grain(noise, perFoot, 1, octaves);
    }

    /** The same, with bumps drawn out along the pipe so many times. */
    float grain(Noise noise, double perFoot, double drawn, int octaves) {
        int round = (int) Math.max(3, Math.round(perFoot * 2 * Math.PI * radius));
        return noise.rough(
                (float) (station * perFoot / drawn), (float) (angle / (2 * Math.PI) * round), round, octaves);
    }

    /** A rough value that changes only round the pipe, so many bumps in all, 0 to 1. */
    float rim(Noise noise, int bumps, double seed, int octaves) {
        return noise.rough((float) seed, (float) (angle / (2 * Math.PI) * bumps), bumps, octaves);
    }

    void colour(float r, float g, float b) {
        red = r;
        green = g;
        blue = b;
    }

    /** Lays a colour over what is there, 0 none of it to 1 only it. */
    void cover(double share, float r, float g, float b) {
        float s = (float) Math.clamp(share, 0, 1);
        red += (r - red) * s;
        green += (g - green) * s;
        blue += (b - blue) * s;
    }

    void shade(double factor) {
        float by = (float) Math.max(0.04, factor);
        red *= by;
        green *= by;
        blue *= by;
    }

    void wetten(double share) {
        wet = (float) Math.max(wet, Math.min(1, share));
    }

    /** Raises the wall to {@code h} where it is lower. */
    void fill(double h) {
        height = (float) Math.max(height, h);
    }

    /** How far it lies from a clock position along the wall, feet; less than nothing anticlockwise. */
    double across(double at) {
        return Math.IEEEremainder(angle - at, 2 * Math.PI) * radius;
    }

    /** How far from the bottom round the pipe, radians. */
    double fromBottom() {
        return Math.abs(angle - Math.PI);
    }

    /** How high above the middle of the bore the wall is here, in radii. */
    double up() {
        return Math.cos(angle);
    }
}

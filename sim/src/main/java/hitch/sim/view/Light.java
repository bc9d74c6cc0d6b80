package hitch.sim.view;

/** The ring of lamps round the lens. */
final class Light {
    private Light() {}

    /** Light at a distance in feet; its glare off the wall reaches further than a lamp's. */
    static float falloff(float distance) {
        return 0.05f / (distance * (float) Math.sqrt(distance) + 0.03f);
    }

    /** What comes round by the walls, about as strong in every direction. */
    static float round(float distance) {
        return 0.034f / (1 + distance * distance * 0.62f);
    }

    /** A narrow highlight of something wet that faces the lens so much, 0 to 1. */
    static float glint(float facing) {
        float f2 = facing * facing;
        float f4 = f2 * f2;
        float f8 = f4 * f4;
        return f8 * f8 * f8;
    }
}

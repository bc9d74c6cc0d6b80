package hitch.sim;

/** The main beyond the pipe's end: a wider pipe lying across, with its own flow. */
final class MainBeyond {
    private final Noise ripple;

    MainBeyond(Noise ripple) {
        this.ripple = ripple;
    }

    /**
     * Follows a ray that has left the pipe.
     *
     * @param into how far past the pipe's end it is, feet
     * @param distance how far it has come from the lens, feet
     * @return how far it went in all
     */
    float trace(PipeView.Ray ray, float x, float y, float into, float distance, float[] rgb, int at) {
        float radius = PipeShape.MAIN_RADIUS;
        float middleY = -0.02f;
        float py = y;
        float pz = into;
        float gone = distance;
        for (int i = 0; i < 60; i++) {
            float oy = py - middleY;
            float oz = pz - radius * 0.82f;
            float r = (float) Math.sqrt(oy * oy + oz * oz);
            boolean water = py < middleY - radius * 0.1f;
            if (r > radius - 0.004f || water) {
                float wide = x + ray.dx * (gone - distance);
                float spot = ripple.rough(wide * 5 + 3, (float) Math.atan2(oy, oz) * 6, 0, 4);
                float facing = Math.max(0.05f, Math.abs(oz / Math.max(r, 0.01f) * ray.dz));
                float light = 1.6f * PipeView.falloff(gone) * facing + 0.02f * (float) Math.exp(-gone / 2);
                float flow = ripple.rough(wide * 3.5f + 11, pz * 16, 0, 3);
                float shade = water
                        ? 0.16f + 2.4f * Math.max(0, flow - 0.55f)
                        : 0.60f + 0.7f * (spot - 0.5f) + (oy > 0 ? 0 : 0.35f * oy / radius);
                rgb[at] = shade * light * (water ? 0.75f : 0.92f);
                rgb[at + 1] = shade * light * (water ? 0.70f : 0.82f);
                rgb[at + 2] = shade * light * (water ? 0.52f : 0.68f);
                return gone;
            }
            float step = Math.max(0.008f, (radius - r) * 0.7f);
            py += ray.dy * step;
            pz += ray.dz * step;
            gone += step;
            if (pz < -0.01f) {
                break;
            }
        }
        rgb[at] = rgb[at + 1] = rgb[at + 2] = 0.004f;
        return gone;
    }
}

package hitch.sim.film;

/** Running means. */
final class Blur {
    private Blur() {}

    /** Smooths a picture of three floats a pixel over so many pixels to each side. */
    static void box(float[] rgb, int width, int height, int reach) {
        float[] pass = new float[rgb.length];
        along(rgb, pass, 3, width, height, width * 3, reach);
        along(pass, rgb, width * 3, height, width, 3, reach);
    }

    private static void along(float[] from, float[] to, int step, int length, int lines, int lineStep, int reach) {
        float share = 1f / (2 * reach + 1);
        for (int line = 0; line < lines; line++) {
            for (int channel = 0; channel < 3; channel++) {
                int base = line * lineStep + channel;
                float sum = 0;
                for (int i = -reach; i <= reach; i++) {
                    sum += from[base + Math.clamp(i, 0, length - 1) * step];
                }
                for (int i = 0; i < length; i++) {
                    to[base + i * step] = sum * share;
                    sum += from[base + Math.min(i + reach + 1, length - 1) * step]
                            - from[base + Math.max(i - reach, 0) * step];
                }
            }
        }
    }
}

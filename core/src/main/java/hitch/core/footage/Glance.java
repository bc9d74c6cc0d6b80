package hitch.core.footage;

/**
 * What was measured on one picture of a clip.
 *
 * @param pts the frame's presentation time, ticks
 * @param light mean brightness, 0 black to 255 white
 * @param glare share of the picture that is nearly white, 0 to 1
 * @param detail mean brightness step between neighbouring samples, 0 for an even or blurred picture
 * @param motion mean brightness change of a sample since the glance before, 0 for a still picture
 */
public record Glance(long pts, float light, float glare, float detail, float motion) {

    /**
     * Measures a picture by samples spread evenly over it.
     *
     * @param grey brightness of each sample
     * @param beside brightness a little to the right of each sample
     * @param before the samples of the glance before; null for none
     */
    public static Glance of(long pts, byte[] grey, byte[] beside, byte[] before) {
        long light = 0;
        long glare = 0;
        long detail = 0;
        long motion = 0;
        boolean compare = before != null && before.length == grey.length;
        for (int i = 0; i < grey.length; i++) {
            int here = grey[i] & 0xFF;
            light += here;
            glare += here > NEARLY_WHITE ? 1 : 0;
            detail += Math.abs(here - (beside[i] & 0xFF));
            if (compare) {
                motion += Math.abs(here - (before[i] & 0xFF));
            }
        }
        float count = Math.max(1, grey.length);
        return new Glance(pts, light / count, glare / count, detail / count, motion / count);
    }

    private static final int NEARLY_WHITE = 235;
}

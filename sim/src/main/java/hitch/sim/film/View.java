package hitch.sim.film;

/** Draws one frame of a take into linear red, green and blue. */
interface View {
    /**
     * @param t second of the take
     * @param rgb three floats a pixel, row by row, 0 dark to about 1 bright; overwritten
     */
    void draw(double t, int width, int height, float[] rgb);
}

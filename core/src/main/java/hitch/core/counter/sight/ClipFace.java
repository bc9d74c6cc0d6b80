package hitch.core.counter.sight;

/**
 * What is known of the face that one clip's counter is written in: for each answer the mean of the marks that were told
 * with certainty. A mark is judged by what is known of all faces and by its nearness to these means together (a naive
 * Bayes product of the network and a nearest-mean classifier).
 */
final class ClipFace implements GlyphJudge {
    /** Mean squared difference of cells at which nearness is worth a factor of e. */
    private static final double SPREAD = 0.012;
    /** Marks of an answer before its mean is relied on in full. */
    private static final double ENOUGH = 4;
    /** How far a mark may lie from every mean before nearness says nothing. */
    private static final double FAR = 6;
    /** The network's word is never taken for less than this. */
    private static final float LEAST = 1e-4f;

    private final GlyphJudge general;
    private final double[][] sums = new double[GlyphNet.ANSWERS][GlyphCutter.COLUMNS * GlyphCutter.ROWS];
    private final double[] counts = new double[GlyphNet.ANSWERS];

    ClipFace(GlyphJudge general) {
        this.general = general;
    }

    /**
     * @param weight how many ordinary marks it counts for
     */
    void learn(Glyph glyph, int answer, double weight) {
        for (int i = 0; i < glyph.cells().length; i++) {
            sums[answer][i] += weight * glyph.cells()[i];
        }
        counts[answer] += weight;
    }

    @Override
    public float[] judge(Glyph glyph) {
        float[] judged = general.judge(glyph).clone();
        double[] distances = new double[judged.length];
        double nearest = FAR;
        for (int a = 0; a < judged.length; a++) {
            distances[a] = counts[a] == 0 ? FAR : Math.min(FAR, distance(glyph, a) / SPREAD);
            nearest = Math.min(nearest, distances[a]);
        }
        float total = 0;
        for (int a = 0; a < judged.length; a++) {
            double trust = Math.min(1, counts[a] / ENOUGH);
            // An answer that was never met is neither favoured nor ruled out.
            double worth = counts[a] == 0 ? Math.min(distances[a], nearest + 2) : distances[a] * trust;
            judged[a] = (float) (Math.max(LEAST, judged[a]) * Math.exp(-worth));
            total += judged[a];
        }
        for (int a = 0; a < judged.length; a++) {
            judged[a] /= total;
        }
        return judged;
    }

    private double distance(Glyph glyph, int answer) {
        double sum = 0;
        for (int i = 0; i < glyph.cells().length; i++) {
            double off = glyph.cells()[i] - sums[answer][i] / counts[answer];
            sum += off * off;
        }
        return sum / glyph.cells().length;
    }
}

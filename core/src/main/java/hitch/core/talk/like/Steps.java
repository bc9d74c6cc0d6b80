package hitch.core.talk.like;

import java.util.Random;

/** The weights of a layer while it is taught, and how each went lately (Kingma and Ba, Adam, 2015, algorithm 1). */
final class Steps {
    private static final double LATELY = 0.9;
    private static final double LONG = 0.999;
    private static final double LEAST = 1e-8;
    /** What is less wrong than this teaches nothing. */
    private static final double RIGHT = 1e-6;

    private final float[][] weights;
    private final double[][] asked;
    private final double[][] lately;
    private final double[][] squares;
    private int steps;

    /** @param spread how far apart the first weights are, as the variance of what a cell lets out of numbers of variance 1 */
    Steps(int cells, int width, double spread, Random random) {
        weights = new float[cells][width + 1];
        asked = new double[cells][width + 1];
        lately = new double[cells][width + 1];
        squares = new double[cells][width + 1];
        for (float[] cell : weights) {
            for (int i = 0; i < width; i++) {
                cell[i] = (float) (random.nextGaussian() * Math.sqrt(spread / width));
            }
        }
    }

    /** These weights, as they are and will become. */
    Layer layer() {
        return new Layer(weights);
    }

    /**
     * Notes what one phrase asks for.
     *
     * @param wrong how much too much each cell let out
     * @param in what came in
     */
    void take(double[] wrong, double[] in) {
        for (int cell = 0; cell < wrong.length; cell++) {
            double much = wrong[cell];
            if (Math.abs(much) < RIGHT) {
                continue;
            }
            double[] own = asked[cell];
            for (int i = 0; i < in.length; i++) {
                own[i] += much * in[i];
            }
            own[in.length] += much;
        }
    }

    /**
     * Goes a step towards what the last phrases asked for.
     *
     * @param phrases how many they were
     * @param length of a step
     * @param forgets what part of its weight each gives up by a step of length 1
     */
    void go(int phrases, double length, double forgets) {
        steps++;
        double near = 1 - Math.pow(LATELY, steps);
        double far = 1 - Math.pow(LONG, steps);
        for (int cell = 0; cell < weights.length; cell++) {
            for (int i = 0; i < weights[cell].length; i++) {
                double mean = asked[cell][i] / phrases;
                asked[cell][i] = 0;
                lately[cell][i] = LATELY * lately[cell][i] + (1 - LATELY) * mean;
                squares[cell][i] = LONG * squares[cell][i] + (1 - LONG) * mean * mean;
                double way = lately[cell][i] / near / (Math.sqrt(squares[cell][i] / far) + LEAST);
                weights[cell][i] -= (float) (length * (way + forgets * weights[cell][i]));
            }
        }
    }
}

package hitch.core.talk.like;

/**
 * A layer of a net: each of its cells weighs all that comes in, and adds a number of its own.
 *
 * @param weights of each cell, for each number that comes in; its own number stands last
 */
record Layer(float[][] weights) {
    /** What goes out of each cell. */
    double[] of(double[] in) {
        double[] out = new double[weights.length];
        for (int cell = 0; cell < out.length; cell++) {
            float[] own = weights[cell];
            double sum = own[in.length];
            for (int i = 0; i < in.length; i++) {
                sum += own[i] * in[i];
            }
            out[cell] = sum;
        }
        return out;
    }

    /** How many numbers come in. */
    int width() {
        return weights[0].length - 1;
    }
}

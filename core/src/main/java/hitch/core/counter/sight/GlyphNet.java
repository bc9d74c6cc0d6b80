package hitch.core.counter.sight;

import java.io.DataInputStream;
import java.io.IOException;
import java.io.InputStream;

/**
 * Tells which digit a mark is: a network of one hidden layer (a multilayer perceptron; Rumelhart, Hinton and Williams,
 * 1986) whose weights were learnt from drawn digits of many typefaces and ship with the program.
 */
final class GlyphNet {
    /** The answers: the ten digits, and anything else. */
    static final int ANSWERS = 11;

    static final int OTHER = 10;
    static final int INPUTS = GlyphCutter.COLUMNS * GlyphCutter.ROWS + 1;

    /** Loaded on first use. */
    private static final class Shipped {
        static final GlyphNet NET = load();
    }

    private final int hidden;
    private final float[] first;
    private final float[] second;

    /**
     * @param first weights into each hidden cell, its own bias last: {@code hidden} rows of {@link #INPUTS} and one
     * @param second weights into each answer: {@link #ANSWERS} rows of {@code hidden} and one
     */
    GlyphNet(int hidden, float[] first, float[] second) {
        this.hidden = hidden;
        this.first = first;
        this.second = second;
    }

    static GlyphNet shipped() {
        return Shipped.NET;
    }

    private static GlyphNet load() {
        try (InputStream file = GlyphNet.class.getResourceAsStream("glyphs.bin");
                DataInputStream in = new DataInputStream(new java.io.BufferedInputStream(file))) {
            int hidden = in.readInt();
            float[] first = weights(in, hidden * (INPUTS + 1));
            float[] second = weights(in, ANSWERS * (hidden + 1));
            return new GlyphNet(hidden, first, second);
        } catch (IOException e) {
            throw new IllegalStateException("the digits' weights are missing from the program", e);
        }
    }

    private static float[] weights(DataInputStream in, int count) throws IOException {
        float scale = in.readFloat();
        float[] read = new float[count];
        for (int i = 0; i < count; i++) {
            read[i] = in.readShort() * scale;
        }
        return read;
    }

    /** How likely {@code glyph} is each answer; sums to 1. */
    float[] judge(Glyph glyph) {
        float[] inputs = inputs(glyph);
        float[] cells = new float[hidden];
        for (int h = 0; h < hidden; h++) {
            int row = h * (INPUTS + 1);
            float sum = first[row + INPUTS];
            for (int i = 0; i < INPUTS; i++) {
                sum += first[row + i] * inputs[i];
            }
            cells[h] = Math.max(0, sum);
        }
        float[] answers = new float[ANSWERS];
        float most = Float.NEGATIVE_INFINITY;
        for (int a = 0; a < ANSWERS; a++) {
            int row = a * (hidden + 1);
            float sum = second[row + hidden];
            for (int h = 0; h < hidden; h++) {
                sum += second[row + h] * cells[h];
            }
            answers[a] = sum;
            most = Math.max(most, sum);
        }
        float total = 0;
        for (int a = 0; a < ANSWERS; a++) {
            answers[a] = (float) Math.exp(answers[a] - most);
            total += answers[a];
        }
        for (int a = 0; a < ANSWERS; a++) {
            answers[a] /= total;
        }
        return answers;
    }

    /** The grid's cells, and the mark's proportion. */
    static float[] inputs(Glyph glyph) {
        float[] inputs = new float[INPUTS];
        System.arraycopy(glyph.cells(), 0, inputs, 0, glyph.cells().length);
        inputs[INPUTS - 1] =
                (float) glyph.box().width() / Math.max(1, glyph.box().height());
        return inputs;
    }
}

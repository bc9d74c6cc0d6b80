package hitch.core.counter.sight;

import java.io.DataInputStream;
import java.io.IOException;
import java.io.InputStream;

/**
 * Tells which digit a mark is: a network of one hidden layer (a multilayer perceptron; Rumelhart, Hinton and Williams,
 * 1986) whose weights were learnt from drawn digits of many typefaces and ship with the program.
 */
final class GlyphNet implements GlyphJudge {
    /** The answers in their order: the digits, the letters that units are written with, in either case, anything else. */
    static final String ANSWERED = "0123456789ftm?";

    static final int ANSWERS = ANSWERED.length();
    static final int OTHER = ANSWERS - 1;
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
        // Turned round, so that the cells of one input lie side by side and are added in one sweep.
        this.first = new float[first.length];
        for (int h = 0; h < hidden; h++) {
            for (int i = 0; i <= INPUTS; i++) {
                this.first[i * hidden + h] = first[h * (INPUTS + 1) + i];
            }
        }
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

    @Override
    public float[] judge(Glyph glyph) {
        float[] inputs = inputs(glyph);
        float[] cells = java.util.Arrays.copyOfRange(first, INPUTS * hidden, (INPUTS + 1) * hidden);
        int[] lit = new int[INPUTS + 1];
        int count = 0;
        for (int i = 0; i < INPUTS; i++) {
            lit[count] = i;
            count += inputs[i] != 0 ? 1 : 0;
        }
        int next = 0;
        for (; next + 4 <= count; next += 4) {
            addFour(cells, lit, next, inputs);
        }
        for (; next < count; next++) {
            addTo(cells, lit[next] * hidden, inputs[lit[next]]);
        }
        for (int h = 0; h < hidden; h++) {
            cells[h] = Math.max(0, cells[h]);
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

    /** Adds four inputs one after another in a single sweep, so that the cells are fetched and put away once for them. */
    private void addFour(float[] cells, int[] lit, int from, float[] inputs) {
        int a = lit[from] * hidden;
        int b = lit[from + 1] * hidden;
        int c = lit[from + 2] * hidden;
        int d = lit[from + 3] * hidden;
        float byA = inputs[lit[from]];
        float byB = inputs[lit[from + 1]];
        float byC = inputs[lit[from + 2]];
        float byD = inputs[lit[from + 3]];
        for (int h = 0; h < cells.length; h++) {
            cells[h] = cells[h] + first[a + h] * byA + first[b + h] * byB + first[c + h] * byC + first[d + h] * byD;
        }
    }

    private void addTo(float[] cells, int row, float by) {
        for (int h = 0; h < cells.length; h++) {
            cells[h] += first[row + h] * by;
        }
    }

    /** The grid's cells, and the mark's proportion, which says nothing more once it is far from a digit's. */
    static float[] inputs(Glyph glyph) {
        float[] inputs = new float[INPUTS];
        System.arraycopy(glyph.cells(), 0, inputs, 0, glyph.cells().length);
        inputs[INPUTS - 1] = Math.min(
                2, (float) glyph.box().width() / Math.max(1, glyph.box().height()));
        return inputs;
    }
}

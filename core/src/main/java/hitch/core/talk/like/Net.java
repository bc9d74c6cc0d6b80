package hitch.core.talk.like;

import hitch.core.finding.Topic;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * What words are like by their sense: a small net, of one layer of cells between the sense of words and what they are said of.
 *
 * @param matters what words can be said of
 * @param phrases how many phrases it was taught by
 * @param between from the sense to the cells; what is below nothing is nothing
 * @param out from the cells to the matters
 */
public record Net(List<Optional<Topic>> matters, int phrases, Layer between, Layer out) {
    /** The sense of words has numbers of some 0.05; a net learns sooner by numbers of some 0.2. */
    private static final double WIDENED = 4;

    private static final int STEPS = 127;

    /** The one that was taught by the phrases that come with the program. */
    static Net shipped() {
        try (InputStream in = Objects.requireNonNull(Net.class.getResourceAsStream("alike.net"))) {
            return read(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Of each matter, the logarithm of how likely it is, up to what all have in common. */
    double[] of(float[] sense) {
        return out.of(cells(widened(sense)));
    }

    double[] cells(double[] widened) {
        double[] cells = between.of(widened);
        for (int i = 0; i < cells.length; i++) {
            cells[i] = Math.max(cells[i], 0);
        }
        return cells;
    }

    static double[] widened(float[] sense) {
        double[] in = new double[sense.length];
        for (int i = 0; i < in.length; i++) {
            in[i] = sense[i] * WIDENED;
        }
        return in;
    }

    /** Written so that {@link #read} reads it: a weight is a byte, in steps of a 127th of the largest of its cell. */
    public void write(OutputStream to) throws IOException {
        DataOutputStream data = new DataOutputStream(to);
        data.writeInt(phrases);
        data.writeInt(matters.size());
        for (Optional<Topic> matter : matters) {
            data.writeUTF(Phrase.name(matter));
        }
        write(between, data);
        write(out, data);
    }

    private static void write(Layer layer, DataOutputStream data) throws IOException {
        data.writeInt(layer.weights().length);
        data.writeInt(layer.width());
        for (float[] cell : layer.weights()) {
            float most = Float.MIN_NORMAL;
            for (float weight : cell) {
                most = Math.max(most, Math.abs(weight));
            }
            data.writeFloat(most);
            for (float weight : cell) {
                data.writeByte(Math.round(weight / most * STEPS));
            }
        }
    }

    static Net read(InputStream from) throws IOException {
        DataInputStream data = new DataInputStream(from);
        int phrases = data.readInt();
        int many = data.readInt();
        List<Optional<Topic>> matters = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            matters.add(Phrase.matter(data.readUTF()));
        }
        return new Net(List.copyOf(matters), phrases, layer(data), layer(data));
    }

    private static Layer layer(DataInputStream data) throws IOException {
        float[][] weights = new float[data.readInt()][];
        int width = data.readInt();
        for (int cell = 0; cell < weights.length; cell++) {
            float most = data.readFloat();
            weights[cell] = new float[width + 1];
            for (int i = 0; i <= width; i++) {
                weights[cell][i] = data.readByte() * most / STEPS;
            }
        }
        return new Layer(weights);
    }
}

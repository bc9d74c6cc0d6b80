package hitch.sense;

import ai.onnxruntime.OnnxTensor;
import ai.onnxruntime.OrtEnvironment;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession;
import java.io.FileNotFoundException;
import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;

/**
 * What a few English words mean, as a point: words that mean alike lie close together. It is a sentence model for general use
 * (all-MiniLM-L6-v2, Apache License 2.0: six layers, taught on a billion pairs of everyday sentences and nothing of this trade), in the
 * form in which langchain4j hands it on. May be asked from any thread.
 */
public final class WordSense {
    /** How many numbers tell a point. */
    public static final int NUMBERS = 384;

    /** More than a long sentence has. */
    private static final int MOST_PIECES = 64;

    private static final String MODEL = "/all-minilm-l6-v2-q.onnx";
    private static final String TABLE = "/all-minilm-l6-v2-q-tokenizer.json";
    private static final System.Logger LOG = System.getLogger(WordSense.class.getName());

    /** Loaded when it is first asked for: it takes a third of a second. */
    private static final class Shipped {
        static final Optional<WordSense> SENSE = load();

        private static Optional<WordSense> load() {
            try {
                return Optional.of(new WordSense());
            } catch (IOException | OrtException | LinkageError e) {
                LOG.log(
                        System.Logger.Level.WARNING,
                        "Words are told by their letters alone: their sense is missing.",
                        e);
                return Optional.empty();
            }
        }
    }

    private final OrtEnvironment ort = OrtEnvironment.getEnvironment();
    private final OrtSession session;
    private final WordPieces pieces;

    private WordSense() throws IOException, OrtException {
        try (InputStream model = open(MODEL);
                InputStream table = open(TABLE);
                OrtSession.SessionOptions options = new OrtSession.SessionOptions()) {
            options.setIntraOpNumThreads(1);
            session = ort.createSession(model.readAllBytes(), options);
            pieces = new WordPieces(table);
        }
    }

    private static InputStream open(String name) throws IOException {
        InputStream in = WordSense.class.getResourceAsStream(name);
        if (in == null) {
            throw new FileNotFoundException("The archive of the sentence model lacks " + name + ".");
        }
        return in;
    }

    /** The one that comes with the program; none where its native code does not run. */
    public static Optional<WordSense> shipped() {
        return Shipped.SENSE;
    }

    /**
     * Where some words lie.
     *
     * @param words a phrase or a sentence; what is beyond some sixty pieces of words is left out
     * @return {@link #NUMBERS} numbers, of length 1 together; nothing where it could not be reckoned
     */
    public Optional<float[]> of(String words) {
        long[] numbers = pieces.of(words, MOST_PIECES);
        long[] ones = new long[numbers.length];
        Arrays.fill(ones, 1);
        try (OnnxTensor ids = OnnxTensor.createTensor(ort, new long[][] {numbers});
                OnnxTensor seen = OnnxTensor.createTensor(ort, new long[][] {ones});
                OnnxTensor kinds = OnnxTensor.createTensor(ort, new long[1][numbers.length]);
                OrtSession.Result out =
                        session.run(Map.of("input_ids", ids, "attention_mask", seen, "token_type_ids", kinds))) {
            return Optional.of(middle(((float[][][]) out.get(0).getValue())[0]));
        } catch (OrtException e) {
            LOG.log(System.Logger.Level.WARNING, "The sense of some words could not be reckoned.", e);
            return Optional.empty();
        }
    }

    /** The mean of what was told of each piece, brought to length 1, as the model's makers use it. */
    private static float[] middle(float[][] pieces) {
        float[] sum = new float[NUMBERS];
        for (float[] piece : pieces) {
            for (int i = 0; i < NUMBERS; i++) {
                sum[i] += piece[i];
            }
        }
        double squares = 0;
        for (float each : sum) {
            squares += each * each;
        }
        float length = (float) Math.max(Math.sqrt(squares), Float.MIN_NORMAL);
        for (int i = 0; i < NUMBERS; i++) {
            sum[i] /= length;
        }
        return sum;
    }
}

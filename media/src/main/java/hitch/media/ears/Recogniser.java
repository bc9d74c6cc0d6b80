package hitch.media.ears;

import ai.onnxruntime.OnnxTensor;
import ai.onnxruntime.OrtEnvironment;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession;
import hitch.media.MediaException;
import hitch.media.voice.Sound;
import hitch.models.Model;
import hitch.models.ModelException;
import hitch.models.ModelFolder;
import java.io.IOException;
import java.nio.FloatBuffer;
import java.nio.LongBuffer;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Writes down what is said. Pieces of 5 to 20 seconds in which somebody speaks are heard best; noise alone is heard as words that nobody said. */
public final class Recogniser implements Ears {
    /** The samples a second that it hears. */
    public static final int RATE = 16_000;

    /** No one says more parts of words a second. */
    private static final double MOST_A_SECOND = 6.5;

    private static final int LAYERS = 6;
    private static final int HEADS = 8;
    private static final int HEAD_SIZE = 36;
    private static final long BEGIN = 1;
    private static final long END = 2;

    private final OrtEnvironment ort = OrtEnvironment.getEnvironment();
    private final OrtSession encoder;
    private final OrtSession decoder;
    private final Tokens tokens;

    /**
     * @throws MediaException where a model is missing or damaged
     */
    public Recogniser(ModelFolder models) throws MediaException {
        try (OrtSession.SessionOptions options = new OrtSession.SessionOptions()) {
            tokens = new Tokens(Files.readAllBytes(models.file(Model.TOKENS)));
            encoder = ort.createSession(models.file(Model.ENCODER).toString(), options);
            decoder = ort.createSession(models.file(Model.DECODER).toString(), options);
        } catch (ModelException e) {
            throw new MediaException("Nothing can be written down from what is said. " + e.getMessage(), e);
        } catch (OrtException | IOException e) {
            throw new MediaException("Nothing can be written down from what is said: " + e.getMessage() + ".", e);
        }
    }

    /**
     * What is said in a piece of sound.
     *
     * @param sound at {@link #RATE}
     */
    public Heard hear(float[] sound) throws MediaException {
        if (sound.length < RATE / 10) {
            return new Heard("", 0);
        }
        long[] all = new long[sound.length];
        Arrays.fill(all, 1);
        long[] shape = {1, sound.length};
        try (OnnxTensor input = OnnxTensor.createTensor(ort, FloatBuffer.wrap(sound), shape);
                OnnxTensor mask = OnnxTensor.createTensor(ort, LongBuffer.wrap(all), shape);
                OrtSession.Result states = encoder.run(Map.of("input_values", input, "attention_mask", mask))) {
            return decode((OnnxTensor) states.get(0), mask, (int) (sound.length / (double) RATE * MOST_A_SECOND) + 2);
        } catch (OrtException e) {
            throw new MediaException("What is said could not be written down: " + e.getMessage(), e);
        }
    }

    /**
     * @param sound at a multiple of {@link #RATE}
     */
    @Override
    public Heard hear(Sound sound) throws MediaException {
        int step = sound.rate() / RATE;
        float[] out = new float[sound.samples().length / step];
        for (int i = 0; i < out.length; i++) {
            for (int k = 0; k < step; k++) {
                out[i] += sound.samples()[step * i + k] / step;
            }
        }
        return hear(out);
    }

    private Heard decode(OnnxTensor states, OnnxTensor mask, int most) throws OrtException {
        List<Integer> said = new ArrayList<>();
        double sum = 0;
        Map<String, OnnxTensor> past = new HashMap<>();
        List<OrtSession.Result> held = new ArrayList<>();
        try {
            for (int i = 0; i < LAYERS; i++) {
                for (String side : List.of("decoder", "encoder")) {
                    for (String part : List.of("key", "value")) {
                        past.put(
                                "past_key_values." + i + "." + side + "." + part,
                                OnnxTensor.createTensor(
                                        ort, FloatBuffer.allocate(0), new long[] {1, HEADS, 0, HEAD_SIZE}));
                    }
                }
            }
            long last = BEGIN;
            while (said.size() < most) {
                boolean first = said.isEmpty();
                Map<String, OnnxTensor> inputs = new HashMap<>(past);
                try (OnnxTensor ids =
                                OnnxTensor.createTensor(ort, LongBuffer.wrap(new long[] {last}), new long[] {1, 1});
                        OnnxTensor use = OnnxTensor.createTensor(ort, new boolean[] {!first})) {
                    inputs.put("input_ids", ids);
                    inputs.put("encoder_hidden_states", states);
                    inputs.put("encoder_attention_mask", mask);
                    inputs.put("use_cache_branch", use);
                    OrtSession.Result out = decoder.run(inputs);
                    held.add(out);
                    float[] scores = lastRow((OnnxTensor) out.get("logits").orElseThrow());
                    int best = 0;
                    for (int i = 1; i < scores.length; i++) {
                        best = scores[i] > scores[best] ? i : best;
                    }
                    if (best == END) {
                        break;
                    }
                    sum += logProbability(scores, best);
                    said.add(best);
                    last = best;
                    feedBack(past, out, first);
                }
            }
        } finally {
            held.forEach(OrtSession.Result::close);
        }
        return new Heard(tokens.text(said), said.isEmpty() ? 0 : sum / said.size());
    }

    /** What the decoder remembers; of the encoder only what it made at the first step. */
    private static void feedBack(Map<String, OnnxTensor> past, OrtSession.Result out, boolean first) {
        for (String name : List.copyOf(past.keySet())) {
            if (first || name.contains(".decoder.")) {
                past.put(name, (OnnxTensor)
                        out.get(name.replace("past_key_values", "present")).orElseThrow());
            }
        }
    }

    private static float[] lastRow(OnnxTensor logits) {
        FloatBuffer all = logits.getFloatBuffer();
        long[] shape = logits.getInfo().getShape();
        float[] row = new float[(int) shape[2]];
        all.position((int) ((shape[1] - 1) * shape[2]));
        all.get(row);
        return row;
    }

    private static double logProbability(float[] scores, int best) {
        double sum = 0;
        for (float s : scores) {
            sum += Math.exp(s - scores[best]);
        }
        return -Math.log(sum);
    }

    @Override
    public void close() throws MediaException {
        try {
            encoder.close();
            decoder.close();
        } catch (OrtException e) {
            throw new MediaException("The ears could not be closed: " + e.getMessage(), e);
        }
    }
}

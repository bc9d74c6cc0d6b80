package hitch.media.ears;

import ai.onnxruntime.OnnxTensor;
import ai.onnxruntime.OrtEnvironment;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession;
import java.nio.FloatBuffer;
import java.nio.LongBuffer;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** Tells how likely each part of a word comes next, a part at a time. */
final class TokenDecoder implements AutoCloseable {
    static final int BEGIN = 1;
    static final int END = 2;

    private static final int LAYERS = 6;
    private static final int HEADS = 8;
    private static final int HEAD_SIZE = 36;

    private static final List<String> NAMES = IntStream.range(0, LAYERS)
            .boxed()
            .flatMap(i -> List.of("decoder", "encoder").stream()
                    .flatMap(side -> List.of("key", "value").stream()
                            .map(kind -> "past_key_values." + i + "." + side + "." + kind)))
            .toList();

    private final OrtEnvironment ort;
    private final OrtSession session;

    TokenDecoder(OrtEnvironment ort, OrtSession session) {
        this.ort = ort;
        this.session = session;
    }

    /**
     * What stands after some parts.
     *
     * @param logProbabilities of each part to come next
     * @param memory what the decoder remembers of the parts so far; to be closed once nothing goes on from here
     * @param sound what it remembers of the sound, made at the first step
     */
    record Step(float[] logProbabilities, OrtSession.Result memory, OrtSession.Result sound) {}

    /** The step at the beginning; its memory is that of the sound, too. */
    Step begin(OnnxTensor states, OnnxTensor mask) throws OrtException {
        Map<String, OnnxTensor> past = new HashMap<>();
        try {
            for (String name : NAMES) {
                past.put(name, OnnxTensor.createTensor(ort, FloatBuffer.allocate(0), new long[] {1, HEADS, 0, HEAD_SIZE
                }));
            }
            OrtSession.Result out = run(past, states, mask, BEGIN, false);
            return new Step(logProbabilities(out), out, out);
        } finally {
            past.values().forEach(OnnxTensor::close);
        }
    }

    /** The step behind one more part. */
    Step next(Step from, int part, OnnxTensor states, OnnxTensor mask) throws OrtException {
        Map<String, OnnxTensor> past = new HashMap<>();
        for (String name : NAMES) {
            // Of the sound the decoder remembers only what it made at the first step.
            OrtSession.Result kept = name.contains(".decoder.") ? from.memory() : from.sound();
            past.put(name, (OnnxTensor)
                    kept.get(name.replace("past_key_values", "present")).orElseThrow());
        }
        OrtSession.Result out = run(past, states, mask, part, true);
        return new Step(logProbabilities(out), out, from.sound());
    }

    private OrtSession.Result run(
            Map<String, OnnxTensor> past, OnnxTensor states, OnnxTensor mask, int part, boolean goesOn)
            throws OrtException {
        Map<String, OnnxTensor> inputs = new HashMap<>(past);
        try (OnnxTensor ids = OnnxTensor.createTensor(ort, LongBuffer.wrap(new long[] {part}), new long[] {1, 1});
                OnnxTensor use = OnnxTensor.createTensor(ort, new boolean[] {goesOn})) {
            inputs.put("input_ids", ids);
            inputs.put("encoder_hidden_states", states);
            inputs.put("encoder_attention_mask", mask);
            inputs.put("use_cache_branch", use);
            return session.run(inputs);
        }
    }

    private static float[] logProbabilities(OrtSession.Result out) {
        OnnxTensor logits = (OnnxTensor) out.get("logits").orElseThrow();
        FloatBuffer all = logits.getFloatBuffer();
        long[] shape = logits.getInfo().getShape();
        float[] row = new float[(int) shape[2]];
        all.position((int) ((shape[1] - 1) * shape[2]));
        all.get(row);
        float most = Float.NEGATIVE_INFINITY;
        for (float r : row) {
            most = Math.max(most, r);
        }
        double sum = 0;
        for (float r : row) {
            sum += Math.exp(r - most);
        }
        float whole = (float) (most + Math.log(sum));
        for (int i = 0; i < row.length; i++) {
            row[i] -= whole;
        }
        return row;
    }

    @Override
    public void close() throws OrtException {
        session.close();
    }
}

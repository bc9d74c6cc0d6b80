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
import java.util.Arrays;
import java.util.Map;

/** Writes down what is said. Pieces of 5 to 20 seconds in which somebody speaks are heard best; noise alone is heard as words that nobody said. */
public final class Recogniser implements Ears {
    /** The samples a second that it hears. */
    public static final int RATE = 16_000;

    /** No one says more parts of words a second. */
    private static final double MOST_A_SECOND = 6.5;

    private final OrtEnvironment ort = OrtEnvironment.getEnvironment();
    private final OrtSession encoder;
    private final TokenDecoder decoder;
    private final Tokens tokens;
    private final Favoured favoured;

    /** Ears that expect nothing. */
    public Recogniser(ModelFolder models) throws MediaException {
        this(models, Favoured.NOTHING);
    }

    /**
     * @param favoured what is thought likelier to be said
     * @throws MediaException where a model is missing or damaged
     */
    public Recogniser(ModelFolder models, Favoured favoured) throws MediaException {
        this.favoured = favoured;
        try (OrtSession.SessionOptions options = new OrtSession.SessionOptions()) {
            tokens = new Tokens(Files.readAllBytes(models.file(Model.TOKENS)));
            encoder = ort.createSession(models.file(Model.ENCODER).toString(), options);
            decoder = new TokenDecoder(
                    ort, ort.createSession(models.file(Model.DECODER).toString(), options));
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
            int most = (int) (sound.length / (double) RATE * MOST_A_SECOND) + 2;
            return new Beam(decoder, tokens, favoured).write((OnnxTensor) states.get(0), mask, most);
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

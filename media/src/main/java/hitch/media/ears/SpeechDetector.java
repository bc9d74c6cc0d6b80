package hitch.media.ears;

import ai.onnxruntime.OnnxTensor;
import ai.onnxruntime.OrtEnvironment;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession;
import hitch.media.MediaException;
import hitch.models.Model;
import hitch.models.ModelException;
import hitch.models.ModelFolder;
import java.nio.FloatBuffer;
import java.nio.LongBuffer;
import java.util.Map;

/** Tells whether somebody speaks, step by step through sound in order. */
public final class SpeechDetector implements AutoCloseable {
    /** Samples of a step, at {@link Recogniser#RATE}. */
    public static final int STEP = 512;

    /** Length of a step, seconds. */
    public static final double STEP_S = (double) STEP / Recogniser.RATE;

    private static final int BEFORE = 64;
    private static final int STATE = 2 * 128;

    private final OrtEnvironment ort = OrtEnvironment.getEnvironment();
    private final OrtSession session;
    private final float[] window = new float[BEFORE + STEP];
    private final float[] state = new float[STATE];

    /**
     * @throws MediaException where the model is missing or damaged
     */
    public SpeechDetector(ModelFolder models) throws MediaException {
        try (OrtSession.SessionOptions options = new OrtSession.SessionOptions()) {
            options.setIntraOpNumThreads(1);
            session = ort.createSession(models.file(Model.SPEECH).toString(), options);
        } catch (ModelException e) {
            throw new MediaException("Nobody can be listened to. " + e.getMessage(), e);
        } catch (OrtException e) {
            throw new MediaException("Nobody can be listened to: " + e.getMessage() + ".", e);
        }
    }

    /**
     * How likely somebody speaks in the next step.
     *
     * @param samples {@link #STEP} of them
     * @return 0 to 1
     */
    public float next(float[] samples) throws MediaException {
        System.arraycopy(window, STEP, window, 0, BEFORE);
        System.arraycopy(samples, 0, window, BEFORE, STEP);
        try (OnnxTensor input = OnnxTensor.createTensor(ort, FloatBuffer.wrap(window), new long[] {1, window.length});
                OnnxTensor before = OnnxTensor.createTensor(ort, FloatBuffer.wrap(state), new long[] {2, 1, 128});
                OnnxTensor rate =
                        OnnxTensor.createTensor(ort, LongBuffer.wrap(new long[] {Recogniser.RATE}), new long[0]);
                OrtSession.Result out = session.run(Map.of("input", input, "state", before, "sr", rate))) {
            ((OnnxTensor) out.get("stateN").orElseThrow()).getFloatBuffer().get(state);
            return ((OnnxTensor) out.get(0)).getFloatBuffer().get(0);
        } catch (OrtException e) {
            throw new MediaException("The sound could not be listened to: " + e.getMessage(), e);
        }
    }

    @Override
    public void close() throws MediaException {
        try {
            session.close();
        } catch (OrtException e) {
            throw new MediaException("The detector could not be closed: " + e.getMessage(), e);
        }
    }
}

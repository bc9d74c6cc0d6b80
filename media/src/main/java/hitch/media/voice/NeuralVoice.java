package hitch.media.voice;

import ai.onnxruntime.OrtException;
import hitch.media.MediaException;
import hitch.models.ModelException;
import hitch.models.ModelFolder;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/**
 * The shipped voice, by one of its speakers; all of them share a model, which is loaded when one first speaks and takes a second or two. What
 * is spoken is even in loudness, has no silence before and after, and a breath at its commas.
 */
public final class NeuralVoice implements Narrator {
    private static final int OWN_RATE = 24_000;

    private final VoiceModel model;
    private final Speaking how;

    public NeuralVoice(ModelFolder models, Speaking how) {
        this(new VoiceModel(models), how);
    }

    private NeuralVoice(VoiceModel model, Speaking how) {
        this.model = model;
        this.how = how;
    }

    @Override
    public String id() {
        return how.text() + " " + ModelFolder.VERSION;
    }

    @Override
    public Narrator as(Speaking other) {
        return new NeuralVoice(model, other);
    }

    /** Lets go of the model; it is loaded again when something is to be spoken. */
    @Override
    public void rest() {
        model.rest();
    }

    /** Pieces of a sentence, which part at its commas, with a breath between them. */
    private static float[] joined(List<float[]> pieces) {
        List<float[]> parts = new ArrayList<>();
        for (float[] piece : pieces) {
            if (!parts.isEmpty()) {
                parts.add(new float[(int) (Breathed.COMMA * OWN_RATE)]);
            }
            parts.add(Trimmed.of(piece, OWN_RATE));
        }
        return Floats.joined(parts);
    }

    @Override
    public Sound speak(String text) throws MediaException {
        if (text.isBlank()) {
            return new Sound(new float[0], RATE);
        }
        try {
            float[] spoken = joined(model.speak(text, how));
            return Evened.of(Doubled.of(Breathed.of(spoken, OWN_RATE, text)), RATE);
        } catch (ModelException e) {
            throw new VoiceException("The voice cannot speak. " + e.getMessage(), e);
        } catch (OrtException | IOException e) {
            throw new VoiceException("The voice cannot speak: " + e.getMessage() + ".", e);
        }
    }
}

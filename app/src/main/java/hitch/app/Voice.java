package hitch.app;

import hitch.media.voice.NeuralVoice;
import hitch.media.voice.Speaker;
import hitch.models.ModelFolder;
import hitch.store.DataFolder;

/** Who speaks for the program. */
final class Voice {
    /** A little slower than it was trained, since what is told is new to whoever listens. */
    private static final double PACE = 0.97;

    private Voice() {}

    /** The narrator of what is handed over. */
    static NeuralVoice narrator() {
        return new NeuralVoice(new ModelFolder(DataFolder.path()), Speaker.WARM, PACE);
    }

    /** The technician of the simulated visits. */
    static NeuralVoice technician() {
        return new NeuralVoice(new ModelFolder(DataFolder.path()), Speaker.DEEP, 1.1);
    }
}

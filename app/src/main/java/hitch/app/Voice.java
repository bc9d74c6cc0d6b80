package hitch.app;

import hitch.media.voice.NeuralVoice;
import hitch.media.voice.Speaker;
import hitch.media.voice.Speaking;
import hitch.models.ModelFolder;
import hitch.store.DataFolder;

/** Who speaks for the program. */
final class Voice {
    private Voice() {}

    /** The narrator of what is handed over. */
    static NeuralVoice narrator() {
        return new NeuralVoice(new ModelFolder(DataFolder.path()), Speaking.USUAL);
    }

    /** The technician of the simulated visits. */
    static NeuralVoice technician() {
        return new NeuralVoice(new ModelFolder(DataFolder.path()), new Speaking(Speaker.DEEP, 1.1));
    }
}

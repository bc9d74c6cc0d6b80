package hitch.app;

import hitch.desk.Senses;
import hitch.desk.record.DeviceMicrophone;
import hitch.desk.record.Microphone;
import hitch.desk.record.SimulatedMicrophone;
import hitch.media.MediaException;
import hitch.media.ears.Favoured;
import hitch.media.ears.Listener;
import hitch.media.ears.Recogniser;
import hitch.media.voice.NeuralVoice;
import hitch.media.voice.Speaker;
import hitch.media.voice.Speaking;
import hitch.media.voice.WavFile;
import hitch.models.ModelFolder;
import hitch.store.DataFolder;
import java.nio.file.Path;

/** Who speaks for the program. */
final class Voice {
    /** Seconds of a simulated recording that are heard at most. */
    private static final double LONGEST = 120;

    private Voice() {}

    /** The narrator of what is handed over. */
    static NeuralVoice narrator() {
        return new NeuralVoice(new ModelFolder(DataFolder.path()), Speaking.USUAL);
    }

    /**
     * What the window speaks and hears with.
     *
     * <p>On a machine without a microphone, {@code -Dhitch.microphone=FILE.wav} has that recording be heard in its place.
     */
    static Senses senses() {
        String simulated = System.getProperty("hitch.microphone");
        return new Senses(
                narrator(),
                () -> new Recogniser(new ModelFolder(DataFolder.path()), Favoured.inNotes()),
                () -> simulated == null ? new DeviceMicrophone() : simulated(Path.of(simulated)),
                new Listener(new ModelFolder(DataFolder.path())));
    }

    private static Microphone simulated(Path file) {
        try {
            return new SimulatedMicrophone(WavFile.read(file, 0, LONGEST), System::nanoTime);
        } catch (MediaException e) {
            throw new IllegalArgumentException(e.getMessage(), e);
        }
    }

    /** The technician of the simulated visits. */
    static NeuralVoice technician() {
        return new NeuralVoice(new ModelFolder(DataFolder.path()), new Speaking(Speaker.DEEP, 1.1));
    }
}

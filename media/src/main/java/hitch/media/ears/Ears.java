package hitch.media.ears;

import hitch.media.MediaException;
import hitch.media.voice.Sound;

/** Who writes down what is said. */
public interface Ears extends AutoCloseable {
    /** What is said in a piece of sound. */
    Heard hear(Sound sound) throws MediaException;

    @Override
    void close() throws MediaException;

    /** Makes ears for whoever needs them; they take memory as long as they are open. */
    @FunctionalInterface
    interface Opening {
        /**
         * @throws MediaException where there are none on this machine
         */
        Ears open() throws MediaException;
    }
}

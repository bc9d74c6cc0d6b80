package hitch.media.voice;

import hitch.media.MediaException;

/** Speaks text. */
@FunctionalInterface
public interface Narrator {
    /** The samples a second that narrators speak at. */
    int RATE = 48_000;

    /**
     * @param text words to speak, figures already spelled out
     * @return the speech at {@link #RATE}; no samples for blank text
     */
    Sound speak(String text) throws MediaException;
}

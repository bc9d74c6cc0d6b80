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
     * @throws VoiceException where nothing can be spoken at all
     */
    Sound speak(String text) throws MediaException;

    /** Who speaks, how fast and by which model: speech of another name is other speech. */
    default String id() {
        return "narrator";
    }

    /** The same voice by another speaker or at another pace; a narrator who knows but one way to speak is left as it is. */
    default Narrator as(Speaking how) {
        return this;
    }

    /** Lets go of what it holds until it speaks again. */
    default void rest() {}
}

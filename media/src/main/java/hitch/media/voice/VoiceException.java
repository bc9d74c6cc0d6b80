package hitch.media.voice;

import hitch.media.MediaException;

/** Nothing can be spoken; what is to be shown can be shown without. */
public final class VoiceException extends MediaException {
    public VoiceException(String message, Throwable cause) {
        super(message, cause);
    }
}

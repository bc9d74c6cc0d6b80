package hitch.media;

import java.io.Serial;

/** Footage or sound that cannot be read or written; the message names the file and what to do. */
public class MediaException extends Exception {
    @Serial
    private static final long serialVersionUID = 1;

    public MediaException(String message) {
        super(message);
    }

    public MediaException(String message, Throwable cause) {
        super(message, cause);
    }
}

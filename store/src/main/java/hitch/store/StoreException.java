package hitch.store;

import java.io.Serial;

/** A job that cannot be read or written; the message says what happened, what was kept and what to do. */
public class StoreException extends Exception {
    @Serial
    private static final long serialVersionUID = 1;

    public StoreException(String message) {
        super(message);
    }

    public StoreException(String message, Throwable cause) {
        super(message, cause);
    }
}

package hitch.models;

/** A model is missing or damaged; the message says what cannot be done without it and what to do. */
public final class ModelException extends Exception {
    public ModelException(String message, Throwable cause) {
        super(message, cause);
    }
}

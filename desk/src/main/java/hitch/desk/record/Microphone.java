package hitch.desk.record;

/** Where sound comes in: one channel at 48,000 samples a second. Used by one thread at a time. */
public interface Microphone {
    /** Begins to listen; false where there is nothing to listen with. */
    boolean open();

    /** What was heard since it was asked last; may be nothing yet. */
    float[] heard();

    /** Listens no longer. */
    void close();
}

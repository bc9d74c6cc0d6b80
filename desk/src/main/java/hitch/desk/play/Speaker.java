package hitch.desk.play;

/** Where sound comes out: one channel at 48,000 samples a second. */
public interface Speaker {
    /** Opens the device; false where there is none, and playing goes on silent. */
    boolean open();

    /** Samples handed over and not yet heard. */
    int waiting();

    /** Hands samples over, -1 to 1; waits while the device is full. */
    void write(float[] samples);

    /** Drops what is not yet heard. */
    void flush();

    void close();
}

package hitch.store.send;

import java.io.IOException;

/**
 * A service that takes parcels over a line that can break: it says how much of a file it has, takes more of it, and says what
 * arrived. A real service fills this; the simulated outbox that ships with Hitch is one.
 */
public interface UploadService {
    /** What it is called, such as {@code the client's outbox}. */
    String called();

    /**
     * Bytes of a file that arrived so far; 0 for one of which nothing did.
     *
     * @throws IOException where it cannot be reached just now
     */
    long held(String parcel, String file) throws IOException;

    /**
     * Takes more of a file.
     *
     * @param offset where in the file the bytes belong; what {@link #held} says
     * @throws IOException where the line broke; any part of the bytes may have arrived
     */
    void append(String parcel, String file, long offset, byte[] bytes, int length) throws IOException;

    /** SHA-256 of a file as it arrived, in hexadecimal figures; blank where nothing did. */
    String sha256(String parcel, String file) throws IOException;

    /** Drops what arrived of a file, for it to be sent anew. */
    void drop(String parcel, String file) throws IOException;

    /** All of a parcel arrived: the recipient may see it. */
    void open(String parcel) throws IOException;

    /** A parcel is taken back: the recipient sees it no more, and is told why. */
    void takeBack(String parcel, String why) throws IOException;
}

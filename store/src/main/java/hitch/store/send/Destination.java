package hitch.store.send;

import hitch.media.Progress;
import hitch.store.StoreException;
import java.nio.file.Path;

/** Somewhere that a parcel is taken to. */
public interface Destination {
    /** In a few words, for the list of who got what. */
    String words();

    /**
     * Takes a parcel there, whole or not at all; the parcel itself is only read.
     *
     * @param parcel the folder of an issue
     * @throws StoreException where it did not arrive; what lies there already is said
     */
    void take(Path parcel, Progress progress) throws StoreException;
}

package hitch.store.send;

import hitch.media.Progress;
import hitch.store.StoreException;
import hitch.store.out.OutFolder;
import hitch.store.seal.SignatureFile;
import hitch.store.seal.Verified;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/**
 * The files of a parcel that is to be taken somewhere.
 *
 * @param folder where it lies
 * @param files every file, by its name within it; the manifest and its signature last, so that what is there without them is
 *     known to be incomplete
 * @param bytes of all of them
 */
record Pieces(Path folder, List<String> files, long bytes) {
    /**
     * @throws StoreException where it is not as it was made, for nothing else is sent
     */
    static Pieces of(Path parcel, Progress progress) throws StoreException {
        if (!Verified.of(parcel, progress).isWhole()) {
            throw new StoreException(
                    parcel.getFileName() + " is not as it was made: a file in it was changed, taken out or "
                            + "added. Nothing was sent. Make the parcel again.");
        }
        try {
            List<String> all = OutFolder.filesIn(parcel);
            List<String> ordered = Stream.concat(
                            all.stream().filter(f -> !isSeal(f)), all.stream().filter(Pieces::isSeal))
                    .toList();
            long bytes = 0;
            for (String file : ordered) {
                bytes += Files.size(parcel.resolve(file));
            }
            return new Pieces(parcel, ordered, bytes);
        } catch (IOException e) {
            throw new StoreException("The parcel in " + parcel + " cannot be read: " + e.getMessage(), e);
        }
    }

    private static boolean isSeal(String file) {
        return file.equals(Verified.MANIFEST) || file.equals(SignatureFile.NAME);
    }

    Path path(String file) {
        return folder.resolve(file);
    }

    /** Refuses a place that has too little room, before anything is written there. */
    void fitInto(Path place) throws IOException, StoreException {
        long room = Files.getFileStore(place).getUsableSpace();
        if (room < bytes) {
            throw new StoreException("There is too little room in " + place + ": the parcel takes " + megabytes(bytes)
                    + " and " + megabytes(room) + " are free. Nothing was written there.");
        }
    }

    static String megabytes(long bytes) {
        return String.format(Locale.ROOT, "%.1f MB", bytes / 1e6);
    }
}

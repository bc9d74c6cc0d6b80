package hitch.store.send;

import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.Fingerprint;
import hitch.store.StoreException;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Path;

/** Sends a parcel to a service piece by piece; where the line breaks it waits and goes on from what arrived. */
public final class Upload implements Destination {
    /** Bytes sent at once: small enough that little is lost where the line breaks. */
    private static final int PIECE = 1 << 18;
    /** Breaks without a byte between them before it gives up. */
    private static final int TRIES = 6;

    private static final long FIRST_WAIT_MS = 500;

    private final UploadService service;
    private final String parcelName;
    private final Waiting waiting;

    /** Waits between two tries. */
    @FunctionalInterface
    public interface Waiting {
        void millis(long millis) throws InterruptedException;
    }

    /**
     * @param parcelName what the parcel is called there; the same name goes on where it was broken off
     */
    public Upload(UploadService service, String parcelName) {
        this(service, parcelName, Thread::sleep);
    }

    public Upload(UploadService service, String parcelName, Waiting waiting) {
        this.service = service;
        this.parcelName = parcelName;
        this.waiting = waiting;
    }

    @Override
    public String words() {
        return service.called();
    }

    @Override
    public void take(Path parcel, Progress progress) throws StoreException {
        Pieces pieces = Pieces.of(parcel, progress.part(0, 0.1));
        Progress sending = progress.part(0.1, 1);
        long before = 0;
        for (String file : pieces.files()) {
            long size = send(pieces, file, before, sending);
            before += size;
        }
        retried(() -> {
            service.open(parcelName);
            return null;
        });
        progress.at(1, "done");
    }

    private long send(Pieces pieces, String file, long before, Progress progress) throws StoreException {
        Path path = pieces.path(file);
        try (RandomAccessFile in = new RandomAccessFile(path.toFile(), "r")) {
            long size = in.length();
            for (int round = 0; round < 2; round++) {
                long at = held(file, size);
                byte[] bytes = new byte[PIECE];
                int broken = 0;
                while (at < size) {
                    in.seek(at);
                    int length = in.read(bytes, 0, (int) Math.min(PIECE, size - at));
                    progress.at((double) (before + at) / Math.max(1, pieces.bytes()), "sending " + file);
                    try {
                        service.append(parcelName, file, at, bytes, length);
                        at += length;
                        broken = 0;
                    } catch (IOException e) {
                        long arrived = afterBreak(file, size, ++broken, e, progress, before + at, pieces.bytes());
                        broken = arrived > at ? 0 : broken;
                        at = arrived;
                    }
                }
                if (size == 0) {
                    retried(() -> {
                        service.append(parcelName, file, 0, new byte[0], 0);
                        return null;
                    });
                }
                if (retried(() -> service.sha256(parcelName, file)).equals(sha256(path))) {
                    return size;
                }
                // Something else arrived than was sent: once more from the beginning.
                retried(() -> {
                    service.drop(parcelName, file);
                    return null;
                });
            }
        } catch (IOException e) {
            throw new StoreException(file + " of the parcel cannot be read: " + e.getMessage(), e);
        }
        throw new StoreException(file + " arrived changed at " + service.called()
                + ", twice. It was taken away there; the parcel is not sent. Try another way.");
    }

    private long held(String file, long size) throws StoreException {
        long held = retried(() -> service.held(parcelName, file));
        if (held <= size) {
            return held;
        }
        retried(() -> {
            service.drop(parcelName, file);
            return null;
        });
        return 0;
    }

    private long afterBreak(String file, long size, int broken, IOException why, Progress progress, long done, long all)
            throws StoreException {
        if (broken >= TRIES) {
            throw gaveUp(why);
        }
        progress.at((double) done / Math.max(1, all), "the line broke; trying again");
        pause(broken);
        return held(file, size);
    }

    private interface Asked<T> {
        T of() throws IOException;
    }

    private <T> T retried(Asked<T> asked) throws StoreException {
        for (int tries = 1; ; tries++) {
            try {
                return asked.of();
            } catch (IOException e) {
                if (tries >= TRIES) {
                    throw gaveUp(e);
                }
                pause(tries);
            }
        }
    }

    private StoreException gaveUp(IOException why) {
        return new StoreException(
                "The parcel did not arrive at " + service.called() + ": " + why.getMessage()
                        + ". What arrived stays there; send it again and it goes on from there. The parcel here is whole.",
                why);
    }

    private void pause(int tries) throws StoreException {
        try {
            waiting.millis(FIRST_WAIT_MS << Math.min(tries - 1, 4));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new StoreException("Sending was stopped. What arrived stays there; send it again to go on.", e);
        }
    }

    private static String sha256(Path file) throws IOException {
        try {
            return Fingerprint.of(file, Progress.NONE);
        } catch (MediaException e) {
            throw new IOException(e.getMessage(), e);
        }
    }
}

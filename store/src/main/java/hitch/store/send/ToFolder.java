package hitch.store.send;

import hitch.media.Progress;
import hitch.store.StoreException;
import hitch.store.out.OutFolder;
import hitch.store.seal.Verified;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.concurrent.CancellationException;
import org.slf4j.LoggerFactory;

/** Into a new folder, on this machine or on a stick. */
public final class ToFolder implements Destination {
    private final Path into;
    private final String name;

    /**
     * @param into the folder that it is put into
     * @param name what the parcel is called there
     */
    public ToFolder(Path into, String name) {
        this.into = into;
        this.name = name;
    }

    @Override
    public String words() {
        return "folder " + into.resolve(name);
    }

    @Override
    public void take(Path parcel, Progress progress) throws StoreException {
        Path target = OutFolder.checked(into.resolve(name), List.of(parcel));
        if (Files.exists(target)) {
            throw new StoreException(target + " is there already and was left as it is. Choose another place.");
        }
        Path making = target.resolveSibling("." + name + ".hitch-making");
        try {
            Pieces pieces = Pieces.of(parcel, progress.part(0, 0.2));
            Files.createDirectories(into);
            pieces.fitInto(into);
            OutFolder.remove(making);
            long done = 0;
            for (String file : pieces.files()) {
                Path to = making.resolve(file);
                Files.createDirectories(to.getParent());
                done = copy(pieces.path(file), to, done, pieces.bytes(), progress.part(0.2, 0.8));
            }
            arrived(making, progress.part(0.8, 1));
            Files.move(making, target, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException e) {
            quietly(making);
            throw new StoreException(
                    "The parcel did not arrive in " + into + ": " + e.getMessage()
                            + ". It lies where it was made, whole; nothing half is left there. Is the stick still in?",
                    e);
        } catch (StoreException | CancellationException e) {
            quietly(making);
            throw e;
        }
    }

    private static long copy(Path from, Path to, long before, long all, Progress progress) throws IOException {
        long done = before;
        byte[] piece = new byte[1 << 20];
        try (InputStream in = Files.newInputStream(from);
                OutputStream out = Files.newOutputStream(to)) {
            for (int n = in.read(piece); n >= 0; n = in.read(piece)) {
                out.write(piece, 0, n);
                done += n;
                progress.at((double) done / Math.max(1, all), "copying " + from.getFileName());
            }
        }
        return done;
    }

    private static void arrived(Path folder, Progress progress) throws StoreException {
        if (!Verified.of(folder, progress).isWhole()) {
            throw new StoreException("What was copied is not what lies here, so it was taken away again. "
                    + "The place it was copied to may be failing; try another.");
        }
    }

    private static void quietly(Path folder) {
        try {
            OutFolder.remove(folder);
        } catch (IOException e) {
            LoggerFactory.getLogger(ToFolder.class).warn("what was half copied could not be taken away", e);
        }
    }
}

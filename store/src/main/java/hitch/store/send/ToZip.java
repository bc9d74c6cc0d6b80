package hitch.store.send;

import hitch.media.Progress;
import hitch.store.StoreException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Arrays;
import java.util.concurrent.CancellationException;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.slf4j.LoggerFactory;

/** Into one file that any archive program opens. */
public final class ToZip implements Destination {
    private final Path file;

    /**
     * @param file the file to write; its folder is there, and it itself is not
     */
    public ToZip(Path file) {
        this.file = file;
    }

    @Override
    public String words() {
        return "file " + file;
    }

    @Override
    public void take(Path parcel, Progress progress) throws StoreException {
        Path target = file.toAbsolutePath().normalize();
        if (Files.exists(target)) {
            throw new StoreException(target + " is there already and was left as it is. Choose another name.");
        }
        Path making = target.resolveSibling("." + target.getFileName() + ".part");
        try {
            Pieces pieces = Pieces.of(parcel, progress.part(0, 0.2));
            Files.createDirectories(target.getParent());
            pieces.fitInto(target.getParent());
            String top = target.getFileName().toString().replaceAll("(?i)\\.zip$", "") + "/";
            write(pieces, top, making, progress.part(0.2, 0.9));
            check(pieces, top, making);
            Files.move(making, target, StandardCopyOption.ATOMIC_MOVE);
            progress.at(1, "done");
        } catch (IOException e) {
            quietly(making);
            throw new StoreException(
                    "The file " + target + " could not be written: " + e.getMessage()
                            + ". The parcel lies where it was made, whole; nothing half is left.",
                    e);
        } catch (StoreException | CancellationException e) {
            quietly(making);
            throw e;
        }
    }

    private static void write(Pieces pieces, String top, Path making, Progress progress) throws IOException {
        long done = 0;
        byte[] piece = new byte[1 << 20];
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(making))) {
            for (String name : pieces.files()) {
                zip.putNextEntry(new ZipEntry(top + name));
                try (InputStream in = Files.newInputStream(pieces.path(name))) {
                    for (int n = in.read(piece); n >= 0; n = in.read(piece)) {
                        zip.write(piece, 0, n);
                        done += n;
                        progress.at((double) done / Math.max(1, pieces.bytes()), "packing " + name);
                    }
                }
                zip.closeEntry();
            }
        }
    }

    /** What was packed is what lies here; read back, since a full or failing disk is not always told when written. */
    private static void check(Pieces pieces, String top, Path packed) throws IOException, StoreException {
        try (ZipFile zip = new ZipFile(packed.toFile())) {
            for (String name : pieces.files()) {
                ZipEntry entry = zip.getEntry(top + name);
                if (entry == null || !same(zip.getInputStream(entry), Files.newInputStream(pieces.path(name)))) {
                    throw new StoreException(name + " in the file is not what lies here, so it was not kept. "
                            + "The place it was written to may be failing; try another.");
                }
            }
        }
    }

    private static boolean same(InputStream a, InputStream b) throws IOException {
        try (a;
                b) {
            byte[] one = new byte[1 << 16];
            byte[] two = new byte[1 << 16];
            while (true) {
                int n = a.readNBytes(one, 0, one.length);
                int m = b.readNBytes(two, 0, two.length);
                if (n != m || !Arrays.equals(one, 0, n, two, 0, m)) {
                    return false;
                }
                if (n == 0) {
                    return true;
                }
            }
        }
    }

    private static void quietly(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            LoggerFactory.getLogger(ToZip.class).warn("what was half packed could not be taken away", e);
        }
    }
}

package hitch.store.out;

import hitch.store.StoreException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.Collection;
import java.util.Locale;

/** A file that somebody asked for. */
public final class OutFile {
    private static final int LOOKED_AT = 4096;

    private final Path place;
    private final Path named;

    private OutFile(Path place, Path named) {
        this.place = place;
        this.named = named;
    }

    /**
     * A text; an earlier text of the same ending is replaced, anything else that stands there is not.
     *
     * @param inputs what is read to make it
     * @param ending its usual ending, such as {@code csv}
     * @throws StoreException where it must not be written
     */
    public static OutFile text(Path named, String ending, Collection<Path> inputs) throws StoreException {
        OutFile out = of(named, inputs);
        if (Files.exists(out.place)
                && !(named.toString().toLowerCase(Locale.ROOT).endsWith("." + ending) && isText(out.place))) {
            throw new StoreException(named + " stands there already and is no ." + ending
                    + " file, so it was not replaced. Choose a new name that ends in ." + ending + ".");
        }
        return out;
    }

    /**
     * A picture; an earlier PNG is replaced, anything else that stands there is not.
     *
     * @throws StoreException where it must not be written
     */
    public static OutFile picture(Path named, Collection<Path> inputs) throws StoreException {
        OutFile out = of(named, inputs);
        if (Files.exists(out.place)
                && !named.toString().toLowerCase(Locale.ROOT).endsWith(".png")) {
            throw new StoreException(
                    named + " stands there already and is no picture, so it was not replaced. Choose a new"
                            + " name that ends in .png.");
        }
        return out;
    }

    /**
     * A file that replaces nothing: footage, a record.
     *
     * @throws StoreException where it must not be written
     */
    public static OutFile fresh(Path named, Collection<Path> inputs) throws StoreException {
        OutFile out = of(named, inputs);
        if (Files.exists(out.place)) {
            throw new StoreException(named + " stands there already and was not replaced. Choose a new name.");
        }
        return out;
    }

    private static OutFile of(Path named, Collection<Path> inputs) throws StoreException {
        Path place = Guarded.place(named);
        Guarded.ordinary(place, named, false);
        Guarded.notAnInput(place, named, inputs);
        Guarded.notInAJob(place, named);
        return new OutFile(place, named);
    }

    private static boolean isText(Path file) throws StoreException {
        try (InputStream in = Files.newInputStream(file)) {
            for (byte b : in.readNBytes(LOOKED_AT)) {
                if (b == 0) {
                    return false;
                }
            }
            return true;
        } catch (IOException e) {
            throw new StoreException(file + " cannot be read, so it was not replaced: " + e.getMessage(), e);
        }
    }

    /** Where it goes. */
    public Path place() {
        return place;
    }

    /** Writes it whole or not at all. */
    public void write(String text) throws StoreException {
        write(text.getBytes(StandardCharsets.UTF_8));
    }

    /** Writes it whole or not at all. */
    public void write(byte[] bytes) throws StoreException {
        try {
            Files.createDirectories(place.getParent());
            Path part =
                    place.resolveSibling(".hitch-" + ProcessHandle.current().pid() + "-" + System.nanoTime() + ".part");
            try {
                Files.write(part, bytes, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE);
                Files.move(part, place, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
            } finally {
                Files.deleteIfExists(part);
            }
        } catch (IOException e) {
            throw new StoreException(
                    named + " could not be written: " + e.getMessage() + ". What stood there is untouched.", e);
        }
    }
}

package hitch.store;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/** All that a firm keeps outside jobs as one file, so that a second machine judges alike. It holds the files of the firm's folder and no other. */
final class FirmFile {
    private static final long LARGEST = 8L * 1024 * 1024;

    private FirmFile() {}

    static void write(Path folder, List<String> names, Path file) throws StoreException {
        if (Files.exists(file)) {
            throw new StoreException(file + " is there already and was left alone. Choose another name.");
        }
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
            for (String name : names) {
                Path from = folder.resolve(name);
                if (Files.isRegularFile(from)) {
                    zip.putNextEntry(new ZipEntry(name));
                    Files.copy(from, zip);
                    zip.closeEntry();
                }
            }
        } catch (IOException e) {
            throw new StoreException("The firm could not be written to " + file + ": " + e.getMessage(), e);
        }
    }

    /** What a file holds, by name; all of it is read before anything is kept. */
    static Map<String, byte[]> read(Path file, Predicate<String> isPart) throws StoreException {
        Map<String, byte[]> parts = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(Files.newInputStream(file), StandardCharsets.UTF_8)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (!isPart.test(entry.getName())) {
                    throw new StoreException("Nothing was taken: " + file.getFileName() + " holds \"" + entry.getName()
                            + "\", which is no part of a firm.");
                }
                byte[] bytes = zip.readNBytes((int) LARGEST + 1);
                if (bytes.length > LARGEST) {
                    throw new StoreException(
                            "Nothing was taken: \"" + entry.getName() + "\" is larger than a firm's file may be.");
                }
                parts.put(entry.getName(), bytes);
            }
        } catch (IOException | IllegalArgumentException e) {
            throw new StoreException(
                    "Nothing was taken: " + file.getFileName() + " cannot be read as a firm's file.", e);
        }
        if (parts.isEmpty()) {
            throw new StoreException(
                    "Nothing was taken: " + file.getFileName() + " is no firm's file, or an empty one.");
        }
        return parts;
    }

    static void keep(Path folder, Map<String, byte[]> parts) throws StoreException {
        try {
            Files.createDirectories(folder);
            for (Map.Entry<String, byte[]> part : parts.entrySet()) {
                Path next = folder.resolve(part.getKey() + ".part");
                Files.write(next, part.getValue());
                Files.move(
                        next,
                        folder.resolve(part.getKey()),
                        StandardCopyOption.REPLACE_EXISTING,
                        StandardCopyOption.ATOMIC_MOVE);
            }
        } catch (IOException e) {
            throw new StoreException("The firm could not be kept: " + e.getMessage(), e);
        }
    }
}

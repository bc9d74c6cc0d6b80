package hitch.models;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Locale;

/** Models as whole files in a folder. A file is put together from its parts and checked against its sum once; after that its size is enough. */
public final class ModelFolder {
    /** Changes with any of the models, so that nothing made by older ones is taken for theirs. */
    public static final String VERSION = "1";

    private static final String HOME = "/hitch/models/";

    private final Path folder;

    /**
     * @param data the data folder
     */
    public ModelFolder(Path data) {
        this.folder = data.resolve("models-" + VERSION);
    }

    /**
     * The whole file of a model.
     *
     * @throws ModelException where a part is missing or damaged, or the folder cannot be written
     */
    public synchronized Path file(Model model) throws ModelException {
        Path whole = folder.resolve(model.file());
        try {
            Sum sum = sum(model);
            if (!Files.isRegularFile(whole) || Files.size(whole) != sum.bytes()) {
                join(model, sum, whole);
            }
            return whole;
        } catch (IOException e) {
            throw new ModelException(
                    "The model \"" + model.file() + "\" that ships with Hitch cannot be used: " + e.getMessage()
                            + ". Install Hitch anew.",
                    e);
        }
    }

    private static void join(Model model, Sum sum, Path whole) throws IOException {
        Files.createDirectories(whole.getParent());
        Path part = whole.resolveSibling(
                whole.getFileName() + "." + ProcessHandle.current().pid());
        try {
            MessageDigest digest = sha256();
            try (OutputStream out =
                    new DigestOutputStream(new BufferedOutputStream(Files.newOutputStream(part), 1 << 16), digest)) {
                for (int i = 0; i < sum.parts(); i++) {
                    String name = sum.parts() == 1
                            ? model.file()
                            : String.format(Locale.ROOT, "%s.part%02d", model.file(), i);
                    try (InputStream in = open(name)) {
                        in.transferTo(out);
                    }
                }
            }
            if (!HexFormat.of().formatHex(digest.digest()).equals(sum.sha256())) {
                throw new IOException("it is damaged");
            }
            Files.move(part, whole, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(part);
        }
    }

    private record Sum(int parts, long bytes, String sha256) {}

    private static Sum sum(Model model) throws IOException {
        try (InputStream in = open("sums.csv")) {
            for (String line : new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .toList()) {
                String[] fields = line.split(",");
                if (fields[0].equals(model.file())) {
                    return new Sum(Integer.parseInt(fields[1]), Long.parseLong(fields[2]), fields[3]);
                }
            }
        }
        throw new IOException("it is not on the list of sums");
    }

    private static InputStream open(String name) throws IOException {
        InputStream in = ModelFolder.class.getResourceAsStream(HOME + name);
        if (in == null) {
            throw new IOException("\"" + name + "\" is missing");
        }
        return in;
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}

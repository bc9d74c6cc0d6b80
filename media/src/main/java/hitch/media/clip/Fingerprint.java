package hitch.media.clip;

import hitch.media.MediaException;
import hitch.media.Progress;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** The SHA-256 (FIPS 180-4) of a file, by which a clip is known. */
public final class Fingerprint {
    private Fingerprint() {}

    /** 64 hexadecimal digits. */
    public static String of(Path file, Progress progress) throws MediaException {
        if (Files.exists(file) && !Files.isRegularFile(file)) {
            throw new MediaException(file.getFileName() + " is no ordinary file, so nothing was read from it.");
        }
        try (InputStream in = Files.newInputStream(file)) {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            long size = Math.max(1, Files.size(file));
            long read = 0;
            byte[] block = new byte[1 << 18];
            for (int n = in.read(block); n > 0; n = in.read(block)) {
                digest.update(block, 0, n);
                read += n;
                progress.at((double) read / size, "fingerprinting " + file.getFileName());
            }
            return HexFormat.of().formatHex(digest.digest());
        } catch (IOException e) {
            throw new MediaException(file.getFileName() + " cannot be read: " + e.getMessage(), e);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}

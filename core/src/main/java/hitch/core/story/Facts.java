package hitch.core.story;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** The fingerprint of what a shot tells: the first half of a SHA-256 over what is written on it, and its weight. */
final class Facts {
    private static final int BYTES = 16;

    private Facts() {}

    static String of(Shot shot) {
        // What is spoken may be worded otherwise by another seed, and tells the same.
        String told = shot.title() + "\n" + String.join("\n", shot.written())
                + (shot instanceof FindingShot f ? "\n" + f.knots() : "")
                + (shot.written().isEmpty() ? "\n" + shot.narration() : "");
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(told.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(hash, 0, BYTES);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}

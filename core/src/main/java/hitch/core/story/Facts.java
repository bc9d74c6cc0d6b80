package hitch.core.story;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** The fingerprint of what a shot tells: the first half of a SHA-256 over its words as proposed. */
final class Facts {
    private static final int BYTES = 16;

    private Facts() {}

    static String of(Shot shot) {
        String told = switch (shot) {
            case FindingShot f -> f.title() + "\n" + f.caption() + "\n" + f.knots() + "\n" + f.narration();
            case CardShot c -> c.title() + "\n" + c.rows() + "\n" + c.narration();
        };
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(told.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(hash, 0, BYTES);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}

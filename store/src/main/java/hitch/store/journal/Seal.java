package hitch.store.journal;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The checksum that closes a line: the first 16 hexadecimal digits of the SHA-256 of what stands before it. */
final class Seal {
    private static final int DIGITS = 16;
    private static final Pattern SEALED = Pattern.compile("(?s)(.*),\"sum\":\"([0-9a-f]{" + DIGITS + "})\"}");

    /** A line whose checksum holds: the JSON object without it, and the checksum. */
    record Opened(String body, String sum) {}

    private Seal() {}

    static String of(byte[] bytes) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(bytes);
            return HexFormat.of().formatHex(digest).substring(0, DIGITS);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    static String of(String text) {
        return of(text.getBytes(StandardCharsets.UTF_8));
    }

    /** {@code body}, a JSON object, closed with its checksum. */
    static String close(String body) {
        return body.substring(0, body.length() - 1) + ",\"sum\":\"" + of(body) + "\"}";
    }

    /** What a line holds; empty where it has no checksum or not the right one. */
    static Optional<Opened> open(String line) {
        Matcher sealed = SEALED.matcher(line);
        if (!sealed.matches()) {
            return Optional.empty();
        }
        String body = sealed.group(1) + "}";
        return of(body).equals(sealed.group(2)) ? Optional.of(new Opened(body, sealed.group(2))) : Optional.empty();
    }
}

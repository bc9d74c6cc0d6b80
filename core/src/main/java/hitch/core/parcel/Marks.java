package hitch.core.parcel;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;

/**
 * What proves what a parcel tells, and who made it.
 *
 * @param record fingerprint of the record as this recipient is told it; blank where there is none
 * @param key fingerprint of the key it is signed with; blank where it is not signed
 * @param issue which issue of the parcel it is; 0 where that is not counted
 * @param changed what differs from the issue before, a few words each
 */
public record Marks(String record, String key, int issue, List<String> changed) {
    public static final Marks NONE = new Marks("", "", 0, List.of());

    public Marks {
        changed = List.copyOf(changed);
    }

    /** Which issue it is and what it changes, a sentence; blank for the first. */
    public String issued() {
        return issue < 2
                ? ""
                : "Issue " + issue + ", in place of the one before."
                        + (changed.isEmpty() ? "" : " Changed since: " + String.join(", ", changed) + ".");
    }

    /** SHA-256 of a text, in hexadecimal figures. */
    public static String of(String text) {
        return of(text.getBytes(StandardCharsets.UTF_8));
    }

    /** SHA-256, in hexadecimal figures. */
    public static String of(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    /** A fingerprint in groups of four that a person can read out. */
    public static String grouped(String fingerprint) {
        return fingerprint.replaceAll("(.{4})(?=.)", "$1 ");
    }
}

package hitch.media.voice;

import java.util.Arrays;
import java.util.Locale;

/**
 * Who speaks, and how fast.
 *
 * @param pace against the speaker's own, {@link #SLOWEST} to {@link #FASTEST}
 */
public record Speaking(Speaker speaker, double pace) {
    public static final double SLOWEST = 0.8;
    public static final double FASTEST = 1.2;

    /** A little slower than the voice was trained, since what is told is new to whoever listens. */
    public static final Speaking USUAL = new Speaking(Speaker.WARM, 0.97);

    public Speaking {
        if (!(pace >= SLOWEST && pace <= FASTEST)) {
            throw new IllegalArgumentException(
                    "a pace lies between " + SLOWEST + " and " + FASTEST + ", and " + pace + " does not.");
        }
        pace = Math.round(pace * 100) / 100.0;
    }

    /** As a text such as {@code warm 0.97}. */
    public String text() {
        return String.format(Locale.ROOT, "%s %.2f", speaker.word(), pace);
    }

    /**
     * @throws IllegalArgumentException where the text names no speaker and pace
     */
    public static Speaking parse(String text) {
        String[] parts = text.strip().split("\\s+");
        Speaker speaker = Arrays.stream(Speaker.values())
                .filter(s -> s.word().equals(parts[0]))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("\"" + parts[0] + "\" is no speaker: "
                        + String.join(
                                ", ",
                                Arrays.stream(Speaker.values())
                                        .map(Speaker::word)
                                        .toList())
                        + "."));
        try {
            return new Speaking(speaker, parts.length > 1 ? Double.parseDouble(parts[1]) : USUAL.pace);
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException("\"" + parts[1] + "\" is no pace; it is written like 0.97.", e);
        }
    }

    public Speaking by(Speaker other) {
        return new Speaking(other, pace);
    }

    public Speaking at(double other) {
        return new Speaking(speaker, other);
    }
}

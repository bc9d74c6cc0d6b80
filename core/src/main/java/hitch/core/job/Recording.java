package hitch.core.job;

import java.util.List;

/**
 * A paragraph that a person read out. The file holds all that the microphone heard; what is used of it is told here.
 *
 * @param file name of the sound file in the job's folder of recordings
 * @param from first second of the file that is heard
 * @param to second that it is heard up to; greater than {@code from}
 * @param says the words that were read
 * @param sentences when each sentence of them is said, in order
 */
public record Recording(String file, double from, double to, String says, List<At> sentences) implements ShotVoice {
    /** When a sentence is said, seconds of the file. */
    public record At(double from, double to) {}

    public Recording {
        sentences = List.copyOf(sentences);
        if (!(from >= 0 && to > from)) {
            throw new IllegalArgumentException("a recording is heard from a second on to a later one");
        }
        if (!file.matches("[\\p{L}\\p{N}._-]+") || file.startsWith(".")) {
            throw new IllegalArgumentException("\"" + file + "\" is no name of a recording");
        }
    }

    /** Seconds that are heard. */
    public double seconds() {
        return to - from;
    }

    /** The same heard from one second to another. */
    public Recording trimmed(double first, double end) {
        return new Recording(file, first, end, says, sentences);
    }

    /** The same standing for other words. */
    public Recording saying(String words, List<At> times) {
        return new Recording(file, from, to, words, times);
    }
}

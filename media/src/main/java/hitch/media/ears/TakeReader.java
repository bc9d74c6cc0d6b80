package hitch.media.ears;

import hitch.core.story.ReadAloud;
import hitch.media.MediaException;
import hitch.media.voice.Cleaned;
import hitch.media.voice.Sound;
import hitch.media.voice.Stretches;
import java.util.Arrays;
import java.util.List;

/** Hears what somebody read out, and finds where in the recording each sentence of it is. */
public final class TakeReader {
    /** Kept before the first word and after the last, seconds. */
    private static final double BEFORE = 0.12;

    private static final double AFTER = 0.25;
    /** No more is handed to the ears at a time, seconds. */
    private static final double MOST = 18;

    /** Writes down a piece of sound; blank where nothing can be heard on this machine. */
    @FunctionalInterface
    public interface Hearing {
        String text(Sound sound) throws MediaException;
    }

    private final Hearing ears;

    public TakeReader(Hearing ears) {
        this.ears = ears;
    }

    /**
     * A take as it was heard.
     *
     * @param from second of the recording that it is heard from, just before the first word
     * @param to second it is heard up to
     * @param heard the words
     * @param aloud beside those that were to be read
     * @param stretches where somebody speaks
     */
    public record Take(double from, double to, String heard, ReadAloud aloud, List<ReadAloud.Stretch> stretches) {}

    /**
     * @param recorded all that the microphone heard
     * @param written the words that were to be read; taken for what was heard where nothing can be heard
     * @throws MediaException where nobody speaks in it
     */
    public Take read(Sound recorded, String written) throws MediaException {
        Sound clean = Cleaned.of(recorded);
        List<ReadAloud.Stretch> stretches = Stretches.of(clean);
        if (stretches.isEmpty()) {
            throw new MediaException("Nobody was heard in this recording. See whether the microphone is on and near, "
                    + "then record it again; the words are as they were.");
        }
        StringBuilder heard = new StringBuilder();
        int first = 0;
        for (int i = 1; i <= stretches.size(); i++) {
            boolean last = i == stretches.size();
            if (last || stretches.get(i).to() - stretches.get(first).from() > MOST) {
                heard.append(heard.isEmpty() ? "" : " ")
                        .append(ears.text(cut(
                                recorded,
                                stretches.get(first).from() - BEFORE,
                                stretches.get(i - 1).to() + AFTER)));
                first = i;
            }
        }
        return new Take(
                Math.max(0, stretches.getFirst().from() - BEFORE),
                Math.min(recorded.seconds(), stretches.getLast().to() + AFTER),
                heard.toString().strip(),
                ReadAloud.of(written, heard.toString().isBlank() ? written : heard.toString(), stretches),
                stretches);
    }

    private static Sound cut(Sound sound, double from, double to) {
        int first = (int) Math.max(0, from * sound.rate());
        int end = (int) Math.min(sound.samples().length, to * sound.rate());
        return new Sound(Arrays.copyOfRange(sound.samples(), first, end), sound.rate());
    }
}

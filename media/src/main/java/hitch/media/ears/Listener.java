package hitch.media.ears;

import hitch.core.heard.HeardWord;
import hitch.core.heard.SpeechPieces;
import hitch.core.heard.WordTimes;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipIndex;
import hitch.media.clip.SoundReader;
import hitch.media.voice.Sound;
import hitch.models.ModelFolder;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.BiConsumer;

/**
 * Listens to a clip and writes down what is said on it. First it is found where somebody speaks; then each piece is written down. What
 * the ears are not sure of, and what they say over and over, nobody said.
 */
public final class Listener implements Listening {
    /** Below this mean log-probability a piece is left out. */
    private static final double UNSURE = -0.6;
    /** Part of the work that finding the speech takes. */
    private static final double FINDING = 0.15;

    private static final int DOWN = SoundReader.RATE / Recogniser.RATE;
    /** Sound that is read at once, seconds. */
    private static final int BLOCK_S = 8;

    private static final List<String> OF_NOISE =
            List.of("you", "thank you", "thank you for watching", "bye", "so", "oh");

    private final ModelFolder models;
    private final Favoured favoured;

    public Listener(ModelFolder models) {
        this(models, Favoured.inTalk());
    }

    /** @param favoured what is thought likelier to be said */
    public Listener(ModelFolder models, Favoured favoured) {
        this.models = models;
        this.favoured = favoured;
    }

    /** Sound that is listened to, at {@link SoundReader#RATE}. */
    public interface Source extends AutoCloseable {
        /** How long it is. */
        double seconds();

        /** Fills {@code samples} with what is heard from a moment on; silence beyond its end. */
        void read(double from, float[] samples) throws MediaException;

        @Override
        void close();
    }

    /** The sound of a clip, from its first frame on. */
    public static Source of(Path file, ClipIndex index) throws MediaException {
        SoundReader reader = SoundReader.open(file);
        double zero = index.frames().base().seconds(index.frames().firstPts());
        double seconds = index.frames()
                .base()
                .seconds(index.frames().endPts() - index.frames().firstPts());
        return new Source() {
            @Override
            public double seconds() {
                return seconds;
            }

            @Override
            public void read(double from, float[] samples) throws MediaException {
                Arrays.fill(samples, 0);
                reader.read(zero + from, samples);
            }

            @Override
            public void close() {
                reader.close();
            }
        };
    }

    /** Sound that is held in memory. */
    public static Source of(Sound sound) {
        return new Source() {
            @Override
            public double seconds() {
                return sound.seconds();
            }

            @Override
            public void read(double from, float[] samples) {
                double step = (double) sound.rate() / SoundReader.RATE;
                for (int i = 0; i < samples.length; i++) {
                    int at = (int) Math.round((from * SoundReader.RATE + i) * step);
                    samples[i] = at < sound.samples().length ? sound.samples()[at] : 0;
                }
            }

            @Override
            public void close() {
                // Memory is let go of by itself.
            }
        };
    }

    /**
     * Where somebody speaks.
     *
     * @param progress from nothing to all of this part
     */
    public List<SpeechPieces.Piece> pieces(Source sound, Progress progress) throws MediaException {
        int steps = (int) (sound.seconds() / SpeechDetector.STEP_S);
        float[] speech = new float[steps];
        float[] block = new float[BLOCK_S * SoundReader.RATE];
        float[] step = new float[SpeechDetector.STEP];
        int perBlock = BLOCK_S * Recogniser.RATE / SpeechDetector.STEP;
        try (SpeechDetector detector = new SpeechDetector(models)) {
            for (int i = 0; i < steps; i++) {
                int within = i % perBlock;
                if (within == 0) {
                    progress.at((double) i / steps, "finding who speaks");
                    sound.read(i * SpeechDetector.STEP_S, block);
                }
                for (int k = 0; k < step.length; k++) {
                    int at = (within * SpeechDetector.STEP + k) * DOWN;
                    step[k] = (block[at] + block[at + 1] + block[at + 2]) / DOWN;
                }
                speech[i] = detector.next(step);
            }
        }
        return SpeechPieces.of(speech, SpeechDetector.STEP_S);
    }

    @Override
    public List<HeardWord> listen(
            Source sound,
            List<HeardWord> heard,
            double from,
            BiConsumer<Double, List<HeardWord>> kept,
            Progress progress)
            throws MediaException {
        List<HeardWord> words = new ArrayList<>(heard);
        List<SpeechPieces.Piece> pieces = pieces(sound, progress.part(0, FINDING)).stream()
                .filter(p -> p.from() >= from - 1e-3)
                .toList();
        double all = pieces.stream().mapToDouble(p -> p.to() - p.from()).sum();
        double done = 0;
        try (Recogniser ears = new Recogniser(models, favoured)) {
            Progress writing = progress.part(FINDING, 1);
            for (SpeechPieces.Piece piece : pieces) {
                writing.at(done / Math.max(1, all), "writing down what is said");
                float[] samples = new float[(int) ((piece.to() - piece.from()) * SoundReader.RATE)];
                sound.read(piece.from(), samples);
                Heard said = ears.hear(new Sound(samples, SoundReader.RATE));
                if (isSaid(said)) {
                    words.addAll(WordTimes.of(said.text(), piece, said.byWord()));
                }
                done += piece.to() - piece.from();
                kept.accept(piece.to(), List.copyOf(words));
            }
        }
        progress.at(1, "done");
        return words;
    }

    /** Whether anybody said it: not what ears say of noise. */
    static boolean isSaid(Heard heard) {
        String plain =
                heard.text().toLowerCase(Locale.ROOT).replaceAll("[^a-z' ]", "").strip();
        if (heard.text().isBlank() || heard.sureness() < UNSURE || OF_NOISE.contains(plain)) {
            return false;
        }
        return !isOverAndOver(plain.split("\\s+"));
    }

    /** One phrase of three words makes most of it. */
    private static boolean isOverAndOver(String[] words) {
        Map<String, Integer> counts = new HashMap<>();
        for (int i = 0; i + 2 < words.length; i++) {
            counts.merge(words[i] + " " + words[i + 1] + " " + words[i + 2], 1, Integer::sum);
        }
        return words.length >= 12 && counts.values().stream().anyMatch(c -> c >= 4 && c * 3 > words.length * 0.6);
    }
}

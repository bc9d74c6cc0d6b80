package hitch.bench;

import hitch.core.heard.HeardLines;
import hitch.core.heard.HeardWord;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.story.SpokenForm;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.ears.Listener;
import hitch.media.voice.Narrator;
import hitch.media.voice.NeuralVoice;
import hitch.media.voice.Sound;
import hitch.media.voice.Speaker;
import hitch.media.voice.Speaking;
import hitch.models.ModelFolder;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.function.Consumer;
import java.util.stream.Collectors;

/** How rightly a clip's speech is written down: sentences spoken by all voices, clean and in noise, against what was said. */
public final class ListenTable {
    private static final double NO_NOISE = 99;

    /** What noise lies below the speech, decibels, and the share of wrong words that is allowed with it, percent. */
    private record Setting(String name, double below, Allowed wrong) {}

    private static final List<Setting> SETTINGS = List.of(
            new Setting("clean", NO_NOISE, Allowed.most(8)),
            new Setting("room and reel, 15 dB below", 15, Allowed.most(14)),
            new Setting("room and reel, 8 dB below", 8, Allowed.most(24)));

    private ListenTable() {}

    /**
     * @param sentences as a technician says them
     * @param seconds of speech in all
     */
    public static void run(List<String> sentences, double seconds, long seed, Path data, Consumer<String> say)
            throws MediaException {
        ModelFolder models = new ModelFolder(data);
        Listener listener = new Listener(models);
        List<Sound> spoken = new ArrayList<>();
        List<List<String>> said = new ArrayList<>();
        int next = 0;
        for (Speaker speaker : Speaker.values()) {
            NeuralVoice voice = new NeuralVoice(models, new Speaking(speaker, 1.05));
            List<String> words = new ArrayList<>();
            List<Sound> parts = new ArrayList<>();
            double length = 0;
            while (length < seconds / Speaker.values().length) {
                String text = SpokenForm.of(sentences.get(next++ % sentences.size()));
                Sound sound = voice.speak(text);
                parts.add(sound);
                words.addAll(VoiceTable.words(text));
                length += sound.seconds();
            }
            voice.rest();
            spoken.add(joined(parts, new Random(seed + speaker.ordinal())));
            said.add(words);
        }
        for (Setting setting : SETTINGS) {
            measure(setting, spoken, said, seed, listener, say);
        }
        double quiet = 300;
        long words = listener.listen(
                        Listener.of(new Noise(seed).alone(quiet, Narrator.RATE)),
                        List.of(),
                        0,
                        (at, all) -> {},
                        Progress.NONE)
                .size();
        say.accept(String.format(
                Locale.ROOT,
                "%.0f s of reel noise without speech: %d words invented %s",
                quiet,
                words,
                Allowed.most(0).verdict(words)));
    }

    private static void measure(
            Setting setting,
            List<Sound> spoken,
            List<List<String>> said,
            long seed,
            Listener listener,
            Consumer<String> say)
            throws MediaException {
        int words = 0;
        int wrong = 0;
        int figures = 0;
        int missed = 0;
        double seconds = 0;
        long started = System.nanoTime();
        for (int i = 0; i < spoken.size(); i++) {
            Sound sound = setting.below() >= NO_NOISE
                    ? spoken.get(i)
                    : new Noise(seed + i).over(spoken.get(i), setting.below());
            List<HeardWord> heard = listener.listen(Listener.of(sound), List.of(), 0, (at, all) -> {}, Progress.NONE);
            String text = HeardLines.of(heard, new TradeNoteReader()).stream()
                    .map(c -> c.text())
                    .collect(Collectors.joining(" "));
            VoiceTable.Aligned aligned = VoiceTable.Aligned.of(said.get(i), VoiceTable.words(SpokenForm.of(text)));
            words += said.get(i).size();
            wrong += aligned.errors();
            figures += (int) said.get(i).stream().filter(VoiceTable::isFigure).count();
            missed += aligned.missed(VoiceTable.FIGURES);
            seconds += sound.seconds();
        }
        double share = 100.0 * wrong / Math.max(1, words);
        double took = (System.nanoTime() - started) / 1e9;
        say.accept(String.format(
                Locale.ROOT,
                "%-28s %d words: %.1f %% wrong %s; words of numbers and sides: %.1f %% right; %.2f s of work for a second",
                setting.name(),
                words,
                share,
                setting.wrong().verdict(share),
                100.0 * (figures - missed) / Math.max(1, figures),
                took / seconds));
    }

    private static Sound joined(List<Sound> parts, Random chance) {
        int rate = parts.getFirst().rate();
        List<float[]> all = new ArrayList<>();
        int length = 0;
        for (Sound part : parts) {
            float[] pause = new float[(int) ((0.35 + 1.4 * chance.nextDouble()) * rate)];
            all.add(pause);
            all.add(part.samples());
            length += pause.length + part.samples().length;
        }
        float[] out = new float[length];
        int at = 0;
        for (float[] piece : all) {
            System.arraycopy(piece, 0, out, at, piece.length);
            at += piece.length;
        }
        return new Sound(out, rate);
    }
}

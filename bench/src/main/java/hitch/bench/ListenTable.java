package hitch.bench;

import hitch.core.caption.Cue;
import hitch.core.heard.HeardLines;
import hitch.core.heard.HeardWord;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.story.SpokenForm;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.ears.Favoured;
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

    private static final Setting NOT_FAVOURED = new Setting("15 dB, nothing favoured", 15, Allowed.most(14));

    private ListenTable() {}

    /**
     * @param sentences as a technician says them
     * @param seconds of speech in all
     */
    public static void run(List<String> sentences, double seconds, long seed, Path data, Consumer<String> say)
            throws MediaException {
        ModelFolder models = new ModelFolder(data);
        Listener listener = new Listener(models);
        List<SpokenText> all = spoken(sentences, seconds, seed, models);
        for (Setting setting : SETTINGS) {
            measure(setting, all, seed, listener, say);
        }
        measure(NOT_FAVOURED, all, seed, new Listener(models, Favoured.NOTHING), say);
        double quiet = 300;
        long words = listener.listen(
                        Listener.of(new Noise(seed).alone(quiet, Narrator.RATE)),
                        List.of(),
                        0,
                        (at, so) -> {},
                        Progress.NONE)
                .size();
        say.accept(String.format(
                Locale.ROOT,
                "%.0f s of reel noise without speech: %d words invented %s",
                quiet,
                words,
                Allowed.most(0).verdict(words)));
    }

    /**
     * What one voice says.
     *
     * @param cues its sentences, when each is said
     */
    private record SpokenText(Sound sound, List<Cue> cues) {
        List<String> words() {
            return cues.stream()
                    .flatMap(c -> VoiceTable.words(SpokenForm.of(c.text())).stream())
                    .toList();
        }
    }

    private static List<SpokenText> spoken(List<String> sentences, double seconds, long seed, ModelFolder models)
            throws MediaException {
        List<SpokenText> all = new ArrayList<>();
        int next = 0;
        for (Speaker speaker : Speaker.values()) {
            NeuralVoice voice = new NeuralVoice(models, new Speaking(speaker, 1.05));
            Random chance = new Random(seed + speaker.ordinal());
            List<Sound> parts = new ArrayList<>();
            List<Cue> cues = new ArrayList<>();
            double at = 0;
            while (at < seconds / Speaker.values().length) {
                String text = sentences.get(next++ % sentences.size());
                Sound pause =
                        new Sound(new float[(int) ((0.35 + 1.4 * chance.nextDouble()) * Narrator.RATE)], Narrator.RATE);
                Sound sound = voice.speak(SpokenForm.of(text));
                parts.add(pause);
                parts.add(sound);
                double from = at + pause.seconds();
                at = from + sound.seconds();
                cues.add(new Cue(from, at, text));
            }
            voice.rest();
            all.add(new SpokenText(joined(parts), cues));
        }
        return all;
    }

    private static void measure(
            Setting setting, List<SpokenText> spoken, long seed, Listener listener, Consumer<String> say)
            throws MediaException {
        int words = 0;
        int wrong = 0;
        int figures = 0;
        int missed = 0;
        SameDrafts drafts = SameDrafts.NONE;
        double seconds = 0;
        long started = System.nanoTime();
        for (int i = 0; i < spoken.size(); i++) {
            SpokenText one = spoken.get(i);
            Sound sound =
                    setting.below() >= NO_NOISE ? one.sound() : new Noise(seed + i).over(one.sound(), setting.below());
            List<HeardWord> heard = listener.listen(Listener.of(sound), List.of(), 0, (at, so) -> {}, Progress.NONE);
            List<Cue> cues = HeardLines.of(heard, new TradeNoteReader());
            String text = cues.stream().map(Cue::text).collect(Collectors.joining(" "));
            List<String> said = one.words();
            VoiceTable.Aligned aligned = VoiceTable.Aligned.of(said, VoiceTable.words(SpokenForm.of(text)));
            drafts = drafts.plus(SameDrafts.of(one.cues(), cues));
            words += said.size();
            wrong += aligned.errors();
            figures += (int) said.stream().filter(VoiceTable::isFigure).count();
            missed += aligned.missed(VoiceTable.FIGURES);
            seconds += sound.seconds();
        }
        double share = 100.0 * wrong / Math.max(1, words);
        double took = (System.nanoTime() - started) / 1e9;
        say.accept(String.format(
                Locale.ROOT,
                "%-28s %d words: %.1f %% wrong %s; words of numbers and sides: %.1f %% right; drafts as of the true words: %s; %.2f s of work for a second",
                setting.name(),
                words,
                share,
                setting.wrong().verdict(share),
                100.0 * (figures - missed) / Math.max(1, figures),
                drafts.words(),
                took / seconds));
    }

    private static Sound joined(List<Sound> parts) {
        int rate = parts.getFirst().rate();
        List<float[]> all = parts.stream().map(Sound::samples).toList();
        int length = all.stream().mapToInt(p -> p.length).sum();
        float[] out = new float[length];
        int at = 0;
        for (float[] piece : all) {
            System.arraycopy(piece, 0, out, at, piece.length);
            at += piece.length;
        }
        return new Sound(out, rate);
    }
}

package hitch.media.film;

import hitch.core.story.Cutting;
import hitch.core.story.Sentences;
import hitch.core.story.SpokenForm;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import hitch.media.voice.VoiceException;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Sentences, spoken. Where nothing can be spoken a film is made without a voice, and its captions stand as long as reading takes.
 */
public final class SpokenStory implements Cutting.Speech {
    private final Narrator narrator;
    private final Map<String, Double> lengths = new ConcurrentHashMap<>();
    private String silence = "";

    private SpokenStory(Narrator narrator) {
        this.narrator = narrator;
    }

    /** Speaks a narration, of which the voice may be asked for more soon. */
    public static SpokenStory speak(String narration, Narrator narrator) throws MediaException {
        SpokenStory spoken = new SpokenStory(narrator);
        for (String sentence : Sentences.of(narration)) {
            spoken.length(sentence);
        }
        return spoken;
    }

    /** Speaks every sentence of some narrations once, and lets the voice rest. */
    public static SpokenStory speak(List<String> narrations, Narrator narrator, Progress progress)
            throws MediaException {
        SpokenStory spoken = new SpokenStory(narrator);
        Set<String> sentences = new LinkedHashSet<>();
        narrations.forEach(n -> sentences.addAll(Sentences.of(n)));
        int done = 0;
        for (String sentence : sentences) {
            progress.at((double) done++ / sentences.size(), "speaking \"" + sentence + "\"");
            spoken.length(sentence);
        }
        narrator.rest();
        return spoken;
    }

    private void length(String sentence) throws MediaException {
        if (silence.isEmpty()) {
            try {
                lengths.put(sentence, narrator.speak(SpokenForm.of(sentence)).seconds());
                return;
            } catch (VoiceException e) {
                silence = e.getMessage();
            }
        }
        lengths.put(sentence, Cutting.Speech.USUAL.seconds(sentence));
    }

    /** Why the film has no voice; empty where it has one. */
    public Optional<String> silence() {
        return silence.isEmpty() ? Optional.empty() : Optional.of(silence);
    }

    @Override
    public double seconds(String sentence) {
        Double known = lengths.get(sentence);
        return known == null ? Cutting.Speech.USUAL.seconds(sentence) : known;
    }

    /** A narration as sound, with a breath between its sentences. */
    public Sound sound(String narration) throws MediaException {
        List<float[]> parts = new ArrayList<>();
        for (String sentence : Sentences.of(narration)) {
            if (!parts.isEmpty()) {
                parts.add(new float[(int) Math.round(Cutting.BREATH * Narrator.RATE)]);
            }
            parts.add(
                    silence.isEmpty()
                            ? narrator.speak(SpokenForm.of(sentence)).samples()
                            : new float[(int) Math.round(seconds(sentence) * Narrator.RATE)]);
        }
        float[] all = new float[parts.stream().mapToInt(p -> p.length).sum()];
        int at = 0;
        for (float[] part : parts) {
            System.arraycopy(part, 0, all, at, part.length);
            at += part.length;
        }
        return new Sound(all, Narrator.RATE);
    }
}

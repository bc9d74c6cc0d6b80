package hitch.media.render;

import hitch.core.story.Sentences;
import hitch.core.story.Shot;
import hitch.core.story.SpokenForm;
import hitch.core.story.Story;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/** The narrations of a story, spoken: every shot's sound, with a breath between its sentences. */
public final class SpokenStory {
    private static final double BREATH = 0.25;

    private final Map<Shot, Sound> sounds;

    private SpokenStory(Map<Shot, Sound> sounds) {
        this.sounds = sounds;
    }

    public static SpokenStory speak(Story story, Narrator narrator, Progress progress) throws MediaException {
        Map<Shot, Sound> sounds = new IdentityHashMap<>();
        List<Shot> shots = story.shots();
        for (int i = 0; i < shots.size(); i++) {
            progress.at((double) i / shots.size(), "speaking \"" + shots.get(i).title() + "\"");
            sounds.put(shots.get(i), speak(shots.get(i).narration(), narrator));
        }
        return new SpokenStory(sounds);
    }

    private static Sound speak(String narration, Narrator narrator) throws MediaException {
        List<float[]> parts = new ArrayList<>();
        for (String sentence : Sentences.of(narration)) {
            if (!parts.isEmpty()) {
                parts.add(new float[(int) (BREATH * Narrator.RATE)]);
            }
            parts.add(narrator.speak(SpokenForm.of(sentence)).samples());
        }
        float[] all = new float[parts.stream().mapToInt(p -> p.length).sum()];
        int at = 0;
        for (float[] part : parts) {
            System.arraycopy(part, 0, all, at, part.length);
            at += part.length;
        }
        return new Sound(all, Narrator.RATE);
    }

    public double seconds(Shot shot) {
        return sounds.get(shot).seconds();
    }

    public Sound sound(Shot shot) {
        return sounds.get(shot);
    }
}

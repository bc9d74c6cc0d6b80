package hitch.core.footage;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * What of a job's clips and photographs is neither shown nor heard outside the house, whoever gets it. The files themselves are never touched.
 *
 * @param areas parts of pictures, in the order they were hidden
 * @param sounds stretches of sound, likewise
 */
public record Hiding(List<HiddenArea> areas, List<MutedSound> sounds) {
    public static final Hiding NONE = new Hiding(List.of(), List.of());

    private static final String KEYS = "hide:";

    public Hiding {
        areas = List.copyOf(areas);
        sounds = List.copyOf(sounds);
    }

    /** The key that is taken next. */
    public String nextKey() {
        return KEYS
                + (Stream.concat(
                                        areas.stream().map(HiddenArea::key),
                                        sounds.stream().map(MutedSound::key))
                                .mapToInt(k -> Integer.parseInt(k.substring(KEYS.length())))
                                .max()
                                .orElse(0)
                        + 1);
    }

    /** With one more area, or one of the same key in its place. */
    public Hiding with(HiddenArea area) {
        List<HiddenArea> next = new ArrayList<>(areas);
        next.removeIf(a -> a.key().equals(area.key()));
        next.add(area);
        return new Hiding(next, sounds);
    }

    /** With one more stretch of sound, or one of the same key in its place. */
    public Hiding with(MutedSound sound) {
        List<MutedSound> next = new ArrayList<>(sounds);
        next.removeIf(s -> s.key().equals(sound.key()));
        next.add(sound);
        return new Hiding(areas, next);
    }

    public Hiding without(String key) {
        return new Hiding(
                areas.stream().filter(a -> !a.key().equals(key)).toList(),
                sounds.stream().filter(s -> !s.key().equals(key)).toList());
    }

    /** What of a clip's pictures is hidden. */
    public List<HiddenArea> areasOf(ClipId clip) {
        return areas.stream().filter(a -> a.clip().equals(clip)).toList();
    }

    /** What of a clip's sound is. */
    public List<MutedSound> soundsOf(ClipId clip) {
        return sounds.stream().filter(s -> s.clip().equals(clip)).toList();
    }
}

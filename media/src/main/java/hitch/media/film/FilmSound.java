package hitch.media.film;

import hitch.core.disclosure.Disclosure;
import hitch.core.footage.ClipId;
import hitch.core.footage.TimeBase;
import hitch.core.job.ClipWords;
import hitch.core.job.Recording;
import hitch.core.story.Cutting;
import hitch.core.story.FindingShot;
import hitch.core.story.FootageShot;
import hitch.core.story.OwnVoices;
import hitch.core.story.Shot;
import hitch.media.MediaException;
import hitch.media.render.SeenSound;
import hitch.media.voice.Cleaned;
import hitch.media.voice.Narrator;
import hitch.media.voice.RoomTone;
import hitch.media.voice.Sound;
import hitch.media.voice.WavFile;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/**
 * What is heard over a shot: the narrator, a person's recording, or what the technician said; and under it, where that is wished, the clip's own
 * sound, which gives way to the voice.
 */
public final class FilmSound {
    /** How loud the clip's sound is while nobody speaks over it, and while somebody does. */
    private static final float ALONE = 0.5f;

    private static final float UNDER = 0.1f;
    /** No sample goes over this. */
    private static final double MOST = 0.99;
    /** Seconds in which it gives way. */
    private static final double RAMP = 0.35;

    private final Disclosure may;
    private final SpokenStory spoken;
    private final Map<ClipId, StoryRenderer.Source> sources;
    private final Path recordings;

    /**
     * @param sources the clips of the story; where the technician's words come from another clip it must be among them
     * @param recordings folder of what people recorded
     */
    public FilmSound(Disclosure may, SpokenStory spoken, Map<ClipId, StoryRenderer.Source> sources, Path recordings) {
        this.may = may;
        this.spoken = spoken;
        this.sources = sources;
        this.recordings = recordings;
    }

    /**
     * The sound of a shot.
     *
     * @param from sample of the film that its pictures begin with
     * @param to sample after their last
     * @return exactly so long
     */
    public float[] of(Cutting.Placed placed, long from, long to) throws MediaException {
        float[] sound = new float[(int) (to - from)];
        float[] voice = voice(placed.shot());
        // A shot's pictures may begin a little after its time, and its voice with the first of them.
        int at = (int) Math.clamp(Math.round(placed.voice() * Narrator.RATE) - from, 0, sound.length);
        int length = Math.min(voice.length, sound.length - at);
        System.arraycopy(voice, 0, sound, at, length);
        if (placed.shot() instanceof FootageShot shot
                && may.story().change(shot.key()).bed().orElse(false)) {
            under(sound, placed, shot, from, at, at + length);
        }
        return sound;
    }

    private float[] voice(Shot shot) throws MediaException {
        return switch (OwnVoices.of(shot, may).orElse(null)) {
            case Recording recording -> recorded(recording);
            case ClipWords words -> said(words);
            case null -> spoken.sound(shot.narration()).samples();
        };
    }

    private float[] recorded(Recording recording) throws MediaException {
        Sound raw = WavFile.read(recordings.resolve(recording.file()), recording.from(), recording.seconds());
        return RoomTone.faded(Cleaned.of(raw)).evened().samples();
    }

    /** Each stretch as loud as speech is, the clip's own quiet between them. */
    private float[] said(ClipWords words) throws MediaException {
        List<Sound> parts = new java.util.ArrayList<>();
        for (ClipWords.Part part : words.parts()) {
            StoryRenderer.Source source = source(part.clip());
            TimeBase base = source.index().frames().base();
            parts.add(SeenSound.read(
                    may,
                    part.clip(),
                    base,
                    source.file(),
                    base.seconds(part.fromPts()),
                    base.seconds(part.toPts() - part.fromPts())));
        }
        return RoomTone.joined(parts, OwnVoices.JOIN).evened().samples();
    }

    private StoryRenderer.Source source(ClipId clip) throws MediaException {
        StoryRenderer.Source source = sources.get(clip);
        if (source == null) {
            throw new MediaException("The clip \"" + clip + "\", whose words are used, was left out of the job. "
                    + "Add it again, or give that shot back to the narrator.");
        }
        return source;
    }

    /** Lays the clip's sound under; where the picture is held or runs faster there is the clip's quiet. */
    private void under(float[] sound, Cutting.Placed placed, FootageShot shot, long from, int voice, int voiceEnd)
            throws MediaException {
        StoryRenderer.Source source = sources.get(shot.frame().clip());
        if (source == null
                || !may.source(shot.frame().clip()).map(c -> c.sound()).orElse(false)
                || !may.recipient().hearsClips()) {
            return;
        }
        float[] bed = shot instanceof FindingShot
                ? parted(placed, shot, source, from, sound.length)
                : shot.speed() == 1
                        ? clip(shot, source, -around(shot)[0], (double) sound.length / Narrator.RATE)
                        : new float[sound.length];
        double ramp = RAMP * Narrator.RATE;
        for (int i = 0; i < Math.min(sound.length, bed.length); i++) {
            double outside = Math.max(0, Math.max(voice - i, i - voiceEnd));
            double share = voiceEnd > voice ? Math.min(1, outside / ramp) : 1;
            double heard = sound[i] + bed[i] * (UNDER + share * (ALONE - UNDER));
            sound[i] = (float) Math.clamp(heard, -MOST, MOST);
        }
    }

    private double[] around(FootageShot shot) {
        return may.footage().around(shot.frame(), shot.before(), shot.after());
    }

    /** Up to the held picture, its quiet while it is held, and on from it. */
    private float[] parted(Cutting.Placed placed, FootageShot shot, StoryRenderer.Source source, long from, int length)
            throws MediaException {
        int hold = (int) Math.clamp(Math.round(placed.holdStart() * Narrator.RATE) - from, 0, length);
        int go = (int) Math.clamp(Math.round(placed.holdEnd() * Narrator.RATE) - from, hold, length);
        float[] before = clip(shot, source, -around(shot)[0], (double) hold / Narrator.RATE);
        float[] after = clip(shot, source, 0, (double) (length - go) / Narrator.RATE);
        float[] bed = new float[length];
        System.arraycopy(before, 0, bed, 0, Math.min(hold, before.length));
        System.arraycopy(after, 0, bed, go, Math.min(length - go, after.length));
        RoomTone.fill(bed, hold, go, new Sound(before.length > after.length ? before : after, Narrator.RATE));
        return bed;
    }

    private float[] clip(FootageShot shot, StoryRenderer.Source source, double offset, double seconds)
            throws MediaException {
        TimeBase base = source.index().frames().base();
        return SeenSound.read(
                        may,
                        shot.frame().clip(),
                        base,
                        source.file(),
                        base.seconds(shot.frame().pts()) + offset,
                        seconds)
                .samples();
    }
}

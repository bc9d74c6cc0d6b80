package hitch.media.render;

import hitch.core.disclosure.Disclosure;
import hitch.core.footage.ClipId;
import hitch.core.footage.MutedSound;
import hitch.core.footage.TimeBase;
import hitch.media.MediaException;
import hitch.media.clip.SoundReader;
import hitch.media.voice.Sound;
import java.nio.file.Path;
import java.util.Arrays;

/** The sound of a clip as a recipient may hear it: all sound that leaves goes through here. */
public final class SeenSound {
    /** Seconds in which sound goes before a muted stretch and comes back after it. */
    private static final double FADE = 0.02;

    private SeenSound() {}

    /**
     * @param base the clip's time base
     * @param from seconds by the clip's own clock
     * @param seconds how much of it
     */
    public static Sound read(Disclosure may, ClipId clip, TimeBase base, Path file, double from, double seconds)
            throws MediaException {
        Sound sound = SoundReader.read(file, from, seconds);
        for (MutedSound muted : may.keptBack().muted(clip)) {
            mute(sound, base.seconds(muted.fromPts()) - from, base.seconds(muted.toPts()) - from);
        }
        return sound;
    }

    private static void mute(Sound sound, double from, double to) {
        float[] samples = sound.samples();
        int first = Math.clamp(Math.round(from * sound.rate()), 0, samples.length);
        int end = Math.clamp(Math.round(to * sound.rate()), 0, samples.length);
        if (first >= end) {
            return;
        }
        int fade = (int) (FADE * sound.rate());
        for (int i = Math.max(0, first - fade); i < first; i++) {
            samples[i] *= (float) (first - i) / fade;
        }
        Arrays.fill(samples, first, end, 0);
        for (int i = end; i < Math.min(samples.length, end + fade); i++) {
            samples[i] *= (float) (i - end) / fade;
        }
    }
}

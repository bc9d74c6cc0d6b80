package hitch.core.job;

import hitch.core.footage.FrameRef;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * What a person changed in one shot of a story. An empty change is none.
 *
 * @param narration words of their own in place of those proposed
 * @param before seconds of footage up to the frame, 0 to 600
 * @param after seconds of footage after it, likewise
 * @param leftOut whether the shot is not told at all
 * @param writtenOn fingerprint of the facts that the narration was written on; blank where it is as proposed
 * @param behind key of the shot it was put behind, blank for the beginning; empty where it stands as proposed
 * @param frame another moment of the footage
 * @param speed how many times faster it plays, 1 to 8
 * @param held whether its frame is held while it is spoken of, or plays on
 * @param pointer where the pointer goes, or that there is none
 * @param view what of a held picture or a still is gone into
 * @param voice who speaks in place of the narrator
 * @param bed whether the clip's own sound runs low under what is spoken
 */
@RecordBuilder
public record ShotChange(
        Optional<String> narration,
        Optional<Double> before,
        Optional<Double> after,
        boolean leftOut,
        String writtenOn,
        Optional<String> behind,
        Optional<FrameRef> frame,
        Optional<Double> speed,
        Optional<Boolean> held,
        Optional<Pointing> pointer,
        Optional<View> view,
        Optional<ShotVoice> voice,
        Optional<Boolean> bed)
        implements ShotChangeBuilder.With {
    public static final ShotChange NONE = new ShotChange(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            false,
            "",
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    public static final double FASTEST = 8;

    private static final double LONGEST_S = 600;

    public ShotChange {
        before.ifPresent(ShotChange::inRange);
        after.ifPresent(ShotChange::inRange);
        voice = voice == null ? Optional.empty() : voice;
        bed = bed == null ? Optional.empty() : bed;
        writtenOn = narration.isEmpty() ? "" : writtenOn;
        if (speed.isPresent() && !(speed.get() >= 1 && speed.get() <= FASTEST)) {
            throw new IllegalArgumentException(
                    "a shot plays 1 to " + (int) FASTEST + " times as fast, not " + speed.get());
        }
    }

    private static void inRange(double seconds) {
        if (!(seconds >= 0 && seconds <= LONGEST_S)) {
            throw new IllegalArgumentException("a shot runs 0 to " + (int) LONGEST_S + " seconds, not " + seconds);
        }
    }

    /**
     * The same in words of their own.
     *
     * @param facts fingerprint of what they were written on
     */
    public ShotChange saying(String words, String facts) {
        return ShotChangeBuilder.builder(this)
                .narration(Optional.of(words))
                .writtenOn(facts)
                .build();
    }

    /** The same in the words proposed. */
    public ShotChange asProposed() {
        return withNarration(Optional.empty());
    }

    public ShotChange lasting(Optional<Double> upTo, Optional<Double> on) {
        return ShotChangeBuilder.builder(this).before(upTo).after(on).build();
    }

    public ShotChange leftOut(boolean out) {
        return withLeftOut(out);
    }

    /** The same behind another shot; a blank key is the beginning. */
    public ShotChange behind(String shot) {
        return withBehind(Optional.of(shot));
    }
}

package hitch.core.footage;

/**
 * A stretch of a clip's sound that somebody asked not to be heard.
 *
 * @param key what it goes by in its job, {@code hide:2}
 * @param fromPts first time, ticks of the clip
 * @param toPts time after the last, ticks; greater than {@code fromPts}
 * @param what what is muted, in a few words; never what was said
 * @param askedBy at whose request, in words; blank where the firm does it of its own
 */
public record MutedSound(String key, ClipId clip, long fromPts, long toPts, String what, String askedBy) {
    public MutedSound {
        if (toPts <= fromPts) {
            throw new IllegalArgumentException("sound is muted for a time");
        }
    }

    /** The same from one time to another; nothing else where they are the wrong way round. */
    public MutedSound lasting(long from, long to) {
        return to > from ? new MutedSound(key, clip, from, to, what, askedBy) : this;
    }

    /** The same called and asked for otherwise. */
    public MutedSound called(String name, String who) {
        return new MutedSound(key, clip, fromPts, toPts, name, who);
    }

    /** Whether something of it lies between two times. */
    public boolean isWithin(long from, long to) {
        return fromPts <= to && toPts > from;
    }
}

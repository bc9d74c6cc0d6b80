package hitch.core.footage;

import java.util.Optional;

/**
 * A part of a clip's or a photograph's pictures that somebody asked not to be shown: a house number, a plate, a face. It goes evenly
 * from where it is at its first moment to where it is at its last.
 *
 * @param key what it goes by in its job, {@code hide:1}
 * @param fromPts first time, ticks
 * @param toPts last time, ticks; {@code fromPts} or later
 * @param first where it is at {@code fromPts}, on the pictures upright by their file's own word
 * @param last where it is at {@code toPts}
 * @param what what is hidden, in a few words; never what it says
 * @param askedBy at whose request, in words; blank where the firm does it of its own
 */
public record HiddenArea(
        String key, ClipId clip, long fromPts, long toPts, Patch first, Patch last, String what, String askedBy)
        implements Covered {
    public HiddenArea {
        if (toPts < fromPts) {
            throw new IllegalArgumentException("what is hidden is hidden from a moment on to a later one");
        }
    }

    @Override
    public Optional<Patch> at(long pts) {
        if (pts < fromPts || pts > toPts) {
            return Optional.empty();
        }
        if (first.equals(last) || fromPts == toPts) {
            return Optional.of(first);
        }
        double share = (double) (pts - fromPts) / (toPts - fromPts);
        // Rounded outwards, so that nothing shows at an edge on the way.
        return Optional.of(new Patch(
                (int) Math.floor(between(first.left(), last.left(), share)),
                (int) Math.floor(between(first.top(), last.top(), share)),
                (int) Math.ceil(between(first.right(), last.right(), share)),
                (int) Math.ceil(between(first.bottom(), last.bottom(), share))));
    }

    @Override
    public boolean isWithin(long from, long to) {
        return fromPts <= to && toPts >= from;
    }

    /** Whether it goes from one place to another. */
    public boolean moves() {
        return !first.equals(last);
    }

    /** The same standing at one place all the time. */
    public HiddenArea standing(Patch at) {
        return new HiddenArea(key, clip, fromPts, toPts, at, at, what, askedBy);
    }

    /** The same with another place at whichever of its two ends is nearer to {@code pts}. */
    public HiddenArea going(long pts, Patch at) {
        boolean first = isNearerToBeginning(pts);
        return new HiddenArea(key, clip, fromPts, toPts, first ? at : this.first, first ? last : at, what, askedBy);
    }

    /** Whether a moment is nearer to its first one than to its last. */
    public boolean isNearerToBeginning(long pts) {
        return pts - fromPts <= toPts - pts;
    }

    /** The same from one time to another; where they are the wrong way round both are at the one that was not changed. */
    public HiddenArea lasting(long from, long to) {
        boolean later = from != fromPts;
        return new HiddenArea(
                key,
                clip,
                later ? Math.min(from, to) : from,
                later ? to : Math.max(from, to),
                first,
                last,
                what,
                askedBy);
    }

    /** The same called and asked for otherwise. */
    public HiddenArea called(String name, String who) {
        return new HiddenArea(key, clip, fromPts, toPts, first, last, name, who);
    }

    private static double between(int from, int to, double share) {
        return from + share * (to - from);
    }
}

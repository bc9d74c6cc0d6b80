package hitch.core.footage;

import java.util.Optional;

/**
 * Writing that was burned into a clip's pictures when it was recorded: a name, an address, a job number, a date. The
 * counter is none.
 *
 * @param patch where it stands, on the pictures upright by their file's own word
 * @param fromPts first time, ticks
 * @param toPts time after the last, ticks; greater than {@code fromPts}
 */
public record Writing(Patch patch, long fromPts, long toPts) implements Covered {
    public Writing {
        if (toPts <= fromPts) {
            throw new IllegalArgumentException("writing is shown for a time");
        }
    }

    /** The same on pictures that are mirrored and turned by their file's word. */
    public Writing turned(boolean mirrored, int degrees) {
        return new Writing(patch.turned(mirrored, degrees), fromPts, toPts);
    }

    @Override
    public Optional<Patch> at(long pts) {
        return pts >= fromPts && pts < toPts ? Optional.of(patch) : Optional.empty();
    }

    @Override
    public boolean isWithin(long from, long to) {
        return fromPts <= to && toPts > from;
    }

    /** Whether both are the same writing, found twice. */
    public boolean isLike(Writing other) {
        return patch.isLike(other.patch) && fromPts < other.toPts && other.fromPts < toPts;
    }
}

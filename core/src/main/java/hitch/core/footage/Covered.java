package hitch.core.footage;

import java.util.Optional;

/** A place on a clip's pictures that is covered for a time where it leaves the house. Edges of time are ticks of the clip. */
public sealed interface Covered permits Writing, HiddenArea {
    /** Where it is on the frame at {@code pts}; empty where nothing is covered then. */
    Optional<Patch> at(long pts);

    /** Whether something is covered on a frame from {@code from} up to and with {@code to}. */
    boolean isWithin(long from, long to);
}

package hitch.core.job;

import hitch.core.finding.ClockPosition;
import java.util.Optional;

/**
 * Where a person has the pointer go.
 *
 * @param at the place on the wall; empty for no pointer at all
 */
public record Pointing(Optional<ClockPosition> at) {
    public static final Pointing NOWHERE = new Pointing(Optional.empty());
}

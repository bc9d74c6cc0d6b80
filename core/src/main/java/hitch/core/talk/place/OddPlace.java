package hitch.core.talk.place;

import hitch.core.measure.Distance;
import java.util.Optional;

/**
 * A distance that was said and that the camera cannot have passed between those before and after it.
 *
 * @param start where it stands in the text, characters
 * @param said the distance
 * @param before the one told before it
 * @param after the one told after it
 * @param likely what was meant, where a slip of the tongue or the ear gives it
 */
public record OddPlace(int start, Distance said, Distance before, Distance after, Optional<Distance> likely) {}

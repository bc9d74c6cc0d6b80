package hitch.core.talk.place;

import hitch.core.measure.Distance;
import hitch.core.note.Draft;

/**
 * A distance along the run as it was said.
 *
 * @param from the distance; of a stretch its nearer end
 * @param to the farther end; the same for a point
 * @param start where it begins in the text, characters
 * @param end where it ends, exclusive
 * @param weight how surely the words make it a place; 1 for a number that could be one
 * @param bare whether it stands by itself, so that the words about it are read without it
 */
record PlaceSaid(Distance from, Distance to, int start, int end, double weight, boolean bare) {
    /** Feet of its first end as it was said. */
    double feet() {
        return from.inFeet();
    }

    /** The same place, said among the words about it. */
    PlaceSaid amongWords() {
        return new PlaceSaid(from, to, start, end, weight, false);
    }

    double lastFeet() {
        return to.inFeet();
    }

    boolean isStretch() {
        return lastFeet() > feet();
    }

    Draft.Place place() {
        return new Draft.Place(from, to);
    }
}

package hitch.core.gauge;

import hitch.core.footage.Drawn;
import java.util.ArrayList;
import java.util.List;

/**
 * What a hand has done on a frame so far.
 *
 * @param places clicked or drawn along, and not yet a ring
 * @param rings two at most, the older first
 * @param strokes painted
 * @param dragged whether the rings are as a hand laid them, so that none that is proposed goes with them
 * @param snapped whether the newest ring was taken because the one place lies on it, and more places may lay it better
 */
record Hand(List<double[]> places, List<Ring> rings, List<Stroke> strokes, boolean dragged, boolean snapped) {
    static final Hand NOTHING = new Hand(List.of(), List.of(), List.of(), false, false);

    private static final int RINGS = 2;

    /** Painted with the hand held down, pixels. */
    record Stroke(List<double[]> places, double radius) {
        boolean covers(double x, double y) {
            for (int i = 0; i < places.size(); i++) {
                if (Flat.toLine(x, y, places.get(Math.max(0, i - 1)), places.get(i)) <= radius) {
                    return true;
                }
            }
            return false;
        }

        Drawn drawn(LensView lens) {
            return Drawn.brushed(Drawn.Form.BRUSH, places, 2 * radius, lens.width(), lens.height());
        }
    }

    Hand with(List<double[]> other) {
        return new Hand(List.copyOf(other), rings, strokes, dragged, snapped);
    }

    List<double[]> placesAnd(double[] place) {
        return plus(places, place);
    }

    Hand ringsAlone() {
        return new Hand(List.of(), rings, List.of(), dragged, false);
    }

    /** With one more ring through places; where one of them had a ring taken already, in the place of that. */
    Hand ringed(Ring ring) {
        return new Hand(
                List.of(), with(snapped ? rings.subList(0, rings.size() - 1) : rings, ring), strokes, dragged, false);
    }

    /** With a ring that was found where a place was clicked. */
    Hand snapped(Ring ring, double[] place) {
        return new Hand(List.of(place), with(rings, ring), strokes, dragged, true);
    }

    /** With a place of another ring. */
    Hand elsewhere(double[] place) {
        return new Hand(List.of(place), rings, strokes, dragged, false);
    }

    /** A third takes the place of the oldest. */
    private static List<Ring> with(List<Ring> rings, Ring ring) {
        List<Ring> more = plus(rings, ring);
        return more.size() > RINGS ? List.copyOf(more.subList(1, more.size())) : more;
    }

    /** With its rings laid elsewhere. */
    Hand dragged(List<Ring> other) {
        return new Hand(List.of(), List.copyOf(other), strokes, true, false);
    }

    Hand painted(List<double[]> stroke, double radius) {
        return new Hand(places, rings, plus(strokes, new Stroke(List.copyOf(stroke), radius)), dragged, snapped);
    }

    private static <T> List<T> plus(List<T> list, T more) {
        List<T> longer = new ArrayList<>(list);
        longer.add(more);
        return List.copyOf(longer);
    }
}

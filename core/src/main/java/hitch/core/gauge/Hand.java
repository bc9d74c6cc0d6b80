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
 */
record Hand(List<double[]> places, List<Ring> rings, List<Stroke> strokes, boolean dragged) {
    static final Hand NOTHING = new Hand(List.of(), List.of(), List.of(), false);

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
        return new Hand(List.copyOf(other), rings, strokes, dragged);
    }

    List<double[]> placesAnd(double[] place) {
        return plus(places, place);
    }

    Hand ringsAlone() {
        return new Hand(List.of(), rings, List.of(), dragged);
    }

    /** With one more ring; a third takes the place of the oldest. */
    Hand ringed(Ring ring) {
        List<Ring> more = plus(rings, ring);
        return new Hand(
                List.of(), more.size() > RINGS ? List.copyOf(more.subList(1, more.size())) : more, strokes, dragged);
    }

    /** With its rings laid elsewhere. */
    Hand dragged(List<Ring> other) {
        return new Hand(List.of(), List.copyOf(other), strokes, true);
    }

    Hand painted(List<double[]> stroke, double radius) {
        return new Hand(places, rings, plus(strokes, new Stroke(List.copyOf(stroke), radius)), dragged);
    }

    private static <T> List<T> plus(List<T> list, T more) {
        List<T> longer = new ArrayList<>(list);
        longer.add(more);
        return List.copyOf(longer);
    }
}

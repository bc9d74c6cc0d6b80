package hitch.core.measure;

import java.util.Optional;

/**
 * Where something lies on the line: a point, or a stretch.
 *
 * @param from the end with the lower station
 * @param to the end with the higher station; equal to {@code from} for a point
 */
public record Extent(Station from, Station to) implements Comparable<Extent> {
    public Extent {
        if (from.compareTo(to) > 0) {
            throw new IllegalArgumentException("an extent runs from the lower station to the higher");
        }
    }

    public static Extent at(Station station) {
        return new Extent(station, station);
    }

    /** The extent between two stations given in any order. */
    public static Extent between(Station a, Station b) {
        return a.compareTo(b) <= 0 ? new Extent(a, b) : new Extent(b, a);
    }

    public boolean isPoint() {
        return from.equals(to);
    }

    public Distance length() {
        return from.to(to);
    }

    /** The same stretch further along; back where {@code mm} is negative. */
    public Extent movedBy(long mm) {
        return new Extent(new Station(from.mm() + mm), new Station(to.mm() + mm));
    }

    /** The smallest extent that holds both. */
    public Extent joined(Extent other) {
        return new Extent(
                from.compareTo(other.from) <= 0 ? from : other.from, to.compareTo(other.to) >= 0 ? to : other.to);
    }

    /** What lies in both; empty where nothing does. */
    public Optional<Extent> common(Extent other) {
        Station start = from.compareTo(other.from) >= 0 ? from : other.from;
        Station end = to.compareTo(other.to) <= 0 ? to : other.to;
        return start.compareTo(end) <= 0 ? Optional.of(new Extent(start, end)) : Optional.empty();
    }

    public Station middle() {
        return new Station((from.mm() + to.mm()) / 2);
    }

    public boolean covers(Station station) {
        return from.compareTo(station) <= 0 && station.compareTo(to) <= 0;
    }

    /** In words, nearer end first: {@code 26.0 to 33.0 ft toward the main}. */
    public String show(LengthUnit unit) {
        if (isPoint()) {
            return from.show(unit);
        }
        if (from.mm() < 0 && to.mm() > 0) {
            return from.show(unit) + " to " + to.show(unit);
        }
        return distances(unit) + " " + side();
    }

    /** The way from the datum, as written behind the distances; empty where it reaches to both sides, or is the datum. */
    public String side() {
        return from.mm() < 0 && to.mm() > 0 ? "" : (to.mm() > 0 ? to : from).side();
    }

    /** How far from the datum, nearer end first, without the way: {@code 26.0 to 33.0 ft}. */
    public String distances(LengthUnit unit) {
        if (isPoint()) {
            return unit.show(from.fromDatum());
        }
        boolean down = to.mm() > 0;
        Distance near = (down ? from : to).fromDatum();
        Distance far = (down ? to : from).fromDatum();
        String start = unit == LengthUnit.FEET_INCHES ? unit.show(near) : unit.number(near);
        return start + " to " + unit.show(far);
    }

    @Override
    public int compareTo(Extent other) {
        int byStart = from.compareTo(other.from);
        return byStart != 0 ? byStart : to.compareTo(other.to);
    }
}

package hitch.core.measure;

/**
 * A place on the line, as its distance from the line's datum (linear referencing).
 *
 * @param mm millimetres from the datum, rising with the flow; negative is up the line, towards the building
 */
public record Station(long mm) implements Comparable<Station> {
    public static final Station DATUM = new Station(0);

    public Station plus(Distance distance) {
        return new Station(mm + distance.mm());
    }

    /** Unsigned distance between two stations. */
    public Distance to(Station other) {
        return new Distance(Math.abs(other.mm - mm));
    }

    /** Unsigned distance from the datum. */
    public Distance fromDatum() {
        return new Distance(Math.abs(mm));
    }

    /** The way from the datum, as written behind a distance; empty at the datum itself. */
    public String side() {
        if (mm == 0) {
            return "";
        }
        return mm > 0 ? "toward the main" : "toward the building";
    }

    /** In words, such as {@code 31.4 ft toward the main}. */
    public String show(LengthUnit unit) {
        return (unit.show(fromDatum()) + " " + side()).strip();
    }

    @Override
    public int compareTo(Station other) {
        return Long.compare(mm, other.mm);
    }
}

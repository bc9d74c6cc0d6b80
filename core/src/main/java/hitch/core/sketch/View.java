package hitch.core.sketch;

import hitch.core.measure.Extent;
import hitch.core.measure.Station;

/**
 * Which stretch of the line is shown, and how wide.
 *
 * @param shown from its left end to its right
 * @param left pixels left free of it
 * @param width pixels that it takes
 */
public record View(Extent shown, double left, double width) {
    public View {
        if (width <= 0) {
            throw new IllegalArgumentException("a view has a width");
        }
    }

    public double x(Station station) {
        return x(station.mm());
    }

    public double x(double mm) {
        return left + (mm - shown.from().mm()) * scale();
    }

    /** Pixels to a millimetre of pipe. */
    public double scale() {
        return width / Math.max(1, shown.length().mm());
    }

    public Station at(double x) {
        return new Station(shown.from().mm() + Math.round((x - left) / scale()));
    }

    /** Whether any of a stretch is in view. */
    boolean shows(Extent extent) {
        return extent.to().compareTo(shown.from()) >= 0 && extent.from().compareTo(shown.to()) <= 0;
    }

    boolean shows(Station station) {
        return shown.covers(station);
    }

    /** Zoomed about a pixel, within {@code whole}; a factor above 1 shows less of the line. */
    public View zoomed(double factor, double x, Extent whole) {
        double length = Math.clamp(
                shown.length().mm() / factor,
                Math.min(1500, whole.length().mm()),
                whole.length().mm());
        double share = Math.clamp((x - left) / width, 0, 1);
        double from = at(x).mm() - share * length;
        return within(from, length, whole);
    }

    /** Moved along by pixels, within {@code whole}. */
    public View moved(double pixels, Extent whole) {
        return within(shown.from().mm() + pixels / scale(), shown.length().mm(), whole);
    }

    private View within(double from, double length, Extent whole) {
        double least = whole.from().mm();
        double low = Math.clamp(from, least, Math.max(least, whole.to().mm() - length));
        return new View(new Extent(new Station(Math.round(low)), new Station(Math.round(low + length))), left, width);
    }
}

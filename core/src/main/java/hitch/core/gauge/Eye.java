package hitch.core.gauge;

/**
 * Where the lens is in the pipe and how it looks, so that each pixel of the wall is a place. Lengths are in radii of the bore.
 *
 * @param lens what draws the picture
 * @param way which way the pipe goes, a unit vector seen from the lens: right, down, forward
 * @param right how far the middle of the bore lies to the right of the lens
 * @param down how far it lies below the lens; less than nothing where the lens is low
 */
public record Eye(LensView lens, double[] way, double right, double down) {
    /** The lens is no nearer to the wall than this. */
    private static final double INSIDE = 0.95;

    public Eye {
        double off = Math.hypot(right, down);
        if (off > INSIDE) {
            right *= INSIDE / off;
            down *= INSIDE / off;
        }
    }

    /** The eye that sees a ring. */
    public static Eye seeing(LensView lens, double[] way, Ring ring) {
        return new Eye(lens, way, ring.right(), ring.down());
    }

    /** A place of the wall: how far round from the top, radians clockwise as the picture shows it, and how far ahead. */
    public record Place(double round, double ahead) {
        /** Hours on the clock, above 0 to 12. */
        public double clock() {
            double hours = round / (2 * Math.PI) * 12;
            double within = ((hours % 12) + 12) % 12;
            return within == 0 ? 12 : within;
        }

        /** How far it is to another along the wall, the short way round, radii. */
        public double to(Place other) {
            return Math.hypot(roundTo(other), other.ahead - ahead);
        }

        /** How far round it is to another, the short way, radians. */
        public double roundTo(Place other) {
            return Math.abs(Math.IEEEremainder(other.round - round, 2 * Math.PI));
        }
    }

    /** What a pixel shows, if it shows the wall. */
    public Place wall(double x, double y) {
        double[] p = aligned().flat(x, y);
        double a = Math.max(1e-9, p[0] * p[0] + p[1] * p[1]);
        double b = p[0] * right + p[1] * down;
        double c = right * right + down * down - 1;
        double ahead = (b + Math.sqrt(Math.max(0, b * b - a * c))) / a;
        return new Place(Math.atan2(p[0] * ahead - right, -(p[1] * ahead - down)), ahead);
    }

    /** Where a place of the wall shows, pixels from the left and from the top. */
    public double[] pixel(Place place) {
        double u = (right + Math.sin(place.round())) / place.ahead();
        double v = (down - Math.cos(place.round())) / place.ahead();
        return aligned().pixel(u, v);
    }

    /** The ring of the wall so far ahead. */
    public Ring ringAt(double ahead) {
        return new Ring(right / ahead, down / ahead, 1 / ahead, 0, 0, 0);
    }

    /** What a pixel shows on the plane across the pipe so far ahead: right and down of the bore's middle. */
    public double[] across(double x, double y, double ahead) {
        double[] p = aligned().flat(x, y);
        return new double[] {p[0] * ahead - right, p[1] * ahead - down};
    }

    private Aligned aligned() {
        return Aligned.along(lens, way);
    }
}

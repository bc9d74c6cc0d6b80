package hitch.core.gauge;

/**
 * A ring of the wall, as a circle on the sheet across the pipe.
 *
 * @param u of its middle, to the right of where the pipe goes, in units of the sheet
 * @param v downward likewise
 * @param r its radius likewise: one over how many radii of the bore it lies ahead
 * @param seen share of its circumference that is seen, 0 to 1
 * @param sure how likely it is a ring at all, 0 to 1
 * @param spread how far what is seen of it lies off it in the middle, in units of the sheet
 */
public record Ring(double u, double v, double r, double seen, double sure, double spread) {
    /** How far ahead of the lens it lies, radii of the bore. */
    public double ahead() {
        return 1 / r;
    }

    /** How far the middle of the bore lies to the right of the lens there, radii of the bore. */
    public double right() {
        return u / r;
    }

    /** How far it lies below the lens, likewise. */
    public double down() {
        return v / r;
    }

    /** The same where the pipe goes another way than was thought, so far to the left and up. */
    Ring moved(double right, double down) {
        return new Ring(u + right, v + down, r, seen, sure, spread);
    }
}

package hitch.core.gauge;

/**
 * How high water stands, seen where its edges run along the wall.
 *
 * @param left which way its left edge runs from where the pipe goes, radians clockwise from the picture's right
 * @param right its right edge likewise
 * @param depth how deep it stands over the bottom, radii of the bore, 0 to 2
 * @param roll how far the picture is turned against its level, radians clockwise
 * @param sure how likely it is water at all, 0 to 1
 */
public record WaterLine(double left, double right, double depth, double roll, double sure) {
    /** The water between two edges, as an eye sees it. */
    static WaterLine between(Eye eye, double left, double right, double sure) {
        double[] l = meets(eye, left);
        double[] r = meets(eye, right);
        double wide = Math.max(1e-6, Math.hypot(r[0] - l[0], r[1] - l[1]));
        double roll = Math.atan2(r[1] - l[1], r[0] - l[0]);
        // How far the chord lies below the middle of the bore.
        double below = (r[0] * l[1] - r[1] * l[0]) / wide;
        return new WaterLine(left, right, Math.clamp(1 - below, 0, 2), roll, sure);
    }

    /** Where the plane through lens and edge meets the wall, right and down of the middle. */
    private static double[] meets(Eye eye, double turn) {
        double dx = Math.cos(turn);
        double dy = Math.sin(turn);
        double b = dx * eye.right() + dy * eye.down();
        double c = eye.right() * eye.right() + eye.down() * eye.down() - 1;
        double far = b + Math.sqrt(Math.max(0, b * b - c));
        return new double[] {dx * far - eye.right(), dy * far - eye.down()};
    }

    /** Share of the bore's area that it takes, 0 to 1. */
    public double share() {
        double d = Math.clamp(1 - depth, -1, 1);
        return (Math.acos(d) - d * Math.sqrt(1 - d * d)) / Math.PI;
    }
}

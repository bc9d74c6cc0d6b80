package hitch.core.gauge;

import hitch.core.counter.sight.GreyPicture;
import java.util.List;
import java.util.Optional;

/**
 * What is proposed on a frame without a hand: rings, the steps and gaps of joints, and water.
 *
 * @param found what was seen
 * @param boreMm the bore that all of it is measured by, millimetres
 * @param joints those of which both rims are seen, the nearest first
 * @param water how deep it stands
 */
public record FrameGauge(RingFinder.Found found, double boreMm, List<JointGauge> joints, Optional<Measured> water) {
    /** No pipe that is measured is narrower, or wider, millimetres. */
    public static final double NARROWEST_MM = 25;

    public static final double WIDEST_MM = 1500;

    /** How high a push camera carries its lens over the bottom where nobody says, millimetres. */
    public static final double USUAL_LENS_MM = 35;
    /** Depth of water is told to so much of the bore, and better where its edges are clear. */
    private static final double WATER_SHARE = 0.045;

    /**
     * @param boreMm width of the pipe, 25 to 1500 millimetres
     * @param lensMm how high the lens is carried over the bottom, millimetres
     */
    public static FrameGauge of(GreyPicture picture, LensView lens, double boreMm, double lensMm) {
        if (!(boreMm >= NARROWEST_MM && boreMm <= WIDEST_MM)) {
            throw new IllegalArgumentException("a bore is 25 to 1500 mm wide, not " + boreMm);
        }
        double radius = boreMm / 2;
        RingFinder.Found found = RingFinder.of(picture, lens, held(boreMm, lensMm));
        return new FrameGauge(
                found,
                boreMm,
                found.joints().stream()
                        .filter(j -> j.far().isPresent() && j.gap() <= JointRings.WIDEST)
                        .map(j -> JointGauge.of(j, radius, Sheet.scale(lens), false))
                        .toList(),
                found.water().map(w -> water(w, radius)));
    }

    /** How far below the middle of the bore a lens is carried, radii of the bore. */
    public static double held(double boreMm, double lensMm) {
        return Math.clamp(1 - lensMm / (boreMm / 2), -0.5, 0.9);
    }

    private static Measured water(WaterLine line, double radius) {
        return new Measured(line.depth() * radius, 2 * radius * WATER_SHARE * (2 - line.sure()), line.sure());
    }
}

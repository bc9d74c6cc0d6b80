package hitch.core.gauge;

import hitch.core.counter.sight.GreyPicture;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Finds the rings of the wall on a picture: rims of joints first of all. The picture is drawn anew as a sheet across the pipe, on
 * which every ring is a circle ({@link Aligned}); its edges vote for circles ({@link RingVotes}), and each guess is laid through
 * the edges that agree on it ({@link RingFit}). How sure a ring is comes from how much of its round is seen beyond what
 * chance would give.
 */
public final class RingFinder {
    private static final int GUESSES = 10;
    private static final double LIKELY = 0.18;
    private static final double CERTAIN = 0.6;
    /** A ring this sure tells where the lens is. */
    private static final double RELIED_ON = 0.75;

    private RingFinder() {}

    /**
     * What was found.
     *
     * @param lens what drew the picture
     * @param way which way the pipe goes, a unit vector: right, down, forward
     * @param rings the surest first
     * @param joints the nearest first
     * @param water what stands or runs in it
     */
    public record Found(
            LensView lens,
            double[] way,
            List<Ring> rings,
            List<JointRings> joints,
            Optional<WaterLine> water,
            Eye eye) {
        /** A ring as the picture shows it. */
        public Optional<Ellipse> ellipse(Ring ring) {
            return Pictured.of(Aligned.along(lens, way), ring);
        }

        /** Two places of a line along the wall that runs to where the pipe goes, pixels from the left and the top. */
        public List<double[]> edge(double turn) {
            return Pictured.edge(Aligned.along(lens, way), turn);
        }
    }

    /** @param held how far below the middle of the bore the lens is carried where no ring tells it, radii of the bore */
    public static Found of(GreyPicture picture, LensView lens, double held) {
        FarEnd.Dark dark = FarEnd.of(picture, lens);
        Sheet sheet = Sheet.of(picture, Aligned.along(lens, dark.way()));
        List<RingFit.Circle> circles = new RingVotes(sheet)
                .best(GUESSES).parallelStream()
                        .flatMap(g -> fitted(sheet, g).stream())
                        .sorted(Comparator.comparingDouble(c -> -c.beyond()))
                        .toList();
        List<RingFit.Circle> told = new ArrayList<>();
        for (RingFit.Circle c : circles) {
            if (told.stream().noneMatch(o -> same(o, c))) {
                told.add(c);
            }
        }
        List<JointRings> seen = JointFinder.of(sheet, told);
        double[] about = off(seen, dark, held);
        double size = dark.size() * sheet.scale();
        List<JointRings> joints = BandFinder.of(sheet, about[0], about[1], size)
                .or(() -> seen.isEmpty() ? Optional.empty() : BandFinder.of(sheet, 0, -held, size))
                .map(b -> JointFinder.with(sheet, seen, b))
                .orElse(seen);
        double[] off = off(joints, dark, held);
        double right = off[0] * dark.size();
        double down = off[1] * dark.size();
        double[] way = sheet.aligned().way(-right, -down);
        Eye eye = new Eye(lens, way, off[0], off[1]);
        return new Found(
                lens,
                way,
                told.stream().map(c -> ring(sheet, c).moved(right, down)).toList(),
                joints.stream().map(j -> j.moved(right, down)).toList(),
                WaterFinder.of(sheet, eye, right, down),
                eye);
    }

    private static Optional<RingFit.Circle> fitted(Sheet sheet, RingVotes.Guess g) {
        RingEdges edges = new RingEdges(sheet, g.x(), g.y(), g.r());
        return new RingFit(edges, g.x(), g.y(), g.r())
                .best(new boolean[edges.count], 0.3, 0.75, 1.3)
                .filter(c -> c.beyond() > LIKELY);
    }

    /** How far the bore's middle lies off the lens, radii: by the surest joint, else as the lens is held. */
    private static double[] off(List<JointRings> joints, FarEnd.Dark dark, double held) {
        return joints.stream()
                .map(JointRings::near)
                .filter(n -> n.sure() > RELIED_ON && n.r() > FarEnd.WELL_OUTSIDE * dark.size())
                .findFirst()
                .map(n -> new double[] {n.u() / (n.r() - dark.size()), n.v() / (n.r() - dark.size())})
                .orElse(new double[] {0, -held});
    }

    private static boolean same(RingFit.Circle a, RingFit.Circle b) {
        double near = 1.2 + 0.012 * a.r();
        return Math.hypot(a.x() - b.x(), a.y() - b.y()) < 2 * near && Math.abs(a.r() - b.r()) < near;
    }

    static Ring ring(Sheet sheet, RingFit.Circle c) {
        return new Ring(
                (c.x() - sheet.middleX()) / sheet.scale(),
                (c.y() - sheet.middleY()) / sheet.scale(),
                c.r() / sheet.scale(),
                c.seen(),
                Math.clamp((c.beyond() - LIKELY) / (CERTAIN - LIKELY), 0, 1),
                c.spread() / sheet.scale());
    }
}

package hitch.core.gauge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * Tells which rings are joints, and looks behind each for the rim of the next length: another circle of nearly the same size, a
 * little smaller since it lies a little farther, of which only what shows within the near one is seen.
 */
final class JointFinder {
    /** A ring this sure or surer is a joint's. */
    private static final double SURE = 0.45;
    /** The far rim against the near one: farther than this the next length does not begin. */
    private static final double SMALLEST = 0.70;

    private static final double LARGEST = 0.995;
    private static final double FAR_OFF = 0.5;
    private static final double SEEN = 0.18;
    private static final double FIRST = 0.18;
    private static final double BESIDE = 0.045;
    private static final double BEFORE = 0.15;
    private static final double SHARP = 0.45;
    /** Of two joints the farther one is so much smaller at least. */
    private static final double APART = 0.72;

    /** A length that lies off by so much shows its end, share of the radius. */
    private static final double FACE_OFF = 0.06;
    /** The rim of a face against its outer edge. */
    private static final double FACE_SMALLEST = 0.8;

    private static final double FACE_LARGEST = 1.06;
    private static final double FACE_SEEN = 0.2;
    /** Cosine between the ways that both lie off. */
    private static final double SAME_WAY = 0.9;

    /** A joint is the same one so near it, share of how far ahead it lies. */
    private static final double THERE = 0.3;
    /** A joint found with so much of a step is no band, radii. */
    private static final double STEPPED = 0.08;

    private JointFinder() {}

    static List<JointRings> of(Sheet sheet, List<RingFit.Circle> circles) {
        List<RingFit.Circle> sure = circles.stream()
                .filter(c -> RingFinder.ring(sheet, c).sure() >= SURE)
                .filter(c -> circles.stream().noneMatch(o -> o.beyond() > c.beyond() && isBeside(o, c)))
                .sorted(Comparator.comparingDouble(c -> -c.r()))
                .toList();
        List<JointRings> joints = new ArrayList<>();
        double last = Double.MAX_VALUE;
        for (RingFit.Circle near : sure) {
            if (near.r() > last * APART) {
                continue;
            }
            List<Optional<RingFit.Circle>> sides = Stream.<Supplier<Optional<RingFit.Circle>>>of(
                            () -> behind(sheet, near), () -> before(sheet, near))
                    .parallel()
                    .map(Supplier::get)
                    .toList();
            Optional<RingFit.Circle> behind = sides.getFirst();
            // Either may be there by chance: the one that more of is seen is the joint's other rim.
            Optional<RingFit.Circle> before =
                    sides.getLast().filter(b -> behind.stream().noneMatch(f -> f.beyond() >= b.beyond()));
            Optional<RingFit.Circle> far = before.isPresent() ? Optional.of(near) : behind;
            last = before.orElse(near).r();
            joints.add(new JointRings(rim(sheet, before.orElse(near)), far.map(f -> rim(sheet, f))));
        }
        return joints;
    }

    /**
     * The joints with one that shows as a band. Where one was found there as a step it stays: a length that lies off shows more of itself
     * than a band would.
     */
    static List<JointRings> with(Sheet sheet, List<JointRings> joints, BandFinder.Band band) {
        JointRings open = new JointRings(
                banded(sheet, band.near(), band.sure()), Optional.of(banded(sheet, band.far(), band.sure())));
        Optional<JointRings> there = joints.stream()
                .filter(j -> Math.abs(j.near().ahead() - open.near().ahead())
                        < THERE * open.near().ahead())
                .findFirst();
        if (there.filter(j -> isPlainer(j, open, band)).isPresent()) {
            return joints;
        }
        return Stream.concat(
                        joints.stream().filter(j -> there.filter(t -> t == j).isEmpty()), Stream.of(open))
                .sorted(Comparator.comparingDouble(j -> j.near().ahead()))
                .toList();
    }

    /** Whether a joint that was found as a step, or with the same far rim, tells more than the band does. */
    private static boolean isPlainer(JointRings joint, JointRings open, BandFinder.Band band) {
        return joint.far()
                .filter(f -> joint.step() > STEPPED ? !band.isBright() || f.sure() >= band.sure() : joint.holds(open))
                .isPresent();
    }

    private static Ring banded(Sheet sheet, RingFit.Circle circle, double sure) {
        Ring r = RingFinder.ring(sheet, circle);
        return new Ring(r.u(), r.v(), r.r(), r.seen(), sure, r.spread());
    }

    private static Ring rim(Sheet sheet, RingFit.Circle found) {
        return RingFinder.ring(sheet, RimPlace.of(sheet, found));
    }

    /** Whether two circles are so near each other that one of them may lie between two rims. */
    private static boolean isBeside(RingFit.Circle a, RingFit.Circle b) {
        return Math.abs(a.r() - b.r()) < BESIDE * b.r() && Math.hypot(a.x() - b.x(), a.y() - b.y()) < BESIDE * b.r();
    }

    /** Where what was found is the rim of the far length: that of the near one, round it. */
    private static Optional<RingFit.Circle> before(Sheet sheet, RingFit.Circle far) {
        RingEdges edges = new RingEdges(sheet, far.x(), far.y(), far.r());
        RingFit fit = new RingFit(edges, far.x(), far.y(), far.r());
        boolean[] used = new boolean[edges.count];
        fit.use(far, used);
        return fit.best(used, 0.25, 1.02, 1.38)
                .filter(c -> Math.hypot(c.x() - far.x(), c.y() - far.y()) < c.r() - 0.93 * far.r())
                .filter(c -> c.beyond() > BEFORE);
    }

    private static Optional<RingFit.Circle> behind(Sheet sheet, RingFit.Circle near) {
        RingEdges edges = new RingEdges(sheet, near.x(), near.y(), near.r());
        RingFit fit = new RingFit(edges, near.x(), near.y(), near.r(), Optional.of(near));
        boolean[] used = new boolean[edges.count];
        fit.use(near, used);
        boolean[] inner = used.clone();
        edges.leaveFirst(inner, SHARP);
        Optional<RingFit.Circle> first =
                fit.best(inner, FAR_OFF, SMALLEST, LARGEST).filter(c -> c.beyond() > FIRST);
        Optional<RingFit.Circle> far = first.isPresent()
                ? first
                : fit.best(used, FAR_OFF, SMALLEST, LARGEST).filter(c -> c.beyond() > SEEN);
        return far.map(f -> within(sheet, near, f).orElse(f));
    }

    /**
     * Where a length lies off, its end shows as a bright face, and what was found may be the outer edge of that: the rim is the inner
     * one, which lies off the same way and farther.
     */
    private static Optional<RingFit.Circle> within(Sheet sheet, RingFit.Circle near, RingFit.Circle face) {
        double x = face.x() - near.x();
        double y = face.y() - near.y();
        double off = Flat.length(x, y);
        if (off < FACE_OFF * near.r()) {
            return Optional.empty();
        }
        RingEdges edges = new RingEdges(sheet, face.x(), face.y(), face.r());
        RingFit fit = new RingFit(edges, face.x(), face.y(), face.r(), Optional.of(near));
        boolean[] used = new boolean[edges.count];
        fit.use(near, used);
        fit.use(face, used);
        fit.useOutside(face, used);
        boolean[] inner = used.clone();
        edges.leaveFirst(inner, SHARP);
        return Stream.of(inner, used)
                .flatMap(edge -> fit.best(edge, FAR_OFF, FACE_SMALLEST, FACE_LARGEST).stream())
                .filter(c -> c.beyond() > FACE_SEEN)
                .filter(c -> {
                    double cx = c.x() - near.x();
                    double cy = c.y() - near.y();
                    double both = Flat.length(cx, cy);
                    return both > off && cx * x + cy * y > SAME_WAY * both * off;
                })
                .findFirst();
    }
}

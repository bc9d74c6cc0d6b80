package hitch.core.gauge;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Finds the open joint by the band that shows between its two rims: two edges that run all round the bore, one behind the other, at
 * which the light changes opposite ways. A length that lies off shows no such band; its step is told by {@link JointFinder}.
 */
final class BandFinder {
    /** Radii that are looked at, radii of the bore ahead. */
    private static final double NEAREST = 1.9;

    private static final double FARTHEST = 9;
    /** The far rim against the near one. */
    private static final double SMALLEST = 0.70;

    private static final double LARGEST = 0.985;
    /** An edge is one from here on; what is dark between two edges may be the shadow of a length that lies off. */
    private static final double PLAIN = 7;

    private static final double PLAIN_DARK = 12;
    private static final double PLAINEST = 14;
    /** The fainter of the two against the plainer. */
    private static final double ALIKE = 0.3;
    /** An edge is as plain as another from so much of it on. */
    private static final double AS_PLAIN = 0.8;

    /** So far the middle of the rings may lie off at first, and once one of them is known, sheet pixels. */
    private static final double[] ABOUT = {-6, -3, 0, 3, 6};

    private static final double[] CLOSE = {-2, 0, 2};

    private BandFinder() {}

    /**
     * @param near where the near length ends
     * @param far where the far one begins
     * @param isBright whether it is brighter than the wall before it: what is dark may be the shadow of a length that lies off
     * @param sure 0 to 1
     */
    record Band(RingFit.Circle near, RingFit.Circle far, boolean isBright, double sure) {}

    /**
     * @param slantX,slantY how far the bore's middle lies off the lens, radii
     * @param dark radius of the dark at the sheet's middle, sheet pixels
     */
    static Optional<Band> of(Sheet sheet, double slantX, double slantY, double dark) {
        Optional<Pair> about = pair(edges(sheet, slantX, slantY, dark, ABOUT));
        if (about.isEmpty() || about.get().plainer().r() <= FarEnd.WELL_OUTSIDE * dark) {
            return Optional.empty();
        }
        // Its plainer rim tells where the lens is, and so where the other rim must lie.
        RingFit.Circle plain = laid(sheet, about.get().plainer());
        double x = (plain.x() - sheet.middleX()) / (plain.r() - dark);
        double y = (plain.y() - sheet.middleY()) / (plain.r() - dark);
        return pair(edges(sheet, x, y, dark, CLOSE)).map(p -> {
            List<RingFit.Circle> rims = Stream.of(p.near(), p.far())
                    .parallel()
                    .map(e -> laid(sheet, e))
                    .toList();
            return new Band(rims.getFirst(), rims.getLast(), p.isBright(), p.sure());
        });
    }

    private static List<RingRun.Edge> edges(Sheet sheet, double slantX, double slantY, double dark, double[] off) {
        return new RingRun(sheet, slantX, slantY, dark, sheet.scale() / FARTHEST, sheet.scale() / NEAREST)
                .edges(PLAIN, off);
    }

    /** The plainest far rim with a near one, and of edges before it that are as plain the outermost: a socket has shoulders within. */
    private static Optional<Pair> pair(List<RingRun.Edge> edges) {
        Optional<Pair> plainest = edges.stream()
                .flatMap(o -> edges.stream().map(i -> new Pair(o, i)))
                .filter(Pair::isBand)
                .max(Comparator.comparingDouble(Pair::plain));
        return plainest.map(p -> edges.stream()
                .map(o -> new Pair(o, p.far()))
                .filter(Pair::isBand)
                .filter(o -> Math.abs(o.near().plain())
                        >= AS_PLAIN * Math.abs(p.near().plain()))
                .max(Comparator.comparingDouble(o -> o.near().r()))
                .orElse(p));
    }

    private record Pair(RingRun.Edge near, RingRun.Edge far) {
        boolean isBand() {
            boolean behind = far.r() > SMALLEST * near.r() && far.r() < LARGEST * near.r();
            return behind
                    && near.plain() * far.plain() < 0
                    && fainter() >= (isBright() ? PLAIN : PLAIN_DARK)
                    && fainter() >= ALIKE * Math.abs(plainer().plain());
        }

        boolean isBright() {
            return near.plain() < 0;
        }

        RingRun.Edge plainer() {
            return Math.abs(near.plain()) > Math.abs(far.plain()) ? near : far;
        }

        double fainter() {
            return Math.min(Math.abs(near.plain()), Math.abs(far.plain()));
        }

        double plain() {
            return Math.abs(near.plain()) + Math.abs(far.plain());
        }

        double sure() {
            return Math.clamp((fainter() - PLAIN / 2) / (PLAINEST - PLAIN / 2), 0, 1);
        }
    }

    private static RingFit.Circle laid(Sheet sheet, RingRun.Edge edge) {
        return RimPull.onto(sheet, new RingFit.Circle(edge.x(), edge.y(), edge.r(), 1, 0, 0), edge.plain());
    }
}

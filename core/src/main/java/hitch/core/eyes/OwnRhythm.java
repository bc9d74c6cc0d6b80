package hitch.core.eyes;

import hitch.core.measure.Distance;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What a wall has more than once is its rhythm: its joints, its wear, its water. What is like nothing else along it stands out. Told by how
 * far each place lies, in its {@link WallCells}, from the second most alike place elsewhere.
 */
final class OwnRhythm {
    /** A place is not held against those so near it, millimetres: a thing is like itself. */
    private static final double APART = Distance.MM_PER_FOOT * 1.5;
    /** Nor against those so far off, where the pipe may be another. */
    private static final double ALIKE_WITHIN = Distance.MM_PER_FOOT * 60;
    /** Places so near to each other are one, when those that are alike are counted. */
    private static final double ONE = Distance.MM_PER_FOOT * 0.5;
    /** The head may have turned by so many sectors from one place to the other. */
    private static final int TURNED = 1;
    /** Two places that stand out are so far apart at least. */
    private static final double NEXT = Distance.MM_PER_FOOT * 2;

    /** Bare wall lies so far from its like. */
    private static final double NOISE = 2;
    /** What lies so far from it is seen; it may be a joint. */
    private static final double SEEN = 3.5;
    /** On bare wall so much stands out. */
    private static final double BARE = 5;
    /** Where no beat is heard it may be a joint that only a few are like. */
    private static final double NO_BEAT = 8;
    /** And at a joint so many times what joints there do. */
    private static final double UNLIKE = 1.45;

    private final WallCells cells;
    private final List<double[]> known;

    /** @param known what looks like it stands out no more, as places of {@link WallCells} */
    OwnRhythm(WallCells cells, List<double[]> known) {
        this.cells = cells;
        this.known = known;
    }

    /** The places that stand out, most of all first. */
    List<StandOut> broken() {
        List<StandOut> all = peaks();
        List<StandOut> joints =
                JointBeat.joints(all.stream().filter(p -> p.by() >= SEEN).toList());
        List<StandOut> told = new ArrayList<>();
        for (StandOut one : all) {
            double by = one.by() / (joints.contains(one) ? asAJoint(one, joints) : joints.isEmpty() ? NO_BEAT : BARE);
            if (by > 1) {
                told.add(new StandOut(one.at(), by));
            }
        }
        return strongest(told, NEXT);
    }

    /** The strongest first, and none so near to a stronger one. */
    private static List<StandOut> strongest(List<StandOut> places, double apart) {
        List<StandOut> left = new ArrayList<>();
        places.stream()
                .sorted(Comparator.comparingDouble(StandOut::by).reversed())
                .filter(p -> left.stream().allMatch(l -> Math.abs(l.at() - p.at()) > apart))
                .forEach(left::add);
        return left;
    }

    /** So far a joint must lie from its like to stand out among the joints about it. */
    private static double asAJoint(StandOut one, List<StandOut> joints) {
        double[] about = joints.stream()
                .filter(j -> Math.abs(j.at() - one.at()) <= ALIKE_WITHIN)
                .mapToDouble(StandOut::by)
                .toArray();
        return Math.max(BARE, UNLIKE * lower(about));
    }

    /** What most of some are at least: a few that are far from their like do not raise it. */
    private static double lower(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 3];
    }

    /** Where the wall is least like the rest of it, most of all first. */
    private List<StandOut> peaks() {
        int count = cells.unusual().length;
        double[] alone = new double[count];
        IntStream.range(0, count).parallel().forEach(i -> alone[i] = alone(i));
        List<StandOut> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double before = alone[Math.max(0, i - 1)];
            double after = alone[Math.min(count - 1, i + 1)];
            double smooth = (before + 2 * alone[i] + after) / 4;
            if (smooth > NOISE) {
                all.add(new StandOut(cells.from() + (i + 0.5) * WallCells.LONG, smooth));
            }
        }
        return strongest(all, ONE);
    }

    /** How far a place lies from the second most alike elsewhere. */
    private double alone(int place) {
        double[][] all = cells.unusual();
        double[] here = all[place];
        // Bare wall is what most places are like.
        double most = squared(here);
        if (most < NOISE * NOISE) {
            return 0;
        }
        double nearest = most;
        double second = most;
        int where = Integer.MIN_VALUE / 2;
        int apart = (int) (APART / WallCells.LONG);
        int within = (int) (ALIKE_WITHIN / WallCells.LONG);
        int one = (int) (ONE / WallCells.LONG);
        for (int i = Math.max(0, place - within); i < Math.min(all.length, place + within); i++) {
            if (Math.abs(i - place) < apart) {
                continue;
            }
            double off = off(here, all[i], TURNED, second);
            if (off < nearest) {
                if (Math.abs(i - where) >= one) {
                    second = nearest;
                }
                nearest = off;
                where = i;
            } else if (off < second && Math.abs(i - where) >= one) {
                second = off;
            }
        }
        for (double[] other : known) {
            second = Math.min(second, off(here, other, WallCells.SECTORS / 2, second));
        }
        return Math.sqrt(second);
    }

    private static double squared(double[] cells) {
        return Arrays.stream(cells).map(v -> v * v).sum();
    }

    /** How far two places lie apart, squared, turned onto each other as well as it goes; no more than so much. */
    private static double off(double[] one, double[] other, int turned, double most) {
        double least = most;
        for (int turn = -turned; turn <= turned; turn++) {
            int shift = Math.floorMod(turn, WallCells.SECTORS) * WallCells.SIGNS;
            double sum = 0;
            int k = shift;
            for (int i = 0; i < one.length && sum < least; i++) {
                double d = one[i] - other[k];
                sum += d * d;
                k = k + 1 == other.length ? 0 : k + 1;
            }
            least = Math.min(least, sum);
        }
        return least;
    }
}

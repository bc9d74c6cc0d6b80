package hitch.core.eyes;

import hitch.core.gauge.WallBand;
import hitch.core.measure.Distance;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;

/**
 * The wall along a clip, unrolled: how far its light and its hue lie off what is usual thereabouts. What a lens, a lamp or an overlay
 * does to every picture alike is usual, and so falls away.
 *
 * @param from where it begins, millimetres of cable
 * @param light by slice along the way, then by place round; NaN where nothing was seen
 * @param hue by slice, then by sector, red before blue
 */
record UnrolledWall(double from, double[][] light, double[][] hue) {
    /** Thickness of a slice, millimetres. */
    static final double SLICE = Distance.MM_PER_FOOT * 0.05;

    /** So far to either side tells what is usual, millimetres. */
    private static final double ABOUT = Distance.MM_PER_FOOT * 6;
    /** What is usual is asked anew after so much way. */
    private static final double ANEW = Distance.MM_PER_FOOT * 0.4;
    /** So many looks tell it. */
    private static final int TELLING = 120;

    private static final int FEWEST = 10;
    /** {@link WallBand#NONE} without its sign. */
    private static final int NONE = 255;

    /**
     * @param bands in order of place
     * @param radius of the bore, millimetres
     */
    static UnrolledWall of(List<PlacedBand> bands, double radius) {
        double from = bands.getFirst().at();
        int slices = (int) ((bands.getLast().at() - from + WallBand.ahead(WallBand.DEEP - 1) * radius) / SLICE) + 1;
        return new UnrolledWall(
                from,
                slices(bands, radius, from, slices, WallBand.ROUND, WallBand::light, WallBand::lightOf),
                slices(bands, radius, from, slices, WallBand.HUES * 2, WallBand::hue, WallBand::hueOf));
    }

    private static double[][] slices(
            List<PlacedBand> bands,
            double radius,
            double from,
            int slices,
            int across,
            Function<WallBand, byte[]> steps,
            IntToDoubleFunction worth) {
        double[][] sum = new double[slices][across];
        int[][] count = new int[slices][across];
        byte[][] seen = bands.stream().map(b -> steps.apply(b.band())).toArray(byte[][]::new);
        double[] values = IntStream.range(0, NONE + 1).mapToDouble(worth).toArray();
        IntStream.range(0, across).parallel().forEach(place -> {
            for (int row = 0; row < WallBand.DEEP; row++) {
                double[] off = offUsual(bands, seen, row * across + place, values);
                for (int i = 0; i < off.length; i++) {
                    int slice = (int) ((bands.get(i).at() - from + WallBand.ahead(row) * radius) / SLICE);
                    if (!Double.isNaN(off[i])) {
                        sum[slice][place] += off[i];
                        count[slice][place]++;
                    }
                }
            }
        });
        for (int slice = 0; slice < slices; slice++) {
            for (int place = 0; place < across; place++) {
                sum[slice][place] = count[slice][place] == 0 ? Double.NaN : sum[slice][place] / count[slice][place];
            }
        }
        return sum;
    }

    /** How far what is seen at a place of the band lies off the middle one of what is seen there round about. */
    private static double[] offUsual(List<PlacedBand> bands, byte[][] seen, int place, double[] values) {
        int count = bands.size();
        double[] off = new double[count];
        double usual = Double.NaN;
        double asked = Double.NEGATIVE_INFINITY;
        int first = 0;
        int last = 0;
        for (int i = 0; i < count; i++) {
            double at = bands.get(i).at();
            if (at - asked >= ANEW) {
                asked = at;
                while (bands.get(first).at() < at - ABOUT) {
                    first++;
                }
                while (last < count && bands.get(last).at() <= at + ABOUT) {
                    last++;
                }
                usual = usual(seen, place, first, last, values);
            }
            off[i] = values[seen[i][place] & NONE] - usual;
        }
        return off;
    }

    /** The middle one of some of the looks from one to another; found by counting, for there are only so many steps. */
    private static double usual(byte[][] seen, int place, int first, int last, double[] values) {
        int[] times = new int[NONE];
        int known = 0;
        int every = Math.max(1, (last - first + TELLING - 1) / TELLING);
        for (int k = first; k < last; k += every) {
            int step = seen[k][place] & NONE;
            if (step != NONE) {
                times[step]++;
                known++;
            }
        }
        if (known < FEWEST) {
            return Double.NaN;
        }
        return (values[ranked(times, (known - 1) / 2)] + values[ranked(times, known / 2)]) / 2;
    }

    /** The step that is so many-eth in order. */
    private static int ranked(int[] times, int rank) {
        int step = 0;
        for (int below = times[0]; below <= rank; below += times[step]) {
            step++;
        }
        return step;
    }

    /** The middle one of the first so many. */
    static double middle(double[] values, int count) {
        double[] sorted = Arrays.copyOf(values, count);
        Arrays.sort(sorted);
        return count % 2 == 1 ? sorted[count / 2] : (sorted[count / 2 - 1] + sorted[count / 2]) / 2;
    }
}

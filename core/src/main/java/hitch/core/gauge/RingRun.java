package hitch.core.gauge;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * The edges that run all round the bore, by the mean of how the light changes along each ring: along a rim it changes the same way at
 * every place, on a rough wall now one way and now the other. How plain one is is the mean over what chance would make of it (Student's
 * t), so that a rim is seen on a wall whose own edges are as sharp.
 */
final class RingRun {
    private static final int RAYS = 72;
    /** Light is taken so far inside and outside, sheet pixels. */
    private static final int BESIDE = 3;
    /** What changes as much so far inside and outside is no edge but the lamp that fails, sheet pixels. */
    private static final int SLOW = 7;

    private static final double SHARPER = 2;
    /** No single place counts for more, as a change in the logarithm of light. */
    private static final double MOST = 1.2;
    /** No edge is more even than this. */
    private static final double EVEN = 0.05;
    /** Places so near each other on a rough wall change alike: of so many rays one tells something of its own. */
    private static final double ALIKE = 2;

    private static final int FEWEST = RAYS / 2;

    /**
     * An edge all round.
     *
     * @param x of its middle, sheet pixels
     * @param y likewise
     * @param r its radius likewise
     * @param plain how plain it is: above nothing where it is darker inside
     */
    record Edge(double x, double y, double r, double plain) {}

    private final Sheet sheet;
    private final double slantX;
    private final double slantY;
    private final double dark;
    private final int from;
    private final int to;

    /**
     * @param slantX how far the middle of a ring lies to the right of the middle of the dark, share of what its radius is more
     * @param slantY how far below
     * @param dark radius of the dark at the sheet's middle, sheet pixels
     * @param from,to radii that are looked at, sheet pixels
     */
    RingRun(Sheet sheet, double slantX, double slantY, double dark, double from, double to) {
        this.sheet = sheet;
        this.slantX = slantX;
        this.slantY = slantY;
        this.dark = dark;
        this.from = (int) Math.round(from);
        this.to = (int) Math.round(to);
    }

    /**
     * The edges, each plainer than those beside it, from the plainest on.
     *
     * @param least how plain at least
     * @param off how far the middle of the rings may lie off to the right and below, in all no farther than the last of them, sheet pixels
     */
    List<Edge> edges(double least, double... off) {
        Edge[] best = Arrays.stream(off)
                .boxed()
                .flatMap(dx -> Arrays.stream(off).mapToObj(dy -> new double[] {dx, dy}))
                // It seldom lies off both ways at once.
                .filter(d -> Math.abs(d[0]) + Math.abs(d[1]) <= off[off.length - 1])
                .toList()
                .parallelStream()
                .map(d -> look(d[0], d[1]))
                .reduce(new Edge[to - from + 1], RingRun::plainer);
        List<Edge> peaks = new ArrayList<>();
        for (int i = 0; i < best.length; i++) {
            boolean peak = best[i] != null && Math.abs(best[i].plain()) >= least;
            for (int k = Math.max(0, i - BESIDE); peak && k <= Math.min(best.length - 1, i + BESIDE); k++) {
                double other = best[k] == null ? 0 : best[k].plain() * Math.signum(best[i].plain());
                double mine = Math.abs(best[i].plain());
                peak = k == i || (k < i ? other < mine : other <= mine);
            }
            if (peak) {
                peaks.add(best[i]);
            }
        }
        peaks.sort(Comparator.comparingDouble(e -> -Math.abs(e.plain())));
        return peaks;
    }

    private Edge[] look(double dx, double dy) {
        int pad = BESIDE + SLOW;
        double[][] change = new double[RAYS][];
        for (int a = 0; a < RAYS; a++) {
            change[a] = changes(line(dx, dy, 2 * Math.PI * a / RAYS, pad));
        }
        Edge[] edges = new Edge[to - from + 1];
        for (int i = 0; i < edges.length; i++) {
            double r = from + i;
            edges[i] = new Edge(x(dx, r), y(dy, r), r, plain(change, i + SLOW));
        }
        return edges;
    }

    /** At each radius the plainer of two; of two alike the first, so that it is the same each time. */
    private static Edge[] plainer(Edge[] one, Edge[] other) {
        Edge[] both = new Edge[one.length];
        for (int i = 0; i < both.length; i++) {
            boolean first =
                    other[i] == null || one[i] != null && Math.abs(one[i].plain()) >= Math.abs(other[i].plain());
            both[i] = first ? one[i] : other[i];
        }
        return both;
    }

    private double x(double dx, double r) {
        return sheet.middleX() + dx + slantX * (r - dark);
    }

    private double y(double dy, double r) {
        return sheet.middleY() + dy + slantY * (r - dark);
    }

    private double[] line(double dx, double dy, double turn, int pad) {
        double[] line = new double[to - from + 1 + 2 * pad];
        double cos = Math.cos(turn);
        double sin = Math.sin(turn);
        for (int i = 0; i < line.length; i++) {
            double r = from + i - pad;
            line[i] = sheet.at(x(dx, r) + r * cos, y(dy, r) + r * sin);
        }
        return line;
    }

    private static double[] changes(double[] line) {
        double[] change = new double[line.length - 2 * BESIDE];
        for (int i = 0; i < change.length; i++) {
            double sum = 0;
            for (int d = 1; d <= BESIDE; d++) {
                sum += line[i + BESIDE + d] - line[i + BESIDE - d];
            }
            change[i] = sum / BESIDE;
        }
        return change;
    }

    private static double plain(double[][] change, int i) {
        double sum = 0;
        double squares = 0;
        double slow = 0;
        int n = 0;
        for (double[] ray : change) {
            double g = ray[i];
            double beside = (ray[i - SLOW] + ray[i + SLOW]) / 2;
            if (!Double.isNaN(g + beside)) {
                double c = Math.clamp(g, -MOST, MOST);
                sum += c;
                squares += c * c;
                slow += Math.clamp(beside, -MOST, MOST);
                n++;
            }
        }
        if (n < FEWEST || Math.abs(sum) < SHARPER * Math.abs(slow) && sum * slow > 0) {
            return 0;
        }
        double mean = sum / n;
        double spread = Math.sqrt(Math.max(EVEN * EVEN, squares / n - mean * mean));
        return mean / spread * Math.sqrt(n / ALIKE);
    }
}

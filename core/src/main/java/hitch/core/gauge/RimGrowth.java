package hitch.core.gauge;

import hitch.core.gauge.JointTrail.Look;
import hitch.core.gauge.JointTrail.Rim;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How wide the pipe is, by how fast its rims come nearer. A picture tells how many radii of the bore a rim lies ahead, the counter how
 * many millimetres the camera went: {@code radius = way / radii come nearer}. Each pair of pictures on which one rim may be seen votes
 * for a radius; the pairs that show one rim agree, all others are strewn.
 *
 * @param radiusMm of the bore, as this lens is taken to draw
 * @param error of it to either side, millimetres
 * @param votes how many pairs of pictures agree
 * @param clear how many more they are than chance would give, in roots of that; from {@link #CLEAR} on it is to be believed
 */
public record RimGrowth(double radiusMm, double error, int votes, double clear) {
    /** Votes of chance alone reached 5.2 at most in a thousand made-up clips. */
    public static final double CLEAR = 5.7;

    /** A rim is taken for the same on two pictures so far apart at most, millimetres of cable. */
    private static final double LONGEST = 450;
    /** And where it came nearer by so many radii at least, for less is drowned by how well a rim is found. */
    private static final double SHORTEST = 0.5;

    /** From so many on a pair tells as much as any. */
    private static final double TELLING = 2;

    private static final double NEAREST = 1.7;
    private static final double FARTHEST = 6.5;
    /** Radii of pipes that are looked into, millimetres. */
    private static final double NARROW = 18;

    private static final double WIDE = 500;
    /** Votes of one radius lie so near to each other, as a share of it. */
    private static final double NEAR = 0.05;
    /** And those of chance are counted so far round it. */
    private static final double ROUND = 0.5;

    private static final int FEWEST = 24;
    /** Votes that share a rim err together: so many of them are one. */
    private static final double TOGETHER = 8;
    /** A middle stands still after so many steps. */
    private static final int STEPS = 5;
    /** Lenses that push cameras have, degrees from left to right. */
    private static final double NARROW_LENS = 45;

    private static final double WIDE_LENS = 140;

    /** What crust, grooves and a lens that is no ideal one add, share of the radius. */
    private static final double SYSTEMATIC = 0.07;

    private record Vote(double log, double weight) {}

    /**
     * What a stretch of one bore shows.
     *
     * @param looks where the camera was, with rims so many <em>radii of the bore</em> ahead
     */
    public static Optional<RimGrowth> of(List<Look> looks) {
        List<Vote> votes = votes(looks);
        Strewn strewn = new Strewn(votes);
        double best = 0;
        double most = 0;
        for (Vote middle : votes) {
            double near = strewn.weight(middle.log(), NEAR);
            // The wider the pipe, the fewer pairs can vote for it: what counts is how votes lie beside what is round
            // about.
            double clear = near * near / Math.max(1e-9, strewn.weight(middle.log(), ROUND));
            if (clear > most) {
                most = clear;
                best = middle.log();
            }
        }
        return around(votes, best);
    }

    /** What votes near a radius agree on. */
    private static Optional<RimGrowth> around(List<Vote> votes, double log) {
        Strewn strewn = new Strewn(votes);
        if (votes.size() < FEWEST || strewn.weight(log, NEAR) <= 0) {
            return Optional.empty();
        }
        double middle = log;
        for (int i = 0; i < STEPS; i++) {
            double sum = 0;
            double weights = 0;
            for (Vote v : votes) {
                if (Math.abs(v.log() - middle) < NEAR) {
                    sum += v.weight() * v.log();
                    weights += v.weight();
                }
            }
            middle = sum / weights;
        }
        double at = middle;
        List<Vote> near =
                votes.stream().filter(v -> Math.abs(v.log() - at) < NEAR).toList();
        double share = strewn.weight(at, NEAR) / Math.max(1e-9, strewn.weight(at, ROUND));
        // As many as there were here if votes lay evenly round about.
        double chance = near.size() * NEAR / ROUND / Math.max(1e-9, share);
        double radius = Math.exp(at);
        double spread = Math.sqrt(near.stream()
                .mapToDouble(v -> (v.log() - at) * (v.log() - at))
                .average()
                .orElse(0));
        return Optional.of(new RimGrowth(
                radius,
                radius * (SYSTEMATIC + spread / Math.sqrt(near.size() / TOGETHER)),
                near.size(),
                (near.size() - chance) / Math.sqrt(chance)));
    }

    /** Votes in order, and how much of them lies where. */
    private static final class Strewn {
        private final double[] logs;
        private final double[] below;

        Strewn(List<Vote> votes) {
            logs = votes.stream().mapToDouble(Vote::log).toArray();
            below = new double[logs.length + 1];
            for (int i = 0; i < logs.length; i++) {
                below[i + 1] = below[i] + votes.get(i).weight();
            }
        }

        double weight(double log, double within) {
            return below[after(log + within)] - below[after(log - within)];
        }

        private int after(double log) {
            int found = Arrays.binarySearch(logs, log);
            return found < 0 ? -found - 1 : found;
        }
    }

    private static List<Vote> votes(List<Look> looks) {
        List<Vote> votes = new ArrayList<>();
        for (int i = 0; i < looks.size(); i++) {
            for (int j = i + 1; j < looks.size(); j++) {
                double way = looks.get(j).at() - looks.get(i).at();
                if (Math.abs(way) > LONGEST) {
                    break;
                }
                vote(looks.get(i), looks.get(j), way, votes);
            }
        }
        votes.sort(Comparator.comparingDouble(Vote::log));
        return votes;
    }

    private static void vote(Look one, Look other, double way, List<Vote> votes) {
        for (Rim a : one.rims()) {
            for (Rim b : other.rims()) {
                double nearer = a.ahead() - b.ahead();
                double radius = way / nearer;
                boolean seen = Math.min(a.ahead(), b.ahead()) > NEAREST && Math.max(a.ahead(), b.ahead()) < FARTHEST;
                if (seen && Math.abs(nearer) > SHORTEST && radius > NARROW && radius < WIDE) {
                    votes.add(
                            new Vote(Math.log(radius), a.sure() * b.sure() * Math.min(1, Math.abs(nearer) / TELLING)));
                }
            }
        }
    }

    /** Whether it is to be believed. */
    public boolean sure() {
        return clear >= CLEAR;
    }

    /**
     * What the lens sees from left to right, degrees, where the bore is known: what makes the rims come nearer as the counter says.
     *
     * @param looks as for {@link #of}
     * @param assumed degrees that were assumed when the rims were found
     * @param boreMm width of the pipe
     */
    public static Optional<LensSeen> lens(List<Look> looks, double assumed, double boreMm) {
        Optional<RimGrowth> best = Optional.empty();
        double through = 0;
        // A wider lens makes each rim look nearer, and so the pipe wider: through one lens alone most votes are for
        // this bore.
        for (double degrees = NARROW_LENS; degrees <= WIDE_LENS; degrees++) {
            List<Vote> votes = votes(through(looks, assumed, degrees));
            Optional<RimGrowth> growth = around(votes, Math.log(boreMm / 2));
            if (growth.isPresent()
                    && growth.get().clear() > best.map(RimGrowth::clear).orElse(0.0)) {
                best = growth;
                through = degrees;
            }
        }
        double degrees = through;
        return best.map(
                g -> new LensSeen(degrees * boreMm / 2 / g.radiusMm(), degrees * g.error() / g.radiusMm(), g.sure()));
    }

    /**
     * A lens by what it showed.
     *
     * @param degrees that it sees from left to right
     * @param error to either side
     * @param sure whether it is to be believed
     */
    public record LensSeen(double degrees, double error, boolean sure) {}

    /** What rims would have been seen through a lens that sees so many degrees. */
    public static List<Look> through(List<Look> looks, double assumed, double degrees) {
        return looks.stream()
                .map(l -> new Look(
                        l.at(),
                        l.rims().stream()
                                .map(r -> new Rim(ahead(r.ahead(), degrees / assumed), r.sure()))
                                .toList()))
                .toList();
    }

    private static double ahead(double radii, double wider) {
        double off = Math.atan(1 / radii) * wider;
        return 1 / Math.tan(Math.min(off, Math.PI / 2 - 1e-3));
    }
}

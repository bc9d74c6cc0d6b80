package hitch.core.survey.align;

import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Movable;
import hitch.core.measure.Distance;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/**
 * Finds out which sights are of one thing. The nearest two are taken first; nobody marks one thing twice on one pass, so
 * two sights of a pass are two things unless a person said otherwise.
 */
final class SightGroups {
    /** Two sights may lie this far apart, each by a trusted counter; people look ahead of the lens by about as much. */
    private static final double SURE_MM = 1.5 * Distance.MM_PER_FOOT;
    /** And as many more of their own errors. */
    private static final double ERRORS = 1.2;

    private static final double HOURS_APART = 2;

    private final List<Sight> sights;
    private final double[] at;
    private final String[] branch;
    private final double slack;
    private final boolean parted;
    private final int[] root;
    private final Members[] members;

    /** What a group holds: passes it was seen on, and the ids of its findings. */
    private static final class Members {
        private final BitSet passes = new BitSet();
        private final List<FindingId> ids = new ArrayList<>(2);
        private final List<FindingId> apart = new ArrayList<>(0);
        private double low = Double.POSITIVE_INFINITY;
        private double high = Double.NEGATIVE_INFINITY;

        private boolean excludes(Members other) {
            return passes.intersects(other.passes)
                    || other.apart.stream().anyMatch(ids::contains)
                    || apart.stream().anyMatch(other.ids::contains);
        }
    }

    /** Two sights that may be one thing. */
    private record Pair(int a, int b, double apart) {}

    /**
     * @param at the station of each sight's middle, millimetres
     * @param branch the branch of each sight
     * @param slack as much further apart two sights may lie while their runs are not tied yet, millimetres
     * @param parted whether what was seen before a cleaning and what was left after it are two things; for tying runs
     *     they are at one place all the same
     */
    SightGroups(List<Sight> sights, double[] at, String[] branch, double slack, boolean parted) {
        this.sights = sights;
        this.at = at;
        this.branch = branch;
        this.slack = slack;
        this.parted = parted;
        this.root = new int[sights.size()];
        this.members = new Members[sights.size()];
    }

    /** The groups, each as the numbers of its sights; a sight of nothing else is a group of its own. */
    List<List<Integer>> find() {
        Map<FindingId, Integer> heads = new HashMap<>();
        for (int i = 0; i < root.length; i++) {
            Sight sight = sights.get(i);
            root[i] = i;
            Members own = new Members();
            // There is one main, however often it is told of.
            if (sight.kind() != FindingKind.MAIN_CONNECTION) {
                own.passes.set(sight.pass());
            }
            own.ids.add(sight.finding().id());
            own.apart.addAll(sight.finding().apart());
            own.low = at[i];
            own.high = at[i];
            members[i] = own;
            Integer head = heads.putIfAbsent(sight.finding().id(), i);
            if (head != null) {
                join(rootOf(head), i);
            }
        }
        joinMoved();
        List<Pair> pairs = pairs();
        pairs.sort(Comparator.comparingDouble(Pair::apart)
                .thenComparingInt(Pair::a)
                .thenComparingInt(Pair::b));
        for (Pair pair : pairs) {
            int a = rootOf(pair.a());
            int b = rootOf(pair.b());
            if (a != b && !members[a].excludes(members[b]) && together(a, b)) {
                join(a, b);
            }
        }
        Map<Integer, List<Integer>> groups = new LinkedHashMap<>();
        for (int i = 0; i < root.length; i++) {
            groups.computeIfAbsent(rootOf(i), r -> new ArrayList<>()).add(i);
        }
        return List.copyOf(groups.values());
    }

    /** What the camera pushed along is one thing, however far apart it was met: each sight joins the one before it in time. */
    private void joinMoved() {
        List<Integer> movable = IntStream.range(0, sights.size())
                .filter(i -> Movable.is(sights.get(i).kind()))
                .boxed()
                .sorted(Comparator.comparingLong(i -> sights.get(i).frame().pts()))
                .toList();
        for (int n = 1; n < movable.size(); n++) {
            int later = movable.get(n);
            int earlier = n - 1;
            while (earlier >= 0 && !sameTrip(sights.get(movable.get(earlier)), sights.get(later))) {
                earlier--;
            }
            if (earlier < 0) {
                continue;
            }
            int before = movable.get(earlier);
            boolean moved = sights.get(later).isMoved() || sights.get(before).isMoved();
            if (moved && rootOf(before) != rootOf(later)) {
                join(rootOf(before), rootOf(later));
            }
        }
    }

    private static boolean sameTrip(Sight one, Sight two) {
        return one.kind() == two.kind() && one.frame().clip().equals(two.frame().clip());
    }

    private List<Pair> pairs() {
        Map<FindingKind, List<Integer>> byKind = new EnumMap<>(FindingKind.class);
        for (int i = 0; i < root.length; i++) {
            if (sights.get(i).isOfThePipe()) {
                byKind.computeIfAbsent(sights.get(i).kind(), k -> new ArrayList<>())
                        .add(i);
            }
        }
        List<Pair> pairs = new ArrayList<>();
        for (List<Integer> same : byKind.values()) {
            same.sort(Comparator.comparingDouble(i -> low(i)));
            double longest =
                    same.stream().mapToDouble(i -> high(i) - low(i)).max().orElse(0);
            double widest =
                    same.stream().mapToDouble(i -> sights.get(i).error()).max().orElse(0);
            double farthest = SURE_MM + slack + 2 * ERRORS * widest + longest;
            for (int n = 0; n < same.size(); n++) {
                for (int m = n + 1; m < same.size() && low(same.get(m)) - low(same.get(n)) <= farthest; m++) {
                    consider(same.get(n), same.get(m), pairs);
                }
            }
        }
        return pairs;
    }

    private void consider(int a, int b, List<Pair> pairs) {
        Sight one = sights.get(a);
        Sight two = sights.get(b);
        double gap = Math.max(0, Math.max(low(a) - high(b), low(b) - high(a)));
        boolean near = gap <= SURE_MM + slack + ERRORS * (one.error() + two.error());
        boolean twice = one.pass() == two.pass() && one.kind() != FindingKind.MAIN_CONNECTION;
        if (near && !twice && !(parted && one.isPartedFrom(two)) && branch[a].equals(branch[b]) && alike(one, two)) {
            pairs.add(new Pair(a, b, gap));
        }
    }

    /** Whether a whole group would still lie close together. */
    private boolean together(int a, int b) {
        boolean stretch = sights.get(a).isStretch() || sights.get(b).isStretch();
        double spread = Math.max(members[a].high, members[b].high) - Math.min(members[a].low, members[b].low);
        double widest = Math.max(sights.get(a).error(), sights.get(b).error());
        return stretch || spread <= 1.5 * SURE_MM + slack + 2 * ERRORS * widest;
    }

    static boolean alike(Sight one, Sight two) {
        OptionalDouble a = one.hour();
        OptionalDouble b = two.hour();
        if (a.isPresent() && b.isPresent()) {
            double apart = Math.abs(a.getAsDouble() - b.getAsDouble());
            if (Math.min(apart, 12 - apart) > HOURS_APART) {
                return false;
            }
        }
        boolean otherBranch =
                !one.names().isEmpty() && !two.names().isEmpty() && !one.names().equals(two.names());
        return !otherBranch
                && !one.upstream().clashes(two.upstream())
                && !one.downstream().clashes(two.downstream());
    }

    private double low(int i) {
        return at[i] - (sights.get(i).to() - sights.get(i).from()) / 2;
    }

    private double high(int i) {
        return at[i] + (sights.get(i).to() - sights.get(i).from()) / 2;
    }

    private void join(int a, int b) {
        Members into = members[a];
        Members from = members[b];
        into.passes.or(from.passes);
        into.ids.addAll(from.ids);
        into.apart.addAll(from.apart);
        into.low = Math.min(into.low, from.low);
        into.high = Math.max(into.high, from.high);
        root[b] = a;
    }

    private int rootOf(int i) {
        int r = i;
        while (root[r] != r) {
            r = root[r];
        }
        root[i] = r;
        return r;
    }
}

package hitch.core.propose;

import hitch.core.run.Direction;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Stream;

/**
 * Which way a run went, by the tie-ins of another one through the same pipe: seen the same way they come as they came there, on the same
 * sides; seen the other way they come in the other order, as far apart, and have changed sides.
 *
 * @param way which way
 * @param by the run that they are known from
 * @param alike how many of them fit
 * @param turned whether they have changed sides
 */
record WayByTieIns(Direction way, KnownRun by, int alike, boolean turned) {
    /** Places told of one tie-in on two runs are not farther apart, feet. */
    private static final double NEAR = 1.5;
    /** One place more or less fits anything. */
    private static final int FEWEST = 2;

    static Optional<WayByTieIns> of(List<Passed> here, List<KnownRun> known) {
        return known.stream().flatMap(k -> against(here, k).stream()).reduce((a, b) -> b.alike() > a.alike() ? b : a);
    }

    /** Where both ways fit as well, none is told. */
    private static Optional<WayByTieIns> against(List<Passed> here, KnownRun known) {
        int same = best(here, known.passed(), false);
        int turned = best(here, known.passed(), true);
        if (Math.max(same, turned) < FEWEST || same == turned) {
            return Optional.empty();
        }
        Direction way = known.run().direction();
        return Optional.of(
                turned > same
                        ? new WayByTieIns(way.other(), known, turned, true)
                        : new WayByTieIns(way, known, same, false));
    }

    /** How many fit at most, wherever one pipe is laid upon the other. */
    private static int best(List<Passed> here, List<Passed> there, boolean turned) {
        int best = 0;
        for (Passed one : here) {
            for (Passed other : there) {
                double shift = turned ? one.feet() + other.feet() : one.feet() - other.feet();
                DoubleUnaryOperator laid = turned ? f -> shift - f : f -> shift + f;
                best = Math.max(best, fitting(here, there, laid, turned));
            }
        }
        return best;
    }

    /** None where one of them lies on the wrong side. */
    private static int fitting(List<Passed> here, List<Passed> there, DoubleUnaryOperator laid, boolean turned) {
        int count = 0;
        for (Passed other : there) {
            Stream<Passed> near =
                    here.stream().filter(p -> Math.abs(p.feet() - laid.applyAsDouble(other.feet())) <= NEAR);
            List<Boolean> sides = near.map(Passed::right).distinct().toList();
            if (sides.equals(List.of(other.right() != turned))) {
                count++;
            } else if (!sides.isEmpty()) {
                return 0;
            }
        }
        return count;
    }
}

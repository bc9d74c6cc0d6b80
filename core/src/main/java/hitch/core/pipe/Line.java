package hitch.core.pipe;

import hitch.core.finding.LocatedFinding;
import hitch.core.line.Branch;
import hitch.core.line.Station;
import hitch.core.pipe.tie.Tied;
import java.util.List;
import java.util.Optional;

/**
 * The pipe as reckoned; immutable.
 *
 * @param tied the runs on one line
 * @param ways the line, then its branches; empty while nothing was reached
 * @param events what lies along stretches
 * @param seeing what was really seen
 * @param limits what was not, and why
 * @param depths how deep it lies
 * @param falls between neighbouring locates
 * @param openings ways in
 * @param bends between openings
 * @param faults where openings break the house rules
 * @param whose whose pipe it is
 * @param lengths by sort of pipe, unknown pipe last
 * @param stationing what distances are read from
 */
public record Line(
        Tied tied,
        List<Way> ways,
        List<LineEvent> events,
        Seeing seeing,
        List<Limit> limits,
        Depths depths,
        List<Fall> falls,
        List<LineOpening> openings,
        List<BendSum> bends,
        List<OpeningFault> faults,
        Whose whose,
        List<LengthRow> lengths,
        Stationing stationing) {

    public Optional<Way> way(String name) {
        return ways.stream().filter(w -> w.name().equals(name)).findFirst();
    }

    /** The line itself; empty while nothing of it was reached. */
    public Optional<Way> main() {
        return way(Branch.LINE);
    }

    /** Whether a finding lies on the owner's part; empty where it has no station or the boundary is not known. */
    public Optional<Boolean> isOwners(LocatedFinding found) {
        return found.extent().flatMap(e -> whose.isOwners(ways, found.branch(), e.middle()));
    }

    /** What can be cleaned from where. */
    public Reaches reaches(hitch.core.line.LineRules rules, List<LocatedFinding> findings) {
        return new Reaches(this, rules, findings);
    }

    /** A place in words, with its branch where it is not the line. */
    public String show(String branch, Station at, hitch.core.counter.LengthUnit unit) {
        Optional<Station> join = way(branch).flatMap(Way::join);
        if (branch.equals(Branch.LINE)) {
            return stationing.show(at, unit);
        }
        String up = join.map(j -> unit.show(j.to(at)) + " up ").orElse("in ");
        return up + Way.wordsOf(branch);
    }
}

package hitch.core.survey;

import hitch.core.finding.LocatedFinding;
import hitch.core.measure.Cover;
import hitch.core.measure.Extent;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.run.Run;
import hitch.core.survey.align.Tied;
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
 * @param openingsLeft what is left open where the camera was stopped
 * @param depths how deep it lies
 * @param falls between neighbouring locates
 * @param openings ways in
 * @param bends between openings
 * @param faults where openings break the house rules
 * @param whose whose pipe it is
 * @param lengths by sort of pipe, unknown pipe last
 * @param stationing what distances are read from
 * @param wall station of the building's wall; empty where nobody told it
 * @param inMain from the connection to where the camera was pushed on in the main; no part of the line; empty where it
 *     was not
 */
public record Line(
        Tied tied,
        List<Way> ways,
        List<LineEvent> events,
        Seeing seeing,
        List<Limit> limits,
        List<OpeningLeft> openingsLeft,
        Depths depths,
        List<Fall> falls,
        List<LineOpening> openings,
        List<BendSum> bends,
        List<OpeningFault> faults,
        Whose whose,
        List<LengthRow> lengths,
        Stationing stationing,
        Optional<Station> wall,
        Optional<Extent> inMain) {

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
    public Reaches reaches(hitch.core.rules.LineRules rules, List<LocatedFinding> findings) {
        return new Reaches(this, rules, findings);
    }

    /** That the camera was pushed on in the main, a sentence; empty where it was not. */
    public Optional<String> beyond(LengthUnit unit) {
        return inMain.map(e -> "The camera was pushed on " + unit.show(e.length())
                + " in the main; that is no part of the line and is counted nowhere.");
    }

    /** The pipe that a run's head is in at a station; {@link Branch#MAIN} past the line's end. */
    public String pipeAt(Run run, Station at) {
        String pipe = tied.branchAt(run, at);
        boolean beyond = inMain.filter(m -> at.compareTo(m.from()) > 0).isPresent();
        return pipe.equals(Branch.LINE) && beyond ? Branch.MAIN : pipe;
    }

    /** What of {@code cover} lies on a pipe of the line; nothing of what lies in the main. */
    public Cover ofThePipe(String branch, Cover cover) {
        if (branch.equals(Branch.MAIN)) {
            return Cover.NONE;
        }
        return inMain.isPresent() && branch.equals(Branch.LINE) ? cover.minus(Cover.of(inMain.get())) : cover;
    }

    /** The place of a finding in words; empty where it has no station. */
    public Optional<PlaceWords> place(LocatedFinding found, LengthUnit unit) {
        return found.extent().map(e -> place(found.branch(), e, unit));
    }

    /** A place in words, with its branch where it is not the line. */
    public PlaceWords place(String branch, Station at, LengthUnit unit) {
        return place(branch, Extent.at(at), unit);
    }

    /**
     * A place in words, the one wording of it everywhere: on the line as distances are read there, on a branch up from
     * its join, in the main from the line's end.
     */
    public PlaceWords place(String branch, Extent extent, LengthUnit unit) {
        if (branch.equals(Branch.LINE)) {
            return stationing.words(extent, unit);
        }
        boolean main = branch.equals(Branch.MAIN);
        Optional<Station> foot = main ? inMain.map(Extent::from) : way(branch).flatMap(Way::join);
        String pipe = Way.wordsOf(branch);
        return foot.map(f -> new PlaceWords(away(f, extent).distances(unit), (main ? "into " : "up ") + pipe))
                .orElse(new PlaceWords("", "in " + pipe));
    }

    /** A stretch as it lies from a foot that it reaches away from. */
    private static Extent away(Station foot, Extent extent) {
        return Extent.between(
                new Station(foot.to(extent.from()).mm()),
                new Station(foot.to(extent.to()).mm()));
    }
}

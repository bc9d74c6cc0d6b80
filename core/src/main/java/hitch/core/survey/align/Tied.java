package hitch.core.survey.align;

import hitch.core.counter.CounterTrace;
import hitch.core.finding.FindingId;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.core.pipe.Branch;
import hitch.core.run.Run;
import hitch.core.run.RunId;
import java.util.List;
import java.util.Map;

/**
 * The runs on one line.
 *
 * @param given the runs as they were put
 * @param runs the same, in the same order, with the stations their openings came to
 * @param traces with the slips taken out
 * @param branches all branches, described or only named by a run; followed from pipe to pipe they all come to the line
 * @param joins stations where branches join; those not known are left out
 * @param things what was seen, each once
 * @param ties things seen from two runs
 * @param slips counters that slipped
 * @param loose runs to be tied that share too little with the others; they stay where they were put
 */
public record Tied(
        List<Run> given,
        List<Run> runs,
        Map<ClipId, CounterTrace> traces,
        List<Branch> branches,
        Map<String, Station> joins,
        List<Thing> things,
        List<Tie> ties,
        List<Slip> slips,
        List<RunId> loose) {

    /**
     * One thing in the pipe.
     *
     * @param ids the findings that are it, first marked first
     * @param extent where it lies
     * @param doubt how far the farthest of its sights lies from there
     * @param branch on which branch
     * @param frames every frame it was seen at
     */
    public record Thing(List<FindingId> ids, Extent extent, Distance doubt, String branch, List<FrameRef> frames) {}

    /** How far the fit moved the opening of a clip's run, millimetres with the flow; 0 for a clip without a run. */
    public long movedMm(ClipId clip) {
        for (int i = 0; i < given.size(); i++) {
            if (given.get(i).clips().contains(clip)) {
                return runs.get(i).start().mm() - given.get(i).start().mm();
            }
        }
        return 0;
    }

    /** The pipe that a run's head is in at a station: past its join a branch's stations are those of the pipe it joins. */
    public String branchAt(Run run, Station at) {
        String name = run.branch();
        while (joins.containsKey(name) && at.compareTo(joins.get(name)) > 0) {
            name = into(name);
        }
        return name;
    }

    /** The pipe that a run's opening leads into: not its branch where it went up that branch from further on. */
    public String openedInto(Run run) {
        return branchAt(run, run.start());
    }

    /** What a branch joins. */
    public String into(String branch) {
        return branches.stream()
                .filter(b -> b.name().equals(branch))
                .findFirst()
                .flatMap(Branch::into)
                .orElse(Branch.LINE);
    }

    /** Whether what flows in a branch comes through another; a branch comes through itself. */
    public boolean flowsThrough(String branch, String other) {
        String name = branch;
        while (!name.equals(Branch.LINE) && !name.equals(other)) {
            name = into(name);
        }
        return name.equals(other);
    }

    /** Root mean square of the ties' gaps, millimetres; 0 without ties. */
    public double misclosure() {
        return Math.sqrt(ties.stream()
                .mapToDouble(t -> (double) t.gap().mm() * t.gap().mm())
                .average()
                .orElse(0));
    }
}

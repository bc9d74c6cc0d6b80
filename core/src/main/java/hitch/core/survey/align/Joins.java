package hitch.core.survey.align;

import hitch.core.finding.Finding;
import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import hitch.core.pipe.Branch;
import hitch.core.pipe.BranchNames;
import hitch.core.run.Run;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** Where the branches join, and so which pipe a station of a run lies on. */
final class Joins {
    /** A head this far before the join still looks at the join itself. */
    private static final double AT_THE_JOIN_MM = 0.75 * Distance.MM_PER_FOOT;

    private final Map<String, Branch> branches = new TreeMap<>();
    private final Map<String, Double> at = new HashMap<>();

    /**
     * @param at stations of all sights, millimetres
     */
    Joins(List<Branch> given, List<Run> runs, List<Sight> sights, double[] at) {
        given.forEach(b -> branches.put(b.name(), b));
        for (Run run : runs) {
            // A run into a branch that nobody described: its name is all there is.
            if (!run.branch().equals(Branch.LINE)) {
                branches.putIfAbsent(run.branch(), Branch.named(run.branch()));
            }
        }
        branches.replaceAll((name, b) -> comesBack(b) ? b.intoPipe(Optional.empty()) : b);
        for (Branch branch : branches.values()) {
            tieIn(branch, sights, at)
                    .or(() -> branch.join().map(s -> (double) s.mm()))
                    .ifPresent(station -> this.at.put(branch.name(), station));
        }
    }

    /** Whether the pipes that a branch flows through lead back to itself, or to none that is known: water goes to the line. */
    private boolean comesBack(Branch branch) {
        Optional<String> next = branch.into();
        for (int i = 0; i <= branches.size() && next.isPresent(); i++) {
            Branch through = branches.get(next.get());
            if (through == null || through.name().equals(branch.name())) {
                return true;
            }
            next = through.into();
        }
        return false;
    }

    /** The tie-in that is a branch's join: the one chosen, else one that names the branch; the mean of its sights. */
    private Optional<Double> tieIn(Branch branch, List<Sight> sights, double[] at) {
        double sum = 0;
        int count = 0;
        for (int i = 0; i < sights.size(); i++) {
            Finding finding = sights.get(i).finding();
            boolean chosen = branch.tieIn()
                    .map(id -> id.equals(finding.id().value()))
                    .orElse(branch.join().isEmpty()
                            && finding.kind() == FindingKind.TIE_IN
                            && BranchNames.in(finding.wording() + " " + finding.remark(), branches.keySet())
                                    .filter(branch.name()::equals)
                                    .isPresent());
            if (chosen) {
                sum += at[i];
                count++;
            }
        }
        return count == 0 ? Optional.empty() : Optional.of(sum / count);
    }

    /**
     * The branch on which something is that a run saw at a station. Near a join a tie-in, and most else, is of the pipe
     * that goes on; a change of pipe is the end of the branch's own.
     */
    String branchAt(Run run, FindingKind kind, double station) {
        boolean change = kind == FindingKind.MATERIAL_CHANGE || kind == FindingKind.SIZE_CHANGE;
        return branchAt(run, station, change ? AT_THE_JOIN_MM : -AT_THE_JOIN_MM);
    }

    private String branchAt(Run run, double station, double past) {
        String name = run.branch();
        while (!name.equals(Branch.LINE)) {
            Double join = at.get(name);
            if (join == null || station < join + past) {
                return name;
            }
            name = branches.get(name).into().orElse(Branch.LINE);
        }
        return Branch.LINE;
    }

    /** Stations of the joins that are known, millimetres, by the branch's name. */
    Map<String, Double> known() {
        return Map.copyOf(at);
    }

    /** All branches, described or only named by a run. */
    List<Branch> all() {
        return List.copyOf(branches.values());
    }
}

package hitch.core.propose;

import hitch.core.footage.AdjustedSpan;
import hitch.core.footage.Adjustment;
import hitch.core.footage.ClipId;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.run.Run;
import java.util.ArrayList;
import java.util.List;

/**
 * What is proposed for clips that are on no run.
 *
 * @param runs in order
 * @param others clips that are proposed to stay on no run, or that nobody can place
 */
public record Proposals(List<ProposedRun> runs, List<Unplaced> others) {
    public static final Proposals NONE = new Proposals(List.of(), List.of());

    public Proposals {
        runs = List.copyOf(runs);
        others = List.copyOf(others);
    }

    /**
     * A run.
     *
     * @param run as it would be taken
     * @param directionKnown whether anything tells which way it went; else it is only taken for one
     * @param turned clips that were recorded upside down, which are turned over with it
     * @param reasons why, a sentence each
     * @param doubts what is not sure, a sentence each
     */
    public record ProposedRun(
            Run run, boolean directionKnown, List<ClipId> turned, List<String> reasons, List<String> doubts) {
        public ProposedRun {
            turned = List.copyOf(turned);
            reasons = List.copyOf(reasons);
            doubts = List.copyOf(doubts);
        }

        /** What taking it changes; a clip that somebody has adjusted already stays as it is. */
        public List<Edit> edits(Job job) {
            List<Edit> edits = new ArrayList<>(List.of(new Edit.PutRun(run)));
            for (ClipId id : turned) {
                job.clip(id)
                        .filter(c -> job.adjustmentsOf(id).spans().isEmpty())
                        .map(c -> new AdjustedSpan(c.firstPts(), c.endPts(), Adjustment.NONE.withRoll(180)))
                        .ifPresent(span -> edits.add(new Edit.Adjust(id, span)));
            }
            return edits;
        }
    }

    /** Why a clip is on no run. */
    public enum Why {
        ABOVE_GROUND(OffRun.ABOVE_GROUND.word()),
        ANOTHER_JOB("perhaps of another job"),
        UNKNOWN("nobody can tell");

        private final String word;

        Why(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /**
     * A clip on no run.
     *
     * @param reason in a sentence
     */
    public record Unplaced(ClipId clip, Why why, String reason) {}
}

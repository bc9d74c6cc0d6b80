package hitch.core.survey;

import hitch.core.finding.FindingId;
import hitch.core.measure.Distance;
import hitch.core.pipe.PipeSize;
import java.util.Optional;

/**
 * What a cleaning tool does for a finding from an opening.
 *
 * @param opening where it goes in
 * @param finding the finding's id
 * @param distance through the pipe
 * @param bends how many it passes
 * @param degrees of bend in all, as far as they are known
 * @param narrowest the narrowest pipe on the way, the opening's own included
 * @param there the pipe at the finding
 * @param passage what it comes to
 * @param because why
 */
public record Reach(
        LineOpening opening,
        FindingId finding,
        Distance distance,
        int bends,
        int degrees,
        Optional<PipeSize> narrowest,
        Optional<PipeSize> there,
        Passage passage,
        String because) {

    /** Whether a tool gets there, and whether one as wide as the pipe does. */
    public enum Passage {
        WELL("reaches well"),
        NARROW("reaches narrow"),
        NOT("does not reach");

        private final String word;

        Passage(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** The widest tool that passes: one for the narrowest pipe on the way. */
    public Optional<PipeSize> tool() {
        return narrowest;
    }
}

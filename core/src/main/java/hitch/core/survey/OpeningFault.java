package hitch.core.survey;

import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import java.util.List;
import java.util.Optional;

/**
 * A stretch where the openings do not do what the house rules ask. Local code decides.
 *
 * @param rule what is asked
 * @param branch the pipe
 * @param extent the stretch that breaks the rule
 * @param says by how much, in words without distances
 * @param fitting a buried fitting that is there already and would do, opened to the surface
 * @param where else where openings would do; empty where the fitting is enough
 */
public record OpeningFault(
        Rule rule, String branch, Extent extent, String says, Optional<LineOpening> fitting, List<Station> where) {

    /** What the house rules ask of openings. */
    public enum Rule {
        SPACING("an opening every so far"),
        UPPER_END("an opening at the upper end of each pipe"),
        BEND("an opening after so much bend");

        private final String word;

        Rule(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }
}

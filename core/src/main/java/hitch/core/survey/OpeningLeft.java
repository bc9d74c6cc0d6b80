package hitch.core.survey;

import hitch.core.finding.FindingId;
import hitch.core.measure.Distance;
import hitch.core.measure.Inches;
import hitch.core.measure.Station;
import java.util.Optional;

/**
 * What is left open where the camera was stopped, as far as the gear that did not pass and the gear that did tell it.
 *
 * @param stop the finding that tells of the stop
 * @param branch where
 * @param at the station
 * @param passed whether the camera passed there with other gear
 * @param more it is at least so wide: the gear that passed; empty where that is not known
 * @param less it is narrower than that: the gear that did not; empty likewise
 * @param gear what was on where it stopped, such as {@code the guide on}
 */
public record OpeningLeft(
        FindingId stop,
        String branch,
        Station at,
        boolean passed,
        Optional<Distance> more,
        Optional<Distance> less,
        String gear) {

    /** In words, such as {@code stopped with the guide on, passed without: what is left open is 1 1/4 in or more and under 3 in}. */
    public String words() {
        if (!passed) {
            return "stopped with " + gear + " and was not tried with less: what this gear did not pass, other gear may";
        }
        String bounds = more.map(d -> Inches.show(d) + " or more").orElse("");
        String under = less.map(d -> "under " + Inches.show(d)).orElse("");
        String both = bounds.isEmpty() || under.isEmpty() ? bounds + under : bounds + " and " + under;
        return "stopped with " + gear + ", passed without"
                + (both.isEmpty() ? ": what is left open lies between the two" : ": what is left open is " + both);
    }
}

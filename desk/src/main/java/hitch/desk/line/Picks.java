package hitch.desk.line;

import hitch.core.finding.FindingId;
import hitch.core.measure.Station;

/** Told what was clicked in a drawing of the line. */
interface Picks {
    /**
     * @param twice whether it was clicked twice: its footage is wanted
     */
    void finding(FindingId id, boolean twice);

    /**
     * A place on a pipe where nothing was found.
     *
     * @param twice likewise
     */
    void place(String branch, Station at, boolean twice);
}

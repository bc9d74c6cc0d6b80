package hitch.core.finding;

import hitch.core.measure.Station;

/** What a photograph shows: a place of the line, a finding such as a mark that was painted, or a fixture of the house. */
public sealed interface PhotoPlace {
    /** A place of the line, as the station was typed. */
    record AtStation(Station at) implements PhotoPlace {}

    /** A finding: a locate, an opening, anything that was noted. */
    record OfFinding(FindingId id) implements PhotoPlace {}

    /**
     * A fixture of the house.
     *
     * @param room its name, not blank
     */
    record OfFixture(String room) implements PhotoPlace {
        public OfFixture {
            if (room.isBlank()) {
                throw new IllegalArgumentException("a fixture needs a name");
            }
        }
    }
}

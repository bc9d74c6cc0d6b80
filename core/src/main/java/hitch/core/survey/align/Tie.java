package hitch.core.survey.align;

import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import hitch.core.measure.Station;
import hitch.core.run.RunId;

/**
 * A thing seen from two runs.
 *
 * @param kind what it is
 * @param finding the id it was first marked under
 * @param at its station on the line
 * @param one a run that saw it
 * @param two another
 * @param gap by how much the second places it further with the flow than the first, after the runs were tied: the
 *     misclosure
 */
public record Tie(FindingKind kind, FindingId finding, Station at, RunId one, RunId two, Distance gap) {}

package hitch.core.survey;

import hitch.core.counter.Heading;
import hitch.core.measure.Extent;
import hitch.core.run.Equipment;
import hitch.core.run.RunId;

/**
 * The camera going along a stretch of pipe, all of it alike.
 *
 * @param run on which run
 * @param branch where
 * @param extent from station to station; a point where it stood
 * @param heading which way
 * @param gear what was pushed
 * @param trouble why it shows little; empty where it shows the pipe
 */
record Track(RunId run, String branch, Extent extent, Heading heading, Equipment gear, String trouble) {}

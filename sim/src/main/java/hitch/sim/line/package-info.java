/**
 * Made-up lines to hold the reckoning of the line against. A {@link hitch.sim.line.LinePlan} is a line and its branches with
 * everything in them and the trips a camera made through it; {@link hitch.sim.line.PlanMaker} makes one up;
 * {@link hitch.sim.line.PlannedJob} is the job that a reviewer would make of it, with a counter that is rounded, reset and
 * slips, and an eye that marks things a little beside where they are; {@link hitch.bench.LineTable} compares.
 */
package hitch.sim.line;

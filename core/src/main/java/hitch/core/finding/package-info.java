/**
 * What is in the pipe. A {@link hitch.core.finding.Finding} is marked at one frame; its station follows from the counter
 * trace there unless it was typed. Its wording can be amended, and every earlier wording stays in its history. How much
 * it asks for is its {@link hitch.core.finding.Weight}, drawn as knots on a rope.
 */
package hitch.core.finding;

/**
 * Stand-ins for the world: a pipe, the camera pushed through it, its reel counter, the technician talking. All of it is
 * drawn from a readable {@link hitch.sim.Scenario} and a seed, so the truth is known at every frame and is written
 * beside the footage.
 */
package hitch.sim;

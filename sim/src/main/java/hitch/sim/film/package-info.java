/** The recorder: what the glass, the electronics and the compression make of what the lens sees, with the counter burned in. */
package hitch.sim.film;

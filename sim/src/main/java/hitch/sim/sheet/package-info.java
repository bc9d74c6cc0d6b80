/** One picture of each thing that can be drawn, so that all of them can be looked at beside each other, and tried by their pixels. */
package hitch.sim.sheet;

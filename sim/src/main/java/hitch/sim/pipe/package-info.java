/**
 * The drawn pipe itself: {@link hitch.sim.pipe.Bore} is its geometry, {@link hitch.sim.pipe.Skin} its wall, unrolled and painted once by
 * a painter for each family of things. Feet throughout; angles clockwise from the top, looking with the flow.
 */
package hitch.sim.pipe;

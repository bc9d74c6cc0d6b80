/** The look of what Hitch writes: shipped typefaces, its colours, the rope with its knots. */
package hitch.media.draw;

/**
 * What a picture of the inside of a pipe measures. The bore is known and the rim of a joint is a circle of that size, so a
 * rim that is found is the ruler of everything that lies where it lies ({@link hitch.core.gauge.RingFinder}), and with the way
 * the pipe goes it tells where the lens is and so what every pixel of the wall shows ({@link hitch.core.gauge.Eye}). Lengths
 * are in radii of the bore until a {@link hitch.core.gauge.FrameGauge} is told how wide it is.
 */
package hitch.core.gauge;

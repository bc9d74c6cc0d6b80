package hitch.core.gauge;

/**
 * What a joint on a picture measures.
 *
 * @param rings the two rims
 * @param step how far one length lies off the other
 * @param clock which way the far one lies off, hours as the picture shows it
 * @param gap how wide the wall is open between them
 */
public record JointGauge(JointRings rings, Measured step, double clock, Measured gap) {
    /** A rim is found to so many pixels, where it is well seen; measured on made-up footage ({@code bench measure}). */
    private static final double RIM_PIXELS = 2.2;
    /** Share by which a lens that nobody has measured may draw otherwise than it is taken to; it changes depths alone. */
    private static final double LENS = 0.06;

    /**
     * @param radius half the bore, millimetres
     * @param pixels to a unit of the sheet
     * @param pointed whether a hand set both rims
     */
    static JointGauge of(JointRings rings, double radius, double pixels, boolean pointed) {
        Ring far = rings.far().orElseThrow();
        double sure = pointed ? 1 : Math.min(rings.near().sure(), far.sure());
        double rim = RIM_PIXELS * (pointed ? 1 : 1.6 - 0.6 * sure);
        double one = rim / (rings.near().r() * pixels) * radius;
        double step = rings.step() * radius;
        double gap = rings.gap() * radius;
        // A rim that is a pixel too large lies so much nearer.
        double deep = one * far.ahead() * 0.8;
        return new JointGauge(
                rings,
                new Measured(step, Math.hypot(one, 0.06 * step), sure),
                rings.shiftClock(),
                new Measured(gap, Math.hypot(deep, LENS * gap), sure));
    }
}

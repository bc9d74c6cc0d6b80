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
    /** Two rims are found to so many pixels, nine times in ten; seen on made-up footage, with {@code bench measure}. */
    private static final double FOUND_PIXELS = 4.5;
    /** Through three places that a hand points at, likewise. */
    private static final double POINTED_PIXELS = 4.2;
    /** Share by which a lens that nobody has measured may draw otherwise than it is taken to; it changes depths alone. */
    private static final double LENS = 0.08;

    private static final double STEP_SHARE = 0.12;
    /** A far rim that is hardly seen is right every second time, and the more of it is seen the oftener. */
    private static final double HARDLY = 0.5;

    private static final double OFTENER = 0.9;
    /**
     * One rim may stand into the bore so much more than the other, millimetres: mortar, rust, a broken edge. It looks as much farther
     * off as it is narrower. Made-up joints have rims that stand in by 2 mm, alike but for roughness; a real one is taken to be less even.
     */
    private static final double LIP_MM = 0.8;
    /** A gap that nobody pointed at and that may be wrong by more than this share of itself is no better than a guess. */
    private static final double TELLING = 0.28;

    /**
     * @param radius half the bore, millimetres
     * @param pixels to a unit of the sheet
     * @param pointed whether a hand set both rims
     */
    static JointGauge of(JointRings rings, double radius, double pixels, boolean pointed) {
        Ring far = rings.far().orElseThrow();
        double sure = pointed
                ? 1
                : Math.clamp(
                        HARDLY + OFTENER * far.sure(),
                        0,
                        Math.max(HARDLY, rings.near().sure()));
        double rim = pointed ? POINTED_PIXELS : FOUND_PIXELS;
        double one = rim / (rings.near().r() * pixels) * radius;
        double step = rings.step() * radius;
        double gap = rings.gap() * radius;
        // A rim that is a pixel too large lies so much nearer.
        double deep = one * far.ahead() / 2.5;
        double lip = LIP_MM * rings.near().ahead();
        double wide = Math.sqrt(deep * deep + LENS * LENS * gap * gap + lip * lip);
        return new JointGauge(
                rings,
                new Measured(step, Math.hypot(one, STEP_SHARE * step), sure),
                rings.shiftClock(),
                new Measured(gap, wide, pointed || wide <= TELLING * gap ? sure : Math.min(HARDLY, sure)));
    }
}

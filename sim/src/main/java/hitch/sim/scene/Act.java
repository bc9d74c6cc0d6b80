package hitch.sim.scene;

/** What happens while a take is recorded, besides the way of the head. */
public enum Act {
    /** Mist on the glass, 0 to 1. */
    FOG,
    /** Suds before the lens, 0 to 1. */
    FOAM,
    /** Grease wiped over the glass, 0 to 1. */
    SMEAR,
    /** Scratches in the glass, 0 to 1. */
    SCRATCHES,
    /** The head turns about its axis, degrees clockwise from upright. */
    ROLL,
    /** The centring guide: 1 on, 0 off, which lets the lens down onto the bottom. */
    GUIDE,
    /** What is left of the running water, 0 to 1. */
    WATER,
    /** A wave comes down the pipe, as a share of the bore's height. */
    FLUSH;

    String word() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}

package hitch.sim.pipe;

import hitch.sim.scene.Thing;

/** Paints one sort of thing into the wall. */
interface Painter {
    /** Changes a cell that lies within {@link #reach} of the thing. */
    void paint(Cell cell, Thing thing, Noise noise);

    /** How far before and after itself a thing can change the wall, feet. */
    default double reach() {
        return 1;
    }

    /** The painter of a thing that is part of the wall. */
    static Painter of(Thing thing) {
        return switch (thing.kind()) {
            case CRACK, BREAK, HOLE, GAP -> new Fractures();
            case SLUDGE, GREASE, SOIL, DEBRIS -> new Fill();
            case SCALE, LIME, SCUM, SEEP -> new Crusts();
            case LINER, COATING, REPAIR, COUPLING -> new Fittings();
            case TIE_IN -> new TieIns();
            case OFFSET, DEFORMATION, BLISTER -> new Shapes();
            default -> throw new IllegalArgumentException(thing.kind() + " is not part of the wall");
        };
    }

    /** 1 inside, 0 outside, soft over {@code edge} within. */
    static double within(double distance, double limit, double edge) {
        double x = Math.clamp((limit - distance) / edge, 0, 1);
        return x * x * (3 - 2 * x);
    }
}

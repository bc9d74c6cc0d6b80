package hitch.sim.scene;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What can be drawn in a pipe: what its amount counts, how much is usual, and the sorts it comes in, the usual one first. */
public enum Kind {
    CRACK(Measure.INCHES, 0.08, "along", "round", "branching"),
    BREAK(Measure.INCHES, 3, "missing", "fallen"),
    HOLE(Measure.INCHES, 2, "soil", "void"),
    SOIL(Measure.BORE, 0.25, "washed in"),
    GAP(Measure.INCHES, 0.75, "open", "soil"),
    OFFSET(Measure.INCHES, 0.5, "bare", "catching"),
    DEFORMATION(Measure.DEGREE, 0.3, "smooth", "sharp"),
    BLISTER(Measure.BORE, 0.2, "closed", "burst"),
    SCALE(Measure.DEGREE, 0.5, "rust"),
    LIME(Measure.DEGREE, 0.5, "streak", "crust"),
    SLUDGE(Measure.BORE, 0.15, "grey", "black"),
    GREASE(Measure.BORE, 0.15, "walls", "block"),
    SCUM(Measure.HEIGHT, 0.6, "line"),
    PAPER(Measure.BORE, 0.15, "clump"),
    WIPES(Measure.BORE, 0.15, "caught", "pushed"),
    DEBRIS(Measure.BORE, 0.1, "gravel", "shards"),
    PLUG(Measure.BORE, 0.9, "soft"),
    ROOTS(Measure.BORE, 0.3, "clump", "hair", "mass", "hangers"),
    LINER(Measure.NONE, 0, "smooth", "wrinkled"),
    COATING(Measure.NONE, 0, "sprayed"),
    REPAIR(Measure.DEGREE, 0.5, "mortar", "sheet"),
    COUPLING(Measure.NONE, 0, "banded", "glued", "hub"),
    TIE_IN(Measure.INCHES, 3, "sealed", "leaking", "broken in"),
    SEEP(Measure.DEGREE, 0.5, "wet"),
    SAG(Measure.HEIGHT, 0.3, "belly", "held"),
    FLOW(Measure.HEIGHT, 0.1, "running"),
    BEND(Measure.DEGREES, 45, "right", "left", "up", "down"),
    VENT(Measure.NONE, 0, "daylight"),
    MAIN(Measure.INCHES, 8, "clay", "concrete", "plastic"),
    BOUNDARY(Measure.NONE, 0, "mark");

    private final Measure measure;
    private final double usual;
    private final List<String> sorts;

    Kind(Measure measure, double usual, String... sorts) {
        this.measure = measure;
        this.usual = usual;
        this.sorts = List.of(sorts);
    }

    /** As it is written in a scenario. */
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }

    public Measure measure() {
        return measure;
    }

    public double usual() {
        return usual;
    }

    public List<String> sorts() {
        return sorts;
    }

    /** Whether it lies along a stretch, so that where it ends must be told. */
    public boolean isStretch() {
        return switch (this) {
            case DEFORMATION, SCALE, SLUDGE, GREASE, SCUM, LINER, COATING, SAG, FLOW -> true;
            default -> false;
        };
    }

    /** Whether it is part of the wall, drawn into it once, rather than standing in the bore. */
    public boolean isWall() {
        return switch (this) {
            case ROOTS, PAPER, WIPES, PLUG, SAG, FLOW, BEND, VENT, MAIN, BOUNDARY -> false;
            default -> true;
        };
    }

    static Optional<Kind> of(String word) {
        return Arrays.stream(values()).filter(k -> k.word().equals(word)).findFirst();
    }
}

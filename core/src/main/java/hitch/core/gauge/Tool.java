package hitch.core.gauge;

import java.util.Arrays;

/** What a hand measures with on a frame. */
public enum Tool {
    /** Two rims: how far one lies off the other, and how wide the wall is open between them. */
    JOINT(
            "Step and gap",
            "Click the far length's rim: what is seen there is taken at once, and three places lay it by hand; with Alt"
                    + " exactly there."),
    LENGTH("Length", "Click along it, place by place."),
    WIDTH("Width", "Click its two sides."),
    WATER("Water", "Click both edges of the water on the wall."),
    SHARE("Share taken", "Paint over what takes up the bore, inside the ring."),
    ROUND("Out of round", "Draw along the wall, all round.");

    private final String title;
    private final String how;

    Tool(String title, String how) {
        this.title = title;
        this.how = how;
    }

    public String title() {
        return title;
    }

    /** What the hand does, in a sentence. */
    public String how() {
        return how;
    }

    /** Whether it draws with the hand held down rather than click by click. */
    public boolean isDrawn() {
        return this == SHARE || this == ROUND;
    }

    /** The tool that measures a size. */
    public static Tool of(SizeSort sort) {
        return Arrays.stream(values()).filter(t -> t.measures(sort)).findFirst().orElseThrow();
    }

    boolean measures(SizeSort sort) {
        return switch (this) {
            case JOINT -> sort == SizeSort.STEP || sort == SizeSort.GAP;
            case LENGTH -> sort == SizeSort.LENGTH;
            case WIDTH -> sort == SizeSort.WIDTH;
            case WATER -> sort == SizeSort.DEPTH;
            case SHARE -> sort == SizeSort.SHARE;
            case ROUND -> sort == SizeSort.OUT_OF_ROUND;
        };
    }
}

package hitch.core.run;

import hitch.core.measure.Distance;
import hitch.core.pipe.PipeSize;
import java.util.Optional;

/**
 * What was pushed through the pipe. It decides how high the lens sits, and so how deep water hides everything.
 *
 * @param head diameter of the camera head
 * @param guide whether a guide held the head in the middle of the pipe
 * @param across outer size of that guide
 * @param lens what the head's lens sees from left to right, degrees, 20 to 170
 */
public record Equipment(Optional<Distance> head, Guide guide, Optional<Distance> across, Optional<Integer> lens) {
    public static final Equipment NOT_SAID = new Equipment(Optional.empty(), Guide.NOT_SAID);

    public Equipment {
        across = across == null ? Optional.empty() : across;
        lens = lens == null ? Optional.empty() : lens;
    }

    /** With a guide of which nobody said how large it is. */
    public Equipment(Optional<Distance> head, Guide guide) {
        this(head, guide, Optional.empty());
    }

    /** With a lens that nobody knows. */
    public Equipment(Optional<Distance> head, Guide guide, Optional<Distance> across) {
        this(head, guide, across, Optional.empty());
    }

    public Equipment withLens(Optional<Integer> degrees) {
        return new Equipment(head, guide, across, degrees);
    }

    public Equipment withHead(Optional<Distance> size) {
        return new Equipment(size, guide, across, lens);
    }

    public Equipment with(Guide on) {
        return new Equipment(head, on, across, lens);
    }

    public Equipment withAcross(Optional<Distance> size) {
        return new Equipment(head, guide, size, lens);
    }

    /** The smallest hole that it passes; empty where nobody said. */
    public Optional<Distance> outer() {
        return switch (guide) {
            case ON -> across;
            case OFF -> head;
            case NOT_SAID -> Optional.empty();
        };
    }

    /** A head of which nobody said how wide it is. */
    private static final Distance USUAL_HEAD = Distance.inches(1.25);

    /** Whether a centring guide or skid was on. */
    public enum Guide {
        ON("guide on"),
        OFF("guide off"),
        NOT_SAID("guide not said");

        private final String word;

        Guide(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /**
     * Height of the lens, and of the locator's coil behind it, above the invert: half the bore with a guide, half the head
     * without one (plain geometry of a circle lying on the bottom of another, or in its middle). Where nothing is said
     * the head lies on the bottom.
     */
    public Distance lensHeight(PipeSize bore) {
        double across = guide == Guide.ON
                ? bore.inInches() * Distance.MM_PER_INCH
                : Math.min(head.orElse(USUAL_HEAD).mm(), bore.inInches() * Distance.MM_PER_INCH);
        return new Distance(Math.round(across / 2));
    }
}

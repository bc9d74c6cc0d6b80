package hitch.core.story;

import hitch.core.footage.FrameRef;
import java.util.List;

/** A shot of footage that plays. */
public sealed interface FootageShot extends Shot permits FindingShot, EvidenceShot, PassageShot {
    /** The frame it is about. */
    FrameRef frame();

    @Override
    default List<FrameRef> shown() {
        return List.of(frame());
    }

    /** Seconds of footage before that frame, 0 or more. */
    double before();

    /** Seconds of footage after it, 0 or more. */
    double after();

    /** How many times faster than it was recorded it plays. */
    default double speed() {
        return 1;
    }

    /** The same with as much footage. */
    FootageShot lasting(double upTo, double on);
}

package hitch.core.gauge;

import java.util.List;

/**
 * The rims along a clip.
 *
 * @param degrees what the lens was taken to see from left to right when they were found
 * @param looks each frame that was looked at
 */
public record ClipRims(double degrees, List<RimLook> looks) {
    public ClipRims {
        looks = List.copyOf(looks);
    }
}

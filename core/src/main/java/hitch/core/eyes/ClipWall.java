package hitch.core.eyes;

import java.util.List;

/**
 * The wall along a clip, as it was looked at.
 *
 * @param looks in order of time
 */
public record ClipWall(List<WallLook> looks) {
    public ClipWall {
        looks = List.copyOf(looks);
    }
}

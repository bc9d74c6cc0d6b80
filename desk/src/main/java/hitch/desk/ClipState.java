package hitch.desk;

import hitch.core.footage.Stretch;
import java.util.List;

/**
 * How far a clip has been read.
 *
 * @param share part of the look through that is done, 0 to 1
 * @param doing what is being done; empty when nothing is
 * @param stretches what was found; empty until it is done
 * @param looked whether the look through is done
 * @param missing whether its file is not where it was
 * @param trouble why it cannot be used; empty where it can
 */
public record ClipState(
        double share, String doing, List<Stretch> stretches, boolean looked, boolean missing, String trouble) {
    static final ClipState WAITING = new ClipState(0, "waiting", List.of(), false, false, "");

    static ClipState reading(double share, String doing) {
        return new ClipState(share, doing, List.of(), false, false, "");
    }

    static ClipState done(List<Stretch> stretches) {
        return new ClipState(1, "", stretches, true, false, "");
    }

    static ClipState gone(String why) {
        return new ClipState(0, "", List.of(), false, true, why);
    }

    static ClipState refused(String why) {
        return new ClipState(0, "", List.of(), false, false, why);
    }
}

package hitch.desk.play;

import hitch.core.footage.ClipId;

/**
 * A stretch of a clip that is played again and again; while only its start is set, {@code to} is infinite.
 *
 * @param clip the clip
 * @param from seconds into the clip
 * @param to seconds into the clip, after {@code from}
 */
public record Loop(ClipId clip, double from, double to) {
    public boolean isWhole() {
        return Double.isFinite(to);
    }
}

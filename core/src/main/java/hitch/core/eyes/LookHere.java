package hitch.core.eyes;

import hitch.core.footage.FrameRef;
import hitch.core.measure.Station;

/**
 * A place that somebody had better look at. It names nothing and is no finding.
 *
 * @param frame that shows it
 * @param station of the camera there
 * @param by how much it stands out; the more, the sooner it is to be looked at
 */
public record LookHere(FrameRef frame, Station station, double by, Why why) {
    /** Why it is shown. */
    public enum Why {
        /** The wall breaks its rhythm. */
        WALL("the wall is unlike the rest of its clip"),
        /** The camera stood. */
        STOOD("the camera stood here and nobody said why");

        private final String words;

        Why(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}

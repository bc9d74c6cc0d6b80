package hitch.desk;

import hitch.core.footage.FrameRef;
import hitch.desk.key.Act;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.input.KeyEvent;

/** One of the six benches of an open job. */
public interface Bench {
    /** Its word on the tab. */
    String title();

    /** The acts that belong here. */
    default List<Act.Place> acts() {
        return List.of();
    }

    /** What lies on it. */
    Node node();

    /** What is still open here, a few characters for the tab; blank for nothing. */
    String gauge(Snapshot now);

    /** Keeps what is being written, so that it can be taken back like the rest. */
    default void settle() {}

    /** Plays or stops what this bench plays; false where it plays nothing but the footage on show. */
    default boolean play() {
        return false;
    }

    /** The frame that the hand is on here; empty where it is on none but the one that stands on Mark. */
    default Optional<FrameRef> frame() {
        return Optional.empty();
    }

    /** Lets go of what it holds; the job is left. */
    default void close() {}

    /** A key pressed anywhere on the bench that no text field took. */
    default void key(KeyEvent event) {}
}

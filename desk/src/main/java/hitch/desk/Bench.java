package hitch.desk;

import javafx.scene.Node;
import javafx.scene.input.KeyEvent;

/** One of the six benches of an open job. */
public interface Bench {
    /** Its word on the tab. */
    String title();

    /** What lies on it. */
    Node node();

    /** What is still open here, a few characters for the tab; blank for nothing. */
    String gauge(Snapshot now);

    /** A key pressed anywhere on the bench that no text field took. */
    default void key(KeyEvent event) {}
}

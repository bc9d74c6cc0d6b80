package hitch.desk.line;

import javafx.scene.Node;

/** One page of figures under the drawing. */
interface Panel {
    /** Its word on the tab. */
    String title();

    /** Its contents as the job stands now. */
    Node build();
}

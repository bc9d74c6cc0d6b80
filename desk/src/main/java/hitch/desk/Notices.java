package hitch.desk;

import javafx.application.Platform;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

/** What the window has to say, one sentence or two at a time; shown in a strip until it is closed. */
public final class Notices {
    private final ReadOnlyStringWrapper text = new ReadOnlyStringWrapper("");

    /** Says something, from any thread. */
    public void say(String what) {
        if (Platform.isFxApplicationThread()) {
            text.set(what);
        } else {
            Platform.runLater(() -> text.set(what));
        }
    }

    public void close() {
        text.set("");
    }

    public ReadOnlyStringProperty textProperty() {
        return text.getReadOnlyProperty();
    }
}

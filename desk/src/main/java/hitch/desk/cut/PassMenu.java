package hitch.desk.cut;

import hitch.core.footage.FrameRef;
import hitch.core.story.FootageShot;
import hitch.core.story.ScriptLine;
import hitch.desk.widget.CameraTime;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;

/** The other times the camera was where a shot is, each by its clip, its time and which way it went. */
final class PassMenu extends MenuButton {
    private PassMenu(ScriptRoom room, ScriptLine line, List<CameraTime> others) {
        super("Another pass");
        setId("another-pass");
        getStyleClass().add("quiet-act");
        setAccessibleText("Show another time the camera was at this place");
        for (CameraTime time : others) {
            MenuItem item = new MenuItem(time.words());
            item.setMnemonicParsing(false);
            item.setOnAction(e -> room.change(line.proposed().key(), c -> c.withFrame(Optional.of(time.frame()))));
            getItems().add(item);
        }
    }

    /** Empty where the camera was there once. */
    static Optional<PassMenu> of(ScriptRoom room, ScriptLine line, FootageShot shot) {
        List<CameraTime> others = room.written()
                .flatMap(w -> w.may()
                        .stationAt(shot.frame())
                        .map(at -> CameraTime.at(room.desk().work().now().survey(), at).stream()
                                .filter(t -> w.may().shows(t.frame()) && !isSame(t.frame(), shot.frame(), t))
                                .toList()))
                .orElse(List.of());
        return others.isEmpty() ? Optional.empty() : Optional.of(new PassMenu(room, line, others));
    }

    /** Within a second of each other two moments are one pass. */
    private static boolean isSame(FrameRef a, FrameRef b, CameraTime time) {
        return a.clip().equals(b.clip()) && Math.abs(time.clip().base().seconds(a.pts() - b.pts())) < 1;
    }
}

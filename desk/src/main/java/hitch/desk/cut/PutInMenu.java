package hitch.desk.cut;

import hitch.core.finding.LocatedFinding;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameRef;
import hitch.core.job.OwnShot;
import hitch.core.job.OwnShot.Kind;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;

/** Puts a shot into the story behind the chosen one: the moment on Mark, a finding's, a photograph, the line drawn, a card. */
final class PutInMenu extends MenuButton {
    private final ScriptRoom room;

    PutInMenu(ScriptRoom room) {
        super("Put in a shot");
        this.room = room;
        setId("put-in");
        setAccessibleText("Put a shot in behind the chosen one");
        // Filled as it opens, with what there is by then.
        setOnShowing(e -> fill());
        getItems().add(new MenuItem("…"));
    }

    private void fill() {
        Optional<FrameRef> mark = room.desk().player().shown().map(f -> f.ref());
        MenuItem played = item("The footage that stands on Mark", () -> put(Kind.PLAYED, mark, ""));
        MenuItem still = item("The picture that stands on Mark", () -> put(Kind.STILL, mark, ""));
        played.setDisable(mark.isEmpty());
        still.setDisable(mark.isEmpty());
        getItems().setAll(played, still);
        room.written().ifPresent(w -> {
            Menu findings = new Menu("A finding's picture");
            for (LocatedFinding f : w.may().findings()) {
                String title = f.finding().kind().title()
                        + w.may().place(f).map(p -> ", " + p.distance()).orElse("");
                findings.getItems()
                        .add(item(
                                title,
                                () -> put(Kind.STILL, Optional.of(f.finding().frame()), title)));
            }
            Menu photos = new Menu("A photograph");
            w.may().photos().forEach(p -> {
                Clip clip = p.clip();
                String title = p.room().isBlank() ? clip.id().toString() : p.room();
                photos.getItems()
                        .add(item(
                                title,
                                () -> put(Kind.STILL, Optional.of(new FrameRef(clip.id(), clip.firstPts())), title)));
            });
            findings.setDisable(findings.getItems().isEmpty());
            photos.setDisable(photos.getItems().isEmpty());
            getItems().addAll(findings, photos);
        });
        getItems()
                .addAll(
                        item("The line drawn", () -> put(Kind.MAP, Optional.empty(), "The line")),
                        item("A card", () -> put(Kind.CARD, Optional.empty(), "A word in between")));
    }

    private static MenuItem item(String words, Runnable act) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(e -> act.run());
        return item;
    }

    private void put(Kind kind, Optional<FrameRef> frame, String title) {
        String behind = room.chosen().get() == null
                ? room.written()
                        .flatMap(w -> w.script().lines().reversed().stream().findFirst())
                        .map(l -> l.proposed().key())
                        .orElse("")
                : room.chosen().get();
        String key = room.written().map(w -> w.may().story().nextOwn()).orElse("");
        room.arrange(r -> r.put(behind, own -> new OwnShot(own, kind, frame, title, List.of()), ""))
                .thenRun(() -> room.chosen().set(key));
    }
}

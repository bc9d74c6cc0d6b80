package hitch.desk.mark;

import hitch.core.counter.CounterMark;
import hitch.core.counter.Distance;
import hitch.core.counter.LengthUnit;
import hitch.core.counter.Reading;
import hitch.core.counter.Zeroing;
import hitch.core.counter.sight.CableMarks;
import hitch.core.counter.sight.CablePath;
import hitch.core.footage.Clip;
import hitch.core.job.Edit;
import hitch.desk.Context;
import hitch.desk.play.Player;
import hitch.desk.widget.Labels;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.CounterScan;
import hitch.store.Footage;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** Sets the counter by hand: what it shows at this frame, or that it was zeroed here. */
final class CounterBar extends HBox {
    private final Context desk;
    private final TextField field = new TextField();
    private final Label here = Labels.of("", "soft");
    private final Button remove;
    private boolean reading;

    CounterBar(Context desk) {
        this.desk = desk;
        setSpacing(8);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("counter-bar");
        field.setId("reading");
        field.setPromptText("as shown");
        field.setPrefColumnCount(7);
        field.setAccessibleText("Counter reading at this frame");
        field.setOnAction(e -> setReading());
        Button set = Labels.button("Set", "", "Set the reading of this frame", this::setReading);
        Button read = Labels.button("Read it", "K", "Read the counter off this clip's pictures", this::readIt);
        read.setId("read-counter");
        Button zero = Labels.button("Zeroed here", "Z", "The counter was zeroed at this frame", this::zeroHere);
        remove = Labels.button("Remove", "", "Remove the counter mark of this frame", this::removeHere);
        for (Button button : new Button[] {set, read, zero, remove}) {
            button.setFocusTraversable(false);
            button.setMinWidth(USE_PREF_SIZE);
        }
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Label label = Labels.of("Counter shows", "strong");
        label.setMinWidth(USE_PREF_SIZE);
        getChildren().addAll(label, Labels.of("C", "key"), field, set, read, zero, remove, gap, here);
        desk.player().shownProperty().addListener((o, was, is) -> update());
        desk.work().snapshotProperty().addListener((o, was, is) -> update());
        update();
    }

    void focus() {
        field.requestFocus();
        field.selectAll();
    }

    private void update() {
        if (reading) {
            return;
        }
        Optional<CounterMark> mark = desk.player().shown().flatMap(this::markAt);
        remove.setDisable(mark.isEmpty());
        int count = desk.player()
                .shown()
                .map(f -> desk.work().now().job().marksOf(f.clip().id()).size())
                .orElse(0);
        here.setText(
                mark.isPresent()
                        ? "set on this frame"
                        : count == 1 ? "1 mark on this clip" : count + " marks on this clip");
    }

    private Optional<CounterMark> markAt(Player.Frame frame) {
        return desk.work().now().job().marksOf(frame.clip().id()).stream()
                .filter(m -> m.pts() == frame.picture().pts())
                .findFirst();
    }

    private void setReading() {
        Optional<Player.Frame> shown = desk.player().shown();
        LengthUnit unit = desk.work().now().survey().facts().unit();
        Optional<Distance> reading = unit.read(field.getText());
        if (shown.isEmpty()) {
            return;
        }
        if (reading.isEmpty()) {
            desk.work()
                    .notices()
                    .say("\"" + field.getText() + "\" is not a reading. Type what the counter shows, such as "
                            + (unit == LengthUnit.METRES ? "5.62." : "18.4 or 18' 5\"."));
            return;
        }
        desk.work()
                .apply(new Edit.SetMark(
                        shown.get().clip().id(),
                        new Reading(shown.get().picture().pts(), reading.get())));
        field.clear();
        getScene().getRoot().requestFocus();
    }

    /** Reads the counter of the shown clip in the background; what is set by hand already stays. */
    void readIt() {
        Optional<Clip> clip = desk.player().shown().map(Player.Frame::clip);
        if (clip.isEmpty() || reading) {
            return;
        }
        reading = true;
        desk.work()
                .inBackground(
                        () -> {
                            try {
                                return found(clip.get());
                            } finally {
                                Platform.runLater(() -> {
                                    reading = false;
                                    update();
                                });
                            }
                        },
                        marks -> keep(clip.get(), marks));
    }

    private List<CounterMark> found(Clip clip) throws MediaException {
        Footage footage = desk.work().footage();
        Progress progress = (share, doing) -> Platform.runLater(
                () -> here.setText(String.format(java.util.Locale.ROOT, "%s, %.0f %%", "reading", 100 * share)));
        CounterScan.Outcome scan =
                CounterScan.read(footage.file(clip), footage.clipIndex(clip), Optional.empty(), progress);
        double unit = desk.work().now().survey().facts().unit() == LengthUnit.METRES ? 1000 : Distance.MM_PER_FOOT;
        return CableMarks.of(CablePath.fit(scan.readings()), clip, unit);
    }

    private void keep(Clip clip, List<CounterMark> marks) {
        if (marks.isEmpty()) {
            desk.work()
                    .notices()
                    .say("No counter was found on the pictures of " + clip.fileName()
                            + ". Set some readings by hand: press C and type what it shows.");
            return;
        }
        desk.work().apply(new Edit.ReadCounter(clip.id(), marks));
        desk.work()
                .notices()
                .say("The counter of " + clip.fileName() + " was read: " + marks.size()
                        + " marks. Those set by hand stay as they are; Undo takes the reading back.");
    }

    void zeroHere() {
        desk.player().shown().ifPresent(f -> {
            var trace = desk.work().now().survey().traces().get(f.clip().id());
            long cable = trace == null
                    ? 0
                    : Math.round(trace.cableAt(f.picture().pts()).orElse(0));
            desk.work()
                    .apply(new Edit.SetMark(
                            f.clip().id(), new Zeroing(f.picture().pts(), new Distance(cable))));
        });
    }

    private void removeHere() {
        desk.player()
                .shown()
                .ifPresent(f -> markAt(f)
                        .ifPresent(m ->
                                desk.work().apply(new Edit.RemoveMark(f.clip().id(), m))));
    }
}

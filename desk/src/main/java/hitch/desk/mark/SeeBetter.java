package hitch.desk.mark;

import hitch.core.footage.AdjustedSpan;
import hitch.core.footage.Adjustment;
import hitch.core.footage.Adjustments;
import hitch.core.footage.ClockText;
import hitch.core.job.Edit;
import hitch.desk.Context;
import hitch.desk.key.Act;
import hitch.desk.play.Loop;
import hitch.desk.play.Player;
import hitch.desk.widget.Labels;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;

/** Turns, mirrors and brightens what is looked at, for a stretch of time; the footage is never touched. */
final class SeeBetter extends FlowPane {
    private final Context desk;
    private final Slider roll = slider("roll", "Turn, degrees clockwise", -180, 179, 0);
    private final Slider brightness = slider("brightness", "Brightness", -0.6, 0.6, 0);
    private final Slider contrast = slider("contrast", "Contrast", -0.6, 0.6, 0);
    private final Slider gamma = slider("gamma", "Gamma: lifts the dark", 0.4, 3, 1);
    private final CheckBox mirror = new CheckBox("Mirror");
    private final CheckBox lines = new CheckBox("Deinterlace");
    private final CheckBox whole = new CheckBox("Whole clip");
    private final Label scope = Labels.of("", "soft");
    private boolean following;

    SeeBetter(Context desk) {
        this.desk = desk;
        setHgap(14);
        setVgap(6);
        getStyleClass().add("see-better");
        setId("see-better-bar");
        mirror.setId("mirror");
        lines.setId("deinterlace");
        whole.setId("whole-clip");
        whole.setOnAction(e -> follow());
        for (CheckBox box : List.of(mirror, lines)) {
            box.setOnAction(e -> {
                preview();
                keep();
            });
        }
        Button over = Labels.button("Turn over", Act.TURN_OVER.key(), "Half a turn from here on", this::turnOver);
        over.setId("turn-over");
        Button plain = Labels.button("As recorded", "", "Take all adjustments of this stretch back", this::reset);
        plain.setId("as-recorded");
        over.setFocusTraversable(false);
        plain.setFocusTraversable(false);
        getChildren()
                .addAll(
                        over,
                        row("Turn", roll),
                        row("Light", brightness),
                        row("Contrast", contrast),
                        row("Gamma", gamma),
                        mirror,
                        lines,
                        whole,
                        plain,
                        scope);
        setRowValignment(javafx.geometry.VPos.CENTER);
        desk.player().shownProperty().addListener((o, was, is) -> follow());
        desk.player().loopProperty().addListener((o, was, is) -> follow());
        desk.work().snapshotProperty().addListener((o, was, is) -> follow());
        setManaged(false);
        setVisible(false);
    }

    void toggle() {
        setVisible(!isVisible());
        setManaged(isVisible());
        follow();
    }

    private Slider slider(String id, String accessible, double from, double to, double plain) {
        Slider made = new Slider(from, to, plain);
        made.setId(id);
        made.setAccessibleText(accessible);
        made.setPrefWidth(96);
        made.setFocusTraversable(false);
        made.setBlockIncrement((to - from) / 40);
        made.valueProperty().addListener((o, was, is) -> preview());
        made.valueChangingProperty().addListener((o, was, is) -> {
            if (!is) {
                keep();
            }
        });
        made.setOnMouseReleased(e -> keep());
        return made;
    }

    private static HBox row(String word, Slider slider) {
        Label value = Labels.of("", "measure", "soft");
        value.setMinWidth(44);
        value.textProperty()
                .bind(slider.valueProperty()
                        .map(v -> slider.getMax() > 10
                                ? Math.round(v.doubleValue()) + "°"
                                : String.format(Locale.ROOT, "%.2f", v.doubleValue())));
        HBox made = new HBox(6, Labels.of(word, "soft"), slider, value);
        made.setAlignment(Pos.CENTER_LEFT);
        return made;
    }

    private Adjustment chosen() {
        return new Adjustment(
                Math.round(roll.getValue()),
                mirror.isSelected(),
                Math.round(brightness.getValue() * 50) / 50.0,
                Math.round(contrast.getValue() * 50) / 50.0,
                Math.round(gamma.getValue() * 20) / 20.0,
                lines.isSelected());
    }

    /** The stretch that a change is laid over: the loop, the whole clip, or from here to the next change. */
    private Optional<AdjustedSpan> span(Adjustment adjustment) {
        return desk.player().shown().map(f -> {
            Loop loop = desk.player().loopProperty().get();
            if (loop != null && loop.isWhole() && loop.clip().equals(f.clip().id())) {
                return new AdjustedSpan(f.clip().ptsAt(loop.from()), f.clip().ptsAt(loop.to()) + 1, adjustment);
            }
            if (whole.isSelected()) {
                return new AdjustedSpan(f.clip().firstPts(), f.clip().endPts(), adjustment);
            }
            Adjustments now = desk.work().now().job().adjustmentsOf(f.clip().id());
            long pts = f.picture().pts();
            return new AdjustedSpan(pts, now.until(pts, f.clip().endPts()), adjustment);
        });
    }

    private void preview() {
        if (!following) {
            desk.work().preview(chosen());
            desk.player().refresh();
        }
    }

    private void keep() {
        if (following) {
            return;
        }
        desk.work().preview(null);
        Adjustment wanted = chosen();
        boolean same = desk.player().shown().map(f -> now(f).equals(wanted)).orElse(true);
        if (!same) {
            apply(wanted);
        }
    }

    private void apply(Adjustment wanted) {
        desk.player()
                .shown()
                .ifPresent(f -> span(wanted)
                        .ifPresent(
                                s -> desk.work().apply(new Edit.Adjust(f.clip().id(), s))));
    }

    private Adjustment now(Player.Frame frame) {
        return desk.work()
                .now()
                .job()
                .adjustmentsOf(frame.clip().id())
                .at(frame.picture().pts());
    }

    /** Half a turn from here on, or back again. */
    void turnOver() {
        desk.player().shown().ifPresent(f -> apply(now(f).withRoll(now(f).roll() + 180)));
    }

    private void reset() {
        apply(Adjustment.NONE);
    }

    private void follow() {
        desk.player().shown().ifPresent(f -> {
            if (roll.isValueChanging()
                    || brightness.isValueChanging()
                    || contrast.isValueChanging()
                    || gamma.isValueChanging()) {
                return;
            }
            following = true;
            Adjustment now = now(f);
            roll.setValue(now.roll());
            brightness.setValue(now.brightness());
            contrast.setValue(now.contrast());
            gamma.setValue(now.gamma());
            mirror.setSelected(now.mirror());
            lines.setSelected(now.deinterlace());
            following = false;
            span(now)
                    .ifPresent(s -> scope.setText("for " + ClockText.of(f.clip().secondsInto(s.fromPts())) + " to "
                            + ClockText.of(f.clip().secondsInto(s.toPts()))));
        });
    }
}

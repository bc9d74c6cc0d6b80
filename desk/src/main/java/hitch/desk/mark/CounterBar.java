package hitch.desk.mark;

import hitch.core.counter.CounterMark;
import hitch.core.counter.MarkSource;
import hitch.core.counter.Reading;
import hitch.core.counter.Zeroing;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.survey.CounterWalk;
import hitch.core.survey.Rhythm;
import hitch.desk.Context;
import hitch.desk.key.Act;
import hitch.desk.play.Player;
import hitch.desk.widget.Labels;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The counter of the shown clip: read off its pictures, set by hand, and its doubtful places walked one by one. */
final class CounterBar extends VBox {
    /** How near to a doubtful place's moment the shown frame is that place's, seconds. */
    private static final double AT_STOP = 0.2;

    private final Context desk;
    private final CounterBook book;
    private final JointBook joints;
    private final CounterBox box;
    private final CounterTask task;
    private final TextField field = new TextField();
    private final Label here = Labels.of("", "soft");
    private final Button walk;
    private final Button refuse;
    private final Button remove;
    private final Button feet;
    private final Button metres;
    private Optional<CounterWalk.Stop> stop = Optional.empty();
    private boolean arrived;

    CounterBar(Context desk, CounterBook book, CounterBox box, JointBook joints) {
        this.desk = desk;
        this.book = book;
        this.box = box;
        this.joints = joints;
        this.task = new CounterTask(desk, book, box, here::setText, this::update);
        setSpacing(2);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("counter-bar");
        field.setId("reading");
        field.setPromptText("as shown");
        field.setPrefColumnCount(6);
        field.setAccessibleText("Counter reading at this frame");
        field.setOnAction(e -> setReading());
        field.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                leaveWalk();
                getScene().getRoot().requestFocus();
            }
        });
        walk = Labels.button(
                "Next doubt", Act.NEXT_DOUBT.key(), "Go to the next doubtful place of this clip", this::nextDoubt);
        walk.setId("next-doubt");
        refuse = Labels.button("Not so", "", "The counter was not set here", this::refuse);
        refuse.setId("refuse");
        feet = Labels.button("Feet", "", "The counter counts feet", () -> sayUnit(LengthUnit.FEET));
        feet.setId("counts-feet");
        metres = Labels.button("Metres", "", "The counter counts metres", () -> sayUnit(LengthUnit.METRES));
        metres.setId("counts-metres");
        remove = Labels.button("Remove", "", "Remove the counter mark of this frame", this::removeHere);
        for (Button button : new Button[] {walk, refuse, remove, feet, metres}) {
            button.setFocusTraversable(button == feet || button == metres);
            button.setMinWidth(USE_PREF_SIZE);
            button.getStyleClass().add("slim");
            button.managedProperty().bind(button.visibleProperty());
        }
        Labels.mayBeCut(here);
        here.setId("counter-here");
        Label label = Labels.of("Counter", "strong");
        label.setMinWidth(USE_PREF_SIZE);
        field.setMinWidth(USE_PREF_SIZE);
        HBox set = new HBox(8, label, Labels.of(Act.COUNTER.key(), "key"), field);
        HBox told = new HBox(6, walk, refuse, remove, feet, metres, here);
        for (HBox row : new HBox[] {set, told}) {
            row.setAlignment(Pos.CENTER_LEFT);
        }
        getChildren().addAll(set, told);
        desk.player().shownProperty().addListener((o, was, is) -> update());
        desk.work().snapshotProperty().addListener((o, was, is) -> update());
        joints.rhythmsProperty().addListener((o, was, is) -> update());
        update();
    }

    CounterTask task() {
        return task;
    }

    void focus() {
        field.requestFocus();
        field.selectAll();
    }

    private void update() {
        if (task.isReading()) {
            return;
        }
        Optional<Player.Frame> shown = desk.player().shown();
        boolean there = stop.isPresent()
                && shown.isPresent()
                && Math.abs(shown.get().clip().secondsInto(stop.get().pts())
                                - shown.get().seconds())
                        < AT_STOP;
        if (arrived && !there) {
            stop = Optional.empty();
            field.clear();
        }
        arrived = there;
        Optional<CounterMark> mark = shown.flatMap(this::markAt);
        List<CounterWalk.Stop> stops = shown.map(this::stops).orElse(List.of());
        remove.setVisible(mark.isPresent() && stop.isEmpty());
        boolean unitAsked = shown.flatMap(
                        f -> desk.work().now().job().counterOf(f.clip().id()).counted())
                .map(c -> !c.unitSure())
                .orElse(false);
        feet.setVisible(unitAsked);
        metres.setVisible(unitAsked);
        walk.setVisible(!stops.isEmpty() && !unitAsked);
        refuse.setVisible(stop.flatMap(CounterWalk.Stop::zeroing).isPresent());
        int count = shown.map(
                        f -> desk.work().now().job().marksOf(f.clip().id()).size())
                .orElse(0);
        String where = mark.map(m -> m.by() == MarkSource.BY_HAND ? "set on this frame" : "read on this frame")
                .orElse(count == 1 ? "1 mark on this clip" : count + " marks on this clip");
        String doubts = stops.size() == 1 ? "1 doubt" : stops.size() + " doubts";
        here.setText(unitAsked ? "feet or metres?" : stops.isEmpty() ? where : doubts);
        box.ask(stop.map(CounterBar::question)
                .orElse(
                        unitAsked
                                ? "Does this counter count feet or metres? Until that is said its stations are not trusted."
                                : ""));
    }

    private static String question(CounterWalk.Stop stop) {
        return stop.zeroing().isPresent()
                ? stop.question() + "? Enter: yes; type a reading if not."
                : stop.question() + ". Type what it shows; Enter keeps " + stop.reading() + ".";
    }

    private List<CounterWalk.Stop> stops(Player.Frame frame) {
        return CounterWalk.of(
                frame.clip(),
                desk.work().now().job().marksOf(frame.clip().id()),
                desk.work().now().survey(),
                joints.rhythmsProperty().get().getOrDefault(frame.clip().id(), Rhythm.NONE));
    }

    private Optional<CounterMark> markAt(Player.Frame frame) {
        return desk.work().now().job().marksOf(frame.clip().id()).stream()
                .filter(m -> m.pts() == frame.picture().pts())
                .findFirst();
    }

    private void setReading() {
        Optional<Player.Frame> shown = desk.player().shown();
        LengthUnit unit = desk.work().now().survey().facts().unit();
        Optional<Distance> typed = unit.read(field.getText());
        // On the walk nothing is set before the frame that is asked about is on the screen.
        if (shown.isEmpty() || task.isReading() || stop.isPresent() && !arrived) {
            return;
        }
        if (typed.isEmpty()) {
            desk.work()
                    .notices()
                    .say("\"" + field.getText() + "\" is not a reading. Type what the counter shows, such as "
                            + (unit == LengthUnit.METRES ? "5.62." : "18.4 or 18' 5\"."));
            return;
        }
        Clip clip = shown.get().clip();
        Optional<CounterWalk.Stop> walking = stop;
        if (walking.flatMap(CounterWalk.Stop::zeroing).isPresent()
                && field.getText().equals(walking.get().reading())) {
            Zeroing confirmed = walking.get().zeroing().get().confirmed();
            desk.work().apply(new Edit.SetMark(clip.id(), confirmed)).thenRun(this::onward);
        } else {
            Reading reading = Reading.byHand(shown.get().picture().pts(), typed.get());
            Runnable next = walking.isPresent() ? this::onward : () -> {};
            desk.work()
                    .inBackground(
                            () -> book.correct(clip, reading),
                            edit -> desk.work().apply(edit).thenRun(next));
        }
        field.clear();
        getScene().getRoot().requestFocus();
    }

    /** Goes on along the walk once a place is settled; at its end the walk is over. */
    private void onward() {
        Platform.runLater(() -> {
            stop = Optional.empty();
            if (desk.player().shown().map(f -> stops(f).isEmpty()).orElse(true)) {
                update();
                desk.work().notices().say("All doubtful places of this clip are settled.");
            } else {
                nextDoubt();
            }
        });
    }

    /** Shows the next doubtful place after the shown frame, or the first, with what is read there to be kept or typed. */
    void nextDoubt() {
        desk.player().shown().ifPresent(frame -> {
            List<CounterWalk.Stop> stops = stops(frame);
            if (stops.isEmpty()) {
                desk.work().notices().say("Nothing is doubtful on this clip's counter.");
                return;
            }
            CounterWalk.Stop next = stops.stream()
                    .filter(s -> s.pts() > frame.picture().pts())
                    .findFirst()
                    .orElse(stops.getFirst());
            desk.player().seek(frame.clip(), new FrameRef(frame.clip().id(), next.pts()));
            stop = Optional.of(next);
            arrived = false;
            field.setText(next.reading());
            focus();
            update();
        });
    }

    private void leaveWalk() {
        stop = Optional.empty();
        field.clear();
        update();
    }

    private void refuse() {
        Optional<Zeroing> zeroing = stop.flatMap(CounterWalk.Stop::zeroing);
        desk.player()
                .shown()
                .ifPresent(f -> zeroing.ifPresent(z -> {
                    field.clear();
                    desk.work().apply(new Edit.RemoveMark(f.clip().id(), z)).thenRun(this::onward);
                }));
    }

    void zeroHere() {
        desk.player().shown().ifPresent(f -> {
            var trace = desk.work().now().survey().traces().get(f.clip().id());
            long cable = trace == null
                    ? 0
                    : Math.round(trace.cableAt(f.picture().pts()).orElse(0));
            desk.work()
                    .apply(new Edit.SetMark(
                            f.clip().id(), Zeroing.byHand(f.picture().pts(), new Distance(cable))));
        });
    }

    private void sayUnit(LengthUnit unit) {
        desk.work().apply(new Edit.SayCounterUnit(unit));
    }

    private void removeHere() {
        desk.player()
                .shown()
                .ifPresent(f -> markAt(f)
                        .ifPresent(m ->
                                desk.work().apply(new Edit.RemoveMark(f.clip().id(), m))));
    }
}

package hitch.desk.cut;

import hitch.core.finding.ClockPosition;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameRef;
import hitch.core.job.Pointing;
import hitch.core.job.ShotChange;
import hitch.core.job.View;
import hitch.core.story.FindingShot;
import hitch.core.story.FootageShot;
import hitch.core.story.PassageShot;
import hitch.core.story.ScriptLine;
import hitch.core.story.Shot;
import hitch.core.story.StillShot;
import hitch.desk.key.Act;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import hitch.desk.widget.Typing;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What the chosen paragraph's shot shows: its moment, how much of it, how fast, what is pointed at and gone into. */
final class ShotSettings extends VBox {
    private static final double FIELD = 64;
    /** Steps that a moment is moved by, seconds. */
    private static final List<Double> STEPS = List.of(-1.0, -0.2, 0.2, 1.0);

    private final ScriptRoom room;
    private Object shown;

    ShotSettings(ScriptRoom room) {
        super(6);
        this.room = room;
        setId("shot-settings");
        room.chosen().addListener((o, was, is) -> Typing.orOnceLeft(this, this::fill));
        room.writtenProperty().addListener((o, was, is) -> Typing.orOnceLeft(this, this::fill));
    }

    static boolean isHeldPicture(Shot shot) {
        return shot instanceof FindingShot || shot instanceof StillShot;
    }

    private void fill() {
        ScriptLine line = room.chosenLine().orElse(null);
        if (line == null) {
            shown = null;
            getChildren().clear();
            return;
        }
        long hidden = hidden(line);
        Object now = List.of(line, hidden);
        if (now.equals(shown)) {
            return;
        }
        shown = now;
        getChildren().setAll(top(line));
        if (line.shot() instanceof FootageShot f) {
            getChildren().addAll(moment(line, f, hidden), lasting(line, f));
        } else {
            line.shot().shown().stream()
                    .findFirst()
                    .ifPresent(f -> getChildren().add(hiding(f, hidden)));
        }
        if (isHeldPicture(line.shot())) {
            getChildren().add(picture(line));
        }
        OwnCard.of(room, line.proposed().key()).ifPresent(getChildren()::add);
    }

    /** What it is called, with the way back to what was proposed. */
    private Node top(ScriptLine line) {
        Label title = Labels.mayBeCut(Labels.heading(line.shot().title()));
        HBox.setHgrow(title, Priority.ALWAYS);
        HBox row = new HBox(10, title);
        row.setAlignment(Pos.CENTER_LEFT);
        ShotChange change = line.change();
        ShotChange words = ShotChange.NONE
                .withNarration(change.narration())
                .withWrittenOn(change.writtenOn())
                .withLeftOut(change.leftOut())
                .withVoice(change.voice())
                .withBed(change.bed());
        if (!change.equals(words)) {
            Button back = act(
                    "Picture as proposed",
                    "Give this shot its proposed picture and place back",
                    () -> room.change(line.proposed().key(), c -> words));
            back.setMinWidth(USE_PREF_SIZE);
            row.getChildren().add(back);
        }
        return row;
    }

    private long hidden(ScriptLine line) {
        return room.written()
                .map(w -> line.shot().shown().stream()
                        .map(FrameRef::clip)
                        .distinct()
                        .mapToLong(c -> w.may().keptBack().hidden(c).size())
                        .sum())
                .orElse(0L);
    }

    private Node hiding(FrameRef frame, long hidden) {
        Button hide = act(
                "Hide a part…",
                Act.HIDE.words() + " (" + Act.HIDE.key() + ")",
                () -> room.desk().hide(frame));
        hide.setId("hide-part");
        HBox row = new HBox(8, hide);
        row.setAlignment(Pos.CENTER_LEFT);
        if (hidden > 0) {
            row.getChildren().add(Labels.of(hidden == 1 ? "1 thing is hidden" : hidden + " things are hidden", "soft"));
        }
        return row;
    }

    private Node moment(ScriptLine line, FootageShot shot, long hidden) {
        FlowPane row = new FlowPane(6, 6);
        for (double step : STEPS) {
            String words = String.format(Locale.ROOT, "%+.1f s", step).replace("-", "\u2212");
            row.getChildren().add(act(words, "Move the moment by " + words, () -> moved(line, shot, step)));
        }
        Button mark = act(
                "As on Mark",
                "Show the moment that stands on Mark",
                () -> room.desk()
                        .player()
                        .shown()
                        .ifPresent(f -> room.change(line.proposed().key(), c -> c.withFrame(Optional.of(f.ref())))));
        mark.setId("moment-as-on-mark");
        row.getChildren().add(mark);
        PassMenu.of(room, line, shot).ifPresent(row.getChildren()::add);
        row.getChildren().add(hiding(shot.frame(), hidden));
        row.setAlignment(Pos.CENTER_LEFT);
        return Fields.named("Moment", row);
    }

    private void moved(ScriptLine line, FootageShot shot, double seconds) {
        room.written()
                .flatMap(w -> w.may().source(shot.frame().clip()))
                .ifPresent(clip -> room.change(
                        line.proposed().key(),
                        c -> c.withFrame(Optional.of(later(clip, c.frame().orElse(shot.frame()), seconds)))));
    }

    private static FrameRef later(Clip clip, FrameRef frame, double seconds) {
        double into = Math.clamp(clip.secondsInto(frame.pts()) + seconds, 0, Math.max(0, clip.seconds() - 0.1));
        return new FrameRef(clip.id(), clip.firstPts() + clip.base().ticks(into));
    }

    private Node lasting(ScriptLine line, FootageShot shot) {
        HBox row = new HBox(12);
        row.setAlignment(Pos.BOTTOM_LEFT);
        if (shot instanceof PassageShot p) {
            row.getChildren().add(seconds("Seconds of footage", p.after(), line, (c, s) -> c.withAfter(s)));
            ComboBox<Double> speed = Fields.choice(
                    "How fast it plays",
                    List.of(1.0, 1.5, 2.0, 3.0, 4.0, 6.0, 8.0),
                    p.speed(),
                    s -> String.format(Locale.ROOT, "%s times", s % 1 == 0 ? String.valueOf(s.intValue()) : s),
                    s -> room.change(line.proposed().key(), c -> c.withSpeed(Optional.ofNullable(s))));
            row.getChildren().add(Fields.named("Speed", speed));
        } else {
            row.getChildren()
                    .addAll(
                            seconds("Seconds up to it", shot.before(), line, (c, s) -> c.withBefore(s)),
                            seconds("and on", shot.after(), line, (c, s) -> c.withAfter(s)));
        }
        boolean finding = line.proposed() instanceof FindingShot;
        if (finding) {
            row.getChildren()
                    .add(Fields.check(
                            "Hold the picture",
                            line.change().held().orElse(true),
                            on -> room.change(
                                    line.proposed().key(),
                                    c -> c.withHeld(on ? Optional.empty() : Optional.of(false)))));
        }
        return row;
    }

    private Node seconds(
            String name, double value, ScriptLine line, BiFunction<ShotChange, Optional<Double>, ShotChange> how) {
        return Fields.named(name, Fields.text(name, String.format(Locale.ROOT, "%.1f", value), FIELD, typed -> {
            try {
                double seconds = Double.parseDouble(typed);
                room.change(line.proposed().key(), c -> how.apply(c, Optional.of(seconds)));
            } catch (IllegalArgumentException e) {
                room.desk().work().notices().say("\"" + typed + "\" is no number of seconds; 0 to 600 is meant.");
                shown = null;
                fill();
            }
        }));
    }

    private Node picture(ScriptLine line) {
        HBox row = new HBox(12);
        row.setAlignment(Pos.BOTTOM_LEFT);
        String key = line.proposed().key();
        Optional<View> view = line.change().view();
        ComboBox<Double> zoom = Fields.choice(
                "How far the picture is gone into",
                List.of(1.0, 1.5, 2.0, 3.0, View.MOST),
                view.map(View::zoom).orElse(1.0),
                z -> z == 1
                        ? "As proposed"
                        : String.format(Locale.ROOT, "%s times", z % 1 == 0 ? String.valueOf(z.intValue()) : z),
                z -> room.change(
                        key,
                        c -> c.withView(
                                z == null || z == 1
                                        ? Optional.empty()
                                        : Optional.of(new View(
                                                z,
                                                c.view().map(View::x).orElse(0.5),
                                                c.view().map(View::y).orElse(0.5))))));
        row.getChildren().add(Fields.named("Gone into, at a click on the picture", zoom));
        if (line.proposed() instanceof FindingShot f) {
            row.getChildren().add(Fields.named("Pointer", pointer(line, f)));
        }
        return row;
    }

    private Node pointer(ScriptLine line, FindingShot proposed) {
        List<Optional<ClockPosition>> places = Stream.concat(
                        Stream.of(Optional.<ClockPosition>empty()),
                        Stream.concat(
                                        proposed.pointer().stream(),
                                        IntStream.rangeClosed(1, 12).mapToObj(ClockPosition::at))
                                .distinct()
                                .map(Optional::of))
                .toList();
        Optional<ClockPosition> now = line.shot() instanceof FindingShot f ? f.pointer() : proposed.pointer();
        return Fields.choice(
                "Where the pointer goes",
                places,
                now,
                p -> p.map(ClockPosition::words).orElse("None"),
                p -> room.change(
                        line.proposed().key(),
                        c -> c.withPointer(
                                p.equals(proposed.pointer()) ? Optional.empty() : Optional.of(new Pointing(p)))));
    }

    private static Button act(String words, String what, Runnable run) {
        Button button = Labels.button(words, "", what, run);
        button.getStyleClass().add("quiet-act");
        return button;
    }
}

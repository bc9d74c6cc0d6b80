package hitch.desk.hide;

import hitch.core.footage.Clip;
import hitch.core.footage.ClockText;
import hitch.core.footage.HiddenArea;
import hitch.core.footage.MutedSound;
import hitch.core.footage.Patch;
import hitch.core.job.Edit;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.LongConsumer;
import java.util.function.LongSupplier;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** One thing that is hidden: what it is, at whose request, from when to when, and how it goes. */
final class HiddenRow {
    /** What people ask to have hidden; another word can be typed. */
    static final List<String> SORTS =
            List.of("a house number", "a number plate", "a face", "a name", "a screen", "a thing in the yard");

    /** Who asks; likewise. */
    private static final List<String> ASKERS = List.of("", "the owner", "the tenant", "a neighbour", "the technician");

    private static final double WIDE = 156;
    private static final double TIME = 84;
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    /** How far what begins to move is put off at its end, so that both places are seen to be two. */
    private static final int OFF = 200;

    /**
     * What a row can have done.
     *
     * @param stand goes to a moment
     * @param now the moment on show
     * @param say tells what could not be done
     */
    record Acts(
            Consumer<Edit> apply,
            Consumer<String> choose,
            LongConsumer stand,
            LongSupplier now,
            Consumer<String> say) {}

    private HiddenRow() {}

    static Node of(HiddenArea area, Clip clip, boolean chosen, Acts acts) {
        VBox row = card(area.key(), chosen);
        row.setOnMousePressed(e -> acts.choose().accept(area.key()));
        row.getChildren()
                .add(words(
                        area.what(),
                        area.askedBy(),
                        (what, who) -> acts.apply().accept(new Edit.HideArea(area.called(what, who)))));
        if (!clip.photo()) {
            row.getChildren()
                    .addAll(
                            times(
                                    clip,
                                    area.fromPts(),
                                    area.toPts(),
                                    acts,
                                    (from, to) -> acts.apply().accept(new Edit.HideArea(area.lasting(from, to)))),
                            Fields.check(
                                    "It moves",
                                    area.moves(),
                                    on -> acts.apply()
                                            .accept(new Edit.HideArea(
                                                    on ? moving(area) : area.standing(area.first())))));
            if (area.moves()) {
                row.getChildren().add(ends(area, acts));
            }
        }
        row.getChildren().add(stop(area.what(), "Show it again", area.key(), acts));
        return row;
    }

    static Node of(MutedSound sound, Clip clip, Acts acts) {
        VBox row = card(sound.key(), false);
        row.getChildren()
                .addAll(
                        Labels.of("Sound", "strong"),
                        words(
                                sound.what(),
                                sound.askedBy(),
                                (what, who) -> acts.apply().accept(new Edit.MuteSound(sound.called(what, who)))),
                        times(
                                clip,
                                sound.fromPts(),
                                sound.toPts(),
                                acts,
                                (from, to) -> acts.apply().accept(new Edit.MuteSound(sound.lasting(from, to)))),
                        stop(sound.what(), "Let it be heard", sound.key(), acts));
        return row;
    }

    private static VBox card(String key, boolean chosen) {
        VBox row = new VBox(8);
        row.getStyleClass().addAll("list-row", "hidden-row");
        row.setId(key.replace(':', '-'));
        row.pseudoClassStateChanged(CHOSEN, chosen);
        return row;
    }

    private static HiddenArea moving(HiddenArea area) {
        Patch at = area.first();
        int off = at.right() + OFF <= Patch.WHOLE ? OFF : -OFF;
        return area.going(area.toPts(), new Patch(at.left() + off, at.top(), at.right() + off, at.bottom()));
    }

    private interface Called {
        void as(String what, String who);
    }

    private interface Lasting {
        void from(long from, long to);
    }

    private static Node words(String what, String who, Called called) {
        ComboBox<String> sort = typed("What it is", SORTS, what, w -> called.as(w, who));
        ComboBox<String> asker = typed("At whose request", ASKERS, who, w -> called.as(what, w));
        return new HBox(12, Fields.named("What", sort), Fields.named("At the request of", asker));
    }

    private static ComboBox<String> typed(String name, List<String> all, String value, Consumer<String> keep) {
        ComboBox<String> box = new ComboBox<>();
        box.getItems().setAll(all);
        box.setEditable(true);
        box.setValue(value);
        box.setAccessibleText(name);
        box.setPrefWidth(WIDE);
        box.setMinWidth(WIDE);
        box.valueProperty().addListener((o, was, is) -> {
            if (is != null && !is.strip().equals(value)) {
                keep.accept(is.strip());
            }
        });
        return box;
    }

    private static Node times(Clip clip, long from, long to, Acts acts, Lasting lasting) {
        HBox row = new HBox(
                12,
                Fields.named("From", time("From", clip, from, acts, pts -> lasting.from(pts, to))),
                Fields.named("to", time("To", clip, to, acts, pts -> lasting.from(from, pts))));
        Button begins = act("Begins here", () -> lasting.from(acts.now().getAsLong(), to));
        Button ends = act("Ends here", () -> lasting.from(from, acts.now().getAsLong()));
        begins.setId("begins-here");
        ends.setId("ends-here");
        row.setAlignment(Pos.BOTTOM_LEFT);
        return new VBox(6, row, new FlowPane(8, 8, begins, ends));
    }

    private static Node time(String name, Clip clip, long pts, Acts acts, LongConsumer keep) {
        String value = ClockText.of(clip.secondsInto(pts));
        return Fields.text(name, value, TIME, typed -> {
            OptionalDouble seconds = ClockText.read(typed);
            if (seconds.isPresent()) {
                keep.accept(clip.ptsAt(seconds.getAsDouble()));
            } else {
                acts.say().accept("\"" + typed + "\" is no moment of the clip, such as 1:05.2. Nothing was changed.");
            }
        });
    }

    private static Node ends(HiddenArea area, Acts acts) {
        Label how =
                Labels.of("Drag it to its place at the beginning and at the end; it goes evenly between them.", "soft");
        how.setWrapText(true);
        return new VBox(
                4,
                how,
                new FlowPane(
                        8,
                        8,
                        act("To its beginning", () -> acts.stand().accept(area.fromPts())),
                        act("To its end", () -> acts.stand().accept(area.toPts()))));
    }

    private static Node stop(String what, String words, String key, Acts acts) {
        Button button =
                Labels.button(words, "", words + ": " + what, () -> acts.apply().accept(new Edit.StopHiding(key)));
        button.getStyleClass().add("stop-hiding");
        return new HBox(button);
    }

    private static Button act(String words, Runnable run) {
        Button button = Labels.button(words, "", words, run);
        button.getStyleClass().add("quiet-act");
        return button;
    }
}

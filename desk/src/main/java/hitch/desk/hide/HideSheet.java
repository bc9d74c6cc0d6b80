package hitch.desk.hide;

import hitch.core.footage.Clip;
import hitch.core.footage.ClockText;
import hitch.core.footage.FrameRef;
import hitch.core.footage.HiddenArea;
import hitch.core.footage.Hiding;
import hitch.core.footage.MutedSound;
import hitch.core.footage.Patch;
import hitch.core.job.Edit;
import hitch.desk.Context;
import hitch.desk.Snapshot;
import hitch.desk.play.ClipFrames;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import hitch.desk.widget.Typing;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.application.Platform;
import javafx.beans.value.ChangeListener;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What of a clip or a photograph is hidden and muted wherever it goes: drawn on its picture, listed beside it. */
public final class HideSheet extends VBox {
    private static final double SIDE = 372;
    /** Seconds that a step goes. */
    private static final List<Double> STEPS = List.of(-1.0, -0.2, 0.2, 1.0);
    /** Seconds that are muted at first. */
    private static final double MUTED = 2;

    private final Context desk;
    private final ClipFrames frames;
    private final HidePicture picture;
    private final VBox list = new VBox(12);
    private final Slider slider = new Slider();
    private final Label time = Labels.of("", "measure");
    private final Label trouble = Labels.of("", "well-text");
    private final HBox clock = new HBox(8);
    private ComboBox<Clip> which;
    private final Button mute;
    private final Button close;
    private final ChangeListener<Snapshot> told = (o, was, is) -> Typing.orOnceLeft(list, this::fill);
    private Clip clip;
    private long pts;
    private String chosen = "";
    private Object listed;

    public HideSheet(Context desk, FrameRef at, Runnable leave) {
        this.desk = desk;
        this.frames = new ClipFrames(desk.work());
        setId("hide-sheet");
        setSpacing(12);
        getStyleClass().addAll("page", "bench");
        picture = new HidePicture(desk, new Hand());
        VBox.setVgrow(picture, Priority.ALWAYS);
        trouble.setWrapText(true);
        picture.getChildren().add(trouble);
        mute = Labels.button("Mute from here", "", "Mute the sound from this moment on", this::mute);
        mute.setId("mute-from-here");
        close = Labels.button("Done", "Esc", "Back to the bench", leave);
        close.setId("hide-done");
        VBox left = new VBox(10, picture, times());
        HBox.setHgrow(left, Priority.ALWAYS);
        list.getStyleClass().add("hidden-list");
        ScrollPane right = new ScrollPane(list);
        right.setFitToWidth(true);
        right.getStyleClass().add("side-scroll");
        right.setMinWidth(SIDE);
        right.setPrefWidth(SIDE);
        HBox both = new HBox(20, left, right);
        VBox.setVgrow(both, Priority.ALWAYS);
        getChildren().addAll(top(), both);
        desk.work().snapshotProperty().addListener(told);
        sceneProperty().addListener((o, was, is) -> {
            if (is == null) {
                desk.work().snapshotProperty().removeListener(told);
                frames.close();
            } else {
                Platform.runLater(picture::requestFocus);
            }
        });
        desk.work().now().survey().clip(at.clip()).ifPresent(c -> open(c, at.pts()));
    }

    private Node top() {
        List<Clip> clips = desk.work().now().survey().clips();
        which = Fields.choice("Clip or photograph", clips, null, Clip::fileName, c -> {
            if (c != null && !c.equals(clip)) {
                open(c, c.firstPts());
            }
        });
        which.setId("hide-clip");
        Label what = Labels.of(
                "Drag across what is to be hidden. It is covered in every video, still, clip and report; the file itself is never touched.",
                "soft");
        what.setWrapText(true);
        what.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(what, Priority.ALWAYS);
        which.setMinWidth(USE_PREF_SIZE);
        close.setMinWidth(USE_PREF_SIZE);
        HBox row = new HBox(14, Labels.of("Hidden at somebody's request", "strong", "large"), which, what, close);
        ((Label) row.getChildren().getFirst()).setMinWidth(USE_PREF_SIZE);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private Node times() {
        slider.setId("hide-time");
        slider.setAccessibleText("Moment of the clip");
        HBox.setHgrow(slider, Priority.ALWAYS);
        slider.valueProperty().addListener((o, was, is) -> {
            if (clip != null && Math.abs(is.doubleValue() - clip.secondsInto(pts)) > 1e-3) {
                stand(clip.ptsAt(is.doubleValue()));
            }
        });
        time.setMinWidth(112);
        clock.getChildren().add(slider);
        for (double step : STEPS) {
            String words = String.format(Locale.ROOT, "%+.1f s", step).replace("-", "\u2212");
            Button button = Labels.button(
                    words, "", "Go on by " + words, () -> stand(clip.ptsAt(clip.secondsInto(pts) + step)));
            button.getStyleClass().add("quiet-act");
            button.setMinWidth(Region.USE_PREF_SIZE);
            clock.getChildren().add(button);
        }
        mute.setMinWidth(USE_PREF_SIZE);
        clock.getChildren().addAll(time, mute);
        clock.setAlignment(Pos.CENTER_LEFT);
        return clock;
    }

    private void open(Clip next, long at) {
        clip = next;
        chosen = "";
        which.setValue(next);
        clock.setVisible(!next.photo());
        mute.setVisible(next.sound());
        slider.setMax(Math.max(0.1, next.seconds()));
        stand(at);
        fill();
    }

    private void stand(long at) {
        pts = Math.clamp(at, clip.firstPts(), clip.endPts() - 1);
        slider.setValue(clip.secondsInto(pts));
        time.setText(ClockText.of(clip.secondsInto(pts)) + " / " + ClockText.of(clip.seconds()));
        trouble.setText("");
        frames.fetch(clip, pts, picture::show, trouble::setText);
    }

    private Hiding hiding() {
        return desk.work().now().job().hiding();
    }

    private void fill() {
        List<HiddenArea> areas = hiding().areasOf(clip.id());
        List<MutedSound> sounds = hiding().soundsOf(clip.id());
        picture.show(areas, chosen);
        Object now = List.of(areas, sounds, chosen, clip);
        if (now.equals(listed)) {
            return;
        }
        listed = now;
        list.getChildren().clear();
        list.getChildren().add(Labels.heading("Hidden on " + clip.fileName()));
        HiddenRow.Acts acts = new HiddenRow.Acts(
                desk.work()::apply,
                this::chosen,
                this::stand,
                () -> pts,
                desk.work().notices()::say);
        areas.forEach(a -> list.getChildren().add(HiddenRow.of(a, clip, a.key().equals(chosen), acts)));
        sounds.forEach(s -> list.getChildren().add(HiddenRow.of(s, clip, acts)));
        if (areas.isEmpty() && sounds.isEmpty()) {
            Label none = Labels.of(
                    "Nothing yet. What you drag across is hidden all through the clip until you say from when to when.",
                    "soft");
            none.setWrapText(true);
            list.getChildren().add(none);
        }
    }

    private void chosen(String key) {
        chosen = key;
        fill();
    }

    private void mute() {
        String key = hiding().nextKey();
        long to = Math.min(clip.endPts(), pts + clip.base().ticks(MUTED));
        desk.work()
                .apply(new Edit.MuteSound(
                        new MutedSound(key, clip.id(), pts, Math.max(pts + 1, to), "what was said", "")));
    }

    /** What the hand does on the picture becomes edits. */
    private final class Hand implements HidePicture.Hand {
        private Optional<HiddenArea> area() {
            return hiding().areas().stream().filter(a -> a.key().equals(chosen)).findFirst();
        }

        @Override
        public void drawn(Patch patch) {
            chosen = hiding().nextKey();
            desk.work()
                    .apply(new Edit.HideArea(new HiddenArea(
                            chosen,
                            clip.id(),
                            clip.firstPts(),
                            clip.endPts(),
                            patch,
                            patch,
                            HiddenRow.SORTS.getFirst(),
                            "")));
        }

        @Override
        public void chosen(String key) {
            HideSheet.this.chosen(key);
        }

        @Override
        public void moved(Patch patch) {
            area().ifPresent(a ->
                    desk.work().apply(new Edit.HideArea(a.moves() ? a.going(pts, patch) : a.standing(patch))));
        }

        @Override
        public void removed() {
            area().ifPresent(a -> desk.work().apply(new Edit.StopHiding(a.key())));
        }
    }
}

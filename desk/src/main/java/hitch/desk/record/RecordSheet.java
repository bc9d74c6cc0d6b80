package hitch.desk.record;

import hitch.core.job.Recording;
import hitch.core.story.Cutting;
import hitch.desk.Context;
import hitch.desk.Senses;
import hitch.desk.widget.Labels;
import hitch.media.MediaException;
import hitch.media.voice.Sound;
import java.util.Locale;
import java.util.function.BiConsumer;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import javafx.util.Duration;

/** A paragraph in large letters to be read out: held down or counted in, seen as it is heard, cut to what is used, and kept or read again. */
public final class RecordSheet extends VBox {
    private static final double WIDE = 920;
    private static final double WORDS = 196;
    /** Counted down before a recording that was begun by a click, seconds. */
    private static final int COUNT = 3;
    /** Pressed for less is a click, milliseconds. */
    private static final double CLICK = 400;

    private final Context desk;
    private final String words;
    private final BiConsumer<Recording, String> keep;
    private final Runnable leave;
    private final Takes takes;
    private final ScrollPane paper = new ScrollPane();
    private final ProgressBar level = new ProgressBar(0);
    private final Label state = Labels.of("", "soft");
    private final Label time = Labels.of("", "measure");
    private final Button record;
    private final VBox after = new VBox(12);
    private Timeline counting;
    private Recorder recorder;
    private double pressed;

    /**
     * @param words of the paragraph
     * @param keep told the recording that is kept and the words it stands for
     */
    public RecordSheet(Context desk, String words, BiConsumer<Recording, String> keep, Runnable leave) {
        this.desk = desk;
        this.words = words;
        this.keep = keep;
        this.leave = leave;
        Senses senses = desk.work().senses();
        takes = new Takes(desk.work().footage().recordings(), senses.ears());
        setId("record-sheet");
        setSpacing(16);
        getStyleClass().addAll("page", "bench");
        record = Labels.button(
                "Hold and read", "Space", "Hold and read; or click, and click again at the end", () -> {});
        record.setId("record");
        record.getStyleClass().add("main-action");
        record.addEventFilter(MouseEvent.MOUSE_PRESSED, e -> press());
        record.addEventFilter(MouseEvent.MOUSE_RELEASED, e -> letGo());
        addEventFilter(KeyEvent.KEY_PRESSED, e -> key(e, true));
        addEventFilter(KeyEvent.KEY_RELEASED, e -> key(e, false));
        getChildren().addAll(top(), page(), bar(), after);
        tell("Read it as you would say it to somebody in the room.");
        sceneProperty().addListener((o, was, is) -> {
            if (is == null) {
                close();
            } else {
                Platform.runLater(record::requestFocus);
            }
        });
    }

    private HBox top() {
        Button close = Labels.button("Back", "Esc", "Back to the script; nothing is changed", leave);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox row = new HBox(12, Labels.of("In your own voice", "strong", "large"), gap, close);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private Region page() {
        Text text = new Text(words);
        text.getStyleClass().add("read-aloud");
        TextFlow flow = new TextFlow(text);
        flow.setMaxWidth(WIDE);
        paper.setContent(flow);
        paper.setFitToWidth(true);
        paper.setId("read-aloud");
        paper.setMinHeight(WORDS);
        paper.setMaxHeight(WORDS);
        return paper;
    }

    private HBox bar() {
        level.setPrefWidth(260);
        level.setAccessibleText("How loud it is");
        time.setMinWidth(64);
        state.setWrapText(true);
        HBox.setHgrow(state, Priority.ALWAYS);
        record.setMinWidth(Region.USE_PREF_SIZE);
        HBox row = new HBox(14, record, level, time, state);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private void key(KeyEvent e, boolean down) {
        if (e.getCode() != KeyCode.SPACE || e.isShortcutDown()) {
            return;
        }
        boolean here = record.isFocused() || isRecording() || counting != null;
        if (!here) {
            return;
        }
        if (!down) {
            letGo();
        } else if (pressed == 0) {
            press();
        }
        e.consume();
    }

    private boolean isRecording() {
        return recorder != null;
    }

    private void press() {
        pressed = System.nanoTime() / 1e6;
        if (isRecording()) {
            stop();
            pressed = Double.NaN;
        } else if (counting != null) {
            stopCounting();
            tell("Not recorded.");
            pressed = Double.NaN;
        } else {
            begin();
        }
    }

    private void letGo() {
        double since = System.nanoTime() / 1e6 - pressed;
        boolean click = since < CLICK;
        boolean mine = pressed > 0;
        pressed = 0;
        if (!mine || !isRecording()) {
            return;
        }
        if (click) {
            // A click counts down and records until the next one.
            recorder.stop();
            recorder = null;
            countDown();
        } else {
            stop();
        }
    }

    private void countDown() {
        int[] left = {COUNT};
        tell(COUNT + "…");
        counting = new Timeline(new KeyFrame(Duration.seconds(1), e -> {
            left[0]--;
            if (left[0] > 0) {
                tell(left[0] + "…");
            } else {
                stopCounting();
                begin();
            }
        }));
        counting.setCycleCount(COUNT);
        counting.play();
    }

    private void stopCounting() {
        if (counting != null) {
            counting.stop();
            counting = null;
        }
    }

    private void begin() {
        after.getChildren().clear();
        double about = Math.max(1, Cutting.Speech.USUAL.of(words));
        Recorder mine = new Recorder(
                desk.work().senses().microphone().get(),
                (loud, seconds) -> Platform.runLater(() -> {
                    level.setProgress(loud);
                    seconds(seconds);
                    paper.setVvalue(Math.min(1, Math.max(0, seconds / about - 0.15)));
                }));
        recorder = mine;
        record.getStyleClass().add("recording");
        tell("Recording. Let go, or click again, at the end.");
        mine.start()
                .thenAccept(sound -> Platform.runLater(() -> {
                    // One that was broken off by a click is no take.
                    if (recorder == mine) {
                        recorder = null;
                        recorded(sound);
                    }
                }));
    }

    private void stop() {
        recorder.stop();
        tell("Listening to it…");
    }

    private void recorded(Sound sound) {
        record.getStyleClass().remove("recording");
        level.setProgress(0);
        if (sound.samples().length == 0) {
            tell("Nothing was recorded: this machine has no microphone, or another program holds it.");
            return;
        }
        record.setDisable(true);
        desk.work()
                .inBackground(
                        () -> {
                            try {
                                Takes.Made now = takes.make(sound, words);
                                Platform.runLater(() -> show(now));
                            } catch (MediaException e) {
                                Platform.runLater(() -> {
                                    record.setDisable(false);
                                    tell(e.getMessage());
                                });
                            }
                            return words;
                        },
                        w -> {});
    }

    private void show(Takes.Made now) {
        record.setDisable(false);
        tell("");
        seconds(now.recording().seconds());
        TakeView view = new TakeView(desk, now, new TakeView.Acts() {
            @Override
            public void keep(Recording recording, String says) {
                keep.accept(recording, says);
                leave.run();
            }

            @Override
            public void again() {
                after.getChildren().clear();
                record.requestFocus();
                tell("Hold and read.");
            }

            @Override
            public void trimmed(double used) {
                seconds(used);
            }
        });
        after.getChildren().setAll(view);
        view.take();
    }

    private void seconds(double used) {
        time.setText(String.format(Locale.ROOT, "%.1f s", used));
    }

    private void tell(String what) {
        state.setText(what);
    }

    private void close() {
        stopCounting();
        if (recorder != null) {
            recorder.stop();
            recorder = null;
        }
        desk.work()
                .inBackground(
                        () -> {
                            takes.close();
                            return words;
                        },
                        w -> {});
    }
}

package hitch.desk;

import hitch.core.disclosure.Recipient;
import hitch.core.footage.Clip;
import hitch.core.story.Length;
import hitch.desk.cut.CutBench;
import hitch.desk.handover.HandOverBench;
import hitch.desk.judge.JudgeBench;
import hitch.desk.key.Act;
import hitch.desk.line.LineBench;
import hitch.desk.load.LoadBench;
import hitch.desk.mark.MarkBench;
import hitch.desk.play.DeviceSpeaker;
import hitch.desk.play.Player;
import hitch.desk.task.Task;
import hitch.desk.widget.Labels;
import hitch.desk.widget.Typing;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** An open job: the six benches as tabs on the top edge, undo and redo, notices at the foot. */
public final class JobView extends BorderPane implements AutoCloseable {
    private final Workspace work;
    private final Theme theme;
    private final Player player;
    private final List<Bench> benches = new ArrayList<>();
    private final BenchTabs tabs;
    private final StackPane stage = new StackPane();
    private final Button undo = Labels.button("Undo", "", "Undo", this::undo);
    private final Button redo = Labels.button("Redo", "", "Redo", this::redo);
    private final Context desk;
    private final Runnable firm;
    private final Sheets sheets;
    private Bench showing;
    private boolean keyTaken;

    /**
     * @param leave what to do when the user wants back to the start screen
     */
    public JobView(Workspace work, Theme theme, Runnable leave) {
        this.work = work;
        this.theme = theme;
        this.player = new Player(work.footage(), work::adjustmentAt, new DeviceSpeaker());
        desk = new Context(
                work,
                player,
                theme.following(),
                new SimpleObjectProperty<>(),
                new SimpleObjectProperty<>(),
                new SimpleObjectProperty<>(),
                new SimpleObjectProperty<>());
        sheets = new Sheets(this, stage, desk);
        var recipient = new SimpleObjectProperty<>(Recipient.HOMEOWNER);
        var length = new SimpleObjectProperty<>(Length.STANDARD);
        firm = sheets::firm;
        benches.add(new LoadBench(desk));
        benches.add(new MarkBench(desk, this::findActs));
        benches.add(new LineBench(desk));
        benches.add(new JudgeBench(desk, firm));
        benches.add(new CutBench(desk, recipient, length, this::update));
        benches.add(new HandOverBench(desk, recipient, length));
        tabs = new BenchTabs(benches, this::show);
        setTop(header(theme, leave));
        setCenter(stage);
        setBottom(new VBox(new TaskStrip(work.tasks()), new NoticeStrip(work.notices())));
        desk.selected().addListener((o, was, is) -> {
            if (is != null && showing != benches.get(1) && showing != benches.get(2)) {
                show(1);
            }
        });
        desk.wanted().addListener((o, was, is) -> {
            if (is != null) {
                show(1);
                work.now().survey().clip(is.clip()).ifPresent(c -> player.seek(c, is));
            }
        });
        desk.bench().addListener((o, was, is) -> {
            if (is != null) {
                show(is);
            }
        });
        desk.over().addListener((o, was, is) -> {
            if (is != null) {
                showing.settle();
                sheets.lay(is);
            }
        });
        work.snapshotProperty().addListener((o, was, is) -> {
            update();
            if (!was.job().adjustments().equals(is.job().adjustments())) {
                player.refresh();
            }
        });
        addEventFilter(KeyEvent.KEY_PRESSED, this::shortcut);
        addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            showing.key(e);
            keyTaken = e.isConsumed();
        });
        // A key that was taken as a command must not also be typed into the field it just put under the hand.
        addEventFilter(KeyEvent.KEY_TYPED, e -> {
            if (keyTaken) {
                e.consume();
            }
        });
        addEventFilter(KeyEvent.KEY_RELEASED, e -> keyTaken = false);
        List<Clip> clips = work.now().job().clips();
        if (!clips.isEmpty()) {
            player.seek(
                    clips.stream()
                            .filter(c -> work.now().job().runOf(c.id()).isPresent())
                            .findFirst()
                            .orElse(clips.getFirst()),
                    0);
        }
        show(clips.isEmpty() ? 0 : 1);
        // Else the toolkit would put the hand into the first text field, and the space bar would not play.
        sceneProperty().addListener((o, was, is) -> Platform.runLater(stage::requestFocus));
        update();
    }

    public Workspace work() {
        return work;
    }

    public Player player() {
        return player;
    }

    private HBox header(Theme theme, Runnable leave) {
        Label mark = Labels.of("Hitch", "brand");
        Button home = Labels.button("Jobs", "", "Close this job and show all jobs", leave);
        Button ourFirm = Labels.button("Firm", "", Act.FIRM.words() + " (" + Act.FIRM.key() + ")", firm);
        Button history =
                Labels.button("History", "", Act.HISTORY.words() + " (" + Act.HISTORY.key() + ")", sheets::history);
        Button keys = Labels.button("Keys", "", Act.SHEET.words() + " (" + Act.SHEET.key() + ")", sheets::keys);
        home.setId("all-jobs");
        ourFirm.setId("open-firm");
        history.setId("open-history");
        keys.setId("open-keys");
        HBox row = new HBox(4, mark, home);
        Region gapLeft = new Region();
        Region gapRight = new Region();
        HBox.setHgrow(gapLeft, Priority.ALWAYS);
        HBox.setHgrow(gapRight, Priority.ALWAYS);
        ToggleButton dark = new ToggleButton("Dark");
        dark.setAccessibleText("Dark theme for the truck");
        dark.selectedProperty().bindBidirectional(theme.darkProperty());
        for (var control : List.of(undo, redo, ourFirm, history, keys, home, dark)) {
            control.setFocusTraversable(false);
            control.getStyleClass().add("quiet");
            control.setMinWidth(USE_PREF_SIZE);
        }
        undo.setId("undo");
        redo.setId("redo");
        row.getChildren().addAll(gapLeft, tabs, gapRight, undo, redo, ourFirm, history, keys, dark);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("header");
        return row;
    }

    /** Shows bench {@code number}, 0 to 5. */
    public void show(int number) {
        if (showing != null && showing != benches.get(number) && number != 1) {
            player.playingProperty().set(false);
        }
        sheets.close();
        showing = benches.get(number);
        stage.getChildren().setAll(showing.node());
        tabs.choose(number);
        stage.requestFocus();
    }

    private void update() {
        Snapshot now = work.now();
        tabs.tell(now);
        tell(undo, "Undo", Act.UNDO.key(), now.history().undoWords());
        tell(redo, "Redo", Act.REDO.key(), now.history().redoWords());
    }

    private static void tell(Button button, String word, String key, Optional<String> edit) {
        button.setDisable(edit.isEmpty());
        String what = edit.map(e -> word + ": " + e).orElse(word);
        button.setTooltip(new Tooltip(what + " (" + key + ")"));
        button.setAccessibleText(what);
    }

    /** Hides something on the picture that the bench on show is about, else on the one that stands on Mark. */
    private void hide() {
        showing.frame()
                .or(() -> player.shown().map(f -> f.ref()))
                .ifPresentOrElse(desk::hide, () -> work.notices().say("There is no picture yet to hide anything on."));
    }

    private void undo() {
        showing.settle();
        work.undo();
    }

    private void redo() {
        work.redo();
    }

    private void shortcut(KeyEvent e) {
        keyTaken = false;
        boolean typing = e.getTarget() instanceof TextInputControl field
                && !field.getText().isEmpty();
        Act act = Act.at(Act.Place.EVERYWHERE, e).orElse(null);
        if (sheets.isOpen()
                && (act == Act.SHEET
                        || act == Act.ACTS
                        || act == Act.HISTORY
                        || act == Act.FIRM
                        || e.getCode() == KeyCode.ESCAPE)) {
            closeSheet();
        } else if (act == null || typing && !act.worksWhileTyping() || act == Act.SHEET && isTypedInto(e)) {
            return;
        } else {
            act(act);
        }
        e.consume();
    }

    /** A question mark is also typed. */
    private static boolean isTypedInto(KeyEvent e) {
        return Typing.takesText(e.getTarget()) && e.getCode() != KeyCode.F1;
    }

    private void act(Act act) {
        switch (act) {
            case UNDO -> undo();
            case REDO -> redo();
            case PLAY_ANYWHERE -> {
                if (!showing.play()) {
                    player.togglePlaying();
                }
            }
            case SHEET -> sheets.keys();
            case ACTS -> findActs();
            case TEXT_LARGER -> theme.text(1);
            case TEXT_SMALLER -> theme.text(-1);
            case FIRM -> firm.run();
            case HIDE -> hide();
            case HISTORY -> sheets.history();
            case MISSING -> sheets.missing();
            case BENCH_1, BENCH_2, BENCH_3, BENCH_4, BENCH_5, BENCH_6 -> show(act.ordinal() - Act.BENCH_1.ordinal());
            default -> throw new IllegalStateException(act + " is no act of everywhere");
        }
    }

    /** Shows what can be done here, to be found by its words. */
    private void findActs() {
        sheets.acts(showing, this::act);
    }

    /** Shows what was done to the job, by whom and when. */
    public void openHistory() {
        sheets.history();
    }

    void closeSheet() {
        sheets.close();
        stage.requestFocus();
    }

    /** Asks what shall become of the long work under way when the job is left. */
    void ask(List<Task> missed, LeaveSheet.Answers answers) {
        sheets.leaving(missed, answers);
    }

    /** Leaves the job open for what is still to be finished in the background. */
    void leave() {
        // A field hands on what was typed when it is left, and the job is left now.
        stage.requestFocus();
        player.close();
    }

    @Override
    public void close() {
        benches.forEach(Bench::close);
        leave();
        work.close();
    }
}

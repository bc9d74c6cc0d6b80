package hitch.desk.load;

import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.Stretch;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.run.Run;
import hitch.desk.ClipState;
import hitch.desk.Context;
import hitch.desk.key.Act;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Film;
import hitch.desk.widget.Labels;
import java.io.File;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.DirectoryChooser;

/** One clip: its pictures along its length, what it is, what is wrong with it, and where it belongs. */
final class ClipRow extends VBox {
    static final String LEFT_OUT = "left out";
    private static final double FILM = 44;
    private static final String DRAGGED = "hitch-clip:";

    private final Context desk;
    private final Clip clip;
    private final ClipsPane pane;
    private final Film film = new Film();
    private final Canvas strip = new Canvas(10, FILM);
    private final Label counter = Labels.of("", "soft");
    private final Label trouble = Labels.of("", "soft");
    private final ProgressBar progress = new ProgressBar(0);
    private final ComboBox<String> place = new ComboBox<>();
    private final Button find;
    private boolean following;

    ClipRow(Context desk, Clip clip, ClipsPane pane) {
        this.desk = desk;
        this.clip = clip;
        this.pane = pane;
        setSpacing(6);
        setId("clip-" + clip.id());
        getStyleClass().add("list-row");
        setFocusTraversable(true);
        setAccessibleText(clip.fileName());
        find = Labels.button("Find", "", "Look for " + clip.fileName() + " in a folder", this::find);
        getChildren().addAll(top(), holder(), foot());
        widthProperty().addListener((o, was, is) -> draw());
        setOnKeyPressed(e -> {
            Act act = Act.at(Act.Place.LOAD, e).orElse(null);
            if (act != null) {
                pane.move(clip.id(), act == Act.CLIP_EARLIER ? -1 : 1);
                e.consume();
            }
        });
        dragging();
    }

    Clip clip() {
        return clip;
    }

    private HBox top() {
        Label name = Labels.of(clip.fileName(), "strong");
        name.setMinWidth(USE_PREF_SIZE);
        Label facts = Labels.mayBeCut(Labels.of(facts(), "measure", "soft"));
        Labels.mayBeCut(counter);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        place.setAccessibleText("Where " + clip.fileName() + " belongs");
        place.setPrefWidth(150);
        place.setMinWidth(130);
        place.setOnAction(e -> assign());
        Button show = Labels.button("Show", "", "Show " + clip.fileName() + " on Mark", () -> {
            desk.player().seek(clip, 0);
        });
        Button up = Labels.button("↑", "", "Earlier (" + Act.CLIP_EARLIER.key() + ")", () -> pane.move(clip.id(), -1));
        Button down = Labels.button("↓", "", "Later (" + Act.CLIP_LATER.key() + ")", () -> pane.move(clip.id(), 1));
        up.setId("earlier-" + clip.id());
        down.setId("later-" + clip.id());
        for (Button button : List.of(show, up, down)) {
            button.setMinWidth(USE_PREF_SIZE);
        }
        HBox row = new HBox(8, name, facts, gap, counter, place, show, up, down);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private String facts() {
        long seconds = Math.round(clip.seconds());
        return String.format(
                Locale.ROOT,
                "%d:%02d  %d x %d  %s",
                seconds / 60,
                seconds % 60,
                clip.width(),
                clip.height(),
                clip.sound() ? "sound" : "no sound");
    }

    private Region holder() {
        Pane box = new Pane(strip);
        box.setMinHeight(FILM);
        box.setPrefHeight(FILM);
        box.setMinWidth(0);
        box.setPrefWidth(10);
        box.widthProperty().addListener((o, was, is) -> draw());
        strip.widthProperty().bind(box.widthProperty());
        strip.setOnMouseClicked(e -> desk.player().seek(clip, clip.seconds() * e.getX() / strip.getWidth()));
        return box;
    }

    private HBox foot() {
        trouble.setWrapText(true);
        progress.setPrefWidth(140);
        progress.setAccessibleText("Looking through " + clip.fileName());
        find.setId("find-" + clip.id());
        find.setMinWidth(USE_PREF_SIZE);
        Label sha = Labels.of("fingerprint", "soft", "small");
        sha.setMinWidth(USE_PREF_SIZE);
        sha.setTooltip(new javafx.scene.control.Tooltip("SHA-256 " + clip.sha256()));
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox row = new HBox(12, progress, trouble, find, gap, sha);
        HBox.setHgrow(trouble, Priority.ALWAYS);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /** Shows what is known of the clip now. */
    void update() {
        Job job = desk.work().now().job();
        ClipState state = desk.work().clips().state(clip);
        int marks = job.marksOf(clip.id()).size();
        boolean onRun = job.runOf(clip.id()).isPresent();
        counter.setText(onRun ? marks == 0 ? "counter not set" : marks == 1 ? "1 reading" : marks + " readings" : "");
        choices(job);
        boolean reading = !state.looked() && !state.missing() && state.trouble().isEmpty();
        progress.setVisible(reading);
        progress.setManaged(reading);
        progress.setProgress(state.share());
        find.setVisible(state.missing());
        find.setManaged(state.missing());
        trouble.setText(reading ? state.doing() : state.trouble().isEmpty() ? seen(state) : state.trouble());
        setOpacity(job.aside().contains(clip.id()) ? 0.55 : 1);
        film.show(desk.work().footage().shelf().film(clip), this::draw);
        draw();
    }

    private String seen(ClipState state) {
        Map<Stretch.Reason, Double> seconds = new TreeMap<>();
        state.stretches()
                .forEach(s -> seconds.merge(s.reason(), clip.base().seconds(s.toPts() - s.fromPts()), Double::sum));
        List<String> words = new ArrayList<>();
        seconds.forEach((reason, length) -> words.add(reason.word() + " for " + length(length)));
        return words.isEmpty() ? "well seen throughout" : String.join(", ", words);
    }

    private static String length(double seconds) {
        return seconds < 60
                ? String.format(Locale.ROOT, "%.1f s", seconds)
                : String.format(Locale.ROOT, "%d:%02d", (int) seconds / 60, (int) seconds % 60);
    }

    private void draw() {
        if (strip.getWidth() > 20) {
            strip.getGraphicsContext2D().clearRect(0, 0, strip.getWidth(), FILM);
            film.draw(
                    strip.getGraphicsContext2D(),
                    desk.theme().tones(),
                    clip,
                    desk.work().clips().state(clip).stretches(),
                    new Film.Rect(0, 0, strip.getWidth(), FILM));
        }
    }

    private void choices(Job job) {
        following = true;
        List<String> all = new ArrayList<>();
        job.runs().forEach(r -> all.add(r.name()));
        String off = desk.work().clips().offRun(clip).word();
        all.add(off);
        all.add(LEFT_OUT);
        Fields.offer(
                place,
                all,
                job.aside().contains(clip.id())
                        ? LEFT_OUT
                        : job.runOf(clip.id()).map(Run::name).orElse(off));
        following = false;
    }

    private void assign() {
        String chosen = place.getValue();
        if (following || chosen == null) {
            return;
        }
        Job job = desk.work().now().job();
        boolean aside = job.aside().contains(clip.id());
        if (chosen.equals(LEFT_OUT) != aside) {
            desk.work().apply(new Edit.SetAside(clip.id(), !aside));
        }
        if (!chosen.equals(LEFT_OUT)) {
            put(desk, clip.id(), chosen);
        }
    }

    /** Puts a clip on the run of a name, and on no other; on none where no run is called so. */
    static void put(Context desk, ClipId clip, String name) {
        for (Run run : desk.work().now().job().runs()) {
            boolean wanted = run.name().equals(name);
            if (wanted != run.clips().contains(clip)) {
                desk.work().changes().changeRun(run.id(), r -> {
                    List<ClipId> ids = new ArrayList<>(r.clips());
                    ids.remove(clip);
                    if (wanted) {
                        ids.add(clip);
                    }
                    return r.withClips(ids);
                });
            }
        }
    }

    private void find() {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle("Where does " + clip.fileName() + " lie now?");
        File folder = chooser.showDialog(getScene().getWindow());
        if (folder != null) {
            desk.work().clips().find(clip, List.of(folder.toPath()));
        }
    }

    private void dragging() {
        setOnDragDetected(e -> {
            Dragboard board = startDragAndDrop(TransferMode.MOVE);
            ClipboardContent content = new ClipboardContent();
            content.putString(DRAGGED + clip.id());
            board.setContent(content);
            e.consume();
        });
        setOnDragOver(e -> {
            if (e.getDragboard().hasString() && e.getDragboard().getString().startsWith(DRAGGED)) {
                e.acceptTransferModes(TransferMode.MOVE);
                e.consume();
            }
        });
        setOnDragDropped(e -> {
            String text = e.getDragboard().getString();
            if (text != null && text.startsWith(DRAGGED)) {
                pane.place(new ClipId(text.substring(DRAGGED.length())), pane.placeOf(this));
                e.setDropCompleted(true);
                e.consume();
            }
        });
    }
}

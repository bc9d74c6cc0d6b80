package hitch.desk.mark;

import hitch.core.caption.Cue;
import hitch.core.footage.Clip;
import hitch.core.footage.ClockText;
import hitch.core.job.Edit;
import hitch.core.survey.spoken.SpokenLine;
import hitch.core.talk.Commentary;
import hitch.desk.Context;
import hitch.desk.key.Act;
import hitch.desk.mark.SpokenDesk.PlaceChosen;
import hitch.desk.play.Player;
import hitch.desk.widget.Ends;
import hitch.desk.widget.Labels;
import hitch.store.CaptionFile;
import java.io.File;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.beans.binding.BooleanBinding;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;

/** The queue of what was said: each draft to be kept, changed or refused by one key; and the search through all words. */
final class SpokenPane extends VBox {
    private static final double STEP_S = 0.5;

    private final Context desk;
    private final TalkBook book;
    private final SpokenDesk spoken;
    private final NoteLine notes;
    private final ListView<SpokenLine> list = new ListView<>();
    private final TalkSearch search;
    private final CaptionWords words;
    private final Label count = Labels.of("", "soft");
    private final Label slide = Labels.of("", "measure");
    private final HBox slider;
    private final Button sure;
    private final Button unlikely;
    private boolean unlikelyShown;

    SpokenPane(Context desk, TalkBook book, NoteLine notes) {
        this.desk = desk;
        this.book = book;
        this.notes = notes;
        this.spoken = new SpokenDesk(desk);
        this.search = new TalkSearch(desk);
        this.words = new CaptionWords(desk);
        setSpacing(8);
        setId("spoken-pane");
        list.setId("spoken");
        list.setAccessibleText("What was said, to be kept or refused");
        list.setCellFactory(v -> new SpokenCell(desk, spoken));
        Label nothing = Labels.of(
                "Nothing is written down yet. Listen to this clip (" + Act.LISTEN.key()
                        + "), or drop captions on the footage " + "(SRT, VTT or lines of [m:ss] text).",
                "soft");
        nothing.setWrapText(true);
        nothing.setMaxWidth(360);
        list.setPlaceholder(nothing);
        list.getSelectionModel().selectedItemProperty().addListener((o, was, is) -> chosen(was, is));
        VBox.setVgrow(list, Priority.ALWAYS);
        slider = new HBox(
                6,
                Labels.of("start at", "soft"),
                small("−", "Captions earlier by half a second", () -> slide(-STEP_S)),
                slide,
                small("+", "Captions later by half a second", () -> slide(STEP_S)),
                small("×", "Take these captions out of the job", this::remove));
        slider.setAlignment(Pos.CENTER_LEFT);
        FlowPane actions = new FlowPane(
                5,
                4,
                act("Keep", Act.KEEP_SAID.key(), "Keep the chosen draft", () -> withChosen(l -> spoken.keep(l, true))),
                act(
                        "Apart",
                        Act.KEEP_AS_NEW.key(),
                        "Keep it as a finding of its own",
                        () -> withChosen(l -> spoken.keep(l, false))),
                act("Reword", Act.REWORD_SAID.key(), "Say it anew in the note line", this::change),
                act("Refuse", Act.REFUSE_SAID.key(), "Refuse the chosen draft", () -> withChosen(spoken::refuse)),
                act("▶", Act.HEAR_SAID.key(), "Play it", () -> withChosen(spoken::play)));
        // They are of the chosen draft and its captions.
        BooleanBinding none = list.getSelectionModel().selectedItemProperty().isNull();
        slider.disableProperty().bind(none);
        actions.disableProperty().bind(none);
        sure = act("", Act.KEEP_SURE.key(), "Keep all that is sure, as one change", this::keepSure);
        sure.setId("keep-sure");
        sure.getStyleClass().add("slim");
        sure.managedProperty().bind(sure.visibleProperty());
        unlikely = act("", Act.SHOW_UNLIKELY.key(), Act.SHOW_UNLIKELY.words(), this::showOrHideUnlikely);
        unlikely.setId("show-unlikely");
        unlikely.getStyleClass().add("slim");
        unlikely.managedProperty().bind(unlikely.visibleProperty());
        Ends top = new Ends(Ends.part(8, count, sure, unlikely), slider);
        getChildren().addAll(top, list, words, actions, search);
        book.linesProperty().addListener((o, was, is) -> fill());
        book.unlikelyProperty().addListener((o, was, is) -> fill());
        fill();
    }

    private static Button act(String text, String key, String accessible, Runnable action) {
        Button button = Labels.button(text, key, accessible, action);
        button.setFocusTraversable(false);
        button.setMinWidth(Region.USE_PREF_SIZE);
        return button;
    }

    private static Button small(String text, String accessible, Runnable action) {
        return act(text, "", accessible, action);
    }

    void focus() {
        if (list.getSelectionModel().isEmpty()) {
            next(-1);
        }
        list.requestFocus();
    }

    private void fill() {
        Optional<SpokenLine> chosen =
                Optional.ofNullable(list.getSelectionModel().getSelectedItem());
        List<SpokenLine> lines = shown();
        int at = chosen.map(c -> QueuePlace.of(c, lines)).orElse(-1);
        list.getItems().setAll(lines);
        long certain = lines.stream().filter(SpokenLine::isSure).count();
        int likely = book.linesProperty().get().size();
        count.setText(likely == 0 ? "" : book.open() + " of " + likely + " open");
        int others = book.unlikelyProperty().get().size();
        unlikely.setText(others + (unlikelyShown ? " unlikely shown" : " unlikely"));
        unlikely.setVisible(others > 0);
        sure.setText(certain + " sure");
        sure.setVisible(certain > 0);
        slider.setVisible(!lines.isEmpty());
        slider.setManaged(!lines.isEmpty());
        search.setVisible(!lines.isEmpty());
        search.setManaged(!lines.isEmpty());
        if (at >= 0 && at < lines.size()) {
            if (lines.get(at).isOpen()) {
                list.getSelectionModel().select(at);
            } else {
                next(at);
            }
        }
    }

    private List<SpokenLine> shown() {
        return unlikelyShown ? book.all() : book.linesProperty().get();
    }

    private void showOrHideUnlikely() {
        unlikelyShown = !unlikelyShown;
        fill();
        focus();
    }

    /** Chooses the next open draft after {@code from}, else the first open one. */
    private void next(int from) {
        List<SpokenLine> lines = list.getItems();
        for (int i = 1; i <= lines.size(); i++) {
            int at = Math.floorMod(from + i, lines.size());
            if (lines.get(at).isOpen()) {
                list.getSelectionModel().select(at);
                list.scrollTo(Math.max(0, at - 1));
                return;
            }
        }
        list.getSelectionModel().clearSelection();
    }

    private void chosen(SpokenLine was, SpokenLine is) {
        if (is == null) {
            slide.setText("");
            return;
        }
        slide.setText(String.format(Locale.ROOT, "%+.1f s", is.commentary().offset()));
        boolean same = was != null && was.spoken().equals(is.spoken()) && was.seconds() == is.seconds();
        if (!same) {
            spoken.show(is);
        }
    }

    /** Does what a key stands for here; false where it stands for nothing. */
    boolean key(KeyEvent e) {
        Optional<Act> act = list.getSelectionModel().isEmpty() ? Optional.empty() : Act.at(Act.Place.SPOKEN, e);
        act.ifPresent(this::act);
        return act.isPresent();
    }

    private void act(Act act) {
        switch (act) {
            case KEEP_SAID -> withChosen(l -> spoken.keep(l, true));
            case KEEP_AS_NEW -> withChosen(l -> spoken.keep(l, false));
            case KEEP_SURE -> keepSure();
            case SHOW_UNLIKELY -> showOrHideUnlikely();
            case REFUSE_SAID -> withChosen(spoken::refuse);
            case MEND_WORDS -> withChosen(l -> words.edit(l, this::focus));
            case REWORD_SAID -> change();
            case HEAR_SAID -> withChosen(spoken::play);
            case KEEP_AT_SAID -> withChosen(l -> spoken.keepAt(l, PlaceChosen.SAID));
            case KEEP_AT_COUNTER -> withChosen(l -> spoken.keepAt(l, PlaceChosen.COUNTER));
            case KEEP_AT_LIKELY -> withChosen(l -> spoken.keepAt(l, PlaceChosen.LIKELY));
            default -> throw new IllegalStateException(act + " is no act on what was said");
        }
    }

    private void keepSure() {
        spoken.keepSure(list.getItems().filtered(book::isRead));
    }

    /** Does something with the chosen draft; what is only on show until it is read anew stays as it is. */
    private void withChosen(Consumer<SpokenLine> action) {
        Optional.ofNullable(list.getSelectionModel().getSelectedItem())
                .filter(book::isRead)
                .ifPresent(action);
    }

    /** Puts the words into the note line, at the frame they were said. */
    private void change() {
        withChosen(l -> {
            if (l.isOpen()) {
                spoken.show(l);
                notes.reword(l);
            }
        });
    }

    private void slide(double by) {
        withChosen(l -> desk.work()
                .apply(new Edit.SlideCommentary(
                        l.commentary().id(), Math.round((l.commentary().offset() + by) * 10) / 10.0)));
    }

    private void remove() {
        withChosen(
                l -> desk.work().apply(new Edit.RemoveCommentary(l.commentary().id())));
    }

    /** Asks for caption files for the shown clip. */
    void choose() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Captions of this clip");
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("Captions", "*.srt", "*.vtt", "*.txt"));
        take(Stream.ofNullable(chooser.showOpenMultipleDialog(getScene().getWindow()))
                .flatMap(List::stream)
                .toList());
    }

    /** Takes captions in for the shown clip. */
    void take(List<File> files) {
        Optional<Clip> clip = desk.player().shown().map(Player.Frame::clip);
        if (clip.isEmpty()) {
            desk.work().notices().say("There is no clip on show to put captions to. Add one on Load.");
            return;
        }
        for (File file : files) {
            desk.work().inBackground(() -> CaptionFile.read(file.toPath(), clip.get()), this::put);
        }
    }

    private void put(Commentary read) {
        Optional<Commentary> known = desk.work().now().job().commentary(read.id());
        Commentary next = known.filter(k -> k.cues().equals(read.cues())).orElse(read);
        desk.work().apply(new Edit.PutCommentary(next));
        double end = next.cues().stream().mapToDouble(Cue::end).max().orElse(0);
        desk.work()
                .notices()
                .say(next.fileName() + " was added: " + next.cues().size() + " captions, up to " + ClockText.of(end)
                        + ". T shows what was understood.");
    }
}

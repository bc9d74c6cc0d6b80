package hitch.desk.mark;

import hitch.core.finding.Finding;
import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.SaidBefore;
import hitch.core.footage.ClockText;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.note.Draft;
import hitch.core.note.Note;
import hitch.core.note.NoteReader;
import hitch.core.run.Run;
import hitch.core.survey.spoken.SpokenLine;
import hitch.desk.Context;
import hitch.desk.key.Act;
import hitch.desk.play.Player;
import hitch.desk.widget.Labels;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/**
 * One text field: what is typed is read into chips while it is typed. Enter makes findings of it at this frame's station;
 * Shift and Enter keeps a station that was typed.
 */
final class NoteLine extends VBox {
    private final Context desk;
    private final NoteReader reader;
    private final TextField field = new TextField();
    private final NoteChips chips;
    private final NoteActs acts;
    private final Label heading = Labels.heading("Note");
    private FindingId amending;
    private SpokenLine rewording;
    private FrameRef frame;

    NoteLine(Context desk, NoteReader reader) {
        this.desk = desk;
        this.reader = reader;
        this.acts = new NoteActs(desk);
        chips = new NoteChips(this::replace);
        setSpacing(8);
        setMinHeight(USE_PREF_SIZE);
        field.setId("note");
        field.getStyleClass().add("note-field");
        field.setPromptText("What is here?");
        field.setAccessibleText("Note on the shown frame");
        field.textProperty().addListener((o, was, is) -> read(is));
        field.focusedProperty().addListener((o, was, is) -> {
            if (is && field.getText().isEmpty()) {
                desk.player().playingProperty().set(false);
            }
        });
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        field.setTooltip(new Tooltip("Enter: at this frame's station. Shift+Enter: at the place that is typed."));
        HBox top = new HBox(8, heading, Labels.of(Act.NOTE.key(), "key"));
        top.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(top, field, chips);
        read("");
    }

    private void key(KeyEvent e) {
        switch (e.getCode()) {
            case ENTER -> enter(e.isShiftDown());
            case ESCAPE -> cancel();
            case TAB -> {
                if (e.isShiftDown() || !chips.complete(field)) {
                    return;
                }
            }
            case DOWN -> {
                if (!chips.sayAgain(field)) {
                    return;
                }
            }
            default -> {
                return;
            }
        }
        e.consume();
    }

    void focus() {
        field.requestFocus();
    }

    /** Begins a note with one of a job's commonest kinds; where round the pipe and how much are typed after it. */
    void begin(List<FindingKind> kinds, int which) {
        desk.player().playingProperty().set(false);
        cancel();
        field.setText(kinds.get(which).word() + " ");
        field.requestFocus();
        field.end();
    }

    /** Puts a finding's wording into the line, to be said anew. */
    void amend(LocatedFinding found) {
        amending = found.finding().id();
        heading.setText("Amend " + amending);
        field.setText(found.finding().wording());
        field.requestFocus();
        field.selectAll();
    }

    /** Puts what was said into the line, to be said better; it is settled when that is kept, and stays open if not. */
    void reword(SpokenLine line) {
        cancel();
        rewording = line;
        heading.setText("Said at " + ClockText.of(line.seconds()));
        field.setText(line.draft().wording());
        field.requestFocus();
        field.end();
    }

    /** Puts a note into the line that was spoken; Enter keeps it. */
    void said(String words) {
        cancel();
        field.setText(words);
        field.requestFocus();
        field.end();
    }

    /** Tells that somebody may speak. */
    void listening(boolean on) {
        heading.setText(on ? "Speak…" : "Note");
        if (on) {
            desk.player().playingProperty().set(false);
        }
    }

    private void cancel() {
        amending = null;
        rewording = null;
        frame = null;
        heading.setText("Note");
        field.clear();
        getScene().getRoot().requestFocus();
    }

    private void read(String text) {
        if (text.isBlank()) {
            frame = null;
        } else if (frame == null) {
            // The note belongs to the frame that was on show when its first letter was typed.
            frame = desk.player().shown().map(Player.Frame::ref).orElse(null);
        }
        // What is said anew is said in its own words.
        boolean fresh = amending == null && rewording == null;
        chips.show(
                text,
                note(text),
                reader,
                fresh ? SaidBefore.starting(desk.work().now().job().findings(), text) : Optional.empty());
    }

    /** Puts other words in the place of a chip's. */
    private void replace(int start, int end, String words) {
        String text = field.getText();
        boolean joined = start > 0 && !Character.isWhitespace(text.charAt(start - 1));
        field.setText(text.substring(0, start) + (joined ? " " : "") + words + text.substring(end));
        field.requestFocus();
        field.end();
    }

    private Note note(String text) {
        return reader.read(text, desk.work().now().survey().facts().unit());
    }

    private void enter(boolean typedPlace) {
        String text = field.getText();
        if (text.isBlank()) {
            return;
        }
        if (frame == null && amending == null) {
            desk.work().notices().say("There is no picture to note on. Add a clip on Load, or wait until it shows.");
            return;
        }
        Note note = note(text);
        if (amending != null) {
            amend(amending, note.first(), typedPlace);
        } else {
            add(note, frame, typedPlace);
        }
        cancel();
        field.requestFocus();
    }

    private void amend(FindingId id, Draft draft, boolean typedPlace) {
        desk.work()
                .now()
                .job()
                .finding(id)
                .ifPresent(f ->
                        desk.work().apply(new Edit.AmendFinding(id, finding(id, draft, f.frame(), typedPlace))));
    }

    private void add(Note note, FrameRef at, boolean typedPlace) {
        if (note.drafts().stream().anyMatch(d -> d.place().isPresent())
                && runOf(at).isEmpty()) {
            desk.work()
                    .notices()
                    .say("This clip is on no run, so the distance stays in the words only. "
                            + "Put the clip on a run on Load.");
        }
        boolean typed = typedPlace || note.drafts().size() > 1;
        SpokenLine said = rewording;
        CompletableFuture<Void> before = CompletableFuture.completedFuture(null);
        for (Draft draft : note.drafts()) {
            boolean answers = said != null
                    && draft == note.first()
                    && acts.edit(draft, at).isEmpty();
            acts.keepInternal(draft);
            before = before.thenCompose(done -> answers ? answer(said, draft, at, typed) : keep(draft, at, typed));
        }
    }

    /** Keeps a draft in place of what was said. */
    private CompletableFuture<Void> answer(SpokenLine said, Draft draft, FrameRef at, boolean typedPlace) {
        return desk.work()
                .changes()
                .keepSpoken(said.commentary().id(), said.spoken().key(), id -> finding(id, draft, at, typedPlace));
    }

    private CompletableFuture<Void> keep(Draft draft, FrameRef at, boolean typedPlace) {
        Optional<Edit> act = acts.edit(draft, at);
        if (act.isPresent()) {
            return desk.work().apply(act.get());
        }
        return desk.work().changes().addFinding(id -> {
            Finding made = finding(id, draft, at, typedPlace);
            javafx.application.Platform.runLater(() -> desk.selected().set(id));
            return made;
        });
    }

    /**
     * The finding of a draft. A point that was typed gives way to the counter's station unless it is to be kept; a stretch
     * always stands as typed, since a frame has no length.
     */
    private Finding finding(FindingId id, Draft draft, FrameRef at, boolean typedPlace) {
        Finding made = draft.at(id, at, runOf(at));
        boolean point = draft.place().map(Draft.Place::isPoint).orElse(false);
        boolean known = desk.work().now().survey().stationAt(at).isPresent();
        if (!point || typedPlace || !known) {
            return made;
        }
        acts.compare(made, at);
        return made.untyped();
    }

    private Optional<Run> runOf(FrameRef at) {
        return desk.work().now().job().runOf(at.clip());
    }
}

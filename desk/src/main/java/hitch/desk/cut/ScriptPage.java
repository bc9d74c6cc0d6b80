package hitch.desk.cut;

import hitch.core.job.OwnShot;
import hitch.core.story.Script;
import hitch.core.story.ScriptLine;
import hitch.desk.widget.Labels;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.VBox;

/** The script as a text one writes in. Its rows stay while the record changes under them, and so does the hand. */
final class ScriptPage extends ScrollPane implements WordsEditor.Page {
    private static final double WIDE = 700;

    private final ScriptRoom room;
    private final BiConsumer<ScriptLine, Double> at;
    private final VBox page = new VBox();
    private final Map<String, ScriptRow> rows = new LinkedHashMap<>();
    private final Spelling spelling = new Spelling();
    private final WordsEditor editor = new WordsEditor(this, spelling);
    private ScriptRow writing;
    private int keeping;
    /** Where the hand goes when the script is next written. */
    private Optional<Take> next = Optional.empty();

    private record Take(String key, int caret) {}

    /**
     * @param at told what the hand is on in a paragraph: a share of its words
     */
    ScriptPage(ScriptRoom room, BiConsumer<ScriptLine, Double> at) {
        this.room = room;
        this.at = at;
        page.getStyleClass().addAll("page", "script-page");
        page.getChildren().setAll(Labels.of("The script is being written\u2026", "soft"));
        setContent(page);
        setFitToWidth(true);
        setPrefWidth(WIDE);
        setId("script-page");
        room.desk().work().firm().spellingsProperty().addListener((o, was, is) -> spellings());
        spelling.whenRead(() -> Platform.runLater(editor::respell));
        room.chosen().addListener((o, was, is) -> {
            rows.forEach((key, row) -> row.chosen(key.equals(is)));
            if (writing != null && !writing.line().proposed().key().equals(is)) {
                stopWriting();
            }
            if (is != null && rows.containsKey(is)) {
                show(rows.get(is));
            }
        });
    }

    /** The script was written anew. */
    void written(Script script) {
        spellings();
        List<Node> nodes = new ArrayList<>();
        Set<String> there = new HashSet<>();
        String chosen = room.chosen().get();
        boolean isNew = chosen != null && chosen.startsWith(OwnShot.KEYS) && !rows.containsKey(chosen);
        for (Script.Part chapter : script.chapters()) {
            nodes.add(Labels.of(chapter.title(), "chapter"));
            for (ScriptLine line : chapter.lines()) {
                String key = line.proposed().key();
                there.add(key);
                ScriptRow row = rows.computeIfAbsent(key, this::row);
                row.show(line);
                row.chosen(key.equals(room.chosen().get()));
                nodes.add(row);
            }
        }
        rows.keySet().removeIf(k -> !there.contains(k));
        if (writing != null && !rows.containsValue(writing)) {
            stopWriting();
        }
        if (!same(nodes)) {
            boolean hand =
                    editor.getScene() != null && editor.lookup("#script-editor").isFocused();
            page.getChildren().setAll(nodes);
            if (hand && writing != null) {
                editor.lookup("#script-editor").requestFocus();
            }
        }
        if (writing != null && keeping == 0) {
            editor.told(writing.line(), room.facts(writing.line()));
        }
        if (isNew && rows.containsKey(chosen)) {
            // A shot that was just put in is there to be written over.
            take(rows.get(chosen), 0);
        }
        next.filter(t -> rows.containsKey(t.key())).ifPresent(t -> {
            next = Optional.empty();
            take(rows.get(t.key()), t.caret());
        });
    }

    /** Names of the job and the firm's own spellings are right. */
    private void spellings() {
        Set<String> right =
                new HashSet<>(room.desk().work().firm().spellingsProperty().get());
        room.written().map(w -> w.may().facts()).ifPresent(f -> {
            right.addAll(List.of(f.property(), f.town(), f.client(), f.reviewer(), f.firm()));
        });
        spelling.own(right);
        editor.respell();
    }

    /** Whether the same rows stand in the same order; headings are made anew each time and compared by their words. */
    private boolean same(List<Node> nodes) {
        List<Node> now = page.getChildren();
        if (now.size() != nodes.size()) {
            return false;
        }
        for (int i = 0; i < now.size(); i++) {
            boolean headings = now.get(i) instanceof javafx.scene.control.Label a
                    && nodes.get(i) instanceof javafx.scene.control.Label b
                    && a.getText().equals(b.getText());
            if (!headings && now.get(i) != nodes.get(i)) {
                return false;
            }
        }
        return true;
    }

    private ScriptRow row(String key) {
        ScriptRow row = new ScriptRow(room, key, this::take);
        row.setOnDragDetected(e -> {
            Dragboard board = row.startDragAndDrop(TransferMode.MOVE);
            ClipboardContent content = new ClipboardContent();
            content.putString(key);
            board.setContent(content);
            e.consume();
        });
        row.setOnDragOver(e -> {
            if (rows.containsKey(e.getDragboard().getString())) {
                e.acceptTransferModes(TransferMode.MOVE);
            }
            e.consume();
        });
        row.setOnDragDropped(e -> {
            String moved = e.getDragboard().getString();
            room.arrange(r -> r.move(moved, key));
            e.setDropCompleted(true);
            e.consume();
        });
        return row;
    }

    private void take(ScriptRow row, int caret) {
        if (writing != null && writing != row) {
            stopWriting();
        }
        writing = row;
        room.chosen().set(row.line().proposed().key());
        row.writing(editor);
        editor.take(row.line(), room.facts(row.line()), caret);
    }

    private void stopWriting() {
        ScriptRow left = writing;
        editor.leave();
        writing = null;
        left.reading();
    }

    /** Begins to write in the chosen paragraph, or the first. */
    void write() {
        ScriptRow row = rows.getOrDefault(
                room.chosen().get(), rows.values().stream().findFirst().orElse(null));
        if (row != null) {
            take(row, 0);
        }
    }

    /** Keeps what is being written. */
    void settle() {
        editor.keepNow();
    }

    private void show(ScriptRow row) {
        double high = page.getHeight() - getViewportBounds().getHeight();
        double top = row.getBoundsInParent().getMinY();
        double from = getVvalue() * high;
        if (high > 0
                && (top < from
                        || row.getBoundsInParent().getMaxY()
                                > from + getViewportBounds().getHeight())) {
            setVvalue(Math.clamp((top - 60) / high, 0, 1));
        }
    }

    @Override
    public void keep(ScriptLine line, String words) {
        keeping++;
        room.say(line, words).whenComplete((v, e) -> {
            keeping--;
            room.written(line);
        });
    }

    @Override
    public void draft(ScriptLine line, String words) {
        room.draft(line, words);
    }

    @Override
    public void split(ScriptLine line, String first, String rest) {
        String key = room.written().map(w -> w.may().story().nextOwn()).orElse("");
        next = Optional.of(new Take(key, 0));
        room.arrange(r -> r.split(line.proposed().key(), first, rest));
    }

    @Override
    public void join(ScriptLine line, String words) {
        List<ScriptLine> lines = room.written().map(w -> w.script().lines()).orElse(List.of());
        String key = line.proposed().key();
        Optional<ScriptLine> before = Optional.empty();
        for (ScriptLine each : lines) {
            if (each.proposed().key().equals(key)) {
                break;
            }
            before = each.isLeftOut() ? before : Optional.of(each);
        }
        before.ifPresent(b -> {
            next = Optional.of(new Take(b.proposed().key(), b.shot().narration().length() + 1));
            // What was just written goes with it.
            room.say(line, words);
            room.arrange(r -> r.join(key));
        });
    }

    @Override
    public void neighbour(ScriptLine line, int step) {
        List<ScriptRow> all = page.getChildren().stream()
                .filter(ScriptRow.class::isInstance)
                .map(ScriptRow.class::cast)
                .toList();
        int at = all.indexOf(writing) + step;
        if (at >= 0 && at < all.size()) {
            take(all.get(at), step < 0 ? Integer.MAX_VALUE : 0);
        }
    }

    @Override
    public void at(ScriptLine line, double share) {
        at.accept(line, share);
    }

    @Override
    public void isRight(String word) {
        room.desk().work().firm().spells(word);
    }

    @Override
    public <T> void inBackground(java.util.concurrent.Callable<T> work, java.util.function.Consumer<T> then) {
        room.desk().work().inBackground(work, then);
    }
}

package hitch.desk.cut;

import hitch.core.story.LiveFacts;
import hitch.core.story.ScriptLine;
import hitch.desk.widget.Typing;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.input.ContextMenuEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.util.Duration;
import org.fxmisc.richtext.StyleClassedTextArea;
import org.fxmisc.richtext.model.StyleSpans;
import org.fxmisc.richtext.model.StyleSpansBuilder;

/**
 * Where the words of one paragraph are written. There is one of it, which goes to the paragraph under the hand. What is written is kept after a
 * second without a key and when the paragraph is left; meanwhile it is put aside, so that a crash costs two seconds at most.
 */
final class WordsEditor extends StackPane {
    private static final Duration PAUSE = Duration.seconds(1);
    /** How often words that nobody paused over are put aside, so that a crash costs no more. */
    private static final Duration DRAFT = Duration.seconds(1.5);

    private static final double INSETS = 12;

    /** What the editor asks of the script. */
    interface Page {
        /** Keeps what was written. */
        void keep(ScriptLine line, String words);

        /** Puts words aside that are being written and no edit yet. */
        void draft(ScriptLine line, String words);

        /** Cuts the paragraph in two. */
        void split(ScriptLine line, String first, String rest);

        /** Adds the paragraph to the one before. */
        void join(ScriptLine line, String words);

        /** Goes on writing in a neighbour, at its beginning or its end. */
        void neighbour(ScriptLine line, int step);

        /** Takes a word for rightly spelled from now on. */
        void isRight(String word);

        /** Does something slow elsewhere and hands on what came of it. */
        <T> void inBackground(java.util.concurrent.Callable<T> work, Consumer<T> then);

        /** Shows what is seen where the hand is in the words: a share of them, 0 to 1. */
        void at(ScriptLine line, double share);
    }

    private final Spelling spelling;
    private final StyleClassedTextArea area = new StyleClassedTextArea();
    private final PauseTransition pause = new PauseTransition(PAUSE);
    private final PauseTransition draft = new PauseTransition(DRAFT);
    private final Page page;
    private ScriptLine line;
    private LiveFacts facts = new LiveFacts(java.util.Map.of());
    private String kept = "";
    private boolean filling;

    WordsEditor(Page page, Spelling spelling) {
        this.page = page;
        this.spelling = spelling;
        area.setWrapText(true);
        area.setId("script-editor");
        area.getStyleClass().add("script-editor");
        area.setUndoManager(null);
        Typing.isText(area);
        getChildren().add(area);
        area.textProperty().addListener((o, was, is) -> changed());
        area.caretPositionProperty().addListener((o, was, is) -> caret());
        area.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                keepNow();
            }
        });
        area.totalHeightEstimateProperty().addListener((o, was, is) -> {
            if (is != null) {
                setPrefHeight(is + INSETS);
                setMinHeight(is + INSETS);
            }
        });
        area.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        area.setOnContextMenuRequested(this::offer);
        pause.setOnFinished(e -> keepNow());
        draft.setOnFinished(e -> page.draft(line, area.getText()));
    }

    /** The paragraph it is in; null for none. */
    ScriptLine line() {
        return line;
    }

    String words() {
        return area.getText();
    }

    /** Takes up a paragraph, with the caret before a letter. */
    void take(ScriptLine next, LiveFacts known, int caret) {
        keepNow();
        line = next;
        facts = known;
        fill(next.shot().narration());
        area.setDisable(next.isLeftOut());
        area.moveTo(Math.clamp(caret, 0, area.getLength()));
        area.requestFocus();
    }

    /** What the record says of the paragraph now: taken up where nothing was written meanwhile. */
    void told(ScriptLine now, LiveFacts known) {
        line = now;
        facts = known;
        if (area.getText().equals(kept) && !now.shot().narration().equals(kept)) {
            int caret = area.getCaretPosition();
            fill(now.shot().narration());
            area.moveTo(Math.min(caret, area.getLength()));
        }
        style();
    }

    private void fill(String words) {
        filling = true;
        area.replaceText(words);
        filling = false;
        kept = words;
        area.setAccessibleText(words);
        style();
    }

    private void changed() {
        if (filling) {
            return;
        }
        style();
        pause.playFromStart();
        if (draft.getStatus() != javafx.animation.Animation.Status.RUNNING) {
            draft.playFromStart();
        }
    }

    /** Keeps what was written since it was last kept. */
    void keepNow() {
        pause.stop();
        draft.stop();
        if (line != null && !area.getText().equals(kept)) {
            kept = area.getText();
            page.keep(line, kept);
        }
    }

    /** Leaves the paragraph. */
    void leave() {
        keepNow();
        line = null;
    }

    private void caret() {
        if (line != null && !filling && area.getLength() > 0) {
            page.at(line, (double) area.getCaretPosition() / area.getLength());
        }
    }

    private void key(KeyEvent e) {
        if (line == null || e.isShortcutDown() || e.isAltDown()) {
            return;
        }
        int caret = area.getCaretPosition();
        boolean chosen = area.getSelection().getLength() > 0;
        if (e.getCode() == KeyCode.ENTER) {
            split(caret);
        } else if (e.getCode() == KeyCode.BACK_SPACE && caret == 0 && !chosen) {
            String words = area.getText();
            kept = words;
            page.join(line, words);
        } else if (e.getCode() == KeyCode.UP && isOnLine(0) || e.getCode() == KeyCode.LEFT && caret == 0 && !chosen) {
            page.neighbour(line, -1);
        } else if (e.getCode() == KeyCode.DOWN && isOnLine(area.getParagraphLinesCount(0) - 1)
                || e.getCode() == KeyCode.RIGHT && caret == area.getLength() && !chosen) {
            page.neighbour(line, 1);
        } else if (e.getCode() == KeyCode.TAB) {
            page.neighbour(line, e.isShiftDown() ? -1 : 1);
        } else {
            return;
        }
        e.consume();
    }

    private boolean isOnLine(int number) {
        return area.lineIndex(0, area.getCaretColumn()) == number;
    }

    private void split(int caret) {
        String first = area.getText(0, caret).strip();
        String rest = area.getText(caret, area.getLength()).strip();
        if (!first.isEmpty() && !rest.isEmpty()) {
            fill(first);
            page.split(line, first, rest);
        }
    }

    private void style() {
        String text = area.getText();
        area.setStyleSpans(0, spans(text, facts.in(text), spelling.in(text)));
    }

    /** A fact is as the record has it, however it is spelled. */
    private static StyleSpans<Collection<String>> spans(
            String text, List<LiveFacts.Span> facts, List<Spelling.Slip> slips) {
        record Marked(int from, int to, String style) {}
        List<Marked> marked = new ArrayList<>();
        facts.forEach(f -> marked.add(new Marked(f.from(), f.to(), "fact")));
        slips.stream()
                .filter(s -> facts.stream().noneMatch(f -> f.from() < s.to() && s.from() < f.to()))
                .forEach(s -> marked.add(new Marked(s.from(), s.to(), "misspelled")));
        marked.sort(Comparator.comparingInt(Marked::from));
        StyleSpansBuilder<Collection<String>> spans = new StyleSpansBuilder<>();
        int done = 0;
        for (Marked each : marked) {
            spans.add(Collections.emptyList(), each.from() - done);
            spans.add(List.of(each.style()), each.to() - each.from());
            done = each.to();
        }
        spans.add(Collections.emptyList(), text.length() - done);
        return spans.create();
    }

    /** Offers what may have been meant by the word under the hand. */
    private void offer(ContextMenuEvent e) {
        int letter = area.hit(e.getX(), e.getY()).getInsertionIndex();
        spelling.in(area.getText()).stream()
                .filter(s -> s.from() <= letter && letter <= s.to())
                .findFirst()
                .ifPresent(slip -> meant(slip, e.getScreenX(), e.getScreenY()));
        e.consume();
    }

    private void meant(Spelling.Slip slip, double x, double y) {
        page.inBackground(() -> spelling.meant(slip.word()), words -> {
            ContextMenu menu = new ContextMenu();
            for (String word : words) {
                MenuItem item = new MenuItem(word);
                item.setOnAction(a -> area.replaceText(slip.from(), slip.to(), word));
                menu.getItems().add(item);
            }
            MenuItem right = new MenuItem("\u201c" + slip.word() + "\u201d is right");
            right.setOnAction(a -> page.isRight(slip.word()));
            menu.getItems().add(right);
            menu.show(area, x, y);
        });
    }

    /** The list of spellings has changed. */
    void respell() {
        if (line != null) {
            style();
        }
    }
}

package hitch.desk.cut;

import hitch.core.story.LiveFacts;
import hitch.core.story.ScriptLine;
import hitch.desk.widget.Typing;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.util.Duration;
import org.fxmisc.richtext.StyleClassedTextArea;
import org.fxmisc.richtext.model.StyleSpans;
import org.fxmisc.richtext.model.StyleSpansBuilder;

/**
 * Where the words of one paragraph are written. There is one of it, which goes to the paragraph under the hand. What is written is kept after a
 * second without a key, after two at most, and when the paragraph is left.
 */
final class WordsEditor extends StackPane {
    private static final Duration PAUSE = Duration.seconds(1);
    private static final Duration MOST = Duration.seconds(2);
    private static final double INSETS = 12;

    /** What the editor asks of the script. */
    interface Page {
        /** Keeps what was written. */
        void keep(ScriptLine line, String words);

        /** Cuts the paragraph in two. */
        void split(ScriptLine line, String first, String rest);

        /** Adds the paragraph to the one before. */
        void join(ScriptLine line, String words);

        /** Goes on writing in a neighbour, at its beginning or its end. */
        void neighbour(ScriptLine line, int step);

        /** Shows what is seen where the hand is in the words: a share of them, 0 to 1. */
        void at(ScriptLine line, double share);
    }

    private final StyleClassedTextArea area = new StyleClassedTextArea();
    private final PauseTransition pause = new PauseTransition(PAUSE);
    private final PauseTransition most = new PauseTransition(MOST);
    private final Page page;
    private ScriptLine line;
    private LiveFacts facts = new LiveFacts(java.util.Map.of());
    private String kept = "";
    private boolean filling;
    private Consumer<Double> tall = h -> {};

    WordsEditor(Page page) {
        this.page = page;
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
        pause.setOnFinished(e -> keepNow());
        most.setOnFinished(e -> keepNow());
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
        if (most.getStatus() != javafx.animation.Animation.Status.RUNNING) {
            most.playFromStart();
        }
    }

    /** Keeps what was written since it was last kept. */
    void keepNow() {
        pause.stop();
        most.stop();
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
        area.setStyleSpans(0, spans(area.getText(), facts.in(area.getText())));
    }

    private static StyleSpans<Collection<String>> spans(String text, List<LiveFacts.Span> facts) {
        StyleSpansBuilder<Collection<String>> spans = new StyleSpansBuilder<>();
        int done = 0;
        for (LiveFacts.Span fact : facts) {
            spans.add(Collections.emptyList(), fact.from() - done);
            spans.add(List.of("fact"), fact.to() - fact.from());
            done = fact.to();
        }
        spans.add(Collections.emptyList(), text.length() - done);
        return spans.create();
    }
}

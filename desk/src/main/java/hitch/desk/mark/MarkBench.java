package hitch.desk.mark;

import hitch.core.note.PlainNoteReader;
import hitch.desk.Bench;
import hitch.desk.Context;
import hitch.desk.Snapshot;
import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The bench where footage is marked. */
public final class MarkBench implements Bench {
    private final Context desk;
    private final NoteLine notes;
    private final CounterBar counter;
    private final FindingsPane findings;
    private final BorderPane root = new BorderPane();

    public MarkBench(Context desk) {
        this.desk = desk;
        notes = new NoteLine(desk, new PlainNoteReader());
        counter = new CounterBar(desk);
        findings = new FindingsPane(desk, notes);
        FootageWell well = new FootageWell(desk.player());
        VBox.setVgrow(well, Priority.ALWAYS);
        VBox left = new VBox(well, new Readout(desk), new Transport(desk), counter);
        HBox.setHgrow(left, Priority.ALWAYS);
        VBox.setVgrow(findings, Priority.ALWAYS);
        VBox right = new VBox(16, notes, new HerePane(desk), findings);
        right.getStyleClass().add("side");
        right.setMinWidth(456);
        right.setMaxWidth(456);
        ThereAndBackChart chart = new ThereAndBackChart(desk);
        chart.setPrefHeight(196);
        root.setCenter(new HBox(left, right));
        root.setBottom(chart);
        root.getStyleClass().add("bench");
    }

    @Override
    public String title() {
        return "Mark";
    }

    @Override
    public Node node() {
        return root;
    }

    @Override
    public String gauge(Snapshot now) {
        int count = now.survey().findings().size();
        return count == 0 ? "" : Integer.toString(count);
    }

    @Override
    public void key(KeyEvent e) {
        if (e.isShortcutDown() || e.isAltDown()) {
            return;
        }
        boolean taken = true;
        switch (e.getCode()) {
            case SPACE -> desk.player().togglePlaying();
            case LEFT -> desk.player().step(e.isShiftDown() ? -10 : -1);
            case RIGHT -> desk.player().step(e.isShiftDown() ? 10 : 1);
            case N -> notes.focus();
            case C -> counter.focus();
            case Z -> counter.zeroHere();
            case E -> findings.amend();
            case M -> findings.moveHere();
            case X -> findings.cut();
            case DELETE -> findings.remove();
            default -> taken = false;
        }
        if (taken) {
            e.consume();
        }
    }
}

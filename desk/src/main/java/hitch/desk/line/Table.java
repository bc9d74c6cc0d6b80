package hitch.desk.line;

import hitch.desk.widget.Labels;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;

/** Rows of words, figures and fields under a heading. */
final class Table extends VBox {
    private final GridPane grid = new GridPane();
    private static final double WIDEST = 330;
    private static final double NARROWEST = 130;

    private int rows;

    Table(String heading) {
        super(8);
        grid.setHgap(16);
        grid.setVgap(5);
        getChildren().addAll(Labels.heading(heading), grid);
    }

    /** A row; text becomes labels: the first strong, those with a figure in front as measures, the rest soft. */
    Table row(Object... cells) {
        for (int i = 0; i < cells.length; i++) {
            Node cell = cells[i] instanceof Node node ? node : label(String.valueOf(cells[i]), i);
            if (cells[i] instanceof Label figure) {
                figure.setMinWidth(USE_PREF_SIZE);
            }
            grid.add(cell, i, rows);
        }
        rows++;
        return this;
    }

    private static Label label(String text, int column) {
        boolean figure = column > 0 && text.matches("-?\\d[\\d.]*( ft| m| in|°)?");
        Label label = Labels.of(text, column == 0 ? "strong" : figure ? "measure" : "soft");
        boolean wraps = !figure && text.length() > 24;
        label.setWrapText(wraps);
        if (wraps) {
            label.setMaxWidth(WIDEST);
            label.setMinWidth(NARROWEST);
        } else {
            label.setMinWidth(USE_PREF_SIZE);
        }
        label.setAlignment(Pos.CENTER_LEFT);
        return label;
    }

    /** A line of words across all columns. */
    Table words(String text) {
        Label label = Labels.of(text, "soft");
        label.setWrapText(true);
        label.setMaxWidth(WIDEST + 60);
        grid.add(label, 0, rows++, GridPane.REMAINING, 1);
        return this;
    }

    boolean isEmpty() {
        return rows == 0;
    }
}

package hitch.desk.widget;

import javafx.geometry.Orientation;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/** A row with one part at its left end and one at its right; where there is no room for both, the right part goes below. */
public final class Ends extends Region {
    private static final double GAP = 8;
    private static final double BELOW = 4;

    private final HBox left;
    private final HBox right;

    public Ends(HBox left, HBox right) {
        this.left = left;
        this.right = right;
        left.setAlignment(Pos.CENTER_LEFT);
        right.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(left, right);
    }

    /** A part that is never squeezed. */
    public static HBox part(double gap, Node... nodes) {
        HBox part = new HBox(gap, nodes);
        part.setMinWidth(USE_PREF_SIZE);
        return part;
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    private boolean fits(double width) {
        return width < 0 || left.prefWidth(-1) + GAP + right.prefWidth(-1) <= width - sides();
    }

    private double sides() {
        return getInsets().getLeft() + getInsets().getRight();
    }

    private double ends() {
        return getInsets().getTop() + getInsets().getBottom();
    }

    @Override
    protected double computeMinWidth(double height) {
        return sides() + Math.max(left.prefWidth(-1), right.prefWidth(-1));
    }

    @Override
    protected double computePrefWidth(double height) {
        return sides() + left.prefWidth(-1) + GAP + right.prefWidth(-1);
    }

    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }

    @Override
    protected double computePrefHeight(double width) {
        double one = left.prefHeight(-1);
        double two = right.prefHeight(-1);
        return ends() + (fits(width) ? Math.max(one, two) : one + BELOW + two);
    }

    @Override
    protected void layoutChildren() {
        double x = getInsets().getLeft();
        double y = getInsets().getTop();
        double one = left.prefHeight(-1);
        double two = right.prefHeight(-1);
        if (fits(getWidth())) {
            double tall = Math.max(one, two);
            left.resizeRelocate(x, y, left.prefWidth(-1), tall);
            double wide = right.prefWidth(-1);
            right.resizeRelocate(getWidth() - getInsets().getRight() - wide, y, wide, tall);
        } else {
            left.resizeRelocate(x, y, left.prefWidth(-1), one);
            right.resizeRelocate(x, y + one + BELOW, right.prefWidth(-1), two);
        }
    }
}

package hitch.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.Control;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollBar;
import javafx.scene.layout.Background;
import javafx.scene.layout.BackgroundFill;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;

/** Walks all that a window shows, and tells what a person could not read, reach or hear named. */
final class SceneWalk {
    /** Contrast of text against what it stands on, at least (WCAG 2.2, 1.4.3). */
    private static final double READABLE = 4.5;
    /** Points that rounding may take. */
    private static final double SLACK = 1.5;

    private final List<String> faults = new ArrayList<>();
    private final List<Text> texts = new ArrayList<>();
    private final Scene scene;

    private final double width;
    private final double height;

    private SceneWalk(Scene scene, double width, double height) {
        this.scene = scene;
        this.width = width;
        this.height = height;
    }

    /** What is wrong with the scene laid out in a window of that size; its own window stays as it is. */
    static List<String> faults(Scene scene, double width, double height) {
        SceneWalk walk = new SceneWalk(scene, width, height);
        scene.getRoot().resize(width, height);
        scene.getRoot().applyCss();
        scene.getRoot().layout();
        walk.walk(scene.getRoot(), scene.getRoot().localToScene(scene.getRoot().getBoundsInLocal()));
        walk.overlaps();
        scene.getRoot().resize(scene.getWidth(), scene.getHeight());
        return walk.faults;
    }

    /** @param seen what of the window shows the node's parents */
    private void walk(Node node, Bounds seen) {
        if (!node.isVisible() || node.getOpacity() == 0) {
            return;
        }
        Bounds here = node.localToScene(node.getBoundsInLocal());
        Bounds shown = clips(node) ? within(here, seen) : seen;
        if (shown.isEmpty() || shown.getWidth() <= 1 || shown.getHeight() <= 1) {
            return;
        }
        if (node instanceof Control control) {
            control(control);
        }
        if (node instanceof Text text && !text.getText().isBlank() && shown.contains(middle(here))) {
            text(text, here, shown);
        }
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> walk(child, shown));
        }
    }

    private static boolean clips(Node node) {
        return node.getClip() != null;
    }

    private static Bounds within(Bounds a, Bounds b) {
        double x = Math.max(a.getMinX(), b.getMinX());
        double y = Math.max(a.getMinY(), b.getMinY());
        return new javafx.geometry.BoundingBox(
                x,
                y,
                Math.max(0, Math.min(a.getMaxX(), b.getMaxX()) - x),
                Math.max(0, Math.min(a.getMaxY(), b.getMaxY()) - y));
    }

    private static javafx.geometry.Point2D middle(Bounds bounds) {
        return new javafx.geometry.Point2D(bounds.getCenterX(), bounds.getCenterY());
    }

    private void control(Control control) {
        String text = control instanceof Labeled labeled ? labeled.getText() : "";
        String spoken = control.getAccessibleText();
        boolean named = spoken != null && !spoken.isBlank() || text != null && !text.isBlank();
        if (control.isFocusTraversable() && !control.isDisabled() && !(control instanceof ScrollBar) && !named) {
            faults.add("no name: " + about(control));
        }
    }

    private void text(Text text, Bounds here, Bounds shown) {
        texts.add(text);
        if (text.getParent() instanceof Labeled labeled && !labeled.getText().equals(text.getText())) {
            String whole =
                    labeled.getTooltip() == null ? "" : labeled.getTooltip().getText();
            if (!whole.contains(labeled.getText())) {
                faults.add("cut: \"" + labeled.getText() + "\" is shown as \"" + text.getText() + "\"");
            }
        }
        // What is scrolled away in part is no fault.
        boolean scrolled = shown.getHeight() < height - SLACK || shown.getWidth() < width - SLACK;
        if (!scrolled
                && (here.getMinX() < -SLACK
                        || here.getMinY() < -SLACK
                        || here.getMaxX() > width + SLACK
                        || here.getMaxY() > height + SLACK)) {
            faults.add("outside the window: \"" + text.getText() + "\"");
        }
        if (text.getFill() instanceof Color ink && !isDisabled(text)) {
            Color ground = ground(text);
            double contrast = contrast(ground.interpolate(ink, ink.getOpacity()), ground);
            if (contrast < READABLE) {
                faults.add(String.format(
                        Locale.ROOT, "contrast %.1f: \"%s\" in %s on %s", contrast, text.getText(), ink, ground));
            }
        }
    }

    private static boolean isDisabled(Node node) {
        for (Node n = node; n != null; n = n.getParent()) {
            if (n.isDisabled() || n.getOpacity() < 0.99) {
                return true;
            }
        }
        return false;
    }

    private Color ground(Node node) {
        for (Node n = node.getParent(); n != null; n = n.getParent()) {
            Background background = n instanceof Region region ? region.getBackground() : null;
            if (background != null && !background.getFills().isEmpty()) {
                BackgroundFill top = background.getFills().getLast();
                if (top.getFill() instanceof Color colour && colour.getOpacity() > 0.99) {
                    return colour;
                }
            }
        }
        return scene.getFill() instanceof Color colour ? colour : Color.WHITE;
    }

    static double contrast(Color a, Color b) {
        double lighter = Math.max(luminance(a), luminance(b));
        double darker = Math.min(luminance(a), luminance(b));
        return (lighter + 0.05) / (darker + 0.05);
    }

    private static double luminance(Color colour) {
        return 0.2126 * linear(colour.getRed())
                + 0.7152 * linear(colour.getGreen())
                + 0.0722 * linear(colour.getBlue());
    }

    private static double linear(double part) {
        return part <= 0.04045 ? part / 12.92 : Math.pow((part + 0.055) / 1.055, 2.4);
    }

    /** The paragraph that a text is part of; null where it stands by itself. */
    private static TextFlow flow(Node text) {
        for (Node at = text.getParent(); at != null; at = at.getParent()) {
            if (at instanceof TextFlow flow) {
                return flow;
            }
        }
        return null;
    }

    private void overlaps() {
        for (int i = 0; i < texts.size(); i++) {
            for (int k = i + 1; k < texts.size(); k++) {
                if (flow(texts.get(i)) != null && flow(texts.get(i)) == flow(texts.get(k))) {
                    // Parts of one paragraph share its lines, and their boxes with them.
                    continue;
                }
                Bounds both = within(bounds(texts.get(i)), bounds(texts.get(k)));
                if (both.getWidth() > 2 && both.getHeight() > 4) {
                    faults.add("overlap: \"" + texts.get(i).getText() + "\" and \""
                            + texts.get(k).getText() + "\"");
                }
            }
        }
    }

    private static Bounds bounds(Text text) {
        return text.localToScene(text.getBoundsInLocal());
    }

    private static String about(Node node) {
        return node.getClass().getSimpleName() + " " + (node.getId() == null ? "" : node.getId() + " ")
                + node.getStyleClass();
    }
}

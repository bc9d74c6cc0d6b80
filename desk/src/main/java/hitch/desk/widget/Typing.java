package hitch.desk.widget;

import javafx.beans.value.ChangeListener;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.TextInputControl;

/** Keeps forms from being rebuilt under the hand of somebody who types in them. */
public final class Typing {
    private Typing() {}

    static final String KEPT = "text that was handed on";

    private static final String TEXT = "text is written in it";

    /** Says that text is written in a control that the toolkit does not know for one. */
    public static void isText(Node control) {
        control.getProperties().put(TEXT, true);
    }

    /** Whether letters that reach it are written. */
    public static boolean takesText(Object target) {
        return target instanceof TextInputControl
                || target instanceof Node node && node.getProperties().containsKey(TEXT);
    }

    /** Says that what stands in a field now was handed on, or was there from the start: nobody is typing yet. */
    public static void kept(TextInputControl field) {
        field.getProperties().put(KEPT, field.getText());
    }

    /** Whether the field under the hand is one of {@code form}'s and holds what was not handed on yet. */
    public static boolean isIn(Parent form) {
        Scene scene = form.getScene();
        Node owner = scene == null ? null : scene.getFocusOwner();
        return owner instanceof TextInputControl field
                && isInside(owner, form)
                && field.getProperties().containsKey(KEPT)
                && !field.getText().equals(field.getProperties().get(KEPT));
    }

    /** Does {@code rebuild} at once, or, while somebody types in {@code form}, as soon as that field is left. */
    public static void orOnceLeft(Parent form, Runnable rebuild) {
        if (!isIn(form)) {
            rebuild.run();
            return;
        }
        Scene scene = form.getScene();
        if (form.getProperties().putIfAbsent(Typing.class, true) != null) {
            // It will be built anew already, from what is so by then.
            return;
        }
        scene.focusOwnerProperty().addListener(new ChangeListener<Node>() {
            @Override
            public void changed(javafx.beans.value.ObservableValue<? extends Node> o, Node was, Node is) {
                if (!isIn(form)) {
                    scene.focusOwnerProperty().removeListener(this);
                    form.getProperties().remove(Typing.class);
                    rebuild.run();
                }
            }
        });
    }

    private static boolean isInside(Node node, Parent form) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (at == form) {
                return true;
            }
        }
        return false;
    }
}

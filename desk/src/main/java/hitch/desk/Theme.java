package hitch.desk;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import javafx.application.Application;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.scene.Scene;
import javafx.scene.text.Font;

/** Light paper for the desk, dark for the truck; the same layout and the same meanings. */
public final class Theme {
    private static final double STEP = 0.125;
    private static final double LARGEST = 1.5;

    private final BooleanProperty dark = new SimpleBooleanProperty();
    private final DoubleProperty text = new SimpleDoubleProperty(1);

    static {
        for (String face : new String[] {
            "HankenGrotesk-Regular",
            "HankenGrotesk-Medium",
            "HankenGrotesk-SemiBold",
            "HankenGrotesk-Bold",
            "SplineSansMono-Regular",
            "SplineSansMono-Medium",
            "SplineSansMono-Bold"
        }) {
            Font.loadFont(Theme.class.getResourceAsStream("/hitch/fonts/" + face + ".ttf"), 14);
        }
    }

    /** One that follows this one, for as long as somebody holds it: who listens to it is not held by the window. */
    public Theme following() {
        Theme follower = new Theme();
        follower.dark.bind(dark);
        return follower;
    }

    public BooleanProperty darkProperty() {
        return dark;
    }

    /** How many times as large as usual text is, 1 to 1.5. */
    public DoubleProperty textProperty() {
        return text;
    }

    /** Text a step larger, or smaller where {@code by} is negative; within half as large again. */
    public void text(int by) {
        text.set(Math.clamp(Math.round((text.get() + by * STEP) / STEP) * STEP, 1, LARGEST));
    }

    public Tones tones() {
        return dark.get() ? Tones.DARK : Tones.LIGHT;
    }

    /** Dresses {@code scene} and keeps it in step with the choice. */
    public void dress(Scene scene) {
        scene.getStylesheets().setAll(TextSize.stylesheet(text.get()));
        text.addListener((o, was, is) -> scene.getStylesheets().setAll(TextSize.stylesheet(is.doubleValue())));
        Runnable change = () -> {
            Application.setUserAgentStylesheet(
                    dark.get()
                            ? new PrimerDark().getUserAgentStylesheet()
                            : new PrimerLight().getUserAgentStylesheet());
            scene.getRoot().getStyleClass().removeAll("light", "dark");
            scene.getRoot().getStyleClass().add(dark.get() ? "dark" : "light");
        };
        dark.addListener((o, was, is) -> change.run());
        scene.rootProperty().addListener((o, was, is) -> change.run());
        change.run();
    }
}

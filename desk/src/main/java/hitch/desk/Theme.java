package hitch.desk;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import javafx.application.Application;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.scene.Scene;
import javafx.scene.text.Font;

/** Light paper for the desk, dark for the truck; the same layout and the same meanings. */
public final class Theme {
    private final BooleanProperty dark = new SimpleBooleanProperty();

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

    public Tones tones() {
        return dark.get() ? Tones.DARK : Tones.LIGHT;
    }

    /** Dresses {@code scene} and keeps it in step with the choice. */
    public void dress(Scene scene) {
        scene.getStylesheets().add(Theme.class.getResource("desk.css").toExternalForm());
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

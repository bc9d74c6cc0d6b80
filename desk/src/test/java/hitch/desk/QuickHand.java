package hitch.desk;

import java.util.List;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.robot.Motion;
import org.testfx.service.query.PointQuery;
import org.testfx.util.WaitForAsyncUtils;

/**
 * The robot's hand without its rests: it presses and lets go as one gesture, goes straight to where it clicks, and then waits
 * until the window has taken it. The robot's own rests after every half of a gesture are most of what a test would take.
 */
public abstract class QuickHand extends ApplicationTest {
    /** Rounds of waiting until what was set going has been done: the gesture itself, and what it put off. */
    private static final int ROUNDS = 2;

    protected static void settle() {
        WaitForAsyncUtils.waitForFxEvents(ROUNDS);
    }

    @Override
    public FxRobot clickOn(PointQuery at, Motion motion, MouseButton... buttons) {
        robotContext().getMouseRobot().moveNoWait(at.query());
        settle();
        return clickOn(buttons);
    }

    @Override
    public FxRobot clickOn(MouseButton... buttons) {
        MouseButton[] asked = buttons.length == 0 ? new MouseButton[] {MouseButton.PRIMARY} : buttons;
        robotContext().getMouseRobot().pressNoWait(asked);
        robotContext().getMouseRobot().releaseNoWait(asked);
        settle();
        return this;
    }

    @Override
    public FxRobot moveTo(PointQuery at, Motion motion) {
        robotContext().getMouseRobot().moveNoWait(at.query());
        settle();
        return this;
    }

    @Override
    public FxRobot push(KeyCode... keys) {
        robotContext().getKeyboardRobot().pressNoWait(keys);
        robotContext().getKeyboardRobot().releaseNoWait(List.of(keys).reversed().toArray(KeyCode[]::new));
        settle();
        return this;
    }

    @Override
    public FxRobot type(KeyCode... keys) {
        for (KeyCode key : keys) {
            push(key);
        }
        return this;
    }

    @Override
    public FxRobot type(KeyCode key, int times) {
        for (int i = 0; i < times; i++) {
            push(key);
        }
        return this;
    }

    @Override
    public FxRobot interact(Runnable act) {
        WaitForAsyncUtils.waitFor(WaitForAsyncUtils.asyncFx(act));
        settle();
        return this;
    }
}

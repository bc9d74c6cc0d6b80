package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
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
    /** Waits until what was set going has been done, and the window has been laid out and drawn anew. */
    protected static void settle() {
        CountDownLatch drawn = new CountDownLatch(1);
        Platform.runLater(() -> new AnimationTimer() {
            @Override
            public void handle(long now) {
                stop();
                Platform.runLater(drawn::countDown);
            }
        }.start());
        try {
            assertThat(drawn.await(60, TimeUnit.SECONDS))
                    .as("the window answers")
                    .isTrue();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Waits for something to be there: what is clicked may still be on its way through the journal to the screen. */
    private void untilThere(String query) {
        patiently(() -> lookup(query).tryQuery().isPresent());
    }

    /** Waits until something is so; going on after a minute, for the test to tell what is missing. */
    protected static void patiently(Callable<Boolean> there) {
        if (Platform.isFxApplicationThread()) {
            // Nothing would happen while that thread waits.
            return;
        }
        try {
            WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, there);
        } catch (TimeoutException e) {
            // What follows fails with the name of what is missing.
        }
        settle();
    }

    @Override
    public FxRobot clickOn(String query, Motion motion, MouseButton... buttons) {
        untilThere(query);
        return super.clickOn(query, motion, buttons);
    }

    @Override
    public FxRobot moveTo(String query, Motion motion) {
        untilThere(query);
        return super.moveTo(query, motion);
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

package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Proxy;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Predicate;
import java.util.stream.Stream;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.robot.Motion;
import org.testfx.service.locator.BoundsLocatorException;
import org.testfx.service.query.EmptyNodeQueryException;
import org.testfx.service.query.NodeQuery;
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

    /** Where something is, once it is there: what is clicked may still be on its way through the journal to the screen. */
    private PointQuery place(String query) {
        patiently(() -> lookup(query).tryQuery().isPresent() && isInSight(query));
        return onWindow(() -> point(query));
    }

    /** Whether it stands where the hand can reach it; a row that is being laid out anew stands nowhere for a moment. */
    private boolean isInSight(String query) {
        try {
            point(query).query();
            return true;
        } catch (RuntimeException e) {
            // Thrown as it is or as the cause of another, by the way the question took.
            if (Stream.iterate((Throwable) e, Objects::nonNull, Throwable::getCause)
                    .anyMatch(BoundsLocatorException.class::isInstance)) {
                rollTo(lookup(query).query());
                return false;
            }
            throw e;
        }
    }

    /** Rolls the page that holds something until it stands on the screen, as a hand does with the wheel. */
    private static void rollTo(Node wanted) {
        for (Parent up = wanted.getParent(); up != null; up = up.getParent()) {
            if (up instanceof ScrollPane page && page.getContent() != null) {
                Bounds at = page.getContent().sceneToLocal(wanted.localToScene(wanted.getBoundsInLocal()));
                double beyond = page.getContent().getBoundsInLocal().getHeight()
                        - page.getViewportBounds().getHeight();
                if (beyond > 0) {
                    double middle = at.getCenterY() - page.getViewportBounds().getHeight() / 2;
                    page.setVvalue(Math.clamp(middle / beyond, 0, 1));
                }
                return;
            }
        }
    }

    /** Something that is looked up, once it is there. */
    protected static Node there(NodeQuery asked) {
        patiently(() -> asked.tryQuery().isPresent());
        return asked.query();
    }

    @Override
    public NodeQuery lookup(String query) {
        return asked(super.lookup(query));
    }

    @Override
    public <T extends Node> NodeQuery lookup(Predicate<T> suits) {
        return asked(super.lookup(suits));
    }

    /** The same question, but put on the window's own thread. */
    private static NodeQuery asked(NodeQuery query) {
        return (NodeQuery) Proxy.newProxyInstance(
                NodeQuery.class.getClassLoader(),
                new Class<?>[] {NodeQuery.class},
                (self, method, given) -> onWindow(() -> {
                    try {
                        Object answer = method.invoke(query, given);
                        return answer instanceof NodeQuery narrower ? asked(narrower) : answer;
                    } catch (InvocationTargetException e) {
                        throw e.getCause() instanceof Exception wrong ? wrong : e;
                    }
                }));
    }

    /** Waits until something is so; going on after a minute, for the test to tell what is missing. */
    protected static void patiently(Callable<Boolean> there) {
        if (Platform.isFxApplicationThread()) {
            // Nothing would happen while that thread waits.
            return;
        }
        try {
            WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> isSo(there));
        } catch (TimeoutException e) {
            // What follows fails with the name of what is missing.
        }
        settle();
    }

    /** Whether a thing is so in the window; what is not there yet is not so. */
    protected static boolean isSo(Callable<Boolean> condition) {
        return onWindow(() -> {
            try {
                return condition.call();
            } catch (EmptyNodeQueryException | IndexOutOfBoundsException notThere) {
                return false;
            }
        });
    }

    /** What is asked of the window on its own thread: elsewhere it may be laid out anew in the middle of the question. */
    private static <T> T onWindow(Callable<T> asked) {
        FutureTask<T> answer = new FutureTask<>(asked);
        if (Platform.isFxApplicationThread()) {
            answer.run();
        } else {
            Platform.runLater(answer);
        }
        try {
            return answer.get(60, TimeUnit.SECONDS);
        } catch (ExecutionException e) {
            if (e.getCause() instanceof RuntimeException wrong) {
                throw wrong;
            }
            throw new IllegalStateException(e.getCause());
        } catch (TimeoutException e) {
            throw new IllegalStateException("the window does not answer", e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    @Override
    public FxRobot clickOn(String query, Motion motion, MouseButton... buttons) {
        return clickOn(place(query), motion, buttons);
    }

    @Override
    public FxRobot moveTo(String query, Motion motion) {
        return moveTo(place(query), motion);
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

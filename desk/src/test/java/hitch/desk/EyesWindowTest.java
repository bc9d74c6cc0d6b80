package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.eyes.MadeUpWall;
import hitch.core.footage.Clip;
import hitch.core.measure.Distance;
import hitch.store.Footage;
import hitch.store.JobFolder;
import java.nio.file.Path;
import java.util.concurrent.TimeoutException;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** A clip along whose wall two places stand out, at 12.4 and at 27.9 ft, that nobody has marked. */
class EyesWindowTest extends OpenWindow {
    @Override
    protected Path create(Path job) throws Exception {
        Path made = SmallJob.create(job);
        try (JobFolder open = JobFolder.open(made)) {
            Clip clip = open.job().clips().getFirst();
            new Footage(made)
                    .shelf()
                    .keepWall(
                            clip,
                            new MadeUpWall(11, 3)
                                    .with(12.4, 10, 60, 20)
                                    .with(27.9, 60, -70, 0)
                                    .seen(0, 39, feet -> clip.ptsAt(clip.seconds() * feet / 40)));
        }
        return made;
    }

    private String tab() {
        return lookup("#show-looks").queryAs(Labeled.class).getText();
    }

    private double shownFeet() {
        return job().player()
                        .shown()
                        .flatMap(f -> survey().stationAt(f.ref()))
                        .orElseThrow()
                        .mm()
                / Distance.MM_PER_FOOT;
    }

    private ListView<?> looks() {
        return lookup("#looks").queryAs(ListView.class);
    }

    /** The camera is a little before what it shows. */
    private boolean isShown(double feet) {
        return shownFeet() > feet - 1 && shownFeet() < feet + 0.3;
    }

    @Test
    void onePlaceAfterAnotherIsShownWavedAwayTakenBackAndNoted() throws TimeoutException {
        until(() -> tab().equals("Look 2"));
        push(KeyCode.SHIFT, KeyCode.J);
        until(() -> looks().isVisible() && (isShown(12.4) || isShown(27.9)));
        boolean first = isShown(12.4);
        push(KeyCode.SHIFT, KeyCode.J);
        until(() -> isShown(first ? 27.9 : 12.4));
        assertThat(job().player().playingProperty().get()).isFalse();
        push(KeyCode.SHIFT, KeyCode.Q);
        until(() -> tab().equals("Look 1"));
        assertThat(job().work().now().job().findings()).isEmpty();
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> tab().equals("Look 2"));
        // What is noted there is pointed at no more, and the other stays.
        push(KeyCode.SHIFT, KeyCode.J);
        until(() -> isShown(12.4) || isShown(27.9));
        marked("hole left");
        until(() -> tab().equals("Look 1"));
    }

    @Test
    void theFirmCanSwitchItOff() throws TimeoutException {
        until(() -> tab().equals("Look 2"));
        interact(() -> job().work()
                .firm()
                .keep(job().work().firm().profileProperty().get().pointingOut(false)));
        until(() -> tab().equals("Look"));
        push(KeyCode.SHIFT, KeyCode.J);
        until(() -> notice().startsWith("Pointing at places that stand out is switched off"));
        interact(() -> job().work()
                .firm()
                .keep(job().work().firm().profileProperty().get().pointingOut(true)));
        until(() -> tab().equals("Look 2"));
    }
}

package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.finding.Finding;
import hitch.core.finding.FindingKind;
import hitch.core.finding.PictureSize;
import hitch.core.gauge.Eye;
import hitch.core.gauge.SizeSort;
import hitch.core.gauge.Tool;
import hitch.core.pipe.PipeSize;
import hitch.desk.measure.HeldFrame;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import javafx.geometry.Point2D;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.Region;
import org.junit.jupiter.api.Test;

/** A hand with mouse and keys on a drawn pipe of 4 in, of which every measure is known. */
class MeasureWindowTest extends OpenWindow {
    /** The eyes that drew its two lengths. */
    private static final Eye NEAR =
            new Eye(PipeJob.PIPE.lens(), PipeJob.PIPE.way(), PipeJob.PIPE.right(), PipeJob.PIPE.down());

    private static final Eye FAR =
            new Eye(PipeJob.PIPE.lens(), PipeJob.PIPE.way(), PipeJob.PIPE.right() + 0.3, PipeJob.PIPE.down());

    private static final double RADIUS_MM = 50.8;

    /** Whether somebody said how wide the pipe is. */
    private Optional<PipeSize> bore = Optional.of(PipeSize.inches(4));

    @Override
    protected Path create(Path job) throws Exception {
        return PipeJob.create(job, bore);
    }

    private List<Finding> findings() {
        return job().work().now().job().findings();
    }

    private PictureSize told(int finding) {
        return findings().get(finding).told().orElseThrow();
    }

    /** Where a place of the wall shows on the screen: hours on the clock, radii ahead. */
    private Point2D at(Eye eye, double clock, double ahead) {
        double[] p = eye.pixel(new Eye.Place(clock / 12 * 2 * Math.PI, ahead));
        Region layer = lookup("#measure-layer").queryAs(Region.class);
        double scale = Math.min(layer.getWidth() / 640, layer.getHeight() / 480);
        return layer.localToScreen(
                layer.getWidth() / 2 + (p[0] - 320) * scale, layer.getHeight() / 2 + (p[1] - 240) * scale);
    }

    private void click(Point2D there) {
        moveTo(there);
        press(MouseButton.PRIMARY);
        release(MouseButton.PRIMARY);
        settle();
    }

    private void draw(Point2D... through) {
        moveTo(through[0]);
        press(MouseButton.PRIMARY);
        for (Point2D p : through) {
            moveTo(p);
        }
        release(MouseButton.PRIMARY);
        settle();
    }

    private List<String> read() {
        return told("#measured .measure");
    }

    private void measuring() throws TimeoutException {
        push(KeyCode.W);
        until(() -> !read().isEmpty());
    }

    @Test
    void whatIsProposedIsTakenIntoTheFindingAndTakenBack() throws TimeoutException {
        marked("offset 1/4 in right");
        measuring();
        push(KeyCode.ENTER);
        until(() -> findings().getFirst().told().isPresent());
        assertThat(told(0).value()).isCloseTo(0.3 * RADIUS_MM, within(told(0).error()));
        assertThat(told(0).frame())
                .isEqualTo(job().player().shown().orElseThrow().ref());
        until(() -> notice().contains("measured on the picture ±"));
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> findings().getFirst().sizes().isEmpty());
        assertThat(findings().getFirst().sizeHow()).isEqualTo(PictureSize.BY_EYE);
        push(KeyCode.ESCAPE);
        until(() -> !lookup("#measure-bar").query().isVisible());
    }

    @Test
    void threeClicksOnTheFarRimMeasureAJointAndMakeItsGap() throws TimeoutException {
        measuring();
        String before = read().getFirst();
        for (double clock : new double[] {1, 5, 9}) {
            click(at(FAR, clock, 3.9));
        }
        until(() -> lookup("New gap").tryQuery().isPresent());
        clickOn("New gap");
        until(() -> !findings().isEmpty());
        assertThat(findings().getFirst().kind()).isEqualTo(FindingKind.GAP);
        assertThat(told(0).value()).isCloseTo(0.3 * RADIUS_MM, within(told(0).error()));
        assertThat(told(0).drawn()).hasSize(2);
        // A ring under the hand moves, and what it measures with it; what the hand did is taken back step by step.
        String clicked = read().getFirst();
        Point2D rim = at(FAR, 9, 3.9);
        draw(rim, rim.add(4, 0), rim.add(14, 0));
        until(() -> !read().getFirst().equals(clicked));
        push(KeyCode.BACK_SPACE);
        until(() -> read().getFirst().equals(clicked));
        for (int i = 0; i < 3; i++) {
            push(KeyCode.BACK_SPACE);
        }
        until(() -> read().getFirst().equals(before));
    }

    @Test
    void waterByItsEdgesACrackByItsPlacesAndWhatThePaintCovers() throws TimeoutException {
        measuring();
        push(KeyCode.DIGIT4);
        click(at(NEAR, 8, 2.6));
        click(at(NEAR, 4, 2.6));
        until(() -> lookup("New standing water").tryQuery().isPresent());
        push(KeyCode.ENTER);
        until(() -> findings().size() == 1);
        assertThat(told(0).sort()).isEqualTo(SizeSort.DEPTH);
        assertThat(told(0).value()).isCloseTo(0.5 * RADIUS_MM, within(told(0).error()));
        push(KeyCode.DIGIT2);
        click(at(NEAR, 2, 2.8));
        click(at(NEAR, 4, 2.8));
        until(() -> lookup("New crack").tryQuery().isPresent());
        push(KeyCode.ENTER);
        until(() -> findings().size() == 2);
        assertThat(told(1).value()).isCloseTo(Math.PI / 3 * RADIUS_MM, within(told(1).error()));
        assertThat(findings().get(1).traits().clock().orElseThrow().words()).contains("2 to 4");
        push(KeyCode.DIGIT5);
        Point2D left = at(NEAR, 9, 3.6);
        Point2D right = at(NEAR, 3, 3.6);
        draw(left, left.midpoint(right), right);
        until(() -> lookup("#new-of-size").tryQuery().isPresent());
        MenuButton kinds = lookup("#new-of-size").queryAs(MenuButton.class);
        interact(() -> kinds.getItems().stream()
                .filter(i -> i.getText().equals("Roots"))
                .findFirst()
                .orElseThrow()
                .fire());
        until(() -> findings().size() == 3);
        assertThat(told(2).value()).isBetween(5.0, 60.0);
        assertThat(findings().get(2).phrase()).contains("% of the bore");
    }

    @Test
    void withoutABoreItIsAskedForAndThenMeasured() throws TimeoutException {
        interact(() -> job().work()
                .changes()
                .changeRun(
                        job().work().now().job().runs().getFirst().id(),
                        r -> r.from(r.opening().withPipe(r.opening().pipe().withSize(Optional.empty())))));
        push(KeyCode.W);
        until(() -> lookup("#measure-bore").tryQuery().isPresent());
        ComboBox<Optional<PipeSize>> sizes = sizes();
        interact(() -> sizes.setValue(Optional.of(PipeSize.inches(6))));
        until(() -> !read().isEmpty());
        assertThat(told("#measure-bar .soft")).contains("6 in bore");
        clickOn("#measure-done");
        until(() -> lookup("#play").query().isVisible());
    }

    /** However long it is, what the hand is to do moves nothing else in the window. */
    @Test
    void whatIsToBeDoneIsToldWithinTheBar() throws TimeoutException {
        double list = left("#findings");
        measuring();
        push(KeyCode.DIGIT2);
        until(() -> lookup("#measure-hint").query().isVisible());
        Label hint = lookup("#measure-hint").queryAs(Label.class);
        assertThat(hint.getText()).isEqualTo(Tool.LENGTH.how());
        interact(() -> hint.setText(Tool.JOINT.how() + " " + Tool.SHARE.how() + " " + Tool.JOINT.how()));
        settle();
        assertThat(left("#findings")).isEqualTo(list);
        assertThat(hint.getWidth())
                .isLessThan(lookup("#measure-bar").queryAs(Region.class).getWidth());
        click(at(NEAR, 2, 2.8));
        click(at(NEAR, 4, 2.8));
        until(() -> !read().isEmpty());
        assertThat(hint.isVisible()).isFalse();
    }

    private double left(String query) {
        return lookup(query).query().localToScene(0, 0).getX();
    }

    @SuppressWarnings("unchecked")
    private ComboBox<Optional<PipeSize>> sizes() {
        return lookup("#measure-bore").queryAs(ComboBox.class);
    }

    @Test
    void whatWasMeasuredOnAFrameIsShownThereAndToldInTheList() throws TimeoutException {
        marked("offset right");
        measuring();
        push(KeyCode.ENTER);
        until(() -> findings().getFirst().told().isPresent());
        push(KeyCode.ESCAPE);
        until(() -> told("#findings .label").stream().anyMatch(t -> t.contains("±")));
        push(KeyCode.I);
        until(() -> lookup("#finding-sheet .label").queryAllAs(Label.class).stream()
                .anyMatch(l -> l.getText().startsWith("measured on the picture")));
        clickOn("#forget-size");
        until(() -> findings().getFirst().sizes().isEmpty());
    }

    @Test
    void aFrameThatStandsIsLookedAtBeforeItIsHeld() throws TimeoutException {
        AtomicReference<HeldFrame> held = new AtomicReference<>();
        interact(
                () -> held.set(new HeldFrame(new Context(job().work(), job().player(), null, null, null, null, null))));
        until(() -> held.get().isLookedAt());
        AtomicInteger rings = new AtomicInteger();
        interact(() -> {
            held.get().onProperty().set(true);
            rings.set(held.get().hand().orElseThrow().sizes().size());
        });
        assertThat(rings).as("what is proposed within the same moment").hasPositiveValue();
        interact(() -> held.get().onProperty().set(false));
        assertThat(held.get().hand()).isEmpty();
    }
}

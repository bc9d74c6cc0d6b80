package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.finding.LocatedFinding;
import hitch.core.job.Edit;
import hitch.core.line.Ground;
import hitch.core.line.ReadFrom;
import hitch.core.measure.Distance;
import hitch.core.measure.Station;
import hitch.core.pipe.Material;
import hitch.core.rules.OwnersReach;
import hitch.core.sketch.Hot;
import hitch.core.sketch.SectionSketch;
import hitch.core.sketch.Sketch;
import hitch.core.sketch.View;
import hitch.core.survey.Way;
import java.util.Optional;
import java.util.concurrent.TimeoutException;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The Line bench, worked as a reviewer works it. */
class LineWindowTest extends OpenWindow {
    @BeforeEach
    void mark() throws TimeoutException {
        marked("4 in clay to 6 in pvc at 20 ft");
        marked("roots top heavy at 30 ft");
        marked("main connection at 39 ft");
        clickOn("#bench-line");
    }

    private boolean says(String text) {
        return lookup((Node n) -> n instanceof Label l && l.getText().contains(text) && n.getScene() != null)
                .tryQuery()
                .isPresent();
    }

    private void put(String accessible, String typed) {
        TextField field = (TextField) named(accessible);
        interact(() -> field.setText(typed));
        clickOn(field).type(KeyCode.ENTER);
    }

    @Test
    void aSpanIsPutRightInPlaceAndUndone() throws TimeoutException {
        choose("Material of 4 in clay", Optional.of(Material.CAST_IRON));
        until(() -> survey().spans().getFirst().words().equals("4 in cast iron"));
        clickOn("#undo");
        until(() -> survey().spans().getFirst().words().equals("4 in clay"));
    }

    @Test
    void aChangeOfPipeIsMovedByItsNumber() throws TimeoutException {
        put("End of 4 in clay, ft", "22.5");
        until(() -> survey().spans().getFirst().length().inFeet() > 22.4);
        put("End of 4 in clay, ft", "far");
        until(() -> notice().contains("is not a distance"));
        assertThat(survey().spans().getFirst().length().inFeet()).isBetween(22.4, 22.6);
    }

    @Test
    void keysGoFromFindingToFindingAndOpenTheFootage() throws TimeoutException {
        clickOn("#line-picture");
        for (int i = 0; i < 3; i++) {
            push(KeyCode.N);
        }
        until(() -> says("Main connection"));
        push(KeyCode.P);
        until(() -> says("Roots, at the top, heavy"));
        assertThat(says("reaches narrow")).isTrue();
        push(KeyCode.P);
        until(() -> says("from 4 in clay to 6 in PVC"));
        push(KeyCode.N);
        push(KeyCode.ENTER);
        until(() -> lookup("#bench-mark").queryAs(ToggleButton.class).isSelected());
    }

    @Test
    void aClickOnAKnotChoosesItAndTwoOpenIt() throws TimeoutException {
        Node section = lookup("#section").query();
        double width = section.getLayoutBounds().getWidth();
        Sketch sketch = SectionSketch.draw(
                survey(),
                SectionSketch.all(survey(), width).orElseThrow(),
                Optional.empty(),
                section.getLayoutBounds().getHeight());
        LocatedFinding roots = survey().findings().stream()
                .filter(f -> f.finding().wording().startsWith("roots"))
                .findFirst()
                .orElseThrow();
        Hot hot = sketch.hots().stream()
                .filter(h -> h.finding().equals(Optional.of(roots.finding().id())))
                .findFirst()
                .orElseThrow();
        Bounds on = section.localToScreen(section.getLayoutBounds());
        double x = on.getMinX() + hot.x() + hot.width() / 2;
        double y = on.getMinY() + hot.y() + hot.height() / 2;
        clickOn(x, y);
        until(() -> says("Roots, at the top, heavy"));
        doubleClickOn(x, y, org.testfx.robot.Motion.DIRECT, MouseButton.PRIMARY);
        until(() -> lookup("#bench-mark").queryAs(ToggleButton.class).isSelected());
    }

    @Test
    void aClickOnThePipeShowsThePlaceAndTwoOpenItsFootage() throws TimeoutException {
        Node section = lookup("#section").query();
        double width = section.getLayoutBounds().getWidth();
        View view = SectionSketch.all(survey(), width).orElseThrow();
        Hot pipe =
                SectionSketch.draw(
                                survey(),
                                view,
                                Optional.empty(),
                                section.getLayoutBounds().getHeight())
                        .hots()
                        .stream()
                        .filter(h -> h.pipe().isPresent())
                        .findFirst()
                        .orElseThrow();
        Station at = new Station(Distance.feet(10).mm());
        Bounds on = section.localToScreen(section.getLayoutBounds());
        double x = on.getMinX() + view.x(at);
        double y = on.getMinY() + pipe.y() + pipe.height() / 2;
        clickOn(x, y);
        until(() -> says("Nothing found here"));
        assertThat(says("10.0 ft toward the main")).isTrue();
        assertThat(says("down.mp4 at 0:02.0, going out")).isTrue();
        doubleClickOn(x, y, org.testfx.robot.Motion.DIRECT, MouseButton.PRIMARY);
        until(() -> lookup("#bench-mark").queryAs(ToggleButton.class).isSelected());
        until(() ->
                Math.abs(survey().stationAt(job().player().shown().orElseThrow().ref())
                                        .orElseThrow()
                                        .mm()
                                - at.mm())
                        < 120);
        // A finding that is chosen takes the place's place.
        clickOn("#bench-line");
        push(KeyCode.N);
        until(() -> !says("Nothing found here"));
    }

    @Test
    void keysTurnThePagesAndGoAlongThePipeButNotWhileANumberIsTyped() throws TimeoutException {
        push(KeyCode.PERIOD);
        push(KeyCode.PERIOD);
        until(() -> says("1.0 ft toward the main"));
        push(KeyCode.COMMA);
        until(() -> says("0.5 ft toward the main"));
        push(KeyCode.DIGIT6);
        until(() -> says("Known stations"));
        TextField boundary = (TextField) named("Station of the boundary");
        clickOn(boundary).type(KeyCode.DIGIT2, KeyCode.DIGIT1, KeyCode.PERIOD, KeyCode.DIGIT5);
        assertThat(says("Known stations")).isTrue();
        type(KeyCode.ENTER);
        until(() -> survey().line()
                .whose()
                .boundary()
                .equals(Optional.of(new Station(Distance.feet(21.5).mm()))));
    }

    @Test
    void aStretchIsPutInByHandAndTakenBackAndATrenchIsMeasured() throws TimeoutException {
        put("Stretch from", "25");
        until(() -> notice().contains("Stretch to: type a distance first"));
        put("Stretch to", "90");
        until(() -> notice().contains("Choose what the stretch is made of"));
        choose("Material of the stretch", Optional.of(Material.CONCRETE));
        clickOn(named("Put this stretch of pipe in"));
        until(() -> survey().spans().getLast().words().equals("6 in concrete"));
        assertThat(survey().spans()).hasSize(3);
        assertThat(survey().spans().getLast().extent().from().mm())
                .isEqualTo(Distance.feet(25).mm());
        clickOn(lookup((Node n) ->
                        n.isVisible() && "Take back what was said of this pipe by hand".equals(n.getAccessibleText()))
                .<Node>query());
        until(() -> survey().spans().size() == 2);

        marked("locate 5 ft 1 in, stake by the gate at 10 ft");
        clickOn("#line-depth");
        put("Trench from", "8");
        put("Trench to", "12");
        // 5 ft 1 in to the coil in the middle of a head that lies on the bottom, and 6 in under the pipe.
        until(() -> says("5 ft 8 in at its deepest, 4.0 ft long, with 0 ft 6 in below the pipe"));
        put("Station of F4", "15");
        until(() -> survey().line().depths().locates().getFirst().at().mm()
                == Distance.feet(15).mm());
    }

    @Test
    void aBranchIsSaidToFlowInSomewhereElse() throws TimeoutException {
        interact(() -> job().work()
                .apply(new Edit.PutRun(
                        job().work().now().job().runs().getFirst().on("kitchen"))));
        until(() -> survey().line().tied().branches().size() == 1);
        clickOn("#line-runs");
        assertThat(says("join not known")).isTrue();
        put("Station where the kitchen branch joins", "30.5");
        until(() -> survey().line().way("kitchen").flatMap(Way::join).isPresent());
        assertThat(says("joins at 30.5 ft toward the main")).isTrue();
        put("Station where the kitchen branch joins", "");
        until(() -> survey().line().way("kitchen").flatMap(Way::join).isEmpty());
    }

    @Test
    void theGroundIsSaidAndPutRight() throws TimeoutException {
        clickOn("#line-depth");
        choose("How the ground lies", Ground.Known.SLOPE);
        until(() -> job().work().now().job().line().ground().known() == Ground.Known.SLOPE);
        put("Rise of the ground going with the flow, percent", "-2.5");
        until(() -> job().work().now().job().line().ground().percent() == -2.5);
        choose("How the ground lies", Ground.Known.HEIGHTS);
        until(() -> job().work().now().job().line().ground().heights().size() == 2);
        put("Heights of the ground", "0: 0, 39: -1.5, 20: -0.2");
        until(() -> job().work().now().job().line().ground().heights().size() == 3);
        put("Heights of the ground", "0 and 3");
        until(() -> notice().contains("could not be read as heights"));
    }

    @Test
    void distancesAreReadFromTheMainAndABoundaryIsTyped() throws TimeoutException {
        choose("Read distances from", ReadFrom.MAIN);
        until(() -> survey().line().stationing().from() == ReadFrom.MAIN);
        clickOn("#line-runs");
        put("Station of the boundary", "25");
        until(() -> survey().line().whose().boundary().isPresent()
                && survey().line().whose().typed());
        clickOn("#line-seen");
        assertThat(says("seen well")).isTrue();
        clickOn("#line-openings");
        assertThat(says("two-way cleanout")).isTrue();
    }

    private int[] drawn() {
        Node section = lookup("#section").query();
        int[][] pixels = new int[1][];
        interact(() -> {
            WritableImage shot = section.snapshot(null, null);
            int width = (int) shot.getWidth();
            int height = (int) shot.getHeight();
            pixels[0] = new int[width * height];
            shot.getPixelReader().getPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels[0], 0, width);
        });
        return pixels[0];
    }

    @Test
    void wheelAndKeysGoAlongTheLine() {
        Node section = lookup("#section").query();
        interact(() -> section.getScene().getRoot().requestFocus());
        int[] all = drawn();
        push(KeyCode.PLUS);
        int[] near = drawn();
        assertThat(near).isNotEqualTo(all);
        push(KeyCode.RIGHT);
        assertThat(drawn()).isNotEqualTo(near);
        push(KeyCode.DIGIT0);
        assertThat(drawn()).isEqualTo(all);
        moveTo(section);
        scroll(3, javafx.geometry.VerticalDirection.UP);
        assertThat(drawn()).isNotEqualTo(all);
    }

    @Test
    void withoutAPrinterItIsSaidWhatElseCanBeDone() throws TimeoutException {
        clickOn(named("Print the drawing"));
        until(() -> notice().contains("No printer answers here. Save the drawing instead"));
    }

    @Test
    void aHouseRuleOfTheLineIsSet() throws TimeoutException {
        clickOn("#open-firm");
        choose("The owner's pipe goes", "to-the-curb");
        until(() -> survey().rules().line().owners() == OwnersReach.TO_THE_CURB);
        assertThat(survey().line().whose().boundary()).isEmpty();
    }
}

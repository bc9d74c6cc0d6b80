package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.footage.ClipId;
import hitch.desk.play.Player;
import hitch.media.NumberedFootage;
import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeoutException;
import javafx.geometry.Point2D;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import org.junit.jupiter.api.Test;

/** Footage under the hand: scrubbing, speeds, loops, seeing better, and clips that come, move and get lost. */
class FootageWindowTest extends OpenWindow {
    private Player player() {
        return job().player();
    }

    private Player.Frame frame() {
        return player().shown().orElseThrow();
    }

    private int carried() {
        return NumberedFootage.read(frame().picture().rgb(), NumberedFootage.WIDTH);
    }

    private Point2D on(String id, double share) {
        Region region = lookup(id).queryAs(Region.class);
        return region.localToScreen(20 + (region.getWidth() - 40) * share, region.getHeight() / 2);
    }

    private void goTo(int number) throws TimeoutException {
        interact(() -> player().seek(frame().clip(), number / 25.0 + 0.02));
        until(() -> frame().number() == number);
    }

    @Test
    void scrubbingShowsPicturesAndRestsOnTheExactFrame() throws TimeoutException {
        moveTo(on("#time", 0.1)).press(javafx.scene.input.MouseButton.PRIMARY);
        for (double share = 0.1; share < 0.71; share += 0.05) {
            moveTo(on("#time", share));
        }
        until(() -> Math.abs(frame().number() - 140) <= 1);
        assertThat(carried()).isEqualTo(frame().number());
        release(javafx.scene.input.MouseButton.PRIMARY);
        until(() -> Math.abs(frame().number() - 140) <= 1);
        assertThat(carried()).isEqualTo(frame().number());
    }

    @Test
    void steppingBackShowsEveryFrame() throws TimeoutException {
        goTo(120);
        for (int number = 119; number > 75; number--) {
            int wanted = number;
            type(KeyCode.LEFT);
            until(() -> frame().number() == wanted);
            assertThat(carried()).isEqualTo(wanted);
        }
    }

    @Test
    void playsBackwardToTheBeginning() throws TimeoutException {
        goTo(30);
        type(KeyCode.B);
        type(KeyCode.UP);
        assertThat(player().speedProperty().get()).isEqualTo(-2);
        type(KeyCode.SPACE);
        until(() -> !player().playingProperty().get());
        until(() -> frame().number() == 0);
        assertThat(carried()).isZero();
    }

    @Test
    void repeatsAStretchUntilToldOtherwise() throws TimeoutException {
        goTo(50);
        type(KeyCode.L);
        goTo(60);
        type(KeyCode.L);
        assertThat(player().loopProperty().get().from()).isCloseTo(2.0, within(0.05));
        assertThat(player().loopProperty().get().to()).isCloseTo(2.4, within(0.05));
        assertThat(player().playingProperty().get()).isTrue();
        java.util.Set<Integer> seen = new java.util.HashSet<>();
        interact(() -> player().shownProperty().addListener((o, was, is) -> seen.add(is.number())));
        until(() -> seen.contains(51) && seen.contains(58));
        seen.clear();
        until(() -> seen.contains(51) && seen.contains(58));
        assertThat(seen).allMatch(n -> n >= 49 && n <= 61);
        type(KeyCode.L);
        assertThat(player().loopProperty().get()).isNull();
    }

    @Test
    void turnsOverFromHereOnAndBack() throws TimeoutException {
        goTo(50);
        int[] before = frame().picture().rgb().clone();
        type(KeyCode.U);
        until(() -> !frame().adjustment().isNone());
        int[] turned = frame().picture().rgb();
        assertThat(turned[0]).isEqualTo(before[before.length - 1]);
        assertThat(text("#seen-through")).isEqualTo("turned 180 degrees");
        goTo(40);
        assertThat(frame().adjustment().isNone()).isTrue();
        goTo(100);
        type(KeyCode.U);
        until(() -> frame().adjustment().isNone());
        goTo(99);
        assertThat(frame().adjustment().isNone()).isFalse();
        type(KeyCode.O);
        until(() -> text("#seen-through").equals("as recorded (O)"));
        assertThat(carried()).isEqualTo(99);
        clickOn("#undo");
        clickOn("#undo");
        until(() -> job().work().now().job().adjustments().values().stream()
                .allMatch(a -> a.spans().isEmpty()));
    }

    @Test
    void theStillOfAFindingIsTakenAsItIsLookedAt() throws TimeoutException {
        goTo(50);
        type(KeyCode.U);
        until(() -> !frame().adjustment().isNone());
        type(KeyCode.N);
        write("roots top").type(KeyCode.ENTER);
        until(() -> survey().findings().size() == 1);
        var finding = survey().findings().getFirst().finding();
        Path still = job().work().still(finding);
        until(() -> Files.exists(still) && Files.exists(job().work().folder().untouchedStill(finding)));
        assertThat(still).isNotEqualTo(job().work().folder().untouchedStill(finding));
    }

    @Test
    void aClickOnTheChartGoesToThatFrame() throws TimeoutException {
        Region chart = lookup("#chart").queryAs(Region.class);
        double x = 112 + (chart.getWidth() - 132) * 0.25;
        clickOn(chart.localToScreen(x, 90));
        until(() -> Math.abs(frame().number() - 50) <= 1);
        assertThat(carried()).isEqualTo(frame().number());
        type(KeyCode.EQUALS, 3);
        int before = frame().number();
        // Three strokes show 3.4 times less about the play head, so forty pixels are two frames and not seven.
        clickOn(chart.localToScreen(x + 40, 90));
        until(() -> frame().number() > before);
        assertThat(frame().number()).isBetween(before + 1, before + 4);
        type(KeyCode.DIGIT0);
        clickOn(chart.localToScreen(112 + (chart.getWidth() - 132) * 0.75, 90));
        until(() -> Math.abs(frame().number() - 150) <= 1);
    }

    @Test
    void droppedFoldersComeInOrderAndClipsAreReordered() throws Exception {
        Path card = Files.createDirectories(folder.resolve("card"));
        NumberedFootage.write(card.resolve("clip10.mp4"), 26);
        NumberedFootage.write(card.resolve("clip9.mp4"), 25);
        Files.writeString(card.resolve("readme.txt"), "not footage");
        Files.writeString(card.resolve("zero.mp4"), "");
        clickOn("#bench-load");
        interact(() -> drop(card.toFile()));
        until(() -> clips().equals(List.of("down", "clip9", "clip10")));
        clickOn("#earlier-clip10");
        until(() -> clips().equals(List.of("down", "clip10", "clip9")));
        clickOn("#undo");
        until(() -> clips().equals(List.of("down", "clip9", "clip10")));
    }

    private void drop(File file) {
        ((hitch.desk.load.DropTarget) lookup("#clips-pane").query()).add(List.of(file));
    }

    private List<String> clips() {
        return job().work().now().job().clips().stream()
                .map(c -> c.id().value())
                .toList();
    }

    @Test
    void aMissingClipIsFoundAgainWhenTheJobIsOpened() throws Exception {
        until(() -> job().work().clips().state(frame().clip()).looked());
        Path job = folder.resolve("job");
        Files.createDirectories(job.resolve("moved"));
        Files.move(job.resolve("down.mp4"), job.resolve("moved/elsewhere.mp4"));
        clickOn("Jobs");
        interact(() -> window.open(job));
        until(() -> window.job().isPresent());
        until(() -> job().work().now().job().clips().getFirst().file().equals("moved/elsewhere.mp4"));
        clickOn("#bench-load");
        until(() -> job().work()
                .clips()
                .state(job().work().now().job().clips().getFirst())
                .looked());
    }

    @Test
    void aClipThatIsNowhereSaysSoAndOffersToLook() throws Exception {
        until(() -> job().work().clips().state(frame().clip()).looked());
        Path job = folder.resolve("job");
        Files.move(job.resolve("down.mp4"), folder.resolve("gone.bin"));
        Files.write(folder.resolve("gone.bin"), new byte[] {1});
        clickOn("Jobs");
        interact(() -> window.open(job));
        until(() -> window.job().isPresent());
        clickOn("#bench-load");
        until(() -> lookup("#find-down").tryQuery().map(n -> n.isVisible()).orElse(false));
        assertThat(job().work().clips().states().get(new ClipId("down")).trouble())
                .contains("no file beside the job has its fingerprint");
    }

    @Test
    void aClipWithoutACounterSaysSoAndKeepsItsReadings() throws TimeoutException {
        var before = job().work().now().job().counterOf(frame().clip().id()).byHand();
        type(KeyCode.K);
        until(() -> lookup((javafx.scene.Node n) ->
                        n instanceof Label l && l.getText().startsWith("No counter was found on down.mp4"))
                .tryQuery()
                .isPresent());
        assertThat(before).hasSize(2);
        assertThat(job().work().now().job().counterOf(frame().clip().id()).byHand())
                .isEqualTo(before);
    }

    @Test
    void aSpeedIsChosenByHandAndByKey() throws TimeoutException {
        @SuppressWarnings("unchecked")
        ComboBox<Double> speed = lookup("#speed").queryAs(ComboBox.class);
        interact(() -> speed.setValue(16.0));
        assertThat(player().speedProperty().get()).isEqualTo(16);
        type(KeyCode.DOWN);
        assertThat(speed.getValue()).isEqualTo(8);
        // Eight times as fast is beyond what can be listened to, device or none.
        until(() -> text("#sound").equals("silent"));
    }
}

package hitch.desk;

import hitch.core.finding.FindingId;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.footage.HiddenArea;
import hitch.core.footage.Patch;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.survey.Survey;
import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.testfx.util.WaitForAsyncUtils;

/** The real window with a small job open, its first frame on show. */
public abstract class OpenWindow extends QuickHand {
    /** Says nothing, for as long as the words would take: the real voice needs longer to begin than most tests. */
    static final Narrator STAND_IN = text -> new Sound(new float[text.length() * Narrator.RATE / 120], Narrator.RATE);

    protected Path folder;
    protected HitchWindow window;

    @Override
    public void start(Stage stage) throws Exception {
        folder = Files.createTempDirectory("hitch-window");
        window = new HitchWindow(stage, folder.resolve("data"), senses());
        window.show(Optional.of(create(folder.resolve("job"))));
    }

    /** What is spoken and heard with. */
    protected Senses senses() {
        return Senses.of(STAND_IN);
    }

    /** The job to open. */
    protected Path create(Path job) throws Exception {
        return SmallJob.create(job);
    }

    @BeforeEach
    void waitForTheFirstFrame() throws TimeoutException {
        until(() -> window.job().isPresent() && job().player().shown().isPresent());
    }

    @AfterEach
    void clean() throws IOException {
        interact(() -> window.job().ifPresent(JobView::close));
        delete(folder);
    }

    protected static void delete(Path whole) throws IOException {
        try (var all = Files.walk(whole)) {
            all.sorted(java.util.Comparator.reverseOrder())
                    .forEach(p -> p.toFile().delete());
        }
    }

    /** Waits until a thing is so; what is not there yet is not so. */
    protected static void until(Callable<Boolean> condition) throws TimeoutException {
        untilTried(() -> {}, condition);
    }

    /** Does a thing with the hand again and again until it has had its effect. */
    protected static void untilTried(Runnable act, Callable<Boolean> effect) throws TimeoutException {
        WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> {
            act.run();
            return isSo(effect);
        });
        settle();
    }

    /** Opens Hand over and waits until it is told how each parcel stands; rows move while that comes in. */
    protected void handOver() throws TimeoutException {
        clickOn("#bench-hand-over");
        parcelsAreTold();
    }

    protected void parcelsAreTold() throws TimeoutException {
        until(() -> told("#parcels .parcel-state").stream().noneMatch(String::isEmpty));
    }

    /** What is checked before the parcel that is chosen goes out, sentence by sentence. */
    protected List<String> checks() {
        return told("#checks .label");
    }

    /** What labels say; asked on the interface thread, where they are changed. */
    protected List<String> told(String labels) {
        return WaitForAsyncUtils.waitForAsyncFx(
                60_000,
                () -> lookup(labels).queryAllAs(Label.class).stream()
                        .map(Label::getText)
                        .toList());
    }

    /** Marks something without typing it, at the frame on show; a place that is named stands. */
    protected void marked(String words) throws TimeoutException {
        FindingId id = job().work().now().job().nextId();
        interact(() -> {
            Job now = job().work().now().job();
            FrameRef frame = job().player().shown().orElseThrow().ref();
            job().work()
                    .apply(new Edit.AddFinding(new TradeNoteReader()
                            .read(words, now.facts().unit())
                            .first()
                            .at(id, frame, now.runOf(frame.clip()))));
        });
        until(() -> survey().finding(id).isPresent());
    }

    /** Hides something on every picture of a clip. */
    protected void hideOn(ClipId clip) throws TimeoutException {
        interact(() -> job().work()
                .apply(new Edit.HideArea(new HiddenArea(
                        "hide:1",
                        clip,
                        0,
                        Long.MAX_VALUE / 2,
                        new Patch(0, 0, 900, 900),
                        new Patch(0, 0, 900, 900),
                        "a plate",
                        ""))));
        until(() -> !job().work().now().job().hiding().areas().isEmpty());
    }

    /** What is called so by those who do not see it. */
    protected Node named(String accessible) {
        return there(lookup((Node n) -> accessible.equals(n.getAccessibleText())));
    }

    @SuppressWarnings("unchecked")
    protected <T> void choose(String accessible, T value) {
        ComboBox<T> box = (ComboBox<T>) named(accessible);
        interact(() -> box.setValue(value));
    }

    /** Types into a field and presses Enter. */
    protected void keep(TextField field, String text) {
        interact(() -> {
            field.requestFocus();
            field.setText(text);
            field.getOnAction().handle(null);
        });
    }

    protected JobView job() {
        return window.job().orElseThrow();
    }

    protected Survey survey() {
        return job().work().now().survey();
    }

    /** What the window last said. */
    protected String notice() {
        return job().work().notices().textProperty().get();
    }

    protected String text(String id) {
        return lookup(id).queryAs(Label.class).getText();
    }
}

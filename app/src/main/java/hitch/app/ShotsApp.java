package hitch.app;

import hitch.core.counter.CounterTrace;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.FrameRef;
import hitch.desk.HitchWindow;
import hitch.desk.JobView;
import hitch.desk.Senses;
import hitch.desk.key.Act;
import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Comparator;
import java.util.Deque;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import javafx.animation.PauseTransition;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.stage.Stage;
import javafx.util.Duration;
import javax.imageio.ImageIO;

/** Walks through the benches of the demo job on the headless platform and draws each. */
public final class ShotsApp extends Application {
    private static final String[] BENCHES = {"load", "mark", "line", "judge", "cut", "hand-over"};
    private static Path out;
    private static Exception trouble;

    private final Deque<Runnable> steps = new ArrayDeque<>();
    private Stage stage;

    static void draw(Path folder) throws Exception {
        out = folder;
        System.setProperty("glass.platform", "Headless");
        System.setProperty("prism.order", "sw");
        Application.launch(ShotsApp.class);
        if (trouble != null) {
            throw trouble;
        }
    }

    /** A click near the beginning of what it falls on. */
    private static final MouseEvent CLICK = new MouseEvent(
            MouseEvent.MOUSE_CLICKED,
            20,
            10,
            20,
            10,
            MouseButton.PRIMARY,
            1,
            false,
            false,
            false,
            false,
            true,
            false,
            false,
            true,
            false,
            true,
            null);

    /** Pictures are silent. */
    private static final Narrator SILENT = text -> new Sound(new float[1], Narrator.RATE);

    @Override
    public void start(Stage stage) throws Exception {
        this.stage = stage;
        Path data = Files.createTempDirectory("hitch-shots");
        HitchWindow window = new HitchWindow(stage, data, Senses.of(SILENT));
        window.show(Optional.empty());
        steps.add(() -> save("start"));
        steps.add(window::demo);
        steps.add(() -> await(() -> window.job().isPresent()));
        steps.add(() -> await(() -> allLookedThrough(window.job().orElseThrow())));
        for (boolean dark : new boolean[] {false, true}) {
            for (int i = 0; i < BENCHES.length; i++) {
                int number = i;
                steps.add(() -> {
                    window.theme().darkProperty().set(dark);
                    JobView job = window.job().orElseThrow();
                    job.show(number);
                    if (number == 1) {
                        // A frame where something is to be seen, and a note half typed.
                        job.player().seek(job.work().now().job().clips().get(2), 41.2);
                        ((ListView<?>) stage.getScene().lookup("#findings"))
                                .getSelectionModel()
                                .select(7);
                        ((TextField) stage.getScene().lookup("#note")).setText("roots top heavy, a third of the bore");
                    }
                });
                if (number == 4 && !dark) {
                    // A paragraph under the hand, its shot beside it.
                    steps.add(() -> stage.getScene()
                            .lookup("#shot-finding-F9 .script-plain")
                            .fireEvent(CLICK));
                }
                if (number <= 1 || number == 4) {
                    // Stills and films are loaded in the background; two more beats let them arrive.
                    steps.add(ShotsApp::rest);
                    steps.add(ShotsApp::rest);
                }
                if (dark && number == BENCHES.length - 1) {
                    // A district is asked for, of which more is asked first.
                    steps.add(() -> ((ToggleButton) stage.getScene().lookup("#recipient-district")).fire());
                    steps.add(ShotsApp::rest);
                    steps.add(ShotsApp::rest);
                }
                steps.add(this::noFolderOfThisMachine);
                if (number > 0 || !dark) {
                    steps.add(() -> save(BENCHES[number] + (dark ? "-dark" : "")));
                }
            }
        }
        below(window);
        measured(window);
        told(window);
        details(window);
        spoken(window);
        counter(window);
        steps.add(() -> ((Button) stage.getScene().lookup("#open-keys")).fire());
        steps.add(() -> save("keys"));
        steps.add(() -> delete(data));
        steps.add(Platform::exit);
        next();
    }

    /** A folder as if chosen by hand, which stays; looked for only once its bench lies on the window. */
    private void noFolderOfThisMachine() {
        if (stage.getScene().lookup("#out-folder") instanceof TextField folder) {
            folder.setText("Deliveries/7-teasel-lane");
        }
    }

    /** The lower part of Load: photographs and water. */
    private void below(HitchWindow window) {
        steps.add(() -> {
            window.theme().darkProperty().set(false);
            window.job().orElseThrow().show(0);
        });
        steps.add(() -> ((ScrollPane) stage.getScene().lookup("#load-page")).setVvalue(1));
        steps.add(ShotsApp::rest);
        steps.add(() -> save("photographs"));
    }

    /** A joint that stands off, measured on the held frame. */
    private void measured(HitchWindow window) {
        steps.add(() -> {
            JobView job = window.job().orElseThrow();
            job.show(1);
            ((TextField) stage.getScene().lookup("#note")).clear();
            job.player().seek(job.work().now().job().clips().getFirst(), 10.5);
        });
        steps.add(ShotsApp::rest);
        steps.add(() -> ((Button) stage.getScene().lookup("#measure")).fire());
        steps.add(() -> await(() -> stage.getScene().lookup("#measured .measure") != null));
        steps.add(() -> save("measure"));
        steps.add(() -> ((Button) stage.getScene().lookup("#measure-done")).fire());
    }

    /** What was told rather than found. */
    private void told(HitchWindow window) {
        steps.add(() -> {
            window.theme().darkProperty().set(false);
            window.job().orElseThrow().show(2);
        });
        steps.add(() -> ((ToggleButton) stage.getScene().lookup("#line-told")).fire());
        steps.add(() -> save("told"));
    }

    /** All that is said of the condition that has the most said of it, at its frame. */
    private void details(HitchWindow window) {
        steps.add(() -> window.job().orElseThrow().show(1));
        steps.add(() -> {
            ((TextField) stage.getScene().lookup("#note")).clear();
            JobView job = window.job().orElseThrow();
            LocatedFinding most = job.work().now().survey().findings().stream()
                    .filter(f -> f.finding().kind().family() == FindingKind.Family.CONDITION)
                    .max(Comparator.comparingInt(
                            f -> f.finding().traits().details().all().size()))
                    .orElseThrow();
            FrameRef at = most.finding().frame();
            job.player().seek(job.work().now().job().clip(at.clip()).orElseThrow(), at);
            @SuppressWarnings("unchecked")
            ListView<LocatedFinding> list =
                    (ListView<LocatedFinding>) stage.getScene().lookup("#findings");
            list.getSelectionModel().select(most);
            ((ToggleButton) stage.getScene().lookup("#show-details")).fire();
        });
        steps.add(ShotsApp::rest);
        steps.add(() -> save("details"));
    }

    /** What was said on the demo's clips, in the queue. */
    private void spoken(HitchWindow window) {
        steps.add(() -> {
            window.theme().darkProperty().set(false);
            window.job().orElseThrow().show(1);
            ((TextField) stage.getScene().lookup("#note")).setText("crack left at 21, quarter inch");
            ((ToggleButton) stage.getScene().lookup("#show-spoken")).setSelected(true);
            ((ListView<?>) stage.getScene().lookup("#spoken"))
                    .getSelectionModel()
                    .select(4);
        });
        steps.add(ShotsApp::rest);
        steps.add(() -> save("spoken"));
        steps.add(() -> {
            ((TextField) stage.getScene().lookup("#note")).clear();
            ((ToggleButton) stage.getScene().lookup("#show-findings")).setSelected(true);
        });
    }

    /** The counter of a clip read off its pictures. */
    private void counter(HitchWindow window) {
        steps.add(() -> {
            window.theme().darkProperty().set(false);
            window.job().orElseThrow().show(1);
        });
        steps.add(() -> Event.fireEvent(window.job().orElseThrow(), Act.READ_COUNTER.pressed()));
        steps.add(() -> await(() -> window.job().orElseThrow().work().now().survey().traces().values().stream()
                .anyMatch(CounterTrace::isRead)));
        steps.add(ShotsApp::rest);
        steps.add(() -> save("counter"));
    }

    private static boolean allLookedThrough(JobView job) {
        return job.work().now().job().clips().stream()
                .allMatch(c -> job.work().clips().state(c).looked());
    }

    private static void rest() {
        // Nothing to do but let a beat pass.
    }

    /** Comes back to the same step until {@code ready}. */
    private void await(BooleanSupplier ready) {
        if (!ready.getAsBoolean()) {
            steps.addFirst(() -> await(ready));
        }
    }

    private void next() {
        PauseTransition pause = new PauseTransition(Duration.millis(1400));
        pause.setOnFinished(e -> {
            try {
                steps.removeFirst().run();
                if (!steps.isEmpty()) {
                    next();
                }
            } catch (RuntimeException problem) {
                trouble = problem;
                Platform.exit();
            }
        });
        pause.play();
    }

    private void save(String name) {
        Scene scene = stage.getScene();
        WritableImage shot = scene.snapshot(null);
        int width = (int) shot.getWidth();
        int height = (int) shot.getHeight();
        int[] pixels = new int[width * height];
        shot.getPixelReader().getPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        image.setRGB(0, 0, width, height, pixels, 0, width);
        try {
            ImageIO.write(image, "png", out.resolve(name + ".png").toFile());
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static void delete(Path folder) {
        try (Stream<Path> all = Files.walk(folder)) {
            all.sorted(java.util.Comparator.reverseOrder())
                    .forEach(p -> p.toFile().delete());
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}

package hitch.desk;

import hitch.core.job.Edit;
import hitch.core.job.PropertyFacts;
import hitch.core.rules.HouseRules;
import hitch.desk.handover.Seals;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.sim.DemoJob;
import hitch.store.FirmFolder;
import hitch.store.FirmProfile;
import hitch.store.JobFolder;
import hitch.store.RecentJobs;
import hitch.store.StoreException;
import hitch.store.seal.Verified;
import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.DirectoryChooser;
import javafx.stage.Stage;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The one window: the start screen, or an open job. */
public final class HitchWindow implements StartScreen.Choices {
    private static final Logger LOG = LoggerFactory.getLogger(HitchWindow.class);

    private final Stage stage;
    private final Path data;
    private final Senses senses;
    private final RecentJobs recent;
    private final Theme theme = new Theme();
    private final Notices notices = new Notices();
    private final Leaving leaving = new Leaving();
    private Scene scene;
    private JobView job;

    /**
     * @param data the user's data folder
     * @param senses what is spoken and heard with
     */
    public HitchWindow(Stage stage, Path data, Senses senses) {
        this.stage = stage;
        this.senses = senses;
        this.data = data;
        this.recent = new RecentJobs(data);
    }

    public Theme theme() {
        return theme;
    }

    /** Shows the window: with a job, or with the start screen. */
    public void show(Optional<Path> folder) {
        StartScreen start = new StartScreen(recent.list(), this, notices);
        scene = new Scene(start, 1280, 800);
        theme.dress(scene);
        stage.setTitle("Hitch");
        stage.setMinWidth(1100);
        stage.setMinHeight(700);
        stage.setScene(scene);
        stage.setOnCloseRequest(e -> {
            e.consume();
            leaving.leave(job, () -> leaving.exit(stage));
        });
        stage.show();
        folder.ifPresent(this::open);
    }

    public Optional<JobView> job() {
        return Optional.ofNullable(job);
    }

    private void home() {
        leaving.leave(job, this::start);
    }

    private void start() {
        job = null;
        notices.close();
        stage.setTitle("Hitch");
        scene.setRoot(new StartScreen(recent.list(), this, notices));
    }

    @Override
    public void open(Path folder) {
        if (job != null) {
            leaving.leave(job, () -> {
                start();
                open(folder);
            });
            return;
        }
        Optional<Workspace> stillOpen = leaving.takeBack(folder);
        if (stillOpen.isPresent()) {
            notices.close();
            enter(stillOpen.get());
        } else {
            later(() -> JobFolder.open(folder), this::enter);
        }
    }

    private void enter(JobFolder folder) {
        notices.close();
        enter(new Workspace(folder, notices, senses, new FirmFolder(data)));
    }

    private void enter(Workspace work) {
        recent.opened(work.folder().folder());
        job = new JobView(work, theme, this::home);
        scene.setRoot(job);
        String title = work.now().job().facts().title();
        stage.setTitle(title + " - Hitch");
    }

    @Override
    public void newJob() {
        String stamp = LocalDateTime.now().format(DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss"));
        later(() -> created(data.resolve("jobs").resolve("job-" + stamp)), this::enter);
    }

    /** A new job, with a copy of the firm's rules. */
    private JobFolder created(Path where) throws StoreException {
        HouseRules rules = HouseRules.DEFAULT;
        try {
            rules = new FirmFolder(data).rules();
        } catch (StoreException e) {
            LOG.warn("the firm's rules cannot be read", e);
            notices.say(e.getMessage());
        }
        JobFolder job = JobFolder.create(where);
        if (!rules.equals(HouseRules.DEFAULT)) {
            job.apply(new Edit.TakeRules(rules));
        }
        FirmProfile firm = profile();
        if (!firm.equals(FirmProfile.BLANK)) {
            job.apply(new Edit.DescribeProperty(PropertyFacts.BLANK
                    .withFirm(firm.name())
                    .withReviewer(firm.people().stream().findFirst().orElse(""))));
        }
        return job;
    }

    private FirmProfile profile() {
        try {
            return new FirmFolder(data).profile();
        } catch (StoreException e) {
            LOG.warn("who the firm is cannot be read", e);
            notices.say(e.getMessage());
            return FirmProfile.BLANK;
        }
    }

    @Override
    public void chooseJob() {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle("Open a job folder");
        File chosen = chooser.showDialog(stage);
        if (chosen != null) {
            open(chosen.toPath());
        }
    }

    @Override
    public void chooseParcel() {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle("Check a folder that was handed over");
        File chosen = chooser.showDialog(stage);
        if (chosen != null) {
            verify(chosen.toPath());
        }
    }

    @Override
    public void verify(Path folder) {
        notices.say("Checking " + folder.getFileName() + "…");
        aside("The parcel could not be checked.", () -> Seals.words(Verified.of(folder, Progress.NONE)), notices::say);
    }

    @Override
    public void demo() {
        notices.say("Setting up a fresh copy of the demo job…");
        later(() -> JobFolder.open(freshDemo(DemoJob.FIRST, data)), this::enter);
    }

    /** Makes a fresh copy of a demo job and tells where. */
    public static Path freshDemo(DemoJob which, Path data) throws StoreException, MediaException {
        Path demos = data.resolve("demo");
        int number = 1;
        while (Files.exists(demos.resolve(which.folder() + "-" + number))) {
            number++;
        }
        Path folder = demos.resolve(which.folder() + "-" + number);
        which.create(folder, Progress.NONE);
        return folder;
    }

    private void later(Aside<JobFolder> opening, Consumer<JobFolder> then) {
        aside("The job could not be opened. Nothing in it was changed.", opening, then);
    }

    private interface Aside<T> {
        T done() throws StoreException, MediaException;
    }

    /**
     * Does something off the interface thread and hands what came of it back on it.
     *
     * @param trouble what to say where it cannot be done and nobody knows why
     */
    private <T> void aside(String trouble, Aside<T> work, Consumer<T> then) {
        CompletableFuture.runAsync(() -> {
            try {
                T result = work.done();
                Platform.runLater(() -> then.accept(result));
            } catch (StoreException | MediaException e) {
                LOG.warn(trouble, e);
                notices.say(e.getMessage());
            } catch (RuntimeException e) {
                LOG.error(trouble, e);
                notices.say(trouble + " The log tells more.");
            }
        });
    }
}

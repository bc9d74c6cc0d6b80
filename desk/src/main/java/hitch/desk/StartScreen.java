package hitch.desk;

import hitch.desk.widget.Labels;
import hitch.store.JobFolder;
import hitch.store.seal.Verified;
import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Recent jobs, a new one, one from disk, or the demo. */
final class StartScreen extends BorderPane {
    /** What can be chosen here. */
    interface Choices {
        void open(Path folder);

        void newJob();

        void chooseJob();

        void demo();

        /** Holds what was handed over against its manifest. */
        void verify(Path folder);

        void chooseParcel();
    }

    StartScreen(List<Path> recent, Choices choices, Notices notices) {
        Label brand = Labels.of("Hitch", "brand-large");
        Label line = Labels.of("From a camera's clips to a narrated record of the pipe.", "soft", "large");
        Button make = Labels.button("New job", "", "Make a new job", choices::newJob);
        Button open = Labels.button("Open", "", "Open a job from disk", choices::chooseJob);
        Button demo = Labels.button("Demo", "", "Open a fresh copy of the demo job", choices::demo);
        demo.setId("demo");
        make.getStyleClass().add("main-action");
        Button check = Labels.button(
                "Check a parcel", "", "Hold a folder that was handed over against its manifest", choices::chooseParcel);
        check.setId("check-parcel");
        HBox actions = new HBox(8, make, open, demo, check);
        VBox jobs = new VBox(4, Labels.heading("Recent jobs"));
        if (recent.isEmpty()) {
            jobs.getChildren().add(Labels.of("None yet. The demo shows a whole job from clips to video.", "soft"));
        }
        for (Path folder : recent) {
            Button job = new Button(folder.getFileName().toString());
            job.setGraphic(Labels.of(
                    folder.getParent() == null ? "" : folder.getParent().toString(), "soft"));
            job.setContentDisplay(javafx.scene.control.ContentDisplay.BOTTOM);
            job.getStyleClass().add("job-row");
            job.setAlignment(Pos.CENTER_LEFT);
            job.setMaxWidth(Double.MAX_VALUE);
            job.setAccessibleText("Open " + folder);
            job.setOnAction(e -> choices.open(folder));
            jobs.getChildren().add(job);
        }
        VBox page = new VBox(20, brand, line, actions, jobs);
        page.getStyleClass().add("start");
        page.setMaxWidth(720);
        BorderPane.setAlignment(page, Pos.TOP_LEFT);
        setCenter(page);
        setBottom(new NoticeStrip(notices));
        setOnDragOver(e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(javafx.scene.input.TransferMode.LINK);
            }
        });
        setOnDragDropped(e -> e.getDragboard().getFiles().stream()
                .map(f -> f.isDirectory() ? f.toPath() : f.toPath().getParent())
                .findFirst()
                .ifPresent(folder -> dropped(folder, choices)));
    }

    /** A job is opened; what was handed over is held against its manifest. */
    private static void dropped(Path folder, Choices choices) {
        if (folder.resolve(JobFolder.JOURNAL).toFile().exists()) {
            choices.open(folder);
        } else if (folder.resolve(Verified.MANIFEST).toFile().exists()) {
            choices.verify(folder);
        }
    }
}

package hitch.desk.handover;

import hitch.core.job.Parcels;
import hitch.desk.Context;
import hitch.paper.ReportPage;
import hitch.sim.outbox.FolderOutbox;
import hitch.store.FileNames;
import hitch.store.send.Destination;
import hitch.store.send.ToFolder;
import hitch.store.send.ToZip;
import hitch.store.send.Upload;
import hitch.store.send.UploadService;
import java.io.File;
import java.nio.file.Path;
import java.util.function.BiConsumer;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/** The ways that a parcel goes out of the door. */
final class Ways {
    private final Context desk;
    private final BiConsumer<Parcels.Issue, Destination> send;

    Ways(Context desk, BiConsumer<Parcels.Issue, Destination> send) {
        this.desk = desk;
        this.send = send;
    }

    /** The service that parcels are uploaded to: a folder of this machine that acts as one. */
    UploadService outbox() {
        return new FolderOutbox(desk.work().firm().outbox(), FolderOutbox.Line.USUAL);
    }

    /** What an issue is called where it goes. */
    String name(Parcels.Issue issue) {
        return FileNames.safe(desk.work().now().survey().facts().title()) + "-"
                + issue.made().recipient() + "-" + issue.made().issue();
    }

    MenuButton menu(Parcels.Issue issue, Path folder) {
        MenuButton menu = new MenuButton("Send");
        menu.getStyleClass().add("quiet-act");
        menu.setAccessibleText("Send issue " + issue.made().issue());
        menu.getItems()
                .addAll(
                        item("Into a folder or onto a stick…", () -> toFolder(issue, menu)),
                        item("As one zip file…", () -> toZip(issue, menu)),
                        item(
                                "To the client's outbox (simulated)",
                                () -> send.accept(issue, new Upload(outbox(), name(issue)))));
        return menu;
    }

    private static MenuItem item(String words, Runnable run) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(e -> run.run());
        return item;
    }

    private static Window window(MenuButton menu) {
        return menu.getScene().getWindow();
    }

    private void toFolder(Parcels.Issue issue, MenuButton menu) {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle("Put a folder with the parcel into");
        File chosen = chooser.showDialog(window(menu));
        if (chosen != null) {
            send.accept(issue, new ToFolder(chosen.toPath(), name(issue)));
        }
    }

    private void toZip(Parcels.Issue issue, MenuButton menu) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Pack the parcel into");
        chooser.setInitialFileName(name(issue) + ".zip");
        File chosen = chooser.showSaveDialog(window(menu));
        if (chosen != null) {
            send.accept(issue, new ToZip(chosen.toPath()));
        }
    }

    /** Opens the page of a parcel in whatever shows pages on this machine. */
    void open(Path folder) {
        desk.work().inBackground(() -> Browser.open(folder.resolve(ReportPage.FILE)), said -> {
            if (!said.isEmpty()) {
                desk.work().notices().say(said);
            }
        });
    }
}

package hitch.desk.handover;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.job.Deed;
import hitch.core.parcel.ParcelState;
import hitch.core.story.Length;
import hitch.core.story.StoryWish;
import hitch.desk.Context;
import hitch.desk.Notices;
import hitch.desk.Snapshot;
import hitch.desk.task.Rank;
import hitch.desk.task.Task;
import hitch.desk.task.Tasks;
import hitch.desk.widget.Labels;
import hitch.media.film.FilmShape;
import hitch.store.handover.Delivery;
import hitch.store.handover.Issuing;
import java.io.File;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.DirectoryChooser;

/** Makes the next issue of a parcel: how long and large its film is, where it is put, and the making itself. */
final class MakePane extends VBox {
    private final Context desk;
    private final FilmChoice film;
    private final FitChoice fit;
    private final TextField folder = new TextField();
    private final CheckBox accepted = new CheckBox("Hand over all the same; the manifest tells what cannot be trusted");
    private final BooleanProperty damaged = new SimpleBooleanProperty();
    private final BooleanProperty held = new SimpleBooleanProperty(true);
    private final ObjectProperty<Task> task = new SimpleObjectProperty<>();
    private final Button go = Labels.button("Hand over", "", "Make the parcel", this::start);
    private final VBox damage = new VBox(6);
    private String usual = "";
    private ParcelState state;

    MakePane(Context desk, ObjectProperty<Length> length) {
        super(12);
        this.desk = desk;
        this.fit = new FitChoice(desk);
        this.film = new FilmChoice(length, () -> show(state));
        accepted.setId("accept-damage");
        getChildren().addAll(Labels.heading("Make it"), film, fit, target(), damage, action());
        List<String> told = desk.work().folder().damage();
        damaged.set(!told.isEmpty());
        if (!told.isEmpty()) {
            Label words = Labels.of("The record of this job is damaged. " + String.join(" ", told), "strong");
            words.setWrapText(true);
            words.setId("damage");
            damage.getChildren().addAll(words, accepted);
        }
        damage.managedProperty().bind(damaged);
    }

    StoryWish wish() {
        return film.of(desk.work().firm().wish());
    }

    FilmShape shape() {
        return state == null ? film.shape() : fit.shape();
    }

    private Node target() {
        folder.setId("out-folder");
        folder.setAccessibleText("Folder to write into");
        Button choose = Labels.button("Choose", "", "Choose the folder", () -> {
            DirectoryChooser chooser = new DirectoryChooser();
            chooser.setTitle("Write the parcel into");
            File chosen = chooser.showDialog(getScene().getWindow());
            if (chosen != null) {
                folder.setText(chosen.toString());
            }
        });
        choose.getStyleClass().add("quiet-act");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox top = new HBox(8, Labels.of("Into the folder", "field-label"), gap, choose);
        top.setAlignment(Pos.BOTTOM_LEFT);
        return new VBox(4, top, folder);
    }

    private Node action() {
        go.setId("hand-over");
        go.getStyleClass().add("main-action");
        go.setMinWidth(USE_PREF_SIZE);
        go.disableProperty()
                .bind(task.isNotNull()
                        .or(held)
                        .or(fit.openProperty())
                        .or(accepted.selectedProperty().not().and(damaged)));
        Button stop = Labels.button(
                "Stop", "", "Stop writing", () -> desk.work().tasks().stop(task.get()));
        ProgressBar bar = new ProgressBar(0);
        bar.progressProperty().bind(task.flatMap(Task::shareProperty).orElse(0.0));
        bar.setPrefWidth(180);
        Label doing = Labels.mayBeCut(Labels.of("", "soft"));
        doing.textProperty().bind(task.flatMap(Task::doingProperty).orElse(""));
        Label left = Labels.of("", "measure");
        left.setMinWidth(USE_PREF_SIZE);
        left.textProperty().bind(task.flatMap(Task::leftProperty).orElse(""));
        HBox underWay = new HBox(12, stop, bar, left, doing);
        underWay.setAlignment(Pos.CENTER_LEFT);
        underWay.visibleProperty().bind(task.isNotNull());
        HBox row = new HBox(12, go, underWay);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private Issuing issuing(Snapshot now) {
        return new Issuing(desk.work().folder().folder(), now.history().parcels(), Clock.systemUTC());
    }

    /** Another recipient was chosen; nothing is made before it is known what for. */
    void await(Recipient chosen) {
        if (state == null || !state.recipient().equals(chosen)) {
            held.set(true);
        }
    }

    /** What would be made. */
    void show(ParcelState next) {
        state = next;
        fit.show(next.recipient(), wish(), film.shape());
        held.set(!next.checks().mayGo());
        go.setText(
                next.newest().isEmpty()
                        ? "Hand over"
                        : "Make issue " + (next.newest().get().made().issue() + 1));
        String suggested = issuing(desk.work().now()).usual(next.recipient()).toString();
        if (folder.getText().isBlank() || folder.getText().equals(usual)) {
            folder.setText(suggested);
        }
        usual = suggested;
    }

    private void start() {
        Path out = Path.of(folder.getText().strip());
        ParcelState making = state;
        Recipient whom = making.recipient();
        Snapshot now = desk.work().now();
        Delivery delivery = new Delivery(
                        now.survey(),
                        desk.work().footage(),
                        desk.work().narrator(whom),
                        Clock.systemUTC(),
                        desk.work().folder().damage())
                .filming(wish(), shape())
                .inColourOf(desk.work().firm().profileProperty().get())
                .inFormOf(Optional.ofNullable(
                        desk.work().firm().districtsProperty().get().get(whom)));
        Notices say = desk.work().notices();
        String firm = desk.work().firm().profileProperty().get().name();
        String who = desk.work().who();
        Task begun = desk.work()
                .tasks()
                .run(
                        "Handing over to the " + whom.called(),
                        Rank.ASKED,
                        progress -> issuing(now)
                                .make(
                                        Disclosure.of(now.survey(), whom),
                                        making.checks(),
                                        delivery,
                                        firm,
                                        who,
                                        Optional.of(desk.work().firm().signingKey()),
                                        out,
                                        progress),
                        new Tasks.After<>(
                                made -> made(made, out, delivery),
                                say::say,
                                () -> say.say("Stopped. Nothing was handed over; what was in " + out
                                        + " before is there still.")));
        begun.stateProperty().addListener((o, was, is) -> {
            if (is.isOver()) {
                task.set(null);
            }
        });
        task.set(begun);
    }

    private void made(Deed.Made made, Path out, Delivery delivery) {
        desk.work().handed(made);
        // The next issue has a folder of its own.
        folder.setText("");
        delivery.silence()
                .ifPresent(
                        why -> desk.work().notices().say("The film has no voice; its captions say all of it. " + why));
        desk.work().notices().say("Handed over: everything is in " + out);
    }
}

package hitch.desk.handover;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.story.Length;
import hitch.core.story.Script;
import hitch.desk.Bench;
import hitch.desk.Context;
import hitch.desk.Notices;
import hitch.desk.Snapshot;
import hitch.desk.task.Rank;
import hitch.desk.task.Task;
import hitch.desk.task.Tasks;
import hitch.desk.widget.Labels;
import hitch.store.handover.Delivery;
import java.io.File;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.collections.ListChangeListener;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.DirectoryChooser;

/** Chooses the recipient and writes everything they get. */
public final class HandOverBench implements Bench {
    private final Context desk;
    private final ObjectProperty<Recipient> recipient;
    private final ObjectProperty<Task> task = new SimpleObjectProperty<>();
    private final TextField folder = new TextField();
    private final CheckBox accepted = new CheckBox("Hand over all the same; the manifest tells what cannot be trusted");
    private final BooleanProperty damaged = new SimpleBooleanProperty();
    private final VBox made = new VBox(4);
    private final VBox about = new VBox(6);
    private final AskedPane asked;
    private final LookPane look;
    private final FilmChoice film;
    private final ScrollPane root;

    public HandOverBench(Context desk, ObjectProperty<Recipient> recipient, ObjectProperty<Length> length) {
        this.desk = desk;
        this.recipient = recipient;
        this.asked = new AskedPane(desk);
        this.look = new LookPane(desk);
        this.film = new FilmChoice(length);
        VBox page = new VBox(
                14,
                Labels.heading("Hand over to the"),
                recipients(),
                about,
                asked,
                look,
                film,
                target(),
                action(),
                made);
        page.getStyleClass().add("page");
        page.setMaxWidth(900);
        root = new ScrollPane(page);
        root.setFitToWidth(true);
        root.getStyleClass().add("bench");
        recipient.addListener((o, was, is) -> update());
        length.addListener((o, was, is) -> update());
        desk.work().snapshotProperty().addListener((o, was, is) -> update());
        update();
    }

    private Node recipients() {
        FlowPane row = new FlowPane(12, 12);
        RecipientForm form = new RecipientForm(desk, recipient::set);
        form.setVisible(false);
        form.managedProperty().bind(form.visibleProperty());
        var all = desk.work().firm().recipients();
        Runnable fill = () -> {
            ToggleGroup group = new ToggleGroup();
            row.getChildren().setAll(all.stream().map(r -> card(r, group)).toList());
            Button more = Labels.button(
                    "Another kind…", "", "Add another kind of recipient", () -> form.setVisible(!form.isVisible()));
            more.setId("recipient-more");
            more.getStyleClass().add("quiet");
            row.getChildren().add(more);
            form.setVisible(false);
        };
        all.addListener((ListChangeListener<Recipient>) c -> fill.run());
        fill.run();
        return new VBox(12, row, form);
    }

    private Node card(Recipient each, ToggleGroup group) {
        Label wants = Labels.of(each.wants(), "soft");
        wants.setWrapText(true);
        wants.getStyleClass().add("recipient-wants");
        ToggleButton card = new ToggleButton();
        VBox words = new VBox(4, Labels.of(each.title(), "strong", "large"), wants);
        card.setGraphic(words);
        card.setAccessibleText(each.title() + ": " + each.wants());
        card.getStyleClass().add("recipient");
        card.setId("recipient-" + each.word());
        card.setToggleGroup(group);
        card.setAlignment(Pos.TOP_LEFT);
        card.setSelected(each.equals(recipient.get()));
        card.setOnAction(e -> {
            card.setSelected(true);
            recipient.set(each);
        });
        recipient.addListener((o, was, is) -> card.setSelected(is.equals(each)));
        if (Recipient.STANDARD.contains(each)) {
            return card;
        }
        Button gone = Labels.button("Remove", "", "Remove the recipient " + each.title(), () -> {
            recipient.set(Recipient.HOMEOWNER);
            desk.work().firm().remove(each);
        });
        gone.getStyleClass().add("quiet");
        return new VBox(4, card, gone);
    }

    private Node target() {
        folder.setId("out-folder");
        folder.setAccessibleText("Folder to write into");
        HBox.setHgrow(folder, Priority.ALWAYS);
        Button choose = Labels.button("Choose", "", "Choose the folder", () -> {
            DirectoryChooser chooser = new DirectoryChooser();
            chooser.setTitle("Write the delivery into");
            File chosen = chooser.showDialog(root.getScene().getWindow());
            if (chosen != null) {
                folder.setText(chosen.toString());
            }
        });
        return new VBox(2, Labels.of("Into the folder", "field-label"), new HBox(8, folder, choose));
    }

    private Node action() {
        Button go = Labels.button("Hand over", "", "Write the delivery", this::start);
        go.setId("hand-over");
        go.getStyleClass().add("main-action");
        go.disableProperty()
                .bind(task.isNotNull().or(accepted.selectedProperty().not().and(damaged)));
        Button stop = Labels.button(
                "Stop", "", "Stop writing", () -> desk.work().tasks().stop(task.get()));
        ProgressBar bar = new ProgressBar(0);
        bar.progressProperty().bind(task.flatMap(Task::shareProperty).orElse(0.0));
        bar.setPrefWidth(260);
        Label doing = Labels.of("", "soft");
        doing.textProperty().bind(task.flatMap(Task::doingProperty).orElse(""));
        Label left = Labels.of("", "measure");
        left.textProperty().bind(task.flatMap(Task::leftProperty).orElse(""));
        HBox underWay = new HBox(12, stop, bar, left, doing);
        underWay.setAlignment(Pos.CENTER_LEFT);
        underWay.visibleProperty().bind(task.isNotNull());
        HBox row = new HBox(12, go, underWay);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private void update() {
        Disclosure may = Disclosure.of(desk.work().now().survey(), recipient.get());
        asked.show(desk.work().now().survey(), may);
        look.show(may, film.of(desk.work().firm().wish()));
        int count = may.findings().size();
        int all = may.outOf();
        about.getChildren()
                .setAll(List.of(
                        Labels.of(
                                "One narrated video with chapters, captions as WebVTT and SubRip, a report page, stills,"),
                        Labels.of("the findings as CSV and JSON, and a manifest with the fingerprint of every file."),
                        Labels.of(
                                count + " of " + all + " findings go to the "
                                        + recipient.get().called()
                                        + kept(recipient.get()),
                                "soft")));
        int stale = Script.of(may).stale().size();
        if (stale > 0) {
            Label told = Labels.of(
                    (stale == 1 ? "The words of one shot tell" : "The words of " + stale + " shots tell")
                            + " what was so before; look at them on Cut. They go as they are, and the manifest says so.",
                    "strong");
            told.setWrapText(true);
            told.setId("stale-words");
            about.getChildren().add(told);
        }
        if (desk.work().now().survey().facts().internalOnly()) {
            about.getChildren()
                    .add(Labels.of("This job is marked for internal use only; clear that on Load first.", "strong"));
        }
        List<String> damage = desk.work().folder().damage();
        damaged.set(!damage.isEmpty());
        if (!damage.isEmpty()) {
            Label told = Labels.of("The record of this job is damaged. " + String.join(" ", damage), "strong");
            told.setWrapText(true);
            told.setId("damage");
            accepted.setId("accept-damage");
            about.getChildren().addAll(told, accepted);
        }
        String suggested = desk.work()
                .folder()
                .folder()
                .resolve("handed-over")
                .resolve(recipient.get().word())
                .toString();
        boolean ownChoice = !folder.getText().isBlank() && !folder.getText().contains("handed-over");
        if (!ownChoice) {
            folder.setText(suggested);
        }
    }

    /** What stays behind, the end of a sentence. */
    private static String kept(Recipient recipient) {
        if (recipient.isPublic()) {
            return ": those from the boundary on. Clips above ground and the client's name stay here.";
        }
        return recipient.people() ? "." : ". The client's name stays here.";
    }

    private void start() {
        Path out = Path.of(folder.getText().strip());
        made.getChildren().clear();
        Recipient whom = recipient.get();
        Delivery delivery = new Delivery(
                        desk.work().now().survey(),
                        desk.work().footage(),
                        desk.work().narrator(whom),
                        Clock.systemUTC(),
                        desk.work().folder().damage())
                .filming(film.of(desk.work().firm().wish()), film.shape())
                .inColourOf(desk.work().firm().profileProperty().get());
        Notices say = desk.work().notices();
        Task begun = desk.work()
                .tasks()
                .run(
                        "Handing over to the " + whom.called(),
                        Rank.ASKED,
                        progress -> delivery.write(whom, out, progress),
                        new Tasks.After<>(
                                video -> {
                                    delivery.silence()
                                            .ifPresent(why -> say.say(
                                                    "The film has no voice; its captions say all of it. " + why));
                                    show(out);
                                },
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

    private void show(Path out) {
        desk.work().notices().say("Handed over: everything is in " + out);
        made.getChildren().setAll(Labels.heading("Written"));
        desk.work()
                .inBackground(
                        () -> WrittenFiles.of(out),
                        lines -> lines.forEach(l -> made.getChildren().add(Labels.of(l, "measure"))));
    }

    @Override
    public String title() {
        return "Hand over";
    }

    @Override
    public Node node() {
        return root;
    }

    @Override
    public String gauge(Snapshot now) {
        return "";
    }
}

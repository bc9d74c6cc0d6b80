package hitch.desk.cut;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.story.Cutting;
import hitch.core.story.Script;
import hitch.core.story.ScriptWriter;
import hitch.core.story.Shot;
import hitch.core.story.Story;
import hitch.desk.Bench;
import hitch.desk.Context;
import hitch.desk.Snapshot;
import hitch.desk.widget.Labels;
import hitch.desk.widget.Typing;
import java.util.Locale;
import javafx.beans.property.ObjectProperty;
import javafx.collections.ListChangeListener;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The story for the chosen recipient, as it would be spoken and shown. */
public final class CutBench implements Bench {
    private final Context desk;
    private final ObjectProperty<Recipient> recipient;
    private final VBox root = new VBox();
    private boolean stale = true;
    private final VBox rows = new VBox();
    private final Label length = Labels.of("", "measure-large");

    public CutBench(Context desk, ObjectProperty<Recipient> recipient) {
        this.desk = desk;
        this.recipient = recipient;
        HBox top = new HBox(12, Labels.heading("Script for the"));
        HBox choices = new HBox(12);
        Runnable offer = () -> {
            ToggleGroup group = new ToggleGroup();
            choices.getChildren()
                    .setAll(desk.work().firm().recipients().stream()
                            .map(r -> choice(r, group))
                            .toList());
        };
        desk.work().firm().recipients().addListener((ListChangeListener<Recipient>) c -> offer.run());
        offer.run();
        top.getChildren().add(choices);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        top.getChildren().addAll(gap, Labels.of("about", "soft"), length);
        top.setAlignment(Pos.CENTER_LEFT);
        top.getStyleClass().add("page-top");
        rows.getStyleClass().add("page");
        ScrollPane scroll = new ScrollPane(rows);
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        root.getChildren().addAll(top, scroll);
        root.getStyleClass().add("bench");
        desk.work().snapshotProperty().addListener((o, was, is) -> fill());
        desk.work().firm().phrasesProperty().addListener((o, was, is) -> fill());
        desk.work().stillsTakenProperty().addListener((o, was, is) -> fill());
        recipient.addListener((o, was, is) -> fill());
        root.sceneProperty().addListener((o, was, is) -> {
            if (is != null && stale) {
                write();
            }
        });
    }

    private ToggleButton choice(Recipient each, ToggleGroup group) {
        ToggleButton button = new ToggleButton(each.title());
        button.setToggleGroup(group);
        button.setSelected(each.equals(recipient.get()));
        button.setOnAction(e -> {
            button.setSelected(true);
            recipient.set(each);
        });
        recipient.addListener((o, was, is) -> button.setSelected(is.equals(each)));
        return button;
    }

    /** Writes the page anew, but never under the hand, and not while nobody looks. */
    private void fill() {
        if (root.getScene() == null) {
            stale = true;
            return;
        }
        Typing.orOnceLeft(rows, this::write);
    }

    private void write() {
        stale = false;
        Disclosure may = Disclosure.of(desk.work().now().survey(), recipient.get());
        Script script = Script.of(may, desk.work().firm().wish());
        length.setText(clock(estimate(script.told(), may).seconds()));
        desk.work()
                .speech()
                .of(
                        script.told().shots().stream().map(Shot::narration).toList(),
                        desk.work().narrator(recipient.get()));
        rows.getChildren().clear();
        for (Script.Part chapter : script.chapters()) {
            rows.getChildren().add(Labels.of(chapter.title(), "chapter"));
            chapter.lines().forEach(l -> rows.getChildren().add(new ScriptRow(desk, recipient.get(), l)));
        }
    }

    /** The story laid out with the voice's usual pace instead of its sound. */
    private static Cutting estimate(Story story, Disclosure may) {
        return Cutting.of(story, Cutting.Speech.USUAL, s -> may.footage().around(s.frame(), s.before(), s.after()));
    }

    static String clock(double seconds) {
        long whole = Math.round(seconds);
        return String.format(Locale.ROOT, "%d:%02d", whole / 60, whole % 60);
    }

    @Override
    public String title() {
        return "Cut";
    }

    @Override
    public Node node() {
        return root;
    }

    @Override
    public String gauge(Snapshot now) {
        if (now.survey().findings().isEmpty()) {
            return "";
        }
        Disclosure may = Disclosure.of(now.survey(), recipient.get());
        return clock(estimate(ScriptWriter.write(may, desk.work().firm().wish()), may)
                .seconds());
    }
}

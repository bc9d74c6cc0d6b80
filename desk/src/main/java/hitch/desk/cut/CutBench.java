package hitch.desk.cut;

import hitch.core.disclosure.Recipient;
import hitch.core.footage.FrameRef;
import hitch.core.story.Length;
import hitch.desk.Bench;
import hitch.desk.Context;
import hitch.desk.Snapshot;
import hitch.desk.key.Act;
import hitch.desk.widget.Labels;
import hitch.desk.widget.LengthChoice;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.collections.ListChangeListener;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The script room: the story for the chosen recipient as a text to be written in, beside the film it becomes. */
public final class CutBench implements Bench {
    private static final double LEAST_SIDE = 522;
    private static final double SIDE_SHARE = 0.45;

    private final Context desk;
    private final ScriptRoom room;
    private final VBox root = new VBox();
    private final Label total = Labels.of("", "measure-large");
    private final Label left = Labels.of("", "soft");
    private final ScriptPage page;
    private final PreviewPane preview;
    private final FindBar find;
    private final VoicePane voice;
    private final Runnable told;
    private String gauge = "";
    private boolean stale = true;

    /**
     * @param told called when the length of the film is another: it is reckoned where nobody waits for it
     */
    public CutBench(Context desk, ObjectProperty<Recipient> recipient, ObjectProperty<Length> length, Runnable told) {
        this.desk = desk;
        this.told = told;
        room = new ScriptRoom(desk, recipient, length);
        preview = new PreviewPane(room);
        page = new ScriptPage(room, preview::stand);
        find = new FindBar(room, page::settle);
        voice = new VoicePane(room);
        VBox side = new VBox(
                14, preview, voice, new ShotSettings(room), new HBox(10, new PutInMenu(room), new EvidenceMenu(room)));
        side.getStyleClass().add("side");
        // Squeezed, one part would lie over the other; it scrolls instead.
        side.setMinHeight(Region.USE_PREF_SIZE);
        ScrollPane right = new ScrollPane(side);
        right.setFitToWidth(true);
        right.setFitToHeight(true);
        right.getStyleClass().add("side-scroll");
        right.setMinWidth(LEAST_SIDE);
        HBox.setHgrow(page, Priority.ALWAYS);
        HBox both = new HBox(page, right);
        right.prefWidthProperty().bind(both.widthProperty().multiply(SIDE_SHARE));
        VBox.setVgrow(both, Priority.ALWAYS);
        root.getChildren().addAll(top(), both);
        root.getStyleClass().add("bench");
        root.setId("cut-bench");
        desk.work().snapshotProperty().addListener((o, was, is) -> room.write());
        desk.work().firm().phrasesProperty().addListener((o, was, is) -> room.write());
        desk.work().firm().voicesProperty().addListener((o, was, is) -> room.write());
        recipient.addListener((o, was, is) -> room.write());
        length.addListener((o, was, is) -> room.write());
        room.writtenProperty().addListener((o, was, is) -> written(is));
        room.write();
        root.sceneProperty().addListener((o, was, is) -> {
            if (is == null) {
                page.settle();
                preview.stop();
            } else {
                room.look();
                if (stale) {
                    room.written().ifPresent(this::written);
                }
            }
        });
    }

    private Node top() {
        HBox choices = new HBox(8);
        Runnable offer = () -> {
            ToggleGroup group = new ToggleGroup();
            choices.getChildren()
                    .setAll(desk.work().firm().recipients().stream()
                            .map(r -> choice(r, group))
                            .toList());
        };
        desk.work().firm().recipients().addListener((ListChangeListener<Recipient>) c -> offer.run());
        offer.run();
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        total.setId("script-total");
        left.setId("script-left");
        HBox first = new HBox(12, Labels.heading("Script for the"), choices, gap, Labels.of("about", "soft"), total);
        first.setAlignment(Pos.CENTER_LEFT);
        Labels.mayBeCut(left);
        HBox second = new HBox(12, new LengthChoice("script", room.length()), left);
        second.setAlignment(Pos.CENTER_LEFT);
        VBox top = new VBox(8, first, second, find);
        top.getStyleClass().add("page-top");
        return top;
    }

    private ToggleButton choice(Recipient each, ToggleGroup group) {
        ToggleButton button = new ToggleButton(each.title());
        button.setToggleGroup(group);
        button.setSelected(each.equals(room.recipient().get()));
        button.setOnAction(e -> {
            button.setSelected(true);
            page.settle();
            room.recipient().set(each);
        });
        room.recipient().addListener((o, was, is) -> button.setSelected(is.equals(each)));
        return button;
    }

    /** Shows the script as it is written now, once somebody looks. */
    private void written(ScriptRoom.Written now) {
        int open = now.script().stale().size();
        gauge = open == 0 ? "" : open + " open";
        told.run();
        stale = root.getScene() == null;
        if (!stale) {
            show(now);
        }
    }

    private void show(ScriptRoom.Written now) {
        double seconds = now.cutting().seconds();
        Optional<Integer> target = now.script().lines().isEmpty()
                ? Optional.empty()
                : room.length().get().seconds().stream().mapToObj(s -> (int) s).findFirst();
        total.setText(clock(seconds) + target.map(t -> " of " + clock(t)).orElse(""));
        List<String> out = now.script().story().left();
        left.setText(out.isEmpty() ? "" : "Not told at this length: " + String.join("; ", out));
        left.setTooltip(out.isEmpty() ? null : new Tooltip(String.join("\n", out)));
        page.written(now.script());
        if (room.chosenLine().isEmpty()) {
            now.script().lines().stream()
                    .findFirst()
                    .ifPresent(l -> room.chosen().set(l.proposed().key()));
        }
        preview.written(now);
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
    public List<Act.Place> acts() {
        return List.of(Act.Place.CUT);
    }

    @Override
    public Node node() {
        return root;
    }

    @Override
    public void settle() {
        page.settle();
    }

    @Override
    public boolean play() {
        page.settle();
        return preview.toggle();
    }

    @Override
    public Optional<FrameRef> frame() {
        return room.chosenLine().flatMap(l -> l.shot().shown().stream().findFirst());
    }

    @Override
    public void key(KeyEvent e) {
        Act act = Act.at(Act.Place.CUT, e).orElse(null);
        String key = room.chosen().get();
        if (act == null || key == null) {
            return;
        }
        switch (act) {
            case SHOT_EARLIER -> arrange(r -> r.move(key, false));
            case SHOT_LATER -> arrange(r -> r.move(key, true));
            case SHOT_OUT -> out(key);
            case RECORD_WORDS -> {
                page.settle();
                voice.record();
            }
            case WRITE_WORDS -> page.write();
            case FIND_WORDS -> find.open();
            default -> throw new IllegalStateException(act + " is no act of Cut");
        }
        e.consume();
    }

    private void arrange(
            java.util.function.Function<hitch.core.story.Rearranging, hitch.core.job.Edit.ArrangeShots> how) {
        page.settle();
        room.arrange(how);
    }

    private void out(String key) {
        boolean isOut = room.line(key).map(l -> l.isLeftOut()).orElse(false);
        if (isOut) {
            room.change(key, c -> c.leftOut(false));
        } else {
            arrange(r -> r.takeOut(key));
        }
    }

    @Override
    public String gauge(Snapshot now) {
        return gauge;
    }

    @Override
    public void close() {
        page.settle();
        preview.close();
    }
}

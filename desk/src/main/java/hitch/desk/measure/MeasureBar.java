package hitch.desk.measure;

import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.PictureSize;
import hitch.core.footage.FrameRef;
import hitch.core.gauge.Measured;
import hitch.core.gauge.Measuring;
import hitch.core.gauge.Sized;
import hitch.core.gauge.Tool;
import hitch.core.pipe.PipeSize;
import hitch.desk.Context;
import hitch.desk.key.Act;
import hitch.desk.widget.Labels;
import hitch.desk.widget.PipeChoices;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Under the footage while it is measured: the tools, what they read, and where it goes. */
public final class MeasureBar extends VBox {
    private static final int SHOWN = 4;

    private final Context desk;
    private final HeldFrame held;
    private final SizeTaker taker;
    private final Map<Tool, ToggleButton> tools = new EnumMap<>(Tool.class);
    private final Label bore = Labels.of("", "soft");
    private final FlowPane read = new FlowPane(14, 6);
    /** As wide as the bar is, whatever it says: on two lines where one is too long. */
    private final Label hint = Labels.of("", "soft");

    public MeasureBar(Context desk, HeldFrame held) {
        this.desk = desk;
        this.held = held;
        this.taker = new SizeTaker(desk);
        setId("measure-bar");
        getStyleClass().add("see-better");
        setSpacing(6);
        ToggleGroup group = new ToggleGroup();
        HBox row = new HBox(2);
        row.setAlignment(Pos.CENTER_LEFT);
        List<Act> keys = Act.of(Act.Place.MEASURE);
        for (Tool tool : Tool.values()) {
            ToggleButton button = new ToggleButton(tool.title());
            button.setGraphic(Labels.of(keys.get(tool.ordinal()).key(), "key"));
            button.setContentDisplay(javafx.scene.control.ContentDisplay.RIGHT);
            button.setToggleGroup(group);
            button.setId("tool-" + tool.name().toLowerCase(Locale.ROOT).replace('_', '-'));
            button.getStyleClass().add("side-tab");
            button.setFocusTraversable(false);
            button.setMinWidth(Region.USE_PREF_SIZE);
            button.setAccessibleText(tool.title() + ". " + tool.how());
            button.setOnAction(e -> held.take(tool));
            tools.put(tool, button);
            row.getChildren().add(button);
        }
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        bore.setMinWidth(Region.USE_PREF_SIZE);
        Button done = Labels.button(
                "Done",
                Act.MEASURE_DONE.key(),
                Act.MEASURE_DONE.words(),
                () -> held.onProperty().set(false));
        done.setId("measure-done");
        done.setFocusTraversable(false);
        done.setMinWidth(Region.USE_PREF_SIZE);
        HBox.setMargin(bore, new Insets(0, 8, 0, 0));
        row.getChildren().addAll(gap, bore, done);
        read.setRowValignment(javafx.geometry.VPos.CENTER);
        read.setId("measured");
        read.setMinHeight(34);
        hint.setId("measure-hint");
        hint.setWrapText(true);
        hint.setPrefWidth(0);
        hint.setMaxWidth(Double.MAX_VALUE);
        hint.setMinHeight(34);
        hint.managedProperty().bind(hint.visibleProperty());
        read.managedProperty().bind(read.visibleProperty());
        read.visibleProperty().bind(hint.visibleProperty().not());
        getChildren().addAll(row, hint, read);
        visibleProperty().bind(held.onProperty());
        managedProperty().bind(visibleProperty());
        held.changesProperty().addListener((o, was, is) -> fill());
        held.onProperty().addListener((o, was, is) -> fill());
        desk.selected().addListener((o, was, is) -> fill());
        desk.work().snapshotProperty().addListener((o, was, is) -> fill());
        desk.player().playingProperty().addListener((o, was, is) -> fill());
        fill();
    }

    /** Does what a key asks for while measuring is on; false where it asks for nothing here. */
    public boolean key(KeyEvent e) {
        Optional<Act> act = held.onProperty().get() ? Act.at(Act.Place.MEASURE, e) : Optional.empty();
        act.ifPresent(this::act);
        return act.isPresent();
    }

    private void act(Act act) {
        switch (act) {
            case TOOL_JOINT -> held.take(Tool.JOINT);
            case TOOL_LENGTH -> held.take(Tool.LENGTH);
            case TOOL_WIDTH -> held.take(Tool.WIDTH);
            case TOOL_WATER -> held.take(Tool.WATER);
            case TOOL_SHARE -> held.take(Tool.SHARE);
            case TOOL_ROUND -> held.take(Tool.ROUND);
            case MEASURE_BACK -> {
                held.hand().ifPresent(Measuring::back);
                held.changed();
            }
            case MEASURE_TAKE ->
                held.sizes().stream().findFirst().ifPresent(s -> held.frame().ifPresent(f -> take(s, f)));
            case MEASURE_DONE -> held.onProperty().set(false);
            default -> throw new IllegalStateException(act + " is no act of measuring");
        }
    }

    private void fill() {
        if (!held.onProperty().get()) {
            return;
        }
        tools.forEach((tool, button) -> button.setSelected(tool == held.tool()));
        Optional<PipeSize> size = held.bore();
        bore.setText(size.map(s -> s.show() + " bore").orElse(""));
        List<Sized> sizes = held.sizes();
        boolean nothing = size.isPresent() && (sizes.isEmpty() || held.frame().isEmpty());
        hint.setVisible(nothing);
        if (size.isEmpty()) {
            read.getChildren().setAll(askForTheBore());
            return;
        }
        if (nothing) {
            hint.setText(hint());
            read.getChildren().clear();
            return;
        }
        FrameRef frame = held.frame().get();
        read.getChildren()
                .setAll(sizes.stream().limit(SHOWN).map(s -> row(s, frame)).toList());
    }

    private String hint() {
        if (desk.player().playingProperty().get()) {
            return "Pause where the ring of a joint is well seen.";
        }
        if (held.isLooking()) {
            return "Looking for rings…";
        }
        boolean none = held.hand().map(h -> h.rings().isEmpty()).orElse(false);
        return (none && held.tool() != Tool.LENGTH && held.tool() != Tool.WIDTH
                        ? "No ring stands out here. Three clicks on a rim make one. "
                        : "")
                + held.tool().how();
    }

    private Node row(Sized size, FrameRef frame) {
        PictureSize shown = PictureSize.of(size, SizeTaker.clock(size, held.wanted()), frame);
        Label what = Labels.of(size.sort().word(), "soft");
        Label much = Labels.of(shown.shown(), "measure", "strong");
        Label off = Labels.of(
                shown.offBy()
                        + (size.sort() == hitch.core.gauge.SizeSort.STEP
                                ? shown.clock().map(c -> ", toward " + c.from()).orElse("")
                                : "")
                        + (size.sure() < Measured.LIKELY ? ", unsure: check the rings" : ""),
                "soft");
        HBox row = new HBox(6, what, much, off);
        row.setAlignment(Pos.CENTER_LEFT);
        row.setMinWidth(Region.USE_PREF_SIZE);
        row.getStyleClass().add("sized");
        row.getChildren().add(taking(size, frame));
        return row;
    }

    private Node taking(Sized size, FrameRef frame) {
        Optional<LocatedFinding> meant = taker.meant(size.sort(), frame);
        List<FindingKind> kinds = FindingKind.measuredBy(size.sort());
        if (meant.isPresent()) {
            String to = meant.get().finding().id() + " "
                    + meant.get().finding().kind().word();
            return plain(Labels.button("Into " + to, "", "Tell " + to + " as measured", () -> take(size, frame)));
        }
        if (kinds.size() == 1) {
            String kind = kinds.getFirst().word();
            return plain(Labels.button(
                    "New " + kind, "", "Note a new " + kind + " of this size here", () -> take(size, frame)));
        }
        MenuButton menu = new MenuButton("New…");
        for (FindingKind kind : kinds) {
            MenuItem item = new MenuItem(kind.title());
            item.setOnAction(e -> taker.make(size, frame, held.wanted(), kind));
            menu.getItems().add(item);
        }
        menu.setFocusTraversable(false);
        menu.setId("new-of-size");
        return menu;
    }

    private static Button plain(Button button) {
        button.setFocusTraversable(false);
        button.getStyleClass().add("take-size");
        return button;
    }

    private void take(Sized size, FrameRef frame) {
        Optional<LocatedFinding> meant = taker.meant(size.sort(), frame);
        List<FindingKind> kinds = FindingKind.measuredBy(size.sort());
        if (meant.isPresent()) {
            taker.give(size, frame, held.wanted(), meant.get());
        } else if (kinds.size() == 1) {
            taker.make(size, frame, held.wanted(), kinds.getFirst());
        } else {
            menu().ifPresent(n -> ((MenuButton) n).show());
        }
    }

    private Optional<Node> menu() {
        return Optional.ofNullable(read.lookup("#new-of-size"));
    }

    /** Without a bore nothing can be measured; it is a fact of the run's opening, and asked for in place. */
    private Node askForTheBore() {
        var sizes = PipeChoices.size("Bore of the pipe", "not said", Optional.empty(), this::say);
        sizes.setId("measure-bore");
        boolean onRun = desk.player()
                .shown()
                .flatMap(f -> desk.work().now().job().runOf(f.ref().clip()))
                .isPresent();
        return onRun
                ? new HBox(10, Labels.of("Measured is by the pipe's bore, which nobody said:"), sizes)
                : Labels.of("This clip is on no run, so the pipe's bore is not known. Put it on one on Load.");
    }

    private void say(Optional<PipeSize> bore) {
        desk.player()
                .shown()
                .flatMap(f -> desk.work().now().job().runOf(f.ref().clip()))
                .ifPresent(r -> desk.work()
                        .changes()
                        .changeRun(
                                r.id(),
                                run -> run.from(run.opening()
                                        .withPipe(run.opening().pipe().withSize(bore)))));
    }
}

package hitch.desk.mark;

import hitch.core.footage.ClipScan;
import hitch.desk.Bench;
import hitch.desk.Context;
import hitch.desk.Snapshot;
import hitch.desk.play.Player;
import hitch.desk.play.Speeds;
import hitch.store.CaptionFile;
import java.io.File;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The bench where footage is marked. */
public final class MarkBench implements Bench {
    private final Context desk;
    private final NoteLine notes;
    private final CounterBar counter;
    private final FindingsPane findings;
    private final SidePane side;
    private final SpokenPane spoken;
    private final SeeBetter better;
    private final FootageWell well;
    private final ThereAndBackChart chart;
    private final BorderPane root = new BorderPane();

    public MarkBench(Context desk) {
        this.desk = desk;
        FirmReader reader = new FirmReader(desk);
        notes = new NoteLine(desk, reader);
        CounterBook book = new CounterBook(desk);
        CounterBox box = new CounterBox();
        counter = new CounterBar(desk, book, box);
        findings = new FindingsPane(desk, notes);
        TalkBook talk = new TalkBook(desk, reader);
        spoken = new SpokenPane(desk, talk, notes);
        side = new SidePane(desk, findings, spoken, talk);
        better = new SeeBetter(desk);
        well = new FootageWell(desk, box, book);
        VBox.setVgrow(well, Priority.ALWAYS);
        VBox left = new VBox(
                well, new TimeStrip(desk), new Readout(desk), new Transport(desk, better::toggle), better, counter);
        HBox.setHgrow(left, Priority.ALWAYS);
        VBox.setVgrow(side, Priority.ALWAYS);
        HerePane here = new HerePane(desk);
        // The queue needs the room; what is here is told in it.
        here.visibleProperty().bind(side.spokenProperty().not());
        here.managedProperty().bind(here.visibleProperty());
        VBox right = new VBox(16, notes, here, side);
        right.getStyleClass().add("side");
        right.setMinWidth(456);
        right.setMaxWidth(456);
        chart = new ThereAndBackChart(desk);
        chart.setPrefHeight(196);
        root.setCenter(new HBox(left, right));
        root.setBottom(chart);
        root.getStyleClass().add("bench");
        takeCaptions();
    }

    /** Captions dropped on the footage belong to the clip on show. */
    private void takeCaptions() {
        root.setOnDragOver(e -> {
            if (captions(e).findAny().isPresent()) {
                e.acceptTransferModes(TransferMode.COPY);
                e.consume();
            }
        });
        root.setOnDragDropped(e -> {
            List<File> files = captions(e).toList();
            if (!files.isEmpty()) {
                spoken.take(files);
                e.setDropCompleted(true);
                e.consume();
            }
        });
    }

    private static Stream<File> captions(DragEvent e) {
        return e.getDragboard().getFiles().stream().filter(f -> CaptionFile.isOne(f.toPath()));
    }

    @Override
    public String title() {
        return "Mark";
    }

    @Override
    public Node node() {
        return root;
    }

    @Override
    public String gauge(Snapshot now) {
        int count = now.survey().noted().size();
        return count == 0 ? "" : Integer.toString(count);
    }

    @Override
    public void key(KeyEvent e) {
        if (e.isShortcutDown() || e.isAltDown()) {
            return;
        }
        if (side.isSpoken() && spoken.key(e.getCode()) || playing(e) || marking(e)) {
            e.consume();
        }
    }

    private boolean playing(KeyEvent e) {
        Player player = desk.player();
        double speed = player.speedProperty().get();
        switch (e.getCode()) {
            case SPACE -> player.togglePlaying();
            case LEFT -> player.step(e.isShiftDown() ? -10 : -1);
            case RIGHT -> player.step(e.isShiftDown() ? 10 : 1);
            case UP -> player.setSpeed(Speeds.next(speed, true));
            case DOWN -> player.setSpeed(Speeds.next(speed, false));
            case B -> player.setSpeed(-speed);
            case L -> player.toggleLoop();
            case PAGE_DOWN -> toStop(true);
            case PAGE_UP -> toStop(false);
            case S -> player.mutedProperty().set(!player.mutedProperty().get());
            case V -> better.toggle();
            case U -> better.turnOver();
            case O -> well.toggleAsRecorded();
            case PLUS, EQUALS, ADD -> chart.zoom(1.5);
            case MINUS, SUBTRACT -> chart.zoom(1 / 1.5);
            case DIGIT0, NUMPAD0 -> chart.showAll();
            default -> {
                return false;
            }
        }
        return true;
    }

    private boolean marking(KeyEvent e) {
        switch (e.getCode()) {
            case N -> notes.focus();
            case C -> counter.focus();
            case Z -> counter.zeroHere();
            case K -> counter.task().readIt();
            case G -> counter.task().drawBox();
            case J -> counter.nextDoubt();
            case T -> side.toggle();
            case Y -> findings.merge();
            case D -> findings.keepApart();
            case E -> findings.amend();
            case M -> findings.moveHere();
            case X -> findings.cut();
            case DELETE -> findings.remove();
            default -> {
                return false;
            }
        }
        return true;
    }

    /** Goes to where the camera next comes to rest, or last came to rest. */
    private void toStop(boolean onward) {
        desk.player().shown().ifPresent(f -> {
            var stretches = desk.work().clips().state(f.clip()).stretches();
            var stop = ClipScan.stop(stretches, f.picture().pts(), onward);
            if (stop.isPresent()) {
                desk.player()
                        .seek(
                                f.clip(),
                                new hitch.core.footage.FrameRef(
                                        f.clip().id(), stop.get().fromPts()));
            } else {
                desk.work()
                        .notices()
                        .say(
                                desk.work().clips().state(f.clip()).looked()
                                        ? "The camera does not stop " + (onward ? "after" : "before") + " this frame."
                                        : f.clip().fileName() + " is still being looked through; its stops are not "
                                                + "known yet.");
            }
        });
    }
}

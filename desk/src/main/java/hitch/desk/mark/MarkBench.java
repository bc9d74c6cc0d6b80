package hitch.desk.mark;

import hitch.core.detail.Detail;
import hitch.core.footage.ClipScan;
import hitch.core.survey.CounterWalk;
import hitch.desk.Bench;
import hitch.desk.Context;
import hitch.desk.Snapshot;
import hitch.desk.key.Act;
import hitch.desk.measure.DrawBar;
import hitch.desk.measure.DrawLayer;
import hitch.desk.measure.HeldFrame;
import hitch.desk.measure.MeasureBar;
import hitch.desk.measure.MeasureLayer;
import hitch.desk.measure.StillHand;
import hitch.desk.pair.PairSheet;
import hitch.desk.play.Player;
import hitch.desk.play.Speeds;
import hitch.store.CaptionFile;
import java.io.File;
import java.util.List;
import java.util.stream.Stream;
import javafx.beans.binding.Bindings;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The bench where footage is marked. */
public final class MarkBench implements Bench {
    private static final double SIDE = 492;
    /** On a large screen it takes what footage of its height leaves beside it anyway. */
    private static final double SIDE_SHARE = 0.34;

    private static final double CHART = 172;

    private final Context desk;
    private final NoteLine notes;
    private final CounterBar counter;
    private final FindingsPane findings;
    private final SidePane side;
    private final SpokenPane spoken;
    private final TalkBook talk;
    private final EyesBook eyes;
    private final LookPane looks;
    private final SeeBetter better;
    private final FootageWell well;
    private final HeldFrame held;
    private final MeasureBar measure;
    private final StillHand still;
    private final DrawBar drawing;
    private final ThereAndBackChart chart;
    private final JointBook joints;
    private final SameAgain again;
    private final ListenTask listening;
    private final SayIt speaking;
    private final BorderPane root = new BorderPane();

    /** @param findActs what shows all acts, to be searched */
    public MarkBench(Context desk, Runnable findActs) {
        this.desk = desk;
        FirmReader reader = new FirmReader(desk);
        notes = new NoteLine(desk, reader);
        CounterBook book = new CounterBook(desk);
        CounterBox box = new CounterBox();
        joints = new JointBook(desk);
        counter = new CounterBar(desk, book, box, joints);
        again = new SameAgain(desk, joints);
        findings = new FindingsPane(desk, notes, again, () -> act(Act.DRAW));
        talk = new TalkBook(desk, reader);
        spoken = new SpokenPane(desk, talk, notes);
        listening = new ListenTask(desk, reader);
        speaking = new SayIt(desk, notes);
        speaking.followKeysOf(root);
        eyes = new EyesBook(desk, talk);
        looks = new LookPane(desk, eyes);
        side = new SidePane(desk, findings, spoken, talk, looks, findActs);
        better = new SeeBetter(desk);
        held = new HeldFrame(desk);
        measure = new MeasureBar(desk, held);
        still = new StillHand(desk);
        TextField words = new TextField();
        drawing = new DrawBar(desk, still, words);
        well = new FootageWell(desk, box, book, new MeasureLayer(desk, held), new DrawLayer(desk, still, words));
        held.onProperty()
                .addListener((o, was, is) ->
                        still.onProperty().set(!is && still.onProperty().get()));
        still.onProperty()
                .addListener((o, was, is) ->
                        held.onProperty().set(!is && held.onProperty().get()));
        VBox.setVgrow(well, Priority.ALWAYS);
        Transport transport = new Transport(desk, better::toggle, () -> act(Act.MEASURE));
        // What is measured stands still; its keys go on as ever.
        transport
                .visibleProperty()
                .bind(held.onProperty().or(still.onProperty()).not());
        transport.managedProperty().bind(transport.visibleProperty());
        VBox left = new VBox(
                well,
                new TimeStrip(desk),
                new Readout(desk, counter),
                new RimsBar(desk, joints),
                transport,
                measure,
                drawing,
                better);
        HBox.setHgrow(left, Priority.ALWAYS);
        VBox.setVgrow(side, Priority.ALWAYS);
        HerePane here = new HerePane(desk);
        // The queue and the details need the room.
        here.visibleProperty().bind(side.listedProperty());
        here.managedProperty().bind(here.visibleProperty());
        VBox right = new VBox(10, notes, here, side);
        right.getStyleClass().add("side");
        right.minWidthProperty().bind(Bindings.max(SIDE, root.widthProperty().multiply(SIDE_SHARE)));
        right.maxWidthProperty().bind(right.minWidthProperty());
        chart = new ThereAndBackChart(desk, joints, eyes);
        chart.setPrefHeight(CHART);
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
    public void close() {
        speaking.close();
        eyes.close();
    }

    @Override
    public String title() {
        return "Mark";
    }

    @Override
    public List<Act.Place> acts() {
        return List.of(Act.Place.MARK);
    }

    @Override
    public Node node() {
        return root;
    }

    @Override
    public String gauge(Snapshot now) {
        long open = talk.open()
                + looks.open()
                + CounterWalk.open(
                        now.job(), now.survey(), joints.rhythmsProperty().get())
                + again(now);
        return open == 0 ? "" : open + " open";
    }

    private static long again(Snapshot now) {
        return now.survey().noted().stream()
                .filter(f -> f.finding().traits().details().has(Detail.LOOK_AGAIN))
                .count();
    }

    @Override
    public void key(KeyEvent e) {
        if (side.isSpoken() && spoken.key(e)) {
            e.consume();
            return;
        }
        if (measure.key(e) || drawing.key(e)) {
            e.consume();
            return;
        }
        Act.at(Act.Place.MARK, e).ifPresent(act -> {
            act(act);
            e.consume();
        });
    }

    private void act(Act act) {
        Player player = desk.player();
        double speed = player.speedProperty().get();
        switch (act) {
            case PLAY -> player.togglePlaying();
            case FRAME_BACK -> player.step(-1);
            case FRAME_ON -> player.step(1);
            case TEN_BACK -> player.step(-10);
            case TEN_ON -> player.step(10);
            case FASTER -> player.setSpeed(Speeds.next(speed, true));
            case SLOWER -> player.setSpeed(Speeds.next(speed, false));
            case BACKWARD -> player.setSpeed(-speed);
            case LOOP -> player.toggleLoop();
            case STOP_NEXT -> toStop(true);
            case STOP_BEFORE -> toStop(false);
            case SOUND -> player.mutedProperty().set(!player.mutedProperty().get());
            case SEE_BETTER -> better.toggle();
            case TURN_OVER -> better.turnOver();
            case MEASURE -> held.onProperty().set(!held.onProperty().get());
            case PAIR ->
                PairSheet.open(
                        desk,
                        player().shown().flatMap(f -> desk.work().now().survey().stationAt(f.ref())));
            case FIND_JOINTS -> joints.find();
            case NEXT_LOOK -> side.nextLook();
            case WAVE_AWAY -> looks.waveChosen();
            case DRAW -> still.onProperty().set(!still.onProperty().get());
            case AS_RECORDED -> well.toggleAsRecorded();
            case CHART_IN -> chart.zoom(1.5);
            case CHART_OUT -> chart.zoom(1 / 1.5);
            case CHART_ALL -> chart.showAll();
            case NOTE -> notes.focus();
            case COUNTER -> counter.focus();
            case ZEROED -> counter.zeroHere();
            case READ_COUNTER -> counter.task().readIt();
            case COUNTER_BOX -> counter.task().drawBox();
            case NEXT_DOUBT -> counter.nextDoubt();
            case SAID -> side.toggle();
            case SAY_MORE -> side.toggleDetails();
            case MERGE -> findings.merge();
            case KEEP_APART -> findings.keepApart();
            case AMEND -> findings.amend();
            case MOVE_HERE -> findings.moveHere();
            case AGAIN_HERE -> again.here();
            case AGAIN_AT_JOINTS -> again.atJoints();
            case LOOK_AGAIN -> findings.lookAgain();
            case COPY_WORDS -> findings.copy();
            case LISTEN -> listening.listen();
            case SAY_IT -> speaking.hold();
            case CAPTIONS -> spoken.choose();
            case COMMON_1, COMMON_2, COMMON_3, COMMON_4, COMMON_5 ->
                notes.begin(CommonKinds.of(desk.work().now().job()), act.ordinal() - Act.COMMON_1.ordinal());
            case WRITE_CLIPS -> findings.cut();
            case REMOVE -> findings.remove();
            default -> throw new IllegalStateException(act + " is no act of Mark");
        }
    }

    private Player player() {
        return desk.player();
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

package hitch.desk.load;

import hitch.core.footage.Clip;
import hitch.core.job.Job;
import hitch.core.note.NoteReader;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.propose.OffRun;
import hitch.desk.Bench;
import hitch.desk.Context;
import hitch.desk.Snapshot;
import hitch.desk.key.Act;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Property on the left, clips and runs on the right. */
public final class LoadBench implements Bench {
    private final Context desk;
    private final ClipsPane clips;
    private final ProposalsPane proposals;
    private final HBox root = new HBox();

    public LoadBench(Context desk) {
        this.desk = desk;
        PropertyForm property = new PropertyForm(desk);
        ScrollPane left = new ScrollPane(property);
        left.setFitToWidth(true);
        left.setMinWidth(420);
        left.setMaxWidth(420);
        left.getStyleClass().add("side-left");
        NoteReader reader = new TradeNoteReader();
        clips = new ClipsPane(desk, reader);
        proposals = new ProposalsPane(desk, reader);
        RunsPane runs = new RunsPane(desk);
        VBox right = new VBox(
                24, proposals, clips, new PhotosPane(desk), new FixturesPane(desk), new MissingPane(desk, () -> {}));
        // Runs come first once there are any; before that there is nothing but clips to be had.
        desk.work().snapshotProperty().addListener((o, was, is) -> order(right, runs));
        order(right, runs);
        right.getStyleClass().add("page");
        ScrollPane scroll = new ScrollPane(right);
        scroll.setId("load-page");
        scroll.setFitToWidth(true);
        HBox.setHgrow(scroll, Priority.ALWAYS);
        root.getChildren().addAll(left, scroll);
        root.getStyleClass().add("bench");
    }

    private void order(VBox page, Node runs) {
        boolean first = !desk.work().now().job().runs().isEmpty();
        int at = page.getChildren().indexOf(runs);
        int beside = page.getChildren().indexOf(clips);
        if (at < 0 || first != at < beside) {
            page.getChildren().remove(runs);
            int wanted = page.getChildren().indexOf(clips) + (first ? 0 : 1);
            page.getChildren().add(wanted, runs);
        }
    }

    @Override
    public List<Act.Place> acts() {
        return List.of(Act.Place.LOAD);
    }

    @Override
    public void key(KeyEvent e) {
        Act.at(Act.Place.LOAD, e).ifPresent(act -> {
            switch (act) {
                case TAKE_RUNS -> proposals.takeAll();
                case READ_CLIPS -> clips.read();
                // A clip's own keys are its row's.
                default -> {
                    return;
                }
            }
            e.consume();
        });
    }

    @Override
    public String title() {
        return "Load";
    }

    @Override
    public Node node() {
        return root;
    }

    /** Clips without a reading on their run, else those that are to be put on one. */
    @Override
    public String gauge(Snapshot now) {
        Job job = now.job();
        long unread = job.clips().stream()
                .map(Clip::id)
                .filter(id -> job.runOf(id).isPresent() && job.marksOf(id).isEmpty())
                .count();
        long open = job.clipsInUse().stream()
                .filter(c -> !c.photo()
                        && job.runOf(c.id()).isEmpty()
                        && desk.work().clips().offRun(c) == OffRun.NOT_PLACED)
                .count();
        return unread > 0 ? unread + " unread" : open > 0 ? open + " to place" : "";
    }
}

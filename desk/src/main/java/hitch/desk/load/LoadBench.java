package hitch.desk.load;

import hitch.core.footage.Clip;
import hitch.core.job.Job;
import hitch.desk.Bench;
import hitch.desk.Context;
import hitch.desk.Snapshot;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Property on the left, clips and runs on the right. */
public final class LoadBench implements Bench {
    private final Context desk;
    private final HBox root = new HBox();

    public LoadBench(Context desk) {
        this.desk = desk;
        PropertyForm property = new PropertyForm(desk);
        ScrollPane left = new ScrollPane(property);
        left.setFitToWidth(true);
        left.setMinWidth(420);
        left.setMaxWidth(420);
        left.getStyleClass().add("side-left");
        ClipsPane clips = new ClipsPane(desk);
        RunsPane runs = new RunsPane(desk);
        VBox right = new VBox(24, clips, new PhotosPane(desk), new FixturesPane(desk));
        // Runs come first once there are any; before that there is nothing but clips to be had.
        desk.work().snapshotProperty().addListener((o, was, is) -> order(right, clips, runs));
        order(right, clips, runs);
        right.getStyleClass().add("page");
        ScrollPane scroll = new ScrollPane(right);
        scroll.setId("load-page");
        scroll.setFitToWidth(true);
        HBox.setHgrow(scroll, Priority.ALWAYS);
        root.getChildren().addAll(left, scroll);
        root.getStyleClass().add("bench");
    }

    private void order(VBox page, Node clips, Node runs) {
        boolean first = !desk.work().now().job().runs().isEmpty();
        int at = page.getChildren().indexOf(runs);
        int wanted = first ? 0 : 1;
        if (at != wanted) {
            page.getChildren().remove(runs);
            page.getChildren().add(wanted, runs);
        }
    }

    @Override
    public String title() {
        return "Load";
    }

    @Override
    public Node node() {
        return root;
    }

    /** How many clips there are; those without a reading on their run are still open. */
    @Override
    public String gauge(Snapshot now) {
        Job job = now.job();
        long open = job.clips().stream()
                .map(Clip::id)
                .filter(id -> job.runOf(id).isPresent() && job.marksOf(id).isEmpty())
                .count();
        return open > 0 ? open + " unread" : "";
    }
}

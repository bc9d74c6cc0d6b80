package hitch.desk.pair;

import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import hitch.desk.Context;
import hitch.desk.widget.Labels;
import hitch.media.clip.Picture;
import hitch.media.draw.AlikeLight;
import hitch.media.film.PairPicture;
import hitch.media.render.Still;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/**
 * Two frames at one place, side by side: step along the pipe and both go, each on its best frame there. Made for what changed between
 * two ways of the camera: out and back, before and after a cleaning, an earlier visit and this one.
 */
public final class PairSheet extends VBox {
    private static final Distance STEP = Distance.feet(0.1);
    private static final int FAR = 10;

    private final Context desk;
    private final PairWell left;
    private final PairWell right;
    private final Extent along;
    private final Slider slider = new Slider();
    private final Label at = Labels.of("", "station");
    private final CheckBox alike = new CheckBox("Light made alike");
    private final Button save;
    private Station place;

    /**
     * @param all what can be laid beside each other, two at least, a pass of the camera first
     * @param start the place to begin at
     */
    private PairSheet(Context desk, List<Beside> all, Station start, Runnable leave) {
        super(12);
        this.desk = desk;
        this.along = desk.work().now().survey().seen().orElse(Extent.at(start));
        setId("pair-sheet");
        getStyleClass().addAll("page", "bench");
        Beside first = all.stream().filter(b -> shows(b, start)).findFirst().orElse(all.getFirst());
        Beside second = other(all, first, start);
        left = new PairWell(desk, "left", all, first, this::draw);
        right = new PairWell(desk, "right", all, second, this::draw);
        for (PairWell well : List.of(left, right)) {
            HBox.setHgrow(well, Priority.ALWAYS);
            well.setPrefWidth(10);
            well.setMaxWidth(Double.MAX_VALUE);
        }
        HBox wells = new HBox(16, left, right);
        VBox.setVgrow(wells, Priority.ALWAYS);
        at.setId("pair-place");
        alike.setId("pair-alike");
        alike.setSelected(true);
        alike.setOnAction(e -> draw());
        slider.setId("pair-slider");
        slider.setMin(along.from().mm());
        slider.setMax(Math.max(along.from().mm() + 1, along.to().mm()));
        slider.setAccessibleText("Place along the pipe");
        slider.valueProperty().addListener((o, was, is) -> go(new Station(Math.round(is.doubleValue()))));
        HBox.setHgrow(slider, Priority.ALWAYS);
        save = Labels.button("Save the pair", "S", "Save both pictures beside each other as one still", this::save);
        save.setId("pair-save");
        Button done = Labels.button("Done", "Esc", "Back to the bench", leave);
        done.setId("pair-done");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox top = new HBox(12, Labels.of("Two frames at one place", "strong", "large"), gap, alike, save, done);
        HBox foot = new HBox(
                16,
                at,
                Labels.button("", "←", "A tenth of a foot back; with Shift a foot", () -> step(-1)),
                Labels.button("", "→", "A tenth of a foot on; with Shift a foot", () -> step(1)),
                slider);
        top.setAlignment(Pos.CENTER_LEFT);
        foot.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(top, wells, foot);
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        sceneProperty().addListener((o, was, is) -> {
            if (is == null) {
                left.close();
                right.close();
            }
        });
        go(start);
    }

    /** Opens it at a place, or tells why there is nothing to be laid beside it. */
    public static void open(Context desk, Optional<Station> at) {
        List<Beside> all = Beside.all(desk);
        if (at.isEmpty() || all.size() < 2) {
            desk.work()
                    .notices()
                    .say(
                            at.isEmpty()
                                    ? "This frame has no station, so there is no second look at its place."
                                    : "The camera went by here once only, so there is nothing to lay beside it until an earlier visit is laid beside on Judge.");
            return;
        }
        desk.player().playingProperty().set(false);
        desk.lay(leave -> new PairSheet(desk, all, at.get(), leave));
    }

    private boolean shows(Beside beside, Station place) {
        return switch (beside) {
            case Beside.Pass p -> p.pass().at(desk.work().now().survey(), place).isPresent();
            case Beside.Visit v -> v.at(place).isPresent();
        };
    }

    /** Another than the first, the other direction of the camera before any. */
    private Beside other(List<Beside> all, Beside first, Station start) {
        List<Beside> there =
                all.stream().filter(b -> !b.equals(first) && shows(b, start)).toList();
        return there.stream()
                .filter(b -> !(b instanceof Beside.Pass p)
                        || !(first instanceof Beside.Pass f)
                        || p.pass().heading() != f.pass().heading())
                .findFirst()
                .or(() -> there.stream().findFirst())
                .orElse(all.getLast());
    }

    private void key(KeyEvent e) {
        switch (e.getCode()) {
            case LEFT -> step(e.isShiftDown() ? -FAR : -1);
            case RIGHT -> step(e.isShiftDown() ? FAR : 1);
            case S -> save();
            default -> {
                return;
            }
        }
        e.consume();
    }

    private void step(int tenths) {
        go(place.plus(STEP.times(tenths)));
    }

    private void go(Station wanted) {
        Station within = new Station(
                Math.clamp(wanted.mm(), along.from().mm(), along.to().mm()));
        if (within.equals(place)) {
            return;
        }
        place = within;
        slider.setValue(within.mm());
        at.setText(within.show(desk.work().now().survey().facts().unit()));
        left.show(within);
        right.show(within);
    }

    private void draw() {
        Optional<Picture> one = left.picture();
        Optional<Picture> other = right.picture();
        one.ifPresent(left::draw);
        other.map(p -> alike.isSelected() && one.isPresent() ? AlikeLight.of(p, one.get()) : p)
                .ifPresent(right::draw);
        save.setDisable(one.isEmpty() || other.isEmpty());
    }

    /** Writes a still of the pair into the job's cuts; light that was changed is told on it. */
    private void save() {
        if (left.picture().isEmpty() || right.picture().isEmpty()) {
            return;
        }
        Picture one = left.picture().get();
        Picture other = alike.isSelected()
                ? AlikeLight.of(right.picture().get(), one)
                : right.picture().get();
        String title = at.getText() + ", " + desk.work().now().survey().facts().property();
        List<String> words = List.of(left.words(), right.words() + (alike.isSelected() ? ", light made alike" : ""));
        Path out = desk.work().folder().cuts().resolve("pair-" + at.getText().replaceAll("[^0-9.]+", "-") + "ft.png");
        desk.work()
                .inBackground(
                        () -> {
                            Still.save(PairPicture.of(title, List.of(one, other), words), out);
                            return out;
                        },
                        done -> desk.work().notices().say("The pair is saved as " + done));
    }
}

package hitch.desk.pair;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.footage.Clip;
import hitch.core.footage.ClockText;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Station;
import hitch.core.survey.ClipPass;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import hitch.desk.play.ClipFrames;
import hitch.desk.play.PictureImage;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import hitch.media.clip.Picture;
import hitch.media.render.SeenPicture;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** One of the two: a way of the camera, and its best frame at the place. */
final class PairWell extends VBox {
    private final Context desk;
    private final ClipFrames frames;
    private final Runnable arrived;
    private final ImageView view = new ImageView();
    private final Label when = Labels.mayBeCut(Labels.of("", "soft"));
    private final Label none = Labels.of("", "well-text");
    private final ComboBox<ClipPass> choice;
    private Station place = Station.DATUM;
    private Optional<Picture> picture = Optional.empty();
    private Optional<FrameRef> frame = Optional.empty();

    /**
     * @param name {@code left} or {@code right}
     * @param arrived told when another picture is there
     */
    PairWell(Context desk, String name, List<ClipPass> passes, ClipPass chosen, Runnable arrived) {
        super(8);
        this.desk = desk;
        this.frames = new ClipFrames(desk.work());
        this.arrived = arrived;
        choice = Fields.choice("Footage on the " + name, passes, chosen, t -> t.words(survey()), t -> show(place));
        choice.setId("pair-" + name);
        StackPane well = new StackPane(view, none);
        well.getStyleClass().add("well");
        well.setMinSize(200, 150);
        view.setManaged(false);
        view.setPreserveRatio(true);
        well.layoutBoundsProperty().addListener((o, was, is) -> fit(is.getWidth(), is.getHeight()));
        view.imageProperty().addListener((o, was, is) -> fit(well.getWidth(), well.getHeight()));
        none.setWrapText(true);
        none.setMaxWidth(320);
        VBox.setVgrow(well, Priority.ALWAYS);
        getChildren().addAll(choice, well, when);
    }

    private void fit(double width, double height) {
        if (view.getImage() == null || width <= 0) {
            return;
        }
        double scale = Math.min(
                width / view.getImage().getWidth(), height / view.getImage().getHeight());
        view.setFitWidth(view.getImage().getWidth() * scale);
        view.setFitHeight(view.getImage().getHeight() * scale);
        view.relocate(
                (width - view.getImage().getWidth() * scale) / 2,
                (height - view.getImage().getHeight() * scale) / 2);
    }

    private Survey survey() {
        return desk.work().now().survey();
    }

    /** Goes to a place of the pipe. */
    void show(Station at) {
        place = at;
        frame = Optional.ofNullable(choice.getValue()).flatMap(t -> t.at(survey(), at));
        Optional<Clip> clip = frame.flatMap(f -> survey().clip(f.clip()));
        if (frame.isEmpty() || clip.isEmpty()) {
            picture = Optional.empty();
            view.setImage(null);
            when.setText("");
            none.setText("The camera did not come here on this way.");
            arrived.run();
            return;
        }
        FrameRef wanted = frame.get();
        frames.fetch(
                clip.get(),
                wanted.pts(),
                p -> {
                    // A still of the pair is made to be sent: what is to be hidden is hidden here already.
                    picture =
                            Optional.of(SeenPicture.of(Disclosure.of(survey(), Recipient.HOMEOWNER), wanted.clip(), p));
                    none.setText("");
                    when.setText(ClockText.of(clip.get().secondsInto(wanted.pts())) + " of "
                            + clip.get().fileName());
                    arrived.run();
                },
                none::setText);
    }

    /** The picture as it is looked at; empty where there is none. */
    Optional<Picture> picture() {
        return picture;
    }

    /** Shows it in a light of its own or another's. */
    void draw(Picture as) {
        view.setImage(PictureImage.of(as));
    }

    Optional<FrameRef> frame() {
        return frame;
    }

    /** What it shows, for under a still of the pair. */
    String words() {
        return choice.getValue().words(survey()) + ", " + when.getText();
    }

    void close() {
        frames.close();
    }
}

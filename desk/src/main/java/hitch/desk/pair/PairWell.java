package hitch.desk.pair;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.footage.Clip;
import hitch.core.footage.ClockText;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Station;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import hitch.desk.play.ClipFrames;
import hitch.desk.play.PictureImage;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import hitch.media.MediaException;
import hitch.media.clip.Picture;
import hitch.media.render.SeenPicture;
import hitch.media.render.Still;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** One of the two: a pass of the camera or an earlier visit, and its best picture at the place. */
final class PairWell extends VBox {
    private final Context desk;
    private final ClipFrames frames;
    private final Runnable arrived;
    private final ImageView view = new ImageView();
    private final Label when = Labels.mayBeCut(Labels.of("", "soft"));
    private final Label none = Labels.of("", "well-text");
    private final ComboBox<Beside> choice;
    private Station place = Station.DATUM;
    private Optional<Picture> picture = Optional.empty();

    /**
     * @param name {@code left} or {@code right}
     * @param arrived told when another picture is there
     */
    PairWell(Context desk, String name, List<Beside> all, Beside chosen, Runnable arrived) {
        super(8);
        this.desk = desk;
        this.frames = new ClipFrames(desk.work());
        this.arrived = arrived;
        choice = Fields.choice("Footage on the " + name, all, chosen, Beside::words, t -> show(place));
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
        switch (choice.getValue()) {
            case Beside.Pass pass -> show(pass.pass().at(survey(), at));
            case Beside.Visit visit -> kept(visit.at(at));
            case null -> nothing("");
        }
    }

    private void nothing(String why) {
        picture = Optional.empty();
        view.setImage(null);
        when.setText("");
        none.setText(why);
        arrived.run();
    }

    private void kept(Optional<Beside.Kept> near) {
        frames.forget();
        try {
            picture = near.isEmpty()
                    ? Optional.empty()
                    : Optional.of(Still.read(near.get().file()));
            if (picture.isEmpty()) {
                nothing("No still was kept of this place then.");
                return;
            }
            none.setText("");
            when.setText(near.get().words() + ", then at "
                    + near.get().station().show(survey().facts().unit()));
            arrived.run();
        } catch (MediaException e) {
            nothing(e.getMessage());
        }
    }

    private void show(Optional<FrameRef> frame) {
        Optional<Clip> clip = frame.flatMap(f -> survey().clip(f.clip()));
        if (frame.isEmpty() || clip.isEmpty()) {
            nothing("The camera did not come here on this way.");
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

    /** What it shows, for under a still of the pair. */
    String words() {
        return choice.getValue().words() + ", " + when.getText();
    }

    void close() {
        frames.close();
    }
}

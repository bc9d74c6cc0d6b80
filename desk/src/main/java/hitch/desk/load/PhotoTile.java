package hitch.desk.load;

import hitch.core.finding.PhotoPlace;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.measure.Station;
import hitch.core.measure.StationText;
import hitch.core.survey.Survey;
import hitch.desk.ClipState;
import hitch.desk.Context;
import hitch.desk.play.FramePicture;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import java.io.File;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.DirectoryChooser;

/** One photograph: its picture, what it shows, and its file's name and trouble. */
final class PhotoTile extends HBox {
    private static final double PICTURE = 160;
    private static final double FIELD = 420;
    private static final double STATION = 140;

    private final Context desk;
    private final Clip photo;
    private final FramePicture picture;

    PhotoTile(Context desk, Clip photo) {
        super(16);
        this.desk = desk;
        this.photo = photo;
        this.picture = new FramePicture(desk, PICTURE);
        setId("photo-" + photo.id());
        getStyleClass().add("list-row");
        fill();
    }

    Clip photo() {
        return photo;
    }

    /** Shows what is known of it now. */
    void fill() {
        ClipState state = desk.work().clips().state(photo);
        if (!state.missing()) {
            picture.show(new FrameRef(photo.id(), photo.firstPts()), photo.fileName());
        }
        Label name = Labels.mayBeCut(Labels.of(photo.fileName(), "strong"));
        VBox facts = new VBox(8, name, shows());
        if (!state.trouble().isEmpty()) {
            Label trouble = Labels.of(state.trouble(), "soft");
            trouble.setWrapText(true);
            facts.getChildren().add(trouble);
        }
        facts.getChildren().add(buttons(state));
        HBox.setHgrow(facts, Priority.ALWAYS);
        getChildren().setAll(picture, facts);
    }

    private FlowPane shows() {
        Survey survey = desk.work().now().survey();
        PhotoShows now = now(survey);
        List<PhotoShows> all = PhotoShows.all(survey).stream()
                .map(s -> s.isPlace() && now.isPlace() ? now : s)
                .toList();
        ComboBox<PhotoShows> choice =
                Fields.choice("What " + photo.fileName() + " shows", all, now, PhotoShows::words, s -> say(s.place()));
        choice.setPrefWidth(FIELD);
        FlowPane box = new FlowPane(12, 8, Fields.named("Shows", choice));
        now.place()
                .filter(PhotoPlace.AtStation.class::isInstance)
                .map(PhotoPlace.AtStation.class::cast)
                .ifPresent(p -> box.getChildren().add(at(p.at(), survey)));
        return box;
    }

    private VBox at(Station at, Survey survey) {
        return Fields.named(
                "At",
                Fields.text(
                        "Station of " + photo.fileName(),
                        StationText.show(
                                survey.line().stationing().read(at),
                                survey.facts().unit()),
                        STATION,
                        this::typed));
    }

    private void typed(String text) {
        Survey survey = desk.work().now().survey();
        Optional<Station> read = StationText.read(text, survey.facts().unit(), Station.DATUM);
        if (read.isEmpty()) {
            desk.work()
                    .notices()
                    .say("\"" + text
                            + "\" is no distance along the line, such as 12.6 building. The photograph stays where"
                            + " it was.");
            fill();
        } else {
            say(read.map(
                    s -> new PhotoPlace.AtStation(survey.line().stationing().meant(s))));
        }
    }

    private PhotoShows now(Survey survey) {
        Optional<PhotoPlace> said =
                Optional.ofNullable(desk.work().now().job().photos().get(photo.id()));
        if (said.isEmpty()) {
            return PhotoShows.NOT_SAID;
        }
        if (said.get() instanceof PhotoPlace.AtStation at) {
            return PhotoShows.place(at.at());
        }
        return PhotoShows.all(survey).stream()
                .filter(s -> s.place().equals(said))
                .findFirst()
                .orElse(PhotoShows.NOT_SAID);
    }

    private void say(Optional<PhotoPlace> place) {
        if (!place.equals(Optional.ofNullable(desk.work().now().job().photos().get(photo.id())))) {
            desk.work().apply(new Edit.PlacePhoto(photo.id(), place));
        }
    }

    private FlowPane buttons(ClipState state) {
        FlowPane row = new FlowPane(8, 8);
        if (state.missing()) {
            row.getChildren()
                    .add(Labels.button("Find", "", "Look for " + photo.fileName() + " in a folder", this::find));
        } else {
            row.getChildren()
                    .add(Labels.button(
                            "Show",
                            "",
                            "Show " + photo.fileName() + " on Mark",
                            () -> desk.player().seek(photo, 0)));
            row.getChildren()
                    .add(Labels.button(
                            "Hide a part…",
                            "",
                            "Hide a part of " + photo.fileName(),
                            () -> desk.hide(new FrameRef(photo.id(), photo.firstPts()))));
        }
        row.getChildren()
                .add(Labels.button(
                        "Take out",
                        "",
                        "Take " + photo.fileName() + " out of the job; the file stays",
                        () -> desk.work().apply(new Edit.LeaveOutClip(photo.id()))));
        return row;
    }

    private void find() {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle("Where does " + photo.fileName() + " lie now?");
        File folder = chooser.showDialog(getScene().getWindow());
        if (folder != null) {
            desk.work().clips().find(photo, List.of(folder.toPath()));
        }
    }
}

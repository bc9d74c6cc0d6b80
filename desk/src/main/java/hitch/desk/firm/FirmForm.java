package hitch.desk.firm;

import hitch.desk.Context;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import hitch.desk.widget.Typing;
import hitch.store.FirmFolder.Picture;
import hitch.store.FirmProfile;
import hitch.store.StoreException;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import javax.imageio.ImageIO;

/** Who the firm is: its name, its reviewers, how it is reached, its logo and signature, the colour of its cards. New jobs begin with them. */
final class FirmForm extends VBox {
    private static final double WIDTH = 300;
    private static final int WIDEST = 1600;

    private final Context desk;

    FirmForm(Context desk) {
        super(6);
        this.desk = desk;
        setId("firm-form");
        desk.work().firm().profileProperty().addListener((o, was, is) -> Typing.orOnceLeft(this, this::fill));
        desk.work().firm().picturesKeptProperty().addListener((o, was, is) -> fill());
        fill();
    }

    private FirmProfile profile() {
        return desk.work().firm().profileProperty().get();
    }

    private void fill() {
        FirmProfile p = profile();
        getChildren()
                .setAll(
                        Labels.heading("Who we are"),
                        Fields.named(
                                "Name",
                                Fields.text(
                                        "The firm's name",
                                        p.name(),
                                        WIDTH,
                                        t -> keep(profile().called(t)))),
                        Fields.named(
                                "Reviewers, the usual one first",
                                Fields.text(
                                        "The firm's reviewers",
                                        String.join(", ", p.people()),
                                        WIDTH,
                                        t -> keep(profile().with(List.of(t.split(",")))))),
                        Fields.named(
                                "Reached at",
                                Fields.text(
                                        "How the firm is reached",
                                        p.phone(),
                                        WIDTH,
                                        t -> keep(profile().reachedAt(t)))),
                        Fields.named(
                                "Colour of cards",
                                Fields.text("Colour of the firm's cards", p.cards(), 112, this::colour)),
                        bySelf(p),
                        secondEyes(p),
                        new HBox(16, picture("Logo", Picture.LOGO), picture("Signature", Picture.SIGNATURE)));
    }

    private Node bySelf(FirmProfile p) {
        CheckBox on = new CheckBox("Read and listen to clips as they come in");
        on.setId("reads-by-itself");
        on.setSelected(p.readsBySelf());
        on.setOnAction(e -> keep(profile().readingBySelf(on.isSelected())));
        return on;
    }

    private Node secondEyes(FirmProfile p) {
        CheckBox on = new CheckBox("Point at places that stand out and nobody has marked");
        on.setId("second-eyes");
        on.setSelected(p.secondEyes());
        on.setOnAction(e -> keep(profile().pointingOut(on.isSelected())));
        return on;
    }

    private void keep(FirmProfile next) {
        desk.work().firm().keep(next);
    }

    private void colour(String typed) {
        try {
            keep(profile().inColour(typed));
        } catch (IllegalArgumentException e) {
            desk.work().notices().say(e.getMessage() + " The colour was left as it was.");
            fill();
        }
    }

    private Node picture(String word, Picture which) {
        ImageView view = new ImageView();
        view.setFitWidth(140);
        view.setFitHeight(56);
        view.setPreserveRatio(true);
        desk.work()
                .firm()
                .picture(which)
                .ifPresent(p -> view.setImage(new Image(p.toUri().toString(), true)));
        VBox box = new VBox(
                4,
                Labels.of(word, "field-label"),
                view,
                Labels.button(
                        "Choose…",
                        "",
                        "Choose the firm's " + word.toLowerCase(java.util.Locale.ROOT),
                        () -> choose(which)));
        box.setAlignment(Pos.TOP_LEFT);
        return box;
    }

    private void choose(Picture which) {
        FileChooser chooser = new FileChooser();
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("Pictures", "*.png", "*.jpg", "*.jpeg"));
        File file = chooser.showOpenDialog(getScene().getWindow());
        if (file != null) {
            desk.work()
                    .inBackground(
                            () -> png(file.toPath()), png -> desk.work().firm().keep(which, png));
        }
    }

    private static byte[] png(Path file) throws StoreException {
        try {
            BufferedImage image = ImageIO.read(file.toFile());
            if (image == null || image.getWidth() > WIDEST) {
                throw new StoreException(file.getFileName() + " was not taken: a PNG or JPEG picture at most " + WIDEST
                        + " pixels wide is meant.");
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(image, "png", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new StoreException(file.getFileName() + " cannot be read as a picture.", e);
        }
    }
}

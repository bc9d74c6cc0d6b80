package hitch.desk.cut;

import hitch.core.finding.FindingId;
import hitch.core.footage.FrameRef;
import hitch.core.story.EvidenceShot;
import hitch.core.story.FindingShot;
import hitch.core.story.KeptPhrase;
import hitch.core.story.ScriptLine;
import hitch.core.story.Shot;
import hitch.core.story.SideBySideShot;
import hitch.desk.play.FramePicture;
import hitch.desk.widget.Labels;
import hitch.desk.widget.StillView;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** A paragraph of the script beside the shot it runs over. It is made once and told what the record says. */
final class ScriptRow extends HBox {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final double PICTURE = 96;

    private final ScriptRoom room;
    private final ParagraphText plain = new ParagraphText();
    private final StackPane words = new StackPane(plain);
    private final VBox notes = new VBox(4);
    private final StackPane picture = new StackPane();
    private final Label title = Labels.of("", "soft", "small");
    private ScriptLine line;
    private Object pictured;
    private double measuredAt = Double.NaN;
    private double measured;

    /** Takes up a row's words for writing. */
    interface Taking {
        void take(ScriptRow row, int caret);
    }

    ScriptRow(ScriptRoom room, String key, Taking taking) {
        super(16);
        this.room = room;
        getStyleClass().add("script-row");
        setMinHeight(USE_PREF_SIZE);
        setId("shot-" + key.replace(':', '-'));
        VBox left = new VBox(2, words, notes);
        HBox.setHgrow(left, Priority.ALWAYS);
        title.setWrapText(true);
        title.setMaxWidth(PICTURE + 4);
        VBox shot = new VBox(2, picture, title);
        shot.setMinWidth(PICTURE + 8);
        shot.setMaxWidth(PICTURE + 8);
        words.setAlignment(Pos.TOP_LEFT);
        getChildren().addAll(left, shot);
        plain.addEventHandler(MouseEvent.MOUSE_CLICKED, e -> taking.take(this, plain.letterAt(e.getX(), e.getY())));
        shot.setOnMouseClicked(e -> taking.take(this, 0));
    }

    /** The toolkit asks every row how high it is at every key that is typed in one of them; it measures its words once. */
    @Override
    protected double computePrefHeight(double width) {
        if (width != measuredAt) {
            measured = super.computePrefHeight(width);
            measuredAt = width;
        }
        return measured;
    }

    @Override
    public void requestLayout() {
        measuredAt = Double.NaN;
        super.requestLayout();
    }

    ScriptLine line() {
        return line;
    }

    void show(ScriptLine now) {
        if (now.equals(line)) {
            return;
        }
        line = now;
        plain.show(now.shot().narration().isBlank() ? "\u2026" : now.shot().narration(), room.facts(now));
        plain.setAccessibleText(
                "Spoken over " + now.shot().title() + ": " + now.shot().narration());
        title.setText(now.shot().title());
        picture();
        notes.getChildren().clear();
        if (now.isStale() && !now.isLeftOut()) {
            notes.getChildren().add(new StaleWords(room, now));
        }
        notes.getChildren().add(acts());
        setOpacity(1);
        words.setOpacity(now.isLeftOut() ? 0.45 : 1);
        picture.setOpacity(now.isLeftOut() ? 0.45 : 1);
    }

    void chosen(boolean is) {
        pseudoClassStateChanged(CHOSEN, is);
    }

    /** Takes the editor in, in place of its words. */
    void writing(WordsEditor editor) {
        words.getChildren().setAll(editor);
    }

    void reading() {
        words.getChildren().setAll(plain);
    }

    private void picture() {
        Shot shot = line.shot();
        Object now = shot.shown();
        if (now.equals(pictured) && !shot.shown().isEmpty()) {
            return;
        }
        pictured = now;
        picture.getChildren().setAll(pictureOf(shot));
    }

    private Node pictureOf(Shot shot) {
        Optional<FindingId> finding = switch (shot) {
            case FindingShot f -> Optional.of(f.finding());
            case EvidenceShot e -> Optional.of(e.finding());
            case SideBySideShot s ->
                s.panels().stream().map(SideBySideShot.Panel::finding).findFirst();
            default -> Optional.empty();
        };
        boolean moved = line.change().frame().isPresent();
        if (finding.isPresent() && !moved) {
            StillView still = new StillView(PICTURE, PICTURE * 3 / 4);
            room.desk()
                    .work()
                    .now()
                    .survey()
                    .finding(finding.get())
                    .ifPresent(f -> still.show(room.desk().work().still(f.finding())));
            return still;
        }
        Optional<FrameRef> frame = shot.shown().stream().findFirst();
        if (frame.isPresent()) {
            FramePicture small = new FramePicture(room.desk(), PICTURE);
            small.show(frame.get(), shot.title());
            return small;
        }
        Label sheet = Labels.of(shot instanceof hitch.core.story.MapShot ? "The line" : "Card", "soft", "small");
        StackPane card = new StackPane(sheet);
        card.getStyleClass().add("card-picture");
        card.setMinSize(PICTURE, PICTURE * 9 / 16);
        card.setMaxSize(PICTURE, PICTURE * 9 / 16);
        return card;
    }

    private Node acts() {
        String key = line.proposed().key();
        HBox row = new HBox(8, Labels.of(Math.round(room.seconds(line)) + " s", "soft", "small"));
        row.setAlignment(Pos.CENTER_LEFT);
        boolean own = key.startsWith(hitch.core.job.OwnShot.KEYS);
        if (line.isReworded() && !own) {
            row.getChildren()
                    .addAll(
                            Labels.of("in your own words", "soft", "small"),
                            quiet(
                                    "As proposed",
                                    "Take the proposed words for " + line.shot().title(),
                                    () -> room.change(key, c -> c.asProposed())));
        }
        List<KeptPhrase> phrases = line.isReworded() && !line.isLeftOut() ? room.phrases(line) : List.of();
        if (!phrases.isEmpty()) {
            row.getChildren().add(keeping(phrases));
        }
        if (line.isLeftOut()) {
            row.getChildren()
                    .addAll(
                            Labels.of("left out", "soft", "small"),
                            quiet(
                                    "Tell it",
                                    "Tell " + line.shot().title(),
                                    () -> room.change(key, c -> c.leftOut(false))));
        } else {
            String does = own ? "Take out" : "Leave out";
            Button out = quiet(does, does + " " + line.shot().title(), () -> room.arrange(r -> r.takeOut(key)));
            out.getStyleClass().add("leave-out");
            row.getChildren().add(out);
        }
        return row;
    }

    /** Sentences that can become the firm's. */
    private MenuButton keeping(List<KeptPhrase> phrases) {
        MenuButton menu = new MenuButton("Keep a sentence");
        menu.getStyleClass().addAll("quiet", "keep-phrase");
        menu.setAccessibleText("Keep a sentence as the firm's, to be proposed for such findings from now on");
        for (KeptPhrase phrase : phrases) {
            MenuItem item = new MenuItem(phrase.sentence());
            item.setMnemonicParsing(false);
            item.setOnAction(e -> room.makeOurs(phrase));
            menu.getItems().add(item);
        }
        return menu;
    }

    private static Button quiet(String words, String what, Runnable act) {
        Button button = Labels.button(words, "", what, act);
        button.getStyleClass().add("quiet");
        return button;
    }
}

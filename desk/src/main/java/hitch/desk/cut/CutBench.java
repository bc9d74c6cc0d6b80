package hitch.desk.cut;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.story.CardShot;
import hitch.core.story.Chapter;
import hitch.core.story.Cutting;
import hitch.core.story.FindingShot;
import hitch.core.story.ScriptWriter;
import hitch.core.story.Shot;
import hitch.core.story.Story;
import hitch.core.survey.Survey;
import hitch.desk.Bench;
import hitch.desk.Context;
import hitch.desk.Snapshot;
import hitch.desk.widget.Labels;
import hitch.desk.widget.StillView;
import hitch.media.render.StoryRenderer;
import java.util.Locale;
import javafx.beans.property.ObjectProperty;
import javafx.collections.ListChangeListener;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The story for the chosen recipient, as it would be spoken and shown. */
public final class CutBench implements Bench {
    /** Letters of narration the built-in voice speaks in a second, as heard over the demo's script. */
    private static final double LETTERS_A_SECOND = 14.5;

    private final Context desk;
    private final ObjectProperty<Recipient> recipient;
    private final VBox root = new VBox();
    private final VBox rows = new VBox();
    private final Label length = Labels.of("", "measure-large");

    public CutBench(Context desk, ObjectProperty<Recipient> recipient) {
        this.desk = desk;
        this.recipient = recipient;
        HBox top = new HBox(12, Labels.heading("Script for the"));
        HBox choices = new HBox(12);
        Runnable offer = () -> {
            ToggleGroup group = new ToggleGroup();
            choices.getChildren()
                    .setAll(desk.work().firm().recipients().stream()
                            .map(r -> choice(r, group))
                            .toList());
        };
        desk.work().firm().recipients().addListener((ListChangeListener<Recipient>) c -> offer.run());
        offer.run();
        top.getChildren().add(choices);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        top.getChildren().addAll(gap, Labels.of("about", "soft"), length);
        top.setAlignment(Pos.CENTER_LEFT);
        top.getStyleClass().add("page-top");
        rows.getStyleClass().add("page");
        ScrollPane scroll = new ScrollPane(rows);
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        root.getChildren().addAll(top, scroll);
        root.getStyleClass().add("bench");
        desk.work().snapshotProperty().addListener((o, was, is) -> fill());
        desk.work().stillsTakenProperty().addListener((o, was, is) -> fill());
        recipient.addListener((o, was, is) -> fill());
        fill();
    }

    private ToggleButton choice(Recipient each, ToggleGroup group) {
        ToggleButton button = new ToggleButton(each.title());
        button.setToggleGroup(group);
        button.setSelected(each.equals(recipient.get()));
        button.setOnAction(e -> {
            button.setSelected(true);
            recipient.set(each);
        });
        recipient.addListener((o, was, is) -> button.setSelected(is.equals(each)));
        return button;
    }

    private void fill() {
        Survey survey = desk.work().now().survey();
        Story story = ScriptWriter.write(Disclosure.of(survey, recipient.get()));
        length.setText(clock(estimate(story, survey).seconds()));
        rows.getChildren().clear();
        for (Chapter chapter : story.chapters()) {
            rows.getChildren().add(Labels.of(chapter.title(), "chapter"));
            chapter.shots().forEach(s -> rows.getChildren().add(row(s, survey)));
        }
    }

    /** The story laid out with the voice's usual pace instead of its sound. */
    private static Cutting estimate(Story story, Survey survey) {
        return Cutting.of(
                story,
                s -> s.narration().length() / LETTERS_A_SECOND,
                s -> survey.clip(s.frame().clip())
                        .map(c -> StoryRenderer.around(s, c))
                        .orElse(new double[] {0, 0}));
    }

    private Node row(Shot shot, Survey survey) {
        Label words = Labels.of(shot.narration());
        words.setWrapText(true);
        words.setMinHeight(Region.USE_PREF_SIZE);
        VBox left = new VBox(words);
        left.setPrefWidth(620);
        left.setMaxWidth(620);
        HBox right = new HBox(12);
        right.setAlignment(Pos.CENTER_LEFT);
        switch (shot) {
            case FindingShot found -> {
                StillView still = new StillView(120, 90);
                survey.finding(found.finding())
                        .ifPresent(f -> still.show(desk.work().still(f.finding())));
                Label caption = Labels.of(found.caption(), "strong");
                caption.setWrapText(true);
                Label times = Labels.of(
                        String.format(
                                Locale.ROOT,
                                "%.1f s up to it, held while spoken, %.1f s on",
                                found.before(),
                                found.after()),
                        "soft");
                times.setWrapText(true);
                right.getChildren().addAll(still, new VBox(4, Labels.of(found.title(), "soft"), caption, times));
            }
            case CardShot card -> {
                VBox sheet = new VBox(2, Labels.of(card.title(), "strong"));
                card.rows().stream().limit(3).forEach(r -> {
                    Label row = Labels.of(r.label() + "  " + r.text(), "soft");
                    row.setWrapText(true);
                    sheet.getChildren().add(row);
                });
                sheet.getStyleClass().add("card");
                sheet.setMaxWidth(400);
                right.getChildren().add(sheet);
            }
        }
        HBox row = new HBox(32, left, right);
        row.getStyleClass().add("script-row");
        return row;
    }

    static String clock(double seconds) {
        long whole = Math.round(seconds);
        return String.format(Locale.ROOT, "%d:%02d", whole / 60, whole % 60);
    }

    @Override
    public String title() {
        return "Cut";
    }

    @Override
    public Node node() {
        return root;
    }

    @Override
    public String gauge(Snapshot now) {
        return now.survey().findings().isEmpty()
                ? ""
                : clock(estimate(ScriptWriter.write(Disclosure.of(now.survey(), recipient.get())), now.survey())
                        .seconds());
    }
}

package hitch.desk.cut;

import hitch.core.disclosure.Recipient;
import hitch.core.finding.FindingId;
import hitch.core.job.Edit;
import hitch.core.job.ShotChange;
import hitch.core.story.CardShot;
import hitch.core.story.EvidenceShot;
import hitch.core.story.FindingShot;
import hitch.core.story.FootageShot;
import hitch.core.story.MapShot;
import hitch.core.story.PassageShot;
import hitch.core.story.ScriptLine;
import hitch.core.story.SideBySideShot;
import hitch.core.story.StillShot;
import hitch.desk.Context;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import hitch.desk.widget.StillView;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** A paragraph of the script beside the shot it runs over. */
final class ScriptRow extends HBox {
    private static final double PAGE = 620;

    private final Context desk;
    private final Recipient recipient;
    private final ScriptLine line;

    ScriptRow(Context desk, Recipient recipient, ScriptLine line) {
        super(32);
        this.desk = desk;
        this.recipient = recipient;
        this.line = line;
        getStyleClass().add("script-row");
        setId("shot-" + line.proposed().key().replace(':', '-'));
        TextArea words = Fields.paragraph(
                "Spoken over " + line.shot().title(), line.shot().narration(), PAGE, this::say);
        words.getStyleClass().add("script-words");
        words.setDisable(line.isLeftOut());
        VBox left = new VBox(6, words);
        if (line.isStale() && !line.isLeftOut()) {
            left.getChildren().add(earlier());
        }
        left.getChildren().add(acts());
        left.setPrefWidth(PAGE);
        left.setMinWidth(PAGE);
        Node shown = switch (line.shot()) {
            case FindingShot found -> footage(found, found.finding(), "held while spoken");
            case EvidenceShot plays -> footage(plays, plays.finding(), "played on");
            case CardShot card ->
                sheet(
                        card.title(),
                        card.rows().stream()
                                .map(r -> (r.label() + "  " + r.text()).strip())
                                .toList());
            case PassageShot p ->
                sheet(p.title(), List.of(String.format(Locale.ROOT, "%.1f times as fast", p.speed())));
            case MapShot map -> sheet(map.title(), List.of("the line drawn, a rope running along it"));
            case SideBySideShot side -> sideBySide(side);
            case StillShot still -> sheet(still.title(), List.of("a picture gone into slowly"));
        };
        shown.setOpacity(line.isLeftOut() ? 0.45 : 1);
        getChildren().addAll(left, shown);
    }

    private void say(String typed) {
        boolean proposed = typed.isBlank() || typed.equals(line.proposed().narration());
        change(
                proposed
                        ? line.change().asProposed()
                        : line.change().saying(typed, line.proposed().facts()));
    }

    private void change(ShotChange change) {
        if (!change.equals(line.change())) {
            desk.work()
                    .apply(new Edit.ChangeShot(recipient.word(), line.proposed().key(), change));
        }
    }

    /** Words that tell what was so before. */
    private Node earlier() {
        Label told = Labels.of(
                "What is told has changed since these words were written. It is now: "
                        + line.proposed().narration(),
                "strong");
        told.setWrapText(true);
        Button stand = Labels.button(
                "They still stand",
                "",
                "Keep these words",
                () -> change(line.change()
                        .saying(line.shot().narration(), line.proposed().facts())));
        return new VBox(4, told, stand);
    }

    private Node acts() {
        HBox row = new HBox(8);
        row.setAlignment(Pos.CENTER_LEFT);
        if (line.isReworded()) {
            row.getChildren()
                    .addAll(
                            Labels.of("in your own words", "soft"),
                            quiet(
                                    "As proposed",
                                    "Take the proposed words for " + line.shot().title(),
                                    () -> change(line.change().asProposed())));
        }
        if (line.isLeftOut()) {
            row.getChildren()
                    .addAll(
                            Labels.of("left out", "soft"),
                            quiet(
                                    "Tell it",
                                    "Tell " + line.shot().title(),
                                    () -> change(line.change().leftOut(false))));
        } else {
            Button out = quiet(
                    "Leave out",
                    "Leave out " + line.shot().title(),
                    () -> change(line.change().leftOut(true)));
            out.getStyleClass().add("leave-out");
            row.getChildren().add(out);
        }
        return row;
    }

    private static Button quiet(String words, String what, Runnable act) {
        Button button = Labels.button(words, "", what, act);
        button.getStyleClass().add("quiet");
        return button;
    }

    private Node footage(FootageShot shot, FindingId finding, String between) {
        Label caption = Labels.of(String.join(" ", shot.written()), "strong");
        caption.setWrapText(true);
        Label times = Labels.of(
                String.format(Locale.ROOT, "%.1f s up to it, %s, %.1f s on", shot.before(), between, shot.after()),
                "soft");
        times.setWrapText(true);
        HBox row = new HBox(12, still(finding), new VBox(4, Labels.of(shot.title(), "soft"), caption, times));
        row.setAlignment(Pos.TOP_LEFT);
        return row;
    }

    private StillView still(FindingId finding) {
        StillView still = new StillView(120, 90);
        desk.work()
                .now()
                .survey()
                .finding(finding)
                .ifPresent(f -> still.show(desk.work().still(f.finding())));
        return still;
    }

    private Node sideBySide(SideBySideShot side) {
        HBox stills = new HBox(8);
        side.panels()
                .forEach(p -> stills.getChildren()
                        .add(new VBox(2, still(p.finding()), Labels.of(p.label(), "soft", "small"))));
        return new VBox(6, Labels.of(side.title(), "strong"), stills);
    }

    private static Node sheet(String title, List<String> rows) {
        VBox sheet = new VBox(2, Labels.of(title, "strong"));
        rows.stream().limit(3).forEach(r -> {
            Label row = Labels.of(r, "soft");
            row.setWrapText(true);
            sheet.getChildren().add(row);
        });
        sheet.getStyleClass().add("card");
        sheet.setMaxWidth(400);
        return new HBox(sheet);
    }
}

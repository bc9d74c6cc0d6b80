package hitch.desk.handover;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.NameFeared;
import hitch.core.footage.BurnedIn;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import hitch.desk.play.FramePicture;
import hitch.desk.widget.Labels;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** What is asked once before anything goes to somebody who may not know the people: writing on pictures, and names. */
final class AskedPane extends VBox {
    private static final double PICTURE = 260;
    private static final double HEIGHT = 72;
    /** Names asked about at once; the rest comes when these are settled. */
    private static final int NAMES = 4;

    private final Context desk;
    private List<Object> shown = List.of();

    AskedPane(Context desk) {
        super(12);
        this.desk = desk;
        setId("asked");
        managedProperty().bind(visibleProperty());
    }

    /** Shows what is open for one recipient; nothing where nothing is. */
    void show(Survey survey, Disclosure may) {
        Map<String, List<BurnedIn>> places = may.recipient().people() ? Map.of() : places(survey);
        List<NameFeared> names = may.namesFeared();
        List<Object> now = List.of(places, names, may.recipient());
        if (now.equals(shown)) {
            return;
        }
        shown = now;
        List<Node> rows = new ArrayList<>();
        places.values()
                .forEach(same -> rows.add(writing(survey, same, may.recipient().called())));
        names.stream().limit(NAMES).forEach(name -> rows.add(name(name)));
        if (names.size() > NAMES) {
            rows.add(Labels.of((names.size() - NAMES) + " more words may be names.", "soft"));
        }
        setVisible(!rows.isEmpty());
        if (!rows.isEmpty()) {
            rows.addFirst(
                    Labels.heading("Before it goes to the " + may.recipient().called()));
        }
        getChildren().setAll(rows);
    }

    /** Writing in about the same place of several clips is one question. */
    private static Map<String, List<BurnedIn>> places(Survey survey) {
        Map<String, List<BurnedIn>> places = new LinkedHashMap<>();
        survey.writing().forEach(w -> {
            String key = places.entrySet().stream()
                    .filter(p -> p.getValue()
                            .getFirst()
                            .writing()
                            .patch()
                            .isLike(w.writing().patch()))
                    .map(Map.Entry::getKey)
                    .findFirst()
                    .orElse("" + places.size());
            places.computeIfAbsent(key, k -> new ArrayList<>()).add(w);
        });
        return places;
    }

    private Node writing(Survey survey, List<BurnedIn> same, String whom) {
        BurnedIn first = same.getFirst();
        boolean asked = same.stream().anyMatch(BurnedIn::isAsked);
        boolean covered = same.stream().allMatch(BurnedIn::isCovered);
        String where = first.writing().patch().words();
        Label words = Labels.of(
                "Writing at the " + where + " of " + clips(same) + " is " + (covered ? "covered" : "shown")
                        + (asked ? " until you say" : "") + ".",
                "strong");
        words.setWrapText(true);
        Label why =
                Labels.of("A name or a number there is not for the " + whom + ". The counter stays visible.", "soft");
        why.setWrapText(true);
        Button hide = Labels.button(
                "Keep it covered", "", "Keep the writing at the " + where + " covered", () -> say(same, false));
        Button show = Labels.button(
                "Let it be seen", "", "Let the writing at the " + where + " be seen", () -> say(same, true));
        hide.setId("cover-writing");
        show.setId("show-writing");
        hide.setDisable(!asked && covered);
        show.setDisable(!covered);
        VBox text = new VBox(8, words, why, new HBox(8, hide, show));
        HBox row = new HBox(16);
        frame(survey, first).ifPresent(f -> {
            FramePicture picture = new FramePicture(desk, PICTURE, HEIGHT);
            picture.part(first.writing().patch());
            picture.show(f, "the writing at the " + where);
            row.getChildren().add(picture);
        });
        row.getChildren().add(text);
        return row;
    }

    private static String clips(List<BurnedIn> same) {
        long count = same.stream().map(BurnedIn::clip).distinct().count();
        return count == 1 ? same.getFirst().clip().toString() : count + " clips";
    }

    private static Optional<FrameRef> frame(Survey survey, BurnedIn writing) {
        return survey.clip(writing.clip())
                .map(c -> new FrameRef(
                        c.id(), (writing.writing().fromPts() + writing.writing().toPts()) / 2));
    }

    private void say(List<BurnedIn> same, boolean seen) {
        desk.work()
                .apply(new Edit.AnswerWriting(
                        same.stream().map(w -> w.answered(seen)).toList()));
    }

    private Node name(NameFeared name) {
        Label words =
                Labels.of("\u201c" + name.name() + "\u201d in " + name.where() + " may be somebody's name.", "strong");
        words.setWrapText(true);
        Button out = Labels.button(
                "Leave it out",
                "",
                "Leave out the name " + name.name(),
                () -> desk.work().edit(job -> Optional.of(new Edit.DescribeProperty(name.leftOut(job.facts())))));
        out.setId("leave-out-name");
        HBox row = new HBox(12, words, out);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }
}

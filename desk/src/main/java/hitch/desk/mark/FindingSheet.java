package hitch.desk.mark;

import hitch.core.detail.Detail;
import hitch.core.detail.Details;
import hitch.core.finding.Asked;
import hitch.core.finding.Certainty;
import hitch.core.finding.Finding;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.PictureSize;
import hitch.core.finding.Traits;
import hitch.core.job.Edit;
import hitch.core.survey.PlaceWords;
import hitch.desk.Context;
import hitch.desk.widget.DetailFields;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import hitch.desk.widget.Typing;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/**
 * All that is said of the chosen finding, a field each, to be put right in place. What nobody said takes no room: it waits as a word to
 * be pressed.
 */
final class FindingSheet extends VBox {
    /** Two fields stand beside each other. */
    private static final double FIELD = 188;

    private final Context desk;
    private final Label what = Labels.of("", "strong");
    private final Label place = Labels.of("", "measure");
    private final VBox sizes = new VBox(4);
    private final DetailFields fields;

    private LocatedFinding shown;

    FindingSheet(Context desk) {
        this.desk = desk;
        setSpacing(10);
        setId("finding-sheet");
        what.setWrapText(true);
        fields =
                new DetailFields(FIELD, "Say more of it", this::put, desk.work().notices()::say);
        VBox all = new VBox(10, what, place, sizes, fields);
        ScrollPane scroll = new ScrollPane(all);
        scroll.setFitToWidth(true);
        scroll.setFocusTraversable(false);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().add(scroll);
        desk.work().snapshotProperty().addListener((o, was, is) -> Typing.orOnceLeft(this, this::fill));
        desk.selected().addListener((o, was, is) -> {
            fields.closeOpened();
            fill();
        });
        fill();
    }

    private void fill() {
        shown = desk.selectedFinding().orElse(null);
        boolean any = shown != null;
        place.setVisible(any);
        place.setManaged(any);
        fields.setVisible(any);
        if (!any) {
            sizes.getChildren().clear();
            what.setText("Choose a finding to see all that is said of it.");
            return;
        }
        Finding finding = shown.finding();
        var survey = desk.work().now().survey();
        what.setText(finding.phrase());
        sizes.getChildren()
                .setAll(finding.sizes().stream().map(s -> row(s, finding)).toList());
        place.setText(survey.line()
                .place(shown, survey.facts().unit())
                .map(PlaceWords::all)
                .orElse(hitch.core.story.Wording.NO_STATION));
        Map<String, String> others = new LinkedHashMap<>();
        survey.noted().stream()
                .filter(f -> f != shown
                        && f.finding().kind().isToBeSeen()
                        && f.extent().isPresent())
                .forEach(f -> others.put(
                        f.finding().id().value(),
                        f.finding().kind().title() + ", "
                                + hitch.core.story.Wording.place(
                                        f, survey.line(), survey.facts().unit())));
        fields.choosing(Detail.CAUSED_BY, others);
        fields.show(offered(finding), finding.traits().details(), certainty(finding));
    }

    /** A size that was measured, with the way to its frame and the way out. */
    private Node row(PictureSize size, Finding finding) {
        boolean told = finding.told().filter(size::equals).isPresent();
        Button go = new Button(size.sort().word() + " " + size.shown());
        go.getStyleClass().addAll("bare", "link");
        go.setTooltip(new Tooltip("Go to the frame it was measured on"));
        go.setOnAction(e -> desk.open(size.frame()));
        Label how = Labels.mayBeCut(Labels.of(told ? size.how() : size.offBy() + ", not told", "soft"));
        Button forget = Labels.button(
                "Take out",
                "",
                "Take the measured " + size.sort().word() + " out",
                () -> desk.work().apply(new Edit.ForgetSize(finding.id(), size)));
        forget.setId("forget-size");
        forget.getStyleClass().add("slim");
        forget.setMinWidth(USE_PREF_SIZE);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox row = new HBox(8, go, how, gap, forget);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /** What its kind is asked for, and whatever else was said. */
    private static List<Detail<?>> offered(Finding finding) {
        List<Detail<?>> all = new ArrayList<>(Asked.of(finding.kind()));
        finding.traits().details().all().stream().filter(d -> !all.contains(d)).forEach(all::add);
        return all;
    }

    private Node certainty(Finding finding) {
        var box = Fields.choice(
                "How sure",
                Arrays.asList(Certainty.values()),
                finding.certainty(),
                Certainty::word,
                sure -> say(t -> t, Optional.of(sure)));
        box.setId("how-sure");
        box.setPrefWidth(FIELD);
        box.setMinHeight(DetailFields.HEIGHT);
        box.setMaxHeight(DetailFields.HEIGHT);
        return Fields.named("How sure", box);
    }

    private void put(Details.Change change) {
        say(t -> t.withDetails(change.in(t.details())), Optional.empty());
    }

    private void say(Function<Traits, Traits> how, Optional<Certainty> sure) {
        if (shown == null) {
            return;
        }
        var id = shown.finding().id();
        desk.work()
                .edit(job -> job.finding(id)
                        .map(f -> new Edit.SayOfFinding(id, how.apply(f.traits()), sure.orElse(f.certainty())))
                        .filter(e -> job.finding(id)
                                .filter(f -> f.traits().equals(e.traits()) && f.certainty() == e.certainty())
                                .isEmpty()));
    }
}

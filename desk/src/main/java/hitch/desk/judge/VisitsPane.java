package hitch.desk.judge;

import hitch.core.decide.Decision;
import hitch.core.decide.EarlierVisit.Then;
import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.judge.visit.Change;
import hitch.core.judge.visit.Compared;
import hitch.core.measure.Extent;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import hitch.desk.widget.Labels;
import hitch.desk.widget.StillView;
import hitch.store.EarlierJob;
import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.DirectoryChooser;

/** Earlier visits laid beside this one: what is new, grew, shrank or is gone, with both stills where both are there. */
final class VisitsPane extends VBox {
    private final Context desk;

    VisitsPane(Context desk) {
        super(12);
        this.desk = desk;
        setId("visits");
        getStyleClass().add("page");
        fill();
    }

    void fill() {
        Button lay = Labels.button(
                "Lay an earlier visit beside…", "", "Choose the job folder of an earlier visit", this::choose);
        lay.setId("lay-beside");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox top = new HBox(12, Labels.heading("Against an earlier visit"), gap, lay);
        top.setAlignment(Pos.CENTER_LEFT);
        getChildren().setAll(top);
        var beside = desk.work().now().judged().beside();
        if (beside.isEmpty()) {
            getChildren()
                    .add(Words.wrapped(
                            "No earlier visit is laid beside this one. Choose another job of the same property: what grew, what is new and "
                                    + "what is gone is then told, and intervals go by it. It is copied into this job; the other is left alone.",
                            "soft"));
        }
        beside.forEach(b -> getChildren().add(visit(b)));
    }

    private void choose() {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle("The job folder of an earlier visit");
        File folder = chooser.showDialog(getScene().getWindow());
        if (folder != null) {
            lay(folder.toPath());
        }
    }

    /** Reads another job and lays it beside this one; nothing of the other is changed. */
    void lay(Path folder) {
        desk.work()
                .inBackground(
                        () -> EarlierJob.take(folder, desk.work().folder()),
                        visit -> desk.work().changes().decide(new Decision.Beside(visit)));
    }

    private Node visit(Compared compared) {
        Button away = Labels.button(
                "Take it away",
                "",
                "Take this earlier visit away",
                () -> desk.work()
                        .changes()
                        .decide(new Decision.NotBeside(compared.visit().id())));
        away.getStyleClass().add("quiet");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        boolean sameDay = compared.visit().id().equals(Compared.CLEANING);
        away.setVisible(!sameDay);
        away.setManaged(!sameDay);
        HBox head = new HBox(
                12, Labels.of(compared.visit().when() + "  " + compared.visit().title(), "strong", "large"), gap, away);
        head.setAlignment(Pos.CENTER_LEFT);
        VBox box = new VBox(8, head);
        if (compared.shift() != 0) {
            box.getChildren()
                    .add(Labels.of(
                            "Its distances were moved by "
                                    + desk.work()
                                            .now()
                                            .survey()
                                            .facts()
                                            .unit()
                                            .show(new hitch.core.measure.Distance(compared.shift()))
                                    + " to lie on this line.",
                            "soft"));
        }
        for (Change.Kind kind : Change.Kind.values()) {
            compared.changes().stream()
                    .filter(c -> c.kind() == kind)
                    .forEach(c -> box.getChildren().add(change(c, compared)));
        }
        box.getStyleClass().add("card");
        return box;
    }

    private Node change(Change change, Compared compared) {
        Survey survey = desk.work().now().survey();
        Optional<LocatedFinding> now = change.now();
        HBox stills = new HBox(4);
        stills.getChildren()
                .add(still(change.then()
                        .map(Then::finding)
                        .map(id -> then(compared, id))
                        .orElse(Path.of(""))));
        now.ifPresent(f -> stills.getChildren().add(still(desk.work().still(f.finding()))));
        stills.setMinWidth(196);
        String place = now.flatMap(LocatedFinding::extent)
                .or(() -> change.then().map(t -> t.extent().movedBy(compared.shift())))
                .map((Extent e) -> survey.line()
                        .place(
                                now.map(LocatedFinding::branch)
                                        .orElseGet(() ->
                                                change.then().orElseThrow().branch()),
                                e,
                                survey.facts().unit())
                        .all())
                .orElse("");
        String what = now.map(f -> f.finding().phrase())
                .orElseGet(() -> change.then().map(Then::words).orElse(""));
        VBox words = new VBox(
                2,
                Labels.of(change.kind().word(), change.kind() == Change.Kind.SAME ? "soft" : "strong"),
                Words.wrapped(what),
                Labels.of(place, "measure", "small"),
                Words.wrapped(change.words(), "soft", "small"));
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox row = new HBox(12, stills, words);
        now.ifPresent(f -> {
            Button look = Labels.button(
                    "Look", "", "Show the footage of " + f.finding().id(), () -> desk.goTo(f));
            look.setMinWidth(Region.USE_PREF_SIZE);
            row.getChildren().add(look);
        });
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /** The still of then: of an earlier visit as it was copied, of before a cleaning as it is. */
    private Path then(Compared compared, String finding) {
        return compared.visit().id().equals(Compared.CLEANING)
                ? desk.work()
                        .now()
                        .survey()
                        .thing(new FindingId(finding))
                        .map(f -> desk.work().still(f.finding()))
                        .orElse(Path.of(""))
                : EarlierJob.still(
                        desk.work().folder().folder(), compared.visit().id(), finding);
    }

    /** A still; an empty place where there is none. */
    private static Region still(Path file) {
        if (!Files.isRegularFile(file)) {
            Region none = new Region();
            none.setMinSize(96, 64);
            return none;
        }
        StillView view = new StillView(96, 64);
        view.show(file);
        return view;
    }
}

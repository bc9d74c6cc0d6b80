package hitch.desk.load;

import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.note.NoteReader;
import hitch.core.propose.Proposals;
import hitch.core.propose.Proposals.ProposedRun;
import hitch.core.propose.Proposals.Unplaced;
import hitch.core.propose.Proposals.Why;
import hitch.core.run.Run;
import hitch.desk.Context;
import hitch.desk.key.Act;
import hitch.desk.widget.Labels;
import hitch.store.intake.ClipSteps;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Runs that are proposed for clips on no run, each with its reasons and its doubts: taken or left, and changed in place once taken. */
final class ProposalsPane extends VBox {
    private final Context desk;
    private final NoteReader reader;
    private final Set<List<ClipId>> left = new HashSet<>();
    private Proposals shown = Proposals.NONE;
    private Job asked;

    ProposalsPane(Context desk, NoteReader reader) {
        super(8);
        this.desk = desk;
        this.reader = reader;
        setId("proposals");
        managedProperty().bind(visibleProperty());
        setVisible(false);
        desk.work().snapshotProperty().addListener((o, was, is) -> ask());
        ask();
    }

    /** What is proposed depends on clips, counters, what was said and found, and runs alone. */
    private void ask() {
        Job job = desk.work().now().job();
        boolean same = asked != null
                && asked.clips() == job.clips()
                && asked.marks() == job.marks()
                && asked.talk() == job.talk()
                && asked.runs() == job.runs()
                && asked.findings() == job.findings()
                && asked.aside() == job.aside();
        if (same) {
            return;
        }
        asked = job;
        ClipSteps steps =
                new ClipSteps(desk.work().footage(), desk.work().senses().listening(), reader, false);
        desk.work().inBackground(() -> steps.proposals(job), this::show);
    }

    private void show(Proposals found) {
        shown = new Proposals(
                found.runs().stream()
                        .filter(r -> !left.contains(r.run().clips()))
                        .toList(),
                found.others());
        getChildren().clear();
        if (!shown.runs().isEmpty()) {
            Button all = Labels.button("Take all", Act.TAKE_RUNS.key(), Act.TAKE_RUNS.words(), this::takeAll);
            all.setId("take-runs");
            HBox top = new HBox(12, Labels.heading("Proposed runs"), all);
            top.setAlignment(Pos.CENTER_LEFT);
            getChildren().add(top);
            shown.runs().forEach(r -> getChildren().add(card(r)));
        }
        others();
        setVisible(!getChildren().isEmpty());
    }

    /** Clips above ground are told with the runs alone; what wants a decision stays until it has one. */
    private void others() {
        boolean settled = shown.runs().isEmpty();
        List<Unplaced> told = shown.others().stream()
                .filter(u -> !settled || u.why() != Why.ABOVE_GROUND)
                .toList();
        if (settled && !told.isEmpty()) {
            getChildren()
                    .add(Labels.heading(
                            told.size() == 1 ? "One clip is on no run" : told.size() + " clips are on no run"));
        }
        told.forEach(u -> getChildren().add(unplaced(u)));
    }

    private Node unplaced(Unplaced off) {
        if (off.why() == Why.ABOVE_GROUND) {
            return wrapped(off.reason(), "soft", "small");
        }
        Label reason = wrapped(off.reason());
        String name = name(off.clip());
        Button show = Labels.button(
                "Show",
                "",
                "Show " + name + " on Mark",
                () -> desk.work()
                        .now()
                        .job()
                        .clip(off.clip())
                        .ifPresent(c -> desk.player().seek(c, 0)));
        show.setId("show-" + off.clip());
        Button out = Labels.button(
                "Leave it out",
                "",
                "Leave " + name + " out of the job's record",
                () -> desk.work().apply(new Edit.SetAside(off.clip(), true)));
        out.setId("leave-out-" + off.clip());
        MenuButton on = new MenuButton("Put it on");
        on.setId("put-on-" + off.clip());
        on.setAccessibleText("Put " + name + " on a run");
        desk.work().now().job().runs().forEach(r -> {
            MenuItem item = new MenuItem(r.name());
            item.setOnAction(e -> ClipRow.put(desk, off.clip(), r.name()));
            on.getItems().add(item);
        });
        on.setVisible(!on.getItems().isEmpty());
        on.setManaged(on.isVisible());
        return row(reason, show, on, out);
    }

    private static HBox row(Node words, ButtonBase... buttons) {
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox row = new HBox(12, words);
        for (ButtonBase button : buttons) {
            button.setMinWidth(Region.USE_PREF_SIZE);
            row.getChildren().add(button);
        }
        row.setAlignment(Pos.TOP_LEFT);
        row.getStyleClass().add("card");
        return row;
    }

    private Node card(ProposedRun proposed) {
        Run run = proposed.run();
        String clips = run.clips().stream().map(this::name).collect(Collectors.joining(", "));
        String way = proposed.directionKnown() ? run.direction().toward() + ", " : "";
        VBox words = new VBox(2, Labels.of(run.name(), "strong"), wrapped(way + "from " + opening(run) + ": " + clips));
        proposed.reasons().forEach(r -> words.getChildren().add(wrapped(r, "soft", "small")));
        proposed.doubts().forEach(d -> words.getChildren().add(wrapped("Not sure: " + d, "small")));
        String id = run.id().value();
        Button take = Labels.button("Take it", "", "Take " + run.name(), () -> take(List.of(proposed)));
        take.setId("take-" + id);
        Button leave = Labels.button("Leave it", "", "Leave " + run.name(), () -> {
            left.add(run.clips());
            show(shown);
        });
        leave.setId("leave-" + id);
        return row(words, take, leave);
    }

    private static String opening(Run run) {
        String pipe = run.opening().pipe().words();
        return run.opening().words()
                + (run.opening().place().isBlank() ? "" : " " + run.opening().place())
                + (pipe.isBlank() ? "" : ", " + pipe);
    }

    private static Label wrapped(String text, String... styles) {
        Label label = Labels.of(text, styles);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    private String name(ClipId id) {
        return desk.work().now().job().clip(id).map(Clip::fileName).orElse(id.value());
    }

    void takeAll() {
        take(shown.runs());
    }

    /** Taken together they are one change. */
    private void take(List<ProposedRun> runs) {
        Job job = desk.work().now().job();
        List<Edit> all = runs.stream().flatMap(r -> r.edits(job).stream()).toList();
        if (all.size() == 1) {
            desk.work().apply(all.getFirst());
        } else if (!all.isEmpty()) {
            List<Function<Job, Edit>> edits = new ArrayList<>();
            all.forEach(e -> edits.add(now -> e));
            desk.work().changes().several("take " + (runs.size() == 1 ? "a run" : runs.size() + " runs"), edits);
        }
    }
}

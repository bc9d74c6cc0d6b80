package hitch.desk.mark;

import hitch.core.detail.Detail;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.LocatedFinding;
import hitch.core.job.Edit;
import hitch.core.talk.Twins;
import hitch.desk.Context;
import hitch.desk.key.Act;
import hitch.desk.task.Rank;
import hitch.desk.widget.Labels;
import hitch.store.handover.EvidenceCut;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuItem;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The findings by station, and what can be done with the chosen one. */
final class FindingsPane extends VBox {
    private final Context desk;
    private final NoteLine notes;
    private final SameAgain again;
    private final Runnable draw;
    private final ListView<LocatedFinding> list = new ListView<>();
    private boolean filling;

    FindingsPane(Context desk, NoteLine notes, SameAgain again, Runnable draw) {
        this.desk = desk;
        this.notes = notes;
        this.again = again;
        this.draw = draw;
        setSpacing(8);
        list.setId("findings");
        list.setAccessibleText("Findings by station");
        list.setCellFactory(v -> new FindingCell(desk, this::acts));
        list.setPlaceholder(Labels.of("No findings yet. Pause at something and type what it is.", "soft"));
        list.getSelectionModel().selectedItemProperty().addListener((o, was, is) -> {
            if (!filling && is != null) {
                desk.selected().set(is.finding().id());
            }
        });
        list.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER) {
                desk.selectedFinding().ifPresent(desk::goTo);
                e.consume();
            }
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        getChildren().add(list);
        desk.work().snapshotProperty().addListener((o, was, is) -> fill());
        desk.work().stillsTakenProperty().addListener((o, was, is) -> list.refresh());
        desk.theme().darkProperty().addListener((o, was, is) -> list.refresh());
        desk.selected().addListener((o, was, is) -> select());
        fill();
    }

    /** What can be done with a finding, each with its key. */
    private List<MenuItem> acts() {
        return List.of(
                act(Act.AMEND, this::amend),
                act(Act.MOVE_HERE, this::moveHere),
                act(Act.AGAIN_HERE, again::here),
                act(Act.AGAIN_AT_JOINTS, again::atJoints),
                act(Act.LOOK_AGAIN, this::lookAgain),
                act(Act.COPY_WORDS, this::copy),
                act(Act.DRAW, draw),
                act(Act.WRITE_CLIPS, this::cut),
                act(Act.REMOVE, this::remove));
    }

    private static MenuItem act(Act act, Runnable does) {
        MenuItem item = new MenuItem(act.words() + "   " + act.key());
        item.setOnAction(e -> does.run());
        return item;
    }

    private void fill() {
        filling = true;
        List<LocatedFinding> all = desk.work().now().survey().noted();
        list.getItems().setAll(all);
        filling = false;
        select();
    }

    private void select() {
        filling = true;
        Optional<LocatedFinding> chosen = desk.selectedFinding();
        if (chosen.isPresent()) {
            int at = list.getItems().indexOf(chosen.get());
            list.getSelectionModel().select(at);
            list.scrollTo(Math.max(0, at - 1));
        } else {
            list.getSelectionModel().clearSelection();
        }
        filling = false;
    }

    void amend() {
        desk.selectedFinding().ifPresent(notes::amend);
    }

    void moveHere() {
        desk.selectedFinding()
                .ifPresent(f -> desk.player()
                        .shown()
                        .ifPresent(s -> desk.work()
                                .apply(new Edit.MoveFinding(f.finding().id(), s.ref()))));
    }

    /** Sets the mark that asks for a second look before hand-over, or takes it away. */
    void lookAgain() {
        desk.selectedFinding().ifPresent(f -> {
            var traits = f.finding().traits();
            var details = traits.details().has(Detail.LOOK_AGAIN)
                    ? traits.details().without(Detail.LOOK_AGAIN)
                    : traits.details().with(Detail.LOOK_AGAIN, "before hand-over");
            desk.work()
                    .apply(new Edit.SayOfFinding(
                            f.finding().id(),
                            traits.withDetails(details),
                            f.finding().certainty()));
        });
    }

    /** Puts the chosen finding's sentence and its still where another program can take them. */
    void copy() {
        desk.selectedFinding().ifPresent(f -> {
            Optional<ClipboardContent> carried = Carried.of(desk, f);
            carried.ifPresent(Clipboard.getSystemClipboard()::setContent);
            String what = "The sentence of " + f.finding().id();
            desk.work()
                    .notices()
                    .say(
                            carried.isEmpty()
                                    ? f.finding().id() + " does not leave the firm, so nothing was copied."
                                    : carried.get().hasFiles()
                                            ? what + " and its still can be pasted now."
                                            : what + " can be pasted now, without a picture.");
        });
    }

    /** Says that the chosen finding and the one it looks like are one. */
    void merge() {
        withTwin((chosen, twin) -> {
            desk.selected().set(twin.finding().id());
            desk.work()
                    .apply(new Edit.MergeFindings(
                            twin.finding().id(), chosen.finding().id()));
        });
    }

    /** Says that the chosen finding and the one it looks like are two. */
    void keepApart() {
        withTwin((chosen, twin) -> desk.work()
                .apply(new Edit.KeepApart(chosen.finding().id(), twin.finding().id())));
    }

    private void withTwin(BiConsumer<LocatedFinding, LocatedFinding> then) {
        desk.selectedFinding()
                .ifPresent(chosen -> Twins.of(chosen, desk.work().now().survey().noted())
                        .ifPresent(twin -> then.accept(chosen, twin)));
    }

    void remove() {
        desk.selectedFinding().ifPresent(f -> {
            desk.selected().set(null);
            desk.work().apply(new Edit.RemoveFinding(f.finding().id()));
        });
    }

    /** Writes both forms of the chosen finding's evidence clip into the job's cuts folder. */
    void cut() {
        desk.selectedFinding().ifPresent(f -> {
            desk.work().notices().say("Writing the clips of " + f.finding().id() + "…");
            EvidenceCut cut = new EvidenceCut(
                    Disclosure.of(desk.work().now().survey(), Recipient.FIRM),
                    desk.work().footage());
            var folder = desk.work().folder().cuts();
            desk.work()
                    .longWork(
                            "Clips of " + f.finding().id(),
                            Rank.AWAITED,
                            progress -> {
                                double from = 0;
                                double each = 1.0 / EvidenceCut.Form.values().length;
                                for (EvidenceCut.Form form : EvidenceCut.Form.values()) {
                                    cut.write(f, form, 4, 4, folder, progress.part(from, from + each));
                                    from += each;
                                }
                                return folder;
                            },
                            done -> desk.work()
                                    .notices()
                                    .say("Clips of " + f.finding().id() + ", untouched and labelled, are in " + done));
        });
    }
}

package hitch.desk.handover;

import hitch.core.disclosure.Recipient;
import hitch.core.job.Deed;
import hitch.core.job.Parcels;
import hitch.core.parcel.FilmTimes;
import hitch.desk.Context;
import hitch.desk.task.Rank;
import hitch.desk.widget.Clocks;
import hitch.desk.widget.Labels;
import hitch.media.Progress;
import hitch.store.StoreException;
import hitch.store.handover.Issuing;
import hitch.store.send.Destination;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The issues of one recipient's parcel, newest first: looked at, checked, sent, taken back. */
final class IssuesPane extends VBox {
    private final Context desk;
    private final Ways ways;
    private Object shown;

    IssuesPane(Context desk) {
        super(8);
        this.desk = desk;
        this.ways = new Ways(desk, this::send);
        setId("issues");
        managedProperty().bind(visibleProperty());
    }

    void show(Recipient whom) {
        List<Parcels.Issue> issues = desk.work().now().history().parcels().of(whom.word());
        Object now = List.of(issues, whom);
        if (now.equals(shown)) {
            return;
        }
        shown = now;
        setVisible(!issues.isEmpty());
        getChildren().setAll(Labels.heading("What was made"));
        issues.reversed().forEach(i -> getChildren().add(card(i)));
    }

    private Path folder(Parcels.Issue issue) {
        return Issuing.folder(desk.work().folder().folder(), issue.made());
    }

    private Node card(Parcels.Issue issue) {
        Deed.Made made = issue.made();
        Label title = Labels.of("Issue " + made.issue(), "strong");
        Label about = Labels.of(
                "made " + Clocks.words(made.at()) + (made.by().isBlank() ? "" : " by " + made.by()) + ", film "
                        + FilmTimes.clock(made.seconds()) + ", " + Standing.megabytes(made.bytes()),
                "soft");
        VBox text = new VBox(4, new HBox(12, title, about));
        List<String> happened = new ArrayList<>();
        issue.sent().forEach(s -> happened.add("Sent " + Clocks.words(s.at()) + ": " + s.where()));
        issue.takenBack()
                .ifPresent(b -> happened.add(
                        "Taken back " + Clocks.words(b.at()) + (b.why().isBlank() ? "" : ": " + b.why())));
        for (String line : happened) {
            Label told = Labels.of(line);
            told.setWrapText(true);
            text.getChildren().add(told);
        }
        text.getChildren().add(acts(issue));
        text.getStyleClass().add("card");
        return text;
    }

    private Node acts(Parcels.Issue issue) {
        FlowPane row = new FlowPane(8, 6);
        row.setAlignment(Pos.CENTER_LEFT);
        if (!Files.isDirectory(folder(issue))) {
            row.getChildren().add(Labels.of("Its folder is not here any more.", "soft"));
        } else {
            Button look = act("Look at it", "Open the page of this issue", () -> ways.open(folder(issue)));
            look.setId("issue-look-" + issue.made().issue());
            Button check = act("Check it", "Hold this issue against its manifest", () -> check(issue));
            check.setId("issue-check-" + issue.made().issue());
            row.getChildren().addAll(look, check);
            if (issue.takenBack().isEmpty()) {
                MenuButton send = ways.menu(issue, folder(issue));
                send.setId("issue-send-" + issue.made().issue());
                row.getChildren().add(send);
            }
        }
        if (!issue.sent().isEmpty() && issue.takenBack().isEmpty()) {
            row.getChildren().add(back(issue));
        }
        return row;
    }

    private static Button act(String words, String what, Runnable run) {
        Button button = Labels.button(words, "", what, run);
        button.getStyleClass().add("quiet-act");
        return button;
    }

    private Node back(Parcels.Issue issue) {
        TextField why = new TextField();
        why.setPromptText("why it is taken back");
        why.setAccessibleText("Why issue " + issue.made().issue() + " is taken back");
        why.setId("issue-why-" + issue.made().issue());
        Button back =
                act("Take back", "Take issue " + issue.made().issue() + " back", () -> takeBack(issue, why.getText()));
        back.setId("issue-back-" + issue.made().issue());
        back.disableProperty().bind(why.textProperty().map(String::isBlank));
        HBox row = new HBox(8, why, back);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private void check(Parcels.Issue issue) {
        Seals.check(desk.work(), folder(issue));
    }

    private void send(Parcels.Issue issue, Destination to) {
        desk.work()
                .longWork(
                        "Sending issue " + issue.made().issue() + " to " + to.words(),
                        Rank.ASKED,
                        (Progress progress) -> {
                            to.take(folder(issue), progress);
                            return to.words();
                        },
                        where -> {
                            desk.work()
                                    .handed(new Deed.Sent(
                                            issue.made().recipient(),
                                            issue.made().issue(),
                                            Instant.now().toString(),
                                            desk.work().who(),
                                            where));
                            desk.work().notices().say("Sent: " + where);
                        });
    }

    private void takeBack(Parcels.Issue issue, String why) {
        boolean out = issue.sent().stream()
                .anyMatch(s -> s.where().equals(ways.outbox().called()));
        Deed.TakenBack deed = new Deed.TakenBack(
                issue.made().recipient(),
                issue.made().issue(),
                Instant.now().toString(),
                desk.work().who(),
                why.strip());
        desk.work()
                .inBackground(
                        () -> {
                            if (out) {
                                try {
                                    ways.outbox().takeBack(ways.name(issue), why.strip());
                                } catch (IOException e) {
                                    throw new StoreException(
                                            "The outbox could not be told: " + e.getMessage()
                                                    + ". Nothing was marked; try again.",
                                            e);
                                }
                            }
                            return deed;
                        },
                        done -> desk.work().handed(done));
    }
}

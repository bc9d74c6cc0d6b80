package hitch.desk.handover;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.district.District;
import hitch.core.parcel.FootageGiven;
import hitch.core.parcel.ParcelState;
import hitch.core.story.Length;
import hitch.core.story.StoryWish;
import hitch.desk.Bench;
import hitch.desk.Context;
import hitch.desk.Snapshot;
import hitch.desk.widget.Labels;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.collections.ListChangeListener;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What leaves the firm: a row for each recipient's parcel, and for the chosen one what is checked, made and sent. */
public final class HandOverBench implements Bench {
    private final Context desk;
    private final ObjectProperty<Recipient> recipient;
    private final ParcelList list;
    private final VBox about = new VBox(4);
    private final ChecksPane checks;
    private final AskedPane asked;
    private final LookPane look;
    private final DistrictPane district;
    private final MakePane make;
    private final IssuesPane issues;
    private final HBox root;
    private boolean reckoning;
    private boolean again;

    public HandOverBench(Context desk, ObjectProperty<Recipient> recipient, ObjectProperty<Length> length) {
        this.desk = desk;
        this.recipient = recipient;
        this.asked = new AskedPane(desk);
        this.look = new LookPane(desk);
        this.checks = new ChecksPane(desk);
        this.make = new MakePane(desk, length);
        this.issues = new IssuesPane(desk);
        RecipientForm form = new RecipientForm(desk, recipient::set);
        form.setVisible(false);
        form.managedProperty().bind(form.visibleProperty());
        this.district = new DistrictPane(desk);
        VBox page = new VBox(18, form, about, asked, checks, look, district, make, issues);
        page.getStyleClass().add("page");
        page.setMaxWidth(900);
        ScrollPane right = scroll(page);
        right.setId("hand-over-page");
        this.list = new ParcelList(desk, recipient, make::shape, () -> {
            form.setVisible(!form.isVisible());
            right.setVvalue(0);
        });
        list.getStyleClass().add("parcels");
        ScrollPane left = scroll(list);
        left.getStyleClass().add("parcels-side");
        HBox.setHgrow(right, Priority.ALWAYS);
        root = new HBox(left, right);
        root.setOnDragOver(e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(TransferMode.LINK);
            }
        });
        root.setOnDragDropped(e -> e.getDragboard().getFiles().stream()
                .map(f -> f.isDirectory() ? f.toPath() : f.toPath().getParent())
                .findFirst()
                .ifPresent(folder -> Seals.check(desk.work(), folder)));
        recipient.addListener((o, was, is) -> update());
        length.addListener((o, was, is) -> update());
        desk.work().firm().recipients().addListener((ListChangeListener<Recipient>) c -> {
            form.setVisible(false);
            update();
        });
        desk.work().snapshotProperty().addListener((o, was, is) -> update());
        desk.work().firm().districtsProperty().addListener((o, was, is) -> update());
        root.sceneProperty().addListener((o, was, is) -> update());
        update();
    }

    private static ScrollPane scroll(Node what) {
        ScrollPane scroll = new ScrollPane(what);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("bench");
        return scroll;
    }

    private void update() {
        if (root.getScene() == null) {
            // Nobody sees it; it is told anew when it is laid out.
            return;
        }
        Snapshot now = desk.work().now();
        Recipient chosen = recipient.get();
        Disclosure may = Disclosure.of(now.survey(), chosen);
        asked.show(now.survey(), may);
        StoryWish wish = make.wish();
        look.show(may, wish);
        issues.show(chosen);
        district.show(may);
        make.await(chosen);
        about(may);
        reckon(now, wish);
    }

    /** How all parcels stand is reckoned aside, once at a time; what came in between is reckoned after it. */
    private void reckon(Snapshot now, StoryWish wish) {
        if (reckoning) {
            again = true;
            return;
        }
        reckoning = true;
        again = false;
        Map<Recipient, District> forms = desk.work().firm().districtsProperty().get();
        List<Recipient> all = List.copyOf(desk.work().firm().recipients());
        desk.work()
                .inBackground(
                        () -> all.stream()
                                .map(r -> ParcelState.of(
                                        now.job(),
                                        now.survey(),
                                        now.history().parcels(),
                                        r,
                                        wish,
                                        Optional.ofNullable(forms.get(r))))
                                .toList(),
                        states -> {
                            reckoning = false;
                            tell(states);
                            if (again) {
                                update();
                            }
                        });
    }

    private void tell(List<ParcelState> states) {
        list.show(states);
        states.stream()
                .filter(s -> s.recipient().equals(recipient.get()))
                .findFirst()
                .ifPresent(s -> {
                    checks.show(s);
                    make.show(s);
                });
    }

    private void about(Disclosure may) {
        Recipient whom = may.recipient();
        FootageGiven footage = FootageGiven.to(whom);
        about.getChildren()
                .setAll(Labels.of(whom.title(), "heading"), Labels.of("Wants to know: " + whom.wants(), "soft"));
        for (String line : List.of(
                may.findings().size() + " of " + may.outOf() + " findings" + kept(whom),
                "A page with the film, captions and the line; the report as PDF; stills; tables; dates; a text for a mail; the seal.",
                "Footage: " + footage.words() + ".")) {
            Label label = Labels.of(line);
            label.setWrapText(true);
            about.getChildren().add(label);
        }
    }

    /** What stays behind, the end of a sentence. */
    private static String kept(Recipient recipient) {
        if (recipient.isPublic()) {
            return ": those from the boundary on. Clips above ground and the client's name stay here.";
        }
        return recipient.people() ? "." : ". The client's name stays here.";
    }

    @Override
    public String title() {
        return "Hand over";
    }

    @Override
    public Node node() {
        return root;
    }

    @Override
    public String gauge(Snapshot now) {
        var parcels = now.history().parcels();
        long waiting = parcels.issues().stream()
                .map(i -> i.made().recipient())
                .distinct()
                .flatMap(r -> parcels.newest(r).stream())
                .filter(i -> i.sent().isEmpty() && i.takenBack().isEmpty())
                .count();
        return waiting == 0 ? "" : waiting + " to send";
    }
}

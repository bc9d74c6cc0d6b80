package hitch.desk.handover;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.district.CodeTable;
import hitch.core.district.District;
import hitch.core.district.DistrictCheck;
import hitch.core.district.DistrictForm;
import hitch.core.district.DistrictTable;
import hitch.desk.Context;
import hitch.desk.widget.Labels;
import hitch.store.DistrictText;
import java.io.File;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;

/** A district's own form: what it is, what has no code, its table as it will be, and the form as a text to be changed. */
final class DistrictPane extends VBox {
    private static final int ROWS = 6;

    private final Context desk;
    private Object shown;
    private boolean open;

    DistrictPane(Context desk) {
        super(8);
        this.desk = desk;
        setId("district-form");
        managedProperty().bind(visibleProperty());
    }

    void show(Disclosure may) {
        Recipient whom = may.recipient();
        District kept = desk.work().firm().districtsProperty().get().get(whom);
        setVisible(whom.isPublic() || kept != null);
        if (!isVisible()) {
            return;
        }
        Object now = List.of(whom, kept == null ? "" : kept, may.findings());
        if (now.equals(shown)) {
            return;
        }
        shown = now;
        getChildren().setAll(Labels.heading("Its own form"));
        if (kept == null) {
            getChildren()
                    .add(Labels.of(
                            "None: it gets Hitch's own table. Its codes come in as a CSV that you supply.", "soft"));
            getChildren().add(acts(whom, DistrictForm.PLAIN, false));
            return;
        }
        told(may, kept);
        getChildren().add(acts(whom, kept.form(), true));
        if (open) {
            getChildren().add(editor(whom, kept.form()));
        }
    }

    private void told(Disclosure may, District kept) {
        DistrictForm form = kept.form();
        add(
                (form.name().isBlank() ? "" : form.name() + ": ") + "distances from "
                        + form.from().word()
                        + (form.rising() ? ", rising with the flow" : ", rising against the flow") + ", "
                        + form.columns().size() + " columns, " + codes(kept.codes())
                        + (form.clipSeconds() > 0
                                ? String.format(Locale.ROOT, ", clips up to %.0f s", form.clipSeconds())
                                : ""),
                "soft");
        List<String> amiss = DistrictCheck.of(kept.codes());
        amiss.stream().limit(ROWS).forEach(a -> add(a, ""));
        if (amiss.size() > ROWS) {
            add((amiss.size() - ROWS) + " more things about its codes; hitch district tells them all.", "soft");
        }
        List<List<String>> rows = new DistrictTable(may, form, kept.codes()).rows();
        if (!rows.isEmpty()) {
            VBox table = new VBox(2);
            table.setId("district-rows");
            rows.stream().limit(ROWS).forEach(r -> {
                Label line = Labels.of(
                        String.join("   ", r.stream().filter(c -> !c.isBlank()).toList()), "measure");
                table.getChildren().add(Labels.mayBeCut(line));
            });
            table.getStyleClass().add("list-row");
            getChildren().add(table);
        }
    }

    private void add(String words, String style) {
        Label label = style.isEmpty() ? Labels.of(words) : Labels.of(words, style);
        label.setWrapText(true);
        getChildren().add(label);
    }

    private static String codes(CodeTable codes) {
        return codes.codes().isEmpty() ? "no codes yet" : codes.codes().size() + " codes";
    }

    private Node acts(Recipient whom, DistrictForm form, boolean kept) {
        Button take = act("Take in its codes…", "Take in the district's codes as CSV", () -> codes(whom));
        take.setId("district-codes");
        Button change = act(kept ? "Change the form" : "Give it a form", "Write the district's form", () -> {
            if (kept) {
                open = !open;
                shown = null;
                show(Disclosure.of(desk.work().now().survey(), whom));
            } else {
                open = true;
                desk.work().firm().keep(whom, form);
            }
        });
        change.setId("district-change");
        FlowPane row = new FlowPane(8, 6, take, change);
        row.setAlignment(Pos.CENTER_LEFT);
        if (kept) {
            row.getChildren().add(act("Drop it", "Drop the district's form", () -> {
                open = false;
                desk.work().firm().dropDistrict(whom);
            }));
        }
        return row;
    }

    private static Button act(String words, String what, Runnable run) {
        Button button = Labels.button(words, "", what, run);
        button.getStyleClass().add("quiet-act");
        return button;
    }

    private void codes(Recipient whom) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Codes of the " + whom.called());
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("CSV", "*.csv", "*.txt"));
        File chosen = chooser.showOpenDialog(getScene().getWindow());
        if (chosen != null) {
            desk.work().firm().takeCodes(whom, chosen.toPath());
        }
    }

    private Node editor(Recipient whom, DistrictForm form) {
        TextArea text = new TextArea(DistrictText.write(form));
        text.setId("district-text");
        text.setAccessibleText("The district's form");
        text.setPrefRowCount(16);
        text.getStyleClass().add("measure");
        Button keep = act("Keep the form", "Keep the district's form", () -> {
            try {
                DistrictForm read = DistrictText.parse(text.getText());
                open = false;
                shown = null;
                desk.work().firm().keep(whom, read);
            } catch (IllegalArgumentException e) {
                desk.work().notices().say("Nothing was kept: " + e.getMessage());
            }
        });
        keep.setId("district-keep");
        return new VBox(8, text, keep);
    }
}

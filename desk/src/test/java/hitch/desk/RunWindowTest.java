package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.measure.Distance;
import hitch.core.pipe.Material;
import hitch.core.pipe.Opening;
import hitch.core.pipe.OpeningKind;
import hitch.core.pipe.PipeSize;
import hitch.core.rules.LineRules;
import hitch.core.run.Equipment;
import hitch.core.run.Run;
import hitch.core.run.Zero;
import hitch.store.JobFolder;
import java.util.Optional;
import java.util.concurrent.TimeoutException;
import javafx.scene.control.TextField;
import org.junit.jupiter.api.Test;

/** How a run began, said on Load, and the line's house rules, said on the firm's page. */
class RunWindowTest extends OpenWindow {
    private void put(String accessible, String typed) {
        TextField field = (TextField) named(accessible);
        interact(() -> {
            field.setText(typed);
            field.fireEvent(new javafx.event.ActionEvent());
        });
    }

    private Run run() {
        return survey().runs().getFirst();
    }

    /** Load, with the form of the job's run opened. */
    private void openRun() {
        clickOn("#bench-load");
        clickOn("#change-" + run().id().value());
    }

    private LineRules rules() {
        return survey().rules().line();
    }

    @Test
    void whereAndHowARunBeganIsSaid() throws TimeoutException {
        openRun();
        choose("Kind of opening", OpeningKind.ROOF_VENT);
        until(() -> run().opening().sort() == OpeningKind.ROOF_VENT);
        choose("Leads", Opening.Ways.ONE);
        until(() -> run().opening().ways() == Opening.Ways.ONE);
        choose("Pipe there", Optional.of(Material.CAST_IRON));
        choose("Size", Optional.of(PipeSize.inches(3)));
        until(() -> run().opening().size().equals(Optional.of(PipeSize.inches(3))));
        assertThat(survey().spans().getFirst().words()).isEqualTo("3 in cast iron");
        put("Counter at the opening", "2.5");
        until(() -> run().datum().equals(Distance.feet(2.5)));
        // 39.8 ft of cable, of which 2.5 ft never were in the pipe.
        assertThat(survey().line().seeing().mm() / 304.8).isBetween(37.2, 37.4);
        choose("Zeroed at its", Zero.At.LIP);
        put("Lip to pipe", "1.5");
        until(() -> run().atThePipe().equals(Distance.feet(4)));
        put("Camera head, in", "1.38");
        until(() -> run().equipment().head().isPresent());
        choose("Guide", Equipment.Guide.ON);
        until(() -> run().equipment().guide() == Equipment.Guide.ON);
        put("Opening stands at", "-12");
        until(() -> run().start().mm() == Distance.feet(-12).mm());
        put("Branch, if not the line", "kitchen");
        until(() -> run().branch().equals("kitchen"));
        assertThat(survey().line().way("kitchen")).isPresent();
    }

    /** Into one field and the same: the form may be built anew before it is looked for again. */
    private static void put(TextField field, String text) {
        field.setText(text);
        field.fireEvent(new javafx.event.ActionEvent());
    }

    @Test
    void twoQuickEditsOfOneRunBothStay() throws TimeoutException {
        openRun();
        interact(() -> {
            put((TextField) named("Lip to pipe"), "1.5");
            put((TextField) named("Where"), "by the hedge");
            put((TextField) named("Opening used"), "two-way cleanout");
        });
        until(() -> run().opening().kind().equals("two-way cleanout"));
        until(() -> run().zero().riser().equals(Distance.feet(1.5)));
        assertThat(run().opening().place()).isEqualTo("by the hedge");
        assertThat(run().opening().ways()).isEqualTo(Opening.Ways.TWO);
    }

    @Test
    void aFormIsNotBuiltAnewUnderTheHand() throws TimeoutException {
        openRun();
        TextField place = (TextField) named("Where");
        interact(() -> {
            place.requestFocus();
            place.setText("by the he");
        });
        // Something else changes the runs meanwhile.
        interact(() -> job().work().changes().changeRun(run().id(), r -> r.named("other run")));
        until(() -> run().name().equals("other run"));
        assertThat(place.getScene()).isNotNull();
        assertThat(place.getText()).isEqualTo("by the he");
        interact(() -> place.setText("by the hedge"));
        interact(() -> ((TextField) named("Lip to pipe")).requestFocus());
        until(() -> run().opening().place().equals("by the hedge"));
        assertThat(run().name()).isEqualTo("other run");
    }

    @Test
    void whatIsTypedWhenAJobIsLeftIsKept() throws Exception {
        openRun();
        interact(() -> {
            TextField place = (TextField) named("Where");
            place.requestFocus();
            place.setText("under the stairs");
            job().close();
        });
        try (JobFolder again = JobFolder.open(folder.resolve("job"))) {
            assertThat(again.job().runs().getFirst().opening().place()).isEqualTo("under the stairs");
        }
    }

    @Test
    void whatCannotBeIsRefusedAndTheRunStaysAsItWas() throws TimeoutException {
        openRun();
        put("Camera head, in", "44");
        until(() -> notice().contains("\"44\" is not a camera head of 0.3 to 12 inches; the run was left as it was."));
        put("Opening stands at", "over there");
        until(() -> notice().contains("\"over there\" is not a distance"));
        assertThat(run().equipment()).isEqualTo(Equipment.NOT_SAID);
        assertThat(run().start().mm()).isZero();
        assertThat(((TextField) named("Opening stands at")).getText()).isEqualTo("0.0");
    }

    @Test
    void theLinesHouseRulesAreNumbersOfTheFirm() throws TimeoutException {
        clickOn("#open-firm");
        put("An opening at least every", "35 ft");
        until(() -> rules().openings().every().equals(Distance.feet(35)));
        assertThat(survey().line().faults()).isNotEmpty();
        put("Least fall, 4 to 7 in pipe", "0.25 in/ft");
        until(() -> rules().depths().falls().get(4) == 0.25);
        put("A tool is pushed, at most", "60 ft");
        until(() -> rules().tools().reach().equals(Distance.feet(60)));
        put("Seen poorly when passed faster than", "2 ft");
        until(() -> rules().seeing().fastest().equals(Distance.feet(2)));
        // 39.8 ft in eight seconds are 5 ft a second.
        assertThat(survey().line().seeing().share()).isZero();
        put("A trench goes below the pipe by", "4 in");
        until(() -> rules().depths().bedding().equals(Distance.inches(4)));
        choose("Prefer pictures from the way back", "no");
        until(() -> !rules().seeing().backPreferred());
        put("An opening at least every", "often");
        until(() -> notice().contains("often"));
        assertThat(rules().openings().every()).isEqualTo(Distance.feet(35));
    }

    /** Runs stand as cards with their facts in a sentence, and open where something is to be put right. */
    @Test
    void aRunIsACardThatOpens() throws TimeoutException {
        clickOn("#bench-load");
        String change = "#change-" + run().id().value();
        until(() -> told(".card .label").stream()
                .anyMatch(t -> t.startsWith("From the two-way cleanout in 4 in clay, 39.8 ft toward the main")));
        clickOn("Run toward the building");
        until(() -> survey().runs().size() == 2);
        // What is new is open, to be described; it is put away, and the other opened.
        until(() -> guides() == 1);
        clickOn("#change-building-run");
        until(() -> guides() == 0);
        clickOn(change);
        choose("Guide", Equipment.Guide.ON);
        until(() -> run().equipment().guide() == Equipment.Guide.ON);
        put("Lens sees, degrees", "400");
        until(() -> notice().contains("20 to 170 degrees"));
        put("Lens sees, degrees", "95");
        until(() -> run().equipment().lens().isPresent());
        clickOn(change);
        until(() -> guides() == 0);
    }

    private int guides() {
        return lookup((javafx.scene.Node n) -> "Guide".equals(n.getAccessibleText()))
                .queryAll()
                .size();
    }
}

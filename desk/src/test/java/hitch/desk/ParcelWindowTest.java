package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.FindingId;
import hitch.core.finding.Weight;
import hitch.core.job.Deed;
import hitch.core.job.Edit;
import hitch.core.job.Parcels;
import hitch.core.job.PropertyFactsBuilder;
import hitch.core.parcel.Told;
import hitch.media.Progress;
import hitch.media.clip.Fingerprint;
import hitch.store.FirmFolder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.TimeoutException;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** The bench of what leaves the firm: how each parcel stands, what is checked first, and what becomes of it. */
class ParcelWindowTest extends OpenWindow {
    private Parcels parcels() {
        return job().work().now().history().parcels();
    }

    private String state(String recipient) {
        return told("#recipient-" + recipient + " .parcel-state").getFirst();
    }

    /** An issue as if it had been made: its folder with a manifest, and the deed. */
    private Path made() throws Exception {
        Path issue = job().work().folder().folder().resolve("handed-over/homeowner/issue-1");
        Files.createDirectories(issue);
        Path file = Files.writeString(issue.resolve("mail.txt"), "what it comes to");
        Files.writeString(
                issue.resolve("manifest.json"),
                "{\"for\":\"homeowner\",\"products\":[{\"file\":\"mail.txt\",\"sha256\":\""
                        + Fingerprint.of(file, Progress.NONE) + "\"}]}");
        interact(() -> job().work()
                .handed(new Deed.Made(
                        "homeowner",
                        1,
                        "2026-05-03T10:00:00Z",
                        "R. Viewer",
                        "handed-over/homeowner/issue-1",
                        16,
                        90,
                        "",
                        Told.of(Disclosure.of(survey(), Recipient.HOMEOWNER)))));
        until(() -> parcels().issues().size() == 1);
        return issue;
    }

    @Test
    void aParcelThatTheRecordHasOvertakenSaysSo() throws Exception {
        marked("roots top heavy at 12 ft");
        made();
        handOver();
        until(() -> state("homeowner").startsWith("Issue 1 made"));
        assertThat(state("buyer")).isEqualTo("Not made");
        interact(() -> job().work().apply(new Edit.WeighFinding(new FindingId("F1"), Optional.of(Weight.STOP))));
        until(() -> state("homeowner").startsWith("The record has changed since issue 1: 1 finding"));
        assertThat(lookup("#hand-over").queryButton().getText()).isEqualTo("Make issue 2");
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> state("homeowner").startsWith("Issue 1 made"));
    }

    @Test
    void aParcelThatIsDroppedOnTheBenchIsHeldAgainstItsManifest() throws Exception {
        marked("roots top heavy at 12 ft");
        Path issue = made();
        handOver();
        Node bench = lookup("#hand-over-page").query().getParent();
        interact(() -> Dropped.on(bench, issue.resolve("mail.txt")));
        until(() -> notice().contains("All 1 files are as they were handed over."));
        Files.writeString(issue.resolve("mail.txt"), "what it does not come to");
        interact(() -> Dropped.on(bench, issue));
        until(() -> notice().contains("mail.txt is changed"));
    }

    @Test
    void aParcelIsCheckedSentAndTakenBack() throws Exception {
        marked("roots top heavy at 12 ft");
        Path issue = made();
        handOver();
        interact(() -> lookup("#issue-check-1").queryButton().fire());
        until(() -> notice().contains("All 1 files are as they were handed over."));
        interact(() -> lookup("#issue-send-1")
                .queryAs(MenuButton.class)
                .getItems()
                .get(2)
                .fire());
        until(() -> parcels().newest("homeowner").orElseThrow().sent().size() == 1);
        Path outbox = job().work().firm().outbox().resolve("open");
        try (var there = Files.list(outbox)) {
            assertThat(there.findFirst().orElseThrow().resolve("mail.txt"))
                    .hasSameTextualContentAs(issue.resolve("mail.txt"));
        }
        until(() -> state("homeowner").startsWith("Issue 1 sent"));
        interact(() -> lookup("#issue-why-1").queryAs(TextField.class).setText("the wrong house"));
        interact(() -> lookup("#issue-back-1").queryButton().fire());
        until(() -> state("homeowner").startsWith("Issue 1 was taken back"));
        assertThat(outbox.resolveSibling("taken-back")).isDirectory();
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> survey().findings().isEmpty());
        assertThat(parcels().newest("homeowner").orElseThrow().takenBack())
                .as("undo does not reach it")
                .isPresent();
    }

    @Test
    void aJobForInternalUseAsksWhyItsFileIsMade() throws TimeoutException {
        marked("roots top heavy at 12 ft");
        interact(() -> job().work()
                .edit(j -> Optional.of(new Edit.DescribeProperty(PropertyFactsBuilder.builder(j.facts())
                        .internalOnly(true)
                        .build()))));
        until(() -> survey().facts().internalOnly());
        handOver();
        until(() -> checks().stream().anyMatch(c -> c.contains("Nothing but the firm's own file")));
        assertThat(lookup("#hand-over").query().isDisabled()).isTrue();
        interact(() -> lookup("#recipient-firm").queryAs(ToggleButton.class).fire());
        until(() -> lookup(".check-why").tryQuery().isPresent());
        interact(() -> {
            TextField why = lookup(".check-why").queryAs(TextField.class);
            why.setText("for our shelf");
            why.getOnAction().handle(null);
        });
        until(() -> !lookup("#hand-over").query().isDisabled());
        assertThat(job().work().now().job().accepted().why("firm", "internal")).contains("for our shelf");
    }

    @Test
    void aDistrictIsGivenItsOwnFormAndCodes() throws Exception {
        marked("boundary at 10 ft");
        marked("crack left at 20 ft");
        Path codes = Files.writeString(folder.resolve("codes.csv"), "kind,code\ncrack,520\nboundary,10\n");
        handOver();
        interact(() -> lookup("#recipient-district").queryAs(ToggleButton.class).fire());
        until(() -> lookup("#district-change").tryQuery().isPresent());
        interact(() -> lookup("#district-change").queryButton().fire());
        until(() -> lookup("#district-text").tryQuery().isPresent());
        interact(() -> {
            TextArea text = lookup("#district-text").queryAs(TextArea.class);
            text.setText(text.getText().replace("distances from = the main", "distances from = nowhere"));
            lookup("#district-keep").queryButton().fire();
        });
        until(() -> notice().contains("Distances are not read from \"nowhere\""));
        interact(() -> {
            TextArea text = lookup("#district-text").queryAs(TextArea.class);
            text.setText(text.getText().replace("distances from = nowhere", "distances from = the boundary"));
            lookup("#district-keep").queryButton().fire();
        });
        interact(() -> job().work().firm().takeCodes(Recipient.DISTRICT, codes));
        until(() -> told("#district-rows .label").stream().anyMatch(l -> l.contains("520")));
        assertThat(told("#district-rows .label")).hasSize(2).anyMatch(l -> l.startsWith("0.0") || l.contains("0.0"));
        assertThat(new FirmFolder(folder.resolve("data"))
                        .districts()
                        .of(Recipient.DISTRICT)
                        .orElseThrow()
                        .codes()
                        .codes())
                .hasSize(2);
    }
}

package hitch.desk.cut;

import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.story.LiveFacts;
import hitch.core.survey.Survey;
import hitch.desk.task.Rank;
import hitch.store.FileNames;
import hitch.store.handover.EvidenceCut;
import hitch.store.handover.EvidenceSet;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;

/** Writes evidence of many findings at once: of the chosen paragraph's, or of all that weigh so much. */
final class EvidenceMenu extends MenuButton {
    private static final double SECONDS = 4;

    private final ScriptRoom room;

    EvidenceMenu(ScriptRoom room) {
        super("Write evidence");
        this.room = room;
        setId("write-evidence");
        setAccessibleText("Write clips, stills and a sheet of findings");
        // Filled as it opens, with what there is by then.
        setOnShowing(e -> fill());
        getItems().add(new MenuItem("\u2026"));
    }

    private void fill() {
        getItems().clear();
        room.written().ifPresent(w -> {
            Survey survey = room.desk().work().now().survey();
            Set<FindingId> told = room.chosenLine().stream()
                    .flatMap(l -> LiveFacts.about(l.shot()).stream())
                    .collect(Collectors.toSet());
            List<LocatedFinding> here = survey.findings().stream()
                    .filter(f ->
                            told.contains(f.finding().id()) && w.may().seen(f).isPresent())
                    .toList();
            MenuItem paragraph = item("Of what this paragraph tells", here, w);
            paragraph.setDisable(here.isEmpty());
            getItems().add(paragraph);
            for (Weight least : Weight.values()) {
                List<LocatedFinding> all = EvidenceSet.atLeast(survey.findings(), w.may(), least);
                if (!all.isEmpty()) {
                    String which =
                            least == Weight.NOTED ? "Of all" : "Of all at least \u201c" + least.word() + "\u201d";
                    getItems().add(item(which + " (" + all.size() + ")", all, w));
                }
            }
        });
    }

    private MenuItem item(String words, List<LocatedFinding> findings, ScriptRoom.Written now) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(e -> write(findings, now));
        return item;
    }

    private void write(List<LocatedFinding> findings, ScriptRoom.Written now) {
        var work = room.desk().work();
        EvidenceCut cut = new EvidenceCut(now.may(), work.footage());
        EvidenceSet set = new EvidenceSet(now.may(), work.footage(), cut);
        Path folder =
                work.folder().cuts().resolve(FileNames.safe(now.recipient().word()));
        work.longWork(
                "Evidence of " + findings.size() + (findings.size() == 1 ? " finding" : " findings"),
                Rank.AWAITED,
                progress -> set.write(findings, SECONDS, SECONDS, folder, progress),
                written -> work.notices()
                        .say(written.clips().size() + " clips, the stills, a table and "
                                + (written.sheets().size() == 1
                                        ? "a sheet"
                                        : written.sheets().size() + " sheets")
                                + " are in " + folder));
    }
}

package hitch.store.journal;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.job.Edit;
import hitch.core.job.Entry;
import hitch.core.job.JobHistory;
import hitch.core.job.RandomEdits;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class HistoryTextTest {
    private static List<HistoryText.Line> told(List<Entry> entries) {
        List<JournalLine> lines = new ArrayList<>();
        for (Entry entry : entries) {
            lines.add(
                    new JournalLine(lines.size() + 1, "2026-03-02T12:00:00Z", "ada", entry, Optional.empty(), "", ""));
        }
        return HistoryText.of(lines);
    }

    private static Entry adding(hitch.core.footage.ClipId clip) {
        return new Entry.Did(new Edit.PutClip(Sample.clip(clip, 5)));
    }

    @Property(tries = 200)
    void asManyStandAsTheHistorySays(@ForAll("entries") List<Entry> entries) {
        List<HistoryText.Line> told = told(entries);
        JobHistory history = JobHistory.of(entries);
        assertThat(told).hasSameSizeAs(entries);
        // What was handed over stands whatever is taken back.
        List<HistoryText.Line> edits = told.stream()
                .filter(l -> !(entries.get((int) l.number() - 1) instanceof Entry.Handed))
                .toList();
        assertThat(edits.stream().filter(HistoryText.Line::stands)).hasSize(history.standing());
        edits.stream()
                .filter(HistoryText.Line::stands)
                .reduce((before, after) -> after)
                .ifPresent(last -> assertThat(history.undoWords()).contains(last.what()));
    }

    @Test
    void whatWasTakenBackAndDoneAgainIsToldByItsName() {
        List<HistoryText.Line> told = told(List.of(
                adding(Sample.UP), adding(Sample.DOWN), new Entry.Undid(), new Entry.Redid(), new Entry.Undid()));
        assertThat(told)
                .extracting(HistoryText.Line::what)
                .containsExactly(
                        "add clip up.mp4",
                        "add clip down.mp4",
                        "take back: add clip down.mp4",
                        "do again: add clip down.mp4",
                        "take back: add clip down.mp4");
        assertThat(told).extracting(HistoryText.Line::stands).containsExactly(true, false, false, false, false);
    }

    @Test
    void anUndoOfNothingSaysSo() {
        assertThat(told(List.of(new Entry.Undid(), new Entry.Redid())))
                .extracting(HistoryText.Line::what)
                .containsExactly("take back, where there was nothing", "do again, where there was nothing");
    }

    @Test
    void whatIsNotKnownIsSaidToBeNotKnown() {
        HistoryText.Line line = new HistoryText.Line(3, "", "", "damaged: add finding", true);
        assertThat(line.toString()).isEqualTo("3\tnot known when\tnot known by whom\tdamaged: add finding");
        assertThat(new HistoryText.Line(4, "", "eve", "add roots", false).toString())
                .endsWith("eve\tadd roots (does not stand)");
    }

    @Provide
    Arbitrary<List<Entry>> entries() {
        return RandomEdits.entry().list().ofMaxSize(40);
    }
}

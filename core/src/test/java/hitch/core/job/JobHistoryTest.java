package hitch.core.job;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.finding.FindingId;
import hitch.core.footage.Clip;
import hitch.core.run.Direction;
import hitch.core.survey.Reckoner;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class JobHistoryTest {
    @Property(tries = 300)
    void undoingAllLeavesTheEmptyJobAndRedoingAllBringsItBack(@ForAll("edits") List<Edit> edits) {
        JobHistory history = JobHistory.EMPTY;
        List<Job> after = new ArrayList<>(List.of(history.job()));
        for (Edit edit : edits) {
            history = history.then(new Entry.Did(edit));
            after.add(history.job());
        }
        for (int i = edits.size() - 1; i >= 0; i--) {
            assertThat(history.toUndo()).contains(edits.get(i));
            history = history.then(new Entry.Undid());
            assertThat(history.job()).isEqualTo(after.get(i));
        }
        assertThat(history.toUndo()).isEmpty();
        assertThat(history.then(new Entry.Undid()).job()).isEqualTo(Job.EMPTY);
        for (int i = 0; i < edits.size(); i++) {
            assertThat(history.toRedo()).contains(edits.get(i));
            history = history.then(new Entry.Redid());
            assertThat(history.job()).isEqualTo(after.get(i + 1));
        }
        assertThat(history.toRedo()).isEmpty();
    }

    @Property(tries = 300)
    void theFoldOfAJournalIsTheSameAsLivingThroughIt(@ForAll("entries") List<Entry> entries) {
        JobHistory lived = JobHistory.EMPTY;
        for (Entry entry : entries) {
            lived = lived.then(entry);
        }
        JobHistory opened = JobHistory.of(entries);
        assertThat(opened.job()).isEqualTo(lived.job());
        assertThat(opened.toUndo()).isEqualTo(lived.toUndo());
        assertThat(opened.toRedo()).isEqualTo(lived.toRedo());
    }

    @Property(tries = 300)
    void aJobStaysWhole(@ForAll("entries") List<Entry> entries) {
        Job job = JobHistory.of(entries).job();
        assertThat(new HashSet<>(job.findings().stream().map(f -> f.id()).toList()))
                .hasSameSizeAs(job.findings());
        assertThat(new HashSet<>(job.clips().stream().map(Clip::id).toList())).hasSameSizeAs(job.clips());
        job.clips()
                .forEach(c -> assertThat(job.runs().stream()
                                .filter(r -> r.clips().contains(c.id()))
                                .count())
                        .isLessThanOrEqualTo(1));
        job.marks()
                .values()
                .forEach(known -> assertThat(known.marks())
                        .isSortedAccordingTo(java.util.Comparator.comparingLong(m -> m.pts())));
        // Whatever was done, everything can still be reckoned.
        long inUse = job.findings().stream()
                .filter(f -> !job.aside().contains(f.frame().clip()))
                .count();
        assertThat(Reckoner.survey(job).findings()).hasSize((int) inUse);
    }

    @Test
    void aNewEditForgetsWhatWasUndone() {
        Edit first = new Edit.PutClip(Sample.clip(Sample.UP, 10));
        Edit second = new Edit.PutClip(Sample.clip(Sample.DOWN, 10));
        JobHistory history = JobHistory.of(List.of(new Entry.Did(first), new Entry.Undid(), new Entry.Did(second)));
        assertThat(history.toRedo()).isEmpty();
        assertThat(history.job().clips()).extracting(c -> c.id()).containsExactly(Sample.DOWN);
    }

    @Test
    void findingNumbersAreNeverUsedTwice() {
        Job job = Sample.note(Sample.job(), Sample.DOWN, 9, "roots");
        job = job.with(new Edit.RemoveFinding(new FindingId("F1")));
        assertThat(job.nextId()).isEqualTo(new FindingId("F2"));
    }

    @Test
    void aClipBelongsToTheRunThatClaimedItLast() {
        Job job = Sample.job()
                .with(new Edit.PutRun(Sample.run("building run", Direction.AGAINST_FLOW, Sample.UP, Sample.DOWN)));
        assertThat(job.runOf(Sample.DOWN).orElseThrow().name()).isEqualTo("building run");
        assertThat(job.runs().getLast().clips()).isEmpty();
    }

    @Test
    void leavingOutAClipKeepsItsFindings() {
        Job job = Sample.marked().with(new Edit.LeaveOutClip(Sample.DOWN));
        assertThat(job.clip(Sample.DOWN)).isEmpty();
        assertThat(job.findings()).hasSize(8);
        assertThat(job.marksOf(Sample.DOWN)).isEmpty();
    }

    @Test
    void everyEditSaysItselfInWords() {
        Edit add = new Edit.AddFinding(Sample.finding(Sample.job(), Sample.DOWN, 9, "roots"));
        assertThat(add.words()).isEqualTo("add roots");
        assertThat(new Edit.SetMark(Sample.UP, Sample.reading(1, 2)).words()).isEqualTo("set the counter");
    }

    @Provide
    Arbitrary<List<Edit>> edits() {
        return RandomEdits.edit().list().ofMaxSize(30);
    }

    @Provide
    Arbitrary<List<Entry>> entries() {
        return RandomEdits.entry().list().ofMaxSize(60);
    }
}

package hitch.store.journal;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.job.Edit;
import hitch.core.job.Entry;
import hitch.core.job.JobHistory;
import hitch.core.job.RandomEdits;
import hitch.store.journal.JournalLine.Heights;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class StackTest {
    private static Stack after(List<Entry> entries) {
        Stack stack = new Stack();
        entries.forEach(stack::then);
        return stack;
    }

    private static Heights heights(List<Entry> entries) {
        JobHistory history = JobHistory.of(entries);
        return new Heights(history.standing(), history.takenBack());
    }

    @Property(tries = 300)
    void oneLostLineComesToTheHeightsThatTheNextTells(
            @ForAll("entries") List<Entry> entries, @ForAll @IntRange(min = 0, max = 1000) int where) {
        if (entries.isEmpty()) {
            return;
        }
        int lost = where % entries.size();
        List<Entry> before = entries.subList(0, lost);
        List<Entry> through = entries.subList(0, lost + 1);
        List<Entry> guessed = after(before).guessed(1, List.of(), Optional.of(heights(through)));
        assertThat(guessed).hasSize(1);
        List<Entry> whole = new java.util.ArrayList<>(before);
        whole.addAll(guessed);
        // An undo or redo of nothing is never written, so it need not be told from a change.
        if (!heights(before).equals(heights(through))) {
            assertThat(heights(whole)).isEqualTo(heights(through));
        }
    }

    @Test
    void whatIsLeftOfALineTellsWhatItWas() {
        Stack stack = after(List.of(new Entry.Did(new Edit.PutClip(Sample.clip(Sample.UP, 5)))));
        assertThat(stack.guessed(1, List.of("{\"n\":2,\"undid\":tr"), Optional.empty()))
                .containsExactly(new Entry.Undid());
        assertThat(stack.guessed(1, List.of("x\"redid\":true"), Optional.empty()))
                .containsExactly(new Entry.Redid());
        assertThat(stack.guessed(
                        1,
                        List.of("{\"did\":{\"edit\":\"add-finding\",\"finding\":{\"id\":{\"value\":\"F7\"}"),
                        Optional.empty()))
                .containsExactly(new Entry.Lost("damaged: add finding, about F7"));
        assertThat(stack.guessed(2, List.of("#"), Optional.empty()))
                .containsExactly(new Entry.Lost("damaged: a change"), new Entry.Lost("damaged: a change"));
    }

    @Test
    void twoUndosThatAreLostAreBothUndos() {
        Entry one = new Entry.Did(new Edit.PutClip(Sample.clip(Sample.UP, 5)));
        Entry two = new Entry.Did(new Edit.PutClip(Sample.clip(Sample.DOWN, 5)));
        assertThat(after(List.of(one, two)).guessed(2, List.of(), Optional.of(new Heights(0, 2))))
                .containsExactly(new Entry.Undid(), new Entry.Undid());
    }

    @Provide
    Arbitrary<List<Entry>> entries() {
        return RandomEdits.entry().list().ofMaxSize(25);
    }
}

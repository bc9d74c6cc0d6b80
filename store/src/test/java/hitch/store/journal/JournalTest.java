package hitch.store.journal;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.job.Edit;
import hitch.core.job.Entry;
import hitch.core.job.Job;
import hitch.core.job.JobHistory;
import hitch.core.job.RandomEdits;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class JournalTest {
    private static final Clock NOON = Clock.fixed(Instant.parse("2026-03-02T12:00:00Z"), ZoneOffset.UTC);

    @TempDir
    Path folder;

    private static JobHistory write(Path file, List<Entry> entries) throws IOException {
        JobHistory history = JobHistory.EMPTY;
        try (Journal journal = Journal.open(file, NOON, "ada")) {
            for (Entry entry : entries) {
                journal.append(entry, history);
                history = history.then(entry);
            }
        }
        return history;
    }

    private static List<Entry> threeClips() {
        return List.of(
                new Entry.Did(new Edit.PutClip(Sample.clip(Sample.UP, 5))),
                new Entry.Did(new Edit.PutClip(Sample.clip(Sample.DOWN, 5))),
                new Entry.Did(new Edit.PutClip(Sample.clip(Sample.YARD, 5))));
    }

    private static ReadJournal read(List<String> lines) {
        return JournalReader.read(
                lines.stream().map(l -> l + "\n").collect(Collectors.joining()).getBytes(StandardCharsets.UTF_8));
    }

    @Property(tries = 60)
    void everyEntryComesBack(@ForAll("entries") List<Entry> entries) throws IOException {
        Path file = Files.createTempFile("hitch", ".jsonl");
        try {
            write(file, entries);
            try (Journal again = Journal.open(file, NOON, "ada")) {
                assertThat(again.entries()).isEqualTo(entries);
                assertThat(again.notices()).isEmpty();
            }
        } finally {
            Files.delete(file);
        }
    }

    @Test
    void threeThousandFlippedBitsOpenAndChangeNoValueWithoutAWord() throws IOException {
        Path file = folder.resolve("journal.jsonl");
        // Every kind of edit is among the last of them.
        List<Entry> old = JournalReader.read(OldJournals.first()).lines().stream()
                .map(JournalLine::entry)
                .toList();
        List<Entry> entries = old.subList(old.size() - 25, old.size());
        write(file, entries);
        byte[] bytes = Files.readAllBytes(file);
        List<Entry> whole = JournalReader.read(bytes).lines().stream()
                .map(JournalLine::entry)
                .toList();
        Random random = new Random(15);
        for (int i = 0; i < 3000; i++) {
            byte[] flipped = bytes.clone();
            flipped[random.nextInt(bytes.length)] ^= (byte) (1 << random.nextInt(8));
            ReadJournal read = JournalReader.read(flipped);
            List<Entry> found = read.lines().stream().map(JournalLine::entry).toList();
            if (!found.equals(whole)) {
                assertThat(read.damage()).isNotEmpty();
            }
            assertThat(found).hasSameSizeAs(whole);
            for (int n = 0; n < whole.size(); n++) {
                assertThat(found.get(n) instanceof Entry.Lost || found.get(n).equals(whole.get(n)))
                        .isTrue();
            }
        }
    }

    @Test
    void anUndoAfterALostChangeTakesBackThatChange() throws IOException {
        Path file = folder.resolve("journal.jsonl");
        List<Entry> entries = new ArrayList<>(threeClips());
        entries.add(new Entry.Undid());
        write(file, entries);
        List<String> lines = new ArrayList<>(Files.readAllLines(file));
        lines.set(3, lines.get(3).replace("put-clip", "put-clap"));
        ReadJournal read = read(lines);
        Job job = JobHistory.of(read.lines().stream().map(JournalLine::entry).toList())
                .job();
        assertThat(job.clips()).extracting(c -> c.id()).containsExactly(Sample.UP, Sample.DOWN);
        assertThat(read.damage()).singleElement().asString().contains("Change 3 cannot be read");
    }

    @Test
    void whatALostLineWasIsToldByTheHeightsAfterIt() throws IOException {
        Path file = folder.resolve("journal.jsonl");
        List<Entry> entries = new ArrayList<>(threeClips());
        entries.addAll(List.of(new Entry.Undid(), new Entry.Redid(), new Entry.Undid(), new Entry.Undid()));
        write(file, entries);
        for (int line : new int[] {4, 5, 6}) {
            List<String> lines = new ArrayList<>(Files.readAllLines(file));
            // Making again and doing something new come to the same heights here; what is left of the words tells.
            lines.set(line, line == 5 ? "{\"redid\":trxe" : "#");
            List<Entry> found =
                    read(lines).lines().stream().map(JournalLine::entry).toList();
            assertThat(found).isEqualTo(entries);
        }
    }

    @Test
    void aLineTakenOutIsToldByItsNumber() throws IOException {
        Path file = folder.resolve("journal.jsonl");
        write(file, threeClips());
        List<String> lines = new ArrayList<>(Files.readAllLines(file));
        lines.remove(2);
        ReadJournal read = read(lines);
        assertThat(read.damage()).singleElement().asString().contains("Change 2 is missing");
        assertThat(read.lines()).hasSize(3);
    }

    @Test
    void aLineWrittenAnewWithItsOwnChecksumBreaksTheChain() throws IOException {
        Path file = folder.resolve("journal.jsonl");
        write(file, threeClips());
        List<String> lines = new ArrayList<>(Files.readAllLines(file));
        String body = Seal.open(lines.get(2)).orElseThrow().body().replace("\"ada\"", "\"eve\"");
        lines.set(2, Seal.close(body));
        assertThat(read(lines).damage()).singleElement().asString().contains("before change 3");
    }

    @Test
    void twoLinesThatRanTogetherAreBothRead() throws IOException {
        Path file = folder.resolve("journal.jsonl");
        write(file, threeClips());
        byte[] bytes = Files.readAllBytes(file);
        int end = new String(bytes, StandardCharsets.UTF_8).indexOf("\n{\"n\":2");
        bytes[end] = '*';
        ReadJournal read = JournalReader.read(bytes);
        assertThat(read.lines().stream().map(JournalLine::entry).toList()).isEqualTo(threeClips());
    }

    @Test
    void whatANewerHitchWroteIsKeptAndToldAndUndoneInItsTurn() throws IOException {
        Path file = folder.resolve("journal.jsonl");
        write(file, threeClips());
        List<String> lines = new ArrayList<>(Files.readAllLines(file));
        String body =
                Seal.open(lines.get(3)).orElseThrow().body().replace("\"edit\":\"put-clip\"", "\"edit\":\"hide-area\"");
        lines.set(3, Seal.close(body));
        ReadJournal read = read(lines);
        assertThat(read.damage()).isEmpty();
        assertThat(read.newer()).singleElement().asString().contains("made by a newer Hitch: hide area");
        JobHistory history =
                JobHistory.of(read.lines().stream().map(JournalLine::entry).toList());
        assertThat(history.undoWords()).contains("made by a newer Hitch: hide area");
        assertThat(history.job().clips()).hasSize(2);
        assertThat(history.then(new Entry.Undid()).job().clips()).hasSize(2);
        assertThat(history.then(new Entry.Undid()).then(new Entry.Undid()).job().clips())
                .hasSize(1);
    }

    @Test
    void anOldJournalIsSealedWhenItIsFirstAddedTo() throws IOException {
        Path file = folder.resolve("journal.jsonl");
        Files.write(file, OldJournals.first());
        JobHistory history;
        try (Journal journal = Journal.open(file, NOON, "ada")) {
            assertThat(journal.notices()).isEmpty();
            assertThat(journal.job()).isEmpty();
            history = JobHistory.of(journal.entries());
            journal.append(threeClips().getFirst(), history);
            assertThat(journal.job()).isPresent();
        }
        byte[] bytes = Files.readAllBytes(file);
        try (Journal again = Journal.open(file, NOON, "ada")) {
            assertThat(again.damage()).isEmpty();
            assertThat(again.entries()).hasSize(157);
        }
        String text = new String(bytes, StandardCharsets.UTF_8);
        int hurt = text.indexOf("\"rootShareToMend\":40");
        bytes[hurt + 18] = '7';
        assertThat(JournalReader.read(bytes).damage())
                .singleElement()
                .asString()
                .contains("an older Hitch wrote");
    }

    @Test
    void theJobKeepsItsOwnId() throws IOException {
        Path file = folder.resolve("journal.jsonl");
        write(file, threeClips());
        try (Journal one = Journal.open(file, NOON, "ada")) {
            Path copy = Files.copy(file, folder.resolve("copy.jsonl"));
            try (Journal two = Journal.open(copy, NOON, "ada")) {
                assertThat(two.job()).isPresent().isEqualTo(one.job());
            }
        }
    }

    @Test
    void theHistoryTellsWhatWasDoneByWhomAndWhatStands() throws IOException {
        Path file = folder.resolve("journal.jsonl");
        List<Entry> entries = new ArrayList<>(threeClips());
        entries.add(new Entry.Undid());
        write(file, entries);
        try (Journal journal = Journal.open(file, NOON, "ada")) {
            List<HistoryText.Line> told = journal.history();
            assertThat(told).extracting(HistoryText.Line::stands).containsExactly(true, true, false, false);
            assertThat(told.getLast().what()).startsWith("take back: add clip");
            assertThat(told.getFirst().toString()).contains("ada").contains("2026-03-02T12:00:00Z");
        }
    }

    @Test
    void everyEditHasAName() {
        assertThat(EditNames.edits().values())
                .containsExactlyInAnyOrderElementsOf(Arrays.asList(Edit.class.getPermittedSubclasses()));
    }

    @Provide
    Arbitrary<List<Entry>> entries() {
        return RandomEdits.entry().list().ofMaxSize(25);
    }
}

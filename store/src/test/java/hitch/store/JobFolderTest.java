package hitch.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.Sample;
import hitch.core.job.Edit;
import hitch.core.job.Entry;
import hitch.core.job.Job;
import hitch.core.job.JobHistory;
import hitch.core.job.RandomEdits;
import java.io.BufferedReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class JobFolderTest {
    @TempDir
    Path folder;

    private static Path fresh() throws IOException {
        return Files.createTempDirectory("hitch-journal");
    }

    private static void clean(Path folder) throws IOException {
        try (var all = Files.walk(folder)) {
            all.sorted(java.util.Comparator.reverseOrder())
                    .forEach(p -> p.toFile().delete());
        }
    }

    private static void play(JobFolder job, List<Entry> entries) throws StoreException {
        for (Entry entry : entries) {
            switch (entry) {
                case Entry.Did did -> job.apply(did.edit());
                case Entry.Undid undid -> job.undo();
                case Entry.Redid redid -> job.redo();
                case Entry.Handed handed -> job.handed(handed.deed());
                case Entry.Lost lost -> throw new AssertionError("nobody makes a lost change");
            }
        }
    }

    @Property(tries = 40)
    void reopeningGivesTheSameJobWithItsUndoAndRedo(@ForAll("entries") List<Entry> entries)
            throws IOException, StoreException {
        Path place = fresh();
        try (JobFolder job = JobFolder.create(place)) {
            play(job, entries);
            JobHistory before = job.history();
            job.close();
            try (JobFolder again = JobFolder.open(place)) {
                assertThat(again.job()).isEqualTo(before.job());
                assertThat(again.history().toUndo()).isEqualTo(before.toUndo());
                assertThat(again.history().toRedo()).isEqualTo(before.toRedo());
                assertThat(again.notices()).isEmpty();
            }
        } finally {
            clean(place);
        }
    }

    @Property(tries = 60)
    void aJournalCutAnywhereKeepsEveryWholeLine(
            @ForAll("entries") List<Entry> entries, @ForAll @DoubleRange(max = 1) double where)
            throws IOException, StoreException {
        Path place = fresh();
        try {
            Path file = place.resolve(JobFolder.JOURNAL);
            // How long the journal is with each state, and the state; an undo of nothing writes nothing.
            NavigableMap<Long, Job> states = new TreeMap<>(Map.of(0L, Job.EMPTY));
            try (JobFolder job = JobFolder.create(place)) {
                states.put(Files.size(file), job.job());
                for (Entry entry : entries) {
                    play(job, List.of(entry));
                    states.put(Files.size(file), job.job());
                }
            }
            byte[] bytes = Files.readAllBytes(file);
            byte[] cut = Arrays.copyOf(bytes, (int) (bytes.length * where));
            Files.write(file, cut);
            // A line that lacks only its end is whole.
            Job whole = states.floorEntry(cut.length + 1L).getValue();
            boolean torn = !states.containsKey((long) cut.length) && !states.containsKey(cut.length + 1L);
            try (JobFolder again = JobFolder.open(place)) {
                assertThat(again.job()).isEqualTo(whole);
                assertThat(again.damage()).isEmpty();
                assertThat(again.notices()).hasSize(torn ? 1 : 0);
                again.apply(new Edit.PutClip(Sample.clip(Sample.UP, 5)));
            }
            try (JobFolder last = JobFolder.open(place)) {
                assertThat(last.notices()).isEmpty();
                assertThat(last.job().clip(Sample.UP)).isPresent();
            }
        } finally {
            clean(place);
        }
    }

    @Test
    void aHeaderThatLacksOnlyItsEndKeepsTheJobsId() throws StoreException, IOException {
        Path file = folder.resolve(JobFolder.JOURNAL);
        JobFolder.create(folder).close();
        byte[] whole = Files.readAllBytes(file);
        Files.write(file, Arrays.copyOf(whole, whole.length - 1));
        try (JobFolder again = JobFolder.open(folder)) {
            assertThat(again.notices()).isEmpty();
        }
        assertThat(file).hasBinaryContent(whole);
    }

    @Test
    void aTornLineIsSetAsideAndToldOf() throws StoreException, IOException {
        try (JobFolder job = JobFolder.create(folder)) {
            job.apply(new Edit.PutClip(Sample.clip(Sample.UP, 5)));
        }
        Files.writeString(folder.resolve(JobFolder.JOURNAL), "{\"n\":2,\"did\":{\"ed", StandardOpenOption.APPEND);
        try (JobFolder again = JobFolder.open(folder)) {
            assertThat(again.notices()).singleElement().asString().contains("Everything before it is here");
            assertThat(again.job().clips()).hasSize(1);
        }
        assertThat(folder.resolve("journal-torn.txt")).hasContent("{\"n\":2,\"did\":{\"ed");
    }

    @Test
    void aDamagedLineIsToldOfAndLeftWhereItIs() throws StoreException, IOException {
        try (JobFolder job = JobFolder.create(folder)) {
            job.apply(new Edit.PutClip(Sample.clip(Sample.UP, 5)));
            job.apply(new Edit.PutClip(Sample.clip(Sample.DOWN, 5)));
        }
        Path file = folder.resolve(JobFolder.JOURNAL);
        List<String> lines = new ArrayList<>(Files.readAllLines(file));
        lines.set(1, "%%%");
        Files.write(file, lines);
        try (JobFolder again = JobFolder.open(folder)) {
            assertThat(again.damage()).singleElement().asString().contains("Change 1 cannot be read");
            assertThat(again.job().clip(Sample.DOWN)).isPresent();
        }
        assertThat(Files.readAllLines(file).get(1)).isEqualTo("%%%");
    }

    @Test
    void aKilledProgramLosesNothingItConfirmed() throws IOException, InterruptedException, StoreException {
        Process child = new ProcessBuilder(
                        ProcessHandle.current().info().command().orElseThrow(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        Killed.class.getName(),
                        folder.toString())
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        int confirmed = 0;
        try (BufferedReader said = child.inputReader()) {
            for (String line = said.readLine(); line != null && confirmed < 40; line = said.readLine()) {
                confirmed = Integer.parseInt(line);
            }
            child.destroyForcibly();
        }
        child.waitFor();
        assertThat(confirmed).isEqualTo(40);
        try (JobFolder again = JobFolder.open(folder)) {
            assertThat(again.job().findings().size()).isGreaterThanOrEqualTo(confirmed);
        }
    }

    /** Adds findings for ever, and says so after each. */
    public static final class Killed {
        private Killed() {}

        public static void main(String[] args) throws StoreException {
            JobFolder job = JobFolder.create(Path.of(args[0]));
            for (int n = 1; ; n++) {
                Job now = job.job();
                job.apply(new Edit.AddFinding(Sample.finding(now, Sample.DOWN, n, "roots top " + n)));
                System.out.println(n);
            }
        }
    }

    @Test
    void aJobIsOpenInOneWindowOnly() throws StoreException {
        try (JobFolder job = JobFolder.create(folder)) {
            assertThat(job.folder()).isEqualTo(folder);
            assertThatThrownBy(() -> JobFolder.open(folder)).hasMessageContaining("open in another window");
        }
        try (JobFolder again = JobFolder.open(folder)) {
            assertThat(again.job()).isEqualTo(Job.EMPTY);
        }
    }

    @Test
    void saysWhatIsNoJobAndWhatIsOneAlready() throws StoreException {
        assertThatThrownBy(() -> JobFolder.open(folder)).hasMessageContaining("is not a job");
        JobFolder.create(folder).close();
        assertThatThrownBy(() -> JobFolder.create(folder)).hasMessageContaining("already a job");
    }

    @Provide
    Arbitrary<List<Entry>> entries() {
        return RandomEdits.entry().list().ofMaxSize(25);
    }

    @Test
    void whereNoJobCanBeMadeOrReadItIsToldInWords() throws IOException {
        Path file = Files.writeString(folder.resolve("a-file"), "no folder");
        assertThatThrownBy(() -> JobFolder.create(file.resolve("job")))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("No job can be made in");
        Path odd = Files.createDirectories(folder.resolve("odd").resolve(JobFolder.JOURNAL));
        assertThatThrownBy(() -> JobFolder.open(odd.getParent()))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("is not a job");
    }
}

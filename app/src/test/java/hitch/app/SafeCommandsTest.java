package hitch.app;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.media.NumberedFootage;
import hitch.media.TelephonePhoto;
import hitch.store.JobFolder;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import picocli.CommandLine;

/** Commands that are told to write where they must not, or given what no command can use. */
class SafeCommandsTest {
    @TempDir
    Path folder;

    private final StringWriter err = new StringWriter();
    private Path clip;
    private Path captions;
    private Path job;

    @BeforeEach
    void things() throws Exception {
        clip = NumberedFootage.write(folder.resolve("a.mp4"), 12);
        captions = Files.writeString(folder.resolve("n.srt"), "1\n00:00:01,000 --> 00:00:02,000\nroots at 12 feet\n");
        job = folder.resolve("job");
        try (JobFolder made = JobFolder.create(job)) {
            Job sample = Sample.marked();
            made.apply(new Edit.DescribeProperty(sample.facts()));
            sample.runs().forEach(r -> applied(made, new Edit.PutRun(r)));
        }
        Files.createDirectories(job.resolve("clips"));
        Files.copy(clip, job.resolve("clips/a.mp4"));
        Files.createSymbolicLink(folder.resolve("link.csv"), job.resolve(JobFolder.JOURNAL));
        Files.createLink(folder.resolve("twin.mp4"), clip);
    }

    private static void applied(JobFolder folder, Edit edit) {
        try {
            folder.apply(edit);
        } catch (hitch.store.StoreException e) {
            throw new IllegalStateException(e);
        }
    }

    private int run(String arguments) {
        CommandLine line = Main.commandLine();
        line.setOut(new PrintWriter(new StringWriter(), true));
        line.setErr(new PrintWriter(err, true));
        return Main.run(
                line,
                Stream.of(arguments.split(" "))
                        .map(a -> a.startsWith("@")
                                ? folder.resolve(a.substring(1)).toString()
                                : a.equals("''") ? "" : a)
                        .toArray(String[]::new));
    }

    /** Every file of the folder with what is in it. */
    private Map<String, String> all() throws IOException {
        Map<String, String> files = new TreeMap<>();
        try (Stream<Path> walk = Files.walk(folder)) {
            for (Path file : walk.filter(Files::isRegularFile).toList()) {
                if (!file.startsWith(folder.resolve("data"))) {
                    files.put(folder.relativize(file).toString(), Files.readString(file, StandardCharsets.ISO_8859_1));
                }
            }
        }
        return files;
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "counter @a.mp4 --csv @a.mp4",
                "counter @a.mp4 --csv @twin.mp4",
                "counter @a.mp4 --csv @job/clips/a.mp4",
                "counter @a.mp4 --csv @link.csv",
                "counter @a.mp4 --csv ''",
                "line @job --svg @job/journal.jsonl",
                "line @job --svg @n.srt",
                "line @job --svg @link.csv",
                "recover @a.mp4 --out @a.mp4",
                "recover @n.srt --like @a.mp4 --out @a.mp4",
                "recover @n.srt --out @twin.mp4",
                "notes @n.srt --csv @n.srt",
                "notes @n.srt --csv @a.mp4",
                "notes @n.srt --csv @job/clips/notes.csv",
                "notes --phrases @n.srt --csv @n.srt",
                "deliver @job --recipient owner --out @job/clips",
                "deliver @job --recipient owner --out @job",
                "deliver @job --recipient owner --out ''",
                "clip @job F1 --out @job/clips",
                "still @a.mp4 --frames 1 --out @job/clips",
                "still @a.mp4 --frames 1 --out @n.srt",
                "describe @job --out @n.srt",
                "describe @job --out @job/clips/a.yaml",
                "history @job --out @a.mp4",
                "sim demo --out @job/clips"
            })
    void nothingIsWrittenOverWhatIsReadNorIntoAJob(String arguments) throws IOException {
        Map<String, String> before = all();
        assertThat(run(arguments)).as(arguments).isEqualTo(1);
        assertThat(all()).isEqualTo(before);
        assertThat(err.toString().lines().filter(l -> !l.contains("%")).count())
                .as(err.toString())
                .isEqualTo(1);
        assertThat(err.toString()).doesNotContain("Exception", "\tat ");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "still @a.mp4 --at NaN --out @out",
                "clip @job F1 --before NaN --out @out",
                "clip @job F1 --after 1e300 --out @out",
                "counter @a.mp4 --known 0=NaN --known 1=2 --csv @o.csv",
                "counter @a.mp4 --known 1e300=0 --known 1=2 --csv @o.csv",
                "notes @n.srt --offset NaN --csv @o.csv",
                "verify @job"
            })
    void whatCannotBeMeantIsToldInOneLine(String arguments) throws IOException {
        Map<String, String> before = all();
        assertThat(run(arguments)).as(arguments).isEqualTo(1);
        assertThat(all()).isEqualTo(before);
        assertThat(err.toString()).doesNotContain("Exception", "\tat ").isNotBlank();
    }

    @Test
    void manyCommasAreNoStackOverflow() throws IOException {
        Files.writeString(
                captions, "1\n00:00:01,000 --> 00:00:02,000\nroots at 12" + " ,".repeat(20_000 / 2 - 20) + "\n");
        assertThat(run("notes @n.srt --csv @o.csv")).isZero();
        Files.writeString(captions, "1\n00:00:01,000 --> 00:00:02,000\nroots at 12" + " and".repeat(4_000) + "\n");
        assertThat(run("notes @n.srt --csv @o.csv")).isZero();
    }

    @Test
    void aLineThatIsNoLineOfTextAndTimesBeforeNothingAreRefused() throws IOException {
        Files.writeString(captions, "roots ".repeat(100_000));
        assertThat(run("notes @n.srt --csv @o.csv")).isEqualTo(1);
        assertThat(err.toString()).contains("characters long");
        Files.writeString(captions, "1\n-00:00:01,000 --> 00:00:02,000\nroots at 12 feet\n");
        assertThat(run("notes @n.srt --csv @o.csv")).isEqualTo(1);
        assertThat(err.toString()).contains("times cannot be read");
        assertThat(folder.resolve("o.csv")).doesNotExist();
    }

    @Test
    void captionsInSixteenBitsAreReadAsAnyOther() throws IOException {
        Files.write(
                captions,
                "\ufeff1\n00:00:01,000 --> 00:00:02,000\nroots at 12 feet\n".getBytes(StandardCharsets.UTF_16LE));
        assertThat(run("notes @n.srt --csv @o.csv")).isZero();
        assertThat(Files.readString(folder.resolve("o.csv"))).contains("roots").contains("12");
    }

    @Test
    void aCounterTableWithAByteOrderMarkIsReadAndATornOneToldInWords() throws IOException {
        Path table = folder.resolve("counter.csv");
        Files.writeString(table, "\ufefftime_s,reading,unit,confidence\n0,0,ft,1\n2,3,ft,1\n");
        assertThat(run("notes @n.srt --trace @counter.csv --csv @o.csv")).isZero();
        Files.writeString(table, "time_s,reading,unit,confidence\n0,\"0,ft,1\n");
        assertThat(run("notes @n.srt --trace @counter.csv --csv @o2.csv")).isEqualTo(1);
        assertThat(err.toString())
                .contains("a quote is opened and never closed")
                .doesNotContain("Exception");
        Files.writeString(table, "time_s,reading,unit,confidence\n0,NaN,ft,1\n");
        assertThat(run("notes @n.srt --trace @counter.csv --csv @o3.csv")).isEqualTo(1);
        assertThat(err.toString()).contains("no number that can be meant");
    }

    @Test
    void aTableIsReplacedByANewerOneOfItself() throws IOException {
        assertThat(run("notes @n.srt --csv @o.csv")).isZero();
        String first = Files.readString(folder.resolve("o.csv"));
        Files.writeString(captions, "1\n00:00:01,000 --> 00:00:02,000\noffset at 30 feet\n");
        assertThat(run("notes @n.srt --csv @o.csv")).isZero();
        assertThat(Files.readString(folder.resolve("o.csv")))
                .isNotEqualTo(first)
                .contains("offset");
    }

    @Test
    void aPhotographIsNoClipToCountOn() {
        TelephonePhoto.write(folder.resolve("p.jpg"), 1);
        assertThat(run("probe @p.jpg")).isZero();
    }
}

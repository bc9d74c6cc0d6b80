package hitch.app;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.job.Job;
import hitch.core.survey.Reckoner;
import hitch.store.JobFolder;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;

/** A record written by hand becomes a job, and a job such a record. */
class DescribeCommandTest {
    private static final Path FORMAT = Path.of("../docs/formats/described-line.md");

    @TempDir
    Path folder;

    private final StringWriter err = new StringWriter();

    private int run(Object... arguments) {
        CommandLine line = Main.commandLine();
        line.setOut(new PrintWriter(new StringWriter(), true));
        line.setErr(new PrintWriter(err, true));
        String[] texts = new String[arguments.length];
        for (int i = 0; i < texts.length; i++) {
            texts[i] = arguments[i].toString();
        }
        return line.execute(texts);
    }

    /** The example of the format's own page. */
    private static String example() throws IOException {
        String page = Files.readString(FORMAT);
        int start = page.indexOf("```yaml\n") + "```yaml\n".length();
        return page.substring(start, page.indexOf("```", start));
    }

    @Test
    void theExampleOfTheFormatIsAJobThatIsWrittenBackTheSame() throws Exception {
        Path yaml = Files.writeString(folder.resolve("line.yaml"), example());
        assertThat(run("describe", yaml, "--into", folder.resolve("job"))).isZero();
        Path written = folder.resolve("written.yaml");
        assertThat(run("describe", folder.resolve("job"), "--out", written)).isZero();
        assertThat(run("describe", written, "--into", folder.resolve("again"))).isZero();
        try (JobFolder first = JobFolder.open(folder.resolve("job"));
                JobFolder second = JobFolder.open(folder.resolve("again"))) {
            Job job = first.job();
            assertThat(second.job()).isEqualTo(job);
            assertThat(Reckoner.survey(job).findings()).isNotEmpty();
        }
    }

    @Test
    void nothingIsMadeOfWhatCannotBeRead() throws Exception {
        Path yaml = Files.writeString(folder.resolve("bad.yaml"), example().replace("kind: roots", "kind: rots"));
        assertThat(run("describe", yaml, "--into", folder.resolve("job"))).isNotZero();
        assertThat(err.toString())
                .contains("Nothing was made")
                .contains("bad.yaml")
                .contains("Line ")
                .contains("rots");
        assertThat(folder.resolve("job")).doesNotExist();
        assertThat(run("describe", yaml)).isNotZero();
        assertThat(err.toString()).contains("--into JOB");
    }

    @Test
    void anOutputThatIsThereIsNotWrittenOver() throws Exception {
        Path yaml = Files.writeString(folder.resolve("line.yaml"), example());
        assertThat(run("describe", yaml, "--into", folder.resolve("job"))).isZero();
        Path taken = Files.writeString(folder.resolve("taken.yaml"), "mine");
        assertThat(run("describe", folder.resolve("job"), "--out", taken)).isNotZero();
        assertThat(taken).hasContent("mine");
    }
}

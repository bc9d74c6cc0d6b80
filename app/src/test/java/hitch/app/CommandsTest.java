package hitch.app;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.job.Edit;
import hitch.core.job.PropertyFacts;
import hitch.core.rules.HouseRules;
import hitch.store.JobFolder;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import picocli.CommandLine;

class CommandsTest {
    @TempDir
    Path folder;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    @BeforeEach
    void ownDataFolder() {
        System.setProperty("hitch.data", folder.resolve("data").toString());
    }

    @AfterEach
    void forgetIt() {
        System.clearProperty("hitch.data");
    }

    private int run(String... arguments) {
        CommandLine line = Main.commandLine();
        line.setOut(new PrintWriter(out, true));
        line.setErr(new PrintWriter(err, true));
        return line.execute(arguments);
    }

    static List<String> commands() {
        return List.copyOf(Main.commandLine().getSubcommands().keySet());
    }

    @ParameterizedTest
    @MethodSource("commands")
    void everyCommandAnswersHelpWithAnExample(String command) {
        assertThat(run(command, "--help")).isZero();
        assertThat(out.toString()).contains("Example:").contains("./hitch " + command);
    }

    @Test
    void theLauncherIsToldWhichCommandsOpenAWindow() {
        assertThat(run("--list-commands")).isZero();
        assertThat(out.toString().lines().filter(l -> l.endsWith(" window"))).containsExactly("demo window");
        assertThat(out.toString().lines()).contains("deliver plain", "history plain", "bench plain");
    }

    @Test
    void aDamagedRecordIsToldAndDeliveredOnlyWhenAccepted() throws Exception {
        Path job = folder.resolve("job");
        try (JobFolder made = JobFolder.create(job)) {
            made.apply(new Edit.DescribeProperty(PropertyFacts.BLANK));
            made.apply(new Edit.TakeRules(HouseRules.DEFAULT));
        }
        Path journal = job.resolve(JobFolder.JOURNAL);
        Files.writeString(journal, Files.readString(journal).replace("describe-property", "describe-properly"));
        String to = folder.resolve("out").toString();
        assertThat(run("deliver", job.toString(), "--recipient", "owner", "--out", to))
                .isEqualTo(1);
        assertThat(err.toString()).contains("Change 1 cannot be read").contains("--accept-damage");
        assertThat(run("deliver", job.toString(), "--recipient", "owner", "--out", to, "--accept-damage"))
                .isEqualTo(1);
        assertThat(err.toString()).contains("no finding lies in this job");
        assertThat(run("history", job.toString())).isZero();
        assertThat(out.toString()).contains("damaged").contains("take the house rules");
    }

    @Test
    void aJobThatIsNoneIsOnePlainLine() {
        assertThat(run(
                        "deliver",
                        folder.toString(),
                        "--audience",
                        "buyer",
                        "--out",
                        folder.resolve("o").toString()))
                .isEqualTo(1);
        assertThat(err.toString().strip().lines()).hasSize(1);
        assertThat(err.toString())
                .contains("is not a job")
                .doesNotContain("Exception")
                .doesNotContain("\tat ");
    }

    @Test
    void aWrongWordIsOnePlainLine() {
        assertThat(run("deliver", "demo", "--audience", "neighbour", "--out", "o"))
                .isEqualTo(2);
        assertThat(err.toString()).contains("neighbour").doesNotContain("\tat ");
        assertThat(run("deliver", "demo")).isEqualTo(2);
    }

    @Test
    void anEmptyJobSaysWhatIsMissing() throws Exception {
        Path job = folder.resolve("job");
        JobFolder.create(job).close();
        assertThat(run(
                        "deliver",
                        job.toString(),
                        "--audience",
                        "homeowner",
                        "--out",
                        folder.resolve("o").toString()))
                .isEqualTo(1);
        assertThat(err.toString()).contains("no finding lies in this job");
    }

    @Test
    void cutsTheFootageOfADemoFinding() {
        assertThat(run(
                        "clip",
                        "demo",
                        "f8",
                        "--before",
                        "1",
                        "--after",
                        "1",
                        "--out",
                        folder.resolve("o").toString()))
                .isZero();
        assertThat(folder.resolve("o/f8-roots-untouched.mp4")).exists();
        assertThat(folder.resolve("o/f8-roots-labelled.json")).exists();
        assertThat(run("clip", "demo", "F99", "--out", folder.toString())).isEqualTo(1);
        assertThat(err.toString()).contains("no finding F99");
        // Each time a fresh copy: the first one is still there, untouched.
        assertThat(folder.resolve("data/demo").toFile().list()).contains("teasel-lane-2");
    }

    @Test
    void aScenarioThatIsNoneIsNamed() {
        assertThat(run(
                        "sim",
                        folder.resolve("none.yaml").toString(),
                        "--out",
                        folder.resolve("o").toString()))
                .isEqualTo(1);
        assertThat(err.toString()).contains("none.yaml");
    }
}

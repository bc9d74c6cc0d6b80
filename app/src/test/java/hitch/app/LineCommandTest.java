package hitch.app;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.LineJob;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.line.Ground;
import hitch.core.run.Direction;
import hitch.store.StoreException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What a job's pipe is, told without a window. */
class LineCommandTest {
    @TempDir
    private Path folder;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    private int run(String... arguments) {
        CommandLine line = Main.commandLine();
        line.setOut(new PrintWriter(out, true));
        line.setErr(new PrintWriter(err, true));
        return line.execute(arguments);
    }

    private String saved(Job job) throws StoreException {
        return SavedJob.in(folder.resolve("job"), job).toString();
    }

    private static Job twoRuns() {
        return new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 50)
                .note("street", 5, "locate 3 ft, stake")
                .note("street", 25, "locate 4 ft, stake")
                .note("street", 30, "4 in clay to 6 in pvc")
                .note("street", 40, "offset 1/2 in")
                .note("street", 50, "main connection")
                .run("building", Direction.AGAINST_FLOW, 0, 20)
                .note("building", 19.9, "stopped, cannot pass the bend")
                .facts(f -> f.withGround(Ground.LEVEL))
                .job();
    }

    @Test
    void tellsThePipeItsLengthsWhatWasSeenAndItsFall() throws StoreException {
        assertThat(run("line", saved(twoRuns()))).isZero();
        assertThat(out.toString())
                .contains("the line, 70.0 ft")
                .containsPattern("4 in clay +50\\.0 ft")
                .containsPattern("6 in PVC +20\\.0 ft +30\\.0 to 50\\.0 ft toward the main")
                .contains("check locally")
                .contains("seen well: 100 % of 70.0 ft")
                .contains("not reached past 20.0 ft toward the building: stopped, cannot pass the bend")
                // 12 in deeper over 20 ft: 0.60 in a foot.
                .contains("fall 5.0 to 25.0 ft toward the main: 0.60 in/ft");
        assertThat(err.toString()).contains("2 clips were not looked through yet");
    }

    @Test
    void writesAllFiguresAndTheDrawing() throws Exception {
        Path svg = folder.resolve("line.svg");
        assertThat(run("line", saved(twoRuns()), "--json", "--svg", svg.toString()))
                .isZero();
        JsonNode json = JsonMapper.shared().readTree(out.toString());
        assertThat(json.get("lengths").size()).isEqualTo(2);
        assertThat(json.get("runs").size()).isEqualTo(2);
        assertThat(DocumentBuilderFactory.newInstance()
                        .newDocumentBuilder()
                        .parse(svg.toFile())
                        .getDocumentElement()
                        .getTextContent())
                .contains("6 in PVC")
                .contains("main connection");
    }

    @Test
    void footageThatCannotBeLookedThroughIsNamedAndTheRestIsTold() throws StoreException {
        assertThat(run("line", saved(twoRuns()), "--look")).isZero();
        assertThat(err.toString()).contains("street.mp4 is not at").contains("building.mp4 is not at");
        assertThat(out.toString()).contains("the line, 70.0 ft");
    }

    @Test
    void aJobWithoutACounterSaysSo() throws StoreException {
        Job bare = Job.EMPTY.with(new Edit.PutClip(twoRuns().clips().getFirst()));
        String job = saved(bare);
        assertThat(run("line", job)).isZero();
        assertThat(out.toString()).contains("No run of this job has a counter yet");
        Path svg = folder.resolve("line.svg");
        assertThat(run("line", job, "--svg", svg.toString())).isNotZero();
        assertThat(err.toString()).contains("Nothing was drawn").contains("Set one on Mark");
        assertThat(Files.exists(svg)).isFalse();
    }

    @Test
    void whatIsNoJobIsRefusedInOneLine() {
        assertThat(run("line", folder.resolve("nothing").toString())).isNotZero();
        assertThat(err.toString()).contains("is not a job");
        assertThat(out.toString()).isEmpty();
    }
}

package hitch.app;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What is still to be done before the van leaves, told without a window. */
class MissingCommandTest {
    @TempDir
    private Path folder;

    private StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    private int run(String... arguments) {
        out = new StringWriter();
        CommandLine line = Main.commandLine();
        line.setOut(new PrintWriter(out, true));
        line.setErr(new PrintWriter(err, true));
        return Main.run(line, arguments);
    }

    @Test
    void asWordsAndAsJsonItTellsTheSame() throws Exception {
        String job = SavedJob.in(
                        folder.resolve("job"), Sample.note(Sample.marked(), Sample.DOWN, 5, "check 52 on way back"))
                .toString();
        assertThat(run("missing", job)).as(err.toString()).isZero();
        List<String> lines = out.toString().strip().lines().toList();
        assertThat(run("missing", job, "--json")).as(err.toString()).isZero();
        JsonNode all = JsonMapper.shared().readTree(out.toString());
        assertThat(all.size()).isEqualTo(lines.size()).isPositive();
        List<String> findings = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            JsonNode one = all.get(i);
            assertThat(lines.get(i))
                    .startsWith(i + 1 + ". ")
                    .containsIgnoringCase(one.at("/todo").asString());
            assertThat(one.at("/why").asString()).isNotBlank();
            if (!one.at("/finding").isNull()) {
                findings.add(one.at("/finding").asString());
            }
        }
        assertThat(findings)
                .as("the look that was promised leads to where it was")
                .contains("F9");
    }

    @Test
    void whereThereIsNoJobItIsOnePlainLine() {
        assertThat(run("missing", folder.toString())).isEqualTo(1);
        assertThat(err.toString().strip().lines()).hasSize(1);
        assertThat(err.toString()).contains("is not a job");
    }
}

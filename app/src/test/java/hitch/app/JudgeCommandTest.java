package hitch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What a described line comes to, told without a window. */
class JudgeCommandTest {
    @TempDir
    private Path folder;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    private int run(String... arguments) {
        out.getBuffer().setLength(0);
        CommandLine line = Main.commandLine();
        line.setOut(new PrintWriter(out, true));
        line.setErr(new PrintWriter(err, true));
        return line.execute(arguments);
    }

    private String described(String name, String date, String... says) throws Exception {
        StringBuilder yaml = new StringBuilder(
                "job: {property: 4 Sorrel Row, recorded: " + date + ", built: 1949}\n"
                        + "runs:\n  - {name: run, opening: {kind: two-way cleanout, pipe: 4 in clay}, goes: toward the main}\nfindings:\n");
        for (String note : says) {
            yaml.append("  - says: \"").append(note).append("\"\n");
        }
        Path file = Files.writeString(folder.resolve(name + ".yaml"), yaml);
        Path job = folder.resolve(name);
        assertThat(run("describe", file.toString(), "--into", job.toString()))
                .as(err.toString())
                .isZero();
        return job.toString();
    }

    @Test
    void tellsVerdictAsksOptionsAndQuestionsAsJson() throws Exception {
        String job = described("now", "2026-08-03", "roots 40% at 20", "hole at 30", "main connection at 60");
        assertThat(run("judge", job, "--json")).as(err.toString()).isZero();
        JsonNode all = JsonMapper.shared().readTree(out.toString());
        assertThat(all.at("/verdict/comes_to").asString()).isEqualTo("needs a repair");
        assertThat(all.at("/verdict/judged").asBoolean()).isTrue();
        assertThat(all.at("/asks/0/remedy/work").asString()).isEqualTo("spot repair");
        assertThat(all.at("/asks/0/remedy/because").size()).isPositive();
        assertThat(all.at("/asks/0/remedy/cautions").toString()).contains("buried utilities");
        assertThat(all.at("/asks/0/options/0/cost/against_the_one_taken").asString())
                .isNotBlank();
        assertThat(all.at("/asks/1/remedy/next_months").asInt()).isEqualTo(12);
        assertThat(all.at("/asks/1/due").asString()).isEqualTo("2026-11-03");
        assertThat(all.at("/questions").toString()).contains("mark");
        assertThat(all.at("/plans").size()).isEqualTo(3);
    }

    @Test
    void holdsAnEarlierVisitAgainstThisOne() throws Exception {
        String then = described("then", "2025-08-03", "roots 15% at 20", "main connection at 60");
        String now = described("now", "2026-08-03", "roots 40% at 20", "main connection at 60");
        assertThat(run("judge", now, "--beside", then)).as(err.toString()).isZero();
        assertThat(out.toString())
                .contains("since 2025-08-03")
                .contains("It took 15 % of the bore then and takes 40 % now.")
                .contains("every 6 months");
        assertThat(run("judge", now)).isZero();
        assertThat(out.toString()).doesNotContain("since 2025").contains("every 12 months");
    }
}

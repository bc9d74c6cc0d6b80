package hitch.app;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.job.Job;
import hitch.store.StoreException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;

/** A district's own form and codes, held against a line without a window. */
class DistrictCommandTest {
    private static final String FORM = """
            name = Wendle Water
            distances from = the main
            rising = against it
            unit = feet
            decimals = 1
            upper = A-114
            column = at: station
            column = to: station end
            column = code: code
            column = manhole: upper
            """;
    private static final String CODES = """
            kind,by,from,to,code,words
            roots,share,0,20,310,a few roots
            roots,share,20,101,311,roots
            standing water,,,,440,
            boundary,,,,10,line
            main connection,,,,900,the tap
            """;

    @TempDir
    private Path folder;

    private StringWriter out = new StringWriter();
    private StringWriter err = new StringWriter();
    private Path form;
    private Path codes;

    @BeforeEach
    void ownDataFolder() throws Exception {
        System.setProperty("hitch.data", folder.resolve("data").toString());
        form = Files.writeString(folder.resolve("form.txt"), FORM);
        codes = Files.writeString(folder.resolve("codes.csv"), CODES);
    }

    @AfterEach
    void forgetIt() {
        System.clearProperty("hitch.data");
    }

    private int run(Object... arguments) {
        out = new StringWriter();
        err = new StringWriter();
        CommandLine line = Main.commandLine();
        line.setOut(new PrintWriter(out, true));
        line.setErr(new PrintWriter(err, true));
        return Main.run(line, Arrays.stream(arguments).map(Object::toString).toArray(String[]::new));
    }

    /** Boundary at 45 ft, main at 60, and more notes, each at its foot. */
    private Path job(Object... secondsAndNotes) throws StoreException {
        Job job = Sample.marked();
        for (int i = 0; i < secondsAndNotes.length; i += 2) {
            job = Sample.note(job, Sample.DOWN, (Integer) secondsAndNotes[i], (String) secondsAndNotes[i + 1]);
        }
        return SavedJob.in(folder.resolve("job"), job);
    }

    private List<String> table() {
        return out.toString().lines().toList();
    }

    @Test
    void theTableIsReadFromTheMainInItsCodesAndHoldsNothingOfThePrivateSide() throws Exception {
        Path job = job(20, "hole", 48, "roots 10%", 50, "roots 40%", 52, "standing water 52 to 54.5");
        assertThat(run("district", job, "--form", form, "--codes", codes))
                .as(err.toString())
                .isZero();
        assertThat(table())
                .containsExactlyInAnyOrder(
                        "at,to,code,manhole",
                        "15.0,,10,A-114",
                        "12.0,,310,A-114",
                        "10.0,,311,A-114",
                        "5.5,8.0,440,A-114",
                        "0.0,,900,A-114");
    }

    @Test
    void whatHasNoCodeIsToldAndStaysInTheTable() throws Exception {
        Path job = job(48, "roots 10%", 50, "hole");
        assertThat(run("district", job, "--form", form, "--codes", codes)).isEqualTo(1);
        assertThat(err.toString()).contains("hole");
        assertThat(table()).contains("10.0,,,A-114").hasSize(5);
    }

    @Test
    void whatIsKeptStandsTheNextTimeForThatRecipientAlone() throws Exception {
        Path job = job(48, "roots 10%");
        assertThat(run("district", job, "--form", form, "--codes", codes, "--keep"))
                .as(err.toString())
                .isZero();
        List<String> first = table();
        assertThat(run("district", job)).as(err.toString()).isZero();
        assertThat(table()).isEqualTo(first);
        assertThat(run("district", job, "--recipient", "buyer")).isEqualTo(1);
        assertThat(table()).doesNotContainAnyElementsOf(first);
    }

    @Test
    void aFormThatIsNoneIsOnePlainLineAndNothingIsKept() throws Exception {
        Path job = job(48, "roots 10%");
        Files.writeString(form, "decimals = two\n");
        assertThat(run("district", job, "--form", form, "--codes", codes, "--keep"))
                .isEqualTo(1);
        assertThat(err.toString().strip().lines()).hasSize(1);
        assertThat(err.toString()).contains("\"two\" is no number for decimals").doesNotContain("Exception");
        assertThat(run("district", job, "--form", folder.resolve("none.txt"))).isEqualTo(1);
        assertThat(err.toString()).contains("none.txt").doesNotContain("\tat ");
        assertThat(run("district", job)).isEqualTo(1);
        assertThat(table().getFirst()).isEqualTo("upper,lower,at,to,code,what,clock,still,clip,time");
    }
}

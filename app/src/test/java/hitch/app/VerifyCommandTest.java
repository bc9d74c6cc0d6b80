package hitch.app;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.media.Progress;
import hitch.media.clip.Fingerprint;
import hitch.store.seal.SignatureFile;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;

/** A folder that was handed over, held against its manifest without a window. */
class VerifyCommandTest {
    @TempDir
    private Path folder;

    private StringWriter out = new StringWriter();
    private StringWriter err = new StringWriter();

    @BeforeEach
    void handedOver() throws Exception {
        Files.createDirectories(folder.resolve("stills"));
        Path report = Files.writeString(folder.resolve("report.html"), "<p>report</p>");
        Path still = Files.writeString(folder.resolve("stills/f1.png"), "still");
        Files.writeString(
                folder.resolve("manifest.json"),
                "{\"for\":\"buyer\",\"products\":[{\"file\":\"report.html\",\"sha256\":\""
                        + Fingerprint.of(report, Progress.NONE) + "\"},{\"file\":\"stills/f1.png\",\"sha256\":\""
                        + Fingerprint.of(still, Progress.NONE) + "\"}]}");
    }

    private int run(String... arguments) {
        out = new StringWriter();
        err = new StringWriter();
        CommandLine line = Main.commandLine();
        line.setOut(new PrintWriter(out, true));
        line.setErr(new PrintWriter(err, true));
        return Main.run(line, arguments);
    }

    private int verify() {
        return run("verify", folder.toString());
    }

    private Map<String, String> all() throws Exception {
        Map<String, String> files = new TreeMap<>();
        try (Stream<Path> walk = Files.walk(folder)) {
            for (Path file : walk.filter(Files::isRegularFile).toList()) {
                files.put(folder.relativize(file).toString(), Files.readString(file));
            }
        }
        return files;
    }

    @Test
    void whatIsAsItWasHandedOverIsToldToBe() throws Exception {
        Map<String, String> before = all();
        assertThat(verify()).as(err.toString()).isZero();
        assertThat(out.toString().lines())
                .contains(
                        "unchanged  report.html",
                        "unchanged  stills/f1.png",
                        "It is not signed.",
                        "All 2 files are as they were handed over to the buyer.");
        assertThat(all()).as("it is only read").isEqualTo(before);
    }

    @Test
    void eachChangeIsToldByItsFile() throws Exception {
        Files.writeString(folder.resolve("report.html"), "<p>Report</p>");
        Files.delete(folder.resolve("stills/f1.png"));
        Files.writeString(folder.resolve("stills/f2.png"), "more");
        assertThat(verify()).isEqualTo(1);
        assertThat(out.toString().lines())
                .contains("changed  report.html", "missing  stills/f1.png", "added  stills/f2.png")
                .endsWith("This is not as it was handed over.");
    }

    @Test
    void aSignatureThatIsNoneDoesNotHold() throws Exception {
        Files.writeString(folder.resolve(SignatureFile.NAME), "{\"key\":\"AAAA\",\"signature\":\"AAAA\"}");
        assertThat(verify()).isEqualTo(1);
        assertThat(out.toString())
                .contains("The signature does not hold")
                .doesNotContain("Signed by")
                .doesNotContain("It is not signed.");
    }

    @Test
    void aFolderThatWasNotHandedOverIsOnePlainLine() throws Exception {
        Files.delete(folder.resolve("manifest.json"));
        assertThat(verify()).isEqualTo(1);
        assertThat(err.toString()).contains("was not handed over").doesNotContain("Exception");
        assertThat(run("verify", folder.resolve("nowhere").toString())).isEqualTo(1);
        assertThat(err.toString()).doesNotContain("Exception").doesNotContain("\tat ");
    }
}

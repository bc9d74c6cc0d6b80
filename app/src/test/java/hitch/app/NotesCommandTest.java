package hitch.app;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;

class NotesCommandTest {
    @TempDir
    private Path folder;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();
    private Path csv;

    @BeforeEach
    void nameTheTable() {
        csv = folder.resolve("notes.csv");
    }

    private int run(String... arguments) {
        CommandLine line = Main.commandLine();
        line.setOut(new PrintWriter(out, true));
        line.setErr(new PrintWriter(err, true));
        return line.execute(arguments);
    }

    private Path file(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text);
    }

    @Test
    void captionsBecomeRowsAndTheCounterGivesPlacesAndContradictions() throws IOException {
        Path said = file(
                "said.vtt",
                "WEBVTT\n\n00:05.000 --> 00:07.000\nRoots on the left, a third of the pipe.\n\n"
                        + "00:15.000 --> 00:18.000\nOffset at seventy one, half an inch.\n");
        Path counter = file("counter.csv", "time_s,reading,unit,confidence\n5,52.0,ft,1\n15,61.2,ft,1\n20,75,ft,1\n");
        assertThat(run("notes", said.toString(), "--trace", counter.toString(), "--csv", csv.toString()))
                .isZero();
        List<String> rows = Files.readAllLines(csv);
        assertThat(rows).hasSize(3);
        assertThat(rows.get(1)).startsWith("5,roots,52,52,9,9,,0.33,seen,");
        assertThat(rows.get(2)).startsWith("15,offset,71,71,,,0.5 in,,seen,");
        assertThat(out.toString())
                .contains("2 captions, 2 notes")
                .contains("0:15")
                .contains("likely 61.0 ft");
    }

    @Test
    void linesWithoutTimesAreReadWithoutTimes() throws IOException {
        Path said = file("said.txt", "roots at 12\nno roots here\nsame again at 40\n");
        assertThat(run("notes", said.toString(), "--csv", csv.toString())).isZero();
        List<String> rows = Files.readAllLines(csv);
        assertThat(rows.get(1)).startsWith(",roots,12,12");
        assertThat(rows.get(2)).startsWith(",roots,40,40");
    }

    @Test
    void whatOnlySoundsLikeSomethingIsWrittenOnWish() throws IOException {
        Path said = file("said.txt", Sample.NEW_SPEAKER);
        assertThat(run("notes", said.toString(), "--csv", csv.toString())).isZero();
        assertThat(out.toString()).contains("6 notes").contains("1 more only sound like something");
        assertThat(csv).content().contains(",standing water,13,").doesNotContain("wipes");
        assertThat(run("notes", said.toString(), "--csv", csv.toString(), "--unlikely"))
                .isZero();
        assertThat(out.toString()).contains("7 notes");
        assertThat(csv).content().contains("20,standing water,13,").contains("24,wipes,17,");
    }

    @Test
    void troubleIsToldInASentence() throws IOException {
        assertThat(run("notes", folder.resolve("gone.srt").toString(), "--csv", csv.toString()))
                .isEqualTo(1);
        assertThat(err.toString()).contains("gone.srt could not be read");
        Path said = file("said.txt", "[0:01] roots at 12");
        Path other = file("other.csv", "a,b\n");
        assertThat(run("notes", said.toString(), "--trace", other.toString(), "--csv", csv.toString()))
                .isEqualTo(1);
        assertThat(err.toString()).contains("time_s,reading,unit,confidence");
        assertThat(csv).doesNotExist();
    }

    @Test
    void aTableOfPhrasesIsReadIntoKeys() throws IOException {
        Path in = file(
                "phrases.csv",
                "\uFEFFn,mode,phrase\n7,typed,roots left at 12.5\n8,said,\"Roots at twelve, on the left.\"\n9,typed,\n");
        assertThat(run("notes", "--phrases", in.toString(), "--csv", csv.toString()))
                .isZero();
        List<String> rows = Files.readAllLines(csv);
        assertThat(rows).hasSize(4).startsWith("n,expect", "7,kind=roots; station=12.5; side=left");
        assertThat(rows.get(2)).isEqualTo("8,kind=roots; station=12; side=left");
        Path other = file("other.csv", "n,words\n7,roots\n");
        assertThat(run("notes", "--phrases", other.toString(), "--csv", csv.toString()))
                .isEqualTo(1);
        assertThat(err.toString()).contains("no column \"mode\"");
        assertThat(run("notes", "--csv", csv.toString())).isEqualTo(1);
        assertThat(err.toString()).contains("Name the captions to read");
    }
}

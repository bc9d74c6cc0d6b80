package hitch.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The commands that read single footage files. */
class FootageCommandsTest {
    @TempDir
    Path folder;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();
    private Path clip;

    @BeforeEach
    void aClip() throws IOException {
        clip = folder.resolve("C1-marks.mp4");
        try (InputStream in = hitch.sim.DemoJob.class.getResourceAsStream("/hitch/demo/C1-marks.mp4")) {
            Files.copy(in, clip);
        }
    }

    private int run(Object... arguments) {
        out.getBuffer().setLength(0);
        err.getBuffer().setLength(0);
        CommandLine line = Main.commandLine();
        line.setOut(new PrintWriter(out, true));
        line.setErr(new PrintWriter(err, true));
        return line.execute(Arrays.stream(arguments).map(Object::toString).toArray(String[]::new));
    }

    private JsonNode json() {
        return JsonMapper.shared().readTree(out.toString());
    }

    @Test
    void probeTellsWhatAFileIs() throws IOException {
        byte[] before = Files.readAllBytes(clip);
        assertThat(run("probe", clip)).isZero();
        JsonNode told = json();
        assertThat(told.get("container").asString()).isEqualTo("mp4");
        assertThat(told.get("codecs").get("picture").asString()).isEqualTo("h264");
        assertThat(told.get("width").asInt()).isEqualTo(640);
        assertThat(told.get("rate").asDouble()).isBetween(19.9, 20.1);
        assertThat(told.get("frames").asInt())
                .isEqualTo(told.get("frames_decoded").asInt());
        assertThat(told.get("sha256").asString()).matches("[0-9a-f]{64}");
        assertThat(told.get("damage")).isEmpty();
        assertThat(told.get("sound").get("codec").asString()).isEqualTo("aac");
        assertThat(Files.readAllBytes(clip)).isEqualTo(before);
    }

    @Test
    void probeNamesAFileThatIsNoneAndTellsTheOthers() throws IOException {
        Path empty = Files.createFile(folder.resolve("empty.mp4"));
        assertThat(run("probe", "--quick", empty, clip)).isEqualTo(1);
        assertThat(json().get(0).get("error").asString()).contains("empty.mp4 is empty");
        assertThat(json().get(1).get("frames").asInt()).isPositive();
        assertThat(err.toString()).contains("empty.mp4 is empty").doesNotContain("Exception");
    }

    /** The demo's technician speaks on it: about marks in the yard, and feet. */
    @Test
    void listenWritesDownWhatIsSaidAndTheFileStaysAsItIs() throws IOException {
        byte[] before = Files.readAllBytes(clip);
        Path vtt = folder.resolve("marks.vtt");
        assertThat(run("listen", clip, "--vtt", vtt, "--json")).isZero();
        JsonNode words = json().get("words");
        assertThat(words).isNotEmpty();
        double last = 0;
        for (JsonNode word : words) {
            assertThat(word.get("from_s").asDouble()).isGreaterThanOrEqualTo(last - 0.5);
            last = word.get("from_s").asDouble();
        }
        assertThat(Files.readString(vtt)).startsWith("WEBVTT").contains("-->");
        assertThat(Files.readAllBytes(clip)).isEqualTo(before);
        assertThat(run("listen", clip)).isEqualTo(1);
        assertThat(err.toString()).contains("--vtt OUT");
    }

    @Test
    void measureProposesWhatAFrameShowsAndTheFileStaysAsItIs() throws IOException {
        byte[] before = Files.readAllBytes(clip);
        assertThat(run("measure", clip, "--at", "1.5", "--bore", "4in", "--json"))
                .isZero();
        JsonNode told = json();
        assertThat(told.get("file").asString()).isEqualTo("C1-marks.mp4");
        assertThat(told.get("frame").asInt()).isEqualTo(30);
        assertThat(told.get("bore_mm").asDouble()).isEqualTo(102);
        assertThat(told.get("rings").isArray()).isTrue();
        assertThat(Files.readAllBytes(clip)).isEqualTo(before);
    }

    /** The demo's clay has a joint every two and a half feet; the counter is given for its first nine feet. */
    @Test
    void measureFindsTheJointsAlongAClipAndHowLongThePipesAre() throws IOException {
        Path street = folder.resolve("B1-street-out.mp4");
        try (InputStream in = hitch.sim.DemoJob.class.getResourceAsStream("/hitch/demo/B1-street-out.mp4")) {
            Files.copy(in, street);
        }
        StringBuilder rows = new StringBuilder("time_s,reading,unit,confidence\n");
        try (InputStream in = hitch.sim.DemoJob.class.getResourceAsStream("/hitch/demo/B1-street-out.truth.json")) {
            for (JsonNode m : JsonMapper.shared().readTree(in).get("moments")) {
                if (m.get("stationFt").asDouble() < 9.2) {
                    rows.append(m.get("t").asDouble())
                            .append(',')
                            .append(m.get("stationFt").asDouble())
                            .append(",ft,1\n");
                }
            }
        }
        Path trace = Files.writeString(folder.resolve("counter.csv"), rows);
        assertThat(run("measure", street, "--bore", "4in", "--joints", "--trace", trace, "--json"))
                .isZero();
        JsonNode told = json();
        for (double joint : new double[] {1.8, 4.3, 6.8, 9.3}) {
            assertThat(told.get("joints"))
                    .as("a joint at " + joint + " ft")
                    .anySatisfy(j -> assertThat(j.get("cable_mm").asDouble()).isCloseTo(joint * 304.8, within(40.0)));
        }
        assertThat(told.get("lengths").get(0).get("length_mm").asDouble()).isCloseTo(762, within(762 / 50.0));
        // The simulated lens sees 85 degrees from left to right.
        assertThat(told.get("lens_seen").get("degrees").asDouble()).isCloseTo(85, within(85 * 0.12));
        assertThat(run("measure", street, "--joints", "--trace", trace)).isZero();
        assertThat(out.toString()).containsPattern("the pipe is (3\\.[89]|4\\.[01])");
    }

    @Test
    void takeInMakesAJobGoesOnAndNamesWhatCannotBeTaken() throws IOException {
        Path visit = Files.createDirectories(folder.resolve("visit"));
        Files.copy(clip, visit.resolve("one.mp4"));
        Files.writeString(visit.resolve("two.mp4"), "no footage at all");
        Files.writeString(
                visit.resolve("one.vtt"),
                "WEBVTT\n\n00:00.000 --> 00:02.000\nIn the cleanout by the porch, going to the street.\n");
        Path job = folder.resolve("made");
        assertThat(run("take-in", visit, "--into", job, "--no-listen", "--json"))
                .isEqualTo(1);
        JsonNode told = json();
        assertThat(told.get("clips")).hasSize(1);
        assertThat(told.get("clips").get(0).get("captions").asInt()).isEqualTo(1);
        assertThat(told.get("not_taken_in").get(0).get("file").asString()).isEqualTo("two.mp4");
        assertThat(told.get("runs").size() + told.get("on_no_run").size()).isEqualTo(1);
        Files.delete(visit.resolve("two.mp4"));
        assertThat(run("take-in", visit, "--into", job, "--no-listen", "--take"))
                .isZero();
        assertThat(out.toString()).contains("one.mp4");
        // A job inside the folder does not take its own stills in.
        Path inside = visit.resolve("job");
        assertThat(run("take-in", visit, "--into", inside, "--no-listen")).isZero();
        assertThat(run("take-in", visit, "--into", inside, "--no-listen", "--json"))
                .isZero();
        assertThat(json().get("clips")).hasSize(1);
        assertThat(run("missing", job)).isZero();
        assertThat(out.toString()).isNotBlank();
        assertThat(run("take-in", folder.resolve("nowhere"), "--into", job)).isEqualTo(1);
        assertThat(err.toString()).contains("There is nothing at");
        assertThat(run("take-in", Files.createDirectories(folder.resolve("empty")), "--into", job))
                .isEqualTo(1);
        assertThat(err.toString()).contains("no footage and no photograph");
    }

    @Test
    void eyesSayWhatTheyNeed() throws Exception {
        Path job = folder.resolve("bare");
        hitch.store.JobFolder.create(job).close();
        assertThat(run("eyes", job)).isEqualTo(1);
        assertThat(err.toString()).contains("no wall to look along").contains("nothing was changed");
    }

    @Test
    void measureSaysWhatItCannotTake() {
        assertThat(run("measure", clip, "--bore", "four")).isEqualTo(1);
        assertThat(err.toString()).contains("--bore takes a length such as 4in").contains("Nothing was measured");
        assertThat(run("measure", clip, "--bore", "4in", "--at", "900")).isEqualTo(1);
        assertThat(err.toString()).contains("has nothing at 900.0 s").doesNotContain("Exception");
        assertThat(run("measure", clip, "--bore", "4in", "--joints")).isEqualTo(1);
        assertThat(err.toString()).contains("--joints needs --trace");
        assertThat(run("measure", clip, "--bore", "90 ft")).isEqualTo(1);
        assertThat(err.toString()).contains("is no pipe");
        assertThat(run("measure", clip, "--bore", "4in", "--lens", "400")).isEqualTo(1);
        assertThat(err.toString()).contains("--lens takes a number from 20 to 170");
    }

    @Test
    void stillWritesTheFramesAskedFor() throws IOException {
        Path stills = folder.resolve("stills");
        assertThat(run("still", clip, "--frames", "10,200,31", "--out", stills)).isZero();
        assertThat(stills.resolve("frame-000010.png")).exists();
        assertThat(stills.resolve("frame-000200.png")).exists();
        assertThat(ImageIO.read(stills.resolve("frame-000031.png").toFile()).getWidth())
                .isEqualTo(640);
        byte[] tenth = Files.readAllBytes(stills.resolve("frame-000010.png"));
        Files.delete(stills.resolve("frame-000010.png"));
        assertThat(run("still", clip, "--at", "0.51", "--out", stills)).isZero();
        assertThat(Files.readAllBytes(stills.resolve("frame-000010.png"))).isEqualTo(tenth);
    }

    @Test
    void stillRefusesWhatIsNotThere() {
        assertThat(run("still", clip, "--frames", "99999", "--out", folder)).isEqualTo(1);
        assertThat(err.toString()).contains("has no frame 99999; its frames are 0 to");
        assertThat(run("still", clip, "--at", "-2", "--out", folder)).isEqualTo(1);
        assertThat(err.toString()).contains("has nothing at -2.0 s");
        assertThat(run("still", clip, "--out", folder)).isEqualTo(1);
        assertThat(err.toString()).contains("Say which frames");
    }

    @Test
    void recoverSaysWhyItCannot() {
        assertThat(run("recover", clip, "--out", folder.resolve("new.mp4"))).isEqualTo(1);
        assertThat(err.toString()).contains("has its index; it needs no recovering");
    }

    @Test
    void counterWritesEveryMomentEvenWhereThereIsNone() throws IOException {
        Path csv = folder.resolve("counter.csv");
        assertThat(run("counter", clip, "--csv", csv)).isZero();
        assertThat(out.toString())
                .contains("no counter was found on the picture")
                .contains("zeroings: none");
        assertThat(Files.readAllLines(csv)).first().isEqualTo("time_s,reading,unit,confidence");
        assertThat(Files.readAllLines(csv))
                .hasSizeGreaterThan(60)
                .element(5)
                .asString()
                .endsWith(",,ft,0.000");
        assertThat(run("counter", clip, "--region", "here", "--csv", csv)).isNotZero();
        assertThat(err.toString()).contains("is no region").doesNotContain("\tat ");
    }

    /** Between readings that a person knows, the camera's own motion leads. */
    @Test
    void counterGoesThroughTheReadingsThatAreKnown() throws IOException {
        Path csv = folder.resolve("known.csv");
        assertThat(run("counter", clip, "--known", "0=0", "--known", "4=6.5", "--csv", csv))
                .as(err.toString())
                .isZero();
        assertThat(out.toString()).contains("2 known readings joined by the camera's motion");
        List<String[]> rows = Files.readAllLines(csv).stream()
                .skip(1)
                .map(l -> l.split(",", -1))
                .toList();
        assertThat(rows).allMatch(r -> r.length == 4 && r[2].equals("ft"));
        assertThat(readingAt(rows, 0)).isCloseTo(0, within(0.2));
        assertThat(readingAt(rows, 4)).isCloseTo(6.5, within(0.2));
        assertThat(run("counter", clip, "--known", "0=0", "--known", "4=2", "--unit", "m", "--csv", csv))
                .isZero();
        assertThat(Files.readAllLines(csv)).last().asString().contains(",m,");
    }

    private static double readingAt(List<String[]> rows, double seconds) {
        String[] nearest = rows.stream()
                .filter(r -> !r[1].isEmpty())
                .min(Comparator.comparingDouble(r -> Math.abs(Double.parseDouble(r[0]) - seconds)))
                .orElseThrow();
        return Double.parseDouble(nearest[1]);
    }

    @Test
    void counterSaysWhichKnownReadingsItCannotTake() {
        Path csv = folder.resolve("known.csv");
        assertThat(run("counter", clip, "--known", "0=0", "--csv", csv)).isEqualTo(1);
        assertThat(err.toString()).contains("give two at least");
        assertThat(run("counter", clip, "--known", "-3=0", "--known", "4=2", "--csv", csv))
                .isEqualTo(1);
        assertThat(err.toString()).contains("--known, its seconds,").contains("Nothing was written");
        assertThat(run("counter", clip, "--known", "here=0", "--csv", csv)).isEqualTo(2);
        assertThat(csv).doesNotExist();
    }

    @Test
    void benchNamesWhatItCanMeasure() {
        assertThat(run("bench", "weather")).isEqualTo(2);
        assertThat(err.toString()).containsIgnoringCase("footage");
    }
}

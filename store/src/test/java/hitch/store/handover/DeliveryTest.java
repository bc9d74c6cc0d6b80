package hitch.store.handover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.contains;
import static org.mockito.Mockito.atLeastOnce;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import hitch.core.Sample;
import hitch.core.counter.Reading;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.exchange.FindingRow;
import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.PictureSize;
import hitch.core.finding.Weight;
import hitch.core.footage.Clip;
import hitch.core.footage.Drawn;
import hitch.core.footage.FrameIndex;
import hitch.core.footage.FrameRef;
import hitch.core.gauge.SizeSort;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.job.PropertyFacts;
import hitch.core.job.ShotChange;
import hitch.core.measure.Distance;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.rules.ShowingRules;
import hitch.core.run.Direction;
import hitch.core.story.Length;
import hitch.core.story.ScriptWriter;
import hitch.core.story.StoryWish;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.media.MediaException;
import hitch.media.NumberedFootage;
import hitch.media.Progress;
import hitch.media.clip.ClipFacts;
import hitch.media.clip.ClipIndex;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.Fingerprint;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import hitch.store.Footage;
import hitch.store.StoreException;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class DeliveryTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-05-03T10:00:00Z"), ZoneOffset.UTC);

    @TempDir
    static Path folder;

    private static final Narrator VOICE = mock(Narrator.class);
    private static Footage footage;
    private static Job whole;
    /** What was delivered of the whole job already, once for each recipient. */
    private static final Map<Recipient, Path> DELIVERED = new HashMap<>();

    private Job job = whole;

    @TempDir
    Path own;

    private Path out;

    @BeforeEach
    void setUp() {
        out = own.resolve("out");
    }

    @BeforeAll
    static void record() throws MediaException {
        when(VOICE.speak(anyString())).thenAnswer(call -> {
            String text = call.getArgument(0);
            return new Sound(new float[text.length() * Narrator.RATE / 120], Narrator.RATE);
        });
        footage = new Footage(folder);
        Path file = NumberedFootage.write(folder.resolve("down.mp4"), 300);
        Clip clip = footage.takeIn(file, Job.EMPTY, Progress.NONE);
        FrameIndex index = footage.index(clip);
        whole = Job.EMPTY
                .with(new Edit.DescribeProperty(Sample.job().facts()))
                .with(new Edit.SetRules(new ShowingRules(0.4, 0.2)))
                .with(new Edit.PutClip(clip))
                .with(new Edit.PutRun(Sample.run("street run", Direction.WITH_FLOW, clip.id())))
                .with(new Edit.SetMark(clip.id(), Reading.byHand(index.pts(0), Distance.ZERO)))
                .with(new Edit.SetMark(clip.id(), Reading.byHand(index.pts(299), Distance.feet(40))));
        whole = note(whole, clip, index.pts(80), "roots top heavy, a third of the bore");
        whole = note(whole, clip, index.pts(150), "standing water 21.5-24.5, 20%");
        whole = note(whole, clip, index.pts(210), "offset 3/4 in, =cmd()");
        whole = note(whole, clip, index.pts(260), "boundary at 36.2");
        whole = note(whole, clip, index.pts(290), "main connection");
    }

    private static Job note(Job job, Clip clip, long pts, String words) {
        return job.with(new Edit.AddFinding(new TradeNoteReader()
                .read(words, job.facts().unit())
                .first()
                .at(job.nextId(), new FrameRef(clip.id(), pts), job.runOf(clip.id()))));
    }

    /** Delivers this test's job; of the whole one, which no test changes, only once. */
    private Path deliver(Recipient recipient) throws MediaException, StoreException {
        if (job != whole) {
            return deliver(recipient, out);
        }
        if (!DELIVERED.containsKey(recipient)) {
            DELIVERED.put(recipient, deliver(recipient, folder.resolve("delivered-" + recipient.word())));
        }
        out = DELIVERED.get(recipient).getParent();
        return DELIVERED.get(recipient);
    }

    private Path deliver(Recipient recipient, Path to) throws MediaException, StoreException {
        Delivery delivery = new Delivery(survey(), footage, VOICE, CLOCK, List.of());
        // One as it is made by itself; the others small, for they take as long as their film.
        return (recipient == Recipient.BUYER ? delivery : delivery.filming(StoryWish.USUAL, Delivered.SMALL))
                .write(recipient, to, Progress.NONE);
    }

    private Survey survey() throws MediaException {
        return Reckoner.survey(job, Seen.all(footage, job, Progress.NONE));
    }

    private static JsonNode json(Path file) throws IOException {
        return JsonMapper.shared().readTree(Files.readString(file));
    }

    /** The page's words without its fonts and without escapes. */
    private static String page(Path file) throws IOException {
        return Files.readString(file)
                .replaceAll("base64,[A-Za-z0-9+/=]+", "")
                .replace("&#39;", "'")
                .replace("&#x27;", "'");
    }

    @Test
    void stationsTimesAndWordsAgreeEverywhere() throws MediaException, StoreException, IOException {
        Path video = deliver(Recipient.HOMEOWNER);
        List<CSVRecord> table = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .get()
                .parse(Files.newBufferedReader(out.resolve("findings.csv")))
                .getRecords();
        JsonNode rows = json(out.resolve("findings.json")).get("findings");
        JsonNode shots = json(out.resolve("manifest.json")).get("shots");
        String report = page(out.resolve("index.html"));
        String captions = String.join(" ", cues(video).stream().map(Cue::text).toList());
        assertThat(table).hasSize(5);
        assertThat(rows.size()).isEqualTo(5);
        for (int i = 0; i < table.size(); i++) {
            CSVRecord row = table.get(i);
            JsonNode same = rows.get(i);
            JsonNode shot = shots.valueStream()
                    .filter(s -> s.path("finding").asString("").equals(row.get("id")))
                    .findFirst()
                    .orElseThrow();
            assertThat(same.get("id").asString()).isEqualTo(row.get("id"));
            assertThat(same.get("place").asString()).isEqualTo(row.get("place"));
            assertThat(same.get("what").asString()).isEqualTo(row.get("what"));
            assertThat(same.get("timeS").asString()).isEqualTo(row.get("time_s"));
            assertThat(shot.get("finding").asString()).isEqualTo(row.get("id"));
            assertThat(shot.get("held_pts").asLong()).isEqualTo(Long.parseLong(row.get("pts")));
            assertThat(report)
                    .contains(row.get("place"))
                    .contains(row.get("what"))
                    .contains(row.get("time_s") + " s");
            // What is said says where in the same figures.
            assertThat(captions).contains(row.get("place").replaceAll(" toward.*", ""));
            assertThat(shot.get("title").asString()).endsWith(row.get("place"));
        }
        assertThat(table.get(1).get("place")).isEqualTo("21.5 to 24.5 ft toward the main");
    }

    /** A caption as read back from the file. */
    private record Cue(double start, double end, String text) {}

    private static List<Cue> cues(Path video) throws IOException {
        List<Cue> cues = new ArrayList<>();
        String[] blocks = Files.readString(
                        video.resolveSibling(video.getFileName().toString().replace(".mp4", ".vtt")))
                .split("\n\n");
        assertThat(blocks[0]).startsWith("WEBVTT");
        for (int i = 1; i < blocks.length; i++) {
            String[] lines = blocks[i].strip().split("\n", 2);
            String[] times = lines[0].split(" --> ");
            cues.add(new Cue(seconds(times[0]), seconds(times[1]), lines[1]));
        }
        return cues;
    }

    private static double seconds(String time) {
        String[] parts = time.split(":");
        return Integer.parseInt(parts[0]) * 3600 + Integer.parseInt(parts[1]) * 60 + Double.parseDouble(parts[2]);
    }

    @Test
    void theVideoIsAsLongAsItsCaptionsAndHasAChapterForEachShot() throws MediaException, StoreException, IOException {
        Path video = deliver(Recipient.BUYER);
        ClipFacts facts = ClipIndexer.index(video);
        double length = facts.frames()
                .base()
                .seconds(facts.frames().endPts() - facts.frames().firstPts());
        JsonNode shots = json(out.resolve("manifest.json")).get("shots");
        assertThat(cues(video).getLast().end()).isCloseTo(length, within(0.1));
        assertThat(shots.get(shots.size() - 1).get("end_s").asDouble()).isCloseTo(length, within(0.1));
        assertThat(facts.sound()).isPresent();
        verify(VOICE, atLeastOnce()).speak(contains("thirty eight point eight feet of pipe"));
    }

    @Test
    void everyFileIsInTheManifestWithItsFingerprint() throws MediaException, StoreException, IOException {
        deliver(Recipient.HOMEOWNER);
        JsonNode manifest = json(out.resolve("manifest.json"));
        List<String> named = new ArrayList<>();
        for (JsonNode product : manifest.get("products")) {
            Path file = out.resolve(product.get("file").asString());
            named.add(product.get("file").asString());
            assertThat(product.get("sha256").asString()).isEqualTo(Fingerprint.of(file, Progress.NONE));
            assertThat(product.get("bytes").asLong()).isEqualTo(Files.size(file));
        }
        try (var files = Files.walk(out)) {
            List<String> there = files.filter(Files::isRegularFile)
                    .map(f -> out.relativize(f).toString().replace('\\', '/'))
                    .filter(f -> !f.equals("manifest.json"))
                    .toList();
            assertThat(named).containsExactlyInAnyOrderElementsOf(there);
        }
        assertThat(manifest.get("sources").get(0).get("sha256").asString())
                .isEqualTo(Fingerprint.of(folder.resolve("down.mp4"), Progress.NONE));
        assertThat(manifest.get("made_at").asString()).isEqualTo("2026-05-03T10:00:00Z");
    }

    @Test
    void stillsShowTheFindingsOwnFrames() throws MediaException, StoreException, IOException {
        deliver(Recipient.HOMEOWNER);
        BufferedImage still = ImageIO.read(out.resolve("stills/F1-roots.png").toFile());
        int[] pixels = still.getRGB(0, 0, still.getWidth(), still.getHeight(), null, 0, still.getWidth());
        assertThat(NumberedFootage.read(pixels, still.getWidth())).isEqualTo(80);
    }

    @Test
    void formulasAreDefusedInTheTable() throws MediaException, StoreException, IOException {
        deliver(Recipient.HOMEOWNER);
        assertThat(Files.readString(out.resolve("findings.csv")))
                .doesNotContain(",=cmd")
                .doesNotContain(",\"=cmd");
    }

    @Test
    void aDistrictGetsNothingPrivate() throws MediaException, StoreException, IOException {
        deliver(Recipient.DISTRICT);
        assertThat(json(out.resolve("findings.json")).get("findings").size()).isEqualTo(2);
        try (var files = Files.walk(out)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                String text = new String(Files.readAllBytes(file), java.nio.charset.StandardCharsets.ISO_8859_1);
                assertThat(text).as(file.toString()).doesNotContain("A. Client");
            }
        }
    }

    @Test
    void anInternalJobAndAnEmptyOneAreRefused() {
        PropertyFacts f = job.facts();
        job = job.with(new Edit.DescribeProperty(f.withInternalOnly(true)));
        assertThatThrownBy(() -> deliver(Recipient.BUYER))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("internal use only");
        assertThat(out).doesNotExist();
        job = Job.EMPTY;
        assertThatThrownBy(() -> deliver(Recipient.DISTRICT)).hasMessageContaining("Mark the boundary");
    }

    @Test
    void aStoryOfWhichEveryShotWasLeftOutIsRefused() {
        for (var shot : ScriptWriter.write(
                        Disclosure.of(Reckoner.survey(job), Recipient.BUYER), StoryWish.USUAL.lasting(Length.FULL))
                .shots()) {
            job = job.with(new Edit.ChangeShot("buyer", shot.key(), ShotChange.NONE.leftOut(true)));
        }
        assertThatThrownBy(() -> deliver(Recipient.BUYER))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("Every shot of the story was left out");
        assertThat(out).doesNotExist();
    }

    @Test
    void changedFootageIsRefused() throws IOException {
        Path file = Files.copy(folder.resolve("down.mp4"), own.resolve("down.mp4"));
        job = job.with(new Edit.PutClip(job.clips().getFirst().at(file.toString())));
        byte[] bytes = Files.readAllBytes(file);
        bytes[bytes.length - 9] ^= 1;
        Files.write(file, bytes);
        assertThatThrownBy(() -> deliver(Recipient.HOMEOWNER))
                .isInstanceOf(MediaException.class)
                .hasMessageContaining("has changed");
    }

    /** The film draws footage nearly twice as large, in the middle of a well of 928 by 628. */
    private static int numberOn(Picture film) {
        double scale = 1.9;
        double left = (928 - scale * NumberedFootage.WIDTH) / 2;
        double top = (628 - scale * NumberedFootage.HEIGHT) / 2;
        int[] small = new int[NumberedFootage.WIDTH * NumberedFootage.HEIGHT];
        for (int y = 0; y < NumberedFootage.HEIGHT; y++) {
            for (int x = 0; x < NumberedFootage.WIDTH; x++) {
                int at = (int) (top + scale * (y + 0.5)) * film.width() + (int) (left + scale * (x + 0.5));
                small[y * NumberedFootage.WIDTH + x] = film.rgb()[at];
            }
        }
        return NumberedFootage.read(small, NumberedFootage.WIDTH);
    }

    @Test
    void theManifestNamesTheFramesThatTheFilmShows() throws Exception {
        Path video = deliver(Recipient.BUYER);
        FrameIndex source = footage.index(job.clips().getFirst());
        ClipIndex film = ClipIndexer.index(video).index();
        int shown = 0;
        try (FrameReader reader = new FrameReader(video, film)) {
            for (JsonNode shot : json(out.resolve("manifest.json")).get("shots")) {
                if (shot.has("finding")) {
                    long end = Math.round(shot.get("end_s").asDouble() * 25);
                    assertThat(numberOn(reader.frame((int) end - 1)))
                            .as("last of " + shot)
                            .isEqualTo(source.numberAt(shot.get("last_pts").asLong()));
                    assertThat(source.numberAt(shot.get("first_pts").asLong()))
                            .isLessThanOrEqualTo(
                                    source.numberAt(shot.get("held_pts").asLong()));
                    shown++;
                }
            }
        }
        assertThat(shown).isEqualTo(5);
    }

    @Test
    void aFindingOnAClipsFirstFrameShownFromThereDelivers() throws Exception {
        Clip clip = whole.clips().getFirst();
        FrameIndex index = footage.index(clip);
        job = Job.EMPTY
                .with(new Edit.DescribeProperty(whole.facts()))
                .with(new Edit.SetRules(new ShowingRules(0, 0)))
                .with(new Edit.PutClip(clip));
        for (int number : new int[] {0, 1, 299}) {
            job = note(job, clip, index.pts(number), "permit 20240131001.2, \u20ac\u2026 12345678901234567890");
        }
        FrameIndex film = ClipIndexer.index(deliver(Recipient.HOMEOWNER)).frames();
        assertThat(film.base().seconds(film.endPts() - film.firstPts())).isGreaterThan(3 * 3);
        assertThat(page(out.resolve("index.html"))).contains("permit 20240131001.2");
    }

    @Test
    void evidenceForADistrictHoldsNothingFromBeforeItsPart() throws Exception {
        Survey survey = survey();
        EvidenceCut cut = new EvidenceCut(Disclosure.of(survey, Recipient.DISTRICT), footage);
        FrameIndex source = footage.index(survey.clips().getFirst());
        var boundary = survey.finding(new FindingId("F5")).orElseThrow();
        double least = survey.finding(new FindingId("F4"))
                .orElseThrow()
                .extent()
                .orElseThrow()
                .from()
                .mm();
        Path clip = cut.write(boundary, EvidenceCut.Form.UNTOUCHED, 4, 1, out, Progress.NONE);
        assertThat(clip.getFileName().toString()).contains("altered");
        JsonNode record = json(out.resolve(clip.getFileName().toString().replace(".mp4", ".json")));
        assertThat(record.get("altered").asString()).contains("encoded anew");
        ClipIndex cutIndex = ClipIndexer.index(clip).index();
        assertThat(record.get("frames").size()).isEqualTo(cutIndex.frames().count());
        try (FrameReader reader = new FrameReader(clip, cutIndex)) {
            for (int n = 0; n < cutIndex.frames().count(); n++) {
                Picture picture = reader.at(cutIndex.frames().pts(n));
                long pts = record.get("frames").get(n).asLong();
                assertThat(NumberedFootage.read(picture.rgb(), picture.width())).isEqualTo(source.numberAt(pts));
                assertThat(survey.stationAt(
                                        new FrameRef(boundary.finding().frame().clip(), pts))
                                .orElseThrow()
                                .mm())
                        .isGreaterThanOrEqualTo((long) least);
            }
        }
        var roots = survey.finding(new FindingId("F1")).orElseThrow();
        assertThatThrownBy(() -> cut.write(roots, EvidenceCut.Form.UNTOUCHED, 1, 1, out, Progress.NONE))
                .hasMessageContaining("does not lie in the district's part");
    }

    @Test
    void evidenceIsCutInBothFormsWithItsRecord() throws MediaException, StoreException, IOException {
        Survey survey = survey();
        EvidenceCut cut = new EvidenceCut(Disclosure.of(survey, Recipient.FIRM), footage);
        var found = survey.finding(new hitch.core.finding.FindingId("F1")).orElseThrow();
        for (EvidenceCut.Form form : EvidenceCut.Form.values()) {
            Path clip = cut.write(found, form, 1, 2, out, Progress.NONE);
            JsonNode record = json(out.resolve(clip.getFileName().toString().replace(".mp4", ".json")));
            FrameIndex source = footage.index(survey.clips().getFirst());
            int first = source.numberAt(record.get("first_pts").asLong());
            int last = source.numberAt(record.get("last_pts").asLong());
            assertThat(last).isEqualTo(130);
            assertThat(first).isEqualTo(form == EvidenceCut.Form.LABELLED ? 55 : source.keyBefore(55));
            assertThat(ClipIndexer.index(clip).frames().count()).isEqualTo(last - first + 1);
            assertThat(record.get("sha256").asString()).isEqualTo(Fingerprint.of(clip, Progress.NONE));
            assertThat(record.get("source_sha256").asString())
                    .isEqualTo(survey.clips().getFirst().sha256());
        }
    }

    /** What was drawn and measured stands on a still of its own beside the untouched one, and a district gets the bare one alone. */
    @Test
    void aDrawnStillStandsBesideTheUntouchedOne() throws Exception {
        FindingId offset = new FindingId("F3");
        FrameRef frame = job.finding(offset).orElseThrow().frame();
        Drawn ring = Drawn.of(
                Drawn.Form.RING,
                List.of(new double[] {20, 20}, new double[] {90, 30}, new double[] {60, 80}),
                NumberedFootage.WIDTH,
                NumberedFootage.HEIGHT);
        job = job.with(new Edit.MeasureFinding(
                        offset,
                        new PictureSize(SizeSort.STEP, 20, 3, java.util.Optional.empty(), frame, List.of(ring))))
                .with(new Edit.DrawOnStill(offset, List.of(Drawn.words(new Drawn.Spot(100, 9_000), "here"))));
        Path folder = deliver(Recipient.HOMEOWNER).getParent();
        FindingRow row = FindingRow.of(Disclosure.of(survey(), Recipient.HOMEOWNER)).stream()
                .filter(r -> r.id().equals("F3"))
                .findFirst()
                .orElseThrow();
        assertThat(row.sizeHow()).isEqualTo("measured on the picture ± 1/8 in");
        assertThat(folder.resolve(row.still())).isRegularFile();
        assertThat(folder.resolve(row.stillDrawn())).isRegularFile();
        assertThat(Files.mismatch(folder.resolve(row.still()), folder.resolve(row.stillDrawn())))
                .isNotNegative();
        try (var all = Files.walk(folder)) {
            Path page = all.filter(f -> f.toString().endsWith(".html"))
                    .filter(f -> !f.getFileName().toString().startsWith("verify"))
                    .findFirst()
                    .orElseThrow();
            assertThat(Files.readString(page))
                    .contains(row.stillDrawn())
                    .contains("Size: measured on the picture ± 1/8 in")
                    .contains("The still without the drawing");
        }
        assertThat(FindingRow.of(Disclosure.of(survey(), Recipient.DISTRICT)))
                .allMatch(r -> r.stillDrawn().isEmpty());
    }

    /** Of many findings at once: two clips each with its record, its still, a table of those and no other, and sheets. */
    @Test
    void evidenceOfManyFindingsIsWrittenAtOnce() throws Exception {
        Survey survey = survey();
        Disclosure may = Disclosure.of(survey, Recipient.FIRM);
        List<LocatedFinding> chosen = EvidenceSet.atLeast(survey.findings(), may, Weight.TEND);
        assertThat(chosen).hasSizeBetween(2, survey.findings().size() - 1);
        EvidenceSet set = new EvidenceSet(may, footage, new EvidenceCut(may, footage));
        EvidenceSet.Written written = set.write(chosen, 0.4, 0.2, out, Progress.NONE);
        assertThat(written.clips()).hasSize(2 * chosen.size()).allMatch(Files::isRegularFile);
        assertThat(written.skipped()).isEmpty();
        try (var pdf = org.apache.pdfbox.Loader.loadPDF(written.pdf().toFile())) {
            String text = new org.apache.pdfbox.text.PDFTextStripper().getText(pdf);
            assertThat(pdf.getNumberOfPages()).isEqualTo(written.sheets().size());
            assertThat(text).contains(may.title());
            chosen.forEach(f -> assertThat(text).contains(f.finding().id().value()));
        }
        assertThat(written.sheets())
                .singleElement()
                .satisfies(sheet -> assertThat(
                                javax.imageio.ImageIO.read(sheet.toFile()).getWidth())
                        .isEqualTo(1754));
        for (LocatedFinding found : chosen) {
            assertThat(out.resolve(FindingRow.stillName(found))).isRegularFile();
        }
        assertThat(Files.readAllLines(out.resolve("findings.csv"))).hasSize(chosen.size() + 1);
        assertThatThrownBy(() -> set.write(List.of(), 1, 1, out, Progress.NONE)).hasMessageContaining("No finding");
    }

    @Test
    void evidenceForADistrictIsRefusedWholeWhereOneFindingIsNotTheirs() throws Exception {
        Survey survey = survey();
        Disclosure may = Disclosure.of(survey, Recipient.DISTRICT);
        EvidenceSet set = new EvidenceSet(may, footage, new EvidenceCut(may, footage));
        assertThatThrownBy(() -> set.write(survey.findings(), 1, 1, out, Progress.NONE))
                .hasMessageContaining("nothing was written");
        assertThat(out).doesNotExist();
        assertThat(EvidenceSet.atLeast(survey.findings(), may, Weight.NOTED))
                .allMatch(f -> may.seen(f).isPresent());
    }
}

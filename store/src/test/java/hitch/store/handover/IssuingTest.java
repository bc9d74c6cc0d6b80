package hitch.store.handover;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.district.CodeTable;
import hitch.core.district.District;
import hitch.core.district.DistrictForm;
import hitch.core.finding.FindingId;
import hitch.core.finding.Weight;
import hitch.core.footage.FrameIndex;
import hitch.core.footage.FrameRef;
import hitch.core.job.Deed;
import hitch.core.job.Edit;
import hitch.core.job.Parcels;
import hitch.core.job.PropertyFactsBuilder;
import hitch.core.parcel.Marks;
import hitch.media.NumberedFootage;
import hitch.media.Progress;
import hitch.media.clip.ClipFacts;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.store.StoreException;
import hitch.store.out.OutFolder;
import hitch.store.seal.ShownMoments;
import hitch.store.seal.SigningKey;
import hitch.store.seal.Verified;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class IssuingTest {
    @TempDir
    static Path folder;

    private static Delivered job;
    private static SigningKey key;
    private static Path district;
    private static Path insurer;

    @BeforeAll
    static void make() throws Exception {
        job = new Delivered(folder.resolve("job"));
        key = SigningKey.in(folder.resolve("key"));
        CodeTable codes = CodeTable.parse("kind,code,words\ncrack,520,\nboundary,10,\nmain connection,900,\n");
        district = folder.resolve("district");
        job.delivery()
                .under(new Terms("Wendle Drains", 1, List.of(), List.of(), Optional.of(key)))
                .inFormOf(Optional.of(new District(form(), codes)))
                .write(Recipient.DISTRICT, district, Progress.NONE);
        insurer = job.make(Recipient.INSURER, key, folder.resolve("insurer"));
    }

    /** Takes no clip longer than a second and a half, but for the way to a whole picture. */
    private static DistrictForm form() {
        DistrictForm plain = DistrictForm.PLAIN;
        return new DistrictForm(
                "Wendle Water",
                plain.from(),
                plain.rising(),
                plain.unit(),
                plain.decimals(),
                "A-1",
                "A-2",
                1.5,
                plain.fileNames(),
                plain.columns());
    }

    private static JsonNode manifest(Path parcel) throws Exception {
        return JsonMapper.shared().readTree(Files.readString(parcel.resolve(Verified.MANIFEST)));
    }

    private Deed.Made made(Recipient whom, Parcels parcels, Path out) throws Exception {
        return job.issuing(parcels)
                .make(
                        Disclosure.of(job.survey(), whom),
                        job.checks(whom),
                        job.delivery(),
                        "Wendle Drains",
                        "R. Viewer",
                        Optional.of(key),
                        out,
                        Progress.NONE);
    }

    @Test
    void theNextIssueTellsWhatChangedAndTheEarlierStays() throws Exception {
        Delivered own = job;
        var before = own.job;
        try {
            Path first = own.issuing(Parcels.NONE).usual(Recipient.BUYER);
            assertThat(first).isEqualTo(own.folder.resolve("handed-over/buyer/issue-1"));
            Deed.Made one = made(Recipient.BUYER, Parcels.NONE, first);
            assertThat(one.folder()).isEqualTo("handed-over/buyer/issue-1");
            assertThat(one.seconds()).isPositive();
            assertThat(one.bytes()).isGreaterThan(100_000);
            own.job = own.job.with(new Edit.WeighFinding(new FindingId("F2"), Optional.of(Weight.STOP)));
            Parcels parcels = Parcels.NONE.with(one);
            Path second = own.issuing(parcels).usual(Recipient.BUYER);
            Deed.Made two = made(Recipient.BUYER, parcels, second);
            assertThat(two.issue()).isEqualTo(2);
            assertThat(manifest(second).path("issue").asInt()).isEqualTo(2);
            assertThat(manifest(second).path("changed_since_issue_before").toString())
                    .contains("1 finding")
                    .contains("what to do");
            assertThat(Files.readString(second.resolve("index.html"))).contains("Issue 2, in place of the one before.");
            assertThat(Verified.of(first, Progress.NONE).isWhole())
                    .as("the earlier stays")
                    .isTrue();
        } finally {
            own.job = before;
        }
    }

    @Test
    void whatIsHeldBackIsNotMade() throws Exception {
        var before = job.job;
        try {
            job.job = job.job.with(new Edit.DescribeProperty(PropertyFactsBuilder.builder(job.job.facts())
                    .internalOnly(true)
                    .build()));
            Path out = folder.resolve("held");
            assertThatThrownBy(() -> made(Recipient.BUYER, Parcels.NONE, out))
                    .isInstanceOf(StoreException.class)
                    .hasMessageContaining("internal use only");
            assertThat(out).doesNotExist();
        } finally {
            job.job = before;
        }
    }

    @Test
    void everyNumberIsFromOneRecord() throws Exception {
        for (Path parcel : List.of(district, insurer)) {
            JsonNode manifest = manifest(parcel);
            String record = Files.readString(parcel.resolve("findings.json"));
            assertThat(manifest.path("record_sha256").asString("")).isEqualTo(Marks.of(record));
            assertThat(Files.readString(parcel.resolve("index.html")))
                    .contains(Marks.grouped(Marks.of(record)))
                    .contains(Marks.grouped(key.fingerprint()));
            assertThat(manifest.path("products").size())
                    .isEqualTo(OutFolder.filesIn(parcel).size() - 2);
        }
    }

    /** Every frame of the district's footage is one it may see, in order, and none of its part is missing but for the way to a whole picture. */
    @Test
    void aDistrictGetsItsPartWithoutABreak() throws Exception {
        Disclosure may = Disclosure.of(job.survey(), Recipient.DISTRICT);
        FrameIndex index = job.footage.index(job.clip);
        int last = -1;
        int shown = 0;
        for (JsonNode row : manifest(district).path("footage")) {
            ClipFacts facts =
                    ClipIndexer.index(district.resolve(row.path("file").asString("")));
            assertThat(facts.sound()).as("no sound").isEmpty();
            int first = index.numberAt(row.path("first_pts").asLong());
            assertThat(first).isGreaterThan(last);
            try (FrameReader reader =
                    new FrameReader(district.resolve(row.path("file").asString("")), facts.index())) {
                for (int i = 0; i < facts.index().frames().count(); i++) {
                    Picture shownHere = reader.frame(i);
                    int number = NumberedFootage.read(shownHere.rgb(), shownHere.width());
                    assertThat(number).isEqualTo(first + i);
                    assertThat(may.shows(new FrameRef(job.clip.id(), index.pts(number))))
                            .isTrue();
                    shown++;
                }
            }
            last = index.numberAt(row.path("last_pts").asLong());
        }
        assertThat(manifest(district).path("footage").size())
                .as("cut into parts")
                .isGreaterThan(1);
        long mine = java.util.stream.IntStream.range(0, index.count())
                .filter(n -> may.shows(new FrameRef(job.clip.id(), index.pts(n))))
                .count();
        assertThat(shown).isGreaterThan((int) mine - 30).isLessThanOrEqualTo((int) mine);
        List<String> table = Files.readAllLines(district.resolve("footage/stations.csv"));
        assertThat(table.getFirst()).isEqualTo("file,at_s,station_ft,source,source_s,pts");
        assertThat(table.size()).isGreaterThan(4);
    }

    @Test
    void aDistrictGetsItsOwnTableAndStillsByItsNames() throws Exception {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (CSVParser table = CSVParser.parse(district.resolve("district/table.csv"), UTF_8, format)) {
            assertThat(table.getHeaderNames())
                    .containsExactly("upper", "lower", "at", "to", "code", "what", "clock", "still", "clip", "time");
            List<CSVRecord> rows = table.getRecords();
            assertThat(rows).extracting(r -> r.get("code")).containsExactlyInAnyOrder("520", "10", "900");
            assertThat(rows)
                    .allMatch(r ->
                            Files.isRegularFile(district.resolve("district").resolve(r.get("still"))));
        }
    }

    @Test
    void whichMomentEachStillAndClipShowsIsCheckedAgainstTheRecording() throws Exception {
        Verified verified = Verified.of(insurer, Progress.NONE);
        assertThat(verified.isWhole()).isTrue();
        List<ShownMoments.Line> away = ShownMoments.of(insurer, verified, List.of(), Progress.NONE);
        assertThat(away).isNotEmpty().allMatch(l -> l.state() == ShownMoments.State.NO_SOURCE);
        List<ShownMoments.Line> here = ShownMoments.of(insurer, verified, List.of(job.folder), Progress.NONE);
        assertThat(here).allMatch(l -> l.state() == ShownMoments.State.SHOWS_IT);
        assertThat(here).anyMatch(l -> l.file().startsWith("footage/"));
        assertThat(here.getFirst().moment()).isEqualTo("2.400 s");
        // A still of another moment under the same name.
        Path still = insurer.resolve(here.getFirst().file());
        Path other = insurer.resolve(here.get(1).file());
        byte[] was = Files.readAllBytes(still);
        Files.write(still, Files.readAllBytes(other));
        try {
            assertThat(ShownMoments.of(insurer, verified, List.of(job.folder), Progress.NONE)
                            .getFirst()
                            .state())
                    .isEqualTo(ShownMoments.State.SHOWS_OTHER);
        } finally {
            Files.write(still, was);
        }
    }
}

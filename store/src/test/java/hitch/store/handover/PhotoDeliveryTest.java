package hitch.store.handover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.PhotoPlace;
import hitch.core.footage.Clip;
import hitch.core.footage.HiddenArea;
import hitch.core.footage.Patch;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.measure.Distance;
import hitch.core.measure.Station;
import hitch.core.story.StoryWish;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.TelephonePhoto;
import hitch.media.clip.Fingerprint;
import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import hitch.store.Footage;
import hitch.store.StoreException;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A job of photographs alone, handed over. */
class PhotoDeliveryTest {
    private static final Narrator VOICE = words -> new Sound(new float[Narrator.RATE / 4], Narrator.RATE);

    @TempDir
    Path folder;

    private Footage footage;
    private Job job;
    private Clip stake;

    @BeforeEach
    void takeIn() throws MediaException {
        footage = new Footage(folder);
        stake = photo("stake.jpg", 6);
        Clip washer = photo("washer.jpg", 1);
        job = Job.EMPTY
                .with(new Edit.DescribeProperty(Sample.job().facts()))
                .with(new Edit.PutClip(stake))
                .with(new Edit.PutClip(washer))
                .with(new Edit.PlacePhoto(washer.id(), Optional.of(new PhotoPlace.OfFixture("laundry"))));
        job = Sample.note(job, stake.id(), 0, "orange stake by the gate at 22, 4 ft 6 deep");
    }

    private Clip photo(String name, int orientation) throws MediaException {
        return footage.takeIn(TelephonePhoto.write(folder.resolve(name), orientation), Job.EMPTY, Progress.NONE);
    }

    private Path deliver(Recipient recipient) throws MediaException, StoreException {
        Path out = folder.resolve("out");
        new Delivery(Reckoner.survey(job), footage, VOICE, Clock.systemUTC(), List.of())
                .filming(StoryWish.USUAL, Delivered.SMALL)
                .write(recipient, out, Progress.NONE);
        return out;
    }

    @Test
    void photographsGoUprightWithTheirPicturesAlone() throws Exception {
        byte[] before = Files.readAllBytes(folder.resolve("stake.jpg"));
        Path out = deliver(Recipient.HOMEOWNER);
        BufferedImage sent = ImageIO.read(out.resolve("photos/1-stake.jpg").toFile());
        assertThat(sent.getWidth()).isEqualTo(TelephonePhoto.WIDTH);
        assertThat(new Color(sent.getRGB(20, 20)).getRed()).isGreaterThan(200);
        assertThat(out.resolve("photos/2-washer.jpg")).exists();
        try (Stream<Path> all = Files.walk(out)) {
            for (Path file : all.filter(Files::isRegularFile).toList()) {
                assertThat(Files.readString(file, StandardCharsets.ISO_8859_1))
                        .as(file.toString())
                        .doesNotContain(TelephonePhoto.PLACE);
            }
        }
        assertThat(Files.readAllBytes(folder.resolve("stake.jpg"))).isEqualTo(before);
    }

    @Test
    void whatIsHiddenOnThemIsHiddenForEverybody() throws Exception {
        job = job.with(new Edit.HideArea(new HiddenArea(
                "hide:1",
                stake.id(),
                stake.firstPts(),
                stake.endPts(),
                new Patch(0, 0, 10_000, 5_000),
                new Patch(0, 0, 10_000, 5_000),
                "a plate",
                "a neighbour")));
        Path out = deliver(Recipient.FIRM);
        BufferedImage sent = ImageIO.read(out.resolve("photos/1-stake.jpg").toFile());
        Color over = new Color(sent.getRGB(20, 20));
        assertThat(over.getRed()).isBetween(30, 110);
        assertThat(over.getBlue()).isBetween(30, 130);
        assertThat(Files.readString(out.resolve("manifest.json")))
                .contains("a plate: hidden at the request of a neighbour");
    }

    @Test
    void oneWithANameInItsOwnGoesToWhoMayNotKnowIt() throws Exception {
        Clip named = photo("Ferris gate.jpg", 3);
        job = job.with(new Edit.PutClip(named))
                .with(new Edit.PlacePhoto(named.id(), Optional.of(new PhotoPlace.OfFixture("kitchen"))))
                .with(new Edit.DescribeProperty(job.facts().withClient("Ferris")));
        Path out = deliver(Recipient.AGENT);
        try (Stream<Path> all = Files.walk(out)) {
            assertThat(all.map(Path::toString)).noneMatch(f -> f.contains("Ferris"));
        }
        assertThat(Files.readString(out.resolve("manifest.json"))).doesNotContain("Ferris");
        try (Stream<Path> photos = Files.list(out.resolve("photos"))) {
            assertThat(photos).hasSize(3);
        }
    }

    @Test
    void theManifestVouchesForThemAndThePageShowsThem() throws Exception {
        Path out = deliver(Recipient.HOMEOWNER);
        JsonNode manifest = JsonMapper.shared().readTree(Files.readString(out.resolve("manifest.json")));
        JsonNode first = manifest.get("photographs").get(0);
        assertThat(first.get("sourceSha256").asString()).isEqualTo(stake.sha256());
        assertThat(first.get("finding").asString()).isEqualTo("F1");
        for (JsonNode file : manifest.get("products")) {
            assertThat(file.get("sha256").asString())
                    .isEqualTo(Fingerprint.of(out.resolve(file.get("file").asString()), Progress.NONE));
        }
        assertThat(manifest.get("products").toString()).contains("photos/2-washer.jpg");
        assertThat(Files.readString(out.resolve("index.html")))
                .contains("photos/1-stake.jpg", "Photographs", "laundry");
    }

    @Test
    void oneThatWasChangedSinceStopsTheDelivery() throws IOException {
        job = job.with(new Edit.PlacePhoto(
                stake.id(),
                Optional.of(
                        new PhotoPlace.AtStation(new Station(Distance.feet(3).mm())))));
        Files.write(folder.resolve("washer.jpg"), new byte[] {1}, java.nio.file.StandardOpenOption.APPEND);
        assertThatThrownBy(() -> deliver(Recipient.HOMEOWNER))
                .isInstanceOf(MediaException.class)
                .hasMessageContaining("washer.jpg has changed");
        assertThat(folder.resolve("out")).doesNotExist();
    }

    @Test
    void thereIsNoFootageOfOneToCut() {
        Survey survey = Reckoner.survey(job);
        LocatedFinding marked = survey.finding(new FindingId("F1")).orElseThrow();
        EvidenceCut cut = new EvidenceCut(Disclosure.of(survey, Recipient.HOMEOWNER), footage);
        assertThatThrownBy(() ->
                        cut.write(marked, EvidenceCut.Form.UNTOUCHED, 1, 1, folder.resolve("clips"), Progress.NONE))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("photograph");
        assertThat(folder.resolve("clips")).doesNotExist();
    }
}

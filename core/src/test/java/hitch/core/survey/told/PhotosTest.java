package hitch.core.survey.told;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.exchange.FindingRow;
import hitch.core.exchange.FindingsJson;
import hitch.core.exchange.PhotoRow;
import hitch.core.finding.FindingId;
import hitch.core.finding.PhotoPlace;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.measure.Distance;
import hitch.core.measure.Station;
import hitch.core.survey.Reckoner;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What photographs show, and who gets them. */
class PhotosTest {
    private static final ClipId STAKE = new ClipId("stake");

    private static Clip photo(ClipId id) {
        Clip clip = Sample.clip(id, 1);
        return new Clip(
                id,
                id + ".jpg",
                clip.sha256(),
                1000,
                Sample.MS,
                0,
                40,
                1,
                4032,
                3024,
                false,
                "2026-05-02T10:31:05",
                true);
    }

    private static Job job(Edit... edits) {
        Job job = Sample.note(
                        Sample.note(Sample.job(), Sample.DOWN, 20, "roots top heavy"), Sample.DOWN, 30, "depth 5 ft")
                .with(new Edit.PutClip(photo(STAKE)));
        for (Edit edit : edits) {
            job = job.with(edit);
        }
        return job;
    }

    private static Edit shows(PhotoPlace place) {
        return new Edit.PlacePhoto(STAKE, Optional.of(place));
    }

    private static List<PhotoRow> rows(Job job, Recipient recipient) {
        return PhotoRow.of(Disclosure.of(Reckoner.survey(job), recipient));
    }

    @Test
    void aPhotographOfWhichNobodySaidWhatItShowsIsNotHandedOver() {
        assertThat(rows(job(), Recipient.HOMEOWNER)).isEmpty();
    }

    @Test
    void oneAtAPlaceTellsThePlace() {
        Job job = job(
                shows(new PhotoPlace.AtStation(new Station(Distance.feet(-12.5).mm()))));
        assertThat(rows(job, Recipient.HOMEOWNER)).singleElement().satisfies(p -> {
            assertThat(p.place()).isEqualTo("12.5 ft toward the building");
            assertThat(p.stationFt()).isEqualTo("-12.5");
            assertThat(p.file()).isEqualTo("photos/1-stake.jpg");
            assertThat(p.taken()).isEqualTo("2026-05-02T10:31:05");
        });
    }

    @Test
    void oneOfAFindingGoesWithItInEveryTable() {
        Job job = job(shows(new PhotoPlace.OfFinding(new FindingId("F2"))));
        Disclosure may = Disclosure.of(Reckoner.survey(job), Recipient.HOMEOWNER);
        assertThat(PhotoRow.of(may)).singleElement().satisfies(p -> {
            assertThat(p.finding()).isEqualTo("F2");
            assertThat(p.stationFt()).isEqualTo("30.0");
        });
        assertThat(FindingRow.of(may))
                .filteredOn(r -> r.id().equals("F2"))
                .extracting(FindingRow::photos)
                .containsExactly("photos/1-stake.jpg");
        assertThat(FindingsJson.write(may)).contains("photos/1-stake.jpg");
    }

    @Test
    void oneStaysWithItsFindingWhenThatIsMergedAndIsUnplacedOnceThatIsGone() {
        Job merged = job(
                shows(new PhotoPlace.OfFinding(new FindingId("F2"))),
                new Edit.MergeFindings(new FindingId("F1"), new FindingId("F2")));
        assertThat(rows(merged, Recipient.HOMEOWNER))
                .extracting(PhotoRow::finding)
                .containsExactly("F1");
        assertThat(rows(merged.with(new Edit.RemoveFinding(new FindingId("F1"))), Recipient.HOMEOWNER))
                .isEmpty();
    }

    @Test
    void oneThatAFindingWasMarkedOnShowsThatFinding() {
        Job job = Sample.note(job(), STAKE, 0, "orange paint at 22, 4 ft 6 deep");
        assertThat(rows(job, Recipient.BUYER)).extracting(PhotoRow::finding).containsExactly("F3");
    }

    @Test
    void oneOfAFixtureTellsTheRoomAndNoPlaceOfTheLine() {
        Job job = job(shows(new PhotoPlace.OfFixture("laundry")));
        assertThat(rows(job, Recipient.HOMEOWNER)).singleElement().satisfies(p -> {
            assertThat(p.shows()).isEqualTo("laundry");
            assertThat(p.place()).isEmpty();
        });
    }

    @Test
    void aDistrictGetsNoneAndANameInOnesNameStaysHere() {
        ClipId named = new ClipId("A. Client yard");
        Job job = job(
                new Edit.PutClip(photo(named)),
                new Edit.PlacePhoto(named, Optional.of(new PhotoPlace.OfFixture("A. Client's laundry"))),
                shows(new PhotoPlace.AtStation(Station.DATUM)));
        assertThat(rows(job, Recipient.DISTRICT)).isEmpty();
        Recipient stranger =
                new Recipient("agent", "Agent", "the pipe", Recipient.Part.WHOLE, Recipient.Tone.BUYER, false, true);
        assertThat(rows(job, stranger)).hasSize(2);
        assertThat(rows(job, stranger).toString()).doesNotContain("Client");
    }

    @Test
    void whatWasSaidIsTakenBack() {
        Job job = job(shows(new PhotoPlace.OfFixture("laundry")), new Edit.PlacePhoto(STAKE, Optional.empty()));
        assertThat(job.photos()).isEmpty();
    }
}

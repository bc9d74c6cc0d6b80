package hitch.core.parcel;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.caption.Cue;
import hitch.core.detail.Detail;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.district.CodeTable;
import hitch.core.district.District;
import hitch.core.district.DistrictForm;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingId;
import hitch.core.finding.Traits;
import hitch.core.finding.Weight;
import hitch.core.footage.Stretch;
import hitch.core.footage.Watched;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.job.PropertyFacts;
import hitch.core.job.PropertyFactsBuilder;
import hitch.core.job.ShotChange;
import hitch.core.story.StoryWish;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.core.talk.Commentary;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ChecksTest {
    private static Checks of(Job job, Recipient whom) {
        return of(job, whom, Optional.empty());
    }

    private static Checks of(Job job, Recipient whom, Optional<District> district) {
        Survey survey = Reckoner.survey(job);
        return Checks.of(job, survey, Disclosure.of(survey, whom), StoryWish.USUAL, district);
    }

    private static List<String> words(Checks checks) {
        return checks.items().stream().map(i -> i.check().words()).toList();
    }

    private static Job with(Job job, java.util.function.UnaryOperator<PropertyFacts> how) {
        return job.with(new Edit.DescribeProperty(how.apply(job.facts())));
    }

    @Test
    void aCompleteJobMayGo() {
        assertThat(of(Sample.marked(), Recipient.HOMEOWNER).mayGo()).isTrue();
    }

    @Test
    void aJobForInternalUseGoesNowhereButIntoTheFirmsFileAndThereWithAReason() {
        Job job = with(
                Sample.marked(),
                f -> PropertyFactsBuilder.builder(f).internalOnly(true).build());
        assertThat(of(job, Recipient.BUYER).holding().getFirst().weight()).isEqualTo(Check.Weight.BLOCKS);
        Check asked = of(job, Recipient.FIRM).holding().getFirst();
        assertThat(asked.weight()).isEqualTo(Check.Weight.REASON);
        Job said = job.with(new Edit.AcceptCheck("firm", asked.key(), Optional.of("for our shelf")));
        Checks checks = of(said, Recipient.FIRM);
        assertThat(checks.mayGo()).isTrue();
        assertThat(checks.accepted(Disclosure.of(Reckoner.survey(said), Recipient.FIRM)))
                .contains(new Accepted(asked.sort(), "R. Viewer", "for our shelf"));
        assertThat(of(said, Recipient.BUYER).mayGo()).as("for nobody else").isFalse();
    }

    @Test
    void propertyAndDateAreAskedFor() {
        Job job = with(
                Sample.marked(),
                f -> PropertyFactsBuilder.builder(f)
                        .property("")
                        .inspectedOn("")
                        .build());
        assertThat(of(job, Recipient.HOMEOWNER).holding())
                .extracting(Check::weight)
                .containsExactly(Check.Weight.BLOCKS, Check.Weight.REASON);
    }

    @Test
    void findingsWithoutAStationAndClipsWithoutACounterAreTold() {
        Job job = Sample.job();
        for (var mark : job.marksOf(Sample.UP)) {
            job = job.with(new Edit.RemoveMark(Sample.UP, mark));
        }
        job = Sample.note(job, Sample.UP, 10, "roots top heavy");
        assertThat(words(of(job, Recipient.HOMEOWNER)))
                .contains("The counter of up.mp4 was not read, so nothing on it has a station.")
                .contains("One finding has no station: F1.");
    }

    @Test
    void nothingForARecipientBlocksAndSaysWhatToDo() {
        Job job = Sample.note(Sample.job(), Sample.UP, 10, "roots top heavy");
        Check check = of(job, Recipient.DISTRICT).holding().getFirst();
        assertThat(check.words()).contains("no finding lies in its part of the line");
        assertThat(check.where()).isEqualTo(Check.Where.MARK);
    }

    @Test
    void captionsThatTellOfMomentsAClipDoesNotHaveAreOutOfStep() {
        Commentary said =
                new Commentary("talk", Sample.UP, "said.srt", List.of(new Cue(50, 58, "roots here")), 0, Map.of());
        assertThat(words(of(Sample.marked().with(new Edit.PutCommentary(said)), Recipient.BUYER)))
                .noneMatch(w -> w.startsWith("Captions"));
        assertThat(words(of(Sample.marked().with(new Edit.PutCommentary(said.slidTo(30))), Recipient.BUYER)))
                .contains(
                        "Captions are out of step with their clip: said.srt tells of moments that up.mp4 does not have.");
    }

    @Test
    void aPromiseThatWasNotKeptLeadsToIt() {
        Job job = Sample.note(Sample.marked(), Sample.DOWN, 5, "check 52 on way back");
        Checks.Item item = of(job, Recipient.HOMEOWNER).items().stream()
                .filter(i -> i.check().words().equals("A look that was promised was not taken: F9."))
                .findFirst()
                .orElseThrow();
        assertThat(item.check().finding()).contains(new FindingId("F9"));
        assertThat(item.holds()).as("it is told, and holds nothing back").isFalse();
    }

    @Test
    void whatIsToBeLookedAtAgainAsksForAReasonAndLeadsThere() {
        Job job = lookedAtAgain(Sample.marked(), "F4");
        Check one = found(of(job, Recipient.HOMEOWNER), "A finding was marked for a second look: F4.");
        assertThat(one.weight()).isEqualTo(Check.Weight.REASON);
        assertThat(one.finding()).contains(new FindingId("F4"));
        assertThat(of(job, Recipient.HOMEOWNER).mayGo()).isFalse();
        job = lookedAtAgain(job, "F1");
        assertThat(found(of(job, Recipient.HOMEOWNER), "Findings were marked for a second look: F1, F4.")
                        .mend())
                .isEqualTo("Look at them");
        assertThat(words(of(job, Recipient.DISTRICT)))
                .as("neither is in the district's part")
                .noneMatch(w -> w.contains("second look"));
    }

    private static Job lookedAtAgain(Job job, String id) {
        Finding finding = job.finding(new FindingId(id)).orElseThrow();
        Traits traits =
                finding.traits().withDetails(finding.traits().details().with(Detail.LOOK_AGAIN, "before it goes"));
        return job.with(new Edit.SayOfFinding(finding.id(), traits, finding.certainty()));
    }

    private static Check found(Checks checks, String words) {
        return checks.items().stream()
                .map(Checks.Item::check)
                .filter(c -> c.words().equals(words))
                .findFirst()
                .orElseThrow(() -> new AssertionError(words(checks)));
    }

    @Test
    void aFindingWhoseClipWasLeftOutHasNoStillAndBlocks() {
        Job job = Sample.marked().with(new Edit.LeaveOutClip(Sample.YARD));
        Check gone = found(
                of(job, Recipient.HOMEOWNER), "The clip of F8 was left out of the job, so there is no still of it.");
        assertThat(gone.weight()).isEqualTo(Check.Weight.BLOCKS);
        assertThat(gone.where()).isEqualTo(Check.Where.LOAD);
        assertThat(of(job.with(new Edit.PutClip(Sample.clip(Sample.YARD, 20))), Recipient.HOMEOWNER)
                        .mayGo())
                .isTrue();
    }

    @Test
    void aRepairThatIsOnlyPossibleIsTold() {
        Job job = Sample.note(Sample.marked(), Sample.DOWN, 20, "possible hole");
        job = job.with(new Edit.WeighFinding(new FindingId("F9"), Optional.of(Weight.MEND)));
        Check told = found(of(job, Recipient.HOMEOWNER), "F9 weighs as a repair and is only possible, not seen.");
        assertThat(told.weight()).isEqualTo(Check.Weight.TELLS);
        assertThat(told.finding()).contains(new FindingId("F9"));
    }

    @Test
    void whereNothingSaysWhyTheCameraTurnedBackItIsAskedFor() {
        Job job = Sample.note(Sample.job(), Sample.DOWN, 20, "roots");
        String words =
                "Nothing says why the camera turned back: no limit, no connection, no end of the line is marked.";
        assertThat(words(of(job, Recipient.HOMEOWNER))).contains(words);
        for (String end : List.of("main connection", "end of the line", "can't get past")) {
            assertThat(words(of(Sample.note(job, Sample.DOWN, 60, end), Recipient.HOMEOWNER)))
                    .as(end)
                    .doesNotContain(words);
        }
    }

    @Test
    void aRepairOnOnePoorPictureAsksForAReason() {
        Job job = Sample.note(Sample.job(), Sample.DOWN, 20, "break, pieces missing");
        job = job.with(new Edit.WeighFinding(new FindingId("F1"), Optional.of(Weight.MEND)));
        Watched dark = new Watched(List.of(new Stretch(15_000, 25_000, Stretch.Reason.DARK)), List.of(), 0, List.of());
        Survey survey = Reckoner.survey(job, Map.of(Sample.DOWN, dark));
        Checks checks =
                Checks.of(job, survey, Disclosure.of(survey, Recipient.HOMEOWNER), StoryWish.USUAL, Optional.empty());
        assertThat(words(checks)).anyMatch(w -> w.startsWith("A repair is asked for on one poor picture"));
        assertThat(checks.mayGo()).isFalse();
    }

    @Test
    void aNameThatMayBeOneHoldsItBackFromWhoMayNotKnowThePeople() {
        Job job = Sample.note(Sample.marked(), Sample.DOWN, 50, "roots heavy by Ferris's shed");
        assertThat(of(job, Recipient.AGENT).holding())
                .extracting(Check::words)
                .anyMatch(w -> w.contains("somebody's name"));
        assertThat(of(job, Recipient.BUYER).mayGo()).isTrue();
    }

    @Test
    void wordsOfEarlierFactsAreToldAndWhatWasAcceptedDoesNotCoverWhatCameLater() {
        Job job = Sample.marked();
        String shot = "finding:F4";
        String facts = hitch.core.story.Script.of(Disclosure.of(Reckoner.survey(job), Recipient.HOMEOWNER))
                .line(shot)
                .orElseThrow()
                .shot()
                .facts();
        job = job.with(new Edit.ChangeShot("homeowner", shot, ShotChange.NONE.saying("Roots, as ever.", facts)));
        assertThat(words(of(job, Recipient.HOMEOWNER))).noneMatch(w -> w.contains("what was so before"));
        job = job.with(new Edit.WeighFinding(new FindingId("F4"), Optional.of(Weight.STOP)));
        Checks checks = of(job, Recipient.HOMEOWNER);
        assertThat(words(checks)).contains("The words of one shot tell what was so before.");
    }

    @Test
    void aFindingWithoutADistrictsCodeAsksForAReason() {
        CodeTable codes = CodeTable.parse("kind,code\nboundary,901\n");
        Checks checks = of(Sample.marked(), Recipient.DISTRICT, Optional.of(new District(DistrictForm.PLAIN, codes)));
        assertThat(checks.holding())
                .extracting(Check::words)
                .anyMatch(w -> w.contains("has no code") && w.contains("main connection"));
    }

    /** A manifest goes to whoever gets the parcel: it tells what was accepted by its sort alone. */
    @Test
    void whatIsAcceptedTellsADistrictNothingOfThePrivateSide() {
        Job job = Sample.note(Sample.marked(), Sample.DOWN, 5, "check 22 on way back");
        Checks.Item item = of(job, Recipient.DISTRICT).items().stream()
                .filter(i -> i.check().key().startsWith("promises"))
                .findFirst()
                .orElseThrow();
        job = job.with(new Edit.AcceptCheck("district", item.check().key(), Optional.of("A. Client was in a hurry")));
        List<Accepted> told =
                of(job, Recipient.DISTRICT).accepted(Disclosure.of(Reckoner.survey(job), Recipient.DISTRICT));
        assertThat(told)
                .isNotEmpty()
                .allMatch(a -> !a.check().matches(".*\\d.*") && a.why().isEmpty());
        assertThat(told.toString()).doesNotContain("Client").doesNotContain("F9");
    }
}

package hitch.core.survey.told;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.detail.Arrival;
import hitch.core.detail.Kept;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.judge.Judge;
import hitch.core.line.GroundMark.Surface;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.note.Note;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.rules.OwnerRules;
import hitch.core.rules.OwnersReach;
import hitch.core.run.Equipment.Guide;
import hitch.core.run.Phase;
import hitch.core.run.Run;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is told, from notes as they are typed. */
class ToldTest {
    /** The sample job with notes typed on the way down and back, a second after each other. */
    private static Survey noted(String... notes) {
        Job job = Sample.job();
        int second = 5;
        for (String typed : notes) {
            Note note = new TradeNoteReader().read(typed, LengthUnit.FEET);
            for (var draft : note.drafts()) {
                FrameRef at = new FrameRef(Sample.DOWN, second * 1000L);
                Finding made = draft.at(job.nextId(), at, job.runOf(Sample.DOWN));
                job = job.with(new Edit.AddFinding(made));
            }
            second += 10;
        }
        return Reckoner.survey(job);
    }

    @Test
    void everyRoomIsListedAndWhatWasNotTestedIsTold() {
        Fixtures fixtures = Fixtures.of(
                noted("2 baths, kitchen, laundry", "kitchen: run 3 min, seen after 25 s", "laundry: no show")
                        .findings());
        assertThat(fixtures.all()).extracting(Fixtures.Fixture::room).contains("kitchen", "laundry", "2 baths");
        assertThat(fixtures.which(Arrival.SEEN)).singleElement().satisfies(f -> {
            assertThat(f.room()).isEqualTo("kitchen");
            assertThat(f.delay()).isEqualTo("25 s");
            assertThat(f.words()).isEqualTo("kitchen: run 3 min, its water was seen to come after 25 s");
        });
        assertThat(fixtures.which(Arrival.NO))
                .extracting(Fixtures.Fixture::room)
                .containsExactly("laundry");
        assertThat(fixtures.which(Arrival.UNTESTED))
                .extracting(Fixtures.Fixture::room)
                .containsExactly("2 baths");
        assertThat(fixtures.anyArrived()).isTrue();
    }

    @Test
    void waterThatNeverCameAsksForASecondLine() {
        assertThat(Judge.judge(noted("laundry: no show", "kitchen: seen")).asks())
                .anyMatch(a -> a.text().startsWith("Run the water of laundry again"));
        assertThat(Judge.judge(noted("kitchen: seen")).asks())
                .noneMatch(a -> a.text().startsWith("Run the water"));
    }

    @Test
    void aHouseWithoutAnyTestWasPutToNone() {
        Fixtures fixtures = Fixtures.of(noted("2 baths, kitchen, laundry").findings());
        assertThat(fixtures.anyArrived()).isFalse();
        assertThat(fixtures.which(Arrival.UNTESTED)).hasSize(3);
    }

    @Test
    void aPromiseIsKeptByWhatIsMarkedThereLater() {
        Survey survey = noted("check 20 on way back", "check 45 on way back", "crack at 20");
        List<Promises.Promise> promises = Promises.of(survey.noted(), List.of(Sample.UP, Sample.DOWN));
        assertThat(promises).extracting(Promises.Promise::kept).containsExactlyInAnyOrder(Kept.KEPT, Kept.NOT_KEPT);
        assertThat(promises.stream()
                        .filter(p -> p.kept() == Kept.KEPT)
                        .findFirst()
                        .orElseThrow()
                        .at())
                .contains(new FrameRef(Sample.DOWN, 25_000));
    }

    @Test
    void whatIsHeldBackIsSettledWithWhatHoldsIt() {
        Survey survey = noted("wipes caught on roots 40", "roots heavy 12");
        LocatedFinding wipes = kind(survey, "wipes");
        LocatedFinding holding = survey.findings().stream()
                .filter(f -> f.finding().wording().contains("caught") && f != wipes)
                .findFirst()
                .orElseThrow();
        Causes causes = Causes.of(survey.findings());
        assertThat(causes.of(wipes.finding().id())).contains(holding.finding().id());
        assertThat(causes.of(holding.finding().id())).as("no circle").isEmpty();
        assertThat(Judge.judge(survey).matters())
                .filteredOn(m -> m.ids().contains(wipes.finding().id()))
                .singleElement()
                .satisfies(m -> {
                    assertThat(m.findings())
                            .extracting(f -> f.finding().id())
                            .contains(holding.finding().id());
                    assertThat(m.effects())
                            .extracting(f -> f.finding().id())
                            .containsExactly(wipes.finding().id());
                });
    }

    @Test
    void aSymptomIsExplainedByWhatWasFoundOrNotYet() {
        List<Symptoms.Symptom> symptoms =
                Symptoms.of(noted("backup explained: roots 38", "none of this explains the smell in the basement")
                        .findings());
        assertThat(symptoms).hasSize(2);
        assertThat(symptoms)
                .filteredOn(Symptoms.Symptom::isExplained)
                .singleElement()
                .satisfies(s -> {
                    assertThat(s.cause()).isEqualTo("roots");
                    assertThat(s.by()).hasSize(1);
                });
        assertThat(symptoms)
                .filteredOn(s -> !s.isExplained())
                .extracting(Symptoms.Symptom::cause)
                .containsExactly(Symptoms.NOT_EXPLAINED);
    }

    @Test
    void surfacesTellWhatLiesAboveAStation() {
        Surfaces surfaces = Surfaces.of(noted("driveway 12-18, then lawn to 30").findings());
        assertThat(surfaces.all()).extracting(Surfaces.Above::surface).containsExactly(Surface.DRIVEWAY, Surface.LAWN);
        assertThat(surfaces.at(feet(15))).contains(Surface.DRIVEWAY);
        assertThat(surfaces.at(feet(29))).contains(Surface.LAWN);
        assertThat(surfaces.at(feet(40))).isEmpty();
    }

    @Test
    void whatTheVisitBroughtInAsksForNothing() {
        LocatedFinding ours = kind(noted("dirt at 14 is ours, fell in with the cap"), "debris");
        assertThat(ours.lasting().isOver()).isTrue();
        assertThat(ours.because()).isEqualTo("the visit itself brought it in");
    }

    @Test
    void aStepDownIsLighterThanOneUpOfTheSameHeight() {
        assertThat(kind(noted("offset up 1 in 30"), "offset").weight())
                .isGreaterThan(kind(noted("offset down 1 in 30"), "offset").weight());
    }

    @Test
    void whatLiesOutsideOfTheCleanedStretchIsFromBeyondIt() {
        Survey survey = noted("cleaned 0-40 3in cutter", "roots 20 after clean", "roots 50 after clean");
        assertThat(survey.findings().stream()
                        .filter(f -> f.finding().kind() == FindingKind.ROOTS)
                        .map(LocatedFinding::phase))
                .containsExactly(Phase.AFTER, Phase.BEYOND);
    }

    @Test
    void gearHoldsFromWhereItWasPutOnOrTakenOff() {
        Survey survey = noted("guide on 10", "skid off at 30");
        Run run = survey.runs().get(1);
        GearBook book = GearBook.of(survey.findings());
        assertThat(book.at(run, new FrameRef(Sample.DOWN, 0)).guide())
                .isEqualTo(run.equipment().guide());
        assertThat(book.at(run, new FrameRef(Sample.DOWN, 9_000)).guide()).isEqualTo(Guide.ON);
        assertThat(book.at(run, new FrameRef(Sample.DOWN, 40_000)).guide()).isEqualTo(Guide.OFF);
    }

    @Test
    void aRepairNeedsAMarkAtBothEnds() {
        assertThat(RepairMarks.missing(
                        noted("locate 5 ft at 20, start of repair").findings()))
                .containsExactly("The end of the repair has no mark and no depth yet.");
        assertThat(RepairMarks.missing(noted("locate 5 ft at 20, start of repair", "locate 5 ft at 30, end of repair")
                        .findings()))
                .isEmpty();
        assertThat(RepairMarks.missing(
                        noted("no locate on the 22 break, couldnt get a signal").findings()))
                .singleElement()
                .asString()
                .startsWith("Not located");
    }

    @Test
    void aHiddenWallIsToldToWhoeverGetsTheRest() {
        Survey survey = noted("bottom hidden 20-26 by standing water");
        assertThat(Disclosure.of(survey, Recipient.BUYER).unseen())
                .anyMatch(t -> t.contains(
                        "about 25 % of the wall was hidden on every pass, from 5 to 7 o'clock, by standing water"));
    }

    @Test
    void aDistrictsOwnOpeningIsTheBoundaryOfTheSchoolThatGoesByIt() {
        Job job = Sample.job();
        var draft = new TradeNoteReader()
                .read("city c/o at 50 = boundary", LengthUnit.FEET)
                .first();
        job = job.with(
                new Edit.AddFinding(draft.at(job.nextId(), new FrameRef(Sample.DOWN, 5_000), job.runOf(Sample.DOWN))));
        job = job.with(new Edit.SetRules(new OwnerRules(OwnersReach.TO_THE_DISTRICTS_OPENING)));
        assertThat(Reckoner.survey(job).line().whose().boundary()).contains(feet(50));
    }

    private static LocatedFinding kind(Survey survey, String word) {
        return survey.findings().stream()
                .filter(f -> f.finding().kind().word().equals(word))
                .findFirst()
                .orElseThrow();
    }

    private static Station feet(double feet) {
        return new Station(Distance.feet(feet).mm());
    }

    @Test
    void whatMustBeBrokenUpForATrenchIsToldForItsStretch() {
        Survey survey = noted("lawn 0-30, then driveway to 48");
        Surfaces surfaces = Surfaces.of(survey.findings());
        Extent over = Extent.between(
                new Station(Distance.feet(25).mm()),
                new Station(Distance.feet(35).mm()));
        assertThat(surfaces.words(over)).isEqualTo("under the lawn and under the driveway");
        assertThat(surfaces.words(Extent.at(new Station(Distance.feet(10).mm()))))
                .isEqualTo("under the lawn");
        assertThat(surfaces.words(Extent.at(new Station(Distance.feet(55).mm()))))
                .isEmpty();
    }
}

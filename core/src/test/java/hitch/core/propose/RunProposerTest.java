package hitch.core.propose;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.footage.ClipId;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.pipe.Branch;
import hitch.core.pipe.Material;
import hitch.core.pipe.Opening;
import hitch.core.pipe.OpeningKind;
import hitch.core.pipe.Pipe;
import hitch.core.pipe.PipeSize;
import hitch.core.propose.Proposals.ProposedRun;
import hitch.core.propose.Proposals.Unplaced;
import hitch.core.propose.Proposals.Why;
import hitch.core.run.Direction;
import hitch.core.run.Phase;
import hitch.core.run.Run;
import hitch.core.run.Zero;
import java.util.List;
import org.junit.jupiter.api.Test;

/** MadeClip-up visits of which it is known which clips are one run, which way it went, and where the camera went in. */
class RunProposerTest {
    private static MadeClip clip(String name) {
        return new MadeClip(name, "");
    }

    private static Proposals proposed(MadeClip... clips) {
        return RunProposer.of(List.of(clips).stream().map(MadeClip::clues).toList(), List.of());
    }

    private static List<String> clips(ProposedRun run) {
        return run.run().clips().stream().map(ClipId::value).toList();
    }

    @Test
    void twoWaysFromOneCleanout() {
        Proposals all = proposed(
                clip("a")
                        .at(0, 0)
                        .at(60, 38)
                        .at(115, 0.5)
                        .says(1, "Going in through the two-way cleanout in the front yard, four inch clay.")
                        .says(6, "We're heading toward the street."),
                clip("b").at(0, 0.2).at(60, 22).at(115, 0).says(2, "Same cleanout, now going the other way."));
        assertThat(all.others()).isEmpty();
        assertThat(all.runs()).hasSize(2);
        Run street = all.runs().getFirst().run();
        Run house = all.runs().getLast().run();
        assertThat(street.direction()).isEqualTo(Direction.WITH_FLOW);
        assertThat(house.direction()).isEqualTo(Direction.AGAINST_FLOW);
        assertThat(street.opening().words()).isEqualTo("two-way cleanout");
        assertThat(street.opening().sort()).isEqualTo(OpeningKind.GROUND_CLEANOUT);
        assertThat(street.opening().place()).isEqualTo("in the front yard");
        assertThat(street.opening().material()).contains(Material.CLAY);
        assertThat(street.opening().size()).contains(PipeSize.inches(4));
        assertThat(house.opening()).isEqualTo(street.opening());
        assertThat(house.start()).isEqualTo(street.start());
        assertThat(all.runs()).allSatisfy(r -> assertThat(r.doubts()).isEmpty());
    }

    @Test
    void beforeAndAfterACleaningGoTheSameWay() {
        Proposals all = proposed(
                clip("1")
                        .at(0, 0)
                        .at(118, 30)
                        .says(1, "Back yard cleanout, six inch iron, toward the street, before the cleaning."),
                clip("2").at(0, 0).at(118, 44).says(1, "Same cleanout, after cutting it out."),
                clip("3").at(0, 0).at(118, 12).says(1, "This laundry line now, from the garage."));
        Run before = all.runs().getFirst().run();
        Run after = all.runs().get(1).run();
        assertThat(before.phase()).isEqualTo(Phase.BEFORE);
        assertThat(before.opening().place()).isEqualTo("in the back yard");
        assertThat(before.opening().pipe()).isEqualTo(Pipe.of(Material.CAST_IRON, PipeSize.inches(6)));
        assertThat(after.phase()).isEqualTo(Phase.AFTER);
        assertThat(after.direction()).isEqualTo(before.direction());
        assertThat(after.opening()).isEqualTo(before.opening());
        assertThat(all.runs().get(1).directionKnown()).isFalse();
        assertThat(all.runs().getLast().run().branch()).isEqualTo("laundry");
    }

    @Test
    void aReelThatGoesOnIsOneRun() {
        Proposals all = proposed(
                clip("1").at(0, 0).at(118, 41).says(1, "Starting at the basement cleanout, out to the main."),
                clip("2").at(0, 41.3).at(60, 63).at(118, 0));
        assertThat(all.runs()).hasSize(1);
        assertThat(clips(all.runs().getFirst())).containsExactly("1", "2");
        assertThat(all.runs().getFirst().reasons())
                .anyMatch(r -> r.equals("2.mp4 goes on at 41.3 ft, where 1.mp4 ends."));
        assertThat(all.runs().getFirst().run().opening().sort()).isEqualTo(OpeningKind.INDOOR_CLEANOUT);
    }

    @Test
    void aClipOutOfOrderIsPutWhereItsCounterGoesOn() {
        Proposals all = proposed(
                clip("1").at(0, 0).at(118, 30).says(1, "Down the roof vent, toward the street."),
                clip("2").at(0, 52).at(118, 71),
                clip("3").at(0, 30.4).at(118, 52.2));
        assertThat(all.runs()).hasSize(1);
        assertThat(clips(all.runs().getFirst())).containsExactly("1", "3", "2");
        assertThat(all.runs().getFirst().doubts()).anyMatch(d -> d.contains("3.mp4 is out of order"));
        assertThat(all.runs().getFirst().run().opening().sort()).isEqualTo(OpeningKind.ROOF_VENT);
    }

    @Test
    void aZeroingHalfWayIsCountedOn() {
        Proposals all = proposed(clip("1")
                .at(0, 0)
                .at(50, 20)
                .zeroed(52, 20)
                .at(110, 15)
                .says(1, "Counter's zeroed at the top of the cleanout, and we're pushing toward the house."));
        ProposedRun run = all.runs().getFirst();
        assertThat(run.run().zero().at()).isEqualTo(Zero.At.LIP);
        assertThat(run.run().direction()).isEqualTo(Direction.AGAINST_FLOW);
        assertThat(run.reasons()).anyMatch(r -> r.contains("set to zero at 0:52") && r.contains("20.0 ft out"));
    }

    @Test
    void aBranchHasItsName() {
        Proposals all = proposed(
                clip("1").at(0, 0).at(118, 30).says(1, "Through the cleanout in the driveway, headed to the house."),
                clip("2").at(0, 0).at(118, 18).says(1, "This is the kitchen line, from the cleanout by the kitchen."));
        assertThat(all.runs().getFirst().run().branch()).isEqualTo(Branch.LINE);
        assertThat(all.runs().getLast().run().branch()).isEqualTo("kitchen");
        assertThat(all.runs().getLast().run().tied())
                .as("where it starts is reckoned")
                .isTrue();
        assertThat(all.runs().getLast().directionKnown()).isFalse();
        assertThat(all.runs().getLast().doubts()).anyMatch(d -> d.startsWith("Nobody said which way"));
    }

    @Test
    void aboveGroundAnotherDayAndNothingToGoByStayOnNoRun() {
        Proposals all = proposed(
                new MadeClip("1", "2026-05-04 10:00:00").at(0, 0).at(118, 30).says(1, "Cleanout here, to the street."),
                new MadeClip("2", "2026-05-04 10:20:00")
                        .inOpenAir()
                        .says(3, "Locator reads five feet, painted it on the lawn."),
                new MadeClip("3", "2026-05-04 10:30:00").says(3, "Alright."),
                new MadeClip("4", "2026-04-29 15:00:00").at(0, 0).at(118, 30));
        assertThat(all.runs()).hasSize(1);
        assertThat(all.others())
                .extracting(Unplaced::why)
                .containsExactly(Why.ABOVE_GROUND, Why.UNKNOWN, Why.ANOTHER_JOB);
        assertThat(all.others().getLast().reason()).contains("on another day");
    }

    /** Daylight in a pipe is a vent or another opening: a clip with a counter is in the pipe. */
    @Test
    void aGlimpseOfDaylightIsNoEnd() {
        Proposals all = proposed(clip("1").at(0, 0).at(118, 30).inOpenAir().says(40, "I can see daylight up there."));
        assertThat(all.others()).isEmpty();
        assertThat(all.runs()).hasSize(1);
    }

    @Test
    void whatNobodySaidIsUnknownAndTold() {
        Proposals all = proposed(clip("1").at(0, 14).at(118, 40).upsideDown());
        ProposedRun run = all.runs().getFirst();
        assertThat(run.run().opening()).isEqualTo(Opening.UNKNOWN);
        assertThat(run.directionKnown()).isFalse();
        assertThat(run.doubts())
                .anyMatch(d -> d.contains("begins with 14.0 ft of cable out"))
                .anyMatch(d -> d.contains("stands on its head"))
                .anyMatch(d -> d.startsWith("Nobody said where the camera went in"));
    }

    @Test
    void aClipThatWasRecordedUpsideDownIsTurnedOverWithItsRun() {
        MadeClip made = clip("1").at(0, 0).at(118, 40).upsideDown();
        ProposedRun run = proposed(made).runs().getFirst();
        Job job = Job.EMPTY.with(new Edit.PutClip(made.clip()));
        Job taken = job;
        for (Edit edit : run.edits(job)) {
            taken = taken.with(edit);
        }
        assertThat(taken.runs()).containsExactly(run.run());
        assertThat(taken.adjustmentsOf(made.clip().id()).at(60_000).roll()).isEqualTo(-180);
        assertThat(run.edits(taken)).as("what somebody adjusted stays").hasSize(1);
    }

    @Test
    void aWayThatIsLeftForLaterIsNotTheWay() {
        Proposals all = proposed(clip("1")
                .at(0, 0)
                .at(118, 40)
                .says(1, "We'll do the house side after that.")
                .says(5, "Right now we're going downstream to the city main."));
        assertThat(all.runs().getFirst().run().direction()).isEqualTo(Direction.WITH_FLOW);
    }

    @Test
    void runsThatAreThereKeepTheirNames() {
        Proposals first = proposed(clip("a").at(0, 0).at(60, 38).says(1, "Out to the street."));
        Proposals more = RunProposer.of(
                List.of(clip("b")
                        .at(0, 0)
                        .at(60, 38)
                        .says(1, "Out to the street again.")
                        .clues()),
                List.of(new KnownRun(first.runs().getFirst().run(), List.of())));
        assertThat(more.runs().getFirst().run().name()).isEqualTo("street run 2");
    }

    @Test
    void anOpeningThatIsNotThereIsNoneAndTheFlowTellsTheWay() {
        MadeClip roof = clip("roof")
                .at(0, 0)
                .at(60, 30)
                .says(2, "No cleanout at this one, so I went down the roof vent, with the flow.");
        ProposedRun run = proposed(roof).runs().getFirst();
        assertThat(run.run().opening().sort()).isEqualTo(OpeningKind.ROOF_VENT);
        assertThat(run.directionKnown()).isTrue();
        assertThat(run.run().direction()).isEqualTo(Direction.WITH_FLOW);
    }

    @Test
    void underASinkIsIndoorsAndBesideAGarageIsNot() {
        assertThat(sort("Going in the cleanout under the bathroom sink, three inch iron, downstream."))
                .isEqualTo(OpeningKind.INDOOR_CLEANOUT);
        assertThat(sort("Going in the cleanout by the garage, to the street.")).isEqualTo(OpeningKind.GROUND_CLEANOUT);
        assertThat(sort("Going in the cleanout in the garage, to the street.")).isEqualTo(OpeningKind.INDOOR_CLEANOUT);
    }

    private static OpeningKind sort(String words) {
        return proposed(clip("one").at(0, 0).at(60, 30).says(2, words))
                .runs()
                .getFirst()
                .run()
                .opening()
                .sort();
    }
}

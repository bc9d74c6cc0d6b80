package hitch.core.survey.align;

import static hitch.core.LineJob.at;
import static hitch.core.LineJob.feet;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.LineJob;
import hitch.core.finding.LocatedFinding;
import hitch.core.job.Edit;
import hitch.core.pipe.Branch;
import hitch.core.run.Direction;
import hitch.core.run.RunId;
import hitch.core.survey.Survey;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Runs that share what they saw come onto one line. */
class LineTiesTest {
    /** A street run, and one that comes up the line from an opening at 60 ft which nobody has placed. */
    private static LineJob overlapping(double guess) {
        return new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 50)
                .note("street", 20, "tie-in left")
                .note("street", 30, "4 in clay to 4 in pvc")
                .note("street", 44, "offset 1/2 in right")
                .run("upward", Direction.AGAINST_FLOW, guess, 45, r -> r.startingAt(at(guess), true))
                .note("upward", 16, "offset 1/2 in left")
                .note("upward", 30, "4 in pvc to 4 in clay")
                .note("upward", 40, "tie-in right");
    }

    @Test
    void aRunIsPlacedByWhatItSharesWithAnother() {
        for (double guess : new double[] {60, 57, 10, 0}) {
            Survey survey = overlapping(guess).survey();
            assertThat(feet(survey.runs().getLast().start())).isCloseTo(60, within(0.05));
            assertThat(survey.findings()).hasSize(3);
            assertThat(survey.line().tied().ties()).hasSize(3);
            assertThat(survey.line().tied().misclosure()).isLessThan(10);
        }
    }

    @Test
    void leftAndRightChangeSidesWithTheDirection() {
        Survey survey = overlapping(60).note("upward", 38, "tie-in left").survey();
        // Looking up the line the tie-in on the right is the one that the street run saw on the left; the other is not.
        assertThat(survey.findings().stream().filter(f -> f.finding().wording().startsWith("tie-in")))
                .hasSize(2);
    }

    @Test
    void theMisclosureIsWhatIsLeftAfterTheBestFit() {
        LineJob job = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 50)
                .note("street", 20, "tie-in left")
                .note("street", 40, "coupling")
                .run("upward", Direction.AGAINST_FLOW, 60, 45, r -> r.startingAt(at(60), true))
                .note("upward", 20, "coupling")
                .note("upward", 39.4, "tie-in right");
        // The tie-in asks for a start at 59.4 ft, the coupling for 60 ft: least squares takes 59.7, leaving 0.3 each.
        Survey survey = job.survey();
        assertThat(feet(survey.runs().getLast().start())).isCloseTo(59.7, within(0.03));
        assertThat(survey.line().tied().ties())
                .allSatisfy(t -> assertThat(Math.abs(t.gap().inFeet())).isCloseTo(0.3, within(0.03)));
        assertThat(survey.line().tied().misclosure() / 304.8).isCloseTo(0.3, within(0.03));
    }

    @Test
    void aRunThatSharesTooLittleStaysWhereItWasPut() {
        Survey survey = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 50)
                .note("street", 20, "tie-in left")
                .run("upward", Direction.AGAINST_FLOW, 90, 20, r -> r.startingAt(at(90), true))
                .note("upward", 10, "crack top")
                .survey();
        assertThat(survey.line().tied().loose()).containsExactly(new RunId("upward"));
        assertThat(feet(survey.runs().getLast().start())).isCloseTo(90, within(0.001));
    }

    @Test
    void aCounterThatSlippedIsFoundAndTakenOut() {
        LineJob job = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 60)
                .note("street", 8, "coupling")
                .note("street", 15, "tie-in left")
                .note("street", 22, "crack top")
                .note("street", 50, "offset 1/2 in");
        // From 30 ft on the counter shows 2 ft too little, out and back.
        job = job.mark("street", 30, 30)
                .mark("street", 31, 29)
                .mark("street", 60, 58)
                .mark("street", 120, -0);
        job = job.mark("street", 118, 0);
        job = job.note("street", 98, "crack top")
                .note("street", 105, "tie-in left")
                .note("street", 112, "coupling")
                .note("street", 70, "offset 1/2 in");
        Survey survey = job.survey();
        assertThat(survey.line().tied().slips()).hasSize(1);
        Slip slip = survey.line().tied().slips().getFirst();
        assertThat(Math.abs(slip.by().inFeet())).isCloseTo(2, within(0.4));
        assertThat(survey.findings()).hasSize(4);
    }

    @Test
    void twoThingsOnOnePassAreTwo() {
        Survey survey = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 60)
                .note("street", 20, "roots top light")
                .note("street", 21, "roots top light")
                .survey();
        assertThat(survey.findings()).hasSize(2);
    }

    @Test
    void oneThingOnTwoPassesIsOneWithItsDoubtAndTheHeavierWord() {
        Survey survey = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 60)
                .note("street", 20, "roots top light")
                .note("street", 99, "roots top heavy")
                .survey();
        // 20 ft going out and 120 - 99 = 21 ft coming back: 20.5 ft, half a foot to either side.
        LocatedFinding roots = survey.findings().getFirst();
        assertThat(survey.findings()).hasSize(1);
        assertThat(survey.noted()).hasSize(2);
        assertThat(feet(roots.extent().orElseThrow().middle())).isCloseTo(20.5, within(0.2));
        assertThat(roots.doubt().inFeet()).isCloseTo(0.5, within(0.2));
        assertThat(roots.finding().wording()).isEqualTo("roots top heavy");
        assertThat(roots.finding().sightings()).hasSize(1);
        assertThat(roots.best().pts()).isEqualTo(99_000);
    }

    @Test
    void whatAPersonKeptApartStaysApart() {
        LineJob job = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 60)
                .note("street", 20, "roots top light")
                .note("street", 100, "roots top heavy");
        List<LocatedFinding> one = job.survey().findings();
        Edit apart = new Edit.KeepApart(
                one.getFirst().ids().getFirst(), one.getFirst().ids().getLast());
        assertThat(job.with(apart).survey().findings()).hasSize(2);
    }

    @Test
    void aTypedPlaceGoesWithItsRun() {
        LineJob job =
                new LineJob().run("street", Direction.WITH_FLOW, 0, 60).note("street", 20, "standing water 26 to 33");
        job.with(new Edit.PutRun(job.job().runs().getFirst().startingAt(at(10), false)));
        var water = job.survey().findings().getFirst().extent().orElseThrow();
        assertThat(feet(water.from())).isCloseTo(36, within(0.01));
        assertThat(feet(water.to())).isCloseTo(43, within(0.01));
        job.with(new Edit.PutRun(job.job().runs().getFirst().going(Direction.AGAINST_FLOW)));
        var turned = job.survey().findings().getFirst().extent().orElseThrow();
        assertThat(feet(turned.from())).isCloseTo(-23, within(0.01));
        assertThat(feet(turned.to())).isCloseTo(-16, within(0.01));
    }

    @Test
    void aBranchGoesOnThroughItsJoin() {
        Survey survey = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 50)
                .note("street", 20, "tie-in left, the kitchen")
                .note("street", 30, "crack top")
                .run(
                        "kitchen",
                        Direction.WITH_FLOW,
                        -5,
                        40,
                        r -> r.on("kitchen").startingAt(at(-5), true))
                .note("kitchen", 10, "roots top heavy")
                .note("kitchen", 25, "tie-in, the kitchen joins")
                .note("kitchen", 35, "crack top")
                .survey();
        assertThat(survey.line().ways()).extracting(w -> w.words()).containsExactly("the line", "the kitchen branch");
        assertThat(feet(survey.line().way("kitchen").orElseThrow().join().orElseThrow()))
                .isCloseTo(20, within(0.05));
        LocatedFinding roots = survey.findings().stream()
                .filter(f -> f.finding().wording().startsWith("roots"))
                .findFirst()
                .orElseThrow();
        // 15 ft up the branch from its join at 20 ft.
        assertThat(roots.branch()).isEqualTo("kitchen");
        assertThat(feet(roots.extent().orElseThrow().middle())).isCloseTo(5, within(0.05));
        assertThat(survey.line().place("kitchen", at(5), survey.facts().unit()).all())
                .isEqualTo("15.0 ft up the kitchen branch");
        assertThat(survey.findings().stream().filter(f -> f.finding().wording().startsWith("crack")))
                .singleElement()
                .satisfies(f -> assertThat(f.branch()).isEmpty());
    }

    @Test
    void branchesThatWereSaidToFlowIntoEachOtherStillComeToTheLine() {
        LineJob job = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 50)
                .run("kitchen", Direction.WITH_FLOW, -5, 40, r -> r.on("kitchen"))
                .run("laundry", Direction.WITH_FLOW, -9, 40, r -> r.on("laundry"))
                .facts(f -> f.withBranch(Branch.named("kitchen")
                                .intoPipe(Optional.of("laundry"))
                                .joiningAt(Optional.of(at(10))))
                        .withBranch(Branch.named("laundry")
                                .intoPipe(Optional.of("kitchen"))
                                .joiningAt(Optional.of(at(20)))));
        Tied tied = job.line().tied();
        assertThat(tied.branches()).allSatisfy(b -> {
            String once = tied.into(b.name());
            assertThat(once.isEmpty() ? once : tied.into(once)).isEmpty();
        });
        assertThat(job.line().ways()).hasSize(3);
    }

    @Test
    void aBranchOfABranchGoesOnThroughBothJoins() {
        LineJob job = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 50)
                .run("laundry", Direction.WITH_FLOW, -9, 40, r -> r.on("laundry"))
                .run("wing", Direction.WITH_FLOW, -14, 40, r -> r.on("wing"))
                .note("wing", 34.5, "crack top")
                .facts(f -> f.withBranch(Branch.named("laundry").joiningAt(Optional.of(at(20))))
                        .withBranch(Branch.named("wing")
                                .intoPipe(Optional.of("laundry"))
                                .joiningAt(Optional.of(at(10)))));
        // The wing's head is on the line from 20 ft on: 14 ft and 20 ft of cable, and half a foot more.
        assertThat(job.line().way("wing").orElseThrow().into()).contains("laundry");
        assertThat(job.survey().findings().getFirst().branch()).isEmpty();
        assertThat(job.line().tied().branchAt(job.job().runs().getLast(), at(15)))
                .isEqualTo("laundry");
    }
}

package hitch.core.survey;

import static hitch.core.LineJob.feet;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.LineJob;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Lasting;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.judge.Judge;
import hitch.core.run.Direction;
import hitch.core.run.Phase;
import hitch.core.story.Wording;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is a matter of the moment: water that drains, things that move, what a cleaning took. */
class WhatLastsTest {
    private static LineJob street() {
        return new LineJob().run("street", Direction.WITH_FLOW, 0, 40);
    }

    private static List<LocatedFinding> of(Survey survey, FindingKind kind) {
        return survey.findings().stream()
                .filter(f -> f.finding().kind() == kind)
                .toList();
    }

    @Test
    void waterThatNobodyWaitedForIsNotKnownToDrain() {
        Survey survey = street().note("street", 30, "standing water 22-30, 20%").survey();
        LocatedFinding water = of(survey, FindingKind.STANDING_WATER).getFirst();
        assertThat(water.lasting()).isEqualTo(Lasting.NOT_WAITED);
        assertThat(Wording.what(water)).contains("not known whether it drains");
    }

    @Test
    void waterThatStandsOnBothPassesIsASag() {
        Survey survey = street().note("street", 30, "standing water 22-30, 20%")
                .note("street", 54, "standing water 22-30, 20%")
                .survey();
        assertThat(of(survey, FindingKind.STANDING_WATER))
                .singleElement()
                .satisfies(w -> assertThat(w.lasting()).isEqualTo(Lasting.STANDS));
        assertThat(survey.standingWater().inFeet()).isCloseTo(8, within(0.1));
    }

    @Test
    void waterThatHadDrainedIsNoSagAndAsksForNothing() {
        Survey survey = street().note("street", 30, "standing water 22-30, 20%, it drained after they shut the tap")
                .survey();
        LocatedFinding water = of(survey, FindingKind.STANDING_WATER).getFirst();
        assertThat(water.lasting()).isEqualTo(Lasting.DRAINED);
        assertThat(water.weight()).isEqualTo(Weight.NOTED);
        assertThat(survey.standingWater().mm()).isZero();
        assertThat(Judge.judge(survey).asks())
                .noneMatch(a -> a.findings().contains(water.finding().id()));
    }

    @Test
    void aWipeThatIsPushedAlongIsOneFindingFromFirstToLast() {
        Survey survey = street().note("street", 10, "wipes on the bottom")
                .note("street", 18, "same wipe, pushed ahead")
                .note("street", 27, "wipes, still moving ahead of us")
                .survey();
        assertThat(of(survey, FindingKind.WIPES)).singleElement().satisfies(w -> {
            assertThat(w.lasting()).isEqualTo(Lasting.MOVED);
            assertThat(feet(w.extent().orElseThrow().from())).isCloseTo(10, within(0.1));
            assertThat(feet(w.extent().orElseThrow().to())).isCloseTo(27, within(0.1));
            assertThat(w.finding().sightings()).hasSize(2);
        });
    }

    @Test
    void wipesThatStayAreAsManyAsWereMarked() {
        Survey survey = street().note("street", 10, "wipes on the bottom")
                .note("street", 18, "wipes at the joint")
                .survey();
        assertThat(of(survey, FindingKind.WIPES)).hasSize(2);
    }

    @Test
    void aPlugThatTheHeadBrokeIsNoStop() {
        Survey survey = street().note("street", 20, "blockage, soft plug, the head broke through")
                .survey();
        LocatedFinding plug = of(survey, FindingKind.BLOCKAGE).getFirst();
        assertThat(plug.lasting()).isEqualTo(Lasting.BROKEN_BY_THE_CAMERA);
        assertThat(plug.weight()).isEqualTo(Weight.TEND);
    }

    @Test
    void whereTheCameraWasStoppedAndPassedAfterTheCleaningIsNoLimitNow() {
        LineJob stopped =
                new LineJob().run("street", Direction.WITH_FLOW, 0, 20).note("street", 19, "can't get past, roots");
        assertThat(of(stopped.survey(), FindingKind.LIMIT).getFirst().weight()).isEqualTo(Weight.WATCH);
        Survey after = stopped.run("after", Direction.WITH_FLOW, 0, 40, r -> r.in(Phase.AFTER))
                .survey();
        assertThat(of(after, FindingKind.LIMIT)).singleElement().satisfies(l -> {
            assertThat(l.lasting()).isEqualTo(Lasting.CLEANED_SINCE);
            assertThat(l.weight()).isEqualTo(Weight.NOTED);
        });
    }

    @Test
    void rootsThatWereCutAndWhatIsLeftAreTwoStatements() {
        Survey survey = street().note("street", 20, "roots heavy, 80% of the bore")
                .run("after", Direction.WITH_FLOW, 0, 40, r -> r.in(Phase.AFTER))
                .note("after", 20, "fine roots left")
                .survey();
        List<LocatedFinding> roots = of(survey, FindingKind.ROOTS);
        assertThat(roots).hasSize(2);
        assertThat(roots).anySatisfy(r -> {
            assertThat(r.lasting()).isEqualTo(Lasting.CLEANED_SINCE);
            assertThat(r.weight()).isEqualTo(Weight.NOTED);
            assertThat(Wording.what(r)).endsWith("before the cleaning");
        });
        assertThat(roots).anySatisfy(r -> {
            assertThat(r.phase()).isEqualTo(Phase.AFTER);
            assertThat(r.weight()).isLessThan(Weight.MEND);
            assertThat(Wording.what(r)).endsWith("after the cleaning");
        });
    }

    @Test
    void aJointOffsetIsOneBeforeAndAfterACleaning() {
        Survey survey = street().note("street", 20, "offset 1/2 in")
                .run("after", Direction.WITH_FLOW, 0, 40, r -> r.in(Phase.AFTER))
                .note("after", 20.2, "offset 1/2 in")
                .survey();
        assertThat(of(survey, FindingKind.OFFSET)).hasSize(1);
    }

    @Test
    void whatLiesBeyondTheCleanedPipeKeepsItsWeight() {
        Survey survey = street().note("street", 30, "roots heavy")
                .run("after", Direction.WITH_FLOW, 0, 20, r -> r.in(Phase.AFTER))
                .survey();
        assertThat(of(survey, FindingKind.ROOTS).getFirst().weight()).isEqualTo(Weight.MEND);
    }

    @ParameterizedTest
    @CsvSource({
        "roots after cutting,AFTER",
        "hangers at the joint,AFTER",
        "roots before it was cleaned,BEFORE",
        "roots at the cleanout,NOT_SAID",
        "scale before the hydro jetting,BEFORE"
    })
    void aNoteMaySayItsPhase(String note, Phase phase) {

        assertThat(Phase.saidIn(note)).isEqualTo(phase);
    }
}

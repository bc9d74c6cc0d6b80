package hitch.core.survey;

import static hitch.core.LineJob.at;
import static hitch.core.LineJob.feet;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.LineJob;
import hitch.core.footage.Stretch.Reason;
import hitch.core.measure.Distance;
import hitch.core.pipe.Branch;
import hitch.core.rules.SeeingRules;
import hitch.core.run.Direction;
import hitch.core.run.Equipment;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What was really seen, and what not and why. */
class SeeingTest {
    private static double feetOf(Line line, Look look) {
        return line.seeing().mm(look) / Distance.MM_PER_FOOT;
    }

    @Test
    void whatIsHiddenGoingOutAndSeenComingBackWasSeen() {
        Line line = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 40)
                .hide("street", 10, 20, Reason.DARK)
                .line();
        assertThat(line.seeing().share()).isEqualTo(1);
        SeenPart part = line.seeing().at(Branch.LINE, at(15)).orElseThrow();
        assertThat(part.out()).isEqualTo(Look.POORLY);
        assertThat(part.back()).isEqualTo(Look.WELL);
    }

    @Test
    void whatEveryPassHidesIsToldWithItsReason() {
        Line line = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 40)
                .hide("street", 10, 20, Reason.DARK)
                .hide("street", 60, 65, Reason.BLURRED)
                .line();
        // Coming back the head is at 20 to 15 ft from second 60 to 65: 5 ft are hidden both ways.
        assertThat(feetOf(line, Look.POORLY)).isCloseTo(5, within(0.05));
        assertThat(line.limits()).anySatisfy(l -> assertThat(l.why()).isIn("dark", "blurred"));
    }

    @Test
    void passedFasterThanTheRuleIsPassedTooFast() {
        LineJob job = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 40)
                .rules(r -> new SeeingRules(Distance.feet(0.9), true));
        assertThat(feetOf(job.line(), Look.POORLY)).isCloseTo(40, within(0.05));
        assertThat(job.line().seeing().parts().getFirst().why()).isEqualTo("passed too fast");
    }

    @Test
    void aStretchUnderWaterWasSeenOnlyUnderWater() {
        Line line = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 40)
                .note("street", 30, "camera under water 22 to 30")
                .note("street", 52, "camera under water 22 to 30")
                .line();
        assertThat(feetOf(line, Look.UNDER_WATER)).isCloseTo(8, within(0.1));
    }

    @Test
    void whatWasUnderWaterGoingOutAndDryComingBackWasSeen() {
        Line line = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 40)
                .note("street", 30, "camera under water 22 to 30")
                .line();
        SeenPart part = line.seeing().at(Branch.LINE, at(25)).orElseThrow();
        assertThat(part.out()).isEqualTo(Look.UNDER_WATER);
        assertThat(part.back()).isEqualTo(Look.WELL);
        assertThat(line.seeing().share()).isEqualTo(1);
    }

    @Test
    void waterOnOneRunHidesNothingOnAnother() {
        Line line = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 40)
                .note("street", 30, "camera under water 22 to 30")
                .note("street", 52, "camera under water 22 to 30")
                .run("again", Direction.WITH_FLOW, 0, 40)
                .line();
        assertThat(line.seeing().share()).isEqualTo(1);
    }

    @Test
    void standingWaterCoversALensThatLiesOnTheBottomSoonerThanOneInTheMiddle() {
        // A 1.5 in head lying in a 4 in pipe looks from 0.75 in: 19 % of the bore. 30 % of water covers it.
        Equipment low = new Equipment(Optional.of(Distance.inches(1.5)), Equipment.Guide.OFF);
        Equipment high = new Equipment(Optional.of(Distance.inches(1.5)), Equipment.Guide.ON);
        for (Equipment equipment : new Equipment[] {low, high}) {
            Line line = new LineJob()
                    .run("street", Direction.WITH_FLOW, 0, 40, r -> r.with(equipment))
                    .note("street", 30, "standing water 20 to 30 ft, 30%")
                    .note("street", 54, "standing water 20 to 30 ft, 30%")
                    .line();
            assertThat(feetOf(line, Look.UNDER_WATER)).isCloseTo(equipment == low ? 10 : 0, within(0.1));
        }
    }

    @Test
    void pipeBetweenTwoRunsThatDoNotMeetIsNotReachedAndUnknown() {
        Line line = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 30)
                .note("street", 30, "can't get past, roots fill the pipe")
                .run("upward", Direction.AGAINST_FLOW, 80, 35)
                .note("upward", 0, "main connection")
                .line();
        assertThat(feetOf(line, Look.NOT_REACHED)).isCloseTo(15, within(0.1));
        Limit limit = line.limits().stream()
                .filter(l -> l.look() == Look.NOT_REACHED && !l.isUnknownBeyond())
                .findFirst()
                .orElseThrow();
        assertThat(feet(limit.from().from())).isCloseTo(30, within(0.1));
        assertThat(feet(limit.from().to())).isCloseTo(45, within(0.1));
        assertThat(limit.why()).contains("roots");
        assertThat(line.main().orElseThrow().spanAt(at(38)).orElseThrow().isUnknown())
                .isTrue();
    }

    @Test
    void whatLiesPastAnEndThatNobodySawIsUnknown() {
        Line line = new LineJob().run("street", Direction.WITH_FLOW, 0, 30).line();
        assertThat(line.limits()).anySatisfy(l -> {
            assertThat(l.isUnknownBeyond()).isTrue();
            assertThat(feet(l.from().from())).isCloseTo(30, within(0.1));
        });
        Line known = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 30)
                .facts(f -> f.withMain(Optional.of(at(42))))
                .line();
        assertThat(feetOf(known, Look.NOT_REACHED)).isCloseTo(12, within(0.1));
    }

    @Test
    void aTieInThatNoRunWentIntoIsALimit() {
        Line line = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 30)
                .note("street", 12, "tie-in left")
                .line();
        assertThat(line.limits()).anySatisfy(l -> assertThat(l.why()).contains("no run went into it"));
    }
}

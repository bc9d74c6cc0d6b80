package hitch.core.survey;

import static hitch.core.LineJob.feet;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.LineJob;
import hitch.core.measure.Distance;
import hitch.core.rules.OpeningRules;
import hitch.core.run.Direction;
import hitch.core.survey.OpeningFault.Rule;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Openings and bends against the house rules. */
class OpeningsTest {
    private static List<OpeningFault> faults(LineJob job, Rule rule) {
        return job.line().faults().stream().filter(f -> f.rule() == rule).toList();
    }

    @Test
    void aStretchLongerThanTheRuleAsksForOpeningsEvenlyAlongIt() {
        // 80 ft against a rule of 30 ft: three stretches, so openings at 80/3 = 26.7 and 53.3 ft.
        LineJob job = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 80)
                .rules(r -> new OpeningRules(Distance.feet(30), 135));
        OpeningFault fault = faults(job, Rule.SPACING).getFirst();
        assertThat(fault.where()).hasSize(2);
        assertThat(feet(fault.where().get(0))).isCloseTo(26.7, within(0.1));
        assertThat(feet(fault.where().get(1))).isCloseTo(53.3, within(0.1));
    }

    @Test
    void aStretchAsLongAsTheRuleIsRight() {
        LineJob job = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 80)
                .rules(r -> new OpeningRules(Distance.feet(80), 135));
        assertThat(faults(job, Rule.SPACING)).isEmpty();
    }

    @Test
    void aBuriedFittingThatWouldDoComesFirst() {
        LineJob job = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 80)
                .note("street", 38, "opening, buried cleanout wye")
                .rules(r -> new OpeningRules(Distance.feet(50), 135));
        OpeningFault fault = faults(job, Rule.SPACING).getFirst();
        assertThat(fault.fitting().map(f -> feet(f.at())).orElseThrow()).isCloseTo(38, within(0.1));
        assertThat(fault.where()).isEmpty();
    }

    @Test
    void bendsAddUpUntilTheyAreTooMuch() {
        // 45 + 45 + 90 = 180 degrees, over 135: an opening before the third bend, where 90 have been turned.
        LineJob job = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 60)
                .note("street", 10, "bend 45 degrees")
                .note("street", 20, "bend 45 degrees")
                .note("street", 40, "bend 90 degrees");
        BendSum sum = job.line().bends().getFirst();
        assertThat(sum.degrees()).isEqualTo(180);
        assertThat(sum.bends()).isEqualTo(3);
        OpeningFault fault = faults(job, Rule.BEND).getFirst();
        assertThat(fault.where()).hasSize(1);
        assertThat(feet(fault.where().getFirst())).isCloseTo(40, within(0.1));
    }

    @Test
    void aBendNamedByItsFittingCountsAndOneWithoutDegreesIsTold() {
        BendSum sum = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 60)
                .note("street", 10, "eighth bend")
                .note("street", 20, "bend")
                .line()
                .bends()
                .getFirst();
        assertThat(sum.degrees()).isEqualTo(45);
        assertThat(sum.unsaid()).isEqualTo(1);
    }

    @Test
    void aPipeWhoseUpperEndIsKnownAsksForAnOpeningThere() {
        LineJob job =
                new LineJob().run("building", Direction.AGAINST_FLOW, 0, 30).note("building", 30, "end of the line");
        assertThat(faults(job, Rule.UPPER_END)).hasSize(1);
        LineJob open = new LineJob().run("street", Direction.WITH_FLOW, 0, 30);
        assertThat(faults(open, Rule.UPPER_END)).isEmpty();
    }

    @Test
    void aRunUpABranchFromAnOpeningOnTheLineBeganOnTheLine() {
        LineJob job = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 40)
                .run("kitchen", Direction.AGAINST_FLOW, 0, 30, r -> r.on("kitchen"))
                .note("kitchen", 10, "tie-in left, the kitchen")
                .note("kitchen", 25, "roots top heavy");
        Line line = job.line();
        assertThat(line.openings())
                .singleElement()
                .satisfies(o -> assertThat(o.branch()).isEmpty());
        assertThat(line.way("kitchen").orElseThrow().reached().mm() / 304.8).isCloseTo(20, within(0.1));
    }
}

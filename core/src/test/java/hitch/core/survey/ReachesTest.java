package hitch.core.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.LineJob;
import hitch.core.finding.LocatedFinding;
import hitch.core.measure.Distance;
import hitch.core.pipe.Branch;
import hitch.core.pipe.Material;
import hitch.core.pipe.Opening;
import hitch.core.pipe.PipeSize;
import hitch.core.rules.ToolRules;
import hitch.core.run.Direction;
import hitch.core.survey.Reach.Passage;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a tool reaches from where. */
class ReachesTest {
    private static List<Reach> to(LineJob job, String kind) {
        Survey survey = job.survey();
        LocatedFinding found = survey.findings().stream()
                .filter(f -> f.finding().kind().word().equals(kind))
                .findFirst()
                .orElseThrow();
        return survey.line().reaches(survey.rules().line(), survey.findings()).to(found);
    }

    private static LineJob job() {
        return new LineJob().run("street", Direction.WITH_FLOW, 0, 60);
    }

    @Test
    void aToolAsWideAsThePipeReachesWell() {
        Reach reach = to(job().note("street", 30, "bend 45").note("street", 40, "roots top heavy"), "roots")
                .getFirst();
        assertThat(reach.passage()).isEqualTo(Passage.WELL);
        assertThat(reach.distance().inFeet()).isCloseTo(40, within(0.1));
        assertThat(reach.bends()).isEqualTo(1);
        assertThat(reach.degrees()).isEqualTo(45);
    }

    @Test
    void aNarrowOpeningLetsOnlyANarrowToolIntoAWiderPipe() {
        LineJob job = job().note("street", 20, "4 in clay to 6 in pvc").note("street", 40, "roots top heavy");
        Reach reach = to(job, "roots").getFirst();
        assertThat(reach.passage()).isEqualTo(Passage.NARROW);
        assertThat(reach.tool()).contains(PipeSize.inches(4));
        assertThat(reach.there()).contains(PipeSize.inches(6));
    }

    @Test
    void tooFarAndTooManyBendsAreOutOfReach() {
        LineJob far = job().note("street", 40, "roots top heavy").rules(r -> new ToolRules(Distance.feet(39), 270));
        assertThat(to(far, "roots").getFirst().passage()).isEqualTo(Passage.NOT);
        LineJob bent = job().note("street", 10, "bend 90")
                .note("street", 20, "bend 90")
                .note("street", 40, "roots top heavy")
                .rules(r -> new ToolRules(Distance.feet(100), 135));
        assertThat(to(bent, "roots").getFirst().because()).contains("180 degrees");
    }

    @Test
    void aStepAgainstItsWayStopsATool() {
        LineJob against = job().note("street", 20, "offset up 1 1/2 in").note("street", 40, "roots top heavy");
        assertThat(to(against, "roots").getFirst().because()).contains("stands against its way");
        LineJob with = job().note("street", 20, "offset down 1 1/2 in").note("street", 40, "roots top heavy");
        assertThat(to(with, "roots").getFirst().passage()).isEqualTo(Passage.WELL);
        LineJob small = job().note("street", 20, "offset up 3/4 in").note("street", 40, "roots top heavy");
        assertThat(to(small, "roots").getFirst().passage()).isEqualTo(Passage.WELL);
        LineJob unsaid = job().note("street", 20, "offset 1 1/2 in").note("street", 40, "roots top heavy");
        assertThat(to(unsaid, "roots").getFirst().passage()).isEqualTo(Passage.WELL);
        LineJob up = new LineJob()
                .run("up", Direction.AGAINST_FLOW, 60, 50)
                .note("up", 20, "offset down 1 1/2 in")
                .note("up", 40, "roots top heavy");
        assertThat(to(up, "roots").getFirst().passage()).isEqualTo(Passage.NOT);
    }

    @Test
    void aOneWayOpeningLeadsOnlyItsWay() {
        LineJob job = new LineJob()
                .run("down", Direction.WITH_FLOW, 0, 30)
                .run("up", Direction.AGAINST_FLOW, 30, 50)
                .note("up", 40, "roots top heavy");
        List<Reach> reaches = to(job, "roots");
        assertThat(reaches).hasSize(2);
        assertThat(reaches.getFirst().opening().name()).isEqualTo("one-way cleanout of up");
        assertThat(reaches.getFirst().passage()).isEqualTo(Passage.WELL);
        assertThat(reaches.getLast().because()).contains("the other way");
    }

    @Test
    void aToolDownABranchDoesNotTurnUpTheLine() {
        LineJob job = new LineJob()
                .run("up", Direction.AGAINST_FLOW, 0, 40)
                .note("up", 20, "tie-in left, the kitchen")
                .note("up", 30, "roots top heavy")
                .run(
                        "kitchen",
                        Direction.WITH_FLOW,
                        -35,
                        30,
                        r -> r.on("kitchen").from(new Opening("roof vent", "", Material.ABS, PipeSize.inches(3))))
                .facts(f -> f.withBranch(Branch.named("kitchen")));
        Reach fromVent = to(job, "roots").stream()
                .filter(r -> r.opening().name().equals("roof vent"))
                .findFirst()
                .orElseThrow();
        // 15 ft down the branch to its join at -20 ft, then 10 ft up the line.
        assertThat(fromVent.distance().inFeet()).isCloseTo(25, within(0.2));
        assertThat(fromVent.passage()).isEqualTo(Passage.NOT);
        assertThat(fromVent.because()).contains("joins with the flow");
    }
}

package hitch.core.survey;

import static hitch.core.LineJob.at;
import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.LineJob;
import hitch.core.footage.FrameRef;
import hitch.core.pipe.Branch;
import hitch.core.rules.SeeingRules;
import hitch.core.run.Direction;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A street run of 50 ft, and one of 40 ft that comes down the kitchen branch and past its join at 20 ft. */
class VisitsTest {
    private final LineJob job = new LineJob()
            .run("street", Direction.WITH_FLOW, 0, 50)
            .note("street", 20, "tie-in left, the kitchen")
            .run("kitchen", Direction.WITH_FLOW, -5, 40, r -> r.on("kitchen"));

    private List<String> visits(String branch, double feet) {
        return Visits.at(job.line().tied(), branch, at(feet)).stream()
                .map(v -> v.frame().clip() + " " + v.frame().pts() / 1000 + " "
                        + v.heading().word())
                .toList();
    }

    @Test
    void everyRunThatCamePastTellsEveryMoment() {
        // 30 ft of cable out after 30 s, and again 20 s after the turn at 50 s; the branch run stands at -5 ft + 35 ft.
        assertThat(visits(Branch.LINE, 30))
                .containsExactly("street 30 out", "street 70 back", "kitchen 35 out", "kitchen 45 back");
    }

    @Test
    void thePipeThatARunWasInIsNotTheOneBesideIt() {
        assertThat(visits(Branch.LINE, 10)).containsExactly("street 10 out", "street 90 back");
        assertThat(visits("kitchen", 10)).containsExactly("kitchen 15 out", "kitchen 65 back");
        assertThat(visits(Branch.LINE, 60)).isEmpty();
    }

    @Test
    void theBestPictureOfAPlaceIsOnTheWayBackWhereTheRulesPreferIt() {
        Survey survey = job.survey();
        assertThat(survey.bestAt(Branch.LINE, at(10))).map(FrameRef::pts).contains(90_000L);
        job.rules(r -> new SeeingRules(r.seeing().fastest(), false));
        assertThat(job.survey().bestAt(Branch.LINE, at(10))).map(FrameRef::pts).contains(10_000L);
        assertThat(survey.bestAt("laundry", at(10))).isEqualTo(Optional.empty());
    }
}

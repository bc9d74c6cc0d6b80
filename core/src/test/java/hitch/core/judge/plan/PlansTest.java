package hitch.core.judge.plan;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.exchange.PricesCsv;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.judge.Judge;
import hitch.core.measure.Range;
import hitch.core.survey.Reckoner;
import java.util.List;
import org.junit.jupiter.api.Test;

class PlansTest {
    private static List<Plan> plans(Job job) {
        return Judge.judge(Reckoner.survey(job)).plans();
    }

    private static Job job(String... notes) {
        Job job = Sample.job();
        for (String note : notes) {
            job = Sample.note(job, Sample.DOWN, 9, note);
        }
        return job;
    }

    @Test
    void rootsAreKeptOutOrThePipeIsRenewed() {
        List<Plan> plans = plans(job("roots at 20", "roots at 30"));
        assertThat(plans).extracting(Plan::kind).containsExactly(Plan.Kind.KEEP_CLEAN, Plan.Kind.RENEW);
        Plan keep = plans.getFirst();
        // Yearly, now and for thirty years.
        assertThat(keep.visitsBy(5)).isEqualTo(6);
        assertThat(keep.visitsBy(30)).isEqualTo(31);
        assertThat(keep.digsBy(30)).isZero();
        Plan renew = plans.getLast();
        assertThat(renew.digsBy(5)).isEqualTo(1);
        assertThat(renew.unsolved()).isEmpty();
    }

    @Test
    void theWorstIsMendedAndTheRestKeptClean() {
        List<Plan> plans = plans(job("hole at 20", "roots at 30"));
        assertThat(plans)
                .extracting(Plan::kind)
                .containsExactly(Plan.Kind.KEEP_CLEAN, Plan.Kind.MEND_WORST, Plan.Kind.RENEW);
        assertThat(plans.getFirst().unsolved()).containsExactly("Hole");
        assertThat(plans.get(1).unsolved()).isEmpty();
        assertThat(plans.get(1).digsBy(5)).isEqualTo(1);
        assertThat(plans.get(1).visitsBy(5)).isEqualTo(6);
    }

    @Test
    void whatIsSpentAddsUpAsARange() {
        Job priced = job("roots at 20").with(new Edit.SetRules(PricesCsv.parse("""
                method,per,size in,depth ft,cover,low,high
                currency,,,,,$,
                jetting,each,,,,300,400
                """)));
        Plan keep = plans(priced).getFirst();
        assertThat(keep.spentBy(5)).contains(new Range(6 * 300, 6 * 400));
        assertThat(plans(priced).getLast().spentBy(5))
                .as("there is no price for new pipe")
                .isEmpty();
    }

    @Test
    void nothingIsPlannedForALineThatWasNotJudged() {
        assertThat(plans(job("roots 95% at 20", "hole at 10"))).isEmpty();
        assertThat(plans(job("roots light at 20"))).isEmpty();
    }
}

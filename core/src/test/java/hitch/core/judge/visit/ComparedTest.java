package hitch.core.judge.visit;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.decide.Decision;
import hitch.core.decide.EarlierVisit;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.judge.Judge;
import hitch.core.measure.Distance;
import hitch.core.survey.Reckoner;
import java.util.List;
import org.junit.jupiter.api.Test;

class ComparedTest {
    private static Job job(String... notes) {
        Job job = Sample.job();
        for (String note : notes) {
            job = Sample.note(job, Sample.DOWN, 9, note);
        }
        return job;
    }

    private static Compared compared(Job now, Job then) {
        EarlierVisit visit = Compared.visit("then", Reckoner.survey(then));
        return Compared.of(Reckoner.survey(now), visit);
    }

    private static List<Change.Kind> kinds(Compared compared) {
        return compared.changes().stream().map(Change::kind).toList();
    }

    @Test
    void tellsWhatGrewWhatIsNewAndWhatIsGone() {
        Compared compared = compared(
                job("roots 50% at 20", "offset 1/4 in at 30", "grease at 50", "tie-in left at 55"),
                job("roots 20% at 20", "offset 3/4 in at 30", "wipes at 40", "tie-in left at 55"));
        assertThat(kinds(compared))
                .containsExactly(Change.Kind.GREW, Change.Kind.SHRANK, Change.Kind.CLEARED, Change.Kind.NEW);
        assertThat(compared.changes().getFirst().words())
                .isEqualTo("It took 20 % of the bore then and takes 50 % now.");
        assertThat(compared.shift()).isZero();
    }

    @Test
    void aDatumThatLayElsewhereDoesNoHarm() {
        Compared compared = compared(
                job("tie-in left at 10", "bend 45 at 25", "roots 30% at 40", "clay to pvc at 50"),
                job("tie-in left at 14", "bend 45 at 29", "roots 30% at 44", "clay to pvc at 54"));
        assertThat(new Distance(compared.shift()).inFeet()).isBetween(-4.01, -3.99);
        assertThat(kinds(compared)).containsExactly(Change.Kind.SAME);
    }

    @Test
    void whatWasNotSeenThisTimeIsNotCalledGone() {
        assertThat(kinds(compared(job("roots at 20"), job("roots at 20", "hole at 200"))))
                .containsExactly(Change.Kind.SAME);
    }

    @Test
    void rootsThatGrewAreCleanedSooner() {
        Job then = job("roots 20% at 20")
                .with(new Edit.DescribeProperty(Sample.job().facts().withInspectedOn("2026-01-10")));
        Job now = job("roots 40% at 20")
                .with(new Edit.DescribeProperty(Sample.job().facts().withInspectedOn("2026-09-10")));
        assertThat(months(now)).isEqualTo(12);
        Job beside = now.with(new Edit.Decide(new Decision.Beside(Compared.visit("then", Reckoner.survey(then)))));
        assertThat(months(beside)).isEqualTo(4);
        assertThat(months(beside.with(new Edit.Decide(new Decision.NotBeside("then")))))
                .isEqualTo(12);
    }

    private static int months(Job job) {
        return Judge.judge(Reckoner.survey(job)).asks().stream()
                .flatMap(a -> a.remedy().stream())
                .filter(r -> r.work().key().equals("clean"))
                .findFirst()
                .orElseThrow()
                .nextMonths()
                .orElseThrow();
    }
}

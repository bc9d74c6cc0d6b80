package hitch.core.survey;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.measure.Distance;
import hitch.core.pipe.Opening;
import hitch.core.pipe.PipeSize;
import hitch.core.run.Direction;
import hitch.core.run.Equipment;
import hitch.core.run.Run;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class RunWordsTest {
    private final Job job = Sample.job();

    private static Run run(Job job, String name) {
        return job.runs().stream()
                .filter(r -> r.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static String facts(Job job, Run run) {
        return RunWords.facts(Reckoner.survey(job.with(new Edit.PutRun(run))), run);
    }

    private static Optional<String> open(Job job, Run run) {
        return RunWords.open(Reckoner.survey(job.with(new Edit.PutRun(run))), run);
    }

    @Test
    void aRunInASentence() {
        Run down = run(job, "street run");
        assertThat(facts(job, down)).startsWith("From the two-way cleanout in 4 in clay, 60.0 ft toward the main");
        assertThat(facts(job, run(job, "building run"))).contains("toward the building");
        assertThat(facts(job, down.on("kitchen"))).contains(" on the kitchen, ");
        // What was paid out before the pipe began is no way along it.
        assertThat(facts(job, down.counting(Distance.feet(10), down.zero()))).contains("50.0 ft");
    }

    @Test
    void whatNobodySaidIsToldAndNothingElse() {
        Run down = run(job, "street run");
        assertThat(open(job, down)).contains("Not said: whether a guide was on.");
        Run told = down.with(new Equipment(Optional.empty(), Equipment.Guide.OFF));
        assertThat(open(job, told)).isEmpty();
        assertThat(open(
                        job,
                        told.from(down.opening().withPipe(down.opening().pipe().withSize(Optional.empty())))))
                .contains("Not said: how wide the pipe is.");
        Run empty = Sample.run("garden run", Direction.WITH_FLOW, Sample.YARD).from(Opening.UNKNOWN);
        assertThat(facts(job, empty)).startsWith("From an opening nobody named, toward the main");
        assertThat(open(job, empty).orElseThrow()).contains("where it began").contains("yard.mp4");
    }

    @Test
    void theLensOfAHeadIsKnownOnceItWasTold() {
        Run down = run(job, "street run");
        Distance head = Distance.inches(1.25);
        Equipment told = new Equipment(Optional.of(head), Equipment.Guide.ON).withLens(Optional.of(100));
        Job with = job.with(new Edit.PutRun(down.with(told)))
                .with(new Edit.PutRun(
                        run(job, "building run").with(new Equipment(Optional.of(head), Equipment.Guide.OFF))));
        Survey survey = Reckoner.survey(with);
        var up = new hitch.core.footage.FrameRef(Sample.UP, 1_000);
        assertThat(PipeHere.gear(survey, up).lens()).contains(100);
        assertThat(PipeHere.gear(survey, up).guide()).isEqualTo(Equipment.Guide.OFF);
        assertThat(PipeHere.bore(survey, up)).contains(PipeSize.inches(4));
        assertThat(PipeHere.gear(Reckoner.survey(job), up).lens()).isEmpty();
    }
}

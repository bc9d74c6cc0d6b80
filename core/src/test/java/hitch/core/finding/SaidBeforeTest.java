package hitch.core.finding;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.job.Job;
import org.junit.jupiter.api.Test;

class SaidBeforeTest {
    private final Job job = Sample.note(
            Sample.note(
                    Sample.note(Sample.job(), Sample.DOWN, 5, "roots top heavy"), Sample.DOWN, 9, "Roots in a joint"),
            Sample.DOWN,
            12,
            "offset 1/4 in right");

    @Test
    void theNewestThatBeginsSoComesAgain() {
        assertThat(SaidBefore.starting(job.findings(), "ro")).contains("Roots in a joint");
        assertThat(SaidBefore.starting(job.findings(), "roots t")).contains("roots top heavy");
        assertThat(SaidBefore.starting(job.findings(), " OFF")).contains("offset 1/4 in right");
    }

    @Test
    void oneLetterAndWhatIsSaidWholeBringNothing() {
        assertThat(SaidBefore.starting(job.findings(), "r")).isEmpty();
        assertThat(SaidBefore.starting(job.findings(), "roots top heavy")).isEmpty();
        assertThat(SaidBefore.starting(job.findings(), "grease")).isEmpty();
        assertThat(SaidBefore.starting(job.findings(), "")).isEmpty();
    }
}

package hitch.core.judge.missing;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.footage.ClipId;
import hitch.core.footage.Stretch;
import hitch.core.footage.Watched;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.judge.Judge;
import hitch.core.pipe.Opening;
import hitch.core.run.Run;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class MissingTest {
    private static List<Missing> of(Job job, Map<ClipId, Watched> watched) {
        Survey survey = Reckoner.survey(job, watched);
        return Missing.of(survey, Judge.judge(survey));
    }

    private static List<Missing> of(Job job) {
        return of(job, Map.of());
    }

    @Test
    void theWayBackIsMissedWhereItsFootageEndsFarOut() {
        // The sample goes 20 ft up and stops there; it goes 60 ft down and comes back.
        assertThat(of(Sample.job()))
                .filteredOn(m -> m.about().startsWith("back/"))
                .extracting(Missing::about)
                .containsExactly("back/" + Sample.job().runs().getFirst().id());
    }

    @Test
    void waterThatWasNotRunIsAskedForByItsRoom() {
        Job job = Sample.note(Sample.job(), Sample.YARD, 5, "laundry not tested");
        assertThat(of(job))
                .filteredOn(m -> m.about().startsWith("untested/"))
                .extracting(Missing::todo)
                .containsExactly("Run the water and watch for it: laundry.");
    }

    @Test
    void aPromiseComesFirstAndIsGoneOnceItIsKept() {
        Job job = Sample.note(Sample.job(), Sample.DOWN, 20, "I'll look at that on the way back");
        assertThat(of(job).getFirst().todo()).isEqualTo("Take the look that was promised.");
    }

    @Test
    void aMendThatNoPictureShowsIsFilmedAgain() {
        Job job = Sample.note(Sample.job(), Sample.DOWN, 20, "broken pipe at the bottom");
        Survey plain = Reckoner.survey(job);
        long at = plain.findings().getFirst().finding().frame().pts();
        Watched dark = Watched.of(List.of(new Stretch(at - 500, at + 500, Stretch.Reason.DARK)));
        assertThat(of(job)).noneMatch(m -> m.about().startsWith("picture/"));
        assertThat(of(job, Map.of(Sample.DOWN, dark)))
                .filteredOn(m -> m.about().startsWith("picture/"))
                .singleElement()
                .satisfies(m -> {
                    assertThat(m.words())
                            .isEqualTo(
                                    "Film it once more, close and still. Break, at the bottom, 20.0 ft toward the main: "
                                            + "no picture shows it well.");
                    assertThat(m.finding()).isPresent();
                });
    }

    @Test
    void anOpeningThatNobodyNamedIsAskedFor() {
        Job job = Sample.job();
        Run run = job.runs().getFirst();
        assertThat(of(job)).noneMatch(m -> m.about().startsWith("opening/"));
        assertThat(of(job.with(new Edit.PutRun(run.from(Opening.UNKNOWN)))))
                .anyMatch(m -> m.about().equals("opening/" + run.id()));
    }
}

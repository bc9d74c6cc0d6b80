package hitch.core.eyes;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.Sample;
import hitch.core.caption.Cue;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.footage.Stretch;
import hitch.core.footage.Watched;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.core.talk.Commentary;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class SecondEyesTest {
    /** Two things on the street run, which goes a foot a second. */
    private static final ClipWall WALL = new MadeUpWall(11, 3)
            .with(12.4, 10, 60, 20)
            .with(31.9, 60, -70, 0)
            .seen(0, 55, feet -> Math.round(feet * 1000));

    private static List<LookHere> places(Job job, List<FrameRef> spoken) {
        Survey survey = Reckoner.survey(job);
        Clip clip = job.clip(Sample.DOWN).orElseThrow();
        Map<ClipId, SeenWall> walls = Map.of(
                Sample.DOWN, WallState.of(job, survey, clip, WALL).seen(survey).orElseThrow());
        return new SecondEyes(job, survey, walls, spoken).places();
    }

    private static List<Long> feet(List<LookHere> places) {
        return places.stream()
                .map(p -> Math.round(p.station().mm() / 304.8 + 0.3))
                .toList();
    }

    @Test
    void whatNobodyMarkedIsPointedAtAndIsNoFinding() {
        Job job = Sample.job();
        assertThat(feet(places(job, List.of()))).containsExactlyInAnyOrder(12L, 32L);
        assertThat(Reckoner.survey(job).findings()).isEmpty();
    }

    @Test
    void whatIsMarkedOrSpokenOfIsPointedAtNoMore() {
        Job marked = Sample.note(Sample.job(), Sample.DOWN, 12, "roots top");
        assertThat(feet(places(marked, List.of()))).containsExactly(32L);
        assertThat(feet(places(Sample.job(), List.of(new FrameRef(Sample.DOWN, 31_600)))))
                .containsExactly(12L);
    }

    @Test
    void aLongStretchOfOneThingHidesNothingWithinIt() {
        Job water = Sample.note(Sample.job(), Sample.DOWN, 25, "standing water 25-45");
        assertThat(feet(places(water, List.of()))).contains(32L);
    }

    @Test
    void whatWasWavedAwayDoesNotComeBackAndComesBackWithUndo() {
        Job job = Sample.job();
        FrameRef first = places(job, List.of()).getFirst().frame();
        Job waved = job.with(new Edit.WaveAway(first));
        assertThat(places(waved, List.of())).hasSize(1).noneMatch(p -> p.frame().equals(first));
        assertThat(waved.with(new Edit.WaveAway(first))).isEqualTo(waved);
    }

    @Test
    void aStopWithoutAWordIsPointedAtWhereOthersAreSpokenOf() {
        Job job = Sample.job()
                .with(new Edit.PutCommentary(new Commentary(
                        "said", Sample.DOWN, "said.vtt", List.of(new Cue(40, 42, "Roots here.")), 0, Map.of())));
        List<Stretch> stood = List.of(
                new Stretch(39_000, 45_000, Stretch.Reason.MOTIONLESS),
                new Stretch(48_000, 54_000, Stretch.Reason.MOTIONLESS),
                new Stretch(70_000, 72_000, Stretch.Reason.MOTIONLESS));
        Survey survey = Reckoner.survey(job, Map.of(Sample.DOWN, new Watched(stood, List.of(), 0, List.of())));
        Clip clip = job.clip(Sample.DOWN).orElseThrow();
        List<LookHere> silent = Silences.of(survey, clip, job.talk());
        assertThat(silent).extracting(LookHere::why).containsExactly(LookHere.Why.STOOD);
        assertThat(silent.getFirst().frame().pts()).isEqualTo(51_000);
        // Where nobody talks at all a stop tells nothing.
        assertThat(Silences.of(survey, clip, List.of())).isEmpty();
    }
}

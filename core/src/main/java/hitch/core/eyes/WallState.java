package hitch.core.eyes;

import hitch.core.counter.CounterMarks;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameRef;
import hitch.core.footage.Stretch;
import hitch.core.job.Job;
import hitch.core.pipe.PipeSize;
import hitch.core.survey.PipeHere;
import hitch.core.survey.Survey;
import java.util.List;
import java.util.Optional;

/**
 * All that decides how a clip's wall is laid out. While it is the same, the wall need not be reckoned again.
 *
 * @param wall what was seen
 * @param marks what is known of the clip's counter
 * @param radius of the bore, millimetres; a usual one where nobody said
 * @param stretches of the clip that show the wall badly, among others
 */
public record WallState(Clip clip, ClipWall wall, CounterMarks marks, double radius, List<Stretch> stretches) {
    public static WallState of(Job job, Survey survey, Clip clip, ClipWall wall) {
        double bore = PipeHere.bore(survey, new FrameRef(clip.id(), clip.firstPts()))
                .orElse(PipeSize.USUAL)
                .bore()
                .mm();
        return new WallState(clip, wall, job.counterOf(clip.id()), bore / 2, survey.stretchesOf(clip.id()));
    }

    /** The wall laid out; empty where nothing of the counter is known, or where too little was seen. */
    public Optional<SeenWall> seen(Survey survey) {
        return Optional.ofNullable(survey.traces().get(clip.id()))
                .filter(t -> !t.isEmpty())
                .flatMap(t -> SeenWall.of(clip.id(), wall, t, radius, stretches));
    }
}

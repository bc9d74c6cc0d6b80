package hitch.desk;

import hitch.core.caption.Cue;
import hitch.core.footage.ClipId;
import hitch.core.footage.Watched;
import hitch.core.job.JobHistory;
import hitch.core.judge.Judge;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.core.survey.spoken.Heard;
import hitch.core.talk.Spoken;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** What was learnt in the background of a job's footage and captions, and what the job comes to by it. */
final class Learnt {
    private final Map<ClipId, Watched> watched = new ConcurrentHashMap<>();
    private final Map<List<Cue>, Spoken.All> heard = new ConcurrentHashMap<>();

    /** Whether it is news what a look through a clip found. */
    boolean looked(ClipId clip, Watched found) {
        return !found.equals(watched.put(clip, found));
    }

    /** Whether it is news what some captions say. */
    boolean heard(List<Cue> cues, Spoken.All said) {
        return !said.equals(heard.put(cues, said));
    }

    Snapshot reckon(JobHistory history) {
        Survey survey = new Heard(heard).in(Reckoner.survey(history.job(), Map.copyOf(watched)), history.job());
        return new Snapshot(history, survey, Judge.judge(survey));
    }

    Map<ClipId, Watched> watched() {
        return Map.copyOf(watched);
    }
}

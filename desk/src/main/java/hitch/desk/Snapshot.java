package hitch.desk;

import hitch.core.job.Job;
import hitch.core.job.JobHistory;
import hitch.core.judge.Judgement;
import hitch.core.survey.Survey;

/** What the window shows: a job at one moment and everything reckoned for it. Immutable. */
public record Snapshot(JobHistory history, Survey survey, Judgement judged) {
    public Job job() {
        return history.job();
    }
}

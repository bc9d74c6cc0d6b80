package hitch.app;

import hitch.core.finding.Finding;
import hitch.core.footage.Clip;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.run.Run;
import hitch.store.JobFolder;
import hitch.store.StoreException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** A job on disk whose footage lies elsewhere. */
final class SavedJob {
    private SavedJob() {}

    /** Writes a job into a folder that is made; gives the folder. */
    static Path in(Path folder, Job job) throws StoreException {
        try (JobFolder saved = JobFolder.create(folder)) {
            saved.apply(new Edit.DescribeProperty(job.facts()));
            saved.apply(new Edit.DescribeLine(job.line()));
            for (Clip clip : job.clips()) {
                saved.apply(new Edit.PutClip(clip));
                saved.apply(new Edit.ReadCounter(
                        clip.id(), job.marksOf(clip.id()), List.of(), Optional.empty(), Optional.empty()));
            }
            for (Run run : job.runs()) {
                saved.apply(new Edit.PutRun(run));
            }
            for (Finding finding : job.findings()) {
                saved.apply(new Edit.AddFinding(finding));
            }
        }
        return folder;
    }
}

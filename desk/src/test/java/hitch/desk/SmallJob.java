package hitch.desk;

import hitch.core.Sample;
import hitch.core.counter.Reading;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameIndex;
import hitch.core.job.Edit;
import hitch.core.measure.Distance;
import hitch.core.rules.ShowingRules;
import hitch.core.run.Direction;
import hitch.media.MediaException;
import hitch.media.NumberedFootage;
import hitch.media.Progress;
import hitch.store.Footage;
import hitch.store.JobFolder;
import hitch.store.StoreException;
import java.io.IOException;
import java.nio.file.Path;

/** A job of one short clip whose frames carry their numbers: 40 ft in eight seconds. */
final class SmallJob {
    static final int FRAMES = 200;

    private SmallJob() {}

    private static final MadeOnce MADE = new MadeOnce(SmallJob::make);

    static Path create(Path folder) throws Exception {
        return MADE.copy(folder);
    }

    private static void make(Path folder) throws StoreException, MediaException, IOException {
        try (JobFolder job = JobFolder.create(folder)) {
            Footage footage = new Footage(folder);
            Path file = NumberedFootage.write(folder.resolve("down.mp4"), FRAMES);
            Clip clip = footage.takeIn(file, job.job(), Progress.NONE);
            FrameIndex index = footage.index(clip);
            job.apply(new Edit.DescribeProperty(Sample.job().facts()));
            job.apply(new Edit.PutClip(clip));
            job.apply(new Edit.PutRun(Sample.run("street run", Direction.WITH_FLOW, clip.id())));
            job.apply(new Edit.SetMark(clip.id(), Reading.byHand(index.pts(0), Distance.ZERO)));
            job.apply(new Edit.SetMark(clip.id(), Reading.byHand(index.pts(FRAMES - 1), Distance.feet(39.8))));
            job.apply(new Edit.SetRules(new ShowingRules(0.4, 0.2)));
        }
    }
}

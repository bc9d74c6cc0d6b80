package hitch.store.handover;

import hitch.core.Sample;
import hitch.core.counter.Reading;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameIndex;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.measure.Distance;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.rules.ShowingRules;
import hitch.core.run.Direction;
import hitch.media.MediaException;
import hitch.media.NumberedFootage;
import hitch.media.Progress;
import hitch.store.Footage;
import java.io.IOException;
import java.nio.file.Path;

/** A job of one clip of sixty numbered frames with a finding in the middle. */
record NumberedJob(Footage footage, Clip clip, FrameIndex index, Job job) {
    static NumberedJob in(Path folder) throws MediaException, IOException {
        Footage footage = new Footage(folder);
        Clip clip = footage.takeIn(NumberedFootage.write(folder.resolve("down.mp4"), 60), Job.EMPTY, Progress.NONE);
        FrameIndex index = footage.index(clip);
        Job job = Job.EMPTY
                .with(new Edit.DescribeProperty(Sample.job().facts()))
                .with(new Edit.SetRules(new ShowingRules(0.2, 0.1)))
                .with(new Edit.PutClip(clip))
                .with(new Edit.PutRun(Sample.run("street run", Direction.WITH_FLOW, clip.id())))
                .with(new Edit.SetMark(clip.id(), Reading.byHand(index.pts(0), Distance.ZERO)))
                .with(new Edit.SetMark(clip.id(), Reading.byHand(index.pts(59), Distance.feet(12))));
        job = job.with(new Edit.AddFinding(new TradeNoteReader()
                .read("roots heavy", job.facts().unit())
                .first()
                .at(job.nextId(), new FrameRef(clip.id(), index.pts(30)), job.runOf(clip.id()))));
        return new NumberedJob(footage, clip, index, job);
    }
}

package hitch.store.intake;

import hitch.core.counter.CounterTrace;
import hitch.core.eyes.ClipWall;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameRef;
import hitch.core.gauge.FrameGauge;
import hitch.core.gauge.LensView;
import hitch.core.job.Job;
import hitch.core.pipe.PipeSize;
import hitch.core.run.Equipment;
import hitch.core.survey.PipeHere;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.WallScan;
import hitch.store.Footage;

/** Looks at the wall along a clip whose counter was read, once; what was seen is kept with the clip. */
public final class WallPage {
    private WallPage() {}

    /** Whether there is something to look at that nobody has looked at yet. */
    public static boolean isOpen(Footage footage, Clip clip, Job job) {
        return !clip.photo()
                && !CounterTrace.fit(clip.base(), job.counterOf(clip.id())).isEmpty()
                && !footage.shelf().hasWall(clip);
    }

    /** Looks at it, where it is open. */
    public static void look(Footage footage, Clip clip, Job job, Progress progress) throws MediaException {
        if (!isOpen(footage, clip, job)) {
            return;
        }
        CounterTrace trace = CounterTrace.fit(clip.base(), job.counterOf(clip.id()));
        Survey survey = Reckoner.survey(job);
        FrameRef first = new FrameRef(clip.id(), clip.firstPts());
        Equipment gear = PipeHere.gear(survey, first);
        PipeSize bore = PipeHere.bore(survey, first).orElse(PipeSize.USUAL);
        footage.shelf()
                .keepWall(
                        clip,
                        new ClipWall(WallScan.read(
                                footage.file(clip),
                                footage.clipIndex(clip),
                                gear.lens().map(Integer::doubleValue).orElse(LensView.USUAL_DEGREES),
                                FrameGauge.held(
                                        bore.bore().mm(), gear.lensHeight(bore).mm()),
                                seconds -> trace.cableAt(clip.ptsAt(seconds)),
                                progress)));
    }
}

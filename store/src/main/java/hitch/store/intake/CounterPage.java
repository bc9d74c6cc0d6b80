package hitch.store.intake;

import hitch.core.counter.Counted;
import hitch.core.counter.CounterMark;
import hitch.core.counter.Doubtful;
import hitch.core.counter.Reading;
import hitch.core.counter.motion.MotionPath;
import hitch.core.counter.motion.WallMotion;
import hitch.core.counter.sight.CableMarks;
import hitch.core.counter.sight.CablePath;
import hitch.core.counter.sight.CounterFit;
import hitch.core.counter.sight.CounterPlace;
import hitch.core.counter.sight.Doubt;
import hitch.core.counter.sight.Doubts;
import hitch.core.footage.Clip;
import hitch.core.footage.Stretch;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.job.UnitSigns;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.CounterScan;
import hitch.media.clip.MotionScan;
import hitch.store.Footage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What was read of a clip's counter, kept so that a correction can teach the reader and lay the path anew; of a clip without a counter, how
 * its wall moved.
 */
public final class CounterPage {
    /** Shares of the work by which the clip has been looked through, and by which its counter is read; then the wall is followed. */
    private static final double LOOKED = 0.3;

    private static final double READING = 0.8;

    private final Clip clip;
    private final CounterScan.Outcome scan;
    private final List<WallMotion.Step> motion;
    private final List<Stretch> pauses;

    private CounterPage(Clip clip, CounterScan.Outcome scan, List<WallMotion.Step> motion, List<Stretch> pauses) {
        this.clip = clip;
        this.scan = scan;
        this.motion = motion;
        this.pauses = pauses;
    }

    /** Reads a clip's counter; without one, follows the pipe's wall so that known places can be joined by it. */
    public static CounterPage read(Footage footage, Clip clip, Job job, CounterScan.Told told, Progress progress)
            throws MediaException {
        List<Stretch> pauses = footage.look(clip, progress.part(0, LOOKED))
                .watched(footage.index(clip))
                .stretches();
        CounterScan.Outcome scan = CounterScan.read(
                footage.file(clip),
                footage.clipIndex(clip),
                told.with(UnitSigns.of(job, clip)),
                progress.part(LOOKED, READING));
        List<WallMotion.Step> motion = scan.place().isPresent()
                ? List.of()
                : MotionScan.read(footage.file(clip), footage.clipIndex(clip), progress.part(READING, 1));
        CounterPage page = new CounterPage(clip, scan, motion, pauses);
        double unit = page.unitMm(job);
        byHand(clip, job)
                .forEach(r ->
                        scan.sheet().recall(clip.secondsInto(r.pts()), r.shown().mm() / unit));
        return page;
    }

    /** Where the counter was found. */
    public Optional<CounterPlace> place() {
        return scan.place();
    }

    /** Whether the counter stands on its head for most of the clip. */
    public boolean isTurned() {
        if (scan.place().isEmpty()) {
            return false;
        }
        List<CounterFit.Turn> turns = scan.fit().turns();
        double turned = 0;
        for (int i = 0; i < turns.size(); i++) {
            double end = i + 1 < turns.size() ? turns.get(i + 1).seconds() : clip.seconds();
            turned += turns.get(i).turned() ? end - turns.get(i).seconds() : 0;
        }
        return scan.fit().upSure() && turned > clip.seconds() / 2;
    }

    /** Teaches the reader what a person set. */
    public void correct(Reading typed, Job job) {
        scan.sheet().correct(clip.secondsInto(typed.pts()), typed.shown().mm() / unitMm(job));
    }

    /** What it comes to, as the change of a job. */
    public Edit.ReadCounter edit(Job job, Optional<CounterMark> typed) {
        double unit = unitMm(job);
        List<CounterMark> marks;
        List<Doubt> doubts;
        Optional<Counted> counted = Optional.empty();
        if (scan.place().isPresent()) {
            CounterFit fit = scan.fit();
            marks = CableMarks.of(fit.path(), clip, unit, pauses);
            doubts = Doubts.among(fit.moments());
            counted = Optional.of(counted(job));
        } else {
            List<MotionPath.Known> known = new ArrayList<>(byHand(clip, job).stream()
                    .map(r -> new MotionPath.Known(
                            clip.secondsInto(r.pts()), r.shown().mm() / unit))
                    .toList());
            typed.filter(m -> m instanceof Reading)
                    .map(m -> (Reading) m)
                    .ifPresent(r -> known.add(new MotionPath.Known(
                            clip.secondsInto(r.pts()), r.shown().mm() / unit)));
            List<CablePath.Moment> moments = MotionPath.join(motion, known).moments();
            marks = CableMarks.along(moments, clip, unit);
            doubts = marks.isEmpty() ? List.of() : Doubts.among(moments);
        }
        return new Edit.ReadCounter(
                clip.id(),
                marks,
                doubts.stream()
                        .map(d -> new Doubtful(clip.ptsAt(d.from()), clip.ptsAt(d.to()), d.confidence()))
                        .toList(),
                typed,
                counted);
    }

    /** Readings that a person set. */
    public static List<Reading> byHand(Clip clip, Job job) {
        return job.counterOf(clip.id()).byHand().stream()
                .filter(m -> m instanceof Reading)
                .map(m -> (Reading) m)
                .toList();
    }

    /** The length of the counter's unit: as a person said, as it was weighed, or without a counter as the job is measured. */
    private double unitMm(Job job) {
        return scan.place().isEmpty()
                ? job.facts().unit().mm()
                : counted(job).unit().mm();
    }

    /** What the counter counts in: as it was weighed, or, where that leaves a question, as it was answered before. */
    private Counted counted(Job job) {
        Counted weighed = scan.fit().counted();
        return job.counterOf(clip.id())
                .counted()
                .filter(c -> c.unitSure() && !weighed.unitSure())
                .map(c -> new Counted(c.unit(), true, weighed.upSure()))
                .orElse(weighed);
    }
}

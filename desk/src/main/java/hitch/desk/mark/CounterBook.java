package hitch.desk.mark;

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
import hitch.core.footage.ClipId;
import hitch.core.footage.Stretch;
import hitch.core.job.Edit;
import hitch.core.job.UnitSigns;
import hitch.desk.Context;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.CounterScan;
import hitch.media.clip.MotionScan;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/**
 * What was read off each clip while the job is open, kept so that a correction can teach the reader and lay the path
 * anew. All of it runs off the interface thread.
 */
final class CounterBook {
    /** A clip whose counter was read, or one without a counter whose wall was followed. */
    private record Page(
            CounterScan.Outcome scan, CounterScan.Told told, List<WallMotion.Step> motion, List<Stretch> pauses) {}

    /** Shares of the work by which the clip has been looked through, and by which its counter is read; then the wall is followed. */
    private static final double LOOKED = 0.3;

    private static final double READING = 0.8;

    private final Context desk;
    private final Map<ClipId, Page> pages = new ConcurrentHashMap<>();

    CounterBook(Context desk) {
        this.desk = desk;
    }

    /** Where the counter of a clip was found, if it was read while the job is open. */
    Optional<CounterPlace> place(ClipId clip) {
        return Optional.ofNullable(pages.get(clip)).flatMap(p -> p.scan().place());
    }

    /** Reads a clip's counter; without one, follows the pipe's wall so that known places can be joined by it. */
    Edit.ReadCounter read(Clip clip, CounterScan.Told told, Progress progress) throws MediaException {
        var footage = desk.work().footage();
        List<Stretch> pauses = footage.look(clip, progress.part(0, LOOKED))
                .watched(footage.index(clip))
                .stretches();
        CounterScan.Outcome scan = CounterScan.read(
                footage.file(clip),
                footage.clipIndex(clip),
                told.with(UnitSigns.of(desk.work().now().job(), clip)),
                progress.part(LOOKED, READING));
        List<WallMotion.Step> motion = scan.place().isPresent()
                ? List.of()
                : MotionScan.read(footage.file(clip), footage.clipIndex(clip), progress.part(READING, 1));
        Page page = new Page(scan, told, motion, pauses);
        pages.put(clip.id(), page);
        double unit = unitMm(clip, page);
        byHand(clip)
                .forEach(r ->
                        scan.sheet().recall(clip.secondsInto(r.pts()), r.shown().mm() / unit));
        return edit(clip, page, Optional.empty());
    }

    /** Takes a reading set by hand: the reader learns from it and the path is laid anew. */
    Edit correct(Clip clip, Reading typed) throws MediaException {
        boolean wasRead = desk.work().now().job().counterOf(clip.id()).marks().size()
                > byHand(clip).size();
        if (!pages.containsKey(clip.id()) && wasRead) {
            read(clip, CounterScan.Told.NOTHING, Progress.NONE);
        }
        Page page = pages.get(clip.id());
        if (page == null) {
            return new Edit.SetMark(clip.id(), typed);
        }
        page.scan().sheet().correct(clip.secondsInto(typed.pts()), typed.shown().mm() / unitMm(clip, page));
        return edit(clip, page, Optional.of(typed));
    }

    private Edit.ReadCounter edit(Clip clip, Page page, Optional<CounterMark> typed) {
        double unit = unitMm(clip, page);
        List<CounterMark> marks;
        List<Doubt> doubts;
        Optional<Counted> counted = Optional.empty();
        if (page.scan().place().isPresent()) {
            CounterFit fit = page.scan().fit();
            marks = CableMarks.of(fit.path(), clip, unit, page.pauses());
            doubts = Doubts.among(fit.moments());
            counted = Optional.of(counted(clip, page));
        } else {
            List<MotionPath.Known> known = new java.util.ArrayList<>(byHand(clip).stream()
                    .map(r -> new MotionPath.Known(
                            clip.secondsInto(r.pts()), r.shown().mm() / unit))
                    .toList());
            typed.filter(m -> m instanceof Reading)
                    .map(m -> (Reading) m)
                    .ifPresent(r -> known.add(new MotionPath.Known(
                            clip.secondsInto(r.pts()), r.shown().mm() / unit)));
            List<CablePath.Moment> moments =
                    MotionPath.join(page.motion(), known).moments();
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

    private List<Reading> byHand(Clip clip) {
        return desk.work().now().job().counterOf(clip.id()).byHand().stream()
                .filter(m -> m instanceof Reading)
                .map(m -> (Reading) m)
                .toList();
    }

    /** The length of the counter's unit: as a person said, as it was weighed, or without a counter as the job is measured. */
    private double unitMm(Clip clip, Page page) {
        if (page.scan().place().isEmpty()) {
            return desk.work().now().survey().facts().unit().mm();
        }
        return counted(clip, page).unit().mm();
    }

    /** What the counter counts in: as it was weighed, or, where that leaves a question, as it was answered before. */
    private Counted counted(Clip clip, Page page) {
        Counted weighed = page.scan().fit().counted();
        return desk.work()
                .now()
                .job()
                .counterOf(clip.id())
                .counted()
                .filter(c -> c.unitSure() && !weighed.unitSure())
                .map(c -> new Counted(c.unit(), true, weighed.upSure()))
                .orElse(weighed);
    }
}

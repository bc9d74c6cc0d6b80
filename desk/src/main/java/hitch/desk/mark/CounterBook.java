package hitch.desk.mark;

import hitch.core.counter.Reading;
import hitch.core.counter.sight.CounterPlace;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.desk.Context;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.CounterScan;
import hitch.store.intake.CounterPage;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/**
 * What was read off each clip while the job is open, kept so that a correction can teach the reader and lay the path
 * anew. All of it runs off the interface thread.
 */
final class CounterBook {
    private final Context desk;
    private final Map<ClipId, CounterPage> pages = new ConcurrentHashMap<>();

    CounterBook(Context desk) {
        this.desk = desk;
    }

    private Job job() {
        return desk.work().now().job();
    }

    /** Where the counter of a clip was found, if it was read while the job is open. */
    Optional<CounterPlace> place(ClipId clip) {
        return Optional.ofNullable(pages.get(clip)).flatMap(CounterPage::place);
    }

    /** Reads a clip's counter; without one, follows the pipe's wall so that known places can be joined by it. */
    Edit.ReadCounter read(Clip clip, CounterScan.Told told, Progress progress) throws MediaException {
        CounterPage page = CounterPage.read(desk.work().footage(), clip, job(), told, progress);
        pages.put(clip.id(), page);
        return page.edit(job(), Optional.empty());
    }

    /** Takes a reading set by hand: the reader learns from it and the path is laid anew. */
    Edit correct(Clip clip, Reading typed) throws MediaException {
        boolean wasRead = job().counterOf(clip.id()).marks().size()
                > CounterPage.byHand(clip, job()).size();
        if (!pages.containsKey(clip.id()) && wasRead) {
            read(clip, CounterScan.Told.NOTHING, Progress.NONE);
        }
        CounterPage page = pages.get(clip.id());
        if (page == null) {
            return new Edit.SetMark(clip.id(), typed);
        }
        page.correct(typed, job());
        return page.edit(job(), Optional.of(typed));
    }
}

package hitch.store.handover;

import hitch.core.disclosure.Disclosure;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.Watched;
import hitch.core.job.Job;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.store.Footage;
import java.util.List;
import java.util.Map;

/** Sees to it that every clip was looked through before pictures of it go to somebody who may not know the people. */
public final class Seen {
    private Seen() {}

    /** What looks through all of a job's clips found; those that were not looked through are looked through now. */
    public static Map<ClipId, Watched> all(Footage footage, Job job, Progress progress) throws MediaException {
        List<Clip> clips = job.clipsInUse().stream().filter(c -> !c.photo()).toList();
        for (int i = 0; i < clips.size(); i++) {
            footage.look(clips.get(i), progress.part((double) i / clips.size(), (i + 1.0) / clips.size()));
        }
        return footage.watched(job);
    }

    static void refuseUnknown(Disclosure may, Clip clip) throws MediaException {
        // A photograph is looked at by whoever says what it shows.
        if (!clip.photo() && !may.keptBack().isKnownWhatIsWritten(clip.id())) {
            throw new MediaException(clip.fileName() + " has not been looked through yet, so it is not known whether a "
                    + "name is written on its pictures. Nothing was written. Wait until it was looked through, then "
                    + "hand over again.");
        }
    }
}

package hitch.app;

import hitch.core.story.StoryWish;
import hitch.desk.HitchWindow;
import hitch.media.MediaException;
import hitch.sim.DemoJob;
import hitch.store.DataFolder;
import hitch.store.FirmFolder;
import hitch.store.JobFolder;
import hitch.store.StoreException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Optional;

/** Finds the job a command names. */
final class Jobs {
    private Jobs() {}

    /**
     * Opens the job in the folder {@code name}, or a fresh copy of a demo job for {@code demo} or {@code second}.
     *
     * @param err where it is told what of the record is torn, damaged or not known
     */
    static JobFolder open(String name, PrintWriter err) throws StoreException, MediaException {
        Optional<DemoJob> demo = DemoJob.of(name);
        JobFolder folder =
                JobFolder.open(demo.isPresent() ? HitchWindow.freshDemo(demo.get(), DataFolder.path()) : Path.of(name));
        folder.notices().forEach(err::println);
        err.flush();
        return folder;
    }

    /**
     * @throws StoreException where the record is damaged and nobody accepted that
     */
    static void refuseDamage(JobFolder folder, boolean accepted) throws StoreException {
        if (!folder.damage().isEmpty() && !accepted) {
            throw new StoreException("The record of this job is damaged, as told above, so nothing was written. "
                    + "--accept-damage delivers what can be read and tells the damage.");
        }
    }

    /** What the firm keeps on this machine. */
    static FirmFolder firm() {
        return new FirmFolder(DataFolder.path());
    }

    /** How the firm's films are wished for. */
    static StoryWish wish() throws StoreException {
        return StoryWish.USUAL.phrased(firm().phrases());
    }
}

package hitch.app;

import hitch.desk.HitchWindow;
import hitch.media.MediaException;
import hitch.store.DataFolder;
import hitch.store.JobFolder;
import hitch.store.StoreException;
import java.nio.file.Path;

/** Finds the job a command names. */
final class Jobs {
    private Jobs() {}

    /** Opens the job in the folder {@code name}, or a fresh copy of the demo job for {@code demo}. */
    static JobFolder open(String name) throws StoreException, MediaException {
        return JobFolder.open(name.equals("demo") ? HitchWindow.freshDemo(DataFolder.path()) : Path.of(name));
    }
}

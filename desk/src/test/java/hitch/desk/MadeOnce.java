package hitch.desk;

import hitch.core.footage.Clip;
import hitch.media.Progress;
import hitch.store.Footage;
import hitch.store.JobFolder;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/** A job that takes long to make: made once, its footage looked through, and copied for each test. */
final class MadeOnce {
    /** Makes a job. */
    @FunctionalInterface
    interface Make {
        void in(Path folder) throws Exception;
    }

    private final Make make;
    private Path made;

    MadeOnce(Make make) {
        this.make = make;
    }

    /** The job again, in a folder that need not be there yet. */
    synchronized Path copy(Path folder) throws Exception {
        if (made == null) {
            Path here = Files.createTempDirectory("hitch-made");
            make.in(here.resolve("job"));
            try (JobFolder job = JobFolder.open(here.resolve("job"))) {
                Footage footage = new Footage(here.resolve("job"));
                for (Clip clip : job.job().clips()) {
                    footage.look(clip, Progress.NONE);
                }
            }
            made = here.resolve("job");
            Runtime.getRuntime().addShutdownHook(new Thread(() -> throwAway(here)));
        }
        Files.createDirectories(folder);
        for (Path from : within(made)) {
            Path to = folder.resolve(made.relativize(from).toString());
            if (Files.isDirectory(from)) {
                Files.createDirectories(to);
            } else {
                Files.copy(from, to);
            }
        }
        return folder;
    }

    private static List<Path> within(Path folder) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            return all.toList();
        }
    }

    private static void throwAway(Path folder) {
        try {
            OpenWindow.delete(folder);
        } catch (IOException e) {
            // A temporary folder more.
        }
    }
}

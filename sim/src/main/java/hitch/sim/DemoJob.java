package hitch.sim;

import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.ScenarioFile;
import hitch.sim.scene.Take;
import hitch.store.JobFolder;
import hitch.store.StoreException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Optional;

/** The jobs that ship with the program: their clips, and what a reviewer has done with them so far. */
public enum DemoJob {
    /** A house with a run each way. */
    FIRST("demo", "teasel-lane"),
    /** A line before and after its cleaning, with a branch and a stretch that was replaced. */
    SECOND("second", "heron-court");

    private final String word;
    private final String folder;

    DemoJob(String word, String folder) {
        this.word = word;
        this.folder = folder;
    }

    /** As it is named on the command line. */
    public String word() {
        return word;
    }

    /** What a copy's folder is called. */
    public String folder() {
        return folder;
    }

    public static Optional<DemoJob> of(String word) {
        return Arrays.stream(values()).filter(d -> d.word.equals(word)).findFirst();
    }

    /** Something of it that ships with the program; null where it is missing. */
    public InputStream shipped(String file) {
        return DemoJob.class.getResourceAsStream("/hitch/" + word + "/" + file);
    }

    /** The shipped scenario, from which the shipped clips were recorded. */
    public Scenario scenario() {
        try (InputStream in = shipped("scenario.yaml")) {
            if (in == null) {
                throw new IllegalStateException("the scenario of " + word + " is missing from the program");
            }
            return ScenarioFile.read(in);
        } catch (IOException e) {
            throw new IllegalStateException("the scenario of " + word + " cannot be read", e);
        }
    }

    /** Makes the job in {@code place}, which must not hold a job yet, and closes it again. */
    public void create(Path place, Progress progress) throws StoreException, MediaException {
        Scenario scenario = scenario();
        copyClips(scenario, place.resolve("clips"));
        try (JobFolder job = JobFolder.create(place)) {
            FilledJob.fill(job, scenario, progress);
            FirmsPart.add(job, this);
        }
    }

    private void copyClips(Scenario scenario, Path clips) throws StoreException {
        try {
            Files.createDirectories(clips);
            for (Take take : scenario.clips()) {
                copy(take.file(), clips);
            }
            for (Scenario.Photo photo : scenario.photos()) {
                copy(photo.file(), clips);
            }
        } catch (IOException e) {
            throw new StoreException("The demo job could not be copied to " + clips + ": " + e.getMessage(), e);
        }
    }

    private void copy(String file, Path clips) throws StoreException, IOException {
        try (InputStream in = shipped(file)) {
            if (in == null) {
                throw new StoreException("The demo's " + file
                        + " is missing from the program. Record it anew with: ./hitch sim " + word + " --out DIR");
            }
            Files.copy(in, clips.resolve(file));
        }
    }
}

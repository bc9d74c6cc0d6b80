package hitch.store;

import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.ClipScan;
import hitch.core.footage.FrameIndex;
import hitch.core.footage.Watched;
import hitch.core.job.Job;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipIndex;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.Fingerprint;
import hitch.media.clip.FrameReader;
import hitch.media.clip.PictureShape;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/** The footage files of one job: where they are, their frames, and taking in new ones. Opened read only. */
public final class Footage {
    /**
     * A file that was read to join a job.
     *
     * @param clip what it is
     * @param index its frames
     * @param note what the user should be told; empty for nothing
     */
    public record Taken(Clip clip, ClipIndex index, String note) {}

    private final Path folder;
    private final ClipShelf shelf;
    private final ClipIds ids = new ClipIds();
    private final Map<String, ClipIndex> indexes = new ConcurrentHashMap<>();
    private final Map<String, Object> looking = new ConcurrentHashMap<>();

    public Footage(Path jobFolder) {
        this.folder = jobFolder;
        this.shelf = new ClipShelf(jobFolder);
    }

    public ClipShelf shelf() {
        return shelf;
    }

    /** Folder of the job whose footage it is. */
    public Path job() {
        return folder;
    }

    /** The clip's file; it may be missing. */
    public Path file(Clip clip) {
        return folder.resolve(clip.file());
    }

    /** The folder of what people recorded for films of this job. */
    public Path recordings() {
        return folder.resolve("recordings");
    }

    /** The frames of a clip, listed on first use. */
    public FrameIndex index(Clip clip) throws MediaException {
        return clipIndex(clip).frames();
    }

    /** Opens a clip for reading frames in any order. */
    public FrameReader reader(Clip clip, PictureShape shape) throws MediaException {
        ClipIndex index = clipIndex(clip);
        return new FrameReader(file(clip), index, shape);
    }

    /** The frames of a clip and where each comes from: as kept from before, else listed now. */
    public ClipIndex clipIndex(Clip clip) throws MediaException {
        refuseMissing(clip);
        refuseChanged(clip);
        ClipIndex known = indexes.get(clip.sha256());
        if (known == null) {
            Optional<ClipIndex> kept = shelf.index(clip.sha256());
            known = kept.isPresent()
                    ? kept.get()
                    : ClipIndexer.index(file(clip)).index();
            if (kept.isEmpty()) {
                shelf.keep(clip.sha256(), known);
            }
            indexes.put(clip.sha256(), known);
        }
        return known;
    }

    /** Looks through a clip, unless that was done before; tells what was found. */
    public ClipScan look(Clip clip, Progress progress) throws MediaException {
        // Two who want to know it at once wait for one look.
        synchronized (looking.computeIfAbsent(clip.sha256(), sha -> new Object())) {
            Optional<ClipScan> kept = shelf.scan(clip);
            if (kept.isPresent() && Files.exists(shelf.film(clip))) {
                return kept.get();
            }
            return shelf.look(clip, file(clip), clipIndex(clip), progress);
        }
    }

    /** What looks through a job's clips have found so far; clips not looked through are left out. */
    public Map<ClipId, Watched> watched(Job job) {
        Map<ClipId, Watched> found = new LinkedHashMap<>();
        for (Clip clip : job.clips()) {
            Optional<ClipScan> scan = shelf.scan(clip);
            Optional<ClipIndex> index =
                    Optional.ofNullable(indexes.get(clip.sha256())).or(() -> shelf.index(clip.sha256()));
            if (scan.isPresent() && index.isPresent()) {
                found.put(clip.id(), scan.get().watched(index.get().frames()));
            }
        }
        return found;
    }

    private void refuseMissing(Clip clip) throws MediaException {
        if (!Files.exists(file(clip))) {
            throw new MediaException(clip.fileName() + " is not at "
                    + file(clip).toAbsolutePath() + ". Put it back there, or press Find on Load to look for it.");
        }
    }

    private void refuseChanged(Clip clip) throws MediaException {
        Path file = file(clip);
        try {
            if (Files.exists(file) && Files.size(file) != clip.bytes()) {
                throw changed(clip, Fingerprint.of(file, Progress.NONE));
            }
        } catch (IOException e) {
            throw new MediaException(clip.fileName() + " cannot be read: " + e.getMessage(), e);
        }
    }

    private static MediaException changed(Clip clip, String now) {
        return new MediaException(clip.fileName() + " has changed since it was added: its SHA-256 is " + now
                + " and was " + clip.sha256() + ". It is refused as evidence. Put the original back.");
    }

    /**
     * Checks that the file is still the one that was added.
     *
     * @throws MediaException naming both fingerprints where it is not
     */
    public void verify(Clip clip, Progress progress) throws MediaException {
        refuseMissing(clip);
        String now = Fingerprint.of(file(clip), progress);
        if (!now.equals(clip.sha256())) {
            throw changed(clip, now);
        }
    }

    /**
     * Looks for a clip that is not where it was: beside the job and its other clips, and in {@code also}.
     *
     * @return the clip with its file's new place; empty where it was not found
     */
    public Optional<Clip> find(Clip clip, Job job, List<Path> also, Progress progress) throws MediaException {
        var places = new java.util.LinkedHashSet<>(also);
        places.addAll(ClipSearch.usualPlaces(folder, job));
        Path home = folder.toAbsolutePath().normalize();
        return ClipSearch.find(clip, places, progress).map(found -> {
            Path whole = found.toAbsolutePath().normalize();
            return clip.at(
                    whole.startsWith(home) ? home.relativize(whole).toString().replace('\\', '/') : whole.toString());
        });
    }

    /** Reads a file that is to join {@code job}: its frames and fingerprint. The file stays where it is. */
    public Taken read(Path file, Job job, Progress progress) throws MediaException {
        Taken taken = new TakeIn(folder, shelf, ids).read(file, job, progress);
        indexes.put(taken.clip().sha256(), taken.index());
        return taken;
    }

    /** As {@link #read}, where nobody is to be told. */
    public Clip takeIn(Path file, Job job, Progress progress) throws MediaException {
        return read(file, job, progress).clip();
    }
}

package hitch.store;

import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameIndex;
import hitch.core.job.Job;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipFacts;
import hitch.media.clip.ClipIndex;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.Fingerprint;
import hitch.media.clip.FrameReader;
import hitch.media.clip.PictureShape;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** The footage files of one job: where they are, their frames, and taking in new ones. Opened read only. */
public final class Footage {
    private final Path folder;
    private final Map<String, ClipIndex> indexes = new ConcurrentHashMap<>();

    public Footage(Path jobFolder) {
        this.folder = jobFolder;
    }

    /** The clip's file; it may be missing. */
    public Path file(Clip clip) {
        return folder.resolve(clip.file());
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

    /** The frames of a clip and where each comes from, listed on first use. */
    public ClipIndex clipIndex(Clip clip) throws MediaException {
        ClipIndex known = indexes.get(clip.sha256());
        if (known == null) {
            refuseChanged(clip);
            known = ClipIndexer.index(file(clip)).index();
            indexes.put(clip.sha256(), known);
        }
        return known;
    }

    private void refuseChanged(Clip clip) throws MediaException {
        Path file = file(clip);
        try {
            if (Files.exists(file) && Files.size(file) != clip.bytes()) {
                throw new MediaException(clip.fileName() + " has changed since it was added (" + Files.size(file)
                        + " bytes, was " + clip.bytes() + "). It is refused as evidence. Put the original back.");
            }
        } catch (IOException e) {
            throw new MediaException(clip.fileName() + " cannot be read: " + e.getMessage(), e);
        }
    }

    /**
     * Checks that the file is still the one that was added.
     *
     * @throws MediaException naming both fingerprints where it is not
     */
    public void verify(Clip clip, Progress progress) throws MediaException {
        refuseChanged(clip);
        String now = Fingerprint.of(file(clip), progress);
        if (!now.equals(clip.sha256())) {
            throw new MediaException(clip.fileName() + " has changed since it was added: its SHA-256 is " + now
                    + " and was " + clip.sha256() + ". It is refused as evidence. Put the original back.");
        }
    }

    /** Reads a file that is to join {@code job}: its frames and fingerprint. The file stays where it is. */
    public Clip takeIn(Path file, Job job, Progress progress) throws MediaException {
        ClipFacts facts = ClipIndexer.index(file);
        String sha = Fingerprint.of(file, progress);
        indexes.put(sha, facts.index());
        try {
            Path whole = file.toAbsolutePath().normalize();
            Path home = folder.toAbsolutePath().normalize();
            String path =
                    whole.startsWith(home) ? home.relativize(whole).toString().replace('\\', '/') : whole.toString();
            FrameIndex index = facts.frames();
            return new Clip(
                    idFor(file, sha, job),
                    path,
                    sha,
                    Files.size(file),
                    index.base(),
                    index.firstPts(),
                    index.endPts(),
                    index.count(),
                    facts.picture().shownWidth(),
                    facts.picture().shownHeight(),
                    facts.sound().isPresent(),
                    facts.recorded());
        } catch (IOException e) {
            throw new MediaException(file.getFileName() + " cannot be read: " + e.getMessage(), e);
        }
    }

    /** The id of the same footage if the job has it already, else a new one from the file's name. */
    private static ClipId idFor(Path file, String sha, Job job) {
        return job.clips().stream()
                .filter(c -> c.sha256().equals(sha))
                .map(Clip::id)
                .findFirst()
                .orElseGet(() -> {
                    String base = FileNames.safe(file.getFileName().toString().replaceAll("\\.[^.]+$", ""));
                    ClipId id = new ClipId(base);
                    for (int i = 2; job.clip(id).isPresent(); i++) {
                        id = new ClipId(base + "-" + i);
                    }
                    return id;
                });
    }
}

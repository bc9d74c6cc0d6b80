package hitch.store;

import hitch.core.footage.Clip;
import hitch.core.footage.FrameIndex;
import hitch.core.job.Job;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipFacts;
import hitch.media.clip.ClipIndexer;
import hitch.media.clip.Fingerprint;
import hitch.media.clip.Rescue;
import hitch.media.clip.UnwrittenIndexException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Reads a file that is to join a job: its frames and fingerprint. The file stays where it is and as it is. */
final class TakeIn {
    private final Path folder;
    private final ClipShelf shelf;
    private final ClipIds ids;

    TakeIn(Path jobFolder, ClipShelf shelf, ClipIds ids) {
        this.folder = jobFolder;
        this.shelf = shelf;
        this.ids = ids;
    }

    /** Reads {@code file}; one that was never finished by its recorder is recovered into the job's own folder. */
    Footage.Taken read(Path file, Job job, Progress progress) throws MediaException {
        try {
            return taken(file, job, "", progress);
        } catch (UnwrittenIndexException e) {
            return recovered(file, job, progress, e);
        }
    }

    private Footage.Taken recovered(Path file, Job job, Progress progress, UnwrittenIndexException why)
            throws MediaException {
        // Files of one name in several folders are several files.
        String mark = Fingerprint.of(file, Progress.NONE).substring(0, 8);
        Path out = folder.resolve("recovered").resolve(stem(file) + "-" + mark + "-recovered.mp4");
        MediaException last = why;
        for (Optional<Path> like : likely(file, job)) {
            try {
                Rescue.Outcome found = Rescue.recover(file, like, out, progress.part(0, 0.6));
                String note = file.getFileName() + " was never finished by its recorder. " + found.frames()
                        + " frames were recovered by scanning into " + out.getFileName() + ", without sound, at "
                        + Math.round(found.rate()) + " a second"
                        + (found.rateKnown() ? " as its sister clip. " : ", which is assumed. ")
                        + "The file itself was not changed; keep it, since it is the original.";
                return taken(out, job, note, progress.part(0.6, 1));
            } catch (MediaException e) {
                last = e;
            }
        }
        throw last;
    }

    /** Without help first, then with the job's other clips, then with whole files that lie beside it. */
    private List<Optional<Path>> likely(Path file, Job job) {
        Stream<Path> mine = job.clips().stream().map(c -> folder.resolve(c.file()));
        try (Stream<Path> beside = Files.list(file.toAbsolutePath().getParent())) {
            List<Path> others = beside.filter(p -> !p.equals(file.toAbsolutePath())
                            && p.getFileName().toString().matches("(?i).*\\.(mp4|mov|m4v)"))
                    .sorted()
                    .limit(8)
                    .toList();
            return Stream.concat(
                            Stream.of(Optional.<Path>empty()),
                            Stream.concat(mine, others.stream()).map(Optional::of))
                    .toList();
        } catch (IOException e) {
            return List.of(Optional.empty());
        }
    }

    private Footage.Taken taken(Path file, Job job, String note, Progress progress) throws MediaException {
        String sha = Fingerprint.of(file, progress.part(0, 0.5));
        ClipFacts facts = ClipIndexer.index(file, progress.part(0.5, 1));
        shelf.keep(sha, facts.index());
        try {
            Path whole = file.toAbsolutePath().normalize();
            Path home = folder.toAbsolutePath().normalize();
            String path =
                    whole.startsWith(home) ? home.relativize(whole).toString().replace('\\', '/') : whole.toString();
            FrameIndex index = facts.frames();
            Clip clip = new Clip(
                    ids.of(stem(file), sha, job),
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
                    facts.recorded(),
                    facts.photo());
            String damage = facts.damage().isEmpty()
                    ? ""
                    : file.getFileName() + ": " + String.join("; ", facts.damage())
                            + ". What can be decoded is used; copy it again from the recorder if you can.";
            return new Footage.Taken(clip, facts.index(), (note + " " + damage).strip());
        } catch (IOException e) {
            throw new MediaException(file.getFileName() + " cannot be read: " + e.getMessage(), e);
        }
    }

    private static String stem(Path file) {
        return FileNames.safe(file.getFileName().toString().replaceAll("\\.[^.]+$", ""));
    }
}

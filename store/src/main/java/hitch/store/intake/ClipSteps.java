package hitch.store.intake;

import hitch.core.footage.Clip;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.note.NoteReader;
import hitch.core.propose.Proposals;
import hitch.core.talk.Commentary;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.CounterScan;
import hitch.media.clip.OpenAir;
import hitch.media.ears.Listening;
import hitch.store.CaptionFile;
import hitch.store.Footage;
import hitch.store.IntakeSigns;
import hitch.store.StoreException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What is done with each clip that was taken in, one step after another. Each step gives the changes of the job that it comes to, and does
 * nothing that was done before: begun again after a stop, they go on.
 */
public final class ClipSteps {
    private final Footage footage;
    private final Listening ears;
    private final NoteReader reader;
    private final boolean eyes;

    /** @param eyes whether the wall is looked at too */
    public ClipSteps(Footage footage, Listening ears, NoteReader reader, boolean eyes) {
        this.footage = footage;
        this.ears = ears;
        this.reader = reader;
        this.eyes = eyes;
    }

    /** A step of the work. */
    public enum Step {
        LOOK("Looking through"),
        COUNTER("Reading the counter of"),
        LISTEN("Listening to"),
        EYES("Looking at the wall of");

        private final String words;

        Step(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Whether anything of a clip is left to be done. */
    public boolean isOpen(Clip clip, Job job) {
        boolean counter = !isRead(clip, job);
        boolean said = clip.sound()
                && !footage.shelf().heard(clip).whole()
                && job.talk().stream().noneMatch(t -> t.clip().equals(clip.id()));
        return !clip.photo() && (counter || said || eyes && WallPage.isOpen(footage, clip, job));
    }

    /** Whether its counter was looked for, or is known. */
    private boolean isRead(Clip clip, Job job) {
        return footage.shelf().signs(clip).isPresent()
                || !job.counterOf(clip.id()).marks().isEmpty();
    }

    /** Does a step, and tells the changes that it comes to. */
    public List<Edit> step(Step step, Clip clip, Job job, Progress progress) throws MediaException {
        return switch (step) {
            case LOOK -> {
                footage.look(clip, progress);
                yield List.of();
            }
            case COUNTER -> counter(clip, job, progress).stream().toList();
            case LISTEN -> said(clip, job, progress).stream().toList();
            case EYES -> {
                if (eyes) {
                    WallPage.look(footage, clip, job, progress);
                }
                yield List.of();
            }
        };
    }

    private Optional<Edit> counter(Clip clip, Job job, Progress progress) throws MediaException {
        boolean known = !job.counterOf(clip.id()).marks().isEmpty();
        if (clip.photo() || footage.shelf().signs(clip).isPresent()) {
            return Optional.empty();
        }
        double air = OpenAir.share(footage.file(clip), footage.clipIndex(clip));
        if (known) {
            footage.shelf().keepSigns(clip, new IntakeSigns(false, air));
            return Optional.empty();
        }
        CounterPage page = CounterPage.read(footage, clip, job, CounterScan.Told.NOTHING, progress);
        footage.shelf().keepSigns(clip, new IntakeSigns(page.isTurned(), air));
        return page.place().map(p -> page.edit(job, Optional.empty()));
    }

    /** Captions that lie beside the clip go before what can be heard. */
    private Optional<Edit> said(Clip clip, Job job, Progress progress) throws MediaException {
        boolean known = job.talk().stream().anyMatch(t -> t.clip().equals(clip.id()));
        if (known || clip.photo()) {
            return Optional.empty();
        }
        Optional<Commentary> beside = beside(clip);
        if (beside.isPresent()) {
            return beside.map(Edit.PutCommentary::new);
        }
        return clip.sound()
                ? Listened.captions(clip, Listened.to(footage, ears, clip, progress), reader)
                        .map(Edit.PutCommentary::new)
                : Optional.empty();
    }

    private Optional<Commentary> beside(Clip clip) {
        Path file = footage.file(clip);
        String stem = file.getFileName().toString().replaceAll("\\.[^.]+$", "");
        return Stream.of(".vtt", ".srt")
                .map(ending -> file.resolveSibling(stem + ending))
                .filter(Files::isRegularFile)
                .flatMap(captions -> {
                    try {
                        return Stream.of(CaptionFile.read(captions, clip));
                    } catch (StoreException noCaptions) {
                        // What cannot be read is as good as not there: the clip is listened to.
                        return Stream.empty();
                    }
                })
                .findFirst();
    }

    /** What is proposed for the clips of a job that are on no run; those whose counter nobody has looked for yet wait. */
    public Proposals proposals(Job job) {
        return new KnownClips(footage, reader, job).proposals(c -> isRead(c, job));
    }
}

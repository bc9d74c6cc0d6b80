package hitch.store.handover;

import hitch.core.Sample;
import hitch.core.counter.Reading;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameIndex;
import hitch.core.footage.FrameRef;
import hitch.core.footage.Watched;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.job.Parcels;
import hitch.core.measure.Distance;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.parcel.Checks;
import hitch.core.rules.ShowingRules;
import hitch.core.run.Direction;
import hitch.core.story.Length;
import hitch.core.story.StoryWish;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.media.MediaException;
import hitch.media.NumberedFootage;
import hitch.media.Progress;
import hitch.media.film.FilmShape;
import hitch.media.voice.Narrator;
import hitch.media.voice.Sound;
import hitch.store.Footage;
import hitch.store.StoreException;
import hitch.store.seal.SigningKey;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A small job whose frames are numbered, with parcels made of it: roots, a crack and an offset on the owner's part, a boundary,
 * a crack and the connection on the district's.
 */
public final class Delivered {
    static final Clock CLOCK = Clock.fixed(Instant.parse("2026-05-03T10:00:00Z"), ZoneOffset.UTC);

    /** Speaks a beep of silence. */
    static final Narrator QUIET = text -> new Sound(new float[text.length() * Narrator.RATE / 150], Narrator.RATE);

    /** Small, so that a test takes seconds. */
    static final FilmShape SMALL = new FilmShape(640, 360, 25, 600_000);

    final Path folder;
    final Footage footage;
    final Clip clip;
    Job job;

    Delivered(Path folder) throws MediaException, IOException {
        this.folder = folder;
        Files.createDirectories(folder);
        footage = new Footage(folder);
        clip = footage.takeIn(NumberedFootage.write(folder.resolve("down.mp4"), 300), Job.EMPTY, Progress.NONE);
        FrameIndex index = footage.index(clip);
        job = Job.EMPTY
                .with(new Edit.DescribeProperty(Sample.job().facts()))
                .with(new Edit.SetRules(new ShowingRules(0.4, 0.2)))
                .with(new Edit.PutClip(clip))
                .with(new Edit.PutRun(Sample.run("street run", Direction.WITH_FLOW, clip.id())))
                .with(new Edit.SetMark(clip.id(), Reading.byHand(index.pts(0), Distance.ZERO)))
                .with(new Edit.SetMark(clip.id(), Reading.byHand(index.pts(299), Distance.feet(40))));
        note(60, "roots top heavy, a third of the bore");
        note(120, "crack left");
        note(160, "offset 3/4 in right");
        note(190, "boundary");
        note(230, "crack bottom");
        note(290, "main connection");
    }

    void note(int frame, String words) throws MediaException {
        job = job.with(new Edit.AddFinding(new TradeNoteReader()
                .read(words, job.facts().unit())
                .first()
                .at(job.nextId(), new FrameRef(clip.id(), footage.index(clip).pts(frame)), job.runOf(clip.id()))));
    }

    Survey survey() throws MediaException {
        Map<ClipId, Watched> watched = Seen.all(footage, job, Progress.NONE);
        return Reckoner.survey(job, watched);
    }

    static StoryWish wish() {
        return StoryWish.USUAL.lasting(Length.FULL);
    }

    Delivery delivery() throws MediaException {
        return new Delivery(survey(), footage, QUIET, CLOCK, List.of()).filming(wish(), SMALL);
    }

    Checks checks(Recipient whom) throws MediaException {
        return Checks.of(job, survey(), Disclosure.of(survey(), whom), wish(), Optional.empty());
    }

    Issuing issuing(Parcels parcels) {
        return new Issuing(folder, parcels, CLOCK);
    }

    /** A parcel, signed. */
    Path make(Recipient whom, SigningKey key, Path out) throws MediaException, StoreException {
        delivery()
                .under(new Terms(
                        "Wendle Drains",
                        1,
                        List.of(),
                        checks(whom).accepted(Disclosure.of(survey(), whom)),
                        Optional.of(key)))
                .write(whom, out, Progress.NONE);
        return out;
    }
}

package hitch.store.handover;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.district.District;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.job.ClipWords;
import hitch.core.sketch.FilmMap;
import hitch.core.story.Cutting;
import hitch.core.story.Length;
import hitch.core.story.OwnVoices;
import hitch.core.story.ScriptWriter;
import hitch.core.story.Shot;
import hitch.core.story.Story;
import hitch.core.story.StoryWish;
import hitch.core.survey.Survey;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.draw.Palette;
import hitch.media.film.FilmShape;
import hitch.media.film.SpokenStory;
import hitch.media.film.StoryRenderer;
import hitch.media.voice.Narrator;
import hitch.paper.VerifyPage;
import hitch.store.FileNames;
import hitch.store.FirmProfile;
import hitch.store.Footage;
import hitch.store.StoreException;
import hitch.store.out.OutFolder;
import hitch.store.seal.SignatureFile;
import hitch.store.seal.Verified;
import java.awt.Color;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Writes everything one recipient gets into one folder. */
public final class Delivery {
    private final Survey survey;
    private final Footage footage;
    private final Narrator narrator;
    private final Clock clock;
    private final List<String> damage;
    private StoryWish wish = StoryWish.USUAL;
    private FilmShape shape = FilmShape.USUAL;
    private Color cards = Palette.SLATE;
    private Optional<String> silence = Optional.empty();
    private Terms terms = Terms.PLAIN;
    private double seconds;
    private Optional<District> district = Optional.empty();

    /**
     * @param damage what of the record cannot be trusted, which the manifest tells; empty where all is as it was written
     */
    public Delivery(Survey survey, Footage footage, Narrator narrator, Clock clock, List<String> damage) {
        this.survey = survey;
        this.footage = footage;
        this.narrator = narrator;
        this.clock = clock;
        this.damage = List.copyOf(damage);
    }

    /** The same with a film as long and as large as that. */
    public Delivery filming(StoryWish how, FilmShape size) {
        this.wish = how;
        this.shape = size;
        return this;
    }

    /** The same with cards in the firm's colour. */
    public Delivery inColourOf(FirmProfile firm) {
        this.cards = Color.decode(firm.cards());
        return this;
    }

    /** The same with a district's own form beside it. */
    public Delivery inFormOf(Optional<District> its) {
        this.district = its;
        return this;
    }

    /** The same signed, numbered and with what was accepted. */
    public Delivery under(Terms made) {
        this.terms = made;
        return this;
    }

    /**
     * Writes the set, whole or not at all; what was there before stays until it is complete.
     *
     * @param out folder to fill; made where it is missing, an earlier set for the same recipient replaced
     * @return the video
     * @throws StoreException where the job must not leave the firm, has nothing for this recipient, the folder holds other
     *     files, or the disk refuses
     * @throws MediaException where footage is missing or was changed
     */
    public Path write(Recipient recipient, Path out, Progress progress) throws StoreException, MediaException {
        Disclosure may = Disclosure.of(survey, recipient);
        refuse(may);
        OutFolder.checked(out, List.of());
        try (Staging staging = Staging.begin(out, recipient.word())) {
            Path video = fill(may, staging.place(), progress);
            staging.commit();
            progress.at(1, "done");
            return out.resolve(video.getFileName());
        } catch (IOException e) {
            throw new StoreException(
                    "The delivery could not be written to " + out + ": " + e.getMessage()
                            + ". The job itself is untouched, and so is what was there before. "
                            + "Choose another folder or free some space.",
                    e);
        }
    }

    private Path fill(Disclosure may, Path out, Progress progress) throws IOException, StoreException, MediaException {
        if (ScriptWriter.write(may, wish.lasting(Length.FULL)).shots().isEmpty()) {
            throw new StoreException(
                    "Every shot of the story was left out, so there is no video to make. Tell some again on Cut.");
        }
        SpokenStory spoken = spoken(may, progress.part(0, 0.25));
        Story story = ScriptWriter.write(may, wish.spokenBy(spoken));
        Map<ClipId, StoryRenderer.Source> sources = sources(may, story, progress.part(0.25, 0.28));
        StillSet stills = StillSet.take(may, story, footage.job(), sources, out, progress.part(0.28, 0.31));
        new PhotoCopies(may, footage).write(out);
        Cutting cutting = Cutting.of(
                story, OwnVoices.over(spoken, may), s -> may.footage().around(s.frame(), s.before(), s.after()));
        seconds = cutting.seconds();
        String name = FileNames.safe(may.title()) + "-" + may.recipient().word();
        Path video = out.resolve(name + ".mp4");
        boolean whole = !may.recipient().isPublic();
        StoryRenderer.render(
                new StoryRenderer.Film(
                        story,
                        may,
                        cutting,
                        spoken,
                        sources,
                        whole ? FilmMap.of(survey) : Optional.empty(),
                        cards,
                        footage.recordings()),
                shape,
                video,
                progress.part(0.31, 0.9));
        List<Map<String, Object>> cut =
                new ParcelFootage(may, footage, clipSeconds()).write(out, progress.part(0.9, 0.98));
        String record = new Papers(may, out, name)
                .write(
                        story,
                        cutting,
                        stills,
                        whole ? FilmMap.onPaper(survey) : Optional.empty(),
                        clock,
                        shape.rate(),
                        terms);
        if (district.isPresent()) {
            DistrictFiles.write(may, district.get(), out);
        }
        progress.at(0.99, "writing the manifest");
        seal(out, may, new Manifest.Made(story, cutting, sources, stills.shown(), cut, silence, record, terms));
        return video;
    }

    /** No clip is longer than the district takes. */
    private double clipSeconds() {
        return district.map(d -> d.form().clipSeconds()).filter(s -> s > 0).orElse(Double.MAX_VALUE);
    }

    private void seal(Path out, Disclosure may, Manifest.Made made) throws IOException, MediaException {
        Files.writeString(out.resolve(VerifyPage.FILE), VerifyPage.write());
        new Manifest(may, clock, damage, shape.rate()).write(out, made);
        if (terms.key().isPresent()) {
            SignatureFile.write(out, Verified.MANIFEST, terms.key().get());
        }
    }

    /** The story's sentences, spoken; of a story that is to come to a length all that might be said, so that it can be chosen by ear. */
    private SpokenStory spoken(Disclosure may, Progress progress) throws MediaException {
        StoryWish all = wish.length().seconds().isPresent() ? wish.lasting(Length.FULL) : wish;
        List<String> narrations = ScriptWriter.write(may, all).shots().stream()
                .filter(s -> OwnVoices.of(s, may).isEmpty())
                .map(Shot::narration)
                .toList();
        SpokenStory spoken = SpokenStory.speak(narrations, narrator, progress);
        silence = spoken.silence();
        return spoken;
    }

    /** Why what was made last has no voice; empty where it has one. */
    public Optional<String> silence() {
        return silence;
    }

    /** How long the film is that was made last, seconds. */
    double seconds() {
        return seconds;
    }

    private static void refuse(Disclosure may) throws StoreException {
        if (may.facts().internalOnly() && !may.recipient().equals(Recipient.FIRM)) {
            throw new StoreException(
                    "This job is marked for internal use only, so nothing was written but for the firm's "
                            + "own file. Clear that mark on the Load bench if it may leave the firm.");
        }
        if (may.findings().isEmpty()) {
            boolean part = may.recipient().isPublic();
            throw new StoreException(
                    "There is nothing for the " + may.recipient().called() + " yet: no finding lies in "
                            + (part ? "the district's part of the line. " : "this job. ")
                            + (part ? "Mark the boundary or the main connection first." : "Mark findings first."));
        }
    }

    /** The clips the story shows, each checked against its fingerprint. */
    private Map<ClipId, StoryRenderer.Source> sources(Disclosure may, Story story, Progress progress)
            throws MediaException {
        Map<ClipId, StoryRenderer.Source> sources = new LinkedHashMap<>();
        for (Shot shot : story.shots()) {
            for (FrameRef frame : shot.shown()) {
                source(may, frame.clip(), shot.title(), sources, progress);
            }
            if (OwnVoices.of(shot, may).orElse(null) instanceof ClipWords words) {
                for (ClipWords.Part part : words.parts()) {
                    source(may, part.clip(), shot.title(), sources, progress);
                }
            }
        }
        for (LocatedFinding found : may.findings()) {
            source(may, found.finding().frame().clip(), found.finding().kind().title(), sources, progress);
        }
        return sources;
    }

    private void source(
            Disclosure may, ClipId id, String title, Map<ClipId, StoryRenderer.Source> sources, Progress progress)
            throws MediaException {
        if (sources.containsKey(id)) {
            return;
        }
        Clip clip = may.source(id)
                .orElseThrow(() -> new MediaException(
                        "The clip of \"" + title + "\" was left out of the job. Add it again, or remove the finding."));
        Seen.refuseUnknown(may, clip);
        footage.verify(clip, progress);
        sources.put(id, new StoryRenderer.Source(footage.file(clip), footage.clipIndex(clip)));
    }
}

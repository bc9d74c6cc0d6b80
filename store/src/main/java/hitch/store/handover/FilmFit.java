package hitch.store.handover;

import hitch.core.disclosure.Disclosure;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.parcel.FootageGiven;
import hitch.core.sketch.FilmMap;
import hitch.core.story.Cutting;
import hitch.core.story.ScriptWriter;
import hitch.core.story.Story;
import hitch.core.story.StoryWish;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipIndex;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.media.draw.Palette;
import hitch.media.film.FilmShape;
import hitch.media.film.ShotPreview;
import hitch.media.film.SizeFit;
import hitch.media.film.StoryRenderer;
import hitch.media.render.Still;
import hitch.store.Footage;
import hitch.store.StoreException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Finds the shape of a film by which a whole parcel keeps within so many bytes, before anything is made. */
public final class FilmFit {
    /** Stills that are taken to know how large stills are. */
    private static final int STILLS = 3;
    /** Page, report, tables and captions together. */
    private static final long PAPERS = 2_500_000;

    private final Disclosure may;
    private final Optional<FilmMap> line;
    private final Footage footage;

    /**
     * @param line the line as the film draws it; empty for who may not see all of it
     */
    public FilmFit(Disclosure may, Optional<FilmMap> line, Footage footage) {
        this.may = may;
        this.line = line;
        this.footage = footage;
    }

    /**
     * What fits.
     *
     * @param rest bytes that everything but the film takes, about
     * @param film the film's shape, what it takes and how alike it is
     */
    public record Fit(long rest, SizeFit.Tried film) {
        /** What it comes to, told before anything is made. */
        public String words() {
            return String.format(Locale.ROOT, "The parcel comes to about %.1f MB. Film: ", (rest + film.bytes()) / 1e6)
                    + film.words()
                    + (film.likeness() < SizeFit.WORTH
                            ? ". That is hard to see; a shorter film would be better."
                            : ".");
        }
    }

    /**
     * @param most bytes of the whole parcel
     * @throws StoreException where not even the smallest film leaves it small enough
     */
    public Fit within(StoryWish wish, FilmShape full, long most, Progress progress)
            throws StoreException, MediaException {
        long rest = rest();
        Optional<SizeFit.Tried> best = rest >= most ? Optional.empty() : film(wish, full, most - rest, progress);
        return best.map(b -> new Fit(rest, b))
                .orElseThrow(() -> new StoreException(String.format(
                        Locale.ROOT,
                        "This parcel does not fit into %.0f MB: what goes with the film takes about %.1f MB. "
                                + "Choose a shorter film or a larger size. Nothing was made.",
                        most / 1e6,
                        rest / 1e6)));
    }

    private Optional<SizeFit.Tried> film(StoryWish wish, FilmShape full, long most, Progress progress)
            throws MediaException, StoreException {
        Story story = ScriptWriter.write(may, wish);
        Cutting cutting =
                Cutting.of(story, Cutting.Speech.USUAL, s -> may.footage().around(s.frame(), s.before(), s.after()));
        Map<ClipId, StoryRenderer.Source> sources = new LinkedHashMap<>();
        for (FrameRef frame :
                story.shots().stream().flatMap(s -> s.shown().stream()).toList()) {
            Optional<Clip> clip = may.source(frame.clip());
            if (clip.isPresent() && !sources.containsKey(frame.clip())) {
                sources.put(
                        frame.clip(),
                        new StoryRenderer.Source(footage.file(clip.get()), footage.clipIndex(clip.get())));
            }
        }
        try {
            Path scratch = Files.createTempDirectory("hitch-fit");
            try (ShotPreview preview = new ShotPreview(may, sources, line, Palette.SLATE, full)) {
                return SizeFit.best(preview, cutting, full, most, scratch, progress);
            } finally {
                Files.deleteIfExists(scratch);
            }
        } catch (IOException e) {
            throw new StoreException("There is no room to try sizes in: " + e.getMessage(), e);
        }
    }

    /** Bytes of everything but the film: stills by their pixels, photographs and footage by their files. */
    private long rest() throws MediaException {
        double bytes = PAPERS;
        double still = stillBytes();
        for (LocatedFinding found : may.findings()) {
            Optional<Clip> clip = may.source(found.finding().frame().clip());
            if (clip.isPresent()) {
                bytes += still * clip.get().width() * clip.get().height();
                bytes += footage(found, clip.get());
            }
        }
        bytes += may.photos().stream().mapToLong(p -> p.clip().bytes()).sum();
        if (FootageGiven.to(may.recipient()) == FootageGiven.CONTINUOUS) {
            for (ClipId id : may.runs().stream()
                    .flatMap(r -> r.clips().stream())
                    .distinct()
                    .toList()) {
                bytes += may.source(id).map(c -> c.bytes() * shown(c)).orElse(0.0);
            }
        }
        return Math.round(bytes);
    }

    /** Bytes a pixel that some of the stills take as PNG; nothing else tells how grainy a recording is. */
    private double stillBytes() throws MediaException {
        double bytes = 0;
        double pixels = 0;
        int taken = 0;
        for (LocatedFinding found : may.findings()) {
            Optional<Clip> clip = may.source(found.finding().frame().clip()).filter(c -> !c.photo());
            if (clip.isPresent() && taken++ < STILLS) {
                ClipIndex index = footage.clipIndex(clip.get());
                try (FrameReader reader = new FrameReader(footage.file(clip.get()), index)) {
                    Picture picture =
                            reader.frame(may.footage().at(found.finding().frame(), index.frames()));
                    bytes += Still.pngBytes(picture);
                    pixels += (double) picture.width() * picture.height();
                }
            }
        }
        return pixels == 0 ? 0 : bytes / pixels;
    }

    private double footage(LocatedFinding found, Clip clip) {
        boolean given = FootageGiven.to(may.recipient()) == FootageGiven.FINDINGS
                && found.weight().compareTo(FootageGiven.LEAST) >= 0
                && !clip.photo();
        return given ? clip.bytes() * Math.min(1, ParcelFootage.ABOUT / Math.max(0.1, clip.seconds())) : 0;
    }

    /** Which share of a clip a recipient may see, by a hundred of its moments. */
    private double shown(Clip clip) {
        int shown = 0;
        for (int i = 0; i < 100; i++) {
            long pts = clip.firstPts() + clip.base().ticks(clip.seconds() * (i + 0.5) / 100);
            shown += may.shows(new FrameRef(clip.id(), pts)) ? 1 : 0;
        }
        return shown / 100.0;
    }
}

package hitch.store.handover;

import hitch.core.disclosure.Disclosure;
import hitch.core.exchange.FindingRow;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.Adjustment;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.Drawn;
import hitch.core.footage.FrameRef;
import hitch.core.parcel.PairRow;
import hitch.core.story.FindingShot;
import hitch.core.story.Story;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.media.film.PaperPicture;
import hitch.media.film.StoryRenderer;
import hitch.media.render.SeenPicture;
import hitch.media.render.Still;
import hitch.store.EarlierJob;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The stills of a parcel, as files and as a printed report shows them. */
final class StillSet {
    private final Disclosure may;
    private final Map<ClipId, StoryRenderer.Source> sources;
    private final Path out;
    private final Map<String, byte[]> printed = new LinkedHashMap<>();
    private final List<Map<String, Object>> shown = new ArrayList<>();
    private final List<PairRow> pairs;

    private StillSet(Disclosure may, List<PairRow> pairs, Map<ClipId, StoryRenderer.Source> sources, Path out) {
        this.may = may;
        this.pairs = pairs;
        this.sources = sources;
        this.out = out;
    }

    /**
     * @param job folder of the job, in which stills of earlier visits lie
     */
    static StillSet take(
            Disclosure may,
            Story story,
            Path job,
            Map<ClipId, StoryRenderer.Source> sources,
            Path out,
            Progress progress)
            throws MediaException {
        List<PairRow> pairs =
                PairRow.of(may, story, k -> Files.isRegularFile(EarlierJob.still(job, k.visit(), k.finding())));
        StillSet set = new StillSet(may, pairs, sources, out);
        List<LocatedFinding> findings = may.findings();
        for (int i = 0; i < findings.size(); i++) {
            progress.at((double) i / findings.size(), "taking stills");
            set.of(findings.get(i), pointer(findings.get(i), story));
        }
        for (PairRow pair : pairs) {
            switch (pair.then()) {
                case PairRow.OfFootage then ->
                    set.frame(then.frame(), pair.before(), Optional.empty(), List.of(), Map.of("pair", pair.title()));
                case PairRow.OfVisit then -> set.kept(then, EarlierJob.still(job, then.visit(), then.finding()), pair);
            }
            set.frame(pair.now(), pair.after(), Optional.empty(), List.of(), Map.of("pair", pair.title()));
        }
        return set;
    }

    /** As JPEG, by the names of the files, with pointers drawn on them. */
    Map<String, byte[]> printed() {
        return printed;
    }

    /** The places that are shown at two times. */
    List<PairRow> pairs() {
        return pairs;
    }

    /** Which frame of which source each file shows. */
    List<Map<String, Object>> shown() {
        return shown;
    }

    /** Where the film points at a finding. */
    private static Optional<ClockPosition> pointer(LocatedFinding found, Story story) {
        return story.shots().stream()
                .filter(FindingShot.class::isInstance)
                .map(FindingShot.class::cast)
                .filter(s -> found.ids().contains(s.finding()))
                .findFirst()
                .flatMap(FindingShot::pointer);
    }

    private void of(LocatedFinding found, Optional<ClockPosition> pointer) throws MediaException {
        String name = FindingRow.stillName(found);
        Map<String, Object> about = Map.of("finding", found.finding().id().value());
        String drawn = FindingRow.drawnName(found, may);
        List<Drawn> marks = drawn.isEmpty()
                ? List.of()
                : found.finding().marksOn(found.finding().frame());
        Picture stored = frame(found.finding().frame(), name, pointer, marks, about);
        if (!drawn.isEmpty()) {
            draw(found.finding().frame(), stored, drawn, marks, about);
        }
        if (!may.adjustmentAt(found.finding().frame()).isNone()) {
            ClipId clip = found.finding().frame().clip();
            Still.save(SeenPicture.plain(may, clip, stored), out.resolve(untouched(name)));
            shown.add(row(untouched(name), new FrameRef(clip, stored.pts()), about, ""));
        }
    }

    /** Saves it once more with what was drawn on it; the one without stays beside it. */
    private void draw(FrameRef frame, Picture stored, String name, List<Drawn> marks, Map<String, Object> about)
            throws MediaException {
        Picture seen = SeenPicture.of(may, frame.clip(), stored);
        Still.save(PaperPicture.drawn(seen, marks, may.adjustmentAt(frame)), out.resolve(name));
        FrameRef taken = new FrameRef(frame.clip(), stored.pts());
        Map<String, Object> row =
                row(name, taken, about, may.adjustmentAt(taken).words());
        row.put("drawn", true);
        shown.add(row);
    }

    /** Saves a frame as it may be seen; gives it as it is stored. */
    /** A still of an earlier visit: its recording belongs to that job, so the manifest names the visit and no frame. */
    private void kept(PairRow.OfVisit then, Path still, PairRow pair) throws MediaException {
        Picture picture = Still.read(still);
        Still.save(picture, out.resolve(pair.before()));
        printed.put(pair.before(), PaperPicture.jpeg(picture, Optional.empty(), List.of(), Adjustment.NONE));
        shown.add(Map.of("file", pair.before(), "pair", pair.title(), "earlier_visit", then.when()));
    }

    private Picture frame(
            FrameRef frame, String name, Optional<ClockPosition> pointer, List<Drawn> marks, Map<String, Object> about)
            throws MediaException {
        StoryRenderer.Source source = sources.get(frame.clip());
        try (FrameReader reader = new FrameReader(source.file(), source.index())) {
            Picture stored = reader.frame(may.footage().at(frame, source.index().frames()));
            Picture seen = SeenPicture.of(may, frame.clip(), stored);
            Still.save(seen, out.resolve(name));
            printed.put(name, PaperPicture.jpeg(seen, pointer, marks, may.adjustmentAt(frame)));
            FrameRef taken = new FrameRef(frame.clip(), stored.pts());
            shown.add(row(name, taken, about, may.adjustmentAt(taken).words()));
            return stored;
        }
    }

    private Map<String, Object> row(String name, FrameRef frame, Map<String, Object> about, String adjusted) {
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("file", name);
        row.putAll(about);
        row.put("clip", may.text(frame.clip().value()));
        row.put("pts", frame.pts());
        may.source(frame.clip())
                .map((Clip c) -> c.secondsInto(frame.pts()))
                .ifPresent(s -> row.put("time_s", Manifest.rounded(s)));
        if (!adjusted.isEmpty()) {
            row.put("adjusted", adjusted);
        }
        if (may.keptBack().covered(frame.clip()).stream().anyMatch(c -> c.isWithin(frame.pts(), frame.pts()))) {
            row.put("covered", true);
        }
        return row;
    }

    /** The name of the still as recorded, beside one that was taken through an adjustment. */
    private static String untouched(String still) {
        return still.replaceAll("\\.png$", "-untouched.png");
    }
}

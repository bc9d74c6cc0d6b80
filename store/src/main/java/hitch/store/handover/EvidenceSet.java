package hitch.store.handover;

import hitch.core.disclosure.Disclosure;
import hitch.core.exchange.FindingRow;
import hitch.core.exchange.FindingsCsv;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipIndex;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.media.film.PaperPicture;
import hitch.media.render.SeenPicture;
import hitch.media.render.Still;
import hitch.store.Footage;
import hitch.store.StoreException;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/**
 * Evidence of many findings at once: of each its clip untouched and labelled with a record of its source, and its still; of all of them a table
 * and sheets of the stills with their stations.
 */
public final class EvidenceSet {
    /** Share of the work that clips take; the rest is stills. */
    private static final double CLIPS = 0.9;

    private final Disclosure may;
    private final Footage footage;
    private final EvidenceCut cut;

    /**
     * @param may what its recipient may see; nothing else is in it
     */
    public EvidenceSet(Disclosure may, Footage footage, EvidenceCut cut) {
        this.may = may;
        this.footage = footage;
        this.cut = cut;
    }

    /**
     * What was written.
     *
     * @param clips the clips, two of each finding
     * @param sheets the sheets of stills, as pictures
     * @param pdf the same sheets in one PDF
     * @param skipped findings of which there is no footage to cut: those on photographs
     */
    public record Written(List<Path> clips, List<Path> sheets, Path pdf, List<String> skipped) {}

    /** Those findings that are at least of a weight, can be seen in the picture, and may be seen by a recipient. */
    public static List<LocatedFinding> atLeast(List<LocatedFinding> marked, Disclosure may, Weight least) {
        return marked.stream()
                .filter(f -> f.weight().compareTo(least) >= 0
                        && f.finding().kind().isToBeSeen()
                        && may.seen(f).isPresent())
                .toList();
    }

    /**
     * @param chosen findings as they were marked; those that the recipient may not see are refused before anything is written
     * @throws StoreException where one may not be seen, nothing was chosen, or the disk refuses
     */
    public Written write(List<LocatedFinding> chosen, double before, double after, Path folder, Progress progress)
            throws StoreException, MediaException {
        if (chosen.isEmpty()) {
            throw new StoreException("No finding was chosen, so nothing was written.");
        }
        List<LocatedFinding> seen = new ArrayList<>();
        for (LocatedFinding marked : chosen) {
            seen.add(may.seen(marked)
                    .orElseThrow(() -> new StoreException(marked.finding().id() + " does not lie in the "
                            + may.recipient().called() + "'s part of the line, so nothing was written.")));
        }
        List<Path> clips = new ArrayList<>();
        List<String> skipped = new ArrayList<>();
        List<EvidenceSheet.Entry> entries = new ArrayList<>();
        try {
            for (int i = 0; i < seen.size(); i++) {
                LocatedFinding found = seen.get(i);
                double from = CLIPS * i / seen.size();
                double to = CLIPS * (i + 1) / seen.size();
                Clip clip = may.source(found.finding().frame().clip())
                        .orElseThrow(() -> new StoreException(
                                "The clip of " + found.finding().id() + " was left out of the job. Add it again."));
                if (clip.photo()) {
                    skipped.add(found.finding().id().value());
                } else {
                    double half = (from + to) / 2;
                    clips.add(cut.write(
                            chosen.get(i),
                            EvidenceCut.Form.UNTOUCHED,
                            before,
                            after,
                            folder,
                            progress.part(from, half)));
                    clips.add(cut.write(
                            chosen.get(i), EvidenceCut.Form.LABELLED, before, after, folder, progress.part(half, to)));
                }
                entries.add(new EvidenceSheet.Entry(found, still(found, clip, folder)));
            }
            progress.at(CLIPS, "laying out the sheet");
            List<Path> sheets = EvidenceSheet.write(may, entries, folder);
            StringBuilder table = new StringBuilder();
            FindingsCsv.write(
                    FindingRow.of(may).stream()
                            .filter(r -> seen.stream()
                                    .anyMatch(f -> FindingRow.stillName(f).equals(r.still())))
                            .toList(),
                    table);
            Files.writeString(folder.resolve("findings.csv"), table.toString(), StandardCharsets.UTF_8);
            progress.at(1, "done");
            return new Written(clips, sheets, folder.resolve(EvidenceSheet.PDF), skipped);
        } catch (IOException e) {
            throw new StoreException(
                    "The evidence could not be written to " + folder + ": " + e.getMessage()
                            + ". The job itself is untouched. Choose another folder or free some space.",
                    e);
        }
    }

    private Picture still(LocatedFinding found, Clip clip, Path folder) throws MediaException, IOException {
        ClipId id = clip.id();
        Seen.refuseUnknown(may, clip);
        ClipIndex index = footage.clipIndex(clip);
        Path out = folder.resolve(FindingRow.stillName(found));
        Files.createDirectories(out.getParent());
        try (FrameReader reader = new FrameReader(footage.file(clip), index)) {
            Picture stored = reader.frame(may.footage().at(found.finding().frame(), index.frames()));
            Picture shown = SeenPicture.of(may, id, stored);
            Still.save(shown, out);
            String drawn = FindingRow.drawnName(found, may);
            if (!drawn.isEmpty()) {
                FrameRef frame = found.finding().frame();
                Still.save(
                        PaperPicture.drawn(shown, found.finding().marksOn(frame), may.adjustmentAt(frame)),
                        folder.resolve(drawn));
            }
            return shown;
        }
    }
}

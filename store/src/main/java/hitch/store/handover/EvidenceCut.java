package hitch.store.handover;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.LocatedFinding;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameIndex;
import hitch.core.footage.FrameRef;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipIndex;
import hitch.media.clip.Fingerprint;
import hitch.media.clip.UntouchedClip;
import hitch.media.clip.UntouchedClip.TrueTimes;
import hitch.media.render.AlteredClip;
import hitch.media.render.LabelledClip;
import hitch.store.FileNames;
import hitch.store.Footage;
import hitch.store.StoreException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Cuts the footage around a finding, untouched or labelled, and writes beside it where it came from. */
public final class EvidenceCut {
    /** The two forms of an evidence clip. */
    public enum Form {
        UNTOUCHED,
        LABELLED
    }

    /** What the record of a clip says that could not be given untouched. */
    static final String ALTERED =
            "encoded anew, without sound, a picture for each source frame in the order of frames: ";

    static final String BEFORE = "untouched packets would begin before what may be seen";
    static final String COVERED = "what is not to be seen on the pictures was covered";

    private static final JsonMapper MAPPER =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private final Footage footage;
    private final Disclosure may;
    private final boolean sound;

    /**
     * @param may what its recipient may see; nothing else is in it
     */
    public EvidenceCut(Disclosure may, Footage footage) {
        this(may, footage, may.recipient().hearsClips());
    }

    /**
     * @param sound whether untouched footage keeps its sound; what is said along a pipe is rarely meant for everybody
     */
    public EvidenceCut(Disclosure may, Footage footage, boolean sound) {
        this.may = may;
        this.footage = footage;
        this.sound = sound;
    }

    /**
     * Writes one clip into {@code folder}, with a JSON record of the same name. Untouched packets begin at a keyframe; where
     * no keyframe lies inside what may be seen the clip is encoded anew, and called altered.
     *
     * @param marked a finding of the job, as it was marked; what is shown of it is what its recipient may see
     * @param before seconds before the finding's frame
     * @param after seconds after it
     * @return the clip
     */
    public Path write(LocatedFinding marked, Form form, double before, double after, Path folder, Progress progress)
            throws MediaException, StoreException {
        LocatedFinding found = may.seen(marked)
                .orElseThrow(() -> new StoreException(marked.finding().id() + " does not lie in the "
                        + may.recipient().called() + "'s part of the line, so nothing was written."));
        if (may.facts().internalOnly() && may.recipient() != Recipient.FIRM) {
            throw new StoreException("This job is marked for internal use only, so nothing was written. "
                    + "Clear that mark on the Load bench if it may leave the firm.");
        }
        FrameRef frame = found.finding().frame();
        Clip clip = may.source(frame.clip())
                .orElseThrow(
                        () -> new StoreException("The clip of this finding was left out of the job. Add it again."));
        if (clip.photo()) {
            throw new StoreException(
                    marked.finding().id() + " stands on a photograph, of which there is no footage to cut,"
                            + " so nothing was written. Its picture is handed over with the report.");
        }
        footage.verify(clip, progress.part(0, 0.1));
        ClipIndex whole = footage.clipIndex(clip);
        FrameIndex index = whole.frames();
        int first = may.footage()
                .back(frame, index, index.numberAt(frame.pts() - index.base().ticks(before)));
        int last = may.footage()
                .on(frame, index, index.numberAt(frame.pts() + index.base().ticks(after)));
        Seen.refuseUnknown(may, clip);
        OptionalInt start = form == Form.UNTOUCHED ? keyframe(frame, index, first) : OptionalInt.empty();
        long from = index.pts(Math.min(first, start.orElse(first)));
        boolean covered = may.keptBack().covered(clip.id()).stream().anyMatch(w -> w.isWithin(from, index.pts(last)));
        boolean muted = may.keptBack().muted(clip.id()).stream().anyMatch(m -> m.isWithin(from, index.pts(last)));
        OptionalInt key = covered ? OptionalInt.empty() : start;
        boolean altered = form == Form.UNTOUCHED && key.isEmpty();
        String how = altered ? "altered" : form.name().toLowerCase(Locale.ROOT);
        boolean copied = form == Form.UNTOUCHED && !altered;
        String ending = copied ? clip.fileName().replaceAll(".*\\.", "").toLowerCase(Locale.ROOT) : "mp4";
        String name = FileNames.safe(
                found.finding().id() + " " + found.finding().kind().word());
        Progress rest = progress.part(0.1, 1);
        try (Pair pair = Pair.begin(folder)) {
            Path out = pair.write(name + "-" + how + "." + ending);
            Path file = footage.file(clip);
            TrueTimes times = copied
                    ? UntouchedClip.cut(
                            file, whole, index.pts(key.getAsInt()), index.pts(last), sound && !muted, out, rest)
                    : altered
                            ? AlteredClip.write(may, clip.id(), file, whole, first, last, out, rest)
                            : LabelledClip.write(
                                    may, found, clip, file, whole, index.pts(first), index.pts(last), sound, out, rest);
            Map<String, Object> row = record(out, may.clip(clip.id()).orElse(clip), found, times);
            String adjusted = form == Form.LABELLED ? may.adjustmentAt(frame).words() : "";
            if (!altered && clip.sound() && (!sound || copied && muted)) {
                row.put("sound", "left out");
            }
            if (covered) {
                row.put("writing_covered", may.keptBack().writing(clip.id()));
            }
            if (covered || muted) {
                row.put("hidden", may.keptBack().hidden(clip.id()));
            }
            row.put("adjusted", adjusted.isEmpty() ? "no, as recorded" : adjusted);
            if (altered) {
                row.put("altered", ALTERED + (covered ? COVERED : BEFORE));
                row.put(
                        "frames",
                        IntStream.rangeClosed(first, last).mapToObj(index::pts).toList());
            }
            String record = name + "-" + how + ".json";
            Files.writeString(pair.write(record), MAPPER.writeValueAsString(row));
            progress.at(1, "done");
            return pair.finish(record, out.getFileName().toString());
        } catch (IOException e) {
            throw new StoreException("The clip could not be written to " + folder + ": " + e.getMessage(), e);
        }
    }

    /**
     * The keyframe that untouched packets begin at: the one before the first frame wanted where all from there on may be
     * seen, else the first one behind that still shows the finding; none where there is neither.
     */
    private OptionalInt keyframe(FrameRef frame, FrameIndex index, int first) {
        int before = index.keyBefore(first);
        if (index.isKey(before) && may.footage().back(frame, index, before) == before) {
            return OptionalInt.of(before);
        }
        return IntStream.rangeClosed(first, index.numberAt(frame.pts()))
                .filter(index::isKey)
                .findFirst();
    }

    private static Map<String, Object> record(Path out, Clip clip, LocatedFinding found, TrueTimes times)
            throws MediaException {
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("clip", out.getFileName().toString());
        row.put("sha256", Fingerprint.of(out, Progress.NONE));
        row.put("finding", found.finding().id().value());
        row.put("source", clip.fileName());
        row.put("source_sha256", clip.sha256());
        row.put("time_base", clip.base().num() + "/" + clip.base().den());
        row.put("first_pts", times.firstPts());
        row.put("last_pts", times.lastPts());
        row.put("first_s", clip.secondsInto(times.firstPts()));
        row.put("last_s", clip.secondsInto(times.lastPts()));
        return row;
    }
}

package hitch.store.handover;

import hitch.core.finding.LocatedFinding;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameIndex;
import hitch.core.judge.Survey;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.Fingerprint;
import hitch.media.clip.UntouchedClip;
import hitch.media.clip.UntouchedClip.TrueTimes;
import hitch.media.render.LabelledClip;
import hitch.store.FileNames;
import hitch.store.Footage;
import hitch.store.StoreException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Cuts the footage around a finding, untouched or labelled, and writes beside it where it came from. */
public final class EvidenceCut {
    /** The two forms of an evidence clip. */
    public enum Form {
        UNTOUCHED,
        LABELLED
    }

    private static final JsonMapper MAPPER =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private final Survey survey;
    private final Footage footage;

    public EvidenceCut(Survey survey, Footage footage) {
        this.survey = survey;
        this.footage = footage;
    }

    /**
     * Writes one clip into {@code folder}, with a JSON record of the same name.
     *
     * @param before seconds before the finding's frame
     * @param after seconds after it
     * @return the clip
     */
    public Path write(LocatedFinding found, Form form, double before, double after, Path folder, Progress progress)
            throws MediaException, StoreException {
        Clip clip = survey.clip(found.finding().frame().clip())
                .orElseThrow(
                        () -> new StoreException("The clip of this finding was left out of the job. Add it again."));
        footage.verify(clip, progress.part(0, 0.1));
        FrameIndex index = footage.index(clip);
        long at = found.finding().frame().pts();
        long from = at - index.base().ticks(before);
        long to = at + index.base().ticks(after);
        String name = FileNames.safe(
                        found.finding().id() + " " + found.finding().kind().word()) + "-"
                + form.name().toLowerCase(java.util.Locale.ROOT);
        try {
            Files.createDirectories(folder);
            String ending = form == Form.LABELLED
                    ? "mp4"
                    : clip.fileName().replaceAll(".*\\.", "").toLowerCase(java.util.Locale.ROOT);
            Path out = folder.resolve(name + "." + ending);
            TrueTimes times = switch (form) {
                case UNTOUCHED ->
                    UntouchedClip.cut(
                            footage.file(clip), footage.clipIndex(clip), from, to, out, progress.part(0.1, 1));
                case LABELLED ->
                    LabelledClip.write(
                            survey,
                            found,
                            clip,
                            footage.file(clip),
                            footage.clipIndex(clip),
                            from,
                            to,
                            out,
                            progress.part(0.1, 1));
            };
            String adjusted = form == Form.LABELLED
                    ? survey.adjustmentAt(found.finding().frame()).words()
                    : "";
            record(out, clip, found, times, adjusted);
            progress.at(1, "done");
            return out;
        } catch (IOException e) {
            throw new StoreException("The clip could not be written to " + folder + ": " + e.getMessage(), e);
        }
    }

    private static void record(Path out, Clip clip, LocatedFinding found, TrueTimes times, String adjusted)
            throws IOException, MediaException {
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
        row.put("adjusted", adjusted.isEmpty() ? "no, as recorded" : adjusted);
        Files.writeString(
                out.resolveSibling(out.getFileName().toString().replaceAll("\\.[^.]+$", "") + ".json"),
                MAPPER.writeValueAsString(row));
    }
}

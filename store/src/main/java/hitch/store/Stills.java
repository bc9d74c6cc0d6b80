package hitch.store;

import hitch.core.finding.Finding;
import hitch.core.footage.Adjustment;
import hitch.core.footage.Clip;
import hitch.media.MediaException;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.media.clip.PictureShape;
import hitch.media.draw.Adjuster;
import hitch.media.render.Still;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Takes the stills of findings. One taken through an adjustment has the untouched one and a record beside it. */
public final class Stills {
    private static final JsonMapper MAPPER =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private Stills() {}

    /** Makes the still of {@code finding} where it is not there yet, and tells where it is. */
    public static Path take(JobFolder job, Footage footage, Finding finding) throws MediaException {
        Path still = job.still(finding);
        if (Files.exists(still)) {
            return still;
        }
        Clip clip = job.job()
                .clip(finding.frame().clip())
                .orElseThrow(() -> new MediaException("The clip of this finding was left out of the job."));
        Adjustment adjustment =
                job.job().adjustmentsOf(clip.id()).at(finding.frame().pts());
        try (FrameReader reader = footage.reader(clip, PictureShape.AS_SHOWN)) {
            Picture stored = reader.at(finding.frame().pts());
            if (!adjustment.isNone()) {
                Still.save(stored, job.untouchedStill(finding));
                record(still, clip, stored, adjustment, job.untouchedStill(finding));
            }
            Still.save(Adjuster.apply(stored, adjustment), still);
        }
        return still;
    }

    private static void record(Path still, Clip clip, Picture picture, Adjustment adjustment, Path untouched)
            throws MediaException {
        Map<String, Object> row = new LinkedHashMap<>();
        row.put("still", still.getFileName().toString());
        row.put("untouched", untouched.getFileName().toString());
        row.put("adjusted", adjustment.words());
        row.put("source", clip.fileName());
        row.put("source_sha256", clip.sha256());
        row.put("pts", picture.pts());
        row.put("time_s", clip.secondsInto(picture.pts()));
        Path file = still.resolveSibling(still.getFileName().toString().replaceAll("\\.png$", ".json"));
        try {
            Files.writeString(file, MAPPER.writeValueAsString(row));
        } catch (IOException e) {
            throw new MediaException("The record of a still could not be written: " + e.getMessage(), e);
        }
    }
}

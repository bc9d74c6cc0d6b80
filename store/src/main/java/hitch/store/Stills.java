package hitch.store;

import hitch.core.finding.Finding;
import hitch.core.footage.Clip;
import hitch.media.MediaException;
import hitch.media.clip.FrameReader;
import hitch.media.render.Still;
import java.nio.file.Files;
import java.nio.file.Path;

/** Takes the stills of findings. */
public final class Stills {
    private Stills() {}

    /** Makes the still of {@code finding} where it is not there yet, and tells where it is. */
    public static Path take(JobFolder job, Footage footage, Finding finding) throws MediaException {
        Path still = job.still(finding);
        if (!Files.exists(still)) {
            Clip clip = job.job()
                    .clip(finding.frame().clip())
                    .orElseThrow(() -> new MediaException("The clip of this finding was left out of the job."));
            try (FrameReader reader = new FrameReader(footage.file(clip), footage.clipIndex(clip))) {
                Still.save(reader.at(finding.frame().pts()), still);
            }
        }
        return still;
    }
}

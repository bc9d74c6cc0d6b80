package hitch.desk;

import hitch.core.Sample;
import hitch.core.counter.Reading;
import hitch.core.counter.sight.GreyPicture;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameIndex;
import hitch.core.gauge.DrawnPipe;
import hitch.core.job.Edit;
import hitch.core.measure.Distance;
import hitch.core.pipe.PipeSize;
import hitch.core.run.Direction;
import hitch.core.run.Run;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.render.VideoWriter;
import hitch.store.Footage;
import hitch.store.JobFolder;
import hitch.store.StoreException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** A job of one short clip of a drawn pipe: a joint whose far length lies 0.3 radii to the right and stands 0.3 open. */
final class PipeJob {
    static final DrawnPipe PIPE = DrawnPipe.plain().joint(3.6, 0.3, 0.3, 0, 1);

    private static final int FRAMES = 12;
    private static Path recorded;

    private PipeJob() {}

    private static synchronized Path recorded() throws IOException, MediaException {
        if (recorded == null) {
            recorded = Files.createTempFile("hitch-pipe", ".mp4");
            recorded.toFile().deleteOnExit();
            GreyPicture grey = PIPE.picture(5);
            int[] rgb = new int[grey.width() * grey.height()];
            for (int i = 0; i < rgb.length; i++) {
                rgb[i] = grey.grey()[i] & 0xFF;
                rgb[i] |= rgb[i] << 8 | rgb[i] << 16;
            }
            VideoWriter.Shape shape = new VideoWriter.Shape(grey.width(), grey.height(), 25, 4_000_000, 64_000);
            try (VideoWriter writer = new VideoWriter(recorded, shape, "pipe", List.of())) {
                for (int n = 0; n < FRAMES; n++) {
                    writer.picture(rgb);
                    writer.sound(new float[48_000 / 25]);
                }
                writer.finish();
            }
        }
        return recorded;
    }

    /** @param bore of the pipe; empty where nobody said it */
    static Path create(Path folder, Optional<PipeSize> bore) throws StoreException, MediaException, IOException {
        try (JobFolder job = JobFolder.create(folder)) {
            Footage footage = new Footage(folder);
            Path file = Files.copy(recorded(), folder.resolve("joint.mp4"));
            Clip clip = footage.takeIn(file, job.job(), Progress.NONE);
            FrameIndex index = footage.index(clip);
            Run run = Sample.run("street run", Direction.WITH_FLOW, clip.id());
            job.apply(new Edit.DescribeProperty(Sample.job().facts()));
            job.apply(new Edit.PutClip(clip));
            job.apply(new Edit.PutRun(
                    run.from(run.opening().withPipe(run.opening().pipe().withSize(bore)))));
            job.apply(new Edit.SetMark(clip.id(), Reading.byHand(index.pts(0), Distance.feet(3))));
            job.apply(new Edit.SetMark(clip.id(), Reading.byHand(index.pts(FRAMES - 1), Distance.feet(3.1))));
        }
        return folder;
    }
}

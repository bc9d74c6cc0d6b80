package hitch.media.render;

import hitch.core.disclosure.Disclosure;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameIndex;
import hitch.media.MediaException;
import hitch.media.Progress;
import hitch.media.clip.ClipIndex;
import hitch.media.clip.FrameReader;
import hitch.media.clip.Picture;
import hitch.media.clip.UntouchedClip.TrueTimes;
import java.nio.file.Path;
import java.util.List;

/**
 * Encodes a stretch of a clip anew, picture for frame and without sound: for evidence of which the untouched packets
 * would show more than they may.
 */
public final class AlteredClip {
    private AlteredClip() {}

    /**
     * @param may what its recipient may see of the pictures
     * @param first number of the first frame
     * @param last number of the last frame
     * @return the times of those frames
     */
    public static TrueTimes write(
            Disclosure may, ClipId clip, Path source, ClipIndex whole, int first, int last, Path out, Progress progress)
            throws MediaException {
        FrameIndex index = whole.frames();
        int rate = (int) Math.clamp(Math.round(index.rate()), 5, 60);
        try (FrameReader frames = new FrameReader(source, whole)) {
            Picture any = frames.at(index.pts(first));
            int width = any.width() / 2 * 2;
            int height = any.height() / 2 * 2;
            VideoWriter.Shape shape = new VideoWriter.Shape(width, height, rate, 2_500_000, 0);
            try (VideoWriter writer = new VideoWriter(out, shape, "altered: encoded anew", List.of())) {
                for (int n = first; n <= last; n++) {
                    progress.at((double) (n - first) / (last - first + 1), "encoding " + out.getFileName());
                    writer.picture(even(SeenPicture.plain(may, clip, frames.at(index.pts(n))), width, height));
                }
                writer.finish();
            }
        }
        return new TrueTimes(index.pts(first), index.pts(last));
    }

    private static int[] even(Picture picture, int width, int height) {
        if (picture.width() == width && picture.height() == height) {
            return picture.rgb();
        }
        int[] rgb = new int[width * height];
        for (int y = 0; y < height; y++) {
            System.arraycopy(picture.rgb(), y * picture.width(), rgb, y * width, width);
        }
        return rgb;
    }
}

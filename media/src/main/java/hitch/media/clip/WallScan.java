package hitch.media.clip;

import hitch.core.eyes.WallLook;
import hitch.core.gauge.LensView;
import hitch.core.gauge.WallBand;
import hitch.media.MediaException;
import hitch.media.Progress;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;

/** Unrolls the wall all along a clip, a look for each bit of new ground that the camera comes to. */
public final class WallScan {
    /** Looked at so many times a second at most. */
    private static final double PER_SECOND = 15;
    /** And only where the head has come so far beyond all that was seen, millimetres. */
    private static final double EVERY = 12;

    /** Pictures are made so small, pixels of the longer side: the wall near the lens is drawn large enough. */
    private static final PictureShape SMALL = new PictureShape(true, 640);

    private WallScan() {}

    /**
     * @param degrees that the lens sees from left to right
     * @param held how far below the middle of the bore it is carried, radii
     * @param cable millimetres of cable at a second of the clip; empty where it is not known
     * @return in order of time; nothing where nothing of the counter is known
     */
    public static List<WallLook> read(
            Path file,
            ClipIndex index,
            double degrees,
            double held,
            DoubleFunction<OptionalDouble> cable,
            Progress progress)
            throws MediaException {
        List<WallLook> looks = new ArrayList<>();
        NewGround ground = new NewGround();
        try (Demuxer demuxer = new Demuxer(file);
                RgbConverter converter = new RgbConverter(demuxer.pictureStream(), SMALL)) {
            new SampledFrames(file, index, demuxer)
                    .read(
                            PER_SECOND,
                            seconds -> ground.reaches(cable.apply(seconds)),
                            (frame, number) ->
                                    converter.convert(frame, index.frames().pts(number)),
                            (number, seconds, picture) -> looks.add(new WallLook(
                                    picture.pts(),
                                    WallBand.of(
                                            picture.rgb(),
                                            LensView.across(picture.width(), picture.height(), degrees),
                                            held))),
                            "looking at the wall of",
                            progress);
        }
        return looks;
    }

    /** What the camera has come to so far, out or back. */
    private static final class NewGround {
        private double least = Double.NaN;
        private double most = Double.NaN;

        boolean reaches(OptionalDouble cable) {
            if (cable.isEmpty()) {
                return false;
            }
            double at = cable.getAsDouble();
            if (Double.isNaN(least)) {
                least = at;
                most = at;
                return true;
            }
            if (at >= most + EVERY) {
                most = at;
                return true;
            }
            if (at <= least - EVERY) {
                least = at;
                return true;
            }
            return false;
        }
    }
}

package hitch.media.clip;

import hitch.core.counter.sight.Region;
import hitch.core.gauge.LensView;
import hitch.core.gauge.RimLook;
import hitch.core.gauge.RingFinder;
import hitch.media.MediaException;
import hitch.media.Progress;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;

/** Looks for the rims of joints all along a clip, once for each bit of the way. */
public final class RimScan {
    /** Looked at so many times a second at most. */
    private static final double PER_SECOND = 10;
    /** And only where the head has come so far, share of the bore. */
    private static final double EVERY = 0.2;

    /** No picture is wider, pixels. */
    private static final int LARGEST = 1 << 15;

    private RimScan() {}

    /**
     * @param boreMm width of the pipe, millimetres
     * @param degrees that the lens sees from left to right
     * @param held how far below the middle of the bore it is carried, radii
     * @param cable millimetres of cable at a second of the clip; empty where it is not known
     */
    public static List<RimLook> read(
            Path file,
            ClipIndex index,
            double boreMm,
            double degrees,
            double held,
            DoubleFunction<OptionalDouble> cable,
            Progress progress)
            throws MediaException {
        List<RimLook> looks = new ArrayList<>();
        // Not yet anywhere: no way from there is short.
        double[] last = {Double.NaN};
        Region whole = new Region(0, 0, LARGEST, LARGEST);
        GreyFrames.read(
                file,
                index,
                whole,
                PER_SECOND,
                (number, seconds, picture) -> {
                    OptionalDouble at = cable.apply(seconds);
                    boolean moved = at.isPresent() && !(Math.abs(last[0] - at.getAsDouble()) < EVERY * boreMm);
                    if (moved) {
                        last[0] = at.getAsDouble();
                        LensView lens = LensView.across(picture.width(), picture.height(), degrees);
                        looks.add(RimLook.of(index.frames().pts(number), RingFinder.of(picture, lens, held)));
                    }
                },
                (share, doing) -> progress.at(share, "looking for joints in " + file.getFileName()));
        return looks;
    }
}

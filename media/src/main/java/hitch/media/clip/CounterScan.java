package hitch.media.clip;

import hitch.core.counter.sight.CounterFinder;
import hitch.core.counter.sight.CounterPlace;
import hitch.core.counter.sight.CounterReader;
import hitch.core.counter.sight.GreyPicture;
import hitch.core.counter.sight.RawReading;
import hitch.core.counter.sight.Region;
import hitch.core.footage.FrameIndex;
import hitch.media.MediaException;
import hitch.media.Progress;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Reads a clip's counter: a few looks to find it, then one pass over all of its pictures. */
public final class CounterScan {
    /** Readings a second, at least. */
    private static final double PER_SECOND = 5;
    /** Pictures looked at to find the counter. */
    private static final int LOOKS = 40;

    /**
     * @param place where the counter stands; empty where none was found
     * @param readings in order of time, one for every moment that was looked at
     */
    public record Outcome(Optional<CounterPlace> place, List<RawReading> readings) {}

    private CounterScan() {}

    /**
     * @param region where the counter stands, by the user's word; empty to find it
     */
    public static Outcome read(Path file, ClipIndex index, Optional<Region> region, Progress progress)
            throws MediaException {
        Optional<CounterPlace> place = find(file, index, region, progress.part(0, 0.4));
        List<RawReading> readings = new ArrayList<>();
        if (place.isEmpty()) {
            FrameIndex frames = index.frames();
            int every = Math.max(1, (int) Math.floor(frames.rate() / PER_SECOND));
            for (int n = 0; n < frames.count(); n += every) {
                double seconds = frames.base().seconds(frames.pts(n) - frames.firstPts());
                readings.add(new RawReading(seconds, OptionalDouble.empty(), 0));
            }
            return new Outcome(place, readings);
        }
        CounterReader reader = new CounterReader(place.get());
        GreyFrames.read(
                file,
                index,
                PER_SECOND,
                (number, seconds, picture) -> readings.add(reader.read(seconds, picture)),
                progress.part(0.4, 1));
        return new Outcome(place, readings);
    }

    private static Optional<CounterPlace> find(Path file, ClipIndex index, Optional<Region> region, Progress progress)
            throws MediaException {
        CounterFinder finder = new CounterFinder();
        int looks = Math.min(LOOKS, index.frames().count());
        try (FrameReader reader = new FrameReader(file, index, PictureShape.AS_STORED)) {
            for (int i = 0; i < looks; i++) {
                int number = (int) ((i + 0.5) * index.frames().count() / looks);
                GreyPicture picture = reader.grey(number);
                double seconds = index.frames()
                        .base()
                        .seconds(index.frames().pts(number) - index.frames().firstPts());
                if (region.isPresent()) {
                    finder.look(seconds, picture.crop(region.get()));
                } else {
                    finder.look(seconds, picture);
                }
                progress.at((double) i / looks, "finding the counter");
            }
        }
        // What was found inside the given region is told in the whole picture's places.
        return finder.found()
                .map(p -> region.isEmpty() ? p : new CounterPlace(region.get(), p.dark(), p.decimals(), p.height()));
    }
}

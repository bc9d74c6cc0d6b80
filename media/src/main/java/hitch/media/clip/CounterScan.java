package hitch.media.clip;

import hitch.core.counter.sight.CablePath;
import hitch.core.counter.sight.CounterFinder;
import hitch.core.counter.sight.CounterPlace;
import hitch.core.counter.sight.CounterReader;
import hitch.core.counter.sight.CounterSheet;
import hitch.core.counter.sight.CounterUnit;
import hitch.core.counter.sight.RawReading;
import hitch.core.counter.sight.Region;
import hitch.core.footage.FrameIndex;
import hitch.media.MediaException;
import hitch.media.Progress;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads a clip's counter: a few looks to find it, then one pass over all of its pictures. */
public final class CounterScan {
    /** Readings a second, at least. */
    private static final double PER_SECOND = 5;

    /**
     * What the user says of the counter.
     *
     * @param region where it stands; empty to find it
     * @param unit how it counts; {@link CounterUnit#UNSAID} to see for oneself
     */
    public record Told(Optional<Region> region, CounterUnit unit) {
        public static final Told NOTHING = new Told(Optional.empty(), CounterUnit.UNSAID);
    }

    /**
     * @param place where the counter stands; empty where none was found
     * @param sheet what was read; without a place it has nothing on it but the moments that were looked at
     */
    public record Outcome(Optional<CounterPlace> place, CounterSheet sheet) {
        /** What each picture shows, in order of time, one for every moment that was looked at. */
        public List<RawReading> readings() {
            return sheet.readings();
        }

        public CablePath path() {
            return sheet.path();
        }
    }

    private CounterScan() {}

    /** Finds the counter and reads it. */
    public static Outcome read(Path file, ClipIndex index, Progress progress) throws MediaException {
        return read(file, index, Told.NOTHING, progress);
    }

    public static Outcome read(Path file, ClipIndex index, Told told, Progress progress) throws MediaException {
        Optional<CounterPlace> place = find(file, index, told, progress.part(0, 0.3));
        if (place.isEmpty()) {
            return new Outcome(place, CounterSheet.empty(moments(index.frames())));
        }
        CounterSheet sheet = new CounterSheet(new CounterReader(place.get()));
        GreyFrames.read(
                file,
                index,
                place.get().region(),
                PER_SECOND,
                (number, seconds, part) -> sheet.take(seconds, part),
                progress.part(0.3, 1));
        sheet.settle();
        return new Outcome(place, sheet);
    }

    private static List<Double> moments(FrameIndex frames) {
        int every = Math.max(1, (int) Math.floor(frames.rate() / PER_SECOND));
        List<Double> moments = new ArrayList<>();
        for (int n = 0; n < frames.count(); n += every) {
            moments.add(frames.base().seconds(frames.pts(n) - frames.firstPts()));
        }
        return moments;
    }

    private static Optional<CounterPlace> find(Path file, ClipIndex index, Told told, Progress progress)
            throws MediaException {
        CounterFinder finder = new CounterFinder(told.unit());
        new CounterLooks(file, index, told.region(), finder).show(progress);
        // What was found inside the given region is told in the whole picture's places.
        return finder.found()
                .map(p -> told.region()
                        .map(r -> new CounterPlace(r, p.manner(), p.decimals(), p.height(), p.unit()))
                        .orElse(p));
    }
}

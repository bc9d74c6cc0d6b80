package hitch.media.clip;

import hitch.core.counter.sight.CounterFinder;
import hitch.core.counter.sight.CounterFit;
import hitch.core.counter.sight.CounterPlace;
import hitch.core.counter.sight.CounterReadings;
import hitch.core.counter.sight.CounterUnit;
import hitch.core.counter.sight.RawReading;
import hitch.core.counter.sight.Region;
import hitch.core.counter.sight.UnitHints;
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
     * What is known of the counter beforehand.
     *
     * @param region where it stands; empty to find it
     * @param unit how it counts; {@link CounterUnit#UNSAID} to weigh it
     * @param turned whether it stands on its head; empty to see for oneself
     * @param hints what else speaks for a unit
     */
    public record Told(Optional<Region> region, CounterUnit unit, Optional<Boolean> turned, UnitHints hints) {
        public static final Told NOTHING =
                new Told(Optional.empty(), CounterUnit.UNSAID, Optional.empty(), UnitHints.NONE);

        /** The same, with the counter inside {@code region}. */
        public Told in(Region there) {
            return new Told(Optional.of(there), unit, turned, hints);
        }

        /** The same, with what else speaks for a unit. */
        public Told with(UnitHints known) {
            return new Told(region, unit, turned, known);
        }
    }

    /**
     * @param place where the counter stands; empty where none was found
     * @param sheet what was read; without a place it has nothing on it but the moments that were looked at
     */
    public record Outcome(Optional<CounterPlace> place, CounterReadings sheet) {
        /** What each picture shows, in order of time, one for every moment that was looked at. */
        public List<RawReading> readings() {
            return sheet.readings();
        }

        public CounterFit fit() {
            return sheet.fit();
        }
    }

    private CounterScan() {}

    /** Finds the counter and reads it. */
    public static Outcome read(Path file, ClipIndex index, Progress progress) throws MediaException {
        return read(file, index, Told.NOTHING, progress);
    }

    public static Outcome read(Path file, ClipIndex index, Told told, Progress progress) throws MediaException {
        List<CounterPlace> places = find(file, index, told, progress.part(0, 0.3));
        if (places.isEmpty()) {
            return new Outcome(Optional.empty(), CounterReadings.none(moments(index.frames())));
        }
        CounterReadings sheet = new CounterReadings(places, told.unit(), told.hints());
        GreyFrames.read(
                file,
                index,
                sheet.region(),
                PER_SECOND,
                (number, seconds, part) -> sheet.take(seconds, part),
                progress.part(0.3, 1));
        sheet.settle();
        return new Outcome(sheet.place(), sheet);
    }

    private static List<Double> moments(FrameIndex frames) {
        int every = Math.max(1, (int) Math.floor(frames.rate() / PER_SECOND));
        List<Double> moments = new ArrayList<>();
        for (int n = 0; n < frames.count(); n += every) {
            moments.add(frames.base().seconds(frames.pts(n) - frames.firstPts()));
        }
        return moments;
    }

    private static List<CounterPlace> find(Path file, ClipIndex index, Told told, Progress progress)
            throws MediaException {
        CounterFinder finder = new CounterFinder(told.unit(), told.turned());
        CounterLooks looks = new CounterLooks(file, index, told.region(), finder);
        looks.show(progress);
        List<CounterPlace> found = finder.rivals();
        return told.region().isEmpty() || found.isEmpty()
                ? found
                : found.stream()
                        .map(p -> onWhole(p, told.region().get(), looks.picture()))
                        .toList();
    }

    /** A place that was found inside a given region, told in the places of the whole picture. */
    private static CounterPlace onWhole(CounterPlace place, Region given, Region picture) {
        Region ink = place.ink();
        return place.in(
                picture, given, new Region(given.x() + ink.x(), given.y() + ink.y(), ink.width(), ink.height()));
    }
}

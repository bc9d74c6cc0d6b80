package hitch.core.counter.sight;

import java.util.ArrayList;
import java.util.List;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;

/**
 * All that was read off one clip's counter in one of the ways that it may be meant. The clip itself teaches the reader: what the
 * fit believes shows how this counter's digits look, and with that the doubtful pictures are read once more. So does
 * every correction.
 */
final class CounterSheet {
    /** Bytes of pictures kept for reading again. */
    private static final long ROOM = 64L << 20;
    /** Pictures that the face is learnt from. */
    private static final int LESSONS = 60;
    /** Surety below which a reading is tried again. */
    private static final double WEAK = 0.9;
    /** How far a reading may lie off the path, units of the counter, before it is tried again. */
    private static final double OFF = 0.05;

    private final CounterReader reader;
    private final NavigableMap<Double, RawReading> readings = new TreeMap<>();
    private final NavigableMap<Double, GreyPicture> parts = new TreeMap<>();
    private final NavigableMap<Double, RawReading> typed = new TreeMap<>();
    private long kept;

    CounterSheet(CounterReader reader) {
        this.reader = reader;
    }

    /** A sheet on which nothing could be read at the given moments, seconds. */
    static CounterSheet empty(List<Double> moments) {
        CounterSheet sheet = new CounterSheet(null);
        moments.forEach(m -> sheet.readings.put(m, RawReading.none(m)));
        return sheet;
    }

    /** Where the counter stands; empty where nothing could be read. */
    Optional<CounterPlace> place() {
        return Optional.ofNullable(reader).map(CounterReader::place);
    }

    /** Reads one more picture. */
    void take(double seconds, GreyPicture part) {
        RawReading reading = reader.readPart(seconds, part);
        readings.put(seconds, reading);
        boolean weak = reading.sure() < WEAK;
        if (kept + part.grey().length <= (weak ? ROOM : ROOM / 2)) {
            parts.put(seconds, part);
            kept += part.grey().length;
        }
    }

    /** Learns the counter's face from what fits and reads again what does not, once all pictures were taken. */
    void settle() {
        CablePath path = path();
        List<RawReading> sure = path.kept().stream()
                .filter(r -> !r.typed() && r.sure() >= WEAK && parts.containsKey(r.seconds()))
                .toList();
        int step = Math.max(1, sure.size() / LESSONS);
        for (int i = 0; i < sure.size(); i += step) {
            reader.learn(parts.get(sure.get(i).seconds()), sure.get(i).value().orElseThrow());
        }
        readAgain(path);
    }

    private void readAgain(CablePath path) {
        // Reading changes nothing, so the pictures may be read in any order.
        path.moments().stream().filter(this::isDoubtful).map(CablePath.Moment::seconds).toList().parallelStream()
                .map(seconds -> reader.readPart(seconds, parts.get(seconds)))
                .toList()
                .forEach(reading -> readings.put(reading.seconds(), reading));
    }

    private boolean isDoubtful(CablePath.Moment moment) {
        RawReading reading = readings.get(moment.seconds());
        if (reading == null || !parts.containsKey(moment.seconds())) {
            return false;
        }
        boolean off = moment.value().isEmpty()
                || reading.value().isEmpty()
                || Math.abs(moment.value().getAsDouble() - reading.value().getAsDouble()) > OFF;
        return off || reading.sure() < WEAK;
    }

    /** What a person says the counter shows at {@code seconds}; teaches the reader and reads doubtful pictures again. */
    void correct(double seconds, double value) {
        typed.put(seconds, RawReading.typed(seconds, value));
        Double nearest = parts.floorKey(seconds + 0.1);
        if (nearest != null && seconds - nearest < 0.25) {
            reader.learnTyped(parts.get(nearest), value);
            readAgain(path());
        }
    }

    /** Takes it that a person had said so before; nothing is read again. */
    void recall(double seconds, double value) {
        typed.put(seconds, RawReading.typed(seconds, value));
    }

    /** What each picture shows, in order of time. */
    List<RawReading> readings() {
        return List.copyOf(readings.values());
    }

    /** The most likely path of the cable by all of it. */
    CablePath path() {
        NavigableMap<Double, RawReading> all = new TreeMap<>(readings);
        all.putAll(typed);
        // Feet leave more speeds possible than metres; what it counts in is told later.
        return CablePath.fit(new ArrayList<>(all.values()));
    }
}

package hitch.core.counter.sight;

import hitch.core.counter.Counted;
import java.util.ArrayList;
import java.util.List;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;

/**
 * All that was read off one clip's counter in every way that it may be meant, and what a person said of it. Which way is
 * right at each moment ({@link WayUp}), what it counts in ({@link UnitWeigher}) and how the cable went
 * ({@link CablePath}) is laid anew whenever more is known.
 */
public final class CounterReadings {
    /** No cable that a hand pushes is longer, millimetres: 600 feet. */
    private static final double LONGEST_CABLE_MM = 600 * 304.8;
    /** The most that a moment is trusted of which something as a whole is odd. */
    private static final double DOUBTFUL = 0.7;

    private final List<CounterSheet> ways;
    private final CounterUnit told;
    private final UnitHints hints;
    private final NavigableMap<Double, RawReading> typed = new TreeMap<>();

    /**
     * @param places the ways in which the counter may be meant, the likeliest first; one or more
     * @param told what it counts in, by the user's word; {@link CounterUnit#UNSAID} to weigh it
     */
    public CounterReadings(List<CounterPlace> places, CounterUnit told, UnitHints hints) {
        this(places.stream().map(p -> new CounterSheet(new CounterReader(p))).toList(), hints, told);
    }

    private CounterReadings(List<CounterSheet> ways, UnitHints hints, CounterUnit told) {
        this.ways = List.copyOf(ways);
        this.told = told;
        this.hints = hints;
    }

    /** Readings of a clip on which nothing could be read at the given moments, seconds. */
    public static CounterReadings none(List<Double> moments) {
        return new CounterReadings(List.of(CounterSheet.empty(moments)), UnitHints.NONE, CounterUnit.UNSAID);
    }

    /** The part of each picture that is wanted. */
    public Region region() {
        return ways.stream()
                .map(w -> w.place().orElseThrow().region())
                .reduce(Region::with)
                .map(r -> r.within(
                        ways.getFirst().place().orElseThrow().picture().width(),
                        ways.getFirst().place().orElseThrow().picture().height()))
                .orElseThrow();
    }

    /**
     * Reads one more picture.
     *
     * @param part the picture inside {@link #region}
     */
    public void take(double seconds, GreyPicture part) {
        Region whole = region();
        for (CounterSheet way : ways) {
            Region own = way.place().orElseThrow().region();
            way.take(
                    seconds,
                    ways.size() == 1
                            ? part
                            : part.crop(
                                    new Region(own.x() - whole.x(), own.y() - whole.y(), own.width(), own.height())));
        }
    }

    /** Learns the counter's face and reads again what does not fit, once all pictures were taken. */
    public void settle() {
        ways.forEach(CounterSheet::settle);
    }

    /** What a person says the counter shows at {@code seconds}; teaches the reader and reads doubtful pictures again. */
    public void correct(double seconds, double value) {
        typed.put(seconds, RawReading.typed(seconds, value));
        ways.forEach(w -> w.correct(seconds, value));
    }

    /** Takes it that a person had said so before; nothing is read again. */
    public void recall(double seconds, double value) {
        typed.put(seconds, RawReading.typed(seconds, value));
        ways.forEach(w -> w.recall(seconds, value));
    }

    /** What each picture shows, in order of time, in the way that is right there. */
    public List<RawReading> readings() {
        return chosen(up());
    }

    /** Where the counter stands: the place that most of the clip is read in. */
    public Optional<CounterPlace> place() {
        WayUp up = up();
        int[] counts = new int[ways.size()];
        int best = 0;
        int moments = ways.getFirst().readings().size();
        for (int i = 0; i < moments; i++) {
            counts[up.at(i)]++;
            best = counts[up.at(i)] > counts[best] ? up.at(i) : best;
        }
        return ways.get(best).place();
    }

    /** What it all comes to. */
    public CounterFit fit() {
        WayUp up = up();
        List<RawReading> read = chosen(up);
        double surely = place().map(CounterReadings::trust).orElse(1.0);
        UnitWeigher.Found unit = unit(read, up);
        CablePath path = path(read, unit.sure() ? unit.unit() : CounterUnit.FEET);
        List<CablePath.Moment> moments = new ArrayList<>();
        NavigableMap<Double, Integer> order = new TreeMap<>();
        read.forEach(r -> order.put(r.seconds(), order.size()));
        for (CablePath.Moment m : path.moments()) {
            var at = order.floorEntry(m.seconds());
            double most = up.isSure(at == null ? 0 : at.getValue()) ? 1 : Counted.UP_ASKED;
            most = unit.sure() ? most : Math.min(most, Counted.UNIT_ASKED);
            most = Math.min(most, surely);
            boolean tooLong = m.value().isPresent()
                    && m.value().getAsDouble() * unit.unit().mm() > LONGEST_CABLE_MM;
            most = tooLong ? Math.min(most, DOUBTFUL) : most;
            most = Math.max(most, typed.containsKey(m.seconds()) ? 1 : 0);
            moments.add(new CablePath.Moment(m.seconds(), m.value(), Math.min(m.confidence(), most)));
        }
        List<CounterFit.Turn> turns = up.changes().stream()
                .filter(i -> i < read.size())
                .map(i -> new CounterFit.Turn(
                        read.get(i).seconds(),
                        ways.get(up.at(i))
                                .place()
                                .map(p -> p.manner().isTurned())
                                .orElse(false)))
                .toList();
        return new CounterFit(path, moments, unit, turns, up.isSure());
    }

    /** The most that a moment is trusted where the place hardly behaves like a counter. */
    private static double trust(CounterPlace place) {
        return place.rate() >= CounterPlace.SURELY ? 1 : DOUBTFUL;
    }

    private UnitWeigher.Found unit(List<RawReading> read, WayUp up) {
        if (told != CounterUnit.UNSAID) {
            return UnitWeigher.told(told);
        }
        return ways.get(read.isEmpty() ? 0 : up.at(read.size() / 2))
                .place()
                .map(p -> UnitWeigher.weigh(p, path(read, CounterUnit.FEET), hints))
                .orElse(UnitWeigher.told(CounterUnit.UNSAID));
    }

    private WayUp up() {
        return WayUp.of(ways, List.copyOf(typed.values()));
    }

    private List<RawReading> chosen(WayUp up) {
        List<List<RawReading>> read = ways.stream().map(CounterSheet::readings).toList();
        List<RawReading> chosen = new ArrayList<>();
        for (int i = 0; i < read.getFirst().size(); i++) {
            chosen.add(read.get(up.at(i)).get(i));
        }
        return chosen;
    }

    private CablePath path(List<RawReading> read, CounterUnit unit) {
        NavigableMap<Double, RawReading> all = new TreeMap<>();
        read.forEach(r -> all.put(r.seconds(), r));
        all.putAll(typed);
        return CablePath.fit(List.copyOf(all.values()), unit);
    }
}

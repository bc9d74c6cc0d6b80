package hitch.core.counter.sight;

import java.util.Comparator;
import java.util.Optional;
import java.util.OptionalDouble;

/** Reads a counter whose place is known, picture by picture. */
public final class CounterReader {
    private final CounterPlace place;
    private final LineReader reader = new LineReader(GlyphNet.shipped());

    public CounterReader(CounterPlace place) {
        this.place = place;
    }

    /** What {@code picture} shows at {@code seconds}. */
    public RawReading read(double seconds, GreyPicture picture) {
        GreyPicture part = picture.crop(place.region());
        Optional<CounterText> best = reader.lines(place.dark() ? part.negative() : part).stream()
                .flatMap(l -> CounterText.in(l).stream())
                .filter(t -> t.decimals() == place.decimals())
                .filter(t -> Math.abs(t.region().height() - place.height()) <= Math.max(2, place.height() * 0.2))
                .max(Comparator.comparingDouble(CounterText::weight));
        return new RawReading(
                seconds,
                best.map(t -> OptionalDouble.of(t.value())).orElse(OptionalDouble.empty()),
                best.map(CounterText::sure).orElse(0.0));
    }
}

package hitch.core.counter.sight;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Reads a counter whose place is known, picture by picture. */
public final class CounterReader {
    /** Numbers nearer than this are the same number. */
    private static final double SAME = 0.004;

    private final CounterPlace place;
    /** Surety from which a number that is known to be right teaches what its digits look like. */
    private static final double PLAIN = 0.5;
    /** Surety with which two ways of looking must tell the same for it to be taken. */
    private static final double AGREED = 0.9;
    /** What a number typed by a person teaches, in marks. */
    private static final double TYPED = 6;

    private final ClipFace face = new ClipFace(GlyphNet.shipped());
    private final LineReader reader = new LineReader(face);

    public CounterReader(CounterPlace place) {
        this.place = place;
    }

    public CounterPlace place() {
        return place;
    }

    /**
     * What the counter shows at {@code seconds}.
     *
     * @param part the picture inside the counter's region
     */
    public RawReading readPart(double seconds, GreyPicture part) {
        Optional<CounterText> best = texts(part, true).stream().max(Comparator.comparingDouble(CounterText::weight));
        return new RawReading(
                seconds,
                best.map(t -> OptionalDouble.of(t.value())).orElse(OptionalDouble.empty()),
                best.map(CounterText::sure).orElse(0.0));
    }

    /** What may be the counter, one for each way of looking; with {@code quick} no more ways once two plainly agree. */
    private List<CounterText> texts(GreyPicture part, boolean quick) {
        List<CounterText> found = new ArrayList<>();
        reader.lines(place.manner().of(part), line -> fits(line.height()), lines -> {
            lines.stream()
                    .flatMap(l -> CounterText.in(l).stream())
                    .filter(t ->
                            t.decimals() == place.decimals() && fits(t.region().height()))
                    .forEach(found::add);
            return !quick || !agreed(found);
        });
        return found;
    }

    private boolean fits(int height) {
        return Math.abs(height - place.height()) <= Math.max(2, place.height() * 0.2);
    }

    private static boolean agreed(List<CounterText> found) {
        for (int i = 1; i < found.size(); i++) {
            CounterText a = found.get(i);
            for (CounterText b : found.subList(0, i)) {
                if (a.value() == b.value() && a.sure() >= AGREED && b.sure() >= AGREED) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Learns the counter's face from a part that is known to show {@code value}, by the fit of all readings. */
    public void learn(GreyPicture part, double value) {
        texts(part, false).stream()
                .filter(t -> t.sure() >= PLAIN && Math.abs(t.value() - value) < SAME)
                .forEach(t -> learn(t, t.digits(), 1));
    }

    /** Learns the counter's face from what a person typed: every row with as many digits is one of it. */
    public void learnTyped(GreyPicture part, double value) {
        texts(part, false).stream()
                .filter(t -> t.digits().length() == t.glyphs().size())
                .forEach(t -> {
                    String digits = spelt(value, t.digits().length());
                    if (digits.length() == t.digits().length()) {
                        learn(t, digits, TYPED);
                    }
                });
    }

    private void learn(CounterText text, String digits, double weight) {
        for (int i = 0; i < Math.min(digits.length(), text.glyphs().size()); i++) {
            face.learn(text.glyphs().get(i), digits.charAt(i) - '0', weight);
        }
    }

    /** The digits that a counter of this sort shows for {@code value}, led by zeros where it shows more. */
    private String spelt(double value, int length) {
        if (place.decimals() < 0) {
            long inches = Math.round(value * 12);
            String rest = String.valueOf(inches % 12);
            String feet = String.valueOf(inches / 12);
            return feet + (feet.length() + rest.length() < length ? "0" : "") + rest;
        }
        String plain = String.valueOf(Math.round(Math.abs(value) * Math.pow(10, place.decimals())));
        String least = "0".repeat(Math.max(0, place.decimals() + 1 - plain.length())) + plain;
        return "0".repeat(Math.max(0, length - least.length())) + least;
    }
}

package hitch.core.counter.sight;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Finds the counter among all that is written on a clip: the number that stands in one place and changes as a cable can,
 * which a date, a job number and a pipe size do not, and a clock does only in one way.
 */
public final class CounterFinder {
    /** Fastest that a head is pushed or pulled, units of the counter a second. */
    private static final double FASTEST = 6;
    /** Dark writing is rarer, and the outlines of bright writing look like it. */
    private static final double DARK_DOUBT = 0.7;
    /** Least share of neighbouring looks between which the change is one that a cable can make. */
    private static final double LEAST_PLAUSIBLE = 0.75;
    /** The same for a number without a point, which much else on a picture is. */
    private static final double LEAST_WHOLE = 0.92;
    /** Least share of the looks in which a counter is readable. */
    private static final double LEAST_SHARE = 0.25;

    private record Seen(double seconds, CounterText text) {}

    private final LineReader reader = new LineReader(GlyphNet.shipped());
    private final Map<String, List<Seen>> bright = new HashMap<>();
    private final Map<String, List<Seen>> dark = new HashMap<>();
    private int looks;

    /** Looks at one more picture; some dozens spread over the clip are enough. */
    public void look(double seconds, GreyPicture picture) {
        looks++;
        look(seconds, picture, bright);
        look(seconds, picture.negative(), dark);
    }

    private void look(double seconds, GreyPicture picture, Map<String, List<Seen>> into) {
        Map<String, Seen> best = new HashMap<>();
        for (LineText line : reader.lines(picture)) {
            for (CounterText text : CounterText.in(line)) {
                // A counter keeps its foot and its digits' height and form, whatever it shows.
                Region r = text.region();
                String place = Math.round(r.bottom() / 6.0) + " " + text.decimals() + " " + corner(picture, r);
                best.merge(
                        place,
                        new Seen(seconds, text),
                        (a, b) -> a.text().weight() >= b.text().weight() ? a : b);
            }
        }
        best.forEach((place, seen) ->
                into.computeIfAbsent(place, p -> new ArrayList<>()).add(seen));
    }

    private static int corner(GreyPicture picture, Region r) {
        return (r.x() + r.width() / 2) * 4 / picture.width();
    }

    /** The likeliest counter of what was looked at; empty where nothing behaves like one. */
    public Optional<CounterPlace> found() {
        record Rated(CounterPlace place, double rate) {}
        List<Rated> all = new ArrayList<>();
        bright.values().forEach(s -> all.add(new Rated(place(s, false), rate(s))));
        dark.values().forEach(s -> all.add(new Rated(place(s, true), DARK_DOUBT * rate(s))));
        return all.stream()
                .filter(r -> r.rate() > 0)
                .max(Comparator.comparingDouble(Rated::rate))
                .map(Rated::place);
    }

    private CounterPlace place(List<Seen> seen, boolean isDark) {
        Region hull =
                seen.stream().map(s -> s.text().region()).reduce(Region::with).orElseThrow();
        int height =
                seen.stream().mapToInt(s -> s.text().region().height()).sorted().toArray()[seen.size() / 2];
        return new CounterPlace(
                hull.grown(height, height / 3 + 2),
                isDark,
                seen.getFirst().text().decimals(),
                height);
    }

    /** How much a place behaves like a counter: often read, surely, changing, and never faster than a cable. */
    private double rate(List<Seen> seen) {
        if (seen.size() < Math.max(3, LEAST_SHARE * looks)) {
            return 0;
        }
        int plausible = 0;
        int steady = 0;
        for (int i = 1; i < seen.size(); i++) {
            double seconds = seen.get(i).seconds() - seen.get(i - 1).seconds();
            double change = seen.get(i).text().value() - seen.get(i - 1).text().value();
            plausible += Math.abs(change) <= FASTEST * seconds + 1 ? 1 : 0;
            steady += Math.abs(change - seconds) < 0.2 * seconds ? 1 : 0;
        }
        double pairs = seen.size() - 1;
        long values =
                seen.stream().mapToDouble(s -> s.text().value()).distinct().count();
        boolean whole = seen.getFirst().text().decimals() == 0;
        if (whole && (values < 5 || plausible < LEAST_WHOLE * pairs)) {
            return 0;
        }
        boolean clock = steady > 0.6 * pairs && seen.getFirst().text().decimals() == 0;
        double sure = seen.stream().mapToDouble(s -> s.text().sure()).average().orElse(0);
        double changing = Math.min(1, (values - 1) / 4.0);
        double pointed = seen.getFirst().text().decimals() != 0 ? 1 : 0.5;
        return clock || plausible < LEAST_PLAUSIBLE * pairs
                ? 0
                : pointed * changing * sure * (plausible / pairs) * seen.size() / looks;
    }
}

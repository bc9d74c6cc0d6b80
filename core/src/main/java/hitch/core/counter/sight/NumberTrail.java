package hitch.core.counter.sight;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** The numbers seen in one place of a clip's pictures, and how much they behave like a counter. */
final class NumberTrail {
    /** Fastest that a head is pushed or pulled, units of the counter a second. */
    private static final double FASTEST = 6;
    /** Least share of neighbouring looks between which the change is one that a cable can make. */
    private static final double LEAST_PLAUSIBLE = 0.75;
    /** The same for a number without a point, which much else on a picture is. */
    private static final double LEAST_WHOLE = 0.92;
    /** Least share of the looks in which such a number is readable. */
    private static final double LEAST_SHARE_WHOLE = 0.6;
    /** How sure such numbers must be on the whole. */
    private static final double LEAST_SURE_WHOLE = 0.8;
    /** Rates below this are chance. */
    private static final double LEAST_RATE = 0.15;
    /** Least share of the looks in which a counter is readable. */
    private static final double LEAST_SHARE = 0.25;
    /** Least share of the looks, and of plausible changes, from which numbers the other way up are tried as well. */
    private static final double RIVAL_SHARE = 0.1;

    private static final double RIVAL_PLAUSIBLE = 0.5;

    /** One of so many looks must show the marks of feet and of inches. */
    private static final int MARKED_OF = 3;
    /** What feet and inches are worth without the marks of both: clocks and dates, misread, look so. */
    private static final double UNMARKED = 0.29;
    /** Time over which a number is held against a clock, seconds. */
    private static final double CLOCK_OVER = 3;

    private record Seen(double seconds, CounterText text) {}

    private final List<Seen> seen = new ArrayList<>();

    /** Whether {@code text} stands where these numbers stand and looks like them. */
    boolean takes(CounterText text) {
        CounterText last = seen.getLast().text();
        Region a = last.region();
        Region b = text.region();
        int like = Math.max(2, Math.max(a.height(), b.height()) / 5);
        return text.decimals() == last.decimals()
                && Math.abs(a.bottom() - b.bottom()) <= like
                && Math.abs(a.height() - b.height()) <= like
                && -a.overlapAcross(b) <= a.height();
    }

    /** Adds what was seen at {@code seconds}; of several numbers in one look the weightiest stays. */
    void add(double seconds, CounterText text) {
        if (!seen.isEmpty() && seen.getLast().seconds() == seconds) {
            CounterText best = seen.getLast().text();
            // Marks that only one way of looking shows are there all the same.
            boolean marks = text.value() == best.value() && text.behind() == UnitLetters.MARKED;
            if (best.weight() >= text.weight() && !marks) {
                return;
            }
            seen.removeLast();
        }
        seen.add(new Seen(seconds, text));
    }

    double weight() {
        return seen.stream().mapToDouble(s -> s.text().weight()).sum();
    }

    /** The part of the picture that the numbers never left, with the room that one more digit takes. */
    Region region() {
        Region hull =
                seen.stream().map(s -> s.text().region()).reduce(Region::with).orElseThrow();
        int height = height();
        return hull.grown(height, height / 3 + 2);
    }

    int height() {
        return seen.stream().mapToInt(s -> s.text().region().height()).sorted().toArray()[seen.size() / 2];
    }

    int decimals() {
        return seen.getFirst().text().decimals();
    }

    /** The part of the picture that the digits and the letters behind them took up. */
    Region ink() {
        return seen.stream()
                .map(s -> s.text()
                        .behind()
                        .box()
                        .map(s.text().region()::with)
                        .orElse(s.text().region()))
                .reduce(Region::with)
                .orElseThrow();
    }

    /** How much the letters behind the number speak for feet over all looks, as the logarithm of the odds. */
    double forFeet() {
        return UnitLetters.together(seen.stream().map(s -> s.text().behind()).toList());
    }

    /** Whether some of the looks show a number here that moves as a cable does; less than a counter's is asked. */
    boolean mayRival(int looks) {
        int plausible = 0;
        for (int i = 1; i < seen.size(); i++) {
            plausible += isPlausible(seen.get(i - 1), seen.get(i)) ? 1 : 0;
        }
        return seen.size() >= Math.max(3, RIVAL_SHARE * looks) && plausible >= RIVAL_PLAUSIBLE * (seen.size() - 1);
    }

    /** Whether it counts seconds: minutes and seconds may read as a number with a point, or with a mark for feet. */
    private boolean isClock() {
        double ticksOfOne = decimals() < 0 ? 12 : Math.pow(10, decimals());
        int compared = 0;
        int steady = 0;
        int later = 0;
        for (Seen one : seen) {
            while (later < seen.size() && seen.get(later).seconds() - one.seconds() < CLOCK_OVER) {
                later++;
            }
            if (later == seen.size()) {
                break;
            }
            Seen two = seen.get(later);
            double ticks = ticksOfOne * (two.text().value() - one.text().value());
            compared++;
            steady += Math.abs(ticks - (two.seconds() - one.seconds())) <= 1.1 ? 1 : 0;
        }
        return compared >= 3 && steady > 0.6 * compared;
    }

    /** Whether enough of the feet and inches have the marks of both. */
    private boolean isMarked() {
        return MARKED_OF
                        * seen.stream()
                                .filter(s -> s.text().behind() == UnitLetters.MARKED)
                                .count()
                > seen.size();
    }

    private static boolean isPlausible(Seen a, Seen b) {
        double change = b.text().value() - a.text().value();
        return Math.abs(change) <= FASTEST * (b.seconds() - a.seconds()) + 1;
    }

    /** Whether a number goes with the one before it or after it: what stands still and is misread once does not change. */
    private boolean isBelieved(int i) {
        return i > 0 && isPlausible(seen.get(i - 1), seen.get(i))
                || i + 1 < seen.size() && isPlausible(seen.get(i), seen.get(i + 1));
    }

    /** How much the place behaves like a counter, 0 to 1: often read, surely, changing, never faster than a cable. */
    double rate(int looks) {
        if (seen.size() < Math.max(3, LEAST_SHARE * looks)) {
            return 0;
        }
        int plausible = 0;
        for (int i = 1; i < seen.size(); i++) {
            plausible += isPlausible(seen.get(i - 1), seen.get(i)) ? 1 : 0;
        }
        double pairs = seen.size() - 1;
        long values = IntStream.range(0, seen.size())
                .filter(this::isBelieved)
                .mapToDouble(i -> seen.get(i).text().value())
                .distinct()
                .count();
        boolean whole = decimals() == 0;
        boolean clock = isClock();
        double sure = seen.stream().mapToDouble(s -> s.text().sure()).average().orElse(0);
        boolean unlikely = whole
                && (values < 5
                        || seen.size() < LEAST_SHARE_WHOLE * looks
                        || sure < LEAST_SURE_WHOLE
                        || plausible < LEAST_WHOLE * pairs);
        if (clock || unlikely || plausible < LEAST_PLAUSIBLE * pairs) {
            return 0;
        }
        double changing = Math.min(1, (values - 1) / 4.0);
        double pointed = whole ? 0.3 : 1;
        double said = decimals() < 0 ? (isMarked() ? 1 : UNMARKED) : forFeet() == 0 ? 0.9 : 1;
        double rate = pointed * said * changing * sure * (plausible / pairs) * seen.size() / looks;
        return rate < LEAST_RATE ? 0 : rate;
    }
}

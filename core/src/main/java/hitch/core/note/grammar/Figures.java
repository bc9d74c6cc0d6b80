package hitch.core.note.grammar;

import hitch.core.detail.Count;
import hitch.core.finding.ClockPosition;
import hitch.core.note.grammar.Meaning.Amount;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Takes out of a sentence the figures that are no distance: how long something took, how many there were, how wide a tool is. */
final class Figures {
    private static final Map<String, String> UNITS = Map.ofEntries(
            Map.entry("s", "s"),
            Map.entry("sec", "s"),
            Map.entry("second", "s"),
            Map.entry("seconds", "s"),
            Map.entry("min", "min"),
            Map.entry("minute", "min"),
            Map.entry("minutes", "min"),
            Map.entry("hour", "hours"),
            Map.entry("hours", "hours"),
            Map.entry("hr", "hours"),
            Map.entry("hrs", "hours"),
            Map.entry("day", "days"),
            Map.entry("days", "days"),
            Map.entry("week", "weeks"),
            Map.entry("weeks", "weeks"),
            Map.entry("month", "months"),
            Map.entry("months", "months"),
            Map.entry("yr", "years"),
            Map.entry("year", "years"),
            Map.entry("years", "years"));
    private static final Set<String> COUNTED = Set.of(
            "joint", "joints", "hub", "hubs", "lengths", "sections", "pipes", "couplings", "tie ins", "fixtures");

    private final Phrases parts;

    private Figures(Phrases parts) {
        this.parts = parts;
    }

    /** Before numbers are joined with units of length. */
    static void times(Phrases parts) {
        Figures figures = new Figures(parts);
        for (int i = 0; i < parts.size(); i++) {
            figures.count(i);
            figures.time(i);
            figures.flat(i);
            figures.halfWay(i);
        }
    }

    /** After they are. */
    static void tools(Phrases parts, boolean typed) {
        Figures figures = new Figures(parts);
        for (int i = 0; i < parts.size(); i++) {
            figures.tool(i);
            if (typed) {
                figures.hour(i);
            }
        }
    }

    /** "Forty-four flat": no tenths. */
    private void flat(int i) {
        if (parts.has(i, Meaning.Number.class)
                && parts.says(i + 1, "flat", "even")
                && (parts.isEdge(i + 2) || parts.at(i + 2).isSign())) {
            parts.join(i, i + 1, parts.at(i).meaning());
        }
    }

    /** "Half way up the pipe". */
    private void halfWay(int i) {
        int up = parts.says(i, "halfway") ? i + 1 : parts.says(i, "half") && parts.says(i + 1, "way") ? i + 2 : -1;
        if (up > 0 && (parts.says(up, "full", "up") || parts.says(up, "up the pipe", "up the wall"))) {
            int last = parts.is(up + 1, Glue.BORE) ? up + 1 : up;
            parts.join(i, last, new Meaning.Share(50));
        }
    }

    /** "Crack @12, 17-19": an hour, where a place follows it. */
    private void hour(int i) {
        Optional<Double> hour = number(i).filter(h -> h == Math.rint(h) && h >= 1 && h <= 12);
        if (hour.isEmpty() || !parts.says(i - 1, "@") || parts.says(i + 1, "-", "/", ".")) {
            return;
        }
        for (int j = i + 1; j < parts.size(); j++) {
            Optional<Double> other = number(j).filter(v -> v >= 3);
            if (other.isPresent() && !parts.is(j + 1, Glue.OTHER)) {
                parts.set(i, new Meaning.Round(ClockPosition.at(hour.get().intValue()), false));
                return;
            }
        }
    }

    private void time(int i) {
        String unit = UNITS.get(parts.at(i + 1).text());
        boolean plural = parts.says(i + 1, "s") && parts.touches(i);
        if (number(i).filter(v -> v == 0.5).isPresent() && parts.says(i + 1, "a", "an")) {
            // "Half a minute".
            String of = UNITS.get(parts.at(i + 2).text());
            if (of != null) {
                parts.join(i, i + 2, new Meaning.Time(0.5, of));
            }
            return;
        }
        if (unit == null || plural && !anyFixture()) {
            return;
        }
        Optional<Double> value = number(i);
        if (parts.says(i, "a", "one", "an")) {
            value = Optional.of(1.0);
        }
        boolean half =
                parts.is(i + 2, Glue.AND) && number(i + 3).filter(v -> v == 0.5).isPresent();
        value.ifPresent(v -> parts.join(i, half ? i + 3 : i + 1, new Meaning.Time(half ? v + 0.5 : v, unit)));
    }

    /** "45 s" is a time beside a fixture; "45s" are bends. */
    private boolean anyFixture() {
        for (int i = 0; i < parts.size(); i++) {
            if (parts.has(i, Meaning.Clue.class)) {
                return true;
            }
        }
        return false;
    }

    private Optional<Double> number(int i) {
        return parts.as(i, Meaning.Number.class).map(Meaning.Number::value);
    }

    private static boolean isWhole(Optional<Double> value) {
        return value.filter(v -> v == Math.rint(v) && v >= 0 && v < 1000).isPresent();
    }

    /** "9 of 24 joints", "eleven joints out of nineteen", "5/12 joints", "x2", "six joints and not one". */
    private void count(int i) {
        Optional<Double> some = parts.says(i, "one") ? Optional.of(1.0) : number(i);
        boolean times = parts.says(i, "x") && isWhole(number(i + 1));
        if (times) {
            put(i, i + 1, number(i + 1).orElseThrow(), 0);
            return;
        }
        if (parts.at(i).text().matches("\\d+ / \\d+") && isCounted(i + 1)) {
            String[] both = parts.at(i).text().split(" / ");
            put(i, i, Double.parseDouble(both[0]), Double.parseDouble(both[1]));
            return;
        }
        if (!isWhole(some)) {
            return;
        }
        if (parts.says(i + 1, "/") && isWhole(number(i + 2)) && isCounted(i + 3)) {
            put(i, i + 2, some.get(), number(i + 2).orElseThrow());
            return;
        }
        int of = isCounted(i + 1) ? i + 2 : i + 1;
        if (parts.says(of, "out") && parts.says(of + 1, "of")) {
            of++;
        }
        int total = of + 1;
        while (parts.says(total, "the", "all", "last", "first", "next", "those", "these", "my")) {
            total++;
        }
        boolean out = parts.says(of, "of", "out of") && isWhole(number(total));
        if (out && (isCounted(total + 1) || of > i + 1 && isCounted(i + 1) || isCounted(i - 1))) {
            put(i, total, some.get(), number(total).orElseThrow());
        }
    }

    private void put(int from, int to, double some, double of) {
        if (of == 0 || some <= of) {
            parts.join(from, to, new Meaning.Counted(new Count((int) some, (int) of)));
        }
    }

    private boolean isCounted(int i) {
        return COUNTED.contains(parts.at(i).text());
    }

    /** "3 in cutter", "cutter, 4 in". */
    private void tool(int i) {
        Optional<Amount> width = parts.as(i, Amount.class).filter(Amount::small);
        Optional<Meaning.Tool> behind = parts.as(i + 1, Meaning.Tool.class);
        if (width.isPresent() && behind.isPresent()) {
            parts.join(
                    i,
                    i + 1,
                    new Meaning.Tool(
                            behind.get().name(), Optional.of(width.get().length())));
        }
    }
}

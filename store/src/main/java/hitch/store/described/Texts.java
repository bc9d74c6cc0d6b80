package hitch.store.described;

import hitch.core.finding.ClockPosition;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.LengthText;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.pipe.Lining;
import hitch.core.pipe.Material;
import hitch.core.pipe.Pipe;
import hitch.core.pipe.PipeSize;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Places, clock positions and pipes as people write them, exact to the millimetre. */
final class Texts {
    private static final Pattern HOURS = Pattern.compile("(1[0-2]|[1-9])(?:\\s*-\\s*(1[0-2]|[1-9]))?(?: o'clock)?");
    private static final Map<String, ClockPosition> SIDES = Map.of(
            "top", ClockPosition.at(12),
            "right", ClockPosition.at(3),
            "bottom", ClockPosition.at(6),
            "left", ClockPosition.at(9),
            "all round", ClockPosition.ALL_ROUND,
            "both sides", ClockPosition.BOTH_SIDES);
    private static final Pattern TO = Pattern.compile("(?i)\\s+to\\s+(?!the)");
    private static final Pattern WAY = Pattern.compile("(?i)(.*?)\\s*toward the (building|main)");

    private Texts() {}

    static String station(Station station) {
        return number(station.fromDatum()) + " ft" + (station.mm() < 0 ? " toward the building" : "");
    }

    /** Feet with as many decimals as a millimetre needs, three at most. */
    private static String number(Distance distance) {
        for (int decimals = 1; decimals < 3; decimals++) {
            String text = String.format(Locale.ROOT, "%." + decimals + "f", distance.inFeet());
            if (Distance.feet(Double.parseDouble(text)).equals(distance)) {
                return text;
            }
        }
        return String.format(Locale.ROOT, "%.3f", distance.inFeet());
    }

    static Optional<Station> station(String text) {
        Matcher way = WAY.matcher(text.strip());
        boolean told = way.matches();
        boolean building = told && way.group(2).equalsIgnoreCase("building");
        String number = told ? way.group(1) : text.strip();
        boolean minus = number.startsWith("-");
        return LengthUnit.FEET
                .read(minus ? number.substring(1) : number)
                .map(d -> new Station(building || minus ? -d.mm() : d.mm()));
    }

    /** A length that may be less than nothing. */
    static String signed(Distance distance) {
        return (distance.mm() < 0 ? "-" : "") + LengthText.write(distance.abs());
    }

    static Optional<Distance> signed(String text) {
        boolean minus = text.strip().startsWith("-");
        return LengthText.read(minus ? text.strip().substring(1) : text).map(d -> minus ? new Distance(-d.mm()) : d);
    }

    static String extent(Extent extent) {
        return extent.isPoint() ? station(extent.from()) : station(extent.from()) + " to " + station(extent.to());
    }

    static Optional<Extent> extent(String text) {
        String[] ends = TO.split(text.strip(), 2);
        if (ends.length == 1) {
            return station(text).map(Extent::at);
        }
        return station(unit(ends[0], ends[1])).flatMap(a -> station(ends[1]).map(b -> Extent.between(a, b)));
    }

    /** "26.4 to 33.8 m": a unit and a way that are written once hold for both ends. */
    private static String unit(String first, String second) {
        if (!first.matches("-?[\\d.]+")) {
            return first;
        }
        return first + second.replaceFirst("^-?[\\d.]+", "");
    }

    static String clock(ClockPosition clock) {
        return SIDES.entrySet().stream()
                .filter(e -> e.getValue().equals(clock))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElseGet(
                        () -> clock.from() == clock.to() ? clock.from() + " o'clock" : clock.from() + "-" + clock.to());
    }

    static Optional<ClockPosition> clock(String text) {
        String plain = text.strip().toLowerCase(Locale.ROOT);
        if (SIDES.containsKey(plain)) {
            return Optional.of(SIDES.get(plain));
        }
        Matcher m = HOURS.matcher(plain);
        if (!m.matches()) {
            return Optional.empty();
        }
        int from = Integer.parseInt(m.group(1));
        return Optional.of(
                m.group(2) == null ? ClockPosition.at(from) : ClockPosition.arc(from, Integer.parseInt(m.group(2))));
    }

    static String pipe(Pipe pipe) {
        String plain = (pipe.size().map(s -> LengthText.write(s.bore())).orElse("") + " "
                        + pipe.material().map(Material::word).orElse(""))
                .strip();
        return String.join(
                ", ",
                java.util.stream.Stream.of(
                                plain,
                                pipe.lining().map(Lining::word).orElse(""),
                                pipe.laid().map(y -> "laid " + y).orElse(""))
                        .filter(t -> !t.isEmpty())
                        .toList());
    }

    /** Empty where a part is no pipe. */
    static Optional<Pipe> pipe(String text) {
        Pipe pipe = Pipe.UNKNOWN;
        for (String part : text.split("\\s*,\\s*")) {
            Optional<Pipe> with = part(pipe, part.strip());
            if (with.isEmpty()) {
                return Optional.empty();
            }
            pipe = with.get();
        }
        return Optional.of(pipe);
    }

    private static Optional<Pipe> part(Pipe pipe, String part) {
        Optional<Lining> lining = word(part, List.of(Lining.values()), Lining::word);
        if (lining.isPresent()) {
            return Optional.of(pipe.withLining(lining));
        }
        if (part.matches("laid \\d{4}")) {
            return Optional.of(pipe.withLaid(Optional.of(Integer.valueOf(part.substring(5)))));
        }
        for (Material material : Material.values()) {
            if (part.toLowerCase(Locale.ROOT).endsWith(material.word().toLowerCase(Locale.ROOT))) {
                Pipe of = pipe.withMaterial(Optional.of(material));
                String size = part.substring(0, part.length() - material.word().length())
                        .strip();
                return size.isEmpty()
                        ? Optional.of(of)
                        : LengthText.read(size).map(d -> of.withSize(Optional.of(new PipeSize(d))));
            }
        }
        return LengthText.read(part).map(d -> pipe.withSize(Optional.of(new PipeSize(d))));
    }

    /** The one of a few things that goes by a word. */
    static <T> Optional<T> word(String text, List<T> all, Function<T, String> word) {
        return all.stream()
                .filter(v -> word.apply(v).equalsIgnoreCase(text.strip()))
                .findFirst();
    }

    /** The words of a few things, to be told where none of them was written. */
    static <T> String words(T[] all, Function<T, String> word) {
        return String.join(", ", Arrays.stream(all).map(word).toList());
    }
}

package hitch.core.line;

import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Heights of the ground as people write them down: {@code -20: 0, 44: -1.5}, stations from the opening. */
public final class GroundText {
    private static final Pattern PAIR = Pattern.compile("\\s*(-?\\d+(?:\\.\\d+)?)\\s*:\\s*(-?\\d+(?:\\.\\d+)?)\\s*");

    private GroundText() {}

    public static String write(Ground ground, LengthUnit unit) {
        return ground.heights().stream()
                .map(h -> number(h.at().mm(), unit) + ": " + number(h.height().mm(), unit))
                .collect(Collectors.joining(", "));
    }

    private static String number(long mm, LengthUnit unit) {
        double value = unit == LengthUnit.METRES ? mm / 1000.0 : mm / Distance.MM_PER_FOOT;
        return String.format(Locale.ROOT, "%.2f", value)
                .replaceAll("\\.?0+$", "")
                .replaceAll("^-0$", "0");
    }

    /** Empty where the text is no list of heights. */
    public static Optional<Ground> read(String typed, LengthUnit unit) {
        List<Ground.Height> heights = new ArrayList<>();
        for (String part : typed.split("[,;]")) {
            Matcher pair = PAIR.matcher(part);
            if (!pair.matches()) {
                return Optional.empty();
            }
            heights.add(
                    new Ground.Height(new Station(length(pair.group(1), unit).mm()), length(pair.group(2), unit)));
        }
        return Optional.of(Ground.heights(heights));
    }

    private static Distance length(String number, LengthUnit unit) {
        double value = Double.parseDouble(number);
        return unit == LengthUnit.METRES ? Distance.metres(value) : Distance.feet(value);
    }

    /** Level heights at both ends of a line, to be put right. */
    public static Ground level(Extent ends) {
        return Ground.heights(
                List.of(new Ground.Height(ends.from(), Distance.ZERO), new Ground.Height(ends.to(), Distance.ZERO)));
    }
}

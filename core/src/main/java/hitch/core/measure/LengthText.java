package hitch.core.measure;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Small lengths as people write them, exact to the millimetre: {@code 3/4 in}, {@code 20 ft}, {@code 37 mm}, {@code 1.8 m}. */
public final class LengthText {
    private static final Pattern TEXT = Pattern.compile(
            "(?:(\\d{1,6}) )?(\\d{1,6})/(\\d{1,4}) ?(?:in|inch|inches|\")|(\\d{1,9}(?:\\.\\d{1,6})?) ?(in|inch|inches|\"|ft|feet|foot|'|mm|cm|m)");

    private LengthText() {}

    /** In inches where that says it exactly, in feet where they come out even, else in millimetres. */
    public static String write(Distance length) {
        double feet = length.inFeet();
        if (length.mm() >= 914 && Distance.feet(Math.rint(feet * 2) / 2).equals(length)) {
            return String.format(Locale.ROOT, "%.1f", Math.rint(feet * 2) / 2).replace(".0", "") + " ft";
        }
        String inches = Inches.show(length);
        return read(inches).filter(length::equals).isPresent() ? inches : length.mm() + " mm";
    }

    /** Empty where the text is no length. */
    public static Optional<Distance> read(String text) {
        Matcher m = TEXT.matcher(text.strip().toLowerCase(Locale.ROOT));
        if (!m.matches()) {
            return Optional.empty();
        }
        if (m.group(2) != null) {
            int bottom = Integer.parseInt(m.group(3));
            int whole = m.group(1) == null ? 0 : Integer.parseInt(m.group(1));
            return bottom == 0
                    ? Optional.empty()
                    : Optional.of(Distance.inches(whole + (double) Integer.parseInt(m.group(2)) / bottom));
        }
        double value = Double.parseDouble(m.group(4));
        return Optional.of(
                switch (m.group(5)) {
                    case "ft", "feet", "foot", "'" -> Distance.feet(value);
                    case "mm" -> new Distance(Math.round(value));
                    case "cm" -> new Distance(Math.round(value * 10));
                    case "m" -> Distance.metres(value);
                    default -> Distance.inches(value);
                });
    }
}

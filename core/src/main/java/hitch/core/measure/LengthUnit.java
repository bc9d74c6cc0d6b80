package hitch.core.measure;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How a job shows and reads its distances. */
public enum LengthUnit {
    /** Feet and tenths, {@code 31.4 ft}. */
    FEET("ft"),
    /** Feet and whole inches, {@code 31 ft 5 in}. */
    FEET_INCHES("ft"),
    /** Metres and hundredths, {@code 9.57 m}. */
    METRES("m");

    private static final Pattern FEET_AND_INCHES = Pattern.compile(
            "(\\d+)\\s*(?:'|ft\\.?|feet|foot)\\s*(\\d{1,2}(?:\\.\\d+)?)\\s*(?:\"|''|in\\.?|inch|inches)?");
    private static final Pattern PLAIN =
            Pattern.compile("(\\d+(?:\\.\\d+)?|\\.\\d+)\\s*(ft\\.?|feet|foot|'|m|metres|meters)?");

    private final String sign;

    LengthUnit(String sign) {
        this.sign = sign;
    }

    /** Length of what it counts, millimetres: a foot or a metre. */
    public double mm() {
        return this == METRES ? 1000 : Distance.MM_PER_FOOT;
    }

    public String sign() {
        return sign;
    }

    /** What depths are told in beside it: feet and inches, as a locator shows them, but in jobs of metres. */
    public LengthUnit forDepths() {
        return this == METRES ? METRES : FEET_INCHES;
    }

    /** {@code distance} with its unit, as it stands on screens and in documents. */
    public String show(Distance distance) {
        return switch (this) {
            case FEET -> number(distance) + " ft";
            case FEET_INCHES -> {
                long inches = Math.round(Math.abs(distance.inInches()));
                yield (distance.mm() < 0 ? "-" : "") + inches / 12 + " ft " + inches % 12 + " in";
            }
            case METRES -> number(distance) + " m";
        };
    }

    /** The bare decimal number: tenths of feet, or hundredths of a metre. */
    public String number(Distance distance) {
        String text = this == METRES
                ? String.format(Locale.ROOT, "%.2f", distance.mm() / 1000.0)
                : String.format(Locale.ROOT, "%.1f", distance.inFeet());
        return text.matches("-0\\.0+") ? text.substring(1) : text;
    }

    /** Reads likewise what may lie up the line of its zero: with a minus. */
    public Optional<Distance> readSigned(String typed) {
        String text = typed.strip();
        return text.startsWith("-") ? read(text.substring(1)).map(d -> new Distance(-d.mm())) : read(text);
    }

    /** Reads what a person typed, such as {@code 12}, {@code 12.4 ft}, {@code 12' 5"}, {@code 3.2 m}. */
    public Optional<Distance> read(String typed) {
        String text = typed.strip().toLowerCase(Locale.ROOT);
        Matcher split = FEET_AND_INCHES.matcher(text);
        if (split.matches() && Double.parseDouble(split.group(2)) < 12) {
            return Optional.of(
                    Distance.inches(Integer.parseInt(split.group(1)) * 12 + Double.parseDouble(split.group(2))));
        }
        boolean comma = this == METRES || text.matches(".*\\d\\s*m(et(re|er)s?)?");
        Matcher plain = PLAIN.matcher(comma ? text.replaceFirst("(?<=\\d),(?=\\d{1,2}(\\D|$))", ".") : text);
        if (!plain.matches() || plain.group(1).length() > 9) {
            return Optional.empty();
        }
        double value = Double.parseDouble(plain.group(1));
        boolean metres =
                plain.group(2) == null ? this == METRES : plain.group(2).startsWith("m");
        return Optional.of(metres ? Distance.metres(value) : Distance.feet(value));
    }
}

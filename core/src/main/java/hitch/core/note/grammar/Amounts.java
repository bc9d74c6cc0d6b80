package hitch.core.note.grammar;

import hitch.core.finding.ClockPosition;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.note.grammar.Meaning.Amount;

/** Joins numbers with their units: lengths, shares, angles, hours. */
final class Amounts {
    private static final double FEET_IN_A_METRE = 1000 / Distance.MM_PER_FOOT;

    private Amounts() {}

    static void join(Phrases parts) {
        for (int i = 0; i < parts.size(); i++) {
            article(parts, i);
            couple(parts, i);
            spokenInch(parts, i);
            if (parts.has(i, Meaning.Number.class)) {
                feetAndInches(parts, i);
            }
            if (parts.has(i, Meaning.Number.class)) {
                unit(parts, i);
            }
        }
    }

    static Amount feet(double value, boolean singular) {
        return new Amount(Distance.feet(value), value, false, singular);
    }

    /** Millimetres; where they can be a bore, its nominal inches are the number. */
    static Amount metric(double mm, boolean singular) {
        double inches = mm / Distance.MM_PER_INCH;
        return new Amount(new Distance(Math.round(mm)), mm >= 75 ? Math.rint(inches) : inches, true, singular);
    }

    /** A bare number in the unit of the job. */
    static Distance bare(double value, LengthUnit unit) {
        return unit == LengthUnit.METRES ? Distance.feet(value * FEET_IN_A_METRE) : Distance.feet(value);
    }

    /** "An inch" is one inch; "an inch and a half" one and a half. */
    private static void article(Phrases parts, int i) {
        boolean article = parts.says(i, "a", "an");
        boolean unit = parts.isAny(i + 1, Glue.INCHES, Glue.FEET) && !parts.says(i + 1, "feet", "inches", "ft");
        if (!article || !unit) {
            return;
        }
        if (parts.has(i - 1, Meaning.Number.class)
                || parts.is(i - 1, Glue.OF) && parts.has(i - 2, Meaning.Number.class)) {
            return;
        }
        double value = 1;
        int last = i + 1;
        if (parts.is(i + 2, Glue.AND) && parts.has(i + 3, Meaning.Number.class)) {
            double part = number(parts, i + 3);
            if (part < 1) {
                value += part;
                last = i + 3;
            }
        }
        Amount amount = parts.is(i + 1, Glue.INCHES)
                ? new Amount(Distance.inches(value), value, true, true)
                : feet(value, true);
        parts.join(i, last, amount);
    }

    /** "A couple of inches". */
    private static void couple(Phrases parts, int i) {
        int unit = parts.is(i + 1, Glue.OF) || parts.says(i + 1, "of") ? i + 2 : i + 1;
        if (parts.says(i, "couple") && parts.is(unit, Glue.INCHES)) {
            parts.join(i, unit, new Amount(Distance.inches(2), 2, true, false));
        }
    }

    /** A recogniser hears "for inch" and "ate inch" where four and eight were said. */
    private static void spokenInch(Phrases parts, int i) {
        boolean homophone = parts.says(i, "for", "ate", "too");
        if (homophone && parts.says(i + 1, "inch") && !parts.has(i - 1, Meaning.Number.class)) {
            parts.set(i, new Meaning.Number(parts.says(i, "for") ? 4 : parts.says(i, "ate") ? 8 : 2));
        }
    }

    private static void feetAndInches(Phrases parts, int i) {
        boolean quote = parts.says(i + 1, "'");
        if (!quote && !parts.is(i + 1, Glue.FEET)) {
            return;
        }
        int second = parts.is(i + 2, Glue.AND) ? i + 3 : i + 2;
        if (!parts.has(second, Meaning.Number.class)) {
            return;
        }
        double inches = number(parts, second);
        int unit = second + 1;
        boolean marked = parts.is(unit, Glue.INCHES) || parts.says(unit, "\"", "in");
        if (parts.says(unit, "'") && parts.says(unit + 1, "'")) {
            marked = true;
            unit++;
        }
        boolean ofPipe = parts.has(unit + 1, Meaning.MadeOf.class)
                || parts.says(unit + 1, "pipe", "line")
                || parts.has(unit + 1, Meaning.Tool.class);
        if (inches >= 12 || marked && ofPipe || !marked && !bareInches(parts, second)) {
            return;
        }
        Distance length = Distance.inches(number(parts, i) * 12 + inches);
        parts.join(i, marked ? unit : second, new Amount(length, length.inFeet(), false, false));
    }

    /** "Five foot one": a second number without a unit that nothing else can claim. */
    private static boolean bareInches(Phrases parts, int second) {
        int next = second + 1;
        boolean claimed =
                parts.has(next, Meaning.Thing.class) && !parts.says(next, "deep", "underground", "below grade")
                        || parts.has(next, Meaning.MadeOf.class)
                        || parts.isAny(
                                next,
                                Glue.OTHER,
                                Glue.FEET,
                                Glue.PERCENT,
                                Glue.CLOCK,
                                Glue.DEGREES,
                                Glue.TO,
                                Glue.METRES,
                                Glue.MILLIMETRES,
                                Glue.CENTIMETRES)
                        || parts.says(next, "%", "-", "/");
        return !claimed && !parts.is(second - 1, Glue.AND) && !parts.has(next, Meaning.Much.class);
    }

    private static void unit(Phrases parts, int i) {
        double value = number(parts, i);
        int next = i + 1;
        if (value < 1 && parts.is(next, Glue.OF) && parts.says(next + 1, "a", "an")) {
            next += 2;
        } else if (value < 1 && parts.says(next, "a", "an")) {
            next++;
        }
        boolean singular = parts.says(next, "foot", "inch", "metre", "meter");
        if (parts.is(next, Glue.FEET) || parts.says(next, "'")) {
            parts.join(i, next, feet(value, singular));
        } else if (parts.is(next, Glue.INCHES) || parts.says(next, "\"") || shortInch(parts, i)) {
            parts.join(i, next, new Amount(Distance.inches(value), value, true, singular));
        } else if (parts.is(next, Glue.METRES)) {
            parts.join(i, next, new Amount(Distance.metres(value), value, false, singular));
        } else if (parts.is(next, Glue.MILLIMETRES)) {
            parts.join(i, next, metric(value, singular));
        } else if (parts.is(next, Glue.CENTIMETRES)) {
            parts.join(i, next, metric(value * 10, singular));
        } else if (parts.is(next, Glue.PERCENT) || parts.says(next, "%")) {
            share(parts, i, next, value);
        } else if (parts.is(next, Glue.DEGREES) || parts.says(next, "\u00b0")) {
            boolean angle = value >= 1 && value <= 360;
            parts.join(i, next, angle ? new Meaning.Angle((int) Math.round(value)) : new Meaning.Other());
        } else if (parts.is(next, Glue.CLOCK)) {
            hour(parts, i, next, value);
        } else if (parts.is(next, Glue.OTHER) || parts.says(i - 1, "#", "$", "number")) {
            parts.set(i, new Meaning.Other());
        } else if (parts.says(next, ":") && parts.has(next + 1, Meaning.Number.class)) {
            parts.join(i, next + 1, new Meaning.Other());
        }
    }

    /** "6in" and "4 in clay", but not "at 42 in the clay". */
    private static boolean shortInch(Phrases parts, int i) {
        if (!parts.says(i + 1, "in")) {
            return false;
        }
        return parts.touches(i)
                || number(parts, i) < 1
                || parts.isEdge(i + 2)
                || parts.at(i + 2).isSign()
                || parts.has(i + 2, Meaning.MadeOf.class)
                || parts.has(i + 2, Meaning.Thing.class)
                || parts.is(i + 2, Glue.AT) && parts.has(i + 3, Meaning.Number.class)
                || parts.isAny(i + 2, Glue.TO, Glue.INTO, Glue.AND)
                || parts.has(i + 2, Meaning.Number.class)
                || parts.has(i + 2, Meaning.Round.class)
                || parts.has(i + 2, Meaning.Tool.class)
                || parts.says(
                        i + 2, "down", "up", "pipe", "line", "deep", "wide", "high", "higher", "lower", "tall", "proud",
                        "across", "off");
    }

    private static void share(Phrases parts, int i, int unit, double value) {
        boolean slope = parts.says(unit + 1, "grade", "slope", "fall", "sure", "certain", "positive");
        long percent = Math.round(value);
        boolean share = !slope && percent >= 1 && percent <= 100;
        int last = parts.is(unit + 1, Glue.BORE) ? unit + 1 : unit;
        if (share) {
            parts.join(i, last, new Meaning.Share((int) percent));
        } else {
            parts.join(i, unit, new Meaning.Other());
        }
    }

    private static void hour(Phrases parts, int i, int unit, double value) {
        boolean hour = value == Math.rint(value) && value >= 1 && value <= 12;
        parts.join(i, unit, hour ? new Meaning.Round(ClockPosition.at((int) value), false) : new Meaning.Other());
    }

    static double number(Phrases parts, int i) {
        return parts.as(i, Meaning.Number.class).orElseThrow().value();
    }
}

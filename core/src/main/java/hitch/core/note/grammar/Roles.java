package hitch.core.note.grammar;

import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.note.grammar.Meaning.Amount;

/**
 * Settles what each number left alone stands for by the words about it: a place along the run, a length, a depth, a size,
 * the bore of a pipe, a share, an hour, an angle, or none of these.
 */
final class Roles {
    static final double FARTHEST_FT = 2000;

    private final Phrases parts;
    private final DepthWords depths;
    private final BareNumbers bareNumbers;
    private final Hints hints;

    private Roles(Phrases parts, LengthUnit unit, boolean typed) {
        this.parts = parts;
        this.depths = new DepthWords(parts);
        this.bareNumbers = new BareNumbers(parts, unit, typed);
        this.hints = new Hints(parts);
    }

    static void settle(Phrases parts, LengthUnit unit, boolean typed) {
        Roles roles = new Roles(parts, unit, typed);
        for (int i = 0; i < parts.size(); i++) {
            if (parts.has(i, Amount.class)) {
                roles.amount(i, parts.as(i, Amount.class).orElseThrow());
            } else if (parts.has(i, Meaning.Number.class)) {
                roles.number(i, Amounts.number(parts, i));
            }
        }
    }

    private void amount(int i, Amount amount) {
        if (amount.small()) {
            parts.set(i, small(i, amount));
        } else {
            parts.set(i, large(i, amount));
        }
    }

    private Meaning small(int i, Amount amount) {
        boolean whole = amount.value() == Math.rint(amount.value()) && amount.value() >= 1 && amount.value() <= 60;
        boolean ofPipe = parts.has(i + 1, Meaning.MadeOf.class)
                || parts.says(
                        i + 1,
                        "pipe",
                        "line",
                        "sewer",
                        "drain",
                        "diameter",
                        "main",
                        "lateral",
                        "pipes",
                        "sewer line",
                        "round",
                        "nominal",
                        "vertical",
                        "private")
                || parts.isThing(i + 1, FindingKind.OPENING)
                || parts.isThing(i + 1, FindingKind.TIE_IN)
                || parts.isThing(i + 1, FindingKind.MAIN_CONNECTION)
                || parts.is(i + 1, Glue.INTO)
                || parts.is(i - 1, Glue.INTO)
                || parts.has(i - 1, Meaning.MadeOf.class) && !parts.isThing(i + 1);
        if (whole && ofPipe) {
            return Meaning.Pipe.of(amount);
        }
        boolean deep = parts.says(i + 1, "deep", "down", "below grade", "underground") || depths.isBefore(i);
        if (deep && amount.length().inInches() >= 12 && !hints.anyThing(FindingKind.STANDING_WATER)) {
            return new Meaning.Deep(amount.length());
        }
        return amount.length().mm() > 0 ? new Meaning.Size(amount.length()) : new Meaning.Other();
    }

    private Meaning large(int i, Amount amount) {
        if (amount.length().inFeet() > FARTHEST_FT) {
            return new Meaning.Other();
        }
        int before = parts.before(i);
        boolean drop = parts.isThing(before, FindingKind.DROP)
                && (parts.is(i + 1, Glue.AT) || parts.says(i + 1, "@") || parts.has(i + 1, Meaning.Number.class));
        if (drop) {
            return new Meaning.Length(amount.length());
        }
        if (parts.at(i).text().matches("an? foot") && !parts.says(i - 1, "at", "@")) {
            // "It drops in about a foot": nobody calls the first foot a place so.
            return new Meaning.Length(amount.length());
        }
        boolean placed = parts.isAny(before, Glue.AT, Glue.FROM, Glue.TO) || parts.says(before, "@");
        boolean marked = parts.says(i + 1, "mark", "marker", "in", "out");
        boolean ofThing = parts.is(before, Glue.OF) && parts.isThing(before - 1);
        if (ofThing) {
            return parts.isThing(before - 1, FindingKind.DROP)
                    ? new Meaning.Other()
                    : new Meaning.Length(amount.length());
        }
        if (depths.isDepth(i, placed, amount.length())) {
            return new Meaning.Deep(amount.length());
        }
        if (!placed && !marked && isLength(i, amount, before)) {
            return new Meaning.Length(amount.length());
        }
        boolean counted = parts.says(before, "every", "within", "last", "first", "each", "per", "additional")
                || parts.says(i - 1, "than")
                || parts.isAny(before, Glue.FOR);
        if (!placed && !marked && (counted || isRelative(i + 1))) {
            return new Meaning.Onward(amount.length());
        }
        return Meaning.Place.at(amount.length());
    }

    private boolean isLength(int i, Amount amount, int before) {
        int next = parts.after(i);
        if (parts.is(next, Glue.LONG) || parts.is(before, Glue.FOR) && !parts.says(before, "last", "first")) {
            return true;
        }
        if (parts.is(i + 1, Glue.OF)) {
            return true;
        }
        int who = parts.says(next, "that") ? next + 1 : next;
        if (parts.says(who, "we", "i") && parts.isThing(who + 1, FindingKind.LIMIT)
                || parts.isThing(next, FindingKind.LIMIT)
                || parts.says(next, "was", "were") && parts.isThing(next + 1, FindingKind.LIMIT)) {
            return true;
        }
        boolean described = parts.isThing(i + 1) || parts.has(i + 1, Meaning.Much.class) && parts.isThing(i + 2);
        return amount.singular() && described && amount.value() > 1;
    }

    /** "Ten feet before the main" is no place on the counter; "42 feet from the cleanout" is. */
    private boolean isRelative(int next) {
        boolean source = parts.says(next, "per")
                && parts.says(
                        next + 1, "map", "plat", "survey", "records", "owner", "seller", "tenant", "agent", "buyer",
                        "the", "flow");
        if (source) {
            // "40.2 ft per map": that is who says so, not a rate.
            return false;
        }
        if (parts.says(next, "from")) {
            int what = parts.after(next);
            return !(parts.isThing(what, FindingKind.OPENING)
                    || parts.says(
                            what,
                            "house",
                            "lip",
                            "base",
                            "start",
                            "building",
                            "cleanout",
                            "access",
                            "here",
                            "foundation",
                            "opening",
                            "flange",
                            "zero",
                            "front",
                            "back",
                            "curb",
                            "my"));
        }
        return parts.says(
                next,
                "away",
                "short",
                "apart",
                "left",
                "ahead",
                "upstream",
                "downstream",
                "further",
                "farther",
                "more",
                "beyond",
                "before",
                "after",
                "past",
                "back",
                "of cable",
                "per",
                "to");
    }

    private void number(int i, double value) {
        if (value < 1 && value > 0 && part(i, value)) {
            return;
        }
        parts.set(i, bareNumbers.meaning(i, value));
    }

    /** A fraction that is a share of the bore. */
    private boolean part(int i, double value) {
        int share = (int) Math.round(value * 100);
        int bore = parts.is(i + 1, Glue.OF) ? i + 2 : i + 1;
        if (parts.is(bore, Glue.BORE)) {
            parts.join(i, bore, new Meaning.Share(share));
            return true;
        }
        if (parts.isOfStep(i)) {
            parts.set(i, new Meaning.Size(Distance.inches(value)));
            return true;
        }
        boolean pipe = parts.says(bore, "the", "pipe") && parts.says(bore + 1, "pipe", "bore", "line", "diameter");
        if (pipe) {
            parts.join(i, bore + 1, new Meaning.Share(share));
            return true;
        }
        if (!hints.anyFilling() && hints.anyMatter()) {
            parts.set(i, new Meaning.Size(Distance.inches(value)));
            return true;
        }
        if ((!parts.is(parts.before(i), Glue.AT) || parts.says(parts.before(i), "by"))
                && hints.anyFilling()
                && !parts.says(i + 1, "way", "hour", "dozen")) {
            parts.set(i, new Meaning.Share(share));
            return true;
        }
        return false;
    }
}

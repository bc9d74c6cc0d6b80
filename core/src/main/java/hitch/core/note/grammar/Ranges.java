package hitch.core.note.grammar;

import hitch.core.finding.ClockPosition;
import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.note.grammar.Meaning.Amount;

/** Joins two amounts that are the ends of one stretch, arc or share, said in any order. */
final class Ranges {
    private final Phrases parts;
    private final LengthUnit unit;

    private Ranges(Phrases parts, LengthUnit unit) {
        this.parts = parts;
        this.unit = unit;
    }

    static void join(Phrases parts, LengthUnit unit) {
        Ranges ranges = new Ranges(parts, unit);
        for (int i = 0; i < parts.size(); i++) {
            ranges.at(i);
        }
    }

    private void at(int i) {
        new OpeningStart(parts, unit).join(i);
        boolean from = parts.is(before(i), Glue.FROM);
        int link = link(i);
        boolean linked = link > i + 1
                || parts.is(link, Glue.TO)
                || parts.is(link, Glue.INTO) && parts.says(link, "in to", "into")
                || parts.says(link, "-", ">")
                || parts.is(link, Glue.AND) && from;
        if (!linked || !isEnd(i)) {
            return;
        }
        int j = link + 1;
        while (parts.says(j, "-", ">", "about", "around", "approximately", "roughly", "the", "at", "a", "an")
                || parts.is(j, Glue.AT)) {
            j++;
        }
        if (!isEnd(j)) {
            return;
        }
        int start = from ? before(i) : i;
        if (isDepthBehind(i, j)) {
            return;
        }
        if (parts.has(j, Meaning.Round.class)) {
            arc(start, i, j);
        } else if (parts.has(j, Meaning.Share.class)) {
            share(start, i, j);
        } else if (isSmall(i) && isBore(j)) {
            parts.set(j, new Amount(Distance.inches(Amounts.number(parts, j)), Amounts.number(parts, j), true, true));
            sizes(start, i, link, j);
        } else if (isSmall(j)) {
            sizes(start, i, link, j);
        } else if (!isSmall(i)) {
            stretch(start, i, j);
        }
    }

    /** "Locate, stop 63.4 - 4'2": no stretch goes back to its depth. */
    private boolean isDepthBehind(int i, int j) {
        return parts.says(i + 1, "-")
                && new Hints(parts).anyThing(FindingKind.LOCATE)
                && parts.has(i, Meaning.Number.class)
                && parts.as(j, Amount.class)
                        .filter(a -> a.length().inFeet() < Amounts.number(parts, i))
                        .isPresent();
    }

    /** "Starts at thirty and runs to thirty three": the word that leads on, past those before it. */
    private int link(int i) {
        boolean begins = parts.is(before(i), Glue.FROM)
                || parts.says(i - 1, "starts", "begins", "starting", "beginning", "starts at")
                || parts.says(i - 2, "starts", "begins", "starting", "beginning")
                || parts.says(i - 3, "starts", "begins", "starting", "beginning");
        for (int j = i + 1; j <= i + 6; j++) {
            boolean ends = parts.says(j, "ends", "stops", "ending", "stopping", "ends at");
            boolean goes = parts.says(j, "goes to", "go to", "going to")
                    && isEnd(j + 1)
                    && !isSmall(j + 1)
                    && !parts.has(j + 2, Meaning.MadeOf.class);
            if (goes && begins) {
                return j;
            }
            if (j > i + 1 && (parts.is(j, Glue.TO) || begins && ends)) {
                return j;
            }
            boolean passed = parts.is(j, Glue.AND)
                    || parts.says(
                            j,
                            ",",
                            "it",
                            "that",
                            "then",
                            "continues",
                            "goes",
                            "extends",
                            "runs",
                            "running",
                            "and",
                            "on",
                            "all",
                            "the",
                            "way",
                            "going",
                            "continuing",
                            "carries",
                            "keeps",
                            "stretches");
            if (!passed) {
                break;
            }
        }
        return i + 1;
    }

    /** The place of the word before {@code i}, about's and around's skipped. */
    private int before(int i) {
        int before = i - 1;
        while (parts.is(before, Glue.AT) || parts.says(before, "the", "about")) {
            before--;
        }
        return before;
    }

    private boolean isEnd(int i) {
        return parts.has(i, Meaning.Number.class)
                || parts.has(i, Amount.class)
                || parts.has(i, Meaning.Share.class)
                || parts.as(i, Meaning.Round.class)
                        .map(r ->
                                r.clock().from() == r.clock().to() && !r.clock().all())
                        .orElse(false);
    }

    private boolean isSmall(int i) {
        return parts.as(i, Amount.class).map(Amount::small).orElse(false);
    }

    /** "Up to a four": a bore by its bare number. */
    private boolean isBore(int j) {
        return parts.has(j, Meaning.Number.class)
                && parts.says(j - 1, "a", "an")
                && Amounts.number(parts, j) >= 2
                && Amounts.number(parts, j) <= 24
                && Amounts.number(parts, j) == Math.rint(Amounts.number(parts, j));
    }

    private void arc(int start, int i, int j) {
        int to = parts.as(j, Meaning.Round.class).orElseThrow().clock().from();
        int from = parts.as(i, Meaning.Round.class)
                .map(r -> r.clock().from())
                .orElseGet(() -> parts.as(i, Meaning.Number.class)
                        .map(n -> n.value() == Math.rint(n.value()) ? (int) n.value() : 0)
                        .orElse(0));
        if (from >= 1 && from <= 12) {
            parts.join(start, j, new Meaning.Round(ClockPosition.arc(from, to), false));
        }
    }

    private void share(int start, int i, int j) {
        int to = parts.as(j, Meaning.Share.class).orElseThrow().percent();
        double from = parts.as(i, Meaning.Share.class)
                .map(s -> (double) s.percent())
                .orElseGet(() -> parts.as(i, Meaning.Number.class)
                        .map(Meaning.Number::value)
                        .orElse(0.0));
        if (from >= 1 && from <= 100) {
            parts.join(start, j, new Meaning.Share((int) Math.round((from + to) / 2)));
        }
    }

    /** Whole inches on both sides are a change of the pipe's size, unless something that has a size is spoken of. */
    private void sizes(int start, int i, int link, int j) {
        Amount to = parts.as(j, Amount.class).orElseThrow();
        boolean number = parts.has(i, Meaning.Number.class);
        if (!number && !isSmall(i)) {
            return;
        }
        if (number && parts.at(j).text().matches(".*(?:mm|millimet\\w+)")) {
            parts.set(i, Amounts.metric(Amounts.number(parts, i), true));
            number = false;
        }
        double from = number
                ? Amounts.number(parts, i)
                : parts.as(i, Amount.class).orElseThrow().value();
        boolean whole = from == Math.rint(from) && to.value() == Math.rint(to.value()) && from >= 2 && to.value() >= 2;
        if (whole && !speaksOfASize() && from != to.value()) {
            if (number) {
                parts.set(i, new Amount(Distance.inches(from), from, true, true));
            }
            parts.set(link, new Meaning.Joined(Glue.INTO, false));
        } else {
            parts.join(start, j, to);
        }
    }

    private boolean speaksOfASize() {
        for (int i = 0; i < parts.size(); i++) {
            boolean sized = parts.as(i, Meaning.Thing.class)
                    .map(t -> switch (t.kind()) {
                        case OFFSET, GAP, CRACK, HOLE, BREAK, STANDING_WATER, DEFORMATION, DEBRIS, SCALE -> true;
                        default -> false;
                    })
                    .orElse(false);
            if (sized) {
                return true;
            }
        }
        return false;
    }

    private boolean anyThingBefore(int i) {
        for (int k = 0; k < i; k++) {
            if (parts.isThing(k)) {
                return true;
            }
        }
        return false;
    }

    private void stretch(int start, int i, int j) {
        boolean bare = parts.has(j, Meaning.Number.class);
        if (bare && UsualBores.are(parts, i, j)) {
            parts.set(i, UsualBores.inches(parts, i));
            parts.set(j, UsualBores.inches(parts, j));
            sizes(start, i, i + 1, j);
            return;
        }
        boolean ofThing = bare && anyThingBefore(start) && Amounts.number(parts, j) > 8;
        if (bare && (parts.has(j + 1, Meaning.MadeOf.class) && !ofThing || parts.is(j + 1, Glue.OTHER))) {
            return;
        }
        if (parts.has(i, Meaning.Round.class) && bare) {
            double to = Amounts.number(parts, j);
            if (to == Math.rint(to) && to >= 1 && to <= 12) {
                int from =
                        parts.as(i, Meaning.Round.class).orElseThrow().clock().from();
                parts.join(start, j, new Meaning.Round(ClockPosition.arc(from, (int) to), false));
            }
            return;
        }
        if (parts.has(i, Meaning.Share.class) || parts.has(i, Meaning.Round.class)) {
            return;
        }
        boolean sizes = bare
                && parts.as(start - 1, Meaning.Thing.class)
                        .map(t -> t.kind() == FindingKind.SIZE_CHANGE)
                        .orElse(false);
        if (bare && new Hours(parts).are(i, j, parts.is(before(i), Glue.FROM))) {
            parts.join(
                    start,
                    j,
                    new Meaning.Round(
                            ClockPosition.arc((int) Amounts.number(parts, i), (int) Amounts.number(parts, j)), false));
            return;
        }
        if (sizes && parts.has(i, Meaning.Number.class)) {
            parts.set(i, Amounts.metric(Amounts.number(parts, i) * Distance.MM_PER_INCH, true));
            parts.set(j, Amounts.metric(Amounts.number(parts, j) * Distance.MM_PER_INCH, true));
            parts.set(i + 1, new Meaning.Joined(Glue.INTO, false));
            return;
        }
        Distance to = bare
                ? Amounts.bare(Amounts.number(parts, j), unit)
                : parts.as(j, Amount.class).orElseThrow().length();
        boolean metres = !bare && parts.at(j).text().matches(".*\\b(?:m|met(?:re|er)s?)");
        Distance from = parts.as(i, Amount.class).map(Amount::length).orElseGet(() -> {
            double value = Amounts.number(parts, i);
            return metres ? Distance.metres(value) : bare ? Amounts.bare(value, unit) : Distance.feet(value);
        });
        boolean rising = from.compareTo(to) <= 0;
        parts.join(start, j, new Meaning.Place(rising ? from : to, rising ? to : from));
    }
}

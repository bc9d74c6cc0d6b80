package hitch.core.note.grammar;

import hitch.core.counter.Distance;
import hitch.core.counter.LengthUnit;
import hitch.core.finding.FindingKind;
import hitch.core.finding.PipePart;
import hitch.core.line.PipeSize;
import hitch.core.note.Act;
import hitch.core.note.grammar.Meaning.Amount;
import java.util.Optional;
import java.util.Set;

/**
 * Settles what each number left alone stands for by the words about it: a place along the run, a length, a depth, a size,
 * the bore of a pipe, a share, an hour, an angle, or none of these.
 */
final class Roles {
    private static final double FARTHEST_FT = 2000;
    private static final Set<Integer> BENDS = Set.of(11, 22, 30, 45, 60, 90);
    private static final Set<FindingKind> FILLING = Set.of(
            FindingKind.ROOTS,
            FindingKind.DEBRIS,
            FindingKind.GREASE,
            FindingKind.WIPES,
            FindingKind.BLOCKAGE,
            FindingKind.SCALE,
            FindingKind.STANDING_WATER,
            FindingKind.DEFORMATION,
            FindingKind.UNDER_WATER);

    private final Parts parts;
    private final LengthUnit unit;
    private final boolean typed;

    private Roles(Parts parts, LengthUnit unit, boolean typed) {
        this.typed = typed;
        this.parts = parts;
        this.unit = unit;
    }

    static void settle(Parts parts, LengthUnit unit, boolean typed) {
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
                || thing(i + 1, FindingKind.OPENING)
                || thing(i + 1, FindingKind.TIE_IN)
                || thing(i + 1, FindingKind.MAIN_CONNECTION)
                || parts.is(i + 1, Glue.INTO)
                || parts.is(i - 1, Glue.INTO)
                || parts.has(i - 1, Meaning.MadeOf.class) && !thing(i + 1);
        if (whole && ofPipe) {
            return pipe((int) amount.value());
        }
        boolean deep = parts.says(i + 1, "deep", "down", "below grade", "underground") || depthBefore(i);
        if (deep && amount.length().inInches() >= 12 && !anyThing(FindingKind.STANDING_WATER)) {
            return new Meaning.Deep(amount.length());
        }
        return amount.length().mm() > 0 ? new Meaning.Size(amount.length()) : new Meaning.Other();
    }

    private Meaning large(int i, Amount amount) {
        if (amount.length().inFeet() > FARTHEST_FT) {
            return new Meaning.Other();
        }
        int before = parts.before(i);
        boolean placed = parts.isAny(before, Glue.AT, Glue.FROM, Glue.TO) || parts.says(before, "@");
        boolean marked = parts.says(i + 1, "mark", "marker", "in", "out");
        boolean ofThing = parts.is(before, Glue.OF) && thing(before - 1);
        if (ofThing) {
            return thing(before - 1, FindingKind.DROP) ? new Meaning.Other() : new Meaning.Length(amount.length());
        }
        if (isDepth(i, placed)) {
            return new Meaning.Deep(amount.length());
        }
        if (!placed && !marked && isLength(i, amount, before)) {
            return new Meaning.Length(amount.length());
        }
        boolean counted = parts.says(before, "every", "within", "last", "first", "each", "per", "additional")
                || parts.says(i - 1, "than")
                || parts.isAny(before, Glue.FOR);
        if (!placed && !marked && (counted || isRelative(i + 1))) {
            return new Meaning.Other();
        }
        return place(amount.length());
    }

    private boolean isDepth(int i, boolean placed) {
        boolean under = parts.says(i + 1, "under", "below", "beneath");
        if (under
                && parts.says(
                        parts.after(i + 1),
                        "lawn",
                        "grass",
                        "driveway",
                        "sidewalk",
                        "slab",
                        "street",
                        "yard",
                        "walk",
                        "patio",
                        "drive",
                        "surface",
                        "garden",
                        "ground",
                        "flowerbed",
                        "deck",
                        "porch",
                        "pavement",
                        "asphalt")) {
            return true;
        }
        if (parts.says(
                i + 1,
                "deep",
                "down",
                "below grade",
                "underground",
                "below the surface",
                "of cover",
                "down from the surface",
                "below ground",
                "down from grade",
                "from the surface")) {
            return !parts.says(i + 1, "down") || anyThing(FindingKind.LOCATE);
        }
        if (depthBefore(i)) {
            return true;
        }
        boolean leads = (parts.says(0, "depth") || parts.says(1, "depth"))
                && !anyThing(FindingKind.STANDING_WATER)
                && !anyDeep();
        if (leads) {
            return true;
        }
        boolean located = isLocating() && !parts.is(i + 1, Glue.LONG);
        boolean split = parts.at(i).text().matches(".*(?:'|feet|foot|ft)\\s.*\\d.*|.*(?:feet|foot|ft) (?:and )?\\w+.*");
        boolean next = split && thing(i - 1, FindingKind.LOCATE);
        return next || !placed && (located && otherPlace(i) || split && nearSurface(i) && !anyFinding());
    }

    /** "Depth is", "depth of" and the like before a number. */
    private boolean depthBefore(int i) {
        int before = i - 1;
        while (parts.says(
                        before,
                        "is",
                        "of",
                        "here",
                        "reads",
                        "about",
                        "shows",
                        "at",
                        "was",
                        ":",
                        "reading",
                        "it",
                        "s",
                        "line",
                        "pipe",
                        "the",
                        "sewer",
                        "drain",
                        "to",
                        "top",
                        "head",
                        "camera",
                        "says",
                        "around",
                        "we",
                        "have",
                        "measured",
                        "measures",
                        "measuring",
                        "even")
                || parts.isAny(before, Glue.AT, Glue.OF, Glue.HERE, Glue.BORE)) {
            before--;
        }
        return parts.says(before, "depth", "deep", "its deep");
    }

    private boolean anyDeep() {
        for (int i = 0; i < parts.size(); i++) {
            if (parts.has(i, Meaning.Deep.class)) {
                return true;
            }
        }
        return false;
    }

    private boolean isLocating() {
        for (int i = 0; i < parts.size(); i++) {
            if (thing(i, FindingKind.LOCATE) && !parts.says(i, "deep")) {
                return true;
            }
        }
        return false;
    }

    private boolean otherPlace(int i) {
        for (int j = 0; j < i; j++) {
            if (parts.has(j, Meaning.Place.class)) {
                return true;
            }
        }
        return parts.says(parts.before(i), ",") && parts.has(parts.before(i) - 1, Meaning.Thing.class);
    }

    private boolean nearSurface(int i) {
        return parts.says(i + 1, "by", "near", "next", "behind", "beside", "under", "in", "off", "alongside", "right")
                || parts.is(i + 1, Glue.AT);
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
        if (parts.says(who, "we", "i") && thing(who + 1, FindingKind.LIMIT)
                || thing(next, FindingKind.LIMIT)
                || parts.says(next, "was", "were") && thing(next + 1, FindingKind.LIMIT)) {
            return true;
        }
        boolean described = thing(i + 1) || parts.has(i + 1, Meaning.Much.class) && thing(i + 2);
        return amount.singular() && described && amount.value() > 1;
    }

    /** "Ten feet before the main" is no place on the counter; "42 feet from the cleanout" is. */
    private boolean isRelative(int next) {
        if (parts.says(next, "from")) {
            int what = parts.after(next);
            return !(thing(what, FindingKind.OPENING)
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
        parts.set(i, bare(i, value));
    }

    /** A fraction that is a share of the bore. */
    private boolean part(int i, double value) {
        int share = (int) Math.round(value * 100);
        int bore = parts.is(i + 1, Glue.OF) ? i + 2 : i + 1;
        if (parts.is(bore, Glue.BORE)) {
            parts.join(i, bore, new Meaning.Share(share));
            return true;
        }
        boolean pipe = parts.says(bore, "the", "pipe") && parts.says(bore + 1, "pipe", "bore", "line", "diameter");
        if (pipe) {
            parts.join(i, bore + 1, new Meaning.Share(share));
            return true;
        }
        if (!anyFilling() && anyThing()) {
            parts.set(i, new Meaning.Size(Distance.inches(value)));
            return true;
        }
        if (!parts.is(parts.before(i), Glue.AT) && anyFilling() && !parts.says(i + 1, "way", "hour", "dozen")) {
            parts.set(i, new Meaning.Share(share));
            return true;
        }
        return false;
    }

    private Meaning bare(int i, double value) {
        boolean whole = value == Math.rint(value);
        if (value > FARTHEST_FT || whole && value >= 1900 || parts.is(i + 1, Glue.OTHER)) {
            return new Meaning.Other();
        }
        if (parts.has(i + 1, Meaning.MadeOf.class)
                && whole
                && value >= 1
                && value <= 60
                && !parts.isAny(i - 1, Glue.AT, Glue.FROM)) {
            return pipe((int) value);
        }
        boolean onward = parts.says(i - 1, "goes to", "go to", "going to") && anyFinding();
        if (!onward && parts.is(i - 1, Glue.INTO) && whole && value >= 2 && value <= 24) {
            return pipe((int) value);
        }
        if (isBend(i, value)) {
            return new Meaning.Angle((int) Math.floor(value));
        }
        if (parts.at(i).text().contains("/") && !anyFilling()) {
            return new Meaning.Size(Distance.inches(value));
        }
        return isPlace(i, value, whole) ? place(Amounts.bare(value, unit)) : new Meaning.Other();
    }

    private boolean isBend(int i, double value) {
        boolean angle = BENDS.contains((int) Math.floor(value));
        boolean article = parts.says(i - 1, "a", "the", "long", "hard", "double", "another", "sharp", "street", "of")
                || thing(i - 1, FindingKind.BEND)
                || parts.is(i - 1, Glue.AGAIN) && parts.says(i - 1, "another");
        boolean stop = thing(i - 1, FindingKind.LIMIT) && parts.is(i + 1, Glue.AT);
        boolean alone = stop || typed && i == 0 && (parts.says(1, "@") || parts.is(1, Glue.AT));
        return angle && (alone || article && !parts.says(i + 1, "foot") || thing(i + 1, FindingKind.BEND));
    }

    private boolean isPlace(int i, double value, boolean whole) {
        int before = parts.before(i);
        if (parts.says(i - 1, "number", "#", "clip", "run", "of")) {
            return false;
        }
        boolean placed = parts.isAny(before, Glue.AT, Glue.FROM, Glue.TO, Glue.AGAIN)
                || parts.says(before, "@")
                || parts.isRough(i - 1) && value >= 3
                || takenBack(i);
        if (placed || parts.says(i + 1, "mark")) {
            return true;
        }
        boolean inList = (parts.says(i - 1, ",") || parts.is(i - 1, Glue.AND))
                && (parts.has(i - 2, Meaning.Place.class)
                        || parts.is(i - 2, Glue.AND) && parts.has(i - 3, Meaning.Place.class));
        boolean closed = parts.isEdge(i + 1) || parts.at(i + 1).isSign() || parts.is(i + 1, Glue.AND);
        boolean onward = parts.says(i - 1, "goes to", "go to", "going to") && anyFinding();
        boolean another = (parts.says(i - 1, ",") || parts.is(i - 1, Glue.AND))
                && closed
                && value >= 3
                && anyPlace()
                && anyThing()
                && !thingSincePlace(i);
        if (onward || another) {
            return true;
        }
        if (inList && (closed || !thing(i + 1))) {
            return true;
        }
        boolean zero = parts.as(before, Meaning.Doing.class).isPresent() || !whole && anyZero();
        if (zero) {
            return true;
        }
        boolean after = said(i - 1) || parts.says(i - 1, ":") && said(i - 2) || parts.says(i - 1, ",") && said(i - 2);
        boolean leads = opens(i)
                && (thing(i + 1)
                        || parts.has(i + 1, Meaning.Much.class)
                        || parts.at(i + 1).isSign() && value >= 3);
        if (parts.says(i - 1, ",") && closed && value >= 5 && anyThing() && !anyPlace()) {
            return true;
        }
        if (!whole) {
            return after || leads || thing(i + 1) || opens(i);
        }
        return after && (closed || value >= 10 && thing(i + 1) || parts.has(i + 1, Meaning.Round.class))
                || leads && value >= 10
                || typed && after && value >= 3 && !(thing(i + 1) && value < 10)
                || typed && (closed || value >= 10) && value >= 3 && anyThing() && !anyPlace();
    }

    /** Whether nothing but "and", "okay" and the like stands before it. */
    private boolean opens(int i) {
        for (int j = 0; j < i; j++) {
            boolean small = parts.is(j, Glue.AND)
                    || parts.says(
                            j, "okay", "ok", "so", "well", "alright", ",", "now", "then", "and", "all", "right", "here",
                            "yeah");
            if (!small) {
                return false;
            }
        }
        return true;
    }

    /** "Sorry, that is 32": the only figure of a sentence that takes something back. */
    private boolean takenBack(int i) {
        return (parts.is(0, Glue.SORRY) || parts.is(1, Glue.SORRY))
                && i < 6
                && parts.isEdge(parts.says(i + 1, ".") ? i + 2 : i + 1);
    }

    /** Whether the part is something that a note says of a finding, so that a number after it may be its place. */
    private boolean said(int i) {
        return thing(i)
                || parts.has(i, Meaning.Round.class)
                || parts.has(i, Meaning.Much.class)
                || parts.has(i, Meaning.Share.class)
                || parts.has(i, Meaning.Size.class)
                || parts.has(i, Meaning.MadeOf.class)
                || parts.has(i, Meaning.Pipe.class)
                || parts.has(i, Meaning.Angle.class)
                || parts.has(i, Meaning.Deep.class)
                || parts.has(i, Meaning.Place.class);
    }

    private boolean thing(int i) {
        return parts.has(i, Meaning.Thing.class);
    }

    private boolean thing(int i, FindingKind kind) {
        return parts.as(i, Meaning.Thing.class).map(t -> t.kind() == kind).orElse(false);
    }

    private boolean anyThing(FindingKind kind) {
        for (int i = 0; i < parts.size(); i++) {
            if (thing(i, kind)) {
                return true;
            }
        }
        return false;
    }

    private boolean thingSincePlace(int i) {
        for (int j = i - 1; j >= 0; j--) {
            if (parts.has(j, Meaning.Place.class)) {
                return false;
            }
            if (thing(j) || parts.has(j, Meaning.Number.class) || parts.has(j, Meaning.Other.class)) {
                return true;
            }
        }
        return true;
    }

    private boolean anyZero() {
        for (int i = 0; i < parts.size(); i++) {
            if (parts.as(i, Meaning.Doing.class).map(d -> d.act() == Act.ZERO).orElse(false)) {
                return true;
            }
        }
        return false;
    }

    private boolean anyThing() {
        for (int i = 0; i < parts.size(); i++) {
            if (thing(i) || parts.has(i, Meaning.MadeOf.class)) {
                return true;
            }
        }
        return false;
    }

    private boolean anyPlace() {
        for (int i = 0; i < parts.size(); i++) {
            if (parts.has(i, Meaning.Place.class)) {
                return true;
            }
        }
        return false;
    }

    private boolean anyFinding() {
        for (int i = 0; i < parts.size(); i++) {
            Optional<Meaning.Thing> thing = parts.as(i, Meaning.Thing.class);
            if (thing.isPresent() && thing.get().kind().family() == FindingKind.Family.CONDITION) {
                return true;
            }
        }
        return false;
    }

    private boolean anyFilling() {
        for (int i = 0; i < parts.size(); i++) {
            Optional<Meaning.Thing> thing = parts.as(i, Meaning.Thing.class);
            if (thing.isPresent() && FILLING.contains(thing.get().kind())) {
                return true;
            }
        }
        return false;
    }

    private static Meaning place(Distance at) {
        return new Meaning.Place(at, at);
    }

    private static Meaning pipe(int inches) {
        return new Meaning.Pipe(new PipePart(Optional.empty(), Optional.of(new PipeSize(inches))));
    }
}

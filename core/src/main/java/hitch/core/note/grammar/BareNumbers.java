package hitch.core.note.grammar;

import hitch.core.finding.ClockPosition;
import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import java.util.Set;

/** Tells what a number without a unit stands for: a place along the run, a bore, a bend, a size, or something else. */
final class BareNumbers {
    private static final Set<Integer> BENDS = Set.of(11, 22, 30, 45, 60, 90);

    private final Phrases parts;
    private final LengthUnit unit;
    private final boolean typed;
    private final Hints hints;

    BareNumbers(Phrases parts, LengthUnit unit, boolean typed) {
        this.parts = parts;
        this.unit = unit;
        this.typed = typed;
        this.hints = new Hints(parts);
    }

    Meaning meaning(int i, double value) {
        boolean whole = value == Math.rint(value);
        if (value > Roles.FARTHEST_FT
                || whole && value >= 1900
                || parts.is(i + 1, Glue.OTHER)
                || value < 10 && isOfRooms(i + 1)) {
            return new Meaning.Other();
        }
        if (parts.has(i + 1, Meaning.MadeOf.class)
                && whole
                && value >= 1
                && value <= 60
                && !parts.isAny(i - 1, Glue.AT, Glue.FROM)) {
            return Meaning.Pipe.of((int) value);
        }
        boolean onward = parts.says(i - 1, "goes to", "go to", "going to") && hints.anyCondition();
        if (!onward && parts.is(i - 1, Glue.INTO) && whole && value >= 2 && value <= 24) {
            return Meaning.Pipe.of((int) value);
        }
        if (isBend(i, value)) {
            return new Meaning.Angle((int) Math.floor(value));
        }
        if (parts.at(i).text().contains("/") && (parts.isOfStep(i) || !hints.anyFilling())) {
            return new Meaning.Size(Distance.inches(value));
        }
        return isPlace(i, value, whole) ? Meaning.Place.at(Amounts.bare(value, unit)) : new Meaning.Other();
    }

    private boolean isUnbroken() {
        for (int i = 0; i < parts.size(); i++) {
            if (parts.at(i).isSign()) {
                return false;
            }
        }
        return !typed && parts.size() > 4;
    }

    private boolean isOfRooms(int i) {
        return parts.as(i, Meaning.Clue.class)
                .filter(c -> c.kind() == FindingKind.FIXTURE_TEST)
                .isPresent();
    }

    private boolean isBend(int i, double value) {
        boolean angle = BENDS.contains((int) Math.floor(value));
        boolean article = parts.says(i - 1, "a", "the", "long", "hard", "double", "another", "sharp", "street", "of")
                || parts.isThing(i - 1, FindingKind.BEND)
                || parts.is(i - 1, Glue.AGAIN) && parts.says(i - 1, "another");
        boolean turns = (i == 0 || parts.at(i - 1).isSign())
                && parts.as(i + 1, Meaning.Round.class)
                        .filter(r -> r.clock().equals(ClockPosition.at(3))
                                || r.clock().equals(ClockPosition.at(9)))
                        .isPresent();
        turns |= (i == 0 || parts.at(i - 1).isSign()) && parts.says(i + 1, "down", "up", "around");
        boolean stop = parts.isThing(i - 1, FindingKind.LIMIT) && parts.is(i + 1, Glue.AT);
        boolean alone = stop || typed && i == 0 && (parts.says(1, "@") || parts.is(1, Glue.AT));
        return angle
                && (alone || turns || article && !parts.says(i + 1, "foot") || parts.isThing(i + 1, FindingKind.BEND));
    }

    private boolean isPlace(int i, double value, boolean whole) {
        int before = parts.before(i);
        if (value < 1
                && !Character.isDigit(parts.at(i).text().charAt(0))
                && parts.at(i).text().charAt(0) != '.') {
            // "Half" is no place.
            return false;
        }
        if (parts.says(i - 1, "number", "#", "clip", "run", "of")) {
            return false;
        }
        boolean over =
                parts.says(before, "over") && parts.says(before - 1, "is", "are", "walk", "driveway", "lawn", "right");
        boolean placed = over
                || parts.isThing(before, FindingKind.LIMIT)
                        && parts.at(before).text().endsWith(" at")
                || parts.isAny(before, Glue.AT, Glue.FROM, Glue.TO, Glue.AGAIN)
                || parts.says(before, "@")
                || parts.isRough(i - 1) && value >= 3
                || takenBack(i);
        boolean farther = parts.says(i - 1, "than") && parts.says(i - 2, "farther", "further");
        if (placed || farther || parts.says(i + 1, "mark")) {
            return true;
        }
        boolean inList = (parts.says(i - 1, ",") || parts.is(i - 1, Glue.AND))
                && (parts.has(i - 2, Meaning.Place.class)
                        || parts.is(i - 2, Glue.AND) && parts.has(i - 3, Meaning.Place.class));
        boolean closed = parts.isEdge(i + 1) || parts.at(i + 1).isSign() || parts.is(i + 1, Glue.AND);
        boolean onward = parts.says(i - 1, "goes to", "go to", "going to") && hints.anyCondition();
        boolean another = (parts.says(i - 1, ",") || parts.is(i - 1, Glue.AND))
                && closed
                && value >= 3
                && hints.any(Meaning.Place.class)
                && hints.anyMatter()
                && !thingSincePlace(i);
        boolean told = parts.says(i - 1, "thats", "that is") && closed && value >= 3 && hints.anyMatter();
        if (onward || another || told) {
            return true;
        }
        if (inList && (closed || !parts.isThing(i + 1))) {
            return true;
        }
        boolean zero = parts.as(before, Meaning.Doing.class).isPresent() || !whole && hints.anyZero();
        if (zero) {
            return true;
        }
        boolean after = said(i - 1) || parts.says(i - 1, ":") && said(i - 2) || parts.says(i - 1, ",") && said(i - 2);
        boolean leads = opens(i)
                && !parts.says(i - 1, "all")
                && (parts.isThing(i + 1)
                        || parts.has(i + 1, Meaning.Much.class)
                        || parts.at(i + 1).isSign() && value >= 3);
        if (parts.says(i - 1, ",") && closed && value >= 5 && hints.anyMatter() && !hints.any(Meaning.Place.class)) {
            return true;
        }
        if (closed && parts.isEdge(i + 1) && value >= 3 && isUnbroken() && !hints.any(Meaning.Place.class)) {
            // Speech written without a sign ends on its place.
            return hints.anyMatter();
        }
        if (!whole) {
            boolean only = typed
                    && (closed || isFigure(i + 1))
                    && value >= 3
                    && hints.anyMatter()
                    && !hints.any(Meaning.Place.class);
            return after || leads || only || parts.isThing(i + 1) || opens(i);
        }
        return after && (closed || value >= 10 && parts.isThing(i + 1) || parts.has(i + 1, Meaning.Round.class))
                || leads && value >= 10
                || typed && after && value >= 3 && !(parts.isThing(i + 1) && value < 10)
                || typed
                        && (closed || value >= 10)
                        && value >= 3
                        && hints.anyMatter()
                        && !hints.any(Meaning.Place.class);
    }

    /** "Wipes 12.8 80%": the next figure has a sort of its own. */
    private boolean isFigure(int i) {
        return parts.has(i, Meaning.Share.class)
                || parts.has(i, Meaning.Size.class)
                || parts.has(i, Meaning.Round.class);
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
        return parts.isThing(i)
                || parts.has(i, Meaning.Round.class)
                || parts.has(i, Meaning.Much.class)
                || parts.has(i, Meaning.Share.class)
                || parts.has(i, Meaning.Size.class)
                || parts.has(i, Meaning.MadeOf.class)
                || parts.has(i, Meaning.Pipe.class)
                || parts.has(i, Meaning.Angle.class)
                || parts.has(i, Meaning.Deep.class)
                || parts.has(i, Meaning.Said.class)
                || parts.says(i, "ok", "okay", "good", "fine") && parts.isThing(i - 1)
                || parts.has(i, Meaning.Sure.class) && (parts.isEdge(i + 2) || typed)
                || parts.has(i, Meaning.Place.class);
    }

    private boolean thingSincePlace(int i) {
        for (int j = i - 1; j >= 0; j--) {
            if (parts.has(j, Meaning.Place.class)) {
                return false;
            }
            if (parts.isThing(j) || parts.has(j, Meaning.Number.class) || parts.has(j, Meaning.Other.class)) {
                return true;
            }
        }
        return true;
    }
}

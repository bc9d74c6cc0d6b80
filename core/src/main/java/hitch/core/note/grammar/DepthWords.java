package hitch.core.note.grammar;

import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;

/** Tells whether a length is a depth below the ground. */
final class DepthWords {
    /** What is said to be further down than this is further along. */
    private static final Distance DEEPEST_SEWER = Distance.feet(20);

    private final Phrases parts;
    private final Hints hints;

    DepthWords(Phrases parts) {
        this.parts = parts;
        this.hints = new Hints(parts);
    }

    boolean isDepth(int i, boolean placed, Distance length) {
        boolean behind = parts.says(i - 1, "@")
                && isLocating()
                && parts.has(i - 2, Meaning.Number.class)
                && length.compareTo(DEEPEST_SEWER) <= 0;
        if (behind) {
            // "Locate 22.0 @ 3.5 ft".
            return true;
        }
        boolean over = parts.isThing(i - 1, FindingKind.LOCATE) && parts.says(i + 1, "over", "above");
        if (over && length.compareTo(DEEPEST_SEWER) <= 0) {
            return true;
        }
        if (isBareLocate(i) && length.compareTo(DEEPEST_SEWER) <= 0) {
            return true;
        }
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
            return !parts.says(i + 1, "down") || hints.anyThing(FindingKind.LOCATE);
        }
        if (isBefore(i)) {
            return true;
        }
        boolean leads = (parts.says(0, "depth") || parts.says(1, "depth"))
                && !hints.anyThing(FindingKind.STANDING_WATER)
                && !hints.any(Meaning.Deep.class);
        if (leads) {
            return true;
        }
        boolean located = isLocating() && !parts.is(i + 1, Glue.LONG);
        boolean split = parts.at(i).text().matches(".*(?:'|feet|foot|ft)\\s.*\\d.*|.*(?:feet|foot|ft) (?:and )?\\w+.*");
        boolean next = split && parts.isThing(i - 1, FindingKind.LOCATE);
        return next || !placed && (located && otherPlace(i) || split && nearSurface(i) && !hints.anyCondition());
    }

    /** "Locate 3 ft, stake by the gate": with no other number near, what follows the word is the depth that was located. */
    private boolean isBareLocate(int i) {
        boolean at = parts.says(i - 1, "at") && parts.says(i - 2, "locates", "located") && noOtherFigure(i);
        if (at) {
            return true;
        }
        if (!parts.says(i - 1, "locate", "locates")) {
            return false;
        }
        if (parts.isAny(i + 1, Glue.AT) && !parts.says(i + 1, "by", "near") || parts.says(i + 1, "@")) {
            // "Locate 8 ft at 97.6": the place is told behind it.
            return true;
        }
        for (int j = 0; j < parts.size(); j++) {
            if (j != i && parts.at(j).text().matches(".*\\d.*")) {
                return false;
            }
        }
        return true;
    }

    /** "The wye locates at six feet": with no other figure, that is how deep. */
    private boolean noOtherFigure(int i) {
        for (int j = 0; j < parts.size(); j++) {
            boolean figure = parts.has(j, Meaning.Number.class)
                    || parts.has(j, Meaning.Amount.class)
                    || parts.has(j, Meaning.Place.class);
            if (j != i && figure) {
                return false;
            }
        }
        return true;
    }

    /** "Depth is", "depth of" and the like before a number. */
    boolean isBefore(int i) {
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

    private boolean isLocating() {
        for (int i = 0; i < parts.size(); i++) {
            if (parts.isThing(i, FindingKind.LOCATE) && !parts.says(i, "deep")) {
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
}

package hitch.core.talk.place;

import java.util.Set;

/** Numbers of feet that are how deep something lies, how far it goes on, or how much of it is to be done. */
final class LengthNumbers {
    /** Sewers are seldom deeper, feet. */
    private static final double DEEPEST = 15;
    /** Words behind a depth within which its mark is told. */
    private static final int SOON = 10;

    /** Nobody reckons to the inch, feet. */
    private static final double ROUNDED = 1;

    private static final Set<String> MARKS =
            Row.words("flag stake paint chalk painted staked flagged deep underground");
    private static final Set<String> READS_DEPTH = Row.words("depth locator receiver wand sonde");

    private final Row row;

    LengthNumbers(Row row) {
        this.row = row;
    }

    /**
     * Whether so many feet are how deep something lies, or how far something drops or goes on.
     *
     * @param i the number
     * @param next what stands behind it and its unit
     * @param exact whether it was said to the inch
     */
    boolean isDepth(int i, int next, boolean exact) {
        // "Five foot eight, and I've put a blue flag".
        return row.at(i).value() < DEEPEST
                && (isRead(i) || goesDown(i) || goesOn(i) || liesDown(i, next) || exact && isMarked(next));
    }

    /** "From sixteen to sixty-three, so forty-seven feet": the two before it, reckoned. */
    boolean isSum(int i) {
        double from = Double.NaN;
        double to = Double.NaN;
        for (int j = i - 1; j > i - SOON && Double.isNaN(from); j--) {
            if (row.at(j).isNumber()) {
                from = Double.isNaN(to) ? from : row.at(j).value();
                to = Double.isNaN(to) ? row.at(j).value() : to;
            }
        }
        return row.at(i - 1).text().matches("so|about|thats|roughly|or")
                && Math.abs(to - from - row.at(i).value()) <= ROUNDED;
    }

    /** "It's only four feet down there". */
    private boolean liesDown(int i, int next) {
        return row.at(next).text().equals("down")
                && (row.at(i - 1).text().equals("only")
                        || row.at(i - 1).text().equals("just")
                                && row.at(i - 2).text().matches("its|is|thats"));
    }

    private boolean isMarked(int from) {
        for (int j = from; j < from + SOON; j++) {
            if (row.is(j, MARKS)) {
                return true;
            }
        }
        return false;
    }

    /** "The depth there is six feet two", "the locator shows five feet four". */
    private boolean isRead(int i) {
        for (int j = i - 1;
                j > i - SOON
                        && (!row.at(j).isSign() || row.at(j).text().equals(","))
                        && !row.at(j).isNumber();
                j--) {
            if (row.is(j, READS_DEPTH)) {
                return true;
            }
        }
        return false;
    }

    /** "Replace six feet there": so much of it. */
    boolean isToBeDone(int i) {
        int before = i - 1;
        while (row.at(before).text().matches("about|around|maybe|like|roughly|those|that|the|another|at|least|just")) {
            before--;
        }
        return row.at(before)
                .text()
                .matches("replace|replacing|out|cut|remove|line|lining|reline|relay|patch|redo|swap|install");
    }

    /** "A crack that goes on for about two feet": a length. */
    private boolean goesOn(int i) {
        int before = i - 1;
        while (row.at(before).text().matches("about|around|maybe|like|roughly|for|on|another")) {
            before--;
        }
        return row.at(before).text().matches("goes|runs|continues|lasts|keeps")
                && row.at(i + 1).text().matches("feet|foot|ft");
    }

    /** "It goes straight down about three feet": a length. */
    private boolean goesDown(int i) {
        int down = row.at(i - 1).text().matches("about|around|maybe|like|roughly") ? i - 2 : i - 1;
        boolean drops = row.at(down).text().matches("drop|drops|dropped|dropping|fall|falls|fell")
                && row.at(down - 1).text().matches("we|it|i|she|pipe|line|that");
        return drops
                || row.at(down).text().equals("down")
                        && row.at(down - 1).text().matches("straight|drops|drop|goes|dives|falls|stack");
    }
}

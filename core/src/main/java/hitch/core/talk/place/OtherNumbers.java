package hitch.core.talk.place;

import java.util.Set;

/** Numbers among words that are none of the line's: years, houses, how deep something lies. */
final class OtherNumbers {
    /** Sewers are seldom deeper, feet. */
    private static final double DEEPEST = 15;
    /** Words behind a depth within which its mark is told. */
    private static final int SOON = 10;

    /** Nobody lists more by number. */
    private static final int MOST_LISTED = 9;
    /** What is listed is told in so many words. */
    private static final int LIST_WORDS = 40;

    /** Hours on the clock. */
    static final int HOURS = 12;

    /** Words behind an hour within which another is told. */
    private static final int LATELY = 24;

    /** A speaker who counts them calls every foot, or every other. */
    private static final double COUNTED_ON = 2;

    /** Words between two hours. */
    private static final int HOURS_APART = 5;

    /** Lines to a house are seldom wider, inches. */
    private static final int WIDEST_IN = 12;

    private static final Set<String> REDUCERS =
            Row.words("reducer increaser bushing reduces reducing necks opens opening widens");
    private static final Set<String> MARKS =
            Row.words("flag stake paint chalk painted staked flagged deep underground");
    private static final Set<String> READS_DEPTH = Row.words("depth locator receiver wand sonde");
    /** What comes in through the wall. */
    private static final Set<String> ENTRIES =
            Row.words("lateral laterals tap connection service wye tee branch stub tie-in");

    private static final Set<String> STREETS = Row.words(
            "street road lane avenue court drive crescent terrace row place close square way boulevard circle hill bank");

    private static final Set<String> DAYS = Row.words(
            "monday tuesday wednesday thursday friday saturday sunday today tomorrow tonight morning afternoon evening");

    private final Row row;

    OtherNumbers(Row row) {
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

    /** "It's only four feet down there". */
    private boolean liesDown(int i, int next) {
        return row.at(next).text().equals("down")
                && (row.at(i - 1).text().equals("only")
                        || row.at(i - 1).text().equals("just")
                                && row.at(i - 2).text().matches("its|is|thats"));
    }

    /** "Around three, four feet": the first of two that are one place. */
    private boolean isHedged(int i) {
        double on = row.at(i + 2).value() - row.at(i).value();
        return row.at(i + 1).text().equals(",")
                && on > 0
                && on <= COUNTED_ON
                && row.at(i + 3).text().matches("feet|foot|ft")
                && row.at(i - 1).text().matches("about|around|maybe|like|roughly|approximately");
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
        return row.at(before).text().matches("replace|replacing|line|lining|reline|relay|patch|redo|swap|install");
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

    /** "Sunday at five". */
    boolean isTimeOfDay(int i) {
        return row.at(i).value() <= HOURS && row.at(i - 1).text().matches("at|by|around") && row.is(i - 2, DAYS);
    }

    /** "One, regrade it. Two, cut back the tap. Three, the joint": a list, once places were told. */
    private boolean isListed(int i) {
        if (row.at(i).value() < 2 || row.at(i).value() > MOST_LISTED || !beginsStatement(i)) {
            return false;
        }
        int wanted = (int) row.at(i).value() - 1;
        for (int j = i - 1; j > i - LIST_WORDS * MOST_LISTED && j >= 0; j--) {
            boolean one = wanted == 1 && row.at(j).text().equals("one");
            if (beginsStatement(j) && (one || row.at(j).isNumber() && row.at(j).value() == wanted)) {
                if (wanted == 1) {
                    return wasFar(j);
                }
                wanted--;
            }
        }
        return false;
    }

    /** "Pictures are numbered four through eleven". */
    private boolean isNumbered(int i) {
        int from =
                row.at(i - 1).text().matches("through|to|and") && row.at(i - 2).isNumber() ? i - 2 : i;
        return row.at(from - 1).text().matches("numbered|numbers");
    }

    private boolean beginsStatement(int i) {
        return i == 0 || row.at(i - 1).text().matches("[.:;!?]");
    }

    private boolean wasFar(int i) {
        for (int j = 0; j < i; j++) {
            if (row.at(j).isNumber() && row.at(j).value() > HOURS) {
                return true;
            }
        }
        return false;
    }

    /** "Twelve Gannet Row". */
    boolean isHouse(int i) {
        return !row.at(i + 1).isNumber()
                && !row.at(i + 1).isSign()
                && row.is(i + 2, STREETS)
                && (row.at(i + 3).isSign() || row.at(i + 3).text().matches("in|and|for|this|the|we|im|on"))
                && !row.at(i + 1).text().matches("feet|foot|ft|and|the|a|an|its|to|in|at");
    }

    /** Whether a number without a unit is another than a place: an hour, a width, one of a list, or the first of two that are one place. */
    boolean isAnother(int i) {
        return isHour(i) || isWidth(i) || isListed(i) || isNumbered(i) || isHedged(i);
    }

    /** "Nine o'clock round to three": an hour of the clock behind another. */
    private boolean isHour(int i) {
        double hour = row.at(i).value();
        if (hour < 1 || hour > HOURS || hour % 1 != 0) {
            return false;
        }
        if (isHourOfBothSides(i) || isHourOver(i) || isHourOfEntry(i)) {
            return true;
        }
        for (int j = i - 1; j > i - HOURS_APART; j--) {
            if (row.at(j).text().matches("o'?clock")) {
                return true;
            }
            if (!row.at(j).text().matches("round|around|over|to|till|until|through|and|about|clear")) {
                return false;
            }
        }
        return false;
    }

    /** "Some roots at nine o'clock, and another bunch over at three". */
    private boolean isHourOver(int i) {
        boolean over = row.at(i - 1).text().matches("at|by|around")
                && row.at(i - 2).text().equals("over");
        for (int j = i - 1; over && j > i - LATELY; j--) {
            if (row.at(j).text().matches("o'?clock")) {
                return true;
            }
        }
        return false;
    }

    /** "Sixty, lateral at three": where on the wall it comes in, its place being told. */
    private boolean isHourOfEntry(int i) {
        boolean entry = row.at(i - 1).text().equals("at") && row.is(i - 2, ENTRIES);
        for (int j = i - 3; entry && j > i - SOON; j--) {
            if (row.at(j).isNumber()) {
                return row.at(j).value() > HOURS;
            }
        }
        return false;
    }

    /** "On both sides, like at three and nine". */
    private boolean isHourOfBothSides(int i) {
        boolean first = row.at(i + 1).text().equals("and") && row.at(i + 2).value() <= HOURS;
        boolean second = row.at(i - 1).text().equals("and") && row.at(i - 2).value() <= HOURS;
        for (int j = i - 1; j > i - SOON && (first || second); j--) {
            if (row.at(j).text().equals("sides")) {
                return true;
            }
        }
        return false;
    }

    /** "Reducer, six down to four": widths of two pipes. */
    private boolean isWidth(int i) {
        boolean ofTwo = row.at(i + 1).text().matches("to|down|up")
                || row.at(i - 1).text().equals("to");
        for (int j = i - 1; ofTwo && j > i - SOON; j--) {
            if (row.is(j, REDUCERS)) {
                return row.at(i).value() <= WIDEST_IN;
            }
        }
        return false;
    }

    /** "Nineteen forty eight": neither part is a place; nor is "'06", or "06" as ears write it. */
    boolean isYear(int i) {
        return row.at(i).text().matches("'.*|0\\d")
                || isCentury(i) && isInCentury(i + 1) && !isCounting(i)
                || isCentury(i - 1) && isInCentury(i) && !isCounting(i - 1);
    }

    /** "Nineteen, twenty, twenty-one": two distances, one after the other. */
    private boolean isCounting(int i) {
        double on = row.at(i + 1).value() - row.at(i).value();
        return on > 0 && on <= COUNTED_ON && !row.at(i - 1).text().matches("in|since|from|of|built|back|year|around");
    }

    private boolean isCentury(int i) {
        return row.at(i).value() >= 18 && row.at(i).value() <= 20 && row.at(i).value() % 1 == 0;
    }

    private boolean isInCentury(int i) {
        return row.at(i).value() >= 10 && row.at(i).value() <= 99;
    }
}

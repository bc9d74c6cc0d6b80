package hitch.core.talk.place;

import java.util.Set;

/** Numbers among words that are hours of the clock: where on the wall something is. */
public final class HourNumbers {
    /** Hours on the clock. */
    public static final int HOURS = 12;

    /** Words behind an hour within which another is told. */
    private static final int LATELY = 24;

    /** Words between two hours. */
    private static final int HOURS_APART = 5;

    /** Words between a place and an hour of what is there, and between sides and their hours. */
    private static final int SOON = 10;

    /** What comes in through the wall. */
    private static final Set<String> ENTRIES =
            Set.of("lateral", "laterals", "tap", "connection", "service", "wye", "tee", "branch", "stub", "tie-in");

    /** "Then at three", "back at three": a place, and no thing's hour. */
    public static final Set<String> NO_THINGS = Row.words(
            "then and again but now here there back up down also another one ones same like was were that it this so as than starts ends "
                    + "starting ending begins looking look seen is are zero zeroed stop stopped stops");

    /** From this hour on it is over the left shoulder. */
    private static final double LEFT = 8;

    private static final double RIGHT = 4;

    private final Row row;

    HourNumbers(Row row) {
        this.row = row;
    }

    /** "Nine o'clock round to three": an hour of the clock behind another. */
    boolean isOne(int i) {
        double hour = row.at(i).value();
        if (hour < 1 || hour > HOURS || hour % 1 != 0) {
            return false;
        }
        if (isOfBothSides(i) || isOver(i) || isOfEntry(i) || isOfNamed(i) || isBehindItsPlace(i) || isRound(i)) {
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
    private boolean isOver(int i) {
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
    private boolean isOfEntry(int i) {
        boolean entry = row.at(i - 1).text().equals("at") && row.is(i - 2, ENTRIES);
        for (int j = i - 3; entry && j > i - SOON; j--) {
            if (row.at(j).isNumber()) {
                return row.at(j).value() > HOURS;
            }
        }
        return false;
    }

    /** "Thirty-three: bulge at twelve": the line has one place, and begins with it. */
    private boolean isOfNamed(int i) {
        return row.at(i - 1).text().equals("at")
                && !row.at(i - 2).isSign()
                && row.at(i - 3).text().equals(":")
                && row.at(i - 4).isNumber()
                && row.at(i - 4).value() > HOURS;
    }

    /** "16 feet, wall pushed in at 3": the line begins with its place, and has one. */
    private boolean isBehindItsPlace(int i) {
        if (!row.at(i - 1).text().equals("at") || row.at(i - 2).isSign() || row.is(i - 2, NO_THINGS)) {
            return false;
        }
        for (int j = i - 2; j > i - SOON; j--) {
            if (row.at(j).isNumber()) {
                boolean feet = row.at(j + 1).text().matches("feet|foot|ft");
                boolean begins = row.at(j - 1).text().matches("[.!?:;]?")
                        && (feet || row.at(j + 1).isSign());
                // "Three feet, bend at five": farther on, for all that is known.
                boolean behind = row.at(i).value() > row.at(j).value();
                return !behind && (begins || feet && row.at(j).value() > HOURS);
            }
            if (row.at(j).text().matches("[.!?]")) {
                return false;
            }
        }
        return false;
    }

    /** "Open from ten to two": over the top. */
    private boolean isRound(int i) {
        boolean first = isFrom(i - 1) && row.at(i + 1).text().matches("to|and") && isOverTheTop(i, i + 2);
        boolean second = isFrom(i - 3) && row.at(i - 1).text().matches("to|and") && isOverTheTop(i - 2, i);
        return first || second;
    }

    private boolean isFrom(int i) {
        return row.at(i).text().matches("from|between");
    }

    /** Whether an hour is on the left half and another, behind it, on the right. */
    private boolean isOverTheTop(int left, int right) {
        return row.at(left).value() >= LEFT
                && row.at(left).value() <= HOURS
                && row.at(right).value() <= RIGHT;
    }

    /** "On both sides, like at three and nine". */
    private boolean isOfBothSides(int i) {
        boolean first = row.at(i + 1).text().equals("and") && row.at(i + 2).value() <= HOURS;
        boolean second = row.at(i - 1).text().equals("and") && row.at(i - 2).value() <= HOURS;
        for (int j = i - 1; j > i - SOON && (first || second); j--) {
            if (row.at(j).text().equals("sides")) {
                return true;
            }
        }
        return false;
    }
}

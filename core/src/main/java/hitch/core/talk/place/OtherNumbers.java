package hitch.core.talk.place;

import java.util.Set;

/** Numbers among words that are none of the line's: years, houses, times of day, widths. */
final class OtherNumbers {
    /** A speaker who counts them calls every foot, or every other. */
    private static final double COUNTED_ON = 2;

    /** Words between a fitting and the width it leads to. */
    private static final int SOON = 10;

    /** Lines to a house are seldom wider, inches. */
    private static final int WIDEST_IN = 12;

    /** How wide drains are, inches. */
    private static final Set<Double> WIDTHS = Set.of(2.0, 3.0, 4.0, 6.0, 8.0, 10.0, 12.0);

    private static final Set<String> REDUCERS =
            Row.words("reducer increaser bushing reduces reducing necks opens opening widens");

    /** How far fittings turn, degrees. */
    private static final Set<Double> ANGLES = Set.of(22.0, 22.5, 45.0, 60.0, 90.0);

    private static final Set<String> TURNS = Row.words("sweep bend elbow ell turn");

    private static final Set<String> SORTS = Row.words("long short degree hard sharp");

    private static final Set<String> STREETS = Row.words(
            "street road lane avenue court drive crescent terrace row place close square way boulevard circle hill bank");

    private static final Set<String> DAYS = Row.words(
            "monday tuesday wednesday thursday friday saturday sunday today tomorrow tonight morning afternoon evening");

    private final Row row;
    private final HourNumbers hours;
    private final ListNumbers lists;

    OtherNumbers(Row row) {
        this.row = row;
        this.hours = new HourNumbers(row);
        this.lists = new ListNumbers(row);
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

    /** "Sunday at five". */
    boolean isTimeOfDay(int i) {
        return row.at(i).value() <= HourNumbers.HOURS
                && row.at(i - 1).text().matches("at|by|around")
                && row.is(i - 2, DAYS);
    }

    /** "Twelve Gannet Row". */
    boolean isHouse(int i) {
        return !row.at(i + 1).isNumber()
                && !row.at(i + 1).isSign()
                && row.is(i + 2, STREETS)
                && (row.at(i + 3).isSign() || row.at(i + 3).text().matches("in|and|for|this|the|we|im|on"))
                && !row.at(i + 1).text().matches("feet|foot|ft|and|the|a|an|its|to|in|at");
    }

    /** Whether a number without a unit is another than a place: an hour, a width, an angle, one of a list, or the first of two that are one place. */
    boolean isAnother(int i) {
        return hours.isOne(i) || isWidth(i) || lists.isListed(i) || lists.isNumbered(i) || isHedged(i) || isAngle(i);
    }

    /** "Ten. Ninety, long sweep, right": the place is told, and this is how far it turns. */
    private boolean isAngle(int i) {
        if (ANGLES.contains(row.at(i).value()) && isBehindTurn(i)) {
            return true;
        }
        boolean placed = row.at(i - 1).isSign()
                && row.at(i - 2).isNumber()
                && row.at(i - 3).isSign();
        int turn = row.at(i + 1).isSign() ? i + 2 : i + 1;
        boolean turns = row.is(turn, TURNS) || row.is(turn, SORTS) && row.is(turn + 1, TURNS);
        return placed && turns && ANGLES.contains(row.at(i).value());
    }

    /** "Bend left, forty-five". */
    private boolean isBehindTurn(int i) {
        int side = row.at(i - 1).text().equals(",") ? i - 2 : i - 1;
        int turn = row.at(side).text().matches("left|right|up|down") ? side - 1 : side;
        return row.is(turn, TURNS) && !row.at(i + 1).text().matches("feet|foot|ft");
    }

    /** "It steps up to four": how wide it is from here. */
    private boolean isStepTo(int i) {
        return WIDTHS.contains(row.at(i).value())
                && row.at(i - 1).text().equals("to")
                && row.at(i - 2).text().matches("up|down|out")
                && row.at(i - 3).text().matches("steps?|jumps?|bumps?|necks?|reduces|opens");
    }

    /** "Reducer, six down to four": widths of two pipes. */
    private boolean isWidth(int i) {
        if (isStepTo(i)) {
            return true;
        }
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

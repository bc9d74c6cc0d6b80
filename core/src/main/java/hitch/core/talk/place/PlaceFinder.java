package hitch.core.talk.place;

import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Finds the numbers that may be distances along the run, and tells by the words about them how likely each is. */
final class PlaceFinder {
    /** Nobody pushes a camera farther, feet. */
    private static final double FARTHEST = 700;

    private static final Set<String> FEET = Row.words("feet foot ft footer foots");
    private static final Set<String> METRES = Row.words("metres meters metre meter");
    private static final Set<String> INCHES = Row.words("inch inches in");
    private static final Set<String> RANGE = Row.words("to through thru till until -");
    /** "From twelve to forty-eight" is said of places, forwards and backwards. */
    private static final double FROM_TO = 1;

    /** "Thirteen and change". */
    private static final Set<String> A_LITTLE_MORE = Row.words("change some");

    private static final Set<String> SAYS = Row.words("say about like maybe around");

    private final Row row;
    private final LengthUnit unit;
    private final StandsAlone alone;
    private final PlaceWeight weight;
    private final OtherNumbers other;
    private final LengthNumbers lengths;
    private final List<PlaceSaid> found = new ArrayList<>();

    private PlaceFinder(Row row, LengthUnit unit, boolean signs) {
        this.row = row;
        this.unit = unit;
        this.alone = new StandsAlone(row, signs);
        this.weight = new PlaceWeight(row, alone);
        this.other = new OtherNumbers(row);
        this.lengths = new LengthNumbers(row);
    }

    /** In the order in which they were said. */
    static List<PlaceSaid> find(Row row, LengthUnit unit, boolean signs) {
        PlaceFinder finder = new PlaceFinder(row, unit, signs);
        int i = 0;
        while (i < row.size()) {
            i = row.at(i).isNumber() ? finder.number(i) : i + 1;
        }
        return finder.found;
    }

    /** @return the item to go on with */
    private int number(int i) {
        double value = row.at(i).value();
        if (value > FARTHEST
                || value > 0 && value < 1
                || value < 0
                || other.isYear(i)
                || other.isHouse(i)
                || other.isTimeOfDay(i)) {
            return i + 1;
        }
        int next = i + 1;
        boolean feet = row.is(next, FEET);
        // "8.0 m" as it is written.
        boolean metres = row.is(next, METRES)
                || row.at(next).text().equals("m")
                        && Character.isDigit(row.at(i).text().charAt(0));
        boolean measured = feet || metres;
        if (!measured && other.isAnother(i)) {
            return next;
        }
        if (measured) {
            next++;
        }
        double inches = 0;
        int unitAt = next;
        if (feet) {
            int more = row.at(next).text().matches(",|and") ? next + 1 : next;
            boolean said = row.at(more).isNumber()
                    && row.at(more).value() < 12
                    && row.at(more).value() % 1 == 0
                    && !row.is(more + 1, FEET)
                    && !(row.is(more + 1, RANGE) && row.at(more + 2).isNumber())
                    && (row.is(more + 1, INCHES) || more == next && !row.is(more + 1, PlaceWeight.OTHER_AFTER));
            if (said) {
                inches = row.at(more).value();
                next = row.is(more + 1, INCHES) ? more + 2 : more + 1;
            }
        }
        boolean even = row.at(next).text().equals("even");
        if (even) {
            next++;
        } else if (row.at(next).text().equals("and") && row.is(next + 1, A_LITTLE_MORE)) {
            next += 2;
        }
        if (measured
                && (lengths.isDepth(i, next, inches > 0 || even)
                        || lengths.isToBeDone(i) && !row.is(next, RANGE)
                        || lengths.isSum(i))) {
            return next;
        }
        double weight = this.weight.of(i, next, unitAt, measured);
        if (weight <= 0) {
            return next;
        }
        Distance first = distance(value, metres, feet).plus(Distance.inches(inches));
        int range = row.isSound(next) ? next + 1 : next;
        if (row.is(range, StandsAlone.ON_TO)
                && row.is(range + 1, RANGE)
                && row.is(row.is(i - 1, SAYS) ? i - 2 : i - 1, StandsAlone.FROM)) {
            // "From sixteen out to sixty-three".
            range++;
        }
        int second = row.isSound(range + 1) ? range + 2 : range + 1;
        boolean both =
                row.at(range).text().equals("and") && row.at(i - 1).text().equals("between");
        boolean ranges = (both || row.is(range, RANGE)) && row.at(second).isNumber();
        if (ranges && !measured && row.at(second + 1).text().matches("inch|inches")) {
            // "Two to three inch" is a size.
            return second + 2;
        }
        if (ranges && row.at(second).value() > value && !row.is(second + 1, PlaceWeight.OTHER_AFTER)) {
            int last = row.is(second + 1, FEET) ? second + 2 : second + 1;
            int from = row.is(i - 1, SAYS) ? i - 2 : i - 1;
            boolean led = row.is(from, StandsAlone.FROM);
            // "A coat of grease from four to nine" tells its place behind it.
            boolean bare = (led ? alone.beginsIt(from) : alone.beforeStretch(i)) && alone.edge(last);
            weight += led ? FROM_TO : 0;
            found.add(new PlaceSaid(
                    first,
                    distance(row.at(second).value(), metres, feet),
                    row.at(i).start(),
                    row.at(last - 1).end(),
                    weight + 1,
                    bare));
            return last;
        }
        found.add(
                new PlaceSaid(first, first, row.at(i).start(), row.at(next - 1).end(), weight, alone.is(i, next)));
        return next;
    }

    private Distance distance(double value, boolean metres, boolean feet) {
        if (metres || !feet && unit == LengthUnit.METRES) {
            return Distance.metres(value);
        }
        return Distance.feet(value);
    }
}

package hitch.core.talk.place;

import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;

/** Finds the numbers that may be distances along the run, and tells by the words about them how likely each is. */
final class PlaceFinder {
    /** Nobody pushes a camera farther, feet. */
    private static final double FARTHEST = 700;

    private static final Set<String> FEET = Row.words("feet foot ft footer foots");
    private static final Set<String> METRES = Row.words("metres meters metre meter");
    private static final Set<String> INCHES = Row.words("inch inches in");
    /** What other numbers are followed by. */
    private static final Set<String> OTHER_AFTER =
            Row.words("inch inches percent % oclock degree degrees year years month months week weeks day days minute "
                    + " minutes min hour hours second seconds time times bath baths bathroom bathrooms bed beds bedroom "
                    + " bedrooms dollars gallon gallons pound pounds people guys story stories tooth blade x way ways of "
                    + " lengths sticks pieces places spots joints cleanouts toilets heads unit units "
                    + " hundred thousand street road lane avenue court drive crescent terrace row place close square cutter "
                    + " chain th st nd rd am pm size sided weigh psi fives fittings connections photos pictures "
                    + " footers lines pipes houses schedule o quarter quarters thirds thirty sixteen ninety "
                    + " forty sweeps els elbows wyes tees drops ones ");

    private static final Set<String> OTHER_BEFORE = Row.words(
            "depth job number unit apartment lot suite ticket every each another than a an these those all both per "
                    + " schedule sdr minus plus $ # version model truck crew invoice order route highway "
                    + " other first last pick big little");
    /** Words after "feet" that make it a length or a distance from elsewhere. */
    private static final Set<String> LENGTH_AFTER = Row.words(
            "of long deep off from away left short apart past beyond further farther more over wide tall high up "
                    + " cable before after underground belly sag crack piece pieces section sections stick sticks lengths length ahead "
                    + " behind total down out back or outside inside under below above deeper square hose ladder pole reel "
                    + " upstream downstream stretch run drop riser to either each "
                    + " toward towards");

    /** "Thirty-five feet, belly starts": such a thing begins or ends there and is not so long. */
    private static final Set<String> BEGINS = Row.words("starts start begins begin ends end stops");

    /** "Forty-four feet, back to clay": what one comes to there. */
    private static final Set<String> INTO = Row.words("to in into on onto");

    private static final Set<String> AT = Row.words("at around @");
    private static final Set<String> SMALL = Row.words(
            "okay ok so and now alright right then about well yeah yep here im were coming back again roughly "
                    + " call it says going by that thats is gone almost just go on come see past we are approximately");
    private static final Set<String> LEADING = Row.words("about approximately thats that's its it's is now");
    private static final Set<String> GOES_ON =
            Row.words("and then so okay ok alright now i i'm im we we're but there there's theres going first next");
    private static final Set<String> ANEW = Row.words("there theres here heres now were im its");
    private static final Set<String> COUNTER = Row.words("counter footage");
    private static final Set<String> READS = Row.words("reads says shows is");
    /** What was read off the counter is a place, whatever was passed before. */
    private static final double READING = 3;

    private static final Set<String> RANGE = Row.words("to through thru till until -");
    /** "From twelve to forty-eight" is said of places, forwards and backwards. */
    private static final double FROM_TO = 1;

    private static final Set<String> ON_TO = Row.words("out on up down clear");
    private static final Set<String> SAYS = Row.words("say about like maybe around");
    /** So many words before a number and behind it tell whether the text has signs there. */
    private static final int ABOUT = 8;

    private static final Set<String> LONG_THINGS =
            Row.words("sweep sweeping radius turn bend crack fracture split hair hairs root roots belly sag");
    private static final Set<String> WORK = Row.words("dig fix repair replace line reline patch excavate");
    private static final Set<String> FROM = Row.words("from between");

    private final Row row;
    private final LengthUnit unit;
    private final boolean signs;
    private final OtherNumbers other;
    private final List<PlaceSaid> found = new ArrayList<>();

    /** Whether words say nothing of their own, but lead to a place: "okay so at". */
    static boolean isLead(String words) {
        return Stream.of(words.toLowerCase(Locale.ROOT)
                        .replaceAll("[^a-z ]", "")
                        .strip()
                        .split("\\s+"))
                .allMatch(w -> w.isEmpty() || SMALL.contains(w) || LEADING.contains(w) || AT.contains(w));
    }

    private PlaceFinder(Row row, LengthUnit unit, boolean signs) {
        this.row = row;
        this.unit = unit;
        this.signs = signs;
        this.other = new OtherNumbers(row);
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
        boolean metres = row.is(next, METRES);
        boolean measured = feet || metres;
        if (!measured && (other.isHour(i) || other.isWidth(i))) {
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
                    && (row.is(more + 1, INCHES) || more == next && !row.is(more + 1, OTHER_AFTER));
            if (said) {
                inches = row.at(more).value();
                next = row.is(more + 1, INCHES) ? more + 2 : more + 1;
            }
        }
        boolean even = row.at(next).text().equals("even");
        if (even) {
            next++;
        }
        if (measured && other.isDepth(i, next, inches > 0 || even)) {
            return next;
        }
        double weight = weight(i, next, unitAt, measured);
        if (weight <= 0) {
            return next;
        }
        Distance first = distance(value, metres, feet).plus(Distance.inches(inches));
        int range = row.isSound(next) ? next + 1 : next;
        if (row.is(range, ON_TO) && row.is(range + 1, RANGE) && row.is(row.is(i - 1, SAYS) ? i - 2 : i - 1, FROM)) {
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
        if (ranges && row.at(second).value() > value && !row.is(second + 1, OTHER_AFTER)) {
            int last = row.is(second + 1, FEET) ? second + 2 : second + 1;
            boolean bare = before(i) && edge(last);
            weight += row.is(row.is(i - 1, SAYS) ? i - 2 : i - 1, FROM) ? FROM_TO : 0;
            found.add(new PlaceSaid(
                    first,
                    distance(row.at(second).value(), metres, feet),
                    row.at(i).start(),
                    row.at(last - 1).end(),
                    weight + 1,
                    bare));
            return last;
        }
        boolean bare = !isAt(wordBefore(i))
                && !row.is(wordBefore(i), FROM)
                && !isToBeWorkedOn(i)
                && before(i)
                && (signs(i)
                        ? edge(next) || beginsAnew(next) || row.at(i).isDecimal() || isFigureThatLeads(i)
                        : !endsWhatWasSaid(i, next));
        found.add(
                new PlaceSaid(first, first, row.at(i).start(), row.at(next - 1).end(), weight, bare));
        return next;
    }

    /** "..., 24 roots": figures with which a part begins, as ears write down a place that was said by itself. */
    private boolean isFigureThatLeads(int i) {
        return row.at(i).isFigures() && (hardBefore(i) || row.at(i - 1).text().equals(","));
    }

    /** Whether there are signs about a number; what ears wrote down has them here and there. */
    private boolean signs(int i) {
        return signs && row.hasSignsAbout(i, ABOUT);
    }

    /** "There's a wye on my right that's nine and a half, and": without signs, such words before it and behind it end a statement with it. */
    private boolean endsWhatWasSaid(int i, int next) {
        boolean last = row.at(next).text().equals(".") && !beginsIt(i);
        return last || row.is(wordBefore(i), LEADING) && row.is(next, GOES_ON);
    }

    /** Whether nothing but small words stand between the end of a statement and a number. */
    private boolean beginsIt(int i) {
        int at = i - 1;
        while (row.is(at, SMALL) || row.isSound(at)) {
            at--;
        }
        return row.at(at).text().equals(".") || row.at(at).isNumber();
    }

    /** "Forty and there's the tap": what follows is a statement of its own. */
    private boolean beginsAnew(int next) {
        return row.at(next).text().equals("and") && row.is(next + 1, ANEW);
    }

    /** The word before, past commas and sounds of thinking. */
    private int wordBefore(int i) {
        int at = i - 1;
        while (row.isSound(at) || row.at(at).text().equals(",")) {
            at--;
        }
        return at;
    }

    /** "At", but for "all around" and "all the way around". */
    private boolean isAt(int i) {
        return row.is(i, AT) && !row.at(wordBefore(i)).text().matches("all|way");
    }

    /** "Dig up thirty-five": the place of what is to be done, and nothing is told there. */
    private boolean isToBeWorkedOn(int i) {
        int verb = row.is(i - 1, ON_TO) ? i - 2 : i - 1;
        return row.is(verb, WORK);
    }

    private Distance distance(double value, boolean metres, boolean feet) {
        if (metres || !feet && unit == LengthUnit.METRES) {
            return Distance.metres(value);
        }
        return Distance.feet(value);
    }

    private double weight(int i, int next, int unitAt, boolean measured) {
        boolean edge = edge(next);
        // "Thirty feet, long sweep": the bend is long.
        boolean longThing = row.at(unitAt).text().equals("long") && row.is(unitAt + 1, LONG_THINGS);
        boolean length = !longThing && row.is(unitAt, LENGTH_AFTER) && !edge(unitAt)
                || row.is(next, LENGTH_AFTER) && !edge(next);
        boolean goesOn = row.at(unitAt).text().matches("up|down")
                && row.at(unitAt + 1).text().matches("it|there|theres|we|i|is|youve|you");
        boolean begins = row.is(unitAt + 1, BEGINS)
                || row.at(unitAt).text().equals("out")
                        && row.at(unitAt + 1).text().equals("of")
                || row.at(unitAt).text().equals("back") && row.is(unitAt + 1, INTO);
        // "Thirty foot, more roots": not so many feet more.
        boolean moreOf = row.at(unitAt).text().equals("more")
                && !edge(unitAt + 1)
                && !row.at(unitAt + 1).text().matches("of|to|and|than|before|until|till|or|feet|foot|if|pipe|cable");
        if (measured && length && !goesOn && !begins && !moreOf) {
            return 0;
        }
        if (!(measured && moreOf)
                && row.at(next).text().matches("more|others|different")
                && row.at(i).value() < 10) {
            return 0;
        }
        boolean joined = row.at(next).text().equals("-") && row.is(next + 1, OTHER_AFTER);
        boolean others = joined
                || row.is(next, OTHER_AFTER)
                || row.at(next).text().equals("in") && !edge(next + 1)
                || row.at(next).text().equals("deep");
        if (!measured && others) {
            return 0;
        }
        if (row.is(i - 1, OTHER_BEFORE) || row.at(i).value() >= 400 && !measured) {
            return 0;
        }
        double weight = signs(i) ? 0.6 : 1;
        weight += row.at(i).isDecimal() || isFigureThatLeads(i) ? 0.5 : 0;
        weight += hardBefore(i) ? 1.5 : 0;
        weight += edge && (signs(i) || !row.at(next).text().equals(".")) || beginsAnew(next) ? 1 : 0;
        weight += measured ? 1 : 0;
        int led = wordBefore(i);
        boolean at = isAt(led) || row.at(led).text().matches("about|approximately") && isAt(wordBefore(led));
        weight += at ? 1.5 : 0;
        weight += isReading(led) ? READING : 0;
        weight += row.at(i).text().contains("half") ? 0.5 : 0;
        return weight;
    }

    /** "The counter reads eleven and a half." */
    private boolean isReading(int i) {
        return row.is(i, READS) && row.is(i - 1, COUNTER);
    }

    private boolean edge(int i) {
        return row.at(i).isSign() && !row.at(i).text().matches("[/#$%\"-]") || row.isSound(i);
    }

    /** Whether a sentence begins with it, but for small words. */
    private boolean hardBefore(int i) {
        int at = i - 1;
        int small = 0;
        while (row.is(at, SMALL) && small < 4) {
            at--;
            small++;
        }
        return edge(at) && !row.at(at).text().equals(",") || !signs(i) && small > 0;
    }

    private boolean before(int i) {
        return hardBefore(i)
                || !signs(i)
                || row.at(i).isDecimal()
                || row.at(i - 1).text().equals(",");
    }
}
